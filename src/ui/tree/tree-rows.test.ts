import { expect, test } from '@jest/globals';
import { droppedSpot, isWithin, movedSpot, spotWithout, treeRows } from './tree-rows';

const children: Record<string, string[]> = { a: ['a1', 'a2'], a2: ['a21'], b: [] };
const rows = treeRows(['a', 'b', 'c'], (id) => children[id] ?? []);
const byId = new Map(rows.map((row) => [row.id, row]));
const row = (id: string) => byId.get(id)!;

test('rows stand in the order in which the tree is read, each with its level and its place', () => {
  expect(rows.map(({ id, level, parent, index }) => [id, level, parent, index])).toEqual([
    ['a', 1, null, 0],
    ['a1', 2, 'a', 0],
    ['a2', 2, 'a', 1],
    ['a21', 3, 'a2', 0],
    ['b', 1, null, 1],
    ['c', 1, null, 2],
  ]);
});

test.each([
  ['b', 'up', { parent: null, before: 'a' }],
  ['b', 'down', { parent: null, before: null }],
  ['a', 'down', { parent: null, before: 'c' }],
  ['a', 'up', null],
  ['c', 'down', null],
  ['b', 'in', { parent: 'a', before: null }],
  ['a', 'in', null],
  ['a1', 'out', { parent: null, before: 'b' }],
  ['a21', 'out', { parent: 'a', before: null }],
  ['a', 'out', null],
] as const)('%s moved %s goes to %j', (id, move, spot) => {
  expect(movedSpot(byId, [row(id)], move)).toEqual(spot);
});

test('rows that are moved as one go past the neighbour of the outermost', () => {
  expect(movedSpot(byId, [row('a'), row('b')], 'down')).toEqual({ parent: null, before: null });
  expect(movedSpot(byId, [row('b'), row('c')], 'up')).toEqual({ parent: null, before: 'a' });
});

test('a drop means before, behind, or below', () => {
  expect(droppedSpot(row('a1'), 'before')).toEqual({ parent: 'a', before: 'a1' });
  expect(droppedSpot(row('a1'), 'after')).toEqual({ parent: 'a', before: 'a2' });
  expect(droppedSpot(row('c'), 'after')).toEqual({ parent: null, before: null });
  expect(droppedSpot(row('b'), 'inside')).toEqual({ parent: 'b', before: null });
});

test('a row that is dropped on itself, or right before itself, stays where it is', () => {
  expect(spotWithout(byId, new Set(['a']), { parent: null, before: 'a' })).toEqual({
    parent: null,
    before: 'b',
  });
  expect(spotWithout(byId, new Set(['b', 'c']), { parent: null, before: 'b' })).toEqual({
    parent: null,
    before: null,
  });
});

test('what stands below a row is within it', () => {
  expect([
    isWithin(byId, 'a21', new Set(['a'])),
    isWithin(byId, 'b', new Set(['a'])),
    isWithin(byId, null, new Set(['a'])),
  ]).toEqual([true, false, false]);
});
