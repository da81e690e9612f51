import type { Site } from '../../site/site';

/** What stands in the folder of components, for those who put it into an application. */
export function readmeOf(site: Site, notices: boolean): string {
  const example = [
    "import { SiteDrawers, SiteFooter, SiteHeader, useSite } from './components';",
    '',
    'export function Layout({ page, children }: { page: string; children: React.ReactNode }) {',
    '  useSite(page);',
    '  const site = { page, link: Link };',
    '  return (',
    '    <>',
    '      <SiteHeader {...site} />',
    '      <main id="content">{children}</main>',
    '      <SiteFooter {...site} />',
    '      <SiteDrawers {...site} />',
    '    </>',
    '  );',
    '}',
  ];
  return [
    `# ${site.name}: header, drawers and footer for React 19`,
    '',
    '- `components/` is compiled with the application. `SiteHeader`, `SiteFooter` and `SiteDrawers` draw what stands on a page; each header, footer and drawer is a component in a file of its own.',
    '- `public/` is served from the root of the site: the stylesheet `site.css` with its fonts, artwork and files.',
    '',
    '```tsx',
    ...example,
    '```',
    '',
    '- `page` is the path of the page, such as `/`, the same in every language; `pages` lists them. It marks links to the page and to what it stands below, and decides which header and footer stand on it.',
    `- \`language\` is one of ${site.languages.map((language) => `\`${language}\``).join(', ')}. Pages of the first stand at the root, those of another below its name.`,
    '- `link` is what links to pages of the site are made of. It is given `href` and everything else that an `a` is given; an `a` as it comes.',
    '- `address` makes of a path from the root the address that is written, where the site stands below a path or on another host.',
    '- `<link rel="stylesheet" href="/site.css" />` belongs into the head of every page.',
    ...(notices
      ? [
          '- `<script src="/notices.js"></script>` belongs there too: it leaves out notices that were dismissed before they are seen.',
        ]
      : []),
    '- A dialog that shows the content of a page holds what stands in for that: put your own into its component.',
    '- `useSite(page)`, or `<SiteScript page={page} />` where the layout is rendered on a server alone, does what is done by script. Everything can be reached without it.',
    '',
  ].join('\n');
}
