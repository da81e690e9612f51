import { joinRules, type Block, type Declarations, type Rules } from '../markup/css';
import { px, rem } from '../lengths/length';
import { dressedCss } from '../properties/dress';
import { AS_IT_COMES } from '../properties/property';

/** The forms in which a menu is shown. */
export const shownAsLabels = {
  row: 'row',
  scrolling: 'row that scrolls sideways',
  cells: 'equal cells',
  column: 'column',
  columns: 'columns',
  button: 'menu button',
};
export type ShownAs = keyof typeof shownAsLabels;

/** How each form stands: whether there is a list, which way it runs, and what becomes of an entry's children. */
const forms: Record<
  ShownAs,
  { list: boolean; direction: string; below: 'dropped' | 'indented' | 'under a heading' | 'left out' }
> = {
  row: { list: true, direction: 'row', below: 'dropped' },
  // What scrolls clips what hangs out of it, so nothing drops down there.
  scrolling: { list: true, direction: 'row', below: 'left out' },
  cells: { list: true, direction: 'row', below: 'dropped' },
  column: { list: true, direction: 'column', below: 'indented' },
  columns: { list: true, direction: 'row', below: 'under a heading' },
  button: { list: false, direction: 'column', below: 'indented' },
};

/** How a menu stands with the logo that it draws itself. */
export const withLogoLabels = {
  around: 'half before it, half after it',
  after: 'after it, in one row',
  below: 'in a row below it',
};
export type WithLogo = keyof typeof withLogoLabels;

/** The same in few words, behind the form of a menu. */
export const withLogoSummary: Record<WithLogo, string> = {
  around: ' around the logo',
  after: ' behind the logo',
  below: ' below the logo',
};

/** The columns of a menu with its logo: halves share the rest, so that the logo is truly centred between them. */
export function withLogoColumns(stands: WithLogo): string {
  return { around: '1fr auto 1fr', after: 'auto auto', below: 'auto' }[stands];
}

/** How a menu and its logo stand to each other; says nothing of a menu that draws none. */
export function withLogoCss(stands: WithLogo | null): Declarations {
  return {
    'align-items': stands === null ? AS_IT_COMES : 'center',
    'justify-items': stands === 'below' ? 'center' : AS_IT_COMES,
  };
}

/** What of how a menu stands with its logo is a matter of the markup: where in its list the logo is. */
export function withLogoMarkup(stands: WithLogo | null): string {
  if (stands === null) return '';
  return stands === 'around' ? ' between' : ' first';
}

/** What of a type style headings of columns take: the CSS property and the part of the style. */
export const headingParts = [
  ['font-weight', 'weight'],
  ['font-size', 'size'],
  ['text-transform', 'case'],
] as const;

/** Whether the children of an entry show without being asked for: in a form where they stand in the flow, unless its lines are turned. */
export function belowDisplay(shownAs: ShownAs, turned: boolean): string {
  const { below } = forms[shownAs];
  return below === 'dropped' || below === 'left out' || turned ? 'none' : 'block';
}

/** A drop-down hangs below its entry; the children of an open list stand in the flow. */
function belowCss(dropped: boolean, indent: string): Declarations {
  return {
    position: dropped ? 'absolute' : 'static',
    padding: dropped ? '0.5rem' : `0 0 0 ${indent}`,
    'background-color': dropped ? 'var(--ground)' : 'transparent',
    color: dropped ? 'var(--ink)' : 'inherit',
    border: dropped ? '1px solid var(--line)' : '0',
    'border-radius': dropped ? 'var(--below-radius, var(--radius-small))' : '0',
    'box-shadow': dropped ? 'var(--below-shadow, var(--shadow-high))' : 'none',
  };
}

/** The entries of the first level as headings of columns, in the type style that the menu has for these. */
function headingCss(headed: boolean): Declarations {
  return Object.fromEntries(
    headingParts.map(([css, part]) => [
      css,
      headed ? `var(--heading-${part}, var(--type-column-${part}))` : 'inherit',
    ]),
  );
}

