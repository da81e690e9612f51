import { AS_IT_COMES, unless } from '../markup/css';
import { boxCss } from '../lengths/formula';
import type { AssemblyKind } from './assembly-kind';
import { acrossLabels } from './bay';
import { choiceKind } from './kinds/choice';
import { colourKind } from './kinds/colour';
import { flagKind } from './kinds/flag';
import { divisionKind } from './kinds/division';
import { lengthKind } from './kinds/length';
import { numberKind } from './kinds/number';
import { optionalKind } from './kinds/optional';
import { referenceKind } from './kinds/reference';
import { property, type Property } from './property';

/** The parts of a drawer: what stays at its top, what scrolls between, and what stays at its bottom. */
export const drawerParts = ['head', 'body', 'foot'] as const;
export type DrawerPart = (typeof drawerParts)[number];

/** A share of black, below zero, or of white, above, in words. */
const tintText = (share: number): string =>
  share === 0 ? 'none' : `${Math.abs(share)} % ${share < 0 ? 'black' : 'white'}`;

/** Properties of a bar; where it and its bays stand is made of them in resolve/bar-layouts.ts. */
export const barProperties = [
  property({
    name: 'division',
    label: 'Division',
    group: 'Arrangement',
    kind: divisionKind(),
    by: 'width',
    initial: { by: 'edges' },
  }),
  property({
    name: 'turnedRound',
    label: 'Order of bays',
    group: 'Arrangement',
    kind: flagKind('as listed', 'turned round'),
    by: 'width',
    initial: false,
    // Settled bars have their bays in the order in which they are seen: resolve/assembly.ts.
  }),
  property({
    name: 'across',
    label: 'Across the bar',
    group: 'Arrangement',
    kind: choiceKind(acrossLabels),
    by: 'width',
    initial: 'center',
  }),
  property({
    name: 'contentWidth',
    label: 'Content',
    group: 'Arrangement',
    kind: choiceKind({ content: 'content width', full: 'full width' }),
    by: 'width',
    initial: 'content',
    css: (value) => ({
      '& > .bays': { 'max-inline-size': value === 'full' ? 'none' : 'var(--content-width)' },
    }),
  }),
  property({
    name: 'shown',
    label: 'Shown',
    group: 'Arrangement',
    kind: choiceKind({ shown: 'shown', hidden: 'hidden' }),
    by: 'width',
    phased: true,
    initial: 'shown',
  }),
  property({
    name: 'stays',
    only: 'headers',
    leavesWidths: true,
    label: 'Where the header stays',
    group: 'Scrolling',
    kind: choiceKind({ stays: 'stays with it', leaves: 'scrolls away' }),
    by: null,
    initial: 'stays',
    // Which bars stay is told by the markup: render/page/.
  }),
  property({
    name: 'part',
    only: 'drawers',
    leavesWidths: true,
    label: 'In the drawer',
    group: 'Scrolling',
    kind: choiceKind({ head: 'stays at the top', body: 'scrolls', foot: 'stays at the bottom' }),
    by: null,
    initial: 'body',
    // The markup tells it: render/page/opened.ts.
  }),
  property({
    name: 'leastHeight',
    leavesWidths: true,
    label: 'Least height',
    group: 'Space',
    kind: lengthKind(0, 800),
    by: 'width',
    phased: true,
    initial: 80,
  }),
  property({
    name: 'padding',
    leavesWidths: true,
    label: 'Above and below',
    group: 'Space',
    kind: lengthKind(0, 200),
    by: 'width',
    phased: true,
    initial: 8,
  }),
  property({
    name: 'gutter',
    asOf: { on: 'brand', property: 'gutter' },
    label: 'Side gutter',
    group: 'Space',
    kind: optionalKind(lengthKind(0, 400), 'the brand’s'),
    by: 'width',
    initial: null,
    css: (value) => ({ '&': { '--gutter': value === null ? AS_IT_COMES : boxCss(value) } }),
  }),
  property({
    name: 'pieceGap',
    gives: { least: 4, step: 1 },
    label: 'Between pieces',
    group: 'Space',
    kind: lengthKind(0, 200),
    by: 'width',
    initial: 16,
  }),
  property({
    name: 'bayGap',
    gives: { least: 8, step: 1 },
    label: 'Between bays',
    group: 'Space',
    kind: lengthKind(0, 200),
    by: 'width',
    initial: 24,
  }),
  property({
    name: 'ground',
    leavesWidths: true,
    label: 'Ground',
    group: 'Colour',
    kind: colourKind(),
    by: 'width',
    phased: true,
    initial: 'ground',
    css: (value, names) => ({
      '&': { 'background-color': value === 'none' ? 'transparent' : names.token(value) },
    }),
  }),
  property({
    name: 'shade',
    leavesWidths: true,
    label: 'Tint (−black, +white)',
    group: 'Colour',
    kind: { ...numberKind(-100, 100, '%'), text: tintText },
    by: 'width',
    initial: 0,
    css: (value) => ({
      '&': {
        '--shade-over': unless(
          value === 0,
          `linear-gradient(rgb(${value < 0 ? '0 0 0' : '255 255 255'} / ${Math.abs(value)}%) 0 0)`,
        ),
      },
    }),
  }),
  property({
    name: 'set',
    leavesWidths: true,
    label: 'What stands on it',
    group: 'Colour',
    kind: flagKind('has its own colours', 'follows the ground'),
    by: null,
    initial: false,
    // Which colours these are is worked out: resolve/ground-set.ts.
  }),
  property({
    name: 'tint',
    leavesWidths: true,
    label: 'Gradient to',
    group: 'Colour',
    kind: colourKind(),
    by: 'width',
    phased: true,
    initial: 'none',
    css: (value, names) => ({
      '&': {
        '--tint':
          value === 'none'
            ? AS_IT_COMES
            : `linear-gradient(var(--tint-towards, to bottom), transparent, ${names.token(value)})`,
      },
    }),
  }),
  property({
    name: 'tintTowards',
    leavesWidths: true,
    label: 'Gradient runs',
    group: 'Colour',
    kind: choiceKind({ bottom: 'down', top: 'up', right: 'to the right', left: 'to the left' }),
    by: 'width',
    initial: 'bottom',
    css: (value) => ({ '&': { '--tint-towards': value === 'bottom' ? AS_IT_COMES : `to ${value}` } }),
  }),
  property({
    name: 'picture',
    leavesWidths: true,
    label: 'Picture',
    group: 'Colour',
    kind: optionalKind(referenceKind('artwork'), 'none'),
    by: 'width',
    initial: null,
    css: (value, names) => ({ '&': { '--picture': value === null ? AS_IT_COMES : names.picture(value) } }),
  }),
  property({
    name: 'pictureFit',
    leavesWidths: true,
    label: 'Picture fits',
    group: 'Colour',
    kind: choiceKind({ cover: 'filling the bar', contain: 'whole', auto: 'as a pattern' }),
    by: 'width',
    initial: 'cover',
    css: (value) => ({
      '&': {
        'background-size': value === 'cover' ? AS_IT_COMES : `${value}, auto`,
        'background-repeat': value === 'auto' ? 'repeat' : AS_IT_COMES,
      },
    }),
  }),
  property({
    name: 'ink',
    leavesWidths: true,
    label: 'Ink',
    group: 'Colour',
    kind: colourKind(),
    by: 'width',
    phased: true,
    initial: 'ink',
    css: (value, names) => ({ '&': { color: value === 'none' ? 'inherit' : names.token(value) } }),
  }),
  property({
    name: 'lineAbove',
    leavesWidths: true,
    label: 'Line above',
    group: 'Edges',
    kind: optionalKind(referenceKind('borders'), 'none'),
    by: 'width',
    initial: null,
    css: (value, names) => ({
      '&': { 'border-block-start': value === null ? AS_IT_COMES : names.token(value) },
    }),
  }),
  property({
    name: 'lineBelow',
    leavesWidths: true,
    label: 'Line below',
    group: 'Edges',
    kind: optionalKind(referenceKind('borders'), 'none'),
    by: 'width',
    phased: true,
    initial: null,
    css: (value, names) => ({
      '&': { 'border-block-end': value === null ? AS_IT_COMES : names.token(value) },
    }),
  }),
  property({
    name: 'shadow',
    leavesWidths: true,
    label: 'Shadow',
    group: 'Edges',
    kind: optionalKind(referenceKind('shadows'), 'none'),
    by: 'width',
    phased: true,
    initial: null,
    css: (value, names) => ({ '&': { 'box-shadow': value === null ? AS_IT_COMES : names.token(value) } }),
  }),
];

/** The properties of bars in a kind of assembly. */
export const barPropertiesIn = (kind: AssemblyKind): readonly Property[] =>
  barProperties.filter((each: Property) => each.only === undefined || each.only === kind);
