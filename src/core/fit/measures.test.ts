import { expect, test } from '@jest/globals';
import { valueAt } from '../lengths/piecewise';
import { sampleSite } from '../site/sample.test-data';
import type { Advances } from '../text/advances';
import { usually } from './heights';
import { pieceMeasures } from './measures';

/** Letters half as wide as the text is high, where a space draws the letter before it nearer by 0.2 em. */
const drawnNearer: Advances = {
  of: (_, text) => [...text].length / 2 - 0.2 * (text.match(/\S /g)?.length ?? 0),
};

/** The least width of a text of the sample’s body style, in em. */
function leastOf(text: string): number {
  const site = sampleSite();
  const piece = {
    id: 'x',
    kind: 'text',
    band: 'desktop',
    values: { typeStyle: 'type-body', textSize: null },
  };
  const measures = pieceMeasures(usually(site, drawnNearer), piece, { from: 1280, to: 1280 });
  const size = valueAt(measures.em(1), 1280);
  return valueAt(measures.widestWord(text), 1280) / size;
}

test('a word is drawn together by the space behind it, and only where there is one', () => {
  expect(leastOf('fares and')).toBeCloseTo(5 / 2 - 0.2, 2);
  expect(leastOf('and fares')).toBeCloseTo(5 / 2, 2);
  expect(leastOf('day-trips')).toBeCloseTo(5 / 2, 2);
});

test('the reach of a font that stands in is that of the whole hundredths of a px at which its letters are set', () => {
  const site = sampleSite();
  const advances: Advances = {
    of: ({ name }, text) => [...text].length * (name.startsWith('arimo') ? 1 : 0.9445),
    metrics: () => ({ ascent: 0.9053, descent: 0.2, gap: 0.033 }),
  };
  const piece = {
    id: 'x',
    kind: 'text',
    band: 'desktop',
    values: { typeStyle: 'type-body', textSize: 19.31 },
  };
  const circumstances = { ...usually(site, advances), inStandIn: true };
  const measures = pieceMeasures(circumstances, piece, { from: 1280, to: 1280 });
  // 18.22 px, of which 0.9053 is 16.49 px; not 18.229 px.
  expect(measures.font().ascent).toBe(16);
  // And what the font leaves between lines is part of one that is as high as it comes.
  expect(valueAt(measures.line({}, 'normal'), 1280)).toBe(16 + 4 + 1);
});

test('a line that is as high as its font makes it waits for the font, as a text does', () => {
  const [piece, at] = [
    { id: 'x', kind: 'text', band: 'desktop', values: { typeStyle: 'type-body', textSize: 20 } },
    { from: 1280, to: 1280 },
  ];
  const height = (metrics: Advances['metrics']) => {
    const tally = { complete: true };
    const measures = pieceMeasures(usually(sampleSite(), { of: () => 1, metrics }), piece, at, tally);
    return [valueAt(measures.line({}, 'normal'), 1280), tally.complete];
  };
  const tall = { ascent: 1.5, descent: 0.5, gap: 0 };
  expect(height(() => tall)).toEqual([40, true]);
  expect(height(() => null)).toEqual([0.95 * 20 + 0.25 * 20, false]);
  // Where nothing is ever said of fonts, there is nothing to wait for.
  expect(height(undefined)).toEqual([24, true]);
});

test('a line is as high as its style says in times of the size, whatever sums of floating point make of that', () => {
  const site = sampleSite();
  const body = site.brand.typeStyles['type-body']!;
  const values = { ...body.values, lineHeight: { desktop: 2.8 } };
  site.brand.typeStyles['type-body'] = { ...body, values };
  const piece = {
    id: 'x',
    kind: 'text',
    band: 'desktop',
    values: { typeStyle: 'type-body', textSize: 22.5 },
  };
  const measures = pieceMeasures(usually(site, drawnNearer), piece, { from: 1280, to: 1280 });
  // 2.8 * 22.5 is a little less than 63, of which whole 64ths of a px are 62.984375.
  expect(valueAt(measures.line(), 1280)).toBe(63);
});
