import { expect, test } from '@jest/globals';
import { applyEdits } from '../../edit/apply';
import { evenLetters } from '../../fit/even-letters.test-data';
import { stylesheetText } from '../../markup/stylesheet';
import { newPiece } from '../../site/defaults';
import { sampleSite } from '../../site/sample.test-data';
import type { Site } from '../../site/site';
import { renderStylesheet, viewStylesheet } from './stylesheet';

/** The sample with pieces in the first bay of its header. */
function withPieces(...kinds: readonly string[]) {
  const site = { ...sampleSite(), languages: ['en', 'fr'] };
  for (const kind of kinds) {
    site.headers.h!.pieces[kind] = newPiece(kind, kind);
    site.headers.h!.bars.b!.bays[0]!.pieces.push(kind);
  }
  return renderStylesheet(site);
}

/** What a stylesheet says of the gap under a selector; null where it says nothing. */
const gapOf = (css: string, selector: string) =>
  new RegExp(`^ *${selector.replaceAll('.', '\\.')} \\{[^}]*?\\bgap: ([^;]+);`, 'm').exec(css)?.[1] ?? null;

test('of two kinds that share the selector of a list, each has its own gap', () => {
  const both = withPieces('account', 'language');
  expect(gapOf(both, '.chooser-list')).toBe('16px');
  expect(gapOf(both, '.language .chooser-list')).toBe('12px');
});

test('a kind that stands alone needs no class of its own for that', () => {
  const alone = withPieces('language');
  expect(gapOf(alone, '.chooser-list')).toBe('12px');
  expect(gapOf(alone, '.language .chooser-list')).toBeNull();
});

test('a view holds no text twice: that would have all of a page laid out with every rule that is changed', () => {
  const texts = viewStylesheet(sampleSite()).map((each) => stylesheetText([each]));
  expect(texts.filter((text) => text.startsWith('@layer reset, '))).toHaveLength(1);
  expect(new Set(texts).size).toBe(texts.length);
});

/** The sample with a first item that is called so, in a header with a rule by room. */
function labelled(site: Site, label: string): Site {
  const outcome = applyEdits(site, [{ edit: 'labelItem', menu: 'm', item: 'i1', label }]);
  if (!outcome.ok) throw new Error(outcome.reason);
  return outcome.site;
}

test('what a label does not change of a stylesheet stays the very same; what it changes is as if written anew', () => {
  const site = sampleSite();
  site.headers.h!.bars.b!.rules = [
    {
      id: 'r',
      when: { by: 'fit', margin: 0 },
      turns: [{ piece: 'menu', property: 'shownAs', value: 'button' }],
    },
  ];
  const [plain, same, longer] = ['Home'.repeat(9), 'Emoh'.repeat(9), 'Home'.repeat(10)].map((label) =>
    labelled(site, label),
  ) as [Site, Site, Site];
  const before = viewStylesheet(plain, evenLetters);
  const own = viewStylesheet(same, evenLetters);
  expect(own.filter((each, index) => each !== before[index])).toEqual([]);
  const after = viewStylesheet(longer, evenLetters);
  const others = after.filter((each, index) => each !== before[index]);
  expect(others.length).toBeGreaterThan(0);
  expect(others.length).toBeLessThan(after.length / 2);
  expect(renderStylesheet(longer, evenLetters)).toBe(renderStylesheet(structuredClone(longer), evenLetters));
});
