import { flagKind } from './kinds/flag';
import { choiceKind } from './kinds/choice';
import { iconKind } from './kinds/icon';
import { optionalKind } from './kinds/optional';
import { orderKind } from './kinds/order';
import { referenceKind } from './kinds/reference';
import { textKind } from './kinds/text';
import { property } from './property';

/** The order of what stands below, which may be another one on a narrower band. */
const order = property({
  name: 'order',
  label: 'Order below it',
  group: 'By width',
  kind: orderKind(),
  by: 'width',
  initial: null,
});

/** Properties of a menu as a whole. */
export const menuProperties = [order];

/** When an item leaves its row where room is short: those of one kind go from the end on. */
export const leavesLabels = { first: 'first', turn: 'in its turn', last: 'last' };
export type Leaves = keyof typeof leavesLabels;

/** Properties of an item of a menu, beside its label and its link. What they say is read by render/page/ and its pieces. */
export const itemProperties = [
  property({
    name: 'shown',
    label: 'Shown',
    group: 'By width',
    kind: choiceKind({ shown: 'shown', hidden: 'hidden' }),
    by: 'width',
    initial: 'shown',
  }),
  order,
  property({
    name: 'icon',
    label: 'Icon',
    group: 'Look',
    kind: iconKind(),
    by: null,
    initial: null,
  }),
  property({
    name: 'picture',
    label: 'Picture',
    group: 'Look',
    kind: optionalKind(referenceKind('artwork'), 'none'),
    by: null,
    initial: null,
  }),
  property({
    name: 'card',
    label: 'In panels of columns',
    group: 'Look',
    kind: flagKind('as a link', 'as a card: picture, description, label as a button'),
    by: null,
    initial: false,
  }),
  property({
    name: 'badge',
    label: 'Badge',
    group: 'Look',
    kind: textKind(20),
    by: 'language',
    initial: '',
  }),
  property({
    name: 'description',
    label: 'Description',
    group: 'Words',
    kind: textKind(160, 'shown in wide drop-downs'),
    by: 'language',
    initial: '',
  }),
  property({
    name: 'title',
    label: 'Title text',
    group: 'Words',
    kind: textKind(160, 'shown on pointing at it'),
    by: 'language',
    initial: '',
  }),
  property({
    name: 'leaves',
    label: 'Leaves its row',
    group: 'Where room is short',
    kind: choiceKind(leavesLabels),
    by: null,
    initial: 'turn',
  }),
  property({
    name: 'newWindow',
    label: 'Opens',
    group: 'Link',
    kind: flagKind('in the same window', 'in a new window'),
    by: null,
    initial: false,
  }),
];
