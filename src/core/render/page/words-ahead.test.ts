import { expect, test } from '@jest/globals';
import fc from 'fast-check';
import { applyEdits } from '../../edit/apply';
import type { Edit } from '../../edit';
import { evenLetters } from '../../fit/even-letters.test-data';
import { wayDown } from '../../fit/way-down';
import { writeHtml } from '../../markup/html';
import { newPiece } from '../../site/defaults';
import { sampleSite } from '../../site/sample.test-data';
import type { Site } from '../../site/site';
import { homePage } from '../files';
import { pageElement } from './page';
import { wordsAhead } from './words-ahead';

const at = { in: 'headers', assembly: 'h' } as const;

function edited(of: Site, ...edits: Edit[]): Site {
  const outcome = applyEdits(of, edits);
  if (!outcome.ok) throw new Error(outcome.reason);
  return outcome.site;
}

const label = (item: string, text: string | null, language?: string): Edit => ({
  edit: 'labelItem',
  menu: 'm',
  item,
  label: text,
  ...(language === undefined ? {} : { language }),
});
const setPiece = (piece: string, property: string, cell: string, value: unknown): Edit => ({
  edit: 'setValue',
  place: { on: 'piece', ...at, piece },
  property,
  cell,
  value,
});

/** The sample in two languages, with a button in its bar, and a rule by which its menu turns where the bar stops fitting. */
const site = ((): Site => {
  const sample = sampleSite();
  const header = sample.headers.h!;
  const bar = header.bars.b!;
  const [bay, ...others] = bar.bays;
  const button = newPiece('said', 'button', { label: { all: 'Open all day' } });
  const turns = [{ piece: 'menu', property: 'shownAs', value: 'button' }];
  const rules = [{ id: 'r', when: { by: 'fit' as const, margin: 0 }, turns }];
  const bays = [{ ...bay!, pieces: [...bay!.pieces, button.id] }, ...others];
  return {
    ...sample,
    languages: ['en', 'de'],
    headers: {
      ...sample.headers,
      h: {
        ...header,
        pieces: { ...header.pieces, said: button },
        bars: { ...header.bars, b: { ...bar, bays, rules } },
      },
    },
  };
})();
const items = Object.keys(site.menus.m!.items);
const ways = (of: Site) => wayDown(of, evenLetters, 'headers', of.headers.h!);
const page = (of: Site, language = 'en') =>
  writeHtml(pageElement(of, homePage(of), undefined, language, evenLetters));
const ahead = (after: Site, before = site, made = site) => wordsAhead({ made, before, after }, evenLetters);

test('a page shows words before it is known where rules begin with them', () => {
  expect(ways(site).rules[0]!.below).not.toBeNull();
  const after = edited(site, label(items[0]!, 'A label that is a good deal longer than before'));
  const shown = ahead(after)!;
  expect(page(shown)).toContain('A label that is a good deal longer than before');
  expect(ways(shown)).toBe(ways(site));
  // And is worked out for itself afterwards.
  expect(ways(after).rules[0]!.below).toBeGreaterThan(ways(site).rules[0]!.below!);
  expect(page(after)).toContain('A label that is a good deal longer than before');
});

test('words that are typed one after another are shown as on the page that is made anew', () => {
  const word = fc.stringMatching(/^[a-z<& ]{1,9}$/).filter((text) => text.trim() !== '');
  const language = fc.constantFrom(undefined, 'de');
  const edit = fc.oneof(
    fc.tuple(fc.constantFrom(...items), word, language).map(([item, text, tag]) => label(item, text, tag)),
    fc
      .tuple(fc.constantFrom('all', 'de'), word)
      .map(([cell, text]) => setPiece('said', 'label', cell, text.trim())),
  );
  fc.assert(
    fc.property(fc.array(edit, { minLength: 1, maxLength: 4 }), (edits) => {
      let now = site;
      for (const each of edits) {
        const next = edited(now, each);
        const shown = ahead(next, now);
        if (next !== now) for (const tag of site.languages) expect(page(shown!, tag)).toBe(page(next, tag));
        now = next;
      }
    }),
    { numRuns: 30 },
  );
});

test('what changes more than words is not shown ahead', () => {
  const [item] = items;
  expect(ahead(site)).toBeNull();
  for (const edit of [
    { edit: 'linkItem', menu: 'm', item, link: { to: 'nothing' } },
    { edit: 'removeItems', menu: 'm', items: [item] },
    setPiece('said', 'shown', 'phone', 'hidden'),
    { edit: 'removePiece', at, piece: 'said' },
  ] as Edit[])
    expect([
      edit.edit,
      ahead(edited(site, label(item!, 'Own'), edit), edited(site, label(item!, 'Own'))),
    ]).toEqual([edit.edit, null]);
  const both = edited(site, label(item!, 'Other'), setPiece('said', 'shown', 'phone', 'hidden'));
  expect(ahead(both)).toBeNull();
});
