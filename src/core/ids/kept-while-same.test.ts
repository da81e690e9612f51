import { expect, test } from '@jest/globals';
import { keptWhileSame } from './kept-while-same';

test('something is made once of an object, and anew when what else it is made of is other', () => {
  const kept = keptWhileSame<object, number>();
  const [one, other, pages] = [{}, {}, {}];
  let made = 0;
  const ask = (of: object, ...madeOf: unknown[]) => kept(of, madeOf, () => (made += 1));
  expect([ask(one, pages, 'en'), ask(one, pages, 'en')]).toEqual([1, 1]);
  expect(ask(other, pages, 'en')).toBe(2);
  expect(ask(one, {}, 'en')).toBe(3);
  expect(ask(one, pages)).toBe(4);
  expect([ask(other, pages, 'en'), ask(one, pages)]).toEqual([2, 4]);
});
