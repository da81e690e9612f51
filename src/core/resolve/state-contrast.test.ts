import { expect, test } from '@jest/globals';
import { pieceKind } from '../pieces';
import type { Values } from '../properties/property';
import { barProperties } from '../properties/bar';
import { sampleSite } from '../site/sample.test-data';
import { settledValues } from './settled-values';
import { everyStanding } from './standing-piece';
import { leastContrast, stateContrast } from './state-contrast';

const site = sampleSite();
site.brand.colours.accent = { ...site.brand.colours.accent!, value: { css: '#000' } };
site.brand.colours['on-accent'] = { ...site.brand.colours['on-accent']!, value: { css: '#fff' } };
site.brand.colours.ground = { ...site.brand.colours.ground!, value: { css: '#fff' } };
site.brand.colours.ink = { ...site.brand.colours.ink!, value: { css: '#000' } };
site.brand.colours.soft = { ...site.brand.colours.soft!, value: { css: 'rgb(0 0 0 / 50%)' } };

const part = (kind: string, prefix: string) =>
  pieceKind(kind).properties.find((each) => each.part?.prefix === prefix)!.part!;

function ratio(
  kind: string,
  prefix: string,
  state: 'rest' | 'hover' | 'pressed',
  piece: Values,
  bar: Values = {},
) {
  const settled = (values: Values, properties: Parameters<typeof settledValues>[1]) =>
    settledValues(values, properties, ['desktop'], 'desktop');
  return stateContrast(
    site,
    { piece: settled(piece, pieceKind(kind).properties), bar: settled(bar, barProperties) },
    part(kind, prefix),
    state,
  );
}

test('an item without colours of its own is read in the ink of its bar on the ground of its bar', () => {
  expect(ratio('menu', 'item', 'rest', {})).toBeCloseTo(21);
  const bar = { ground: { desktop: 'accent' }, ink: { desktop: 'on-accent' } };
  expect(ratio('menu', 'item', 'rest', {}, bar)).toBeCloseTo(21);
  expect(ratio('menu', 'item', 'rest', {}, { ground: { desktop: 'accent' } })).toBeCloseTo(1);
});

test('a state follows another, and a translucent ground is composited with what lies behind it', () => {
  const soft = { itemGround: { hover: 'soft' } };
  expect(ratio('menu', 'item', 'rest', soft)).toBeCloseTo(21);
  // Half black over white is a grey of 0.5 in sRGB: a luminance of 0.214.
  expect(ratio('menu', 'item', 'hover', soft)).toBeCloseTo((0.21404 + 0.05) / 0.05, 2);
  expect(ratio('menu', 'item', 'pressed', soft)).toBe(ratio('menu', 'item', 'hover', soft));
});

test('an item of a drop-down takes the colours of items onto its panel, until it has its own', () => {
  const bar = { ground: { desktop: 'accent' } };
  expect(ratio('menu', 'below', 'rest', { itemInk: { rest: 'ground' } }, bar)).toBeCloseTo(1);
  const own = { itemInk: { rest: 'ground' }, belowInk: { rest: 'ink' } };
  expect(ratio('menu', 'below', 'rest', own, bar)).toBeCloseTo(21);
});

test('a button of the first rank has its own colours whatever the bar, one of the second the ink of the bar', () => {
  const bar = { ground: { desktop: 'accent' }, ink: { desktop: 'accent' } };
  expect(ratio('button', 'button', 'rest', {}, bar)).toBeCloseTo(21);
  expect(ratio('button', 'button', 'rest', { rank: { desktop: 'second' } }, bar)).toBeCloseTo(1);
});

test('over a picture or a gradient there is no single ratio', () => {
  expect(ratio('menu', 'item', 'rest', {}, { picture: { desktop: 'a' } })).toBeNull();
  expect(ratio('menu', 'item', 'rest', {}, { tint: { desktop: 'accent' } })).toBeNull();
});

test('the least contrast of all bands and phases is told with where it is', () => {
  const bar = site.headers.h!.bars.b!;
  const grounds = { desktop: 'ground', tablet: 'soft', 'desktop:scrolled': 'accent' };
  const seen = {
    ...site,
    headers: {
      h: {
        ...site.headers.h!,
        values: { scrolling: { desktop: 'stays' } },
        bars: { b: { ...bar, values: { ...bar.values, ground: grounds } } },
      },
    },
  };
  const least = (from: typeof site) =>
    leastContrast(
      from,
      everyStanding(from, { in: 'headers', assembly: 'h' }, 'menu'),
      part('menu', 'item'),
      'rest',
    );
  expect(least(site)).toMatchObject({ band: 'desktop', phase: 'top' });
  expect(least(seen)).toMatchObject({ band: 'desktop', phase: 'scrolled' });
  expect(least(seen)!.ratio).toBeCloseTo(1);
});
