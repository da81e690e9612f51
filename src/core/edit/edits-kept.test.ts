import { expect, test } from '@jest/globals';
import * as v from 'valibot';
import { newItem, newPage } from '../site/defaults';
import { sampleSite } from '../site/sample.test-data';
import type { Site } from '../site/site';
import { controlProblems, readDocument } from '../site/soundness';
import { applyEdits } from './apply';
import { editSchema, type Edit } from './index';
import { wordsLost } from './site';

const at = { in: 'headers', assembly: 'h' } as const;

/** The site after edits as they come from outside; or why they are refused. */
function after(site: Site, ...edits: unknown[]): Site | string {
  const parsed = v.safeParse(v.array(editSchema), edits);
  if (!parsed.success) return parsed.issues[0].message;
  const outcome = applyEdits(site, parsed.output);
  return outcome.ok ? outcome.site : outcome.reason;
}

function changed(site: Site, ...edits: Edit[]): Site {
  const result = after(site, ...edits);
  if (typeof result === 'string') throw new Error(result);
  return result;
}

const rule = (id: string, step?: number) => ({
  edit: 'setRule',
  at,
  bar: 'b',
  rule: {
    id,
    when: { by: 'fit', margin: 16 },
    turns: step === undefined ? [] : [{ piece: 'menu', property: 'itemGap', value: 2, step }],
  },
});

test('what is kept can be read again: a ninth rule is refused, and the eight before it stay', () => {
  let site = sampleSite();
  for (let index = 1; index <= 8; index += 1) site = changed(site, rule(`r${index}`) as Edit);
  expect(after(site, rule('r9'))).toContain('A bar has at most 8 rules');
  expect(readDocument(JSON.parse(JSON.stringify(site)))).toMatchObject({ ok: true });
});

test.each<[string, unknown]>([
  ['a step without an end', rule('r', JSON.parse('1e999') as number)],
  [
    'an item without a label whose address holds a control character, which would become its label',
    {
      edit: 'addItems',
      menu: 'm',
      items: [newItem({ id: 'x', link: { to: 'address', address: 'https://example.com/\u0001' } })],
      parent: null,
      before: null,
    },
  ],
  [
    'a section named with a NUL',
    { edit: 'linkItem', menu: 'm', item: 'i1', link: { to: 'section', page: 'home', section: 'a\u0000b' } },
  ],
  ['a name with a bell', { edit: 'renameSite', name: 'Tern\u0007' }],
])('%s is refused', (_, edit) => {
  expect(typeof after(sampleSite(), edit)).toBe('string');
});

test('control characters are found wherever they stand, with their path', () => {
  expect(controlProblems({ a: [{ b: 'x\u0000' }], c: 'fine', d: 1, e: null })).toEqual([
    { path: 'a.0.b', reason: expect.stringContaining('control character') },
  ]);
});

const titled = (site: Site) =>
  changed(
    site,
    { edit: 'setLanguages', languages: ['en', 'de'] },
    { edit: 'translatePage', page: 'home', language: 'de', title: 'Anfang' },
    { edit: 'labelItem', menu: 'm', item: 'i3', label: 'Kleine', language: 'de' },
    { edit: 'labelItem', menu: 'm', item: 'i1', label: 'Heim', language: 'de' },
  );

test('with another first language titles and labels change places, and back again', () => {
  const site = titled(sampleSite());
  const swapped = changed(site, { edit: 'setLanguages', languages: ['de', 'en'] });
  expect(swapped.pages.home).toMatchObject({ title: 'Anfang', titles: { en: 'Home' } });
  expect(swapped.menus.m!.items.i3).toMatchObject({ label: 'Kleine', labels: { en: 'Little ones' } });
  // It had its English label from its page.
  expect(swapped.menus.m!.items.i1).toMatchObject({ label: 'Heim', labels: { en: 'Home' } });
  // What has no German stays what it was, in both.
  expect(swapped.pages.boats).toMatchObject({ title: 'Boats', titles: { en: 'Boats' } });
  const back = changed(swapped, { edit: 'setLanguages', languages: ['en', 'de'] });
  expect(back.pages.home).toMatchObject({ title: 'Home', titles: { de: 'Anfang' } });
  expect(back.menus.m!.items.i3).toMatchObject({ label: 'Little ones', labels: { de: 'Kleine' } });
});

test('only a language that goes takes its words along, and how many is known before', () => {
  const site = titled(sampleSite());
  expect(wordsLost(site, ['de', 'en'])).toEqual(new Map());
  expect(wordsLost(site, ['en'])).toEqual(new Map([['de', 3]]));
  expect(wordsLost(site, ['de'])).toEqual(new Map([['en', 3]]));
  const without = changed(site, { edit: 'setLanguages', languages: ['de'] });
  expect(without.pages.home).toMatchObject({ title: 'Anfang', titles: {} });
  expect(without.pages.boats).toMatchObject({ title: 'Boats', titles: {} });
});

test('languages that differ by capitals alone are one', () => {
  expect(after(sampleSite(), { edit: 'setLanguages', languages: ['en', 'de-AT', 'de-at'] })).toBe(
    'A language is named once.',
  );
});

test('a page that moves below its own path takes the pages below it there, once', () => {
  const site = changed(sampleSite(), {
    edit: 'changePage',
    page: 'boats',
    path: '/boats/all',
    below: true,
  });
  expect(site.pages.boats!.path).toBe('/boats/all');
  expect(site.pages.small!.path).toBe('/boats/all/small');
});

test('pages that follow may take the paths that others of them had', () => {
  const site = changed(
    sampleSite(),
    {
      edit: 'addPages',
      pages: [newPage({ id: 'deep', title: 'Deep', path: '/boats/small/small', parent: 'small' })],
    },
    { edit: 'changePage', page: 'boats', path: '/boats/small/x', below: true },
  );
  expect([site.pages.boats!.path, site.pages.small!.path, site.pages.deep!.path]).toEqual([
    '/boats/small/x',
    '/boats/small/x/small',
    '/boats/small/x/small/small',
  ]);
  expect(after(sampleSite(), { edit: 'changePage', page: 'boats', path: '/' })).toContain('“Home”');
});

test('a twenty-first tag is refused with the page', () => {
  const tags = Array.from({ length: 20 }, (_, index) => `t${index}`);
  const site = changed(sampleSite(), { edit: 'tagPages', pages: ['home'], add: tags, remove: [] });
  expect(after(site, { edit: 'tagPages', pages: ['home'], add: ['one more'], remove: [] })).toBe(
    '“Home”: A page has at most 20 tags.',
  );
});

test('what is named twice is done once', () => {
  const site = sampleSite();
  expect(changed(site, { edit: 'removeItems', menu: 'm', items: ['i2', 'i2'] }).menus.m!.top).toEqual([
    'i1',
    'i3',
  ]);
  expect(
    changed(site, { edit: 'moveItems', menu: 'm', items: ['i3', 'i3'], parent: null, before: null }).menus.m!
      .top,
  ).toEqual(['i1', 'i2', 'i3']);
  expect(
    changed(site, { edit: 'movePages', pages: ['home', 'home'], parent: null, before: null }).pageOrder,
  ).toEqual(['boats', 'small', 'home']);
  expect(
    changed(site, { edit: 'removePages', pages: ['small', 'small'], below: 'up', links: { do: 'remove' } })
      .pageOrder,
  ).toEqual(['home', 'boats']);
});
