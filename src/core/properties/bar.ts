import { roleCss } from '../brand/colour-roles';
import { px } from '../lengths/length';
import { choiceKind } from './kinds/choice';
import { colourKind } from './kinds/colour';
import { lengthKind } from './kinds/length';
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
    css: (value) => ({ '&': { 'background-color': roleCss(value, 'transparent') } }),
  }),
  property({
    name: 'ink',
    label: 'Ink',
    group: 'Colour',
    kind: colourKind(),
    banded: true,
    initial: 'ink',
    css: (value) => ({ '&': { color: roleCss(value, 'inherit') } }),
  }),
  property({
    name: 'edge',
    label: 'Line at the edge',
    group: 'Colour',
    kind: choiceKind({ none: 'none', below: 'below', above: 'above' }),
    banded: true,
    initial: 'none',
    css: (value) => ({
      '&': {
        'box-shadow': { none: 'none', below: 'inset 0 -1px var(--line)', above: 'inset 0 1px var(--line)' }[
          value
        ],
      },
    }),
  }),
];
