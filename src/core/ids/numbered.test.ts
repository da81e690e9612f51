import { expect, test } from '@jest/globals';
import { numberedTexts } from './numbered';

test('the same text has the same number, and another text another, however many there are', () => {
  const numberOf = numberedTexts();
  const first = numberOf('one');
  expect(numberOf('one')).toBe(first);
  const others = Array.from({ length: 9000 }, (_, index) => numberOf(`text ${index}`));
  expect(new Set([first, ...others]).size).toBe(9001);
});
