import { expect, test } from '@jest/globals';
import { withRoom } from './figure-room';
import { draggedPx, typedPx } from './typed-px';

test('a length is typed with or without its unit, and nonsense is said to be none', () => {
  expect([typedPx('12'), typedPx(' 12.5 px '), typedPx('3,5px'), typedPx('0')]).toEqual([12, 12.5, 3.5, 0]);
  for (const text of ['', 'abc', '-4', '12 em', '1e3', '12 px wide'])
    expect(typedPx(text)).toBe(`“${text.trim()}” is no length. Type a number of px, such as 12.`);
});

test('a drag goes in steps of 4 px, or to the px, and stays within the limits', () => {
  const within = { least: 0, most: 40 };
  expect(draggedPx(18, 3.1, { ...within, exact: false })).toBe(20);
  expect(draggedPx(18, 3.1, { ...within, exact: true })).toBe(21);
  expect(draggedPx(18, -60, { ...within, exact: false })).toBe(0);
  expect(draggedPx(18, 60, { ...within, exact: true })).toBe(40);
});

test('of lines that lie close together only the first has its figure', () => {
  expect(
    withRoom(
      [
        [0, 0, 10, 0],
        [4, 2, 14, 2],
        [4, 40, 14, 40],
        [80, 0, 90, 0],
      ],
      1,
    ),
  ).toEqual([true, false, true, true]);
  expect(
    withRoom(
      [
        [0, 0, 10, 0],
        [80, 0, 90, 0],
      ],
      0.1,
    ),
  ).toEqual([true, false]);
});
