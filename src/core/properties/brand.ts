import { px } from '../lengths/length';
import { lengthKind } from './kinds/length';
import { property } from './property';

/** The spacing step of a new brand, in CSS px. */
export const DEFAULT_STEP = 8;

/** Lengths of the brand that every bar reads. */
export const brandProperties = [
  property({
    name: 'contentWidth',
    label: 'Content width',
    group: 'Width',
    kind: lengthKind(320, 2400),
    by: 'width',
    initial: 1200,
    css: (value) => ({ '&': { '--content-width': px(value) } }),
  }),
  property({
    name: 'gutter',
    label: 'Side gutter',
    group: 'Width',
    kind: lengthKind(0, 200),
    by: 'width',
    initial: 24,
    css: (value) => ({ '&': { '--gutter': px(value) } }),
  }),
  property({
    name: 'step',
    label: 'Spacing step',
    group: 'Space',
    kind: lengthKind(1, 64),
    by: null,
    initial: DEFAULT_STEP,
    // Lengths are kept in px; the step is what they are counted in where they are typed.
  }),
];
