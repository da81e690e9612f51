import { expect, test } from '@jest/globals';
import { newBar } from './defaults';
import { fullestBar } from './fullest-bar';

const holding = (...pieces: string[][]) => ({
  order: pieces.map((_, index) => `b${index}`),
  bars: Object.fromEntries(
    pieces.map((start, index) => [`b${index}`, newBar(`b${index}`, '', {}, { start })]),
  ),
});

test('the fullest bar is the one with the most pieces, the first of several that have as many', () => {
  expect(fullestBar(holding(['a'], ['b', 'c'], ['d']))).toBe('b1');
  expect(fullestBar(holding(['a'], ['b'], ['c']))).toBe('b0');
  expect(fullestBar(holding([], []))).toBe('b0');
});
