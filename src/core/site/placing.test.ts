import { expect, test } from '@jest/globals';
import { applyEdits } from '../edit/apply';
import type { Edit } from '../edit';
import { homePage, renderFiles } from '../render/files';
import { noScripts } from '../render/scripts.test-data';
import { newAssembly } from './defaults';
import { firstPageOf, idleRules, pagesOf, placed, placements, seenWith, standsAt } from './placing';
import { type PlacingRule } from './placing-schema';
import { countedIds, sampleSite } from './sample.test-data';
import type { Site } from './site';

const count = countedIds();
const ids = () => `own-${count()}`;
const other = { ...newAssembly('headers', 'Other', 'desktop', ids), id: 'other' };
const slim = { ...newAssembly('footers', 'Slim', 'desktop', ids), id: 'slim' };

/** The sample in two languages with another header and footer, and what edits make of it. */
function placedBy(...edits: Edit[]): Site {
  const outcome = applyEdits(sampleSite(), [
    { edit: 'setLanguages', languages: ['en', 'de'] },
    { edit: 'addAssembly', in: 'headers', assembly: other },
    { edit: 'addAssembly', in: 'footers', assembly: slim },
    ...edits,
  ]);
  if (!outcome.ok) throw new Error(outcome.reason);
  return outcome.site;
}
const set = (rule: PlacingRule, index?: number): Edit => ({
  edit: 'setPlacingRule',
  rule,
  ...(index === undefined ? {} : { index }),
});
const below: PlacingRule = { id: 'below', where: { by: 'below', page: 'boats' }, gives: { header: 'other' } };
const german: PlacingRule = {
  id: 'german',
  where: { by: 'language', language: 'de' },
  gives: { header: null, footer: 'slim' },
};
const at = (site: Site, page: string, language?: string) => {
  const [header, footer] = (['header', 'footer'] as const).map((slot) =>
    standsAt(site, slot, site.pages[page]!, language),
  );
  return [header!.id, footer!.id];
};
const footerOf = (site: Site) => site.placing.footer;

test('the first rule that says something of a slot decides; what none speaks of is as on all other pages', () => {
  const site = placedBy(set(below), set(german));
  expect(at(site, 'home')).toEqual(['h', footerOf(site)]);
  expect(at(site, 'small')).toEqual(['other', footerOf(site)]);
  expect(at(site, 'small', 'de')).toEqual(['other', 'slim']);
  expect(at(site, 'home', 'de')).toEqual([null, 'slim']);
  const turned = placedBy(set(below), set(german, 0));
  expect(at(turned, 'small', 'de')).toEqual([null, 'slim']);
  expect(standsAt(turned, 'header', turned.pages.small!).why).toEqual({ by: 'rule', index: 1 });
});

test('a rule that decides nothing is told, and why', () => {
  const rules: PlacingRule[] = [
    { id: 'all', where: { by: 'below', page: 'home' }, gives: { header: 'other' } },
    below,
    { ...below, id: 'again' },
    { id: 'tag', where: { by: 'tag', tag: 'winter' }, gives: { header: 'other' } },
  ];
  const idle = (list: PlacingRule[]) =>
    idleRules(placedBy(...list.map((rule) => set(rule)))).map((each) => each && each.idle);
  expect(idle(rules)).toEqual([null, null, 'the same', 'no page']);
  // The pages below boats are decided by a rule that comes before.
  const before: PlacingRule = {
    id: 'before',
    where: { by: 'pages', pages: ['boats', 'small'] },
    gives: { header: null },
  };
  expect(idle([before, below])).toEqual([null, 'decided']);
  // Of the footer nothing was decided there.
  expect(idle([before, { ...below, gives: { header: 'other', footer: 'slim' } }])).toEqual([null, null]);
});

test('a page’s own choice comes before all rules, slot by slot, and is taken back', () => {
  const own: Edit = { edit: 'placeOnPage', page: 'small', stands: { header: null } };
  const site = placedBy(set(below), own);
  expect(at(site, 'small')).toEqual([null, footerOf(site)]);
  expect(standsAt(site, 'header', site.pages.small!).why).toEqual({ by: 'page' });
  const back = placedBy(set(below), own, { edit: 'placeOnPage', page: 'small', stands: {} });
  expect(at(back, 'small')[0]).toBe('other');
});

test('pages are those below one, with a tag, or by hand, in their order', () => {
  const site = placedBy({ edit: 'changePage', page: 'small', tags: ['shop'] });
  const titles = (where: PlacingRule['where']) => pagesOf(site, where).map(({ id }) => id);
  expect(titles({ by: 'below', page: 'boats' })).toEqual(['boats', 'small']);
  expect(titles({ by: 'tag', tag: 'shop' })).toEqual(['small']);
  expect(titles({ by: 'pages', pages: ['small', 'home'] })).toEqual(['home', 'small']);
  expect(titles({ by: 'language', language: 'de' })).toHaveLength(3);
});

test('where something stands is known, and what stands nowhere is not handed over', () => {
  const site = placedBy(set(below));
  expect(
    placements(site)
      .get('other')!
      .map(({ page, language }) => `${page.id} ${language}`),
  ).toEqual(['boats en', 'boats de', 'small en', 'small de']);
  expect(firstPageOf(site, 'other')!.id).toBe('boats');
  expect(seenWith(site, 'other', 'footer')).toBe(footerOf(site));
  expect(placed(site).has('slim')).toBe(false);
  const text = (path: string) => {
    const file = renderFiles(site, noScripts).find((each) => each.path === path)!;
    return 'text' in file ? file.text : '';
  };
  expect(text('site.css')).toContain('.other');
  expect(text('site.css')).not.toContain('.slim');
  expect(text('boats/small.html')).toContain('class="header other"');
  expect(text(homePage(site).path === '/' ? 'index.html' : '')).not.toContain('class="header other"');
});

test('what is removed leaves no rule and no page that points to it', () => {
  const pages: PlacingRule = {
    id: 'pages',
    where: { by: 'pages', pages: ['small'] },
    gives: { footer: 'slim' },
  };
  const own: Edit = { edit: 'placeOnPage', page: 'home', stands: { header: 'other', footer: null } };
  const site = placedBy(set(below), set(german), set(pages), own, {
    edit: 'removeAssembly',
    at: { in: 'headers', assembly: 'other' },
  });
  expect(site.placing.rules.map(({ id }) => id)).toEqual(['german', 'pages']);
  expect(site.pages.home!.stands).toEqual({ footer: null });
  const less = applyEdits(site, [
    { edit: 'removePages', pages: ['boats'], below: 'too', links: { do: 'remove' } },
    { edit: 'setLanguages', languages: ['en'] },
  ]);
  expect(less.ok && less.site.placing.rules).toEqual([]);
});

test.each([
  ['a header that is not there', { gives: { header: 'gone' } }, 'points to a header that is not there'],
  ['a page that is not there', { where: { by: 'below', page: 'gone' } }, 'names a page'],
  [
    'a language that is not there',
    { where: { by: 'language', language: 'fr' } },
    'names a page or a language',
  ],
  ['nothing at all', { gives: {} }, 'A rule gives'],
])('a rule with %s is refused', (_, change, reason) => {
  const outcome = applyEdits(placedBy(), [set({ ...below, ...change } as PlacingRule)]);
  expect(outcome).toMatchObject({ ok: false, reason: expect.stringContaining(reason) });
});
