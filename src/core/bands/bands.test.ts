import { expect, test } from '@jest/globals';
import fc from 'fast-check';
import * as v from 'valibot';
import { bandAt, bandRangeText, bandsSchema, breakpointLimits } from './band';
import { settle } from './follow';

const bands = [
  { id: 'd', name: 'Desktop', from: 1024 },
  { id: 't', name: 'Tablet', from: 640 },
  { id: 'p', name: 'Phone', from: 0 },
];
const chain = ['d', 't', 'p'];

test('a band without a value follows the next wider one that has one', () => {
  const values = { d: 24, p: 12 };
  expect(settle(values, chain, 't', 0)).toEqual({ value: 24, from: 'd', own: false });
  expect(settle(values, chain, 'p', 0)).toEqual({ value: 12, from: 'p', own: true });
});

test('values of narrower bands never reach wider ones', () => {
  expect(settle({ p: 12 }, chain, 'd', 7)).toEqual({ value: 7, from: null, own: false });
});

test('falsy values are values', () => {
  expect(settle({ d: 5, t: 0 }, chain, 'p', 9).value).toBe(0);
  expect(settle<string | null>({ d: 'x', t: null }, chain, 'p', 'y').value).toBeNull();
});

test('a cell that is not on the axis is a mistake of the caller', () => {
  expect(() => settle({}, chain, 'x', 0)).toThrow('x');
});

test('setting a band changes that band and those that follow it, and nothing wider', () => {
  const cells = fc.dictionary(fc.constantFrom(...chain), fc.integer());
  fc.assert(
    fc.property(cells, fc.constantFrom(...chain), fc.integer(), (values, cell, value) => {
      const after = { ...values, [cell]: value };
      for (const wider of chain.slice(0, chain.indexOf(cell))) {
        expect(settle(after, chain, wider, 0)).toEqual(settle(values, chain, wider, 0));
      }
      expect(settle(after, chain, cell, 0)).toEqual({ value, from: cell, own: true });
    }),
  );
});

test('every width is in exactly one band', () => {
  expect([320, 639, 640, 1023, 1024, 5000].map((width) => bandAt(bands, width).id)).toEqual([
    'p',
    'p',
    't',
    't',
    'd',
    'd',
  ]);
});

test('bands say their widths', () => {
  expect(chain.map((id) => bandRangeText(bands, id))).toEqual(['≥ 1024', '640–1023', '< 640']);
});

test('a breakpoint can be moved within its neighbours, and the limits themselves are allowed', () => {
  const limits = breakpointLimits(bands, 't')!;
  expect(limits).toEqual({ least: 360, most: 984 });
  for (const from of [limits.least, limits.most]) {
    expect(
      v.is(
        bandsSchema,
        bands.map((band) => (band.id === 't' ? { ...band, from } : band)),
      ),
    ).toBe(true);
  }
  for (const from of [limits.least - 1, limits.most + 1]) {
    expect(
      v.is(
        bandsSchema,
        bands.map((band) => (band.id === 't' ? { ...band, from } : band)),
      ),
    ).toBe(false);
  }
  expect(breakpointLimits(bands, 'p')).toBeNull();
});

test.each([
  ['no band', []],
  ['a gap at the bottom', [{ id: 'a', name: 'A', from: 10 }]],
  [
    'the same id twice',
    [
      { id: 'a', name: 'A', from: 900 },
      { id: 'a', name: 'B', from: 0 },
    ],
  ],
  [
    'bands out of order',
    [
      { id: 'a', name: 'A', from: 0 },
      { id: 'b', name: 'B', from: 900 },
    ],
  ],
])('%s is refused', (_, wrong) => {
  expect(v.is(bandsSchema, wrong)).toBe(false);
});
