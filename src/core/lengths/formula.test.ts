import { expect, test } from '@jest/globals';
import fc from 'fast-check';
import { readFluid, type Fluid } from './fluid';
import {
  boxCss,
  extremes,
  lengthAt,
  lengthCss,
  lengthOver,
  lengthText,
  readAnyLength,
  scaled,
  type Length,
} from './formula';
import { valueAt } from './piecewise';

const nav: Fluid = { from: { at: 900, px: 13 }, to: { at: 1440, px: 18 } };

test('a fluid length keeps its ends and lies on a line between them', () => {
  expect([320, 900, 1170, 1440, 2000].map((width) => lengthAt(nav, width))).toEqual([13, 13, 15.5, 18, 18]);
  expect(lengthAt(14, 320)).toBe(14);
});

test('its CSS is a clamp of a line in rem and vw', () => {
  expect(lengthCss(nav)).toBe('clamp(0.8125rem, 0.2917rem + 0.9259vw, 1.125rem)');
  expect(lengthCss(18)).toBe('1.125rem');
});

/** What a browser makes of the `clamp()`, with 1rem = 16 px. */
function computed(css: string, width: number): number {
  const [least, line, most] = /^clamp\((.+)rem, (.+), (.+)rem\)$/.exec(css)!.slice(1);
  const [start, slope] = /^(.+?)(?:rem)? \+ (.+)vw$/.exec(line!)!.slice(1).map(Number);
  return Math.min(Number(most) * 16, Math.max(Number(least) * 16, start! * 16 + (slope! * width) / 100));
}

test('the CSS and the number agree at every width, whether it grows or shrinks', () => {
  const size = fc.integer({ min: 8, max: 96 });
  fc.assert(
    fc.property(
      size,
      size,
      fc.integer({ min: 320, max: 900 }),
      fc.integer({ min: 1, max: 900 }),
      fc.integer({ min: 320, max: 1920 }),
      (a, b, at, span, width) => {
        const fluid: Fluid = { from: { at, px: a }, to: { at: at + span, px: b } };
        // Four decimals of a vw at 1920 px, and of a rem, are what is written.
        expect(Math.abs(computed(lengthCss(fluid), width) - lengthAt(fluid, width))).toBeLessThan(0.01);
      },
    ),
  );
});

test('lengths are said in words that can be typed', () => {
  expect([lengthText(nav), lengthText(14)]).toEqual(['13 px at 900, 18 px at 1440', '14 px']);
});

test('a share is said as it was typed', () => {
  const said = (typed: string) => {
    const read = readAnyLength(typed, 8);
    return read.ok ? lengthText(read.length) : read.reason;
  };
  const typed = ['280 of 375', '88 %', '12.5 %', '2.75 %', '100 of 390', '16 px + 280 of 375', '13.37 %'];
  expect(typed.map(said)).toEqual(typed);
  expect(said('min(280 of 375, 320)')).toBe('min(280 of 375, 320 px)');
  // Where no width that designs are drawn at tells, it stays a fraction.
  expect(said('31.4159 %')).toBe('31.4159 %');
});

test('what is said of a length can be typed again', () => {
  for (const length of [nav, 14]) expect(readAnyLength(lengthText(length), 8)).toEqual({ ok: true, length });
  expect(readFluid('1rem at 400, 2 steps at 900px', 10)).toEqual({
    ok: true,
    length: { from: { at: 400, px: 16 }, to: { at: 900, px: 20 } },
  });
});

test.each(['13 at', '13 at 900', '13 at 900, 18', 'a at 900, b at 1000', '1 at 1, 2 at 2, 3 at 3', ''])(
  '%j is no length, and the reason quotes it',
  (text) => {
    const reading = readFluid(text, 8);
    expect(!reading.ok && reading.reason).toContain(`“${text}”`);
  },
);

test('widths that are crossed are refused with the text that was meant', () => {
  expect(readFluid('18 px at 1440, 13 px at 900', 8)).toEqual({
    ok: false,
    reason: 'The widths are crossed: the narrower one comes first, such as 13 px at 900, 18 px at 1440.',
  });
  expect(readFluid('13 px at 900, 18 px at 900', 8)).toMatchObject({
    ok: false,
    reason: expect.stringContaining('at 900 px'),
  });
});

