import type { Layouts, Track } from '../../boxes/layout';
import { boxCss } from '../../lengths/formula';
import { rem } from '../../lengths/length';
import { AS_IT_COMES, type CssNode, type Declarations, type Rules } from '../../markup/css';
import { choiceKind } from '../../properties/kinds/choice';
import { colourKind } from '../../properties/kinds/colour';
import { flagKind } from '../../properties/kinds/flag';
import { lengthKind } from '../../properties/kinds/length';
import { numberKind } from '../../properties/kinds/number';
import { optionalKind } from '../../properties/kinds/optional';
import { referenceKind } from '../../properties/kinds/reference';
import { property, propertyList, type CssNames, type ValuesOf } from '../../properties/property';
import { TARGET } from '../../properties/target';
import type { HangingSide, HangsAt } from '../piece';
import { forms, headingParts } from './forms';
import { toggleSignLabels } from './toggle-sign';
import { isUnfolding, unfoldingProperties, type LaidColumn } from './unfolding';
import { unless } from './unless';

/** How wide a drop-down is. */
const widthLabels = {
  own: 'as what is in it, at least as its item',
  content: 'as the content of its bar',
  bar: 'as its bar',
};
type PanelWidth = keyof typeof widthLabels;

/** The edges of its item that a drop-down stands at. */
const alignLabels = { start: 'its start', middle: 'its middle', end: 'its end' };

const drop = { group: 'Drop-down', by: 'width' } as const;
const look = { group: 'Drop-down', by: null } as const;

const colour = (value: string, names: CssNames) => (value === 'none' ? 'transparent' : names.token(value));

/**
 * What lets what hangs from items stand as wide as their bar: neither they nor anything between holds it. What keeps its place in a bar
 * that changes its height (properties/scroll.ts) does so again when nothing is open.
 */
export function besideBar(items: string, is: boolean): Rules {
  const open = '.menu-toggle[aria-expanded="true"]';
  return {
    [items]: { position: unless(!is, 'static') },
    [`&:has(${open}), .bay:has(& ${open})`]: { position: unless(!is, 'static') },
    '.bar:has(&)': { position: unless(!is, 'relative') },
    '& .menu-toggle[aria-expanded="false"] + .menu-below': { 'transition-duration': unless(!is, '0s') },
  };
}

/** What a designer sets of what stands below the items of a menu. */
export const belowProperties = propertyList(
  unfoldingProperties,
  property({
    ...look,
    name: 'opensBy',
    label: 'Opens by',
    kind: choiceKind({ click: 'a click, a touch or a key', pointing: 'pointing at it too' }),
    initial: 'click',
    css: (value) => ({ '&': { '--points': unless(value === 'click', '1') } }),
  }),
  property({
    ...drop,
    name: 'panel',
    label: 'Form',
    kind: choiceKind({ list: 'a list', columns: 'a panel of columns' }),
    initial: 'list',
    css: (value) => ({
      '&': { '--below-as': unless(value === 'list', 'grid') },
      // Its second level are headings of columns.
      '& .menu-below > li > .menu-link:has(~ .menu-below)': Object.fromEntries(
        headingParts.map(([css, part]) => [
          css,
          unless(value === 'list', `var(--heading-${part}, var(--type-column-${part}))`),
        ]),
      ),
    }),
  }),
  property({
    ...drop,
    name: 'panelColumns',
    label: 'Columns',
    kind: numberKind(1, 8, ''),
    initial: 3,
    aside: ({ panel }) => (panel === 'list' ? 'in panels of columns' : null),
  }),
  property({
    ...drop,
    name: 'panelWidth',
    label: 'Width',
    kind: choiceKind(widthLabels),
    initial: 'own',
    css: (value) => besideBar('& .menu-list > li', value !== 'own'),
  }),
  property({
    ...drop,
    name: 'belowAlign',
    label: 'Stands at',
    kind: choiceKind(alignLabels),
    initial: 'start',
    aside: ({ panelWidth }) =>
      panelWidth === 'content' || panelWidth === 'bar' ? 'as wide as its bar' : null,
  }),
  property({
    ...drop,
    name: 'belowGap',
    label: 'Below its item or bar by',
    kind: lengthKind(0, 80),
    initial: 0,
    css: (value) => ({ '&': { '--below-gap': unless(value === 0, boxCss(value)) } }),
  }),
  property({
    ...drop,
    name: 'belowMost',
    label: 'At most high',
    kind: optionalKind(lengthKind(80, 2000), 'as the window'),
    initial: null,
    css: (value) => ({ '&': { '--below-most': value === null ? AS_IT_COMES : boxCss(value) } }),
  }),
  property({
    ...look,
    name: 'panelGround',
    label: 'Ground',
    kind: colourKind(),
    initial: 'ground',
    css: (value, names) => ({
      '&': { '--below-ground': unless(value === 'ground', colour(value, names)) },
    }),
  }),
  property({
    ...look,
    name: 'panelInk',
    label: 'Ink',
    kind: colourKind(),
    initial: 'ink',
    css: (value, names) => ({ '&': { '--below-ink': unless(value === 'ink', colour(value, names)) } }),
  }),
  property({
    ...look,
    name: 'panelLine',
    label: 'Line around it',
    kind: optionalKind(referenceKind('borders'), 'none'),
    initial: 'border-hairline',
    css: (value, names) => ({
      '&': {
        '--below-line': value === null ? '0' : unless(value === 'border-hairline', names.token(value)),
      },
    }),
  }),
  property({
    ...look,
    name: 'belowShadow',
    label: 'Shadow',
    kind: optionalKind(referenceKind('shadows'), 'none'),
    initial: 'shadow-high',
    css: (value, names) => ({
      '&': {
        '--below-shadow': value === null ? 'none' : unless(value === 'shadow-high', names.token(value)),
      },
    }),
  }),
  property({
    ...look,
    name: 'belowRadius',
    label: 'Corners',
    kind: referenceKind('radii'),
    initial: 'radius-small',
    css: (value, names) => ({
      '&': { '--below-radius': unless(value === 'radius-small', names.token(value)) },
    }),
  }),
  property({
    ...look,
    name: 'belowMotion',
    label: 'Comes and goes',
    kind: choiceKind({ none: 'at once', fade: 'fading', drop: 'dropping' }),
    initial: 'none',
    css: (value) => ({
      '&': {
        '--below-takes': unless(value === 'none', 'var(--duration-quick)'),
        '--below-faint': unless(value === 'none', '0'),
        '--below-from': unless(value !== 'drop', '0 -0.5rem'),
      },
    }),
  }),
  property({
    ...look,
    name: 'toggleSign',
    label: 'Sign beside the item',
    kind: choiceKind(toggleSignLabels),
    initial: 'chevron',
    // It also turns where lists go level by level: `toggleSignCss`.
  }),
  property({
    ...drop,
    name: 'descriptions',
    label: 'Descriptions',
    kind: flagKind('left out', 'shown'),
    initial: false,
  }),
);
export type BelowValues = ValuesOf<typeof belowProperties>;

