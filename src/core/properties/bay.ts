import { choiceKind } from './kinds/choice';
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
    label: 'Across the bar',
    group: 'Arrangement',
    kind: optionalKind(choiceKind(acrossLabels), 'as the bar'),
    by: 'width',
    initial: null,
  }),
];
