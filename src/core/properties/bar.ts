import { px } from '../lengths/length';
import { choiceKind } from './kinds/choice';
import { colourKind } from './kinds/colour';
import { lengthKind } from './kinds/length';
import { optionalKind } from './kinds/optional';
import { referenceKind } from './kinds/reference';
import { property } from './property';

/** Properties of a bar. */
export const barProperties = [
  property({
    name: 'bays',
    label: 'Bays',
    group: 'Arrangement',
    kind: choiceKind({ beside: 'side by side', stacked: 'one below another' }),
    banded: true,
    initial: 'beside',
    // The columns of bays that stand side by side depend on which of them hold anything: render/division.ts.
  }),
  property({
    name: 'across',
    label: 'Across the bar',
    group: 'Arrangement',
    kind: choiceKind({ start: 'at the top', center: 'on the middle line', end: 'at the bottom' }),
    banded: true,
    initial: 'center',
    css: (value) => ({ '& > .bays': { 'align-items': value }, '& > .bays > .bay': { 'align-items': value } }),
  }),
  property({
    name: 'contentWidth',
    label: 'Content',
    group: 'Arrangement',
    kind: choiceKind({ content: 'content width', full: 'full width' }),
    banded: true,
    initial: 'content',
    css: (value) => ({
      '& > .bays': { 'max-inline-size': value === 'full' ? 'none' : 'var(--content-width)' },
    }),
  }),
  property({
    name: 'leastHeight',
    label: 'Least height',
    group: 'Space',
    kind: lengthKind(0, 400),
    banded: true,
    initial: 64,
    css: (value) => ({ '& > .bays': { 'min-block-size': px(value) } }),
  }),
  property({
    name: 'padding',
    label: 'Above and below',
    group: 'Space',
    kind: lengthKind(0, 200),
    banded: true,
    initial: 8,
    css: (value) => ({ '&': { 'padding-block': px(value) } }),
  }),
  property({
    name: 'pieceGap',
    label: 'Between pieces',
    group: 'Space',
    kind: lengthKind(0, 200),
    banded: true,
    initial: 16,
    css: (value) => ({ '& > .bays > .bay': { gap: px(value) } }),
  }),
  property({
    name: 'bayGap',
    label: 'Between bays',
    group: 'Space',
    kind: lengthKind(0, 200),
    banded: true,
    initial: 24,
    css: (value) => ({ '& > .bays': { gap: px(value) } }),
  }),
  property({
    name: 'ground',
    label: 'Ground',
    group: 'Colour',
    kind: colourKind(),
    banded: true,
    initial: 'ground',
    css: (value, names) => ({
      '&': { 'background-color': value === 'none' ? 'transparent' : names.token(value) },
    }),
  }),
  property({
    name: 'ink',
    label: 'Ink',
    group: 'Colour',
    kind: colourKind(),
    banded: true,
    initial: 'ink',
    css: (value, names) => ({ '&': { color: value === 'none' ? 'inherit' : names.token(value) } }),
  }),
  property({
    name: 'lineAbove',
    label: 'Line above',
    group: 'Edges',
    kind: optionalKind(referenceKind('borders'), 'none'),
    banded: true,
    initial: null,
    css: (value, names) => ({
      '&': { 'border-block-start': value === null ? 'none' : names.token(value) },
    }),
  }),
  property({
    name: 'lineBelow',
    label: 'Line below',
    group: 'Edges',
    kind: optionalKind(referenceKind('borders'), 'none'),
    banded: true,
    initial: null,
    css: (value, names) => ({ '&': { 'border-block-end': value === null ? 'none' : names.token(value) } }),
  }),
  property({
    name: 'shadow',
    label: 'Shadow',
    group: 'Edges',
    kind: optionalKind(referenceKind('shadows'), 'none'),
    banded: true,
    initial: null,
    css: (value, names) => ({ '&': { 'box-shadow': value === null ? 'none' : names.token(value) } }),
  }),
];
