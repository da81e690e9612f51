import { expect, test } from '@jest/globals';
import { standInFace } from '../brand/stand-ins';
import { forecastFit } from '../fit/forecasts';
import { renderStylesheet } from '../render/stylesheet/stylesheet';
import { sampleSite } from '../site/sample.test-data';
import { unmeasured, type Advances } from './advances';
import { standInSize } from './stand-in';
import { textExtent } from './text-extent';

/** Advances as if every letter were half as wide as the text is high, and in a stand-in wider; `b` there still more. */
const advances: Advances = {
  of: ({ name }, text) =>
    [...text].reduce(
      (sum, letter) => sum + (name.startsWith('arimo') ? (letter === 'e' ? 0.8 : 0.6) : 0.5),
      0,
    ),
};

test('a stand-in is as large as it can be without any menu getting wider', () => {
  const site = sampleSite();
  const size = standInSize(site, advances, 'figtree', '400')!;
  const widths = Object.values(site.menus).map(({ items, top }) => {
    const words = top.map(
      (id) => items[id]!.label ?? site.pages[(items[id]!.link as { page: string }).page]!.title,
    );
    return (
      [...words.join(' ')].reduce((sum, letter) => sum + (letter === 'e' ? 0.8 : 0.6), 0) /
      words.join(' ').length
    );
  });
  for (const width of widths) expect(width * size).toBeLessThanOrEqual(0.5);
  expect(size).toBeGreaterThan(0.5 / Math.max(...widths) - 0.001);
});

test('italics before their font has come are as wide as upright letters: browsers slant those', () => {
  const asked: string[] = [];
  const noting: Advances = { of: ({ name }, text) => (asked.push(name), text.length) };
  const face = {
    family: 'literata',
    weight: '400',
    slant: 'italic',
    case: 'none',
    letterSpacing: 0,
  } as const;
  textExtent(sampleSite(), noting, standInFace(face), 'Tern Point', 'en');
  expect(asked).toEqual(['tinos-latin-400-normal.woff2']);
});

test('the stylesheet has two faces of the stand-in for each family, without a size as long as nothing is measured', () => {
  const site = sampleSite();
  const faces = (css: string) => css.match(/font-family: "[^"]* stand-in";\n[^}]*/g)!;
  expect(faces(renderStylesheet(site, unmeasured)).join()).not.toContain('size-adjust');
  const measured = faces(renderStylesheet(site, advances));
  expect(
    measured.every((face) => /local\("Arial( Bold)?"\)|local\("Times New Roman( Bold)?"\)/.test(face)),
  ).toBe(true);
  expect(measured.every((face) => face.includes('size-adjust'))).toBe(true);
  expect(standInSize(site, unmeasured, 'figtree', '400')).toBeNull();
});

test('a bar is foreseen before its fonts have come', () => {
  const site = sampleSite();
  const today = { site, advances, page: null, language: 'en', root: 16 };
  const [bar] = site.headers.h!.order;
  const rows = forecastFit(today, { kind: 'headers', assembly: 'h', bar: bar! });
  expect(rows.find(({ id }) => id === 'stand-in')?.label).toBe('Before its fonts have come');
});
