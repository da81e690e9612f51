import { expect, test } from '@jest/globals';
import { foundGroups } from './found-groups';
import type { SheetGroup, SheetRow } from './model';

const row = (label: string, own = false, said?: string): SheetRow => ({
  name: label,
  label,
  ...(said === undefined ? {} : { said }),
  editor: { as: 'text' },
  cells: [{ key: 'all', value: '', text: '', aside: null, swatch: null, own, follows: null }, null],
});

const groups: SheetGroup[] = [
  { name: 'Space', rows: [row('Between items', true), row('Inside, beside')] },
  { name: 'Look', rows: [row('Ground', false, 'Ground of items'), row('Ink')] },
];

const found = (text: string, onlySet = false) =>
  foundGroups(groups, { text, onlySet }).map(({ name, rows }) => [name, rows.map(({ label }) => label)]);

test('rows are found by what they are called, whatever the case, and by the name of their group', () => {
  expect(found('')).toEqual([
    ['Space', ['Between items', 'Inside, beside']],
    ['Look', ['Ground', 'Ink']],
  ]);
  expect(found(' ITEMS ')).toEqual([
    ['Space', ['Between items']],
    ['Look', ['Ground']],
  ]);
  expect(found('look')).toEqual([['Look', ['Ground', 'Ink']]]);
  expect(found('nothing of the kind')).toEqual([]);
});

test('rows are found by the word of the trade that their property is named by', () => {
  const named = [{ name: 'Space', rows: [{ ...row('Between items'), name: 'itemGap' }, row('Inside')] }];
  const by = (text: string) => foundGroups(named, { text, onlySet: false }).length;
  expect([by('gap'), by('Ga'), by('item gap')]).toEqual([1, 0, 0]);
});

test('only what is set is shown where that is asked for, and groups without it are left out', () => {
  expect(found('', true)).toEqual([['Space', ['Between items']]]);
  expect(found('ink', true)).toEqual([]);
});
