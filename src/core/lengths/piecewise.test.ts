import { expect, test } from '@jest/globals';
import fc from 'fast-check';
import type { Fluid } from './fluid';
import { lengthAt, lengthOver, textLengthOver } from './formula';
import {
  bent,
  constant,
  less,
  narrowest,
  times,
  total,
  valueAt,
  widest,
  zeros,
  type Piecewise,
} from './piecewise';

const span = { from: 320, to: 1920 };
const rising: Piecewise = { at: [320, 1920], values: [320, 1920] };

/** Functions with up to four bends. */
const functions = fc
  .array(fc.tuple(fc.integer({ min: 321, max: 1919 }), fc.integer({ min: -500, max: 500 })), { maxLength: 4 })
  .chain((bends) =>
    fc.tuple(fc.constant(bends), fc.integer({ min: -500, max: 500 }), fc.integer({ min: -500, max: 500 })),
  )
  .map(([bends, first, last]): Piecewise => {
    const inside = [...new Map(bends)].sort(([a], [b]) => a - b);
    return {
      at: [320, ...inside.map(([at]) => at), 1920],
      values: [first, ...inside.map(([, value]) => value), last],
    };
  });
const widths = fc.integer({ min: 320, max: 1920 });

test('sums, differences and multiples are those of the values at every width', () => {
  fc.assert(
    fc.property(functions, functions, widths, (one, other, width) => {
      const [a, b] = [valueAt(one, width), valueAt(other, width)];
      expect(valueAt(total(one, other), width)).toBeCloseTo(a + b, 6);
      expect(valueAt(less(one, other), width)).toBeCloseTo(a - b, 6);
      expect(valueAt(times(one, 3), width)).toBeCloseTo(3 * a, 6);
    }),
  );
});

test('what is nothing changes no sum, and what follows it is still counted', () => {
  fc.assert(
    fc.property(functions, functions, widths, (one, other, width) => {
      const nothing: Piecewise = { at: [320, 900, 1920], values: [0, 0, 0] };
      const [a, b] = [valueAt(one, width), valueAt(other, width)];
      expect(total(one, nothing)).toBe(one);
      expect(valueAt(total(nothing, one, other, other), width)).toBeCloseTo(a + 2 * b, 6);
      expect(valueAt(less(nothing, one, nothing, other), width)).toBeCloseTo(-a - b, 6);
    }),
  );
});

test('the widest and the narrowest are those of the values, also between the bends of both', () => {
  fc.assert(
    fc.property(functions, functions, widths, (one, other, width) => {
      const [a, b] = [valueAt(one, width), valueAt(other, width)];
      expect(valueAt(widest(one, other), width)).toBeCloseTo(Math.max(a, b), 5);
      expect(valueAt(narrowest(one, other), width)).toBeCloseTo(Math.min(a, b), 5);
    }),
  );
});

test('its zeros are where the sign changes, and no sign changes anywhere else', () => {
  fc.assert(
    fc.property(functions, (one) => {
      const ends = [span.from, ...zeros(one), span.to];
      for (const zero of zeros(one)) expect(valueAt(one, zero)).toBeCloseTo(0, 6);
      ends.slice(1).forEach((end, index) => {
        const signs = [0.25, 0.5, 0.75]
          .map((share) =>
            Math.sign(Math.round(valueAt(one, ends[index]! + (end - ends[index]!) * share) * 1e6)),
          )
          .filter((sign) => sign !== 0);
        expect(new Set(signs).size).toBeLessThanOrEqual(1);
      });
    }),
  );
});

test('a function that comes to zero and stays there changes where it comes to it, whatever its sums are rounded to', () => {
  expect(zeros({ at: [0, 10, 20], values: [-10, 1e-13, 1e-13] })).toEqual([10]);
  expect(zeros(constant(0, span))).toEqual([]);
});

test('a fluid length over the viewport is what it is at each width, and follows the reader’s own text size', () => {
  const size = fc.integer({ min: 8, max: 40 });
  fc.assert(
    fc.property(size, size, widths, fc.integer({ min: 1, max: 900 }), widths, (from, to, at, more, width) => {
      const fluid: Fluid = { from: { at, px: from }, to: { at: at + more, px: to } };
      expect(valueAt(lengthOver(fluid, span), width)).toBeCloseTo(lengthAt(fluid, width), 2);
    }),
  );
  expect(textLengthOver(16, span, 24).values).toEqual([24, 24]);
  // clamp(1rem, 0.5rem + 1vw, 2rem) with 1rem = 24 px: 12 + 8.8 is less than its least 24.
  const grown: Fluid = { from: { at: 800, px: 16 }, to: { at: 2400, px: 32 } };
  expect(valueAt(textLengthOver(grown, span, 24), 880)).toBeCloseTo(24, 6);
  expect(valueAt(textLengthOver(grown, span, 24), 1800)).toBeCloseTo(12 + 18, 6);
});

test('bends outside of the span are left out', () => {
  expect(bent(span, [100, 500, 5000], (width) => width)).toEqual({
    at: [320, 500, 1920],
    values: [320, 500, 1920],
  });
  expect(valueAt(rising, 100)).toBe(320);
  expect(valueAt(rising, 9000)).toBe(1920);
});
