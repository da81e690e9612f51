import { choiceKind } from './kinds/choice';
import { MOST_BAYS } from './kinds/division';
import { optionalKind } from './kinds/optional';
import { property } from './property';

/** How things stand across a bar, beside each other. */
export const acrossLabels = {
  start: 'at the top',
  center: 'on the middle line',
  end: 'at the bottom',
  stretch: 'stretched to full height',
  baseline: 'on a common text baseline',
};

/** The places that a bay can be given, by the number that they have. */
const places: Record<string, string> = Object.fromEntries(
  Array.from({ length: MOST_BAYS }, (_, index) => [
    String(index + 1),
    index === 0 ? '1, before all' : String(index + 1),
  ]),
);

/** Properties of a bay. Their CSS depends on the bar's division: resolve/bar-layouts.ts. */
export const bayProperties = [
  property({
    name: 'along',
    label: 'Along the bar',
    group: 'Arrangement',
    kind: optionalKind(
      choiceKind({ start: 'at the start', center: 'in the middle', end: 'at the end', spread: 'spread' }),
      'as its place',
    ),
    by: 'width',
    initial: null,
  }),
  property({
    name: 'across',
    asOf: { on: 'bar', property: 'across' },
    label: 'Across the bar',
    group: 'Arrangement',
    kind: optionalKind(choiceKind(acrossLabels), 'as the bar'),
    by: 'width',
    initial: null,
  }),
  property({
    name: 'place',
    label: 'Place among the bays',
    group: 'Arrangement',
    kind: optionalKind(choiceKind(places), 'as listed'),
    by: 'width',
    initial: null,
  }),
];
