import { expect, test } from '@jest/globals';
import { keptByText } from './kept-by-text';

test('something is made once of each text, and again when more of them were asked about than are kept', () => {
  const asked: string[] = [];
  const letters = keptByText((text) => {
    asked.push(text);
    return text.length;
  });
  expect(['a', 'ab', 'a'].map(letters)).toEqual([1, 2, 1]);
  expect(asked).toEqual(['a', 'ab']);
  for (let index = 0; index < 5000; index += 1) letters(`text ${index}`);
  expect(letters('a')).toBe(1);
  expect(asked.filter((text) => text === 'a')).toHaveLength(2);
});

test('what cannot be made of a text is tried each time', () => {
  let tried = 0;
  const refusing = keptByText((text): string => {
    tried += 1;
    throw new Error(`Not ${text}`);
  });
  expect(() => refusing('this')).toThrow('Not this');
  expect(() => refusing('this')).toThrow('Not this');
  expect(tried).toBe(2);
});
