import { expect, test } from '@jest/globals';
import { applyEdits } from '../edit/apply';
import type { Edit } from '../edit';
import { evenLetters } from '../fit/even-letters.test-data';
import { sampleSite } from '../site/sample.test-data';
import type { Site } from '../site/site';
import { alsoMoved } from './moved';

const sample = (): Site => JSON.parse(JSON.stringify(sampleSite())) as Site;
const at = { in: 'headers', assembly: 'h' } as const;

/** What moved besides with edits of a site. */
function moved(edits: Edit[], site = sample()): string[] {
  const outcome = applyEdits(site, edits);
  if (!outcome.ok) throw new Error(outcome.reason);
  const of = (each: Site) => ({ site: each, advances: evenLetters });
  const told = alsoMoved(of(site), of(outcome.site)).map(({ words }) => words);
  // A document that came from elsewhere has no object in common with the one before.
  const copy = JSON.parse(JSON.stringify(outcome.site)) as Site;
  expect(alsoMoved(of(site), of(copy)).map(({ words }) => words)).toEqual(told);
  return told;
}

const label = (value: string): Edit => ({
  edit: 'setValue',
  place: { on: 'piece', ...at, piece: 'button' },
  property: 'label',
  cell: 'all',
  value,
});

test('a longer label moves what stands beside it, and not what it was made for', () => {
  const said = moved([label('A very much longer label than before')]);
  expect(said.some((each) => /^Menu: Main stands [\d.]+ px further left on the/.test(each))).toBe(true);
  expect(said.some((each) => /^Main bar fits from \d+ px instead of \d+$/.test(each))).toBe(true);
  // The button itself was changed: that it is wider was wanted.
  expect(said.filter((each) => each.startsWith('Button'))).toEqual([]);
});

test('a longer label lets a rule begin earlier, where the row itself goes on to fit', () => {
  const site = sample();
  const header = site.headers.h!;
  const rule = {
    id: 'r',
    when: { by: 'fit' as const, margin: 0 },
    turns: [{ piece: 'menu', property: 'shownAs', value: 'button' }],
  };
  site.headers.h = { ...header, bars: { b: { ...header.bars.b!, rules: [rule] } } };
  const said = moved([label('A very much longer label than before')], site);
  const told = said.find((each) => each.startsWith('Menu: Main → menu button begins'));
  const [, now, before] = /^.* begins below (\d+) px instead of (\d+)$/.exec(told ?? '') ?? [];
  expect(Number(now)).toBeGreaterThan(Number(before));
  // What was made shorter again lets it begin where it did.
  expect(moved([label('Go')], site).filter((each) => each.includes('begins'))).toEqual([]);
});

test('an edit that changes nothing else says nothing', () => {
  expect(moved([{ edit: 'setAddress', address: 'https://www.example.com' }])).toEqual([]);
  const hover: Edit = {
    edit: 'setValue',
    place: { on: 'piece', ...at, piece: 'button' },
    property: 'buttonInk',
    cell: 'hover',
    value: 'ink',
  };
  expect(moved([hover])).toEqual([]);
});

test('the name of the site is set in its logo, and moves what stands beside that', () => {
  expect(
    moved([{ edit: 'renameSite', name: 'Tern' }]).some((each) => /^Logo is [\d.]+ px narrower/.test(each)),
  ).toBe(true);
});

test('a colour of the brand changes how texts stand out that follow it', () => {
  const said = moved([{ edit: 'changeToken', family: 'colours', token: 'ink', value: { css: '#777777' } }]);
  expect(said.some((each) => /^Main header: Menu: Main, .*: [\d.]+ → [\d.]+ : 1$/.test(each))).toBe(true);
});

test('pages that are no longer reached come first', () => {
  const [first] = moved([
    {
      edit: 'setValue',
      place: { on: 'item', menu: 'm', item: 'i2' },
      property: 'shown',
      cell: 'phone',
      value: 'hidden',
    },
  ]);
  // The button that leads there is hidden on the phone.
  expect(first).toBe('2 pages are no longer reached on the Phone');
});

test('what was undone moves all of it back', () => {
  const site = sample();
  const outcome = applyEdits(site, [label('A very much longer label than before')]);
  if (!outcome.ok) throw new Error(outcome.reason);
  const of = (each: Site) => ({ site: each, advances: evenLetters });
  const [there, back] = [alsoMoved(of(site), of(outcome.site)), alsoMoved(of(outcome.site), of(site))];
  expect(back.length).toBe(there.length);
  expect(back.map(({ weight }) => Math.round(weight))).toEqual(there.map(({ weight }) => Math.round(weight)));
});