/** The rules of a form. Every form names the same selectors and properties, so that each can take back another's. */
function formCss(value: ShownAs): Rules {
  const { list, direction, below } = forms[value];
  const dropped = below === 'dropped';
  const headed = below === 'under a heading';
  const cells = value === 'cells';
  const scrolls = value === 'scrolling';
  return {
    '& .menu-list': {
      display: list ? 'flex' : 'none',
      'flex-direction': direction,
      'flex-wrap': headed ? 'wrap' : 'nowrap',
      'overflow-x': scrolls ? 'auto' : 'visible',
      // Room for the outline of what has the focus.
      padding: scrolls ? px(SCROLLING.padding) : '0',
      animation: scrolls ? 'scrolled-edges linear both' : 'none',
      'animation-timeline': scrolls ? 'scroll(self inline)' : 'auto',
    },
    '& .menu-list > li': { display: dropped ? 'flex' : 'block', flex: cells ? '1 1 0' : '0 1 auto' },
    '& .menu-list > li > .menu-link': {
      ...headingCss(headed),
      'inline-size': cells ? '100%' : 'fit-content',
      'justify-content': cells ? 'center' : 'normal',
      'text-align': cells ? 'center' : 'start',
    },
    '& .menu-list > li > .menu-below': belowCss(dropped, headed ? '0' : rem(INDENT)),
    '& .menu-toggle': { display: dropped ? 'inline-grid' : 'none' },
    '& > .menu-button': { display: value === 'button' ? 'inline-flex' : 'none' },
  };
}

/** A row that scrolls sideways, in CSS px: how wide it is at least, and the room beside its items. */
export const SCROLLING = { least: 120, padding: 4 };

/** The button behind which items go for want of room: dressed as an item, its sign behind its label. */
export const moreCss: Rules = {
  '.menu-more > .menu-toggle': {
    display: 'inline-grid',
    'grid-template-columns': 'auto auto',
    'column-gap': '0.5em',
    'inline-size': 'auto',
    'block-size': 'auto',
    'align-self': 'stretch',
    'align-content': 'center',
  },
  '.menu-more > .menu-toggle::before': { 'grid-area': '1 / 2' },
  '.menu-more > .menu-toggle > .menu-label': { 'grid-area': '1 / 1' },
  '.menu-more > .menu-toggle::after': { 'grid-column': '1' },
};

/** Beside the edges of a row that scrolls, no bar is shown. */
export const scrollingCss: Rules = {
  '.menu-list': { 'scrollbar-width': 'none' },
  "[dir='rtl'] .menu-list": { 'animation-direction': 'reverse' },
};

/** The edges of a row that scrolls fade where there is more: at its end at first, at both, at its start at last (Scroll-driven Animations 1). */
export const scrollingBlock: Block = {
  at: '@keyframes scrolled-edges',
  inside: [
    { '0%': { 'mask-image': fade('#000, #000 calc(100% - 2rem), #0000') } },
    { '1%, 99%': { 'mask-image': fade('#0000, #000 2rem, #000 calc(100% - 2rem), #0000') } },
    { '100%': { 'mask-image': fade('#0000, #000 2rem, #000') } },
  ],
};

function fade(stops: string): string {
  return `linear-gradient(90deg, ${stops})`;
}

/** By how much what stands below an entry is indented, in CSS px at the usual text size. */
export const INDENT = 16;

/** The width of the button that opens a drop-down, in CSS px. */
export const TOGGLE_WIDTH = 24;

/** Items that have an icon as that alone; their label is still read out. */
export function signsAloneCss(value: boolean): Rules {
  const link = '& .menu-list > li > .menu-link:has(> .icon)';
  const other = (css: string) => (value ? css : AS_IT_COMES);
  return {
    [link]: { 'column-gap': other('0') },
    [`${link}::after`]: { display: other('none') },
    [`${link} > .menu-label`]: {
      position: other('absolute'),
      'inline-size': other('1px'),
      'block-size': other('1px'),
      overflow: other('hidden'),
      'clip-path': other('inset(50%)'),
    },
  };
}

/** The width of the sign on a button that opens a drop-down, in CSS px at the usual text size. */
export const TOGGLE_SIGN = 6.4;

/** A row is what every menu is, unless its form says otherwise. */
const rowCss = formCss('row');

/** What a form says other than a row, as the values of a menu have it. */
export function shownAsCss(value: ShownAs): Rules {
  const entries = Object.entries(formCss(value)).map(([selector, declarations]) => {
    const said = Object.entries(declarations).map(([name, css]) => [
      name,
      rowCss[selector]![name] === css ? AS_IT_COMES : css,
    ]);
    return [selector, Object.fromEntries(said)];
  });
  return Object.fromEntries(entries);
}

