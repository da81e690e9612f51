import { expect, test } from '@jest/globals';
import fc from 'fast-check';
import { changeBetween, changed } from './document-change';

const plain = fc.letrec<{ value: unknown; object: Record<string, unknown> }>((tie) => ({
  value: fc.oneof(
    { depthSize: 'small' },
    fc.integer(),
    fc.array(fc.integer(), { maxLength: 2 }),
    tie('object'),
  ),
  object: fc.dictionary(fc.constantFrom('a', 'b', 'c', 'd'), tie('value')),
})).object;

test('a change that was found and made again, as a message brings it, gives the other object', () => {
  fc.assert(
    fc.property(plain, plain, (before, now) => {
      const sent = JSON.parse(JSON.stringify(changeBetween(before, now)));
      expect(changed(before, sent)).toEqual(now);
    }),
  );
});

test('what did not change stays the same object', () => {
  const before = { headers: { h: { pieces: { p: { values: {} } }, name: 'a' } }, menus: { m: {} } };
  const now = { ...before, headers: { h: { ...before.headers.h, name: 'b' } } };
  const change = changeBetween(before, now);
  expect(change).toEqual({
    set: {},
    gone: [],
    inside: { headers: { set: {}, gone: [], inside: { h: { set: { name: 'b' }, gone: [], inside: {} } } } },
  });
  const made = changed(before, change);
  expect(made.headers.h.pieces).toBe(before.headers.h.pieces);
  expect(made.menus).toBe(before.menus);
});

test('nothing changes where both are the same', () => {
  const same = { a: { b: 1 } };
  expect(changeBetween(same, same)).toEqual({ set: {}, inside: {}, gone: [] });
});
