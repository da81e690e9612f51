import { expect, test } from '@jest/globals';
import { applyEdits } from '../edit/apply';
import type { Edit } from '../edit';
import { sampleSite } from '../site/sample.test-data';
import type { Site } from '../site/site';
import { evenLetters } from './even-letters.test-data';
import { forecastFit, roomForItems, withMoreItems, type ForecastRow } from './forecasts';

const at = { in: 'headers', assembly: 'h' } as const;
const place = { kind: 'headers', assembly: 'h', bar: 'b' } as const;

function edited(...edits: Edit[]): Site {
  const outcome = applyEdits(sampleSite(), edits);
  if (!outcome.ok) throw new Error(outcome.reason);
  return outcome.site;
}
const long: Edit[] = [
  {
    edit: 'setValue',
    place: { on: 'piece', ...at, piece: 'menu' },
    property: 'shownAs',
    cell: 'phone',
    value: 'row',
  },
  { edit: 'labelItem', menu: 'm', item: 'i1', label: 'A label of some length' },
  { edit: 'setLanguages', languages: ['en', 'de'] },
  {
    edit: 'labelItem',
    menu: 'm',
    item: 'i1',
    label: 'Beschriftungen, längere.',
    language: 'de',
  },
];
const today = (site: Site) => ({ site, advances: evenLetters, page: null, language: 'en', root: 16 });
const rows = (site: Site): Record<string, ForecastRow> =>
  Object.fromEntries(forecastFit(today(site), place).map((row) => [row.id, row]));

test('each forecast says from where the bar would fit: longer texts, languages, larger text and more items need more', () => {
  const found = rows(edited(...long));
  const stops = (id: string) => found[id]!.stopsAt!;
  // Two letters more, of 8 px each.
  expect(stops('language-de') - stops('today')).toBeCloseTo(2 * 8, 6);
  for (const [less, more] of [
    ['today', 'longer-15'],
    ['longer-15', 'longer-30'],
    ['longer-30', 'longer-50'],
    ['today', 'root-20'],
    ['root-20', 'root-24'],
    ['today', 'items-1'],
    ['items-1', 'items-2'],
    ['items-2', 'items-3'],
  ])
    expect(stops(more!)).toBeGreaterThan(stops(less!));
  // Three items of one length: each brings its label, its padding and a gap.
  expect(stops('items-2') - stops('items-1')).toBeCloseTo(stops('items-3') - stops('items-2'), 6);
  expect(stops('zoom-200')).toBeCloseTo(2 * stops('today'), 6);
});

test('only what can come for the bar is foreseen', () => {
  const ids = Object.keys(rows(edited()));
  expect(ids).toContain('items-1');
  expect(ids).not.toContain('basket');
  expect(ids).not.toContain('signed-in');
  expect(ids).not.toContain('language-de');
});

test('a rule does not change where the bar fits without it, but what the strip shows', () => {
  const rule: Edit = {
    edit: 'setRule',
    at,
    bar: 'b',
    rule: {
      id: 'r1',
      when: { by: 'fit', margin: 0 },
      turns: [{ piece: 'menu', property: 'shown', value: 'hidden' }],
    },
  };
  const [without, having] = [rows(edited(...long)), rows(edited(...long, rule))];
  expect(having.today!.stopsAt).toBe(without.today!.stopsAt);
  expect(without.today!.stretches.map(({ status }) => status)).toContain('overflows');
  expect(having.today!.stretches.map(({ status }) => status)).not.toContain('overflows');
});

test('items are added to the end of the menus that the bar shows, and the document stays as it is', () => {
  const site = edited(...long);
  const more = withMoreItems(site, place, 2);
  expect(more.menus.m!.top).toHaveLength(site.menus.m!.top.length + 2);
  expect(site.menus.m!.top).toHaveLength(2);
});

test('the room for items shrinks with the width, and there is none where the bar does not fit as it is', () => {
  const site = edited(...long);
  const at1900 = roomForItems(today(site), place, 1900)!;
  expect(at1900).toBeGreaterThan(0);
  expect(roomForItems(today(site), place, 1200)!).toBeLessThanOrEqual(at1900);
  expect(roomForItems(today(site), place, 330)).toBe(0);
});
