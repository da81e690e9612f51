import { expect, test } from '@jest/globals';
import { applyEdits } from '../edit/apply';
import type { Edit } from '../edit';
import { newBay } from '../site/defaults';
import { sampleSite } from '../site/sample.test-data';
import { resolveAssembly } from './assembly';
import { divisionLayouts } from './bar-layouts';

const at = { in: 'headers', assembly: 'h' } as const;

/** The sample’s bar with a fourth bay that holds its button, and other values. */
function barWith(...edits: Edit[]) {
  const outcome = applyEdits(sampleSite(), [
    { edit: 'addBay', at, bar: 'b', bay: newBay('last'), index: 3 },
    { edit: 'movePiece', at, piece: 'button', spot: { bar: 'b', bay: 'last', index: 0 } },
    ...edits,
  ]);
  if (!outcome.ok) throw new Error(outcome.reason);
  return (band: string) => resolveAssembly(outcome.site, 'headers', outcome.site.headers.h!, band).bars[0]!;
}
const place = (bay: string, cell: string, value: string | null): Edit => ({
  edit: 'setValue',
  place: { on: 'bay', ...at, bar: 'b', bay },
  property: 'place',
  cell,
  value,
});
const division = (value: object): Edit => ({
  edit: 'setValue',
  place: { on: 'bar', ...at, bar: 'b' },
  property: 'division',
  cell: 'desktop',
  value,
});

test('a bay stands at the place that it is given in a band, the others follow each other around it', () => {
  const bar = barWith(
    place('last', 'tablet', '1'),
    place('start', 'tablet', '4'),
    place('last', 'phone', null),
  );
  const order = (band: string) => bar(band).bays.map(({ nth }) => nth);
  expect(order('desktop')).toEqual([1, 2, 3, 4]);
  expect(order('tablet')).toEqual([4, 2, 3, 1]);
  expect(order('phone')).toEqual([2, 3, 4, 1]);
});

test('shares of one row go with their bays, and bays of several rows fill these in their new order', () => {
  const one = barWith(division({ by: 'shares', shares: [4, 1, 2, 3] }), place('last', 'desktop', '1'));
  expect(one('desktop').values.division).toEqual({ by: 'shares', shares: [3, 4, 1, 2] });
  const rows = barWith(division({ by: 'shares', shares: [2, 1] }), place('last', 'desktop', '1'));
  const layouts = divisionLayouts(rows('desktop'));
  const at = (nth: number) => {
    const { gridRow, gridColumn } = layouts[`> .bays > .bay-${nth}`]!;
    return [gridRow, gridColumn];
  };
  // The third holds nothing, so it has no place among them.
  expect([at(4), at(1), at(2)]).toEqual([
    ['1', '1'],
    ['1', '2'],
    ['2', '1'],
  ]);
});

test('a bay that is added gets a share where each has one, and takes it along when it goes', () => {
  const shares = (edits: Edit[]) => barWith(...edits)('desktop').values.division;
  const own = division({ by: 'shares', shares: [1, 2, 3, 4] });
  expect(shares([own, { edit: 'addBay', at, bar: 'b', bay: newBay('more'), index: 0 }])).toEqual({
    by: 'shares',
    shares: [1, 1, 2, 3, 4],
  });
  expect(shares([own, { edit: 'removeBay', at, bar: 'b', bay: 'middle' }])).toEqual({
    by: 'shares',
    shares: [1, 3, 4],
  });
  const rows = division({ by: 'shares', shares: [2, 1] });
  expect(shares([rows, { edit: 'removeBay', at, bar: 'b', bay: 'middle' }])).toEqual({
    by: 'shares',
    shares: [2, 1],
  });
});
