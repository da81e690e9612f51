import { expect, test } from '@jest/globals';
import fc from 'fast-check';
import { lengthAt, lengthCss, lengthText, readFluid, type Fluid } from './fluid';

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

test('what is said of a length can be typed again', () => {
  for (const length of [nav, 14]) expect(readFluid(lengthText(length), 8)).toEqual({ ok: true, length });
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
