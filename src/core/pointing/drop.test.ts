import { expect, test } from '@jest/globals';
import { dropAt, placedBays, type SeenBay } from './drop';

const box = (x: number, y: number, width: number, height: number) => ({ x, y, width, height });
/** A bar of three bays: two pieces in a row, none, and three below each other. */
const bays: SeenBay[] = [
  {
    bar: 'bar',
    bay: 'start',
    box: box(0, 0, 300, 60),
    count: 2,
    pieces: [
      { id: 'a', index: 0, box: box(0, 10, 100, 40) },
      { id: 'b', index: 1, box: box(120, 10, 100, 40) },
    ],
  },
  { bar: 'bar', bay: 'middle', box: box(320, 0, 0, 60), count: 1, pieces: [] },
  {
    bar: 'bar',
    bay: 'end',
    box: box(400, 0, 200, 60),
    count: 3,
    pieces: [
      { id: 'c', index: 0, box: box(400, 0, 200, 20) },
      { id: 'd', index: 1, box: box(400, 20, 200, 20) },
      { id: 'e', index: 2, box: box(400, 40, 200, 20) },
    ],
  },
];
const at = (x: number, y: number, moved = 'new', rightToLeft = false) =>
  dropAt(bays, moved, { x, y, rightToLeft });

test('a piece goes before or behind the nearest one in a row, on its nearer side', () => {
  expect(at(10, 30)).toEqual({
    spot: { bar: 'bar', bay: 'start', index: 0 },
    line: box(0, 10, 0, 40),
  });
  expect(at(90, 30)!.spot.index).toBe(1);
  expect(at(219, 30)).toEqual({
    spot: { bar: 'bar', bay: 'start', index: 2 },
    line: box(220, 10, 0, 40),
  });
});

test('from right to left, before is on the right', () => {
  expect(at(10, 30, 'new', true)!.spot.index).toBe(1);
  expect(at(90, 30, 'new', true)).toEqual({
    spot: { bar: 'bar', bay: 'start', index: 0 },
    line: box(100, 10, 0, 40),
  });
});

test('below each other, the upper half is before', () => {
  expect(at(500, 22)).toEqual({ spot: { bar: 'bar', bay: 'end', index: 1 }, line: box(400, 20, 200, 0) });
  expect(at(500, 38)!.spot.index).toBe(2);
  expect(at(500, 59)!.spot.index).toBe(3);
});

test('an empty bay is reached by coming near to it; what is not seen there stays before', () => {
  expect(at(325, 30)).toEqual({
    spot: { bar: 'bar', bay: 'middle', index: 1 },
    line: box(320, 0, 0, 60),
  });
});

test('a piece that moves within its bay is counted as if it were out', () => {
  expect(at(219, 30, 'a')!.spot.index).toBe(1);
  expect(at(10, 30, 'b')!.spot.index).toBe(0);
  expect(at(500, 59, 'd')!.spot.index).toBe(2);
});

test('alone in its bay it stays there', () => {
  const alone: SeenBay[] = [{ ...bays[0]!, count: 1, pieces: [bays[0]!.pieces[0]!] }];
  expect(dropAt(alone, 'a', { x: 280, y: 30, rightToLeft: false })!.spot.index).toBe(0);
});

test('without bays there is nowhere to go', () => {
  expect(dropAt([], 'a', { x: 0, y: 0, rightToLeft: false })).toBeNull();
});

const bay = (name: string, at: SeenBay['box'] | null) => ({
  bar: 'bar',
  bay: name,
  box: at,
  pieces: [],
  count: 0,
});
const boxes = (list: SeenBay[]) => list.map(({ bay: name, box: at }) => [name, at.x, at.width]);

test('bays that are not on the page share the gap between their neighbours and the edges of the bar', () => {
  const bar = box(0, 0, 600, 60);
  expect(
    boxes(
      placedBays(bar, [bay('a', box(10, 0, 90, 60)), bay('b', null), bay('c', box(400, 0, 200, 60))], false),
    ),
  ).toEqual([
    ['a', 10, 90],
    ['b', 100, 300],
    ['c', 400, 200],
  ]);
  expect(boxes(placedBays(bar, [bay('a', null), bay('b', null), bay('c', null)], false))).toEqual([
    ['a', 0, 200],
    ['b', 200, 200],
    ['c', 400, 200],
  ]);
  // From right to left, the first is on the right.
  expect(boxes(placedBays(bar, [bay('a', null), bay('b', box(100, 0, 300, 60))], true))).toEqual([
    ['a', 400, 200],
    ['b', 100, 300],
  ]);
  // Below each other there is no gap beside them.
  expect(
    boxes(
      placedBays(bar, [bay('a', box(0, 0, 600, 20)), bay('b', null), bay('c', box(0, 40, 600, 20))], false),
    )[1],
  ).toEqual(['b', 600, 0]);
});
