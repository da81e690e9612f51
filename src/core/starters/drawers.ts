import type { Said, SaidBar, SaidPiece } from '../site/compose';
import type { Starter, StarterSource } from './starter';

/** The menu of a drawer: its items below each other, as wide as the drawer. */
const list = (menu: string | null, values: Said = {}): SaidPiece => [
  'menu',
  { menu, shownAs: 'column', itemGap: 0, itemPaddingInline: 0, ...values },
];

/** A second menu below the first, in smaller letters; none where the site has only one. */
const second = ({ menu, secondMenu }: StarterSource): SaidPiece[] =>
  secondMenu === menu ? [] : [list(secondMenu, { textSize: 15 })];

const plain = { ground: 'none', ink: 'none' };
const stacked = { ...plain, division: { by: 'stack' }, across: 'stretch' };

/** What stays at the top: what closes the drawer, and what else stands beside it. */
const head = (start: SaidPiece[], values: Said = {}, close: Said = {}): SaidBar => ({
  name: 'Head',
  values: { ...plain, part: 'head', leastHeight: 56, padding: 4, ...values },
  bays: { start, end: [['close', close]] },
});
const body = (pieces: SaidPiece[], values: Said = {}): SaidBar => ({
  name: 'Panel',
  values: { ...stacked, pieceGap: 20, ...values },
  bays: { start: pieces },
});
const foot = (pieces: SaidPiece[], values: Said = {}): SaidBar => ({
  name: 'Foot',
  values: { ...stacked, part: 'foot', padding: 12, pieceGap: 12, ...values },
  bays: { start: pieces },
});

const action = ({ action: link }: StarterSource): SaidPiece[] =>
  link.to === 'nothing' ? [] : [['button', { label: 'Begin', link }]];

/** Every ready-made drawer, in the order in which they are offered. */
export const drawerStarters: readonly Starter[] = [
  {
    id: 'drawer-plain',
    name: 'Panel with all links',
    about: 'From the end; everything stands open, indented by level.',
    bars: (source) => [head([]), body([list(source.menu), ...second(source)])],
  },
  {
    id: 'drawer-levels',
    name: 'Level by level',
    about: 'What is below an item takes the place of the list; the main action stays at the bottom.',
    values: { width: { least: [360, { px: 0, share: 0.9 }] }, shadow: 'shadow-high' },
    bars: (source) => [
      head([['logo', { version: 'compact', artworkHeight: 32 }]], { lineBelow: 'border-hairline' }),
      body([list(source.menu, { unfolds: 'levels', lines: 'border-hairline' }), ...second(source)]),
      ...(action(source).length > 0 ? [foot(action(source), { ground: 'soft' })] : []),
    ],
  },
  {
    id: 'drawer-unfolding',
    name: 'Unfolding list',
    about: 'From the start; items unfold in place, one at a time.',
    values: { side: 'start', shadow: 'shadow-high' },
    bars: (source) => [
      head([], {}, { shows: 'sign' }),
      body([list(source.menu, { unfolds: 'one', toggleSign: 'plus' }), ...second(source)]),
    ],
  },
  {
    id: 'drawer-screen',
    name: 'Whole screen',
    about: 'Fills the screen in the accent colour, with large links.',
    values: { side: 'screen', ground: 'accent', ink: 'on-accent', motion: 'fade' },
    bars: (source) => [
      head([], {}, { shows: 'sign' }),
      body([list(source.menu, { textSize: 28, unfolds: 'several', itemPaddingBlock: 10 })]),
    ],
  },
  {
    id: 'drawer-sheet',
    name: 'Sheet from below',
    about: 'Within reach of the thumb: as high as its links, with round corners.',
    values: { side: 'bottom', corners: 'radius-small', shadow: 'shadow-high', backdropBlur: 2 },
    bars: (source) => [
      body([list(source.menu, { unfolds: 'one' })], { padding: 16 }),
      foot([['close', { shows: 'label' }]], { across: 'center', lineAbove: 'border-hairline', padding: 4 }),
    ],
  },
  {
    id: 'drawer-curtain',
    name: 'Curtain below the header',
    about: 'Unrolls over the page; its button becomes the cross that closes it.',
    values: { side: 'below', shadow: 'shadow-high' },
    bars: (source) => [
      body([list(source.menu, { unfolds: 'several', lines: 'border-hairline' })], { padding: 12 }),
      foot([['close', { shows: 'both' }]], { across: 'end', padding: 4 }),
    ],
  },
  {
    id: 'drawer-pushing',
    name: 'Part of the page',
    about: 'Unrolls below the header and pushes the page down; nothing is covered.',
    values: { side: 'pushing', ground: 'soft', backdrop: 'none' },
    bars: (source) => [
      body([list(source.menu, { unfolds: 'one' })], { padding: 12 }),
      foot([['close', { shows: 'both' }]], { across: 'end', padding: 4 }),
    ],
  },
  {
    id: 'drawer-account',
    name: 'With a profile',
    about: 'Who is signed in on top, links in groups with lines between them.',
    values: { width: 340, shadow: 'shadow-high' },
    bars: (source) => [
      head(
        [['profile', { shows: 'in', outLink: source.action, inLink: source.action }]],
        {
          ground: 'soft',
          leastHeight: 72,
          bayGap: 8,
        },
        { shows: 'sign' },
      ),
      body([
        list(source.menu, { unfolds: 'one' }),
        ['divider', { stands: 'flat' }],
        ...second(source),
        ['language', {}],
      ]),
    ],
  },
];
