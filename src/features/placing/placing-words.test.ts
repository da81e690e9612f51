import { expect, test } from '@jest/globals';
import { applyEdits } from '@/core/edit/apply';
import { newAssembly } from '@/core/site/defaults';
import { countedIds, sampleSite } from '@/core/site/sample.test-data';
import { standsAt } from '@/core/site/placing';
import { whereText } from '@/core/site/where-text';
import { leftBare, pagesText, whyText } from './placing-words';

const count = countedIds();
const empty = { ...newAssembly('headers', 'Empty', 'desktop', () => `own-${count()}`), id: 'empty' };

function withEmpty() {
  const outcome = applyEdits(sampleSite(), [{ edit: 'addAssembly', in: 'headers', assembly: empty }]);
  if (!outcome.ok) throw new Error(outcome.reason);
  return outcome.site;
}
const titles = (bare: ReturnType<typeof leftBare>) =>
  bare.map(({ slot, pages }) => [slot, pages.map(({ title }) => title)]);

test('pages that would lose what they show are told, slot by slot; an empty header is as none', () => {
  const site = withEmpty();
  const all = ['Home', 'Boats', 'Small boats'];
  expect(titles(leftBare(site, [{ edit: 'placeOnOthers', placing: { header: null } }]))).toEqual([
    ['header', all],
  ]);
  expect(titles(leftBare(site, [{ edit: 'placeOnOthers', placing: { header: 'empty' } }]))).toEqual([
    ['header', all],
  ]);
  const below = {
    edit: 'setPlacingRule',
    rule: { id: 'r', where: { by: 'below', page: 'boats' }, gives: { header: 'empty' } },
  } as const;
  expect(titles(leftBare(site, [below]))).toEqual([['header', ['Boats', 'Small boats']]]);
});

test('what was bare before is not told again, and what cannot be done leaves nothing bare', () => {
  const outcome = applyEdits(withEmpty(), [{ edit: 'placeOnOthers', placing: { header: null } }]);
  if (!outcome.ok) throw new Error(outcome.reason);
  expect(leftBare(outcome.site, [{ edit: 'placeOnOthers', placing: { header: 'empty' } }])).toEqual([]);
  expect(leftBare(withEmpty(), [{ edit: 'removePlacingRule', rule: 'gone' }])).toEqual([]);
});

test('rules and reasons are told in words', () => {
  const site = withEmpty();
  expect(whereText(site, { by: 'below', page: 'boats' })).toBe('Boats and all below it');
  expect(whereText(site, { by: 'tag', tag: 'shop' })).toBe('Tagged “shop”');
  expect(whereText(site, { by: 'language', language: 'de' })).toBe('All in Deutsch');
  expect(whereText(site, { by: 'pages', pages: ['home'] })).toBe('Home');
  expect(whereText(site, { by: 'pages', pages: ['home', 'boats'] })).toBe('2 pages by hand');
  expect(whyText(site, standsAt(site, 'header', site.pages.home!).why)).toBe('all other pages');
  const pages = Array.from({ length: 8 }, () => site.pages.home!);
  expect(pagesText(pages)).toBe('Home, Home, Home, Home, Home, Home and 2 more');
  expect(pagesText([])).toBe('');
});
