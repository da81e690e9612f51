import { px } from '../lengths/length';
import { choiceKind } from './kinds/choice';
import { lengthKind } from './kinds/length';
import { property, type Property } from './property';

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

/** The properties that an assembly of each kind has as a whole. */
export const assemblyProperties: Record<AssemblyKind, Property[]> = {
  headers: [],
  drawers: drawerProperties,
  footers: [],
};
