import { expect, test } from '@jest/globals';
import type { FrameBox, FrameLine } from '@/frame/messages';
import { inkAreas, overlap } from './area';
import { figurePlaces } from './figure-room';
import { namePlace } from './name-place';

const places = (lines: readonly FrameLine[], ink: readonly FrameBox[] = [], scale = 1) =>
  figurePlaces(
    lines.map((line) => ({ line, figure: '24' })),
    { scale, width: 600, taken: inkAreas(ink, scale) },
  );
const text = (x: number, y: number, width: number): FrameBox => ({ x, y, width, height: 18 });

test('a figure stands on a line across, and beside one that runs down', () => {
  expect(places([[100, 50, 130, 50]])).toEqual([{ x: 0, y: 0 }]);
  const [beside] = places([[100, 50, 100, 80]]);
  expect(beside!.x).toBeGreaterThan(0);
  expect(beside!.y).toBe(0);
});

test('it stands on no text: beside its line in place of on it, or farther along it', () => {
  const [above] = places([[100, 50, 110, 50]], [text(80, 44, 60)]);
  expect(above!.x).toBe(0);
  expect(Math.abs(above!.y)).toBeGreaterThanOrEqual(9);
  const [along] = places([[100, 50, 300, 50]], [text(180, 41, 40)]);
  expect(along!.y).toBe(0);
  expect(Math.abs(along!.x)).toBeGreaterThanOrEqual(29);
});

test('it stays in the view, and where all around is written it is not there', () => {
  const [down] = places([[2, 50, 2, 80]], [text(0, 56, 90)]);
  expect(down).not.toBeNull();
  expect(2 + down!.x - 9).toBeGreaterThanOrEqual(0);
  const page = { x: 0, y: 0, width: 600, height: 400 };
  expect(places([[100, 50, 110, 50]], [page])).toEqual([null]);
  // The same texts leave less room in a view that is drawn small.
  const between = [text(0, 20, 600), text(0, 56, 600)];
  expect(places([[100, 47, 110, 47]], between)[0]!.y).toBe(0);
  expect(places([[100, 47, 110, 47]], between, 0.4)[0]!.y).not.toBe(0);
});

test('figures stand on no other line and beside each other, and those before choose first', () => {
  const lines: FrameLine[] = [
    [100, 50, 140, 50],
    [104, 53, 144, 53],
  ];
  const around = (x: number, y: number, wide: number, high: number) => ({
    left: x - wide / 2,
    right: x + wide / 2,
    top: y - high / 2,
    bottom: y + high / 2,
  });
  const middles = [
    { x: 120, y: 50 },
    { x: 124, y: 53 },
  ] as const;
  const [first, second] = places(lines).map((place, index) =>
    around(middles[index]!.x + place!.x, middles[index]!.y + place!.y, 18, 14),
  );
  const [one, other] = middles.map(({ x, y }) => around(x, y, 40, 2));
  expect(overlap(first!, other!)).toBe(false);
  expect(overlap(second!, one!)).toBe(false);
  expect(overlap(first!, second!)).toBe(false);
  expect(first!.bottom).toBeLessThan(60);
});

test('a name stands above what it names, below it at the top of a view, and there where it covers less', () => {
  const place = (box: FrameBox, ink: readonly FrameBox[] = []) =>
    namePlace('Logo', box, { view: 600, scale: 1, ink: inkAreas(ink, 1) });
  const box = { x: 20, y: 40, width: 100, height: 30 };
  expect(place(box)).toMatchObject({
    below: false,
    fromStart: 0,
    area: { left: 20, bottom: 40 },
  });
  expect(place({ ...box, y: 10 }).below).toBe(true);
  expect(place(box, [text(0, 22, 200)]).below).toBe(true);
  expect(place(box, [text(0, 22, 200), text(0, 70, 200)]).below).toBe(false);
  expect(place({ ...box, x: 480 })).toMatchObject({ fromStart: null, area: { right: 580 } });
  // In a view that is too narrow for it where it would stand, it reaches beyond.
  const narrow = namePlace(
    'Button “Book a crossing”',
    { ...box, x: 60, width: 80 },
    { view: 180, scale: 1, ink: [] },
  );
  expect(narrow.area.left).toBe(0);
  expect(narrow.fromStart).toBe(-60);
});
