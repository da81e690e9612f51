import { expect, test } from '@jest/globals';
import fc from 'fast-check';
import { sameData } from './same-data';

test('says of any two parts of a document what their written forms say', () => {
  const data = fc.jsonValue({ maxDepth: 3 });
  const pair = fc.oneof(
    fc.tuple(data, data),
    data.map((each) => [each, structuredClone(each)] as const),
    fc.tuple(fc.dictionary(fc.constantFrom('a', 'b'), data), fc.dictionary(fc.constantFrom('b', 'a'), data)),
  );
  fc.assert(
    fc.property(pair, ([one, other]) => {
      expect(sameData(one, other)).toBe(JSON.stringify(one) === JSON.stringify(other));
    }),
  );
});

test('what is undefined is not said; an empty list is no empty record', () => {
  expect(sameData({ a: 1, b: undefined }, { a: 1 })).toBe(true);
  expect(sameData([], {})).toBe(false);
  expect(sameData(null, {})).toBe(false);
});
