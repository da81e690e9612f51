import { choiceKind } from './kinds/choice';
import { property } from './property';

/** Properties of every piece: where it shows. */
export const placeProperties = [
  property({
    name: 'shown',
    label: 'Shown',
    group: 'Place',
    kind: choiceKind({ shown: 'shown', hidden: 'hidden' }),
    banded: true,
    initial: 'shown',
    // revert-layer hands the display back to what the piece's own layer says.
    css: (value) => ({ '&': { display: value === 'hidden' ? 'none' : 'revert-layer' } }),
  }),
];
