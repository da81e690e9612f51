import type { Edit } from '../edit';

/** Edits after which the sample's header has a menu of long labels, a row at every width: it stops fitting somewhere within the desktop. */
export const longMenu: readonly Edit[] = [
  {
    edit: 'setValue',
    place: { on: 'piece', in: 'headers', assembly: 'h', piece: 'menu' },
    property: 'shownAs',
    cell: 'phone',
    value: 'row',
  },
  {
    edit: 'labelItem',
    menu: 'm',
    item: 'i1',
    label: 'A label that is very, very long and goes on for a while',
  },
  {
    edit: 'labelItem',
    menu: 'm',
    item: 'i2',
    label: 'Another one that is no shorter than the first of them',
  },
];
