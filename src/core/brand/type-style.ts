import { lengthCss } from '../lengths/formula';
import { plainNumber, rem } from '../lengths/length';
import { choiceKind } from '../properties/kinds/choice';
import { pixelsKind } from '../properties/kinds/pixels';
import { lengthKind } from '../properties/kinds/length';
import { numberKind } from '../properties/kinds/number';
import { property } from '../properties/property';
import { familyKind } from './family-kind';
import { weightNames } from './weights';

/**
 * What a type style says of text. Each becomes a custom property of the style, so that a piece takes a style by naming it:
 * `size` of the style “Nav label” is `--nav-label-size`.
 */
export const typeStyleProperties = [
  property({
    name: 'family',
    label: 'Family',
    group: 'Face',
    kind: familyKind(),
    by: null,
    initial: 'figtree',
    css: (value, names) => ({ '&': { '--family': names.family(value) } }),
  }),
  property({
    name: 'weight',
    label: 'Weight',
    group: 'Face',
    kind: choiceKind(weightNames),
    by: 'width',
    initial: '400',
    css: (value) => ({ '&': { '--weight': value } }),
  }),
  property({
    name: 'slant',
    label: 'Slant',
    group: 'Face',
    kind: choiceKind({ normal: 'upright', italic: 'italic' }),
    by: 'width',
    initial: 'normal',
    css: (value) => ({ '&': { '--slant': value } }),
  }),
  property({
    name: 'size',
    label: 'Size',
    group: 'Size',
    kind: lengthKind(8, 160),
    by: 'width',
    initial: 16,
    css: (value) => ({ '&': { '--size': lengthCss(value) } }),
  }),
  property({
    name: 'lineHeight',
    label: 'Line height',
    group: 'Size',
    kind: numberKind(0.8, 3, '× the size'),
    by: 'width',
    initial: 1.5,
    css: (value) => ({ '&': { '--line-height': plainNumber(value) } }),
  }),
  property({
    name: 'letterSpacing',
    label: 'Letter spacing',
    group: 'Size',
    kind: pixelsKind(-4, 20),
    by: 'width',
    initial: 0,
    css: (value) => ({ '&': { '--letter-spacing': rem(value) } }),
  }),
  property({
    name: 'case',
    label: 'Case',
    group: 'Size',
    kind: choiceKind({ none: 'as typed', uppercase: 'CAPITALS', lowercase: 'small letters' }),
    by: 'width',
    initial: 'none',
    css: (value) => ({ '&': { '--case': value } }),
  }),
];

/** The type styles that every site has: they can be changed, but not removed. */
export const standardTypeStyles = [
  { id: 'type-body', name: 'Body', values: {} },
  {
    id: 'type-heading',
    name: 'Heading',
    values: {
      weight: { desktop: '600' },
      size: { desktop: { from: { at: 360, px: 29 }, to: { at: 1200, px: 44 } } },
      lineHeight: { desktop: 1.15 },
    },
  },
  { id: 'type-nav', name: 'Nav label', values: {} },
  {
    id: 'type-button',
    name: 'Button label',
    values: { weight: { desktop: '600' }, lineHeight: { desktop: 1.25 } },
  },
  { id: 'type-column', name: 'Column heading', values: { weight: { desktop: '600' } } },
  { id: 'type-sign', name: 'Sign', values: { weight: { desktop: '600' }, size: { desktop: 20 } } },
  { id: 'type-small', name: 'Small print', values: { size: { desktop: 15 } } },
] as const;
