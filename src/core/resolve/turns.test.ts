import { expect, test } from '@jest/globals';
import * as fc from 'fast-check';
import { lengthAt, type Length } from '../lengths/formula';
import { sampleSite } from '../site/sample.test-data';
import type { Site } from '../site/site';
import { resolveAssembly } from './assembly';
import { distance, lengthOf, levelId, towards } from './turns';

const px = fc.integer({ min: 8, max: 80 });
const length: fc.Arbitrary<Length> = fc.oneof(
  px,
  fc
    .tuple(px, px)
    .filter(([from, to]) => from !== to)
    .map(([from, to]) => ({ from: { at: 400, px: from }, to: { at: 1400, px: to } })),
);
const step = fc.integer({ min: 1, max: 8 });
const widths = [320, 400, 777, 1400, 1920];

test('what goes down gets nowhere larger, never below both its limit and what it was, and up the same the other way', () => {
  fc.assert(
    fc.property(length, px, step, fc.integer({ min: 1, max: 20 }), (from, limit, by, level) => {
      const [down, up] = [towards(from, limit, -by * level), towards(from, limit, by * level)];
      const all = widths.map((width) => lengthAt(from, width));
      const [least, most] = [Math.min(limit, ...all), Math.max(limit, ...all)];
      for (const width of widths) {
        const before = lengthAt(from, width);
        expect(lengthAt(down, width)).toBeLessThanOrEqual(before + 1e-9);
        expect(lengthAt(down, width)).toBeGreaterThanOrEqual(least - 1e-9);
        expect(lengthAt(up, width)).toBeGreaterThanOrEqual(before - 1e-9);
        expect(lengthAt(up, width)).toBeLessThanOrEqual(most + 1e-9);
      }
    }),
  );
});

test('after as many steps as its distance asks for nothing is left of it, and each step goes on from the one before', () => {
  fc.assert(
    fc.property(length, px, step, (from, limit, size) => {
      for (const by of [-size, size]) {
        const steps = Math.ceil(distance(from, limit, by) / size);
        const values = Array.from({ length: steps + 1 }, (_, taken) => towards(from, limit, taken * by));
        expect(distance(values.at(-1)!, limit, by)).toBe(0);
        values
          .slice(1)
          .forEach((value, index) =>
            expect(distance(value, limit, by)).toBeLessThan(distance(values[index]!, limit, by)),
          );
      }
    }),
  );
});

test('a level has the name of its rule, and from the second on a number', () => {
  expect([1, 2, 11].map((level) => levelId('r', level))).toEqual(['r', 'r.2', 'r.11']);
});

test('a size of text that was not said is that of its style; what is no length is none', () => {
  const site = sampleSite();
  const menu = site.headers.h!.pieces.menu!;
  const of = (property: string) => lengthOf(site, menu, property, ['desktop']);
  expect(of('itemPaddingInline')).toBe(10);
  expect(lengthAt(of('textSize')!, 1200)).toBeGreaterThan(8);
  expect(of('shownAs')).toBeNull();
  expect(of('nothing of the kind')).toBeNull();
});

test('what a rule makes smaller step by step follows the style that it starts from', () => {
  const site = sampleSite();
  const header = site.headers.h!;
  const turns = [{ piece: 'menu', property: 'textSize', value: 8, step: -1 }];
  header.bars.b!.rules = [{ id: 'r', when: { by: 'width', below: 1400 }, turns }];
  const sizeIn = (of: Site) => {
    const place = { band: 'desktop', begun: ['desktop', 'r'] };
    const { bars } = resolveAssembly(of, 'headers', header, place);
    const pieces = bars.flatMap(({ bays }) => bays.flatMap((bay) => bay.pieces));
    return pieces.find(({ id }) => id === 'menu')!.values.textSize;
  };
  const style = site.brand.typeStyles['type-nav']!;
  const larger = { ...style, values: { ...style.values, size: { desktop: 30 } } };
  const grown = { ...site.brand, typeStyles: { ...site.brand.typeStyles, 'type-nav': larger } };
  const before = sizeIn(site);
  expect(sizeIn({ ...site, brand: grown })).toBe(29);
  expect(sizeIn(site)).toBe(before);
});
