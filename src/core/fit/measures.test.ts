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
