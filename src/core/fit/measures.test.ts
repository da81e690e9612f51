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
  const piece = { id: 'x', kind: 'text', band: 'desktop', values: { typeStyle: 'type-body', textSize: null } };
  const measures = pieceMeasures(usually(site, drawnNearer), piece, { from: 1280, to: 1280 });
  const size = valueAt(measures.em(1), 1280);
  return valueAt(measures.widestWord(text), 1280) / size;
}

test('a word is drawn together by the space behind it, and only where there is one', () => {
  expect(leastOf('fares and')).toBeCloseTo(5 / 2 - 0.2, 2);
  expect(leastOf('and fares')).toBeCloseTo(5 / 2, 2);
  expect(leastOf('day-trips')).toBeCloseTo(5 / 2, 2);
});
