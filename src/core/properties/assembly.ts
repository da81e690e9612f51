import { px } from '../lengths/length';
import { choiceKind } from './kinds/choice';
import { lengthKind } from './kinds/length';
import { textKind } from './kinds/text';
import { AS_IT_COMES, property, type Property } from './property';

/** The three kinds of assembly: each is bars on top of each other, and its collection in the document has this name. */
export const assemblyKinds = ['headers', 'drawers', 'footers'] as const;
export type AssemblyKind = (typeof assemblyKinds)[number];

/** One assembly in the words of the interface. */
export const assemblyNouns: Record<AssemblyKind, string> = {
  headers: 'header',
  drawers: 'drawer',
  footers: 'footer',
};

const drawerProperties = [
  property({
    name: 'side',
    label: 'Comes from',
    group: 'Panel',
    kind: choiceKind({ start: 'the start', end: 'the end' }),
    by: 'width',
    initial: 'end',
    css: (value) => ({
      '&': { 'inset-inline': value === 'start' ? '0 auto' : 'auto 0' },
    }),
  }),
  property({
    name: 'width',
    label: 'Width',
    group: 'Panel',
    kind: lengthKind(160, 960),
    by: 'width',
    initial: 304,
    css: (value) => ({ '&': { 'inline-size': `min(${px(value)}, 100%)` } }),
  }),
];

/** A declaration that holds at the side only. */
const atSide = (side: Side, value: string) => (side === 'top' ? AS_IT_COMES : value);
type Side = 'top' | 'side';

const headerProperties = [
  property<Side>({
    name: 'stands',
    label: 'Stands',
    group: 'Panel',
    kind: choiceKind({ top: 'at the top', side: 'at the side' }),
    by: 'width',
    initial: 'top',
    // The page makes room by itself: beside a header at its side, its content stands in a second column.
    css: (value) => ({
      'body:has(> &)': {
        display: atSide(value, 'grid'),
        'grid-template': atSide(value, '1fr auto / auto minmax(0, 1fr)'),
      },
      '& ~ :is(main, .footer)': { 'grid-column': atSide(value, '2') },
      '&': {
        display: atSide(value, 'flex'),
        'flex-direction': atSide(value, 'column'),
        position: atSide(value, 'sticky'),
        'inset-block-start': atSide(value, '0'),
        'grid-row': atSide(value, '1 / span 2'),
        'align-self': atSide(value, 'start'),
        'min-block-size': atSide(value, '100vh'),
        'inline-size': atSide(value, 'var(--side-width, 7rem)'),
        '--gutter': atSide(value, 'var(--side-gutter, 0.5rem)'),
        'background-color': atSide(value, 'var(--ground)'),
      },
    }),
  }),
  property({
    name: 'sideWidth',
    label: 'Width at the side',
    group: 'Panel',
    kind: lengthKind(48, 480),
    by: 'width',
    initial: 112,
    css: (value) => ({ '&': { '--side-width': value === 112 ? AS_IT_COMES : px(value) } }),
  }),
  property({
    name: 'sideGutter',
    label: 'Gutter at the side',
    group: 'Panel',
    kind: lengthKind(0, 96),
    by: 'width',
    initial: 8,
    css: (value) => ({ '&': { '--side-gutter': value === 8 ? AS_IT_COMES : px(value) } }),
  }),
  property<'together' | 'spread'>({
    name: 'spread',
    label: 'Bars stand at the side',
    group: 'Panel',
    kind: choiceKind({ together: 'below each other', spread: 'spread over the height' }),
    by: 'width',
    initial: 'together',
    css: (value) => ({ '&': { 'justify-content': value === 'spread' ? 'space-between' : AS_IT_COMES } }),
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
  headers: [...headerProperties, notes],
  drawers: [...drawerProperties, notes],
  footers: [notes],
};
