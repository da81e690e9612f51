import type { ThemeConfig } from 'antd';

/** The colours of the look; the same values stand in theme.css as custom properties. */
export const look = {
  paper: '#f7f3ea',
  sheet: '#fdfbf6',
  ink: '#26323a',
  quiet: '#646158',
  line: '#d6cfbf',
  copper: '#8f4a1e',
  copperWash: '#f3e5d8',
  brick: '#9b2d20',
  moss: '#4f6b34',
} as const;

const interfaceFont = '"Hanken Grotesk", system-ui, sans-serif';

/** Ant Design in our look: square corners, hairlines, no shadows, one accent. */
export const theme: ThemeConfig = {
  token: {
    colorPrimary: look.copper,
    colorInfo: look.copper,
    colorLink: look.copper,
    colorError: look.brick,
    colorSuccess: look.moss,
    colorText: look.ink,
    colorTextDescription: look.quiet,
    colorTextPlaceholder: look.quiet,
    colorTextDisabled: '#7c786d',
    colorBorder: look.line,
    colorBorderSecondary: look.line,
    colorBgContainer: look.sheet,
    colorBgElevated: look.sheet,
    colorBgLayout: look.paper,
    fontFamily: interfaceFont,
    fontSize: 13,
    controlHeight: 28,
    controlHeightSM: 24,
    borderRadius: 2,
    borderRadiusLG: 2,
    borderRadiusSM: 2,
    boxShadow: 'none',
    boxShadowSecondary: `0 0 0 1px ${look.ink}`,
    boxShadowTertiary: 'none',
    // A list that still moves lets clicks through to what lies below it.
    motion: false,
    wireframe: false,
  },
  components: {
    Button: { primaryShadow: 'none', defaultShadow: 'none', dangerShadow: 'none', fontWeight: 500 },
    Modal: { titleFontSize: 15 },
    Select: { optionSelectedBg: look.copperWash, optionSelectedColor: look.ink },
    Tooltip: { colorBgSpotlight: look.ink, fontSize: 12 },
  },
};
