import { expect, test } from '@jest/globals';
import { steppedText } from './stepped-text';

test.each([
  ['14', 2, 1, '15'],
  ['14 px', 5, -10, '4 px'],
  ['0.5', 3, 1, '1.5'],
  ['1.25', 0, 0.1, '1.35'],
  ['1 : 3', 5, 1, '1 : 4'],
  ['1 : 3', 1, 1, '2 : 3'],
  ['13 px at 900, 18 px at 1440', 14, 1, '13 px at 900, 19 px at 1440'],
  ['min(1200px, 88%)', 13, 1, 'min(1200px, 89%)'],
  ['-2', 2, -1, '-3'],
  ['0', 1, -1, '-1'],
])('in “%s” the number at %i is stepped by %d', (text, caret, by, stepped) => {
  expect(steppedText(text, caret, by)?.text).toBe(stepped);
});

test('the caret stays behind the number, and a text without one has no step', () => {
  expect(steppedText('9 px', 0, 1)).toEqual({ text: '10 px', caret: 2 });
  expect(steppedText('edges', 2, 1)).toBeNull();
});
