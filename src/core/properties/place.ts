import { boxCss } from '../lengths/formula';
import { choiceKind } from './kinds/choice';
import { flagKind } from './kinds/flag';
import { lengthKind } from './kinds/length';
import { numberKind } from './kinds/number';
import { optionalKind } from './kinds/optional';
import { acrossLabels } from './bay';
import { AS_IT_COMES, property } from './property';

/** Whether a piece shows in its bar: a piece of a header may stand in the drawer that its header opens instead. */
const shownLabels = { shown: 'shown', hidden: 'hidden', drawer: 'in the drawer' };

/** Properties of every piece: where it shows, and how it stands in its bay. */
export const placeProperties = [
  property({
    name: 'shown',
    label: 'Shown',
    group: 'Place',
    kind: choiceKind(shownLabels),
    by: 'width',
    phased: true,
    initial: 'shown',
    // Where a piece leaves for the drawer, it stands once more in there (render/page.ts).
    css: (value) => ({
      '&:where(:not(.left-piece > *))': { display: value === 'shown' ? AS_IT_COMES : 'none' },
      '.left-piece:has(> &)': { display: value === 'drawer' ? 'block' : AS_IT_COMES },
    }),
  }),
  property({
    name: 'ownRow',
    label: 'Its bay stands',
    group: 'Place',
    kind: flagKind('beside the others', 'in a row of its own below'),
    by: 'width',
    initial: false,
    // Where a bay stands is a matter of its bar: render/division.ts.
  }),
  property({
    name: 'order',
    label: 'Place in the bay',
    group: 'Place',
    kind: numberKind(-20, 20, ''),
    by: 'width',
    initial: 0,
    // Lower places come first; the bay's `reading-flow` lets the keyboard go the way of the eye.
    css: (value) => ({ '&': { order: value === 0 ? AS_IT_COMES : String(value) } }),
  }),
  property({
    name: 'takesRest',
    label: 'Free space',
    group: 'Place',
    kind: flagKind('left to others', 'taken'),
    by: 'width',
    initial: false,
    css: (value) => ({ '&': { 'flex-grow': value ? '1' : AS_IT_COMES } }),
  }),
  property({
    name: 'pieceWidth',
    label: 'Width',
    group: 'Place',
    kind: optionalKind(lengthKind(8, 1600), 'as it needs'),
    by: 'width',
    initial: null,
    css: (value) => ({
      '&': {
        'inline-size': value === null ? AS_IT_COMES : boxCss(value),
        'max-inline-size': value === null ? AS_IT_COMES : '100%',
      },
    }),
  }),
  property({
    name: 'gapBefore',
    label: 'More gap before',
    group: 'Place',
    kind: lengthKind(0, 400),
    by: 'width',
    initial: 0,
    css: (value) => ({ '&': { 'margin-inline-start': value === 0 ? AS_IT_COMES : boxCss(value) } }),
  }),
  property({
    name: 'gapAfter',
    label: 'More gap after',
    group: 'Place',
    kind: lengthKind(0, 400),
    by: 'width',
    initial: 0,
    css: (value) => ({ '&': { 'margin-inline-end': value === 0 ? AS_IT_COMES : boxCss(value) } }),
  }),
  property({
    name: 'alignSelf',
    label: 'Across the bay',
    group: 'Place',
    kind: optionalKind(choiceKind(acrossLabels), 'as the bay'),
    by: 'width',
    initial: null,
    css: (value) => ({ '&': { 'align-self': value ?? AS_IT_COMES } }),
  }),
];
