import { AS_IT_COMES } from '../markup/css';
import { boxCss, lengthCss } from '../lengths/formula';
import { px, rem } from '../lengths/length';
import type { AssemblyKind } from './assembly-kind';
import { choiceKind } from './kinds/choice';
import { lengthKind } from './kinds/length';
import { textKind } from './kinds/text';
import { drawerProperties } from './drawer';
import { property, type Property } from './property';
import { scrollProperties } from './scroll';

/** Where a header stands, and how its bars do. */
const standLabels = {
  top: 'at the top, bars below each other',
  row: 'at the top, bars in one row',
  side: 'at the side, bars below each other',
  spread: 'at the side, bars spread over the height',
};
type Stand = keyof typeof standLabels;

/** The custom property that says how bars are placed that share a row, for what is as wide as the whole of them. */
export const BAR_IN_ROW = '--bar-in-row';

const rowOfBars = {
  display: 'flex',
  'flex-direction': 'row',
  'align-items': 'center',
  'justify-content': 'space-between',
  position: 'relative',
  [BAR_IN_ROW]: 'static',
};

/** How wide a header at the side is, and the gutter in it, until something else is said; in CSS px. */
const SIDE_WIDTH = 112;
const SIDE_GUTTER = 8;

const atSide = {
  display: 'flex',
  'flex-direction': 'column',
  position: 'sticky',
  'inset-block-start': '0',
  'grid-row': '1 / span 2',
  'align-self': 'start',
  'min-block-size': '100vh',
  // One that is higher than the window scrolls by itself.
  'max-block-size': '100vh',
  'overflow-y': 'auto',
  'scrollbar-width': 'thin',
  'inline-size': `var(--side-width, ${rem(SIDE_WIDTH)})`,
  '--gutter': `var(--side-gutter, ${px(SIDE_GUTTER)})`,
  'background-color': 'var(--ground)',
};

const standCss: Record<Stand, Record<string, string>> = {
  top: {},
  row: rowOfBars,
  side: atSide,
  spread: { ...atSide, 'justify-content': 'space-between' },
};

const headerProperties = [
  property({
    name: 'stands',
    label: 'Stands',
    group: 'Panel',
    kind: choiceKind(standLabels),
    by: 'width',
    initial: 'top',
    css: (value) => {
      const side = value === 'side' || value === 'spread';
      const named = Object.keys({ ...rowOfBars, ...atSide });
      return {
        // The page makes room by itself: beside a header at its side, its content stands in a second column.
        'body:has(> &)': {
          display: side ? 'grid' : AS_IT_COMES,
          'grid-template': side ? '1fr auto / auto minmax(0, 1fr)' : AS_IT_COMES,
        },
        // Higher than the window, they are scrolled, not pressed together.
        '& .bar': { 'flex-shrink': side ? '0' : AS_IT_COMES },
        '& ~ :is(main, .footer)': { 'grid-column': side ? '2' : AS_IT_COMES },
        '&': Object.fromEntries(named.map((name) => [name, standCss[value][name] ?? AS_IT_COMES])),
      };
    },
  }),
  property({
    name: 'sideWidth',
    label: 'Width at the side',
    group: 'Panel',
    kind: lengthKind(48, 480),
    by: 'width',
    initial: SIDE_WIDTH,
    css: (value) => ({ '&': { '--side-width': value === SIDE_WIDTH ? AS_IT_COMES : lengthCss(value) } }),
  }),
  property({
    name: 'sideGutter',
    label: 'Gutter at the side',
    group: 'Panel',
    kind: lengthKind(0, 96),
    by: 'width',
    initial: SIDE_GUTTER,
    css: (value) => ({ '&': { '--side-gutter': value === SIDE_GUTTER ? AS_IT_COMES : boxCss(value) } }),
  }),
];

const footerStandLabels = {
  bottom: 'at the bottom of short pages too',
  after: 'right after the content',
  pinned: 'pinned to the bottom of the window',
};

const footerProperties = [
  property({
    name: 'stands',
    label: 'Stands',
    group: 'Scrolling',
    kind: choiceKind(footerStandLabels),
    by: 'width',
    initial: 'bottom',
    css: (value) => ({
      'body:has(> &) > main': { 'flex-grow': value === 'after' ? '0' : AS_IT_COMES },
      '&': {
        position: value === 'pinned' ? 'sticky' : AS_IT_COMES,
        'inset-block-end': value === 'pinned' ? '0' : AS_IT_COMES,
        'z-index': value === 'pinned' ? 'var(--layer-footer, 5)' : AS_IT_COMES,
      },
    }),
  }),
];

/** What is written down about an assembly for those who work on it; it is not handed over. */
const notes = property({
  name: 'notes',
  label: 'Notes',
  group: 'Notes',
  kind: textKind(1000, 'for those who work on it; not handed over'),
  by: null,
  initial: '',
});

/** The properties that an assembly of each kind has as a whole. */
export const assemblyProperties: Record<AssemblyKind, Property[]> = {
  headers: [...headerProperties, ...scrollProperties, notes],
  drawers: [...drawerProperties, notes],
  footers: [...footerProperties, notes],
};
