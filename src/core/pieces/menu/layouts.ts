import type { Layout, Layouts, Track } from '../../boxes/layout';
import { extremes, EVERY_WIDTH, leastOf, scaled, type Length } from '../../lengths/formula';
import { TARGET } from '../../properties/target';
import { besideLogo } from '../brand-logo';
import type { Counts } from '../piece';
import { badgeLayout } from './badge';
import { cardLayouts } from './card';
import { belowLayouts, nestedLayouts, type LaidBelow } from './below';
import { menuButtonLayouts, type LaidButton } from './button';
import { forms, SCROLLING, type WithLogo } from './forms';
import { inRow, type LeavingValues } from './leaving';

/** What of a menu's values decides where its boxes stand. */
export interface LaidValues extends LeavingValues, LaidButton, LaidBelow {
  logoHeight: Length;
  itemGap: Length;
  itemGapLeast: Length | null;
  itemPaddingBlock: Length;
  itemPaddingInline: Length;
  signsAlone: boolean;
  takesRest: boolean;
}

/** Whether a length is less than another at some width of the viewport. */
function narrower(one: Length, other: Length): boolean {
  return extremes({ sum: [one, scaled(other, -1)] }, EVERY_WIDTH).least < 0;
}

/** How narrow the gaps of a menu may get, where that is narrower than it has them. */
function leastGap({ shownAs, around, turned, itemGap, itemGapLeast }: LaidValues): Length | null {
  const plain = shownAs === 'row' && !around && !turned;
  return plain && itemGapLeast !== null && narrower(itemGapLeast, itemGap) ? itemGapLeast : null;
}

/** What a gap loses where it gets as narrow as it may. */
function lostGap(gap: Length, least: Length): Length {
  return typeof gap === 'number' && typeof least === 'number'
    ? gap - Math.min(gap, least)
    : { greatest: [0, { sum: [gap, scaled(least, -1)] }] };
}

/** The column of a list, and that of a half of one. */
interface ListTracks {
  whole: Track;
  half: Track;
}
const asContent: ListTracks = { whole: 'auto', half: { fr: 1 } };
/** What scrolls has no least width by what is in it. */
const scrolled: ListTracks = {
  whole: { least: SCROLLING.least, most: 'max-content' },
  half: { least: SCROLLING.least, most: { fr: 1 } },
};

/** The columns of a menu with its logo: halves share the rest, so that the logo is truly centred between them. */
const withLogoColumns: Record<WithLogo, (list: ListTracks) => readonly Track[]> = {
  around: ({ half }) => [half, 'auto', half],
  after: ({ whole }) => ['auto', whole],
  below: ({ whole }) => [whole],
};

/** The columns of a menu; one of the list alone where nothing is said. */
function columnsOf(values: LaidValues, counts: Counts): readonly Track[] | undefined {
  const { shownAs, around, itemGap } = values;
  const scrolls = shownAs === 'scrolling';
  if (around) return withLogoColumns[around](scrolls ? scrolled : asContent);
  if (scrolls) return [scrolled.whole];
  const least = leastGap(values);
  if (least === null) return undefined;
  // A second column as wide as the gaps may lose is the first to go; the items spread over what both have.
  const gaps = Math.max(0, inRow(values, counts) - 1);
  return ['auto', { least: 0, most: scaled(lostGap(itemGap, least), gaps) }];
}

/** Whether the menu takes the free space of its bay by its form: equal cells fill the width, and so do halves around a logo. */
export const fillsBay = ({ shownAs, around }: Pick<LaidValues, 'shownAs' | 'around'>) =>
  shownAs === 'cells' || around === 'around';

/** Where the boxes of a menu stand. */
export function menuLayouts(values: LaidValues, counts: Counts) {
  const { shownAs, around, turned, itemGap } = values;
  const { list, direction, below } = forms[shownAs];
  const [headed, cells] = [below === 'under a heading', shownAs === 'cells'];
  // Below each other, links are as wide as their row, and high enough for a finger (WCAG 2.2, 2.5.5 Target Size (Enhanced)).
  const stacked = (shownAs === 'column' || headed) && !turned;
  const least = leastGap(values);
  return {
    '': {
      display: 'grid',
      gridTemplateColumns: columnsOf(values, counts),
      alignItems: around ? 'center' : undefined,
      justifyItems: around === 'below' ? 'center' : undefined,
      justifyContent: least === null ? undefined : 'start',
      flexGrow: values.takesRest || fillsBay(values) ? 1 : undefined,
      // Below each other, a long label has lines of its own.
      whiteSpace: shownAs === 'column' && !turned ? 'normal' : 'nowrap',
    },
    '.menu-list': {
      display: list ? 'flex' : 'none',
      flexDirection: direction === 'column' ? 'column' : undefined,
      flexWrap: headed ? 'wrap' : undefined,
      gap: least === null ? itemGap : leastOf(itemGap, least),
      gridColumn: least === null ? undefined : '1 / -1',
      justifyContent: least === null ? undefined : 'space-between',
      // Where it is in the middle it would be as wide as what is in it: nothing to scroll, and no cells of one width.
      justifySelf: (shownAs === 'scrolling' || cells) && around === 'below' ? 'stretch' : undefined,
      // Room for the outline of what has the focus.
      padding: shownAs === 'scrolling' ? SCROLLING.padding : undefined,
    },
    // What scrolls begins where it can be scrolled to.
    '.menu-list:has(+ .menu-logo)': {
      justifyContent: around === 'around' && shownAs !== 'scrolling' ? 'end' : undefined,
    },
    '.menu-link': {
      display: 'block',
      inlineSize: stacked ? '100%' : 'fit-content',
      minBlockSize: stacked ? TARGET : undefined,
      // In a bar that is stretched to full height an item is as high as the bar, its text on the middle line.
      alignContent: 'center',
      paddingBlock: values.itemPaddingBlock,
      paddingInline: values.itemPaddingInline,
    },
    '.menu-link:has(> .menu-label)': {
      display: 'grid',
      gridTemplateColumns: ['auto', 'auto', { fr: 1 }],
      alignItems: 'center',
      columnGap: { em: 0.5 },
    },
    '.menu-list > li > .menu-link': {
      // The button beside it keeps its size.
      flexGrow: cells ? 1 : undefined,
      justifyContent: cells ? 'center' : undefined,
      textAlign: cells ? 'center' : undefined,
    },
    '.menu-list > li > .menu-link:has(> .icon)': { columnGap: values.signsAlone ? 0 : undefined },
    '.menu-label': { gridColumn: '2' },
    '.menu-badge': badgeLayout,
    '.menu-description': {
      display: 'none',
      gridColumn: '2 / -1',
      maxInlineSize: { ch: 32 },
      fontSize: { em: 0.875 },
      whiteSpace: 'normal',
    },
    ...belowLayouts(values),
    // What stands behind “more” has its own lists below it.
    ...(counts.nested || values.behind > 0 ? nestedLayouts(values) : {}),
    ...(counts.cards ? cardLayouts(values) : {}),
    '.menu-logo': besideLogo(shownAs === 'button' ? 'compact' : 'full'),
    '.menu-logo img': { blockSize: values.logoHeight },
    ...menuButtonLayouts(values, shownAs === 'button'),
  } as const satisfies Layouts;
}

/** The button behind which items go for want of room: dressed as an item, its sign behind its label. */
export const moreLayout = {
  display: 'inline-grid',
  gridTemplateColumns: ['auto', 'auto'],
  columnGap: { em: 0.5 },
  inlineSize: 'auto',
  blockSize: 'auto',
  alignSelf: 'stretch',
  alignContent: 'center',
} as const satisfies Layout;
