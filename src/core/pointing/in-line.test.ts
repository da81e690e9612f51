import { expect, test } from '@jest/globals';
import { applyEdits } from '../edit/apply';
import { evenLetters } from '../fit/even-letters.test-data';
import { newPiece } from '../site/defaults';
import { sampleSite } from '../site/sample.test-data';
import type { Site } from '../site/site';
import { dimensionsOf } from './dimensions';
import { edgesBeside, nearest } from './edges';

/** The sample with a bar of its header in columns by shares, a piece in each. */
function divided(shares: number[], columns = shares.length) {
  const site = JSON.parse(JSON.stringify(sampleSite())) as Site;
  const [header] = Object.values(site.headers);
  const bar = header!.bars[header!.order[0]!]!;
  for (const piece of bar.bays.flatMap(({ pieces }) => pieces)) delete header!.pieces[piece];
  bar.bays = Array.from({ length: columns }, (_, index) => {
    const id = `text-${index}`;
    header!.pieces[id] = newPiece(id, 'text', { text: { all: ['Words'] } });
    return { id: `bay-${index}`, pieces: [id], values: {} };
  });
  Object.assign(bar.values, { division: { [site.bands[0]!.id]: { by: 'shares', shares } } });
  return { site, header: header!, bar, at: { in: 'headers' as const, assembly: header!.id } };
}

const columns = (made: ReturnType<typeof divided>, width = 1400) =>
  dimensionsOf(made.site, evenLetters, { at: made.at, on: 'bar', id: made.bar.id }, { width }).filter(
    ({ property }) => property === 'division',
  );

test('columns by shares are lengths, but for the last, which gets what is left', () => {
  const made = divided([1, 3, 1]);
  const [first, second, ...more] = columns(made);
  expect(more).toEqual([]);
  expect([first!.label, second!.label]).toEqual(['Column 1', 'Column 2']);
  expect(second!.px).toBeCloseTo(3 * first!.px);
  expect(first!.drawn).toMatchObject([{ stretch: 'width', limit: null }]);
  // What one gets the next one gives; none vanishes.
  expect(first!.valueFor(2 * first!.px)).toEqual({ by: 'shares', shares: [2, 2, 1] });
  expect(first!.valueFor(first!.most)).toEqual({ by: 'shares', shares: [3.9, 0.1, 1] });
  expect(first!.valueFor(first!.least)).toEqual({ by: 'shares', shares: [0.1, 3.9, 1] });
  const [large] = columns(divided([12, 6]));
  expect(large!.valueFor(large!.most)).toEqual({ by: 'shares', shares: [12, 6] });
  expect(large!.valueFor(large!.least)).toEqual({ by: 'shares', shares: [6, 12] });
});

test('a column is as wide as was asked for, to a third of a px, whatever the shares were', () => {
  const made = divided([1, 2, 0.7]);
  for (const px of [233.4, 301, 377.77, 512]) {
    const [first] = columns(made);
    const place = { on: 'bar' as const, ...made.at, bar: made.bar.id };
    const edit = {
      edit: 'setValue' as const,
      place,
      property: 'division',
      cell: first!.cell,
      value: first!.valueFor(px),
    };
    const applied = applyEdits(made.site, [edit]);
    expect(applied.ok ? null : applied.reason).toBeNull();
    if (!applied.ok) continue;
    const [after] = columns({ ...made, site: applied.site });
    expect(Math.abs(after!.px - px)).toBeLessThan(0.35);
  }
});

test('what stands in one column, at edges, or stacked makes no such length', () => {
  expect(columns(divided([1]))).toEqual([]);
  const made = divided([1, 1]);
  Object.assign(made.bar.values, { division: { [made.site.bands[0]!.id]: { by: 'edges' } } });
  expect(columns(made)).toEqual([]);
});

test('edges are those of the other bars and of what stands on the same pages, not those of the bar itself', () => {
  const made = divided([1, 1]);
  const other = { ...made.bar };
  Object.assign(other, { id: 'other', name: 'Other bar' });
  other.bays = [{ id: 'own', pieces: ['alone'], values: {} }];
  made.header.pieces.alone = newPiece('alone', 'text', { text: { all: ['Alone'] } });
  made.header.bars.other = other;
  made.header.order.push('other');
  const edges = edgesBeside(made.site, evenLetters, made.at, made.bar.id, 1400);
  expect(edges.some(({ of }) => of === 'Other bar')).toBe(true);
  expect(edges.some(({ of }) => of.includes('Alone'))).toBe(true);
  expect(edges.some(({ of }) => of.includes('Words'))).toBe(false);
  const start = edges.find(({ of, at }) => of === 'Other bar' && at === 'start')!;
  expect(nearest(edges, [{ x: start.x + 3, at: 'start' }], 12)).toMatchObject({
    by: 3,
    edge: { x: start.x },
  });
  expect(nearest(edges, [{ x: start.x - 40, at: 'start' }], 12)).toBeNull();
});