/** What of its values decides where the parts of what stands below stand. */
export interface LaidBelow extends LaidColumn {
  panel: 'list' | 'columns';
  panelColumns: number;
  panelWidth: PanelWidth;
  descriptions: boolean;
}

/** By how much what stands below an entry is indented, and the button that opens a drop-down, in CSS px at the usual text size. */
const INDENT = { rem: 16 };
export const TOGGLE = { rem: 24 };

/** What is around the items of a drop-down, and between the columns of one, in CSS px at the usual text size. */
const PADDING = { list: { rem: 8 }, columns: { rem: 16 } };

/** Whether drop-downs have headings of columns. */
export const hasHeads = ({ shownAs, panel }: Pick<LaidBelow, 'shownAs' | 'panel'>) =>
  forms[shownAs].below === 'dropped' && panel === 'columns';

/** Whether a drop-down is as wide as what is in it; else it is as wide as its bar. */
const asContent = ({ panelWidth }: Pick<LaidBelow, 'panelWidth'>) => panelWidth === 'own';

/** The columns of a panel: as wide as what is in them, or sharing the width of the bar. */
function panelTracks(values: LaidBelow): Track[] {
  const track: Track = asContent(values) ? 'auto' : { least: 0, most: { fr: 1 } };
  return Array.from({ length: values.panelColumns }, () => track);
}

/** Where what stands below items stands, and the buttons that open it. */
export function belowLayouts(values: LaidBelow) {
  const { shownAs, turned, panel } = values;
  const { below } = forms[shownAs];
  const [dropped, headed] = [below === 'dropped', below === 'under a heading'];
  const unfolding = isUnfolding(values);
  const open = !dropped && below !== 'left out' && !turned;
  const columns = dropped && panel === 'columns';
  const foldable = unfolding ? ([{ fr: 1 }, 'auto'] as const) : undefined;
  return {
    '.menu-list > li': {
      display: dropped ? 'flex' : unfolding ? 'grid' : 'block',
      gridTemplateColumns: foldable,
      flex: shownAs === 'cells' ? '1 1 0' : undefined,
    },
    '.menu-below > li': {
      display: unfolding ? 'grid' : undefined,
      gridTemplateColumns: foldable,
    },
    '.menu-toggle': {
      display: dropped || unfolding ? 'inline-grid' : 'none',
      alignSelf: 'center',
      placeContent: 'center',
      inlineSize: unfolding ? TARGET : TOGGLE,
      blockSize: unfolding ? TARGET : TOGGLE,
    },
    '.menu-below .menu-toggle': { display: unfolding ? undefined : 'none' },
    '.menu-list > li > .menu-below': {
      display: open && !unfolding ? 'block' : 'none',
      gridTemplateColumns: columns ? panelTracks(values) : undefined,
      gap: columns ? PADDING.columns : undefined,
      gridColumn: unfolding ? '1 / -1' : undefined,
      // Shared out, columns let long labels have lines of their own.
      whiteSpace: columns && !asContent(values) ? 'normal' : undefined,
      padding: dropped ? PADDING[panel] : 0,
      paddingInlineStart: open && !headed ? INDENT : undefined,
    },
    '.menu-below .menu-below': {
      display: unfolding ? 'none' : undefined,
      gridColumn: unfolding ? '1 / -1' : undefined,
      paddingInlineStart: columns ? 0 : INDENT,
    },
    '.menu-below .menu-link': { inlineSize: 'auto' },
    '.menu-below .menu-description': { display: values.descriptions ? 'block' : undefined },
  } as const satisfies Layouts;
}

