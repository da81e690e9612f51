import { AS_IT_COMES } from '../markup/css';
import type { Layout } from '../boxes/layout';
import { choiceKind } from './kinds/choice';
import { flagKind } from './kinds/flag';
import { lengthKind } from './kinds/length';
import { countKind } from './kinds/number';
import { optionalKind } from './kinds/optional';
import { acrossLabels } from './bay';
import { property, propertyList, type ValuesOf } from './property';

/** Whether a piece shows in its bar: a piece of a header may stand in the drawer that its header opens instead. */
const shownLabels = { shown: 'shown', hidden: 'hidden', drawer: 'in the drawer' };

/** Properties of every piece: where it shows, and how it stands in its bay (placeLayout). */
export const placeProperties = propertyList(
  property({
    name: 'shown',
    turns: [
      {
        id: 'drawer',
        label: 'in the drawer',
        value: 'drawer',
        excludes: 'all',
        beforehand: true,
        inHeaders: true,
      },
      { id: 'hidden', label: 'hidden', value: 'hidden', excludes: 'all' },
    ],
    label: 'Shown',
    group: 'Place',
    kind: choiceKind(shownLabels),
    by: 'width',
    phased: true,
    initial: 'shown',
    // Where a piece leaves for the drawer, it stands once more in there (render/page/).
    css: (value) => ({
      '&:where(:not(.left-piece > *))': { display: value === 'shown' ? AS_IT_COMES : 'none' },
      '.left-piece:has(> &)': { display: value === 'drawer' ? 'block' : AS_IT_COMES },
    }),
  }),
  property({
    name: 'ownRow',
    turns: [{ id: 'below', label: 'its bay in a row below', value: true }],
    label: 'Its bay stands',
    group: 'Place',
    kind: flagKind('beside the others', 'in a row of its own below'),
    by: 'width',
    initial: false,
    // Where a bay stands is a matter of its bar: resolve/bar-layouts.ts.
  }),
  property({
    name: 'order',
    label: 'Place in the bay',
    group: 'Place',
    kind: countKind(-20, 20, ''),
    by: 'width',
    initial: 0,
  }),
  property({
    name: 'takesRest',
    label: 'Free space',
    group: 'Place',
    kind: flagKind('left to others', 'taken'),
    by: 'width',
    initial: false,
  }),
  property({
    name: 'pieceWidth',
    label: 'Width',
    group: 'Place',
    kind: optionalKind(lengthKind(8, 1600), 'as it needs'),
    by: 'width',
    initial: null,
  }),
  property({
    name: 'gapBefore',
    gives: { least: 0, step: 1 },
    label: 'More gap before',
    group: 'Place',
    kind: lengthKind(0, 400),
    by: 'width',
    initial: 0,
  }),
  property({
    name: 'gapAfter',
    gives: { least: 0, step: 1 },
    label: 'More gap after',
    group: 'Place',
    kind: lengthKind(0, 400),
    by: 'width',
    initial: 0,
  }),
  property({
    name: 'alignSelf',
    asOf: { on: 'bay', property: 'across' },
    label: 'Across the bay',
    group: 'Place',
    kind: optionalKind(choiceKind(acrossLabels), 'as the bay'),
    by: 'width',
    initial: null,
  }),
);

/** How a piece stands in its bay; what is not said is as its kind has it. */
export function placeLayout(
  values: Partial<Omit<ValuesOf<typeof placeProperties>, 'shown' | 'ownRow'>>,
): Layout {
  const { order, takesRest, pieceWidth = null, gapBefore, gapAfter, alignSelf } = values;
  const said = <T>(value: T | undefined, otherwise: T) => (value === otherwise ? undefined : value);
  return {
    // Lower places come first; the bay's `reading-flow` lets the keyboard go the way of the eye.
    order: said(order, 0),
    flexGrow: takesRest ? 1 : undefined,
    inlineSize: pieceWidth ?? undefined,
    maxInlineSize: pieceWidth === null ? undefined : '100%',
    marginInlineStart: said(gapBefore, 0),
    marginInlineEnd: said(gapAfter, 0),
    alignSelf: alignSelf ?? undefined,
  };
}
