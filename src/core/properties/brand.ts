import { AS_IT_COMES } from '../markup/css';
import { boxCss, lengthCss } from '../lengths/formula';
import { lengthKind } from './kinds/length';
import { pixelsKind } from './kinds/pixels';
import { countKind } from './kinds/number';
import { referenceKind } from './kinds/reference';
import { property } from './property';

/** The spacing step of a new brand, in CSS px. */
export const DEFAULT_STEP = 8;

/**
 * Which of the things that overlap on a page lies above which: the one table of stacking levels. Drawers and dialogs lie above
 * all of them, in the browser's top layer (HTML, 4.11.4).
 */
const stacking = [
  { name: 'layerFooter', label: 'Pinned footer', css: '--layer-footer', initial: 5 },
  { name: 'layerHeader', label: 'Header', css: '--layer-header', initial: 10 },
  { name: 'layerDropDown', label: 'Drop-downs', css: '--layer-drop-down', initial: 20 },
  { name: 'layerSkip', label: 'Skip link', css: '--layer-skip', initial: 30 },
].map(({ css, ...named }) =>
  property({
    ...named,
    group: 'Stacking',
    kind: countKind(0, 9999, ''),
    by: null,
    css: (value) => ({ '&': { [css]: value === named.initial ? AS_IT_COMES : String(value) } }),
  }),
);

/**
 * The two colours of the ring around what has the focus: lines beside each other, so that one of them stands out on whatever is
 * behind (WCAG 2.2, 2.4.13; technique C40).
 */
const ring = (
  [
    { name: 'ring', label: 'Line at the element', css: '--ring', initial: 'ink' },
    { name: 'ringFar', label: 'Line around it', css: '--ring-far', initial: 'ground' },
  ] as const
).map(({ css, ...named }) =>
  property({
    ...named,
    group: 'Focus ring',
    kind: referenceKind('colours'),
    by: null,
    css: (value, names) => ({ '&': { [css]: names.token(value) } }),
  }),
);

/** Lengths of the brand that every bar reads. */
export const brandProperties = [
  property({
    name: 'contentWidth',
    label: 'Content width',
    group: 'Width',
    kind: lengthKind(320, 2400),
    by: 'width',
    initial: 1200,
    css: (value) => ({ '&': { '--content-width': lengthCss(value) } }),
  }),
  property({
    name: 'gutter',
    label: 'Side gutter',
    group: 'Width',
    kind: lengthKind(0, 200),
    by: 'width',
    initial: 24,
    css: (value) => ({ '&': { '--gutter': boxCss(value) } }),
  }),
  property({
    name: 'step',
    label: 'Spacing step',
    group: 'Space',
    kind: pixelsKind(1, 64),
    by: null,
    initial: DEFAULT_STEP,
    // Lengths are kept in px; the step is what they are counted in where they are typed.
  }),
  ...ring,
  ...stacking,
];