/** How much of the window stays free below a drop-down, in CSS px at the usual text size. */
export const FREE_BELOW = 8;

/** A drop-down hangs below its entry; the children of an open list stand in the flow. Each with what it is there. */
const hangingLook: Record<string, readonly [dropped: string, inFlow: string]> = {
  position: ['absolute', 'static'],
  'background-color': ['var(--below-ground, var(--ground))', 'transparent'],
  color: ['var(--below-ink, var(--ink))', 'inherit'],
  border: ['var(--below-line, var(--border-hairline))', '0'],
  'border-radius': ['var(--below-radius, var(--radius-small))', '0'],
  'box-shadow': ['var(--below-shadow, var(--shadow-high))', 'none'],
  'max-block-size': [
    `min(var(--below-most, 100vh), 100vh - var(--header-height, 0px) - ${rem(FREE_BELOW)})`,
    'none',
  ],
  overflow: ['hidden auto', 'visible'],
  opacity: ['var(--below-faint, 1)', '1'],
  translate: ['var(--below-from, none)', 'none'],
};

/** How what is below an entry looks where it drops down, or stands in the flow. */
export const belowCss = (dropped: boolean): Declarations =>
  Object.fromEntries(Object.entries(hangingLook).map(([name, css]) => [name, css[dropped ? 0 : 1]]));

const asItsContent = {
  'margin-inline': '0',
  'inline-size': '100%',
  'min-inline-size': 'max-content',
  'white-space': 'inherit',
};
const shared = { ...asItsContent, 'inline-size': 'auto', 'min-inline-size': '0', 'white-space': 'normal' };

/** How what hangs stands at each side of its item, or as wide as its bar: the same properties for each. */
export const sideCss: Record<HangingSide, Declarations> = {
  start: { 'inset-inline': '0 auto', ...asItsContent },
  end: { 'inset-inline': 'auto 0', ...asItsContent },
  middle: { ...asItsContent, 'inset-inline': '-50vw', 'margin-inline': 'auto' },
  across: { 'inset-inline': 'var(--gutter)', ...shared },
  content: { 'inset-inline': 'max(var(--gutter), (100% - var(--content-width)) / 2)', ...shared },
  bar: { 'inset-inline': '0', ...shared },
};

/** Where drop-downs hang unless something else was worked out for them (render/stylesheet/hanging-css.ts). */
export const hangingCss: Declarations = {
  'overscroll-behavior': 'contain',
  'z-index': 'var(--layer-drop-down, 20)',
  ...sideCss.start,
  'inset-block-start': 'calc(100% + var(--below-gap, 0px))',
};

/** How drop-downs want to stand: at an edge of their items, or as wide as their bar. */
export const hangsAt = ({
  panelWidth,
  belowAlign,
}: Pick<BelowValues, 'panelWidth' | 'belowAlign'>): HangsAt =>
  panelWidth === 'content' || panelWidth === 'bar' ? panelWidth : belowAlign;

/** The same as CSS. */
export function hangingSideCss(values: BelowValues): Rules {
  const own = sideCss[hangsAt(values)];
  const said = Object.entries(own).map(([name, css]) => [name, unless(sideCss.start[name] === css, css)]);
  return { '& .menu-list > li > .menu-below': Object.fromEntries(said) };
}

/** What opens: a list, or a panel of columns. */
export const belowOpenCss: Rules = {
  '.menu-toggle[aria-expanded="true"] + .menu-below': { display: 'var(--below-as, block)' },
};

/** What is open where no script opens anything. */
export const belowUnscriptedCss: Rules = {
  '.menu-list > li:is(:hover, :focus-within) > .menu-toggle + .menu-below': {
    display: 'var(--below-as, block)',
  },
  '.menu-list .menu-below': { display: 'var(--unscripted-below, revert-layer)' },
};

/** How drop-downs come and go where they do so in time. */
export const movingCss: readonly CssNode[] = [
  {
    '.menu-list > li > .menu-below': {
      transition: 'var(--below-takes, 0s) var(--easing-settle) allow-discrete',
      'transition-property': 'opacity, translate, display',
    },
    '.menu-list > li > [aria-expanded="true"] + .menu-below': { opacity: '1', translate: 'none' },
  },
  {
    at: '@starting-style',
    inside: [
      {
        '.menu-list > li > [aria-expanded="true"] + .menu-below': {
          opacity: 'var(--below-faint, 1)',
          translate: 'var(--below-from, none)',
        },
      },
    ],
  },
];
