import { AS_IT_COMES } from '../../markup/css';
import { expect, test } from '@jest/globals';
import { barProperties } from '../../properties/bar';
import { bayProperties } from '../../properties/bay';
import { readDivision, type Division } from '../../properties/kinds/division';
import { readCorners } from '../../properties/kinds/corners';
import type { SettledBar } from '../../resolve/assembly';
import { settledValues } from '../../resolve/settled-values';
import { divisionRules } from './division';

type Said = Record<string, unknown>;

/** A bar with so many pieces in each bay, settled. */
function bar(
  counts: number[],
  division: Division,
  values: Said = {},
  bays: Said[] = [],
  piece: Said = {},
): SettledBar {
  const plain = (properties: Parameters<typeof settledValues>[1]) =>
    settledValues({}, properties, ['d'], 'd');
  return {
    id: 'b',
    name: 'Bar',
    values: { ...plain(barProperties), division, ...values },
    bays: counts.map((count, index) => ({
      nth: index + 1,
      values: { ...plain(bayProperties), ...bays[index] },
      pieces: Array.from({ length: count }, (_, at) => ({
        id: `p${index}-${at}`,
        kind: 'text',
        band: 'd',
        variant: '',
        counts: { top: 0, ranks: [], cards: false, nested: false },
        opensBranch: false,
        said: {},
        values: { shown: 'shown', takesRest: false, ...piece },
      })),
    })),
  };
}

const columnsOf = (of: SettledBar) => divisionRules(of)['& > .bays']!['grid-template-columns'];
const bayOf = (of: SettledBar, number: number) => divisionRules(of)[`& > .bays > .bay-${number}`];
const edges: Division = { by: 'edges' };

test.each<[string, number[], string]>([
  ['start and end', [1, 0, 1], 'auto auto'],
  ['a middle', [1, 1, 0], '1fr auto 1fr'],
  ['only a middle', [0, 1, 0], 'auto'],
  ['two in the middle', [1, 1, 1, 1], '1fr auto auto 1fr'],
  ['one bay', [1], 'auto'],
])('by edges, with %s', (_, counts, columns) => {
  expect(columnsOf(bar(counts, edges))).toBe(columns);
});

test('by edges, bays stand at their places, unless they say otherwise', () => {
  const three = bar([1, 1, 1], edges, {}, [{}, {}, { along: 'spread' }]);
  expect([1, 2, 3].map((number) => bayOf(three, number)!['justify-content'])).toEqual([
    AS_IT_COMES,
    'center',
    'space-between',
  ]);
});

test('a piece that takes the free space gets a bay that has it', () => {
  expect(columnsOf(bar([1, 0, 1], edges, {}, [], { takesRest: true }))).toBe('1fr 1fr');
});

test('by shares, columns are as wide as their shares whatever is in them; more bays than shares stand in further rows', () => {
  const shares: Division = { by: 'shares', shares: [1, 3] };
  expect(columnsOf(bar([1, 1], shares))).toBe('minmax(0, 1fr) minmax(0, 3fr)');
  const each: Division = { by: 'shares', shares: [1, 3, 1] };
  expect(columnsOf(bar([1, 0, 1], each))).toBe('minmax(0, 1fr) minmax(0, 3fr) minmax(0, 1fr)');
  expect(bayOf(bar([1, 0, 1], each), 3)!['grid-column']).toBe('3');
  // A bay that holds nothing takes no column of fewer.
  expect(columnsOf(bar([1, 0, 1], shares))).toBe('minmax(0, 1fr) minmax(0, 3fr)');
  expect(bayOf(bar([1, 0, 1], shares), 3)!['grid-column']).toBe('2');
  expect([1, 2, 3, 4].map((nth) => bayOf(bar([1, 1, 1, 1], shares), nth)!['grid-column'])).toEqual([
    '1',
    '2',
    '1',
    '2',
  ]);
  expect(bayOf(bar([1, 1], shares), 2)!['justify-content']).toBe(AS_IT_COMES);
});

test('stacked, bays and the pieces in them stand below each other', () => {
  const stacked = bar([1, 1], { by: 'stack' }, { across: 'start' });
  expect(columnsOf(stacked)).toBe('minmax(0, 1fr)');
  expect(bayOf(stacked, 1)).toMatchObject({ 'flex-direction': 'column', 'align-items': 'start' });
  const own = bar([1], { by: 'stack' }, {}, [{ along: 'end' }]);
  expect(bayOf(own, 1)).toMatchObject({ 'align-items': 'end' });
});

test('across the bar, a bay goes with its bar until it says otherwise', () => {
  const two = bar([1, 1], edges, { across: 'baseline' }, [{}, { across: 'stretch' }]);
  expect([1, 2].map((number) => bayOf(two, number)!['align-items'])).toEqual(['baseline', 'stretch']);
});

test('a bay of which nothing shows takes no room between edges, and keeps its column among shares', () => {
  const hidden = { shown: 'hidden' };
  expect(bayOf(bar([1, 1, 1], edges, {}, [], hidden), 1)!.display).toBe('none');
  expect(columnsOf(bar([1, 1], { by: 'shares', shares: [1, 1] }, {}, [], hidden))).toBe(
    'minmax(0, 1fr) minmax(0, 1fr)',
  );
});

test.each<[string, Division | RegExp]>([
  ['edges', { by: 'edges' }],
  [' Stacked ', { by: 'stack' }],
  ['1 : 3', { by: 'shares', shares: [1, 3] }],
  ['2:1:1:1', { by: 'shares', shares: [2, 1, 1, 1] }],
  ['1.5 1', { by: 'shares', shares: [1.5, 1] }],
  ['1 : 0', /a bay with a share of zero would show nothing/],
  ['1 : -2', /share/],
  ['1:1:1:1:1:1:1:1:1', /At most 8 shares/],
  ['half', /Type edges, stacked, or shares/],
  ['', /Type edges/],
])('“%s” typed as a division', (text, expected) => {
  const reading = readDivision(text);
  if (expected instanceof RegExp) expect(reading.ok ? '' : reading.reason).toMatch(expected);
  else expect(reading).toEqual({ ok: true, value: expected });
});

test.each<[string, number[] | RegExp]>([
  ['8', [8, 8, 8, 8]],
  ['8 0', [8, 8, 0, 0]],
  ['8px 8px 0 0', [8, 8, 0, 0]],
  ['8 8 0', /one radius/],
  ['round', /one radius/],
  ['-1', /0 to 200/],
])('“%s” typed as corners', (text, expected) => {
  const reading = readCorners(text);
  if (expected instanceof RegExp) expect(reading.ok ? '' : reading.reason).toMatch(expected);
  else expect(reading).toEqual({ ok: true, value: expected });
});