/** What a row says that is so anyway: only said by forms that are otherwise. */
const anyway = ['overflow-x', 'padding', 'animation', 'animation-timeline'];

/** The same for `.menu` itself. */
const rowOfMenu = Object.fromEntries(
  Object.entries(rowCss).map(([selector, declarations]) => [
    selector.replace('&', '.menu'),
    Object.fromEntries(Object.entries(declarations).filter(([name]) => !anyway.includes(name))),
  ]),
);

/** The rules that every menu shares. */
export const menuCss: Rules = joinRules(rowOfMenu, {
  '.menu': { display: 'grid' },
  '.menu ul': { margin: '0', padding: '0', 'list-style': 'none' },
  '.menu-list > li': { 'align-items': 'stretch' },
  '.menu li': { position: 'relative' },
  '.menu-link': {
    display: 'block',
    'inline-size': 'fit-content',
    color: 'inherit',
    'text-decoration': 'none',
    'white-space': 'nowrap',
    // In a bar that is stretched to full height an item is as high as the bar, its text on the middle line.
    'align-content': 'center',
    ...dressedCss,
  },
  // The width of the label in its heaviest state, where one is heavier: no height, and nothing to be seen or said.
  '.menu-link::after': {
    display: 'block',
    // Under the label where signs stand beside it.
    'grid-column': '2',
    'block-size': '0',
    // What is clipped, other than what is hidden, still keeps its column from getting narrower (CSS Grid 2, 6.6).
    overflow: 'clip',
    visibility: 'hidden',
  },
  '.menu-link:has(> .menu-label)': {
    display: 'grid',
    'grid-template-columns': 'auto auto 1fr',
    'align-items': 'center',
    'column-gap': '0.5em',
  },
  '.menu-label': { 'grid-column': '2' },
  '.menu-badge': {
    'justify-self': 'start',
    padding: '0.1em 0.5em',
    'border-radius': 'var(--radius-round)',
    'background-color': 'var(--accent)',
    color: 'var(--on-accent)',
    'font-size': '0.75em',
    'line-height': '1.4',
  },
  '.menu-description': {
    display: 'none',
    'grid-column': '2 / -1',
    'max-inline-size': '32ch',
    'font-size': '0.875em',
    'white-space': 'normal',
  },
  '.menu-toggle': {
    'align-self': 'center',
    'place-content': 'center',
    'inline-size': rem(TOGGLE_WIDTH),
    'block-size': rem(TOGGLE_WIDTH),
  },
  '.menu-toggle::before': {
    content: '""',
    'inline-size': rem(TOGGLE_SIGN),
    'block-size': rem(TOGGLE_SIGN),
    border: 'solid currentcolor',
    'border-width': '0 2px 2px 0',
    rotate: '45deg',
    translate: '0 -25%',
  },
  '.menu-toggle[aria-expanded="true"]::before': { rotate: '225deg', translate: '0 25%' },
  '.menu-list > li > .menu-below': {
    display: 'none',
    'z-index': 'var(--layer-drop-down, 20)',
    'min-inline-size': 'max-content',
    'inset-block-start': '100%',
  },
  '.menu-list > li:is(:last-child, :has(+ .menu-more:last-child)) > .menu-below': { 'inset-inline-end': '0' },
  '.footer .menu-list > li > .menu-below': { 'inset-block': 'auto 100%' },
  '.menu-below .menu-below': { 'padding-inline-start': rem(INDENT) },
  '.menu-logo img': { 'block-size': '40px' },
  '.menu-button': {
    'justify-self': 'start',
    'align-items': 'center',
    gap: '0.6em',
    padding: '0.6em 0.8em',
    border: '1px solid currentcolor',
    'border-radius': 'var(--radius-small)',
  },
  '.menu-sign': {
    'inline-size': '1.1em',
    'block-size': '0.8em',
    'border-block': '2px solid',
    position: 'relative',
  },
  '.menu-sign::after': {
    content: '""',
    position: 'absolute',
    'inset-inline': '0',
    'inset-block-start': 'calc(50% - 1px)',
    'border-block-start': '2px solid',
  },
});
