import { expect, test } from '@jest/globals';
import fc from 'fast-check';
import { wcagContrast } from 'culori';
import { colourComponents, componentsCss } from './components';
import { contrast, contrastGrade, contrastOn, srgb } from './contrast';
import { readColour } from './read-colour';

test.each([
  ['#1c5a7a', '#1c5a7a'],
  ['1c5a7a', '#1c5a7a'],
  [' teal ', 'teal'],
  ['rgb(28 90 122 / 80%)', 'rgb(28 90 122 / 80%)'],
  ['oklch(45% 0.09 240)', 'oklch(45% 0.09 240)'],
  ['color(display-p3 1 0 0)', 'color(display-p3 1 0 0)'],
])('%j is read as %j', (text, css) => {
  expect(readColour(text)).toEqual({ ok: true, css });
});

test.each([
  '',
  'bluish',
  '#12',
  'rgb(1,2',
  'url(x)',
  'red; color: blue',
  '}',
  'var(--x)',
  `#${'0'.repeat(90)}`,
])('%j is no colour', (text) => expect(readColour(text).ok).toBe(false));

test('black on white has the greatest contrast, a colour on itself none', () => {
  expect(contrast(srgb('black'), srgb('white'))).toBe(21);
  expect(contrast(srgb('teal'), srgb('teal'))).toBe(1);
});

test('contrast agrees with a library of its own for all opaque colours', () => {
  const hex = fc.integer({ min: 0, max: 0xffffff }).map((value) => `#${value.toString(16).padStart(6, '0')}`);
  fc.assert(
    fc.property(hex, hex, (one, other) => {
      expect(contrast(srgb(one), srgb(other))).toBeCloseTo(wcagContrast(one, other), 2);
    }),
  );
});

test('translucent text and grounds are composited before they are compared', () => {
  expect(contrastOn('rgb(0 0 0 / 0%)', 'white', 'white')).toBe(1);
  expect(contrastOn('black', 'rgb(0 0 0 / 0%)', 'white')).toBe(21);
  expect(contrastOn('white', 'rgb(0 0 0 / 50%)', 'white')).toBeCloseTo(
    contrast(srgb('white'), srgb('rgb(127.5 127.5 127.5)')),
    5,
  );
});

test('grades begin where WCAG says', () => {
  expect([4.5, 4.499, 3, 2.99].map(contrastGrade)).toEqual(['text', 'large', 'large', 'none']);
});

test.each(['#1c5a7a', '#1c5a7a80', 'oklch(0.6 0.1 200)', 'color(display-p3 1 0 0.5)', 'lab(50 20 30 / 0.5)'])(
  '%s comes back from its components',
  (css) => {
    const back = componentsCss(colourComponents(css))!;
    const [one, other] = [srgb(css), srgb(back)];
    for (const channel of ['r', 'g', 'b', 'alpha'] as const)
      expect(other[channel]).toBeCloseTo(one[channel], 3);
  },
);

test('components that are none give nothing', () => {
  for (const value of [
    null,
    4,
    {},
    { colorSpace: 'srgb', components: [1] },
    { colorSpace: 'x', components: [1, 1, 1] },
    'bluish',
  ])
    expect(componentsCss(value)).toBeNull();
});
