import { expect, test } from '@jest/globals';
import { draggedPx, missText, snappedPx, typedPx } from './typed-px';

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

test('a line says by how much it misses what it is nearly in line with, and goes all the way when it comes close', () => {
  const edges = [
    { x: 500, at: 'start', of: 'Menu' },
    { x: 300, at: 'end', of: 'Logo' },
  ] as const;
  // The next column begins 24 px behind the end of the line.
  expect(missText(edges, 479, 1, 24)).toEqual({ short: '3 off', long: '3 px past the start of Menu' });
  expect(missText(edges, 470.6, 1, 24)!.long).toBe('5.4 px before the start of Menu');
  expect(missText(edges, 476.3, 1, 24)).toEqual({ short: 'in line', long: 'in line with the start of Menu' });
  expect(missText(edges, 440, 1, 24)).toBeNull();
  expect(missText(edges, 304, 1, 24)!.long).toBe('4 px past the end of Logo');
  // From right to left, what is past lies further left.
  expect(missText([{ x: 500, at: 'start', of: 'Menu' }], 520, -1, 24)!.long).toBe(
    '4 px past the start of Menu',
  );
  const at = { edges, toward: 1, gap: 24, scale: 1 };
  expect(snappedPx(200, { ...at, end: 479 })).toBe(197);
  expect(snappedPx(200, { ...at, end: 484 })).toBeNull();
  expect(snappedPx(200, { ...at, end: 484, scale: 0.5 })).toBe(192);
});
