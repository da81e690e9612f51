import { rem } from '../../lengths/length';
import { BAR_IN_ROW } from '../../properties/assembly';
import { unless, type CssNode, type Declarations, type Rules } from '../../markup/css';
import type { HangingSide, HangsFromBar, HangsFromItem } from '../piece';

/** How much of the window stays free below a drop-down, in CSS px at the usual text size. */
export const FREE_BELOW = 8;

/** What is around the items of a list that drops down, in CSS px at the usual text size: by so much a list beside it begins before its item. */
export const LIST_PADDING = 8;

/** What a list looks like that hangs from an item or a button, and one that stands in the flow. */
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
  // In the flow a long label has lines of its own.
  '--below-least': ['initial', '0'],
};

/** How a list looks where it drops down, or stands in the flow: the same properties either way. */
export const hangingLookCss = (dropped: boolean): Declarations =>
  Object.fromEntries(Object.entries(hangingLook).map(([name, css]) => [name, css[dropped ? 0 : 1]]));

const asItsContent = {
  'margin-inline': '0',
  'inline-size': '100%',
  'min-inline-size': 'var(--below-least, max-content)',
  'white-space': 'inherit',
};
const shared = { ...asItsContent, 'inline-size': 'auto', 'min-inline-size': '0', 'white-space': 'normal' };

/** How far the content of a bar is from its edges. */
const contentInset = 'max(var(--gutter), (100% - var(--content-width)) / 2)';

/** At the content of a bar, as wide as what is in it and no wider than that (CSS Positioned Layout 3, 4: auto margins take what is left). */
const atContent = (margin: string): Declarations => ({
  ...shared,
  'inset-inline': contentInset,
  'margin-inline': margin,
  'inline-size': 'fit-content',
});

/** How what hangs stands at each side of its item, at its bar, or as wide as what holds it: the same properties for each. */
export const sideCss: Record<HangingSide, Declarations> = {
  start: { 'inset-inline': '0 auto', ...asItsContent },
  end: { 'inset-inline': 'auto 0', ...asItsContent },
  middle: { ...asItsContent, 'inset-inline': '-50vw', 'margin-inline': 'auto' },
  across: { 'inset-inline': 'var(--gutter)', ...shared },
  barStart: atContent('0 auto'),
  barMiddle: atContent('auto'),
  barEnd: atContent('auto 0'),
  content: { 'inset-inline': contentInset, ...shared },
  bar: { 'inset-inline': '0', ...shared },
  window: { 'inset-inline': '0', ...shared },
};

/** Whether what hangs stands at its item, not as wide as its bar or the window. */
export const isFromItem = (side: HangingSide): side is HangsFromItem =>
  side === 'start' || side === 'middle' || side === 'end';

/** What share of the room that is left in the content of a bar is before what hangs at it. */
export const shareBefore: Readonly<Record<HangsFromBar, number>> = { barStart: 0, barMiddle: 0.5, barEnd: 1 };

/** Whether what hangs stands at the content of its bar, as wide as what is in it. */
export const isFromBar = (side: HangingSide): side is HangsFromBar => Object.hasOwn(shareBefore, side);

/** Whether what hangs is held by the header, drawer or footer as a whole where its bars share a row; else by its bar. */
export const isAcrossBars = (side: HangingSide): boolean => side === 'across' || side === 'window';

/** Where drop-downs hang unless something else was worked out for them (render/stylesheet/hanging-css.ts). */
export const hangingCss: Declarations = {
  'overscroll-behavior': 'contain',
  'z-index': 'var(--layer-drop-down, 20)',
  ...sideCss.start,
  'inset-block-start': 'calc(100% + var(--below-gap, 0px))',
};

/**
 * What holds what hangs from items: they, or their bar, and then nothing between does; or, where bars share a row, what they stand in.
 * What keeps its place in a bar that changes its height (properties/scroll.ts) does so again when nothing is open.
 */
export const heldFrom =
  (toggle: string, list: string) =>
  (items: string, side: HangingSide): Rules => {
    const is = !isFromItem(side);
    const open = `${toggle}[aria-expanded="true"]`;
    return {
      [items]: { position: unless(!is, 'static') },
      [`&:has(${open}), .bay:has(& ${open})`]: { position: unless(!is, 'static') },
      '.bar:has(&)': {
        position: unless(!is, isAcrossBars(side) ? `var(${BAR_IN_ROW}, relative)` : 'relative'),
      },
      [`& ${toggle}[aria-expanded="false"] + ${list}`]: { 'transition-duration': unless(!is, '0s') },
    };
  };

/** Where they hang in a footer: above. */
export const hangingAboveCss: Declarations = { 'inset-block': 'auto calc(100% + var(--below-gap, 0px))' };

/** How drop-downs come and go where they do so in time; `list` is the selector of what hangs, `open` that of one that is open. */
const movingCss = (list: string, open: string): readonly CssNode[] => [
  {
    [list]: {
      transition: 'var(--below-takes, 0s) var(--easing-settle) allow-discrete',
      'transition-property': 'opacity, translate, display',
    },
    [open]: { opacity: '1', translate: 'none' },
  },
  {
    at: '@starting-style',
    inside: [{ [open]: { opacity: 'var(--below-faint, 1)', translate: 'var(--below-from, none)' } }],
  },
];

/** How wide and high an arrow mark is, in CSS px at the usual text size. */
const ARROW = { wide: 16, high: 8 };

/** The arrow mark between an item that is open and what hangs from it. */
const arrowCss = (item: string): Rules => ({
  [`${item}::after`]: {
    content: '""',
    display: 'none',
    position: 'absolute',
    'z-index': '21',
    'inset-inline': '0',
    'inset-block': `calc(100% + var(--below-gap, 0px) - ${rem(ARROW.high)}) auto`,
    'margin-inline': 'auto',
    'inline-size': rem(ARROW.wide),
    'block-size': rem(ARROW.high),
    'background-color': 'var(--below-ground, var(--ground))',
    'clip-path': 'polygon(50% 0, 100% 100%, 0 100%)',
    'pointer-events': 'none',
  },
  [`.footer ${item}::after`]: {
    'inset-block': `auto calc(100% + var(--below-gap, 0px) - ${rem(ARROW.high)})`,
    rotate: '180deg',
  },
});

/** Whether the arrow marks of items are seen; the same properties either way. */
export const arrowSeenCss = (items: string, seen: boolean): Rules => ({
  [`${items}::after`]: { display: unless(!seen, 'block') },
});

/** What only drop-downs with some looks need of rules, for a kind whose lists hang from items: `item` is one that is open. */
export const someHangingCss = (list: string, open: string, item: string) =>
  [
    {
      css: movingCss(list, open),
      when: ({ belowMotion }: { belowMotion: string }) => belowMotion !== 'none',
    },
    { css: [arrowCss(item)], when: ({ belowArrow }: { belowArrow: boolean }) => belowArrow },
  ] as const;
