import { expect, test } from '@jest/globals';
import fc from 'fast-check';
import { textChange } from './text-change';

const apply = (before: string, { start, rest, text }: ReturnType<typeof textChange>) =>
  before.slice(0, start) + text + before.slice(before.length - rest);

test('a change makes the later text of the earlier one, whatever they are', () => {
  const word = fc.string({ unit: fc.constantFrom('a', 'b', '{', '\n'), maxLength: 12 });
  fc.assert(
    fc.property(word, word, (before, after) => {
      expect(apply(before, textChange(before, after))).toBe(after);
    }),
  );
});

test('a change holds no more than what is new', () => {
  expect(textChange('gap: 8px;', 'gap: 16px;')).toEqual({ start: 5, rest: 3, text: '16' });
  expect(textChange('same', 'same')).toEqual({ start: 4, rest: 0, text: '' });
  expect(textChange('aa', 'aaa')).toEqual({ start: 2, rest: 0, text: 'a' });
});