/** Lengths of every form. */
const any: fc.Arbitrary<Length> = fc.letrec<{ length: Length; parts: Length[] }>((tie) => ({
  parts: fc.array(tie('length'), { minLength: 2, maxLength: 3 }),
  length: fc.oneof(
    { depthSize: 'small', withCrossShrink: true },
    fc.integer({ min: -200, max: 1600 }),
    fc.record({
      px: fc.integer({ min: -200, max: 200 }),
      share: fc.integer({ min: 1, max: 100 }).map((each) => each / 100),
    }),
    fc.record({
      from: fc.record({ at: fc.integer({ min: 320, max: 700 }), px: fc.integer({ min: 0, max: 90 }) }),
      to: fc.record({ at: fc.integer({ min: 701, max: 1900 }), px: fc.integer({ min: 0, max: 90 }) }),
    }),
    tie('parts').map((least) => ({ least })),
    tie('parts').map((greatest) => ({ greatest })),
    tie('parts').map((sum) => ({ sum })),
  ),
})).length;
const width = fc.integer({ min: 320, max: 1920 });

test('over the width a length is what it is at every width', () => {
  fc.assert(
    fc.property(any, width, (length, at) => {
      const over = lengthOver(length, { from: 320, to: 1920 });
      expect(valueAt(over, at)).toBeCloseTo(lengthAt(length, at), 2);
      const { least, most } = extremes(length, { from: 320, to: 1920 });
      expect(lengthAt(length, at)).toBeGreaterThanOrEqual(least - 0.005);
      expect(lengthAt(length, at)).toBeLessThanOrEqual(most + 0.005);
    }),
  );
});

test('several times a length is as many times as large at every width, turned round too', () => {
  fc.assert(
    fc.property(any, width, fc.constantFrom(-2, -1, 0.5, 3), (length, at, by) => {
      expect(lengthAt(scaled(length, by), at)).toBeCloseTo(by * lengthAt(length, at), 6);
    }),
  );
});

test.each<[string, Length, string]>([
  ['88%', { px: 0, share: 0.88 }, '88vw'],
  ['3vw', { px: 0, share: 0.03 }, '3vw'],
  ['min(1200px, 88%)', { least: [1200, { px: 0, share: 0.88 }] }, 'min(1200px, 88vw)'],
  ['max(2 steps, 3% - 4)', { greatest: [16, { px: -4, share: 0.03 }] }, 'max(16px, -4px + 3vw)'],
  [
    'clamp(8, 2vw, 1rem)',
    { greatest: [8, { least: [{ px: 0, share: 0.02 }, 16] }] },
    'max(8px, min(2vw, 16px))',
  ],
  ['100% - 2 steps', { px: -16, share: 1 }, 'calc(-16px + 100vw)'],
  ['min(24, 3vw) + 8', { sum: [{ least: [24, { px: 0, share: 0.03 }] }, 8] }, 'calc(min(24px, 3vw) + 8px)'],
  ['2 steps + 4', 20, '20px'],
  ['0', 0, '0'],
  ['max(0, 3% - 4)', { greatest: [0, { px: -4, share: 0.03 }] }, 'max(0px, -4px + 3vw)'],
  ['280 of 375', { px: 0, share: 0.746667 }, '74.6667vw'],
  ['min(280 px of 375, 320)', { least: [{ px: 0, share: 0.746667 }, 320] }, 'min(74.6667vw, 320px)'],
  ['13 px at 900, 18 px at 1440', nav, 'clamp(13px, 4.6667px + 0.9259vw, 18px)'],
])('%s is read, written in CSS, and said again', (text, length, css) => {
  expect(readAnyLength(text, 8)).toEqual({ ok: true, length });
  expect(boxCss(length)).toBe(css);
  expect(readAnyLength(lengthText(length), 8)).toEqual({ ok: true, length });
});

test.each([
  '',
  '1.5em',
  '50%%',
  'min(1200px)',
  'min(1200px, 88%',
  'max()',
  '12 px 13',
  '280 of',
  '280 of 0',
  'of 375',
  '7,',
  '% 5',
  'min(1,2,3,4,5,6,7)',
  'clamp(1, 2)',
  `${'min(1, '.repeat(9)}2${')'.repeat(9)}`,
])('“%s” is no length, and the reason quotes it', (text) => {
  const reading = readAnyLength(text, 8);
  expect(!reading.ok && reading.reason).toContain(`“${text.trim()}”`);
});
