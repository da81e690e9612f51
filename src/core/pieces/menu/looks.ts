import { joinRules, type Block, type Declarations, type Rules } from '../../markup/css';
import { layoutCss, sizeCss } from '../../boxes/layout';
import { dressedCss } from '../../properties/dress';
import { AS_IT_COMES } from '../../markup/css';
import { menuButtonCss } from './button';
import { TOGGLE } from './below';
import { hangingCss, hangingLookCss } from '../drop-down/hanging';
import { chevronCss, chevronOpenCss } from '../chevron';
import { forms, headingParts, type ShownAs } from './forms';
import { moreLayout } from './layouts';
import { bareList } from '../bare-list';

/** The entries of the first level as headings of columns, in the type style that the menu has for these: what their states say wins over it. */
function headingCss(headed: boolean): Declarations {
  return Object.fromEntries(
    headingParts.map(([, part]) => [
      `--head-${part}`,
      headed ? `var(--heading-${part}, var(--type-column-${part}))` : 'initial',
    ]),
  );
}

/** The animation that fades the edges of a row that scrolls, where the browser knows what drives it. */
const SCROLLED_EDGES = '--scrolled-edges';

/** The link of an entry beside which a button opens the drop-down. */
const BESIDE_TOGGLE = '.menu-list > li > .menu-link:has(+ .menu-toggle)';

/** What a form looks like. Every form names the same selectors and properties, so that each can take back another's. */
function formCss(value: ShownAs): Rules {
  const { below } = forms[value];
  const scrolls = value === 'scrolling';
  return {
    '& .menu-list': {
      'overflow-x': scrolls ? 'auto' : 'visible',
      animation: scrolls ? `var(${SCROLLED_EDGES}, none)` : 'none',
      'animation-timeline': scrolls ? 'scroll(self inline)' : 'auto',
      ...headingCss(below === 'under a heading'),
    },
    // The ground of an entry goes on below the button that stands beside it.
    [`& ${BESIDE_TOGGLE}::before`]: { content: below === 'dropped' ? '""' : 'none' },
    '& .menu-list > li > .menu-below': hangingLookCss(below === 'dropped'),
  };
}

/** Entries that are headings at some width, and elsewhere as the others. */
export const headsCss: Rules = {
  '.menu-list > li > .menu-link': Object.fromEntries(
    headingParts.map(([css, part]) => [css, `var(--head-${part}, inherit)`]),
  ),
};

/** The button behind which items go for want of room: dressed as an item, its sign behind its label. */
export const moreCss: Rules = {
  '.menu-more > .menu-toggle': layoutCss(moreLayout),
  '.menu-more > .menu-toggle::before': { 'grid-area': '1 / 2' },
  '.menu-more > .menu-toggle > .menu-label': { 'grid-area': '1 / 1' },
  '.menu-more > .menu-toggle::after': { 'grid-column': '1' },
};

/** Beside the edges of a row that scrolls, no bar is shown. */
export const scrollingCss: Rules = {
  '.menu-list': { 'scrollbar-width': 'none' },
  "[dir='rtl'] .menu-list": { 'animation-direction': 'reverse' },
};

/**
 * The edges of a row that scrolls fade where there is more: at its end at first, at both, at its start at last (Scroll-driven
 * Animations 1). Without a timeline the animation would stand at its end from the start.
 */
export const scrollingBlocks: Block[] = [
  {
    at: '@supports (animation-timeline: scroll())',
    inside: [{ ':root': { [SCROLLED_EDGES]: 'scrolled-edges linear both' } }],
  },
  {
    at: '@keyframes scrolled-edges',
    inside: [
      { '0%': { 'mask-image': fade('#000, #000 calc(100% - 2rem), #0000') } },
      { '1%, 99%': { 'mask-image': fade('#0000, #000 2rem, #000 calc(100% - 2rem), #0000') } },
      { '100%': { 'mask-image': fade('#0000, #000 2rem, #000') } },
    ],
  },
];

function fade(stops: string): string {
  return `linear-gradient(90deg, ${stops})`;
}

/** Items that have an icon as that alone; their label is still read out. */
export function signsAloneCss(value: boolean): Rules {
  const link = '& .menu-list > li > .menu-link:has(> .icon)';
  const other = (css: string) => (value ? css : AS_IT_COMES);
  return {
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
const anyway = [
  'overflow-x',
  'animation',
  'animation-timeline',
  '--below-least',
  ...headingParts.map(([, part]) => `--head-${part}`),
];

/** The same for `.menu` itself. */
const rowOfMenu = Object.fromEntries(
  Object.entries(rowCss).map(([selector, declarations]) => [
    selector.replace('& ', ''),
    Object.fromEntries(Object.entries(declarations).filter(([name]) => !anyway.includes(name))),
  ]),
);

/** What every menu looks like. */
export const menuCss: Rules = joinRules(rowOfMenu, menuButtonCss, {
  '.menu ul': bareList,
  '.menu li': { position: 'relative' },
  '.menu-link': { color: 'inherit', 'text-decoration': 'none', ...dressedCss },
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
  '.menu-badge': {
    'border-radius': 'var(--radius-round)',
    'background-color': 'var(--accent)',
    color: 'var(--on-accent)',
  },
  [BESIDE_TOGGLE]: { isolation: 'isolate', position: 'relative' },
  [`${BESIDE_TOGGLE}::before`]: {
    position: 'absolute',
    'z-index': '-1',
    inset: '0',
    'inset-inline-end': `-${sizeCss(TOGGLE)}`,
    'background-color': 'inherit',
    'border-radius': 'inherit',
  },
  '.menu-toggle': { position: 'relative' },
  '.menu-toggle::before': chevronCss,
  '.menu-toggle[aria-expanded="true"]::before': chevronOpenCss,
  '.menu-list > li > .menu-below': hangingCss,
});
