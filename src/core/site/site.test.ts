import { expect, test } from '@jest/globals';
import { create } from 'mutative';
import * as v from 'valibot';
import { integrityProblems } from './integrity';
import { pathProblem } from './page';
import { problemsOf } from './problem';
import { sampleSite } from './sample.test-data';
import { siteSchema, type Site } from './site';
import { newItem, newSite } from './defaults';

test('the sample and a new site are sound', () => {
  for (const site of [sampleSite(), newSite('New', () => `x${Math.random().toString(36).slice(2, 10)}`)]) {
    expect(v.is(siteSchema, site)).toBe(true);
    expect(integrityProblems(site)).toEqual([]);
  }
});

/** The problems of the sample after a change that the schemas cannot see, in which the rest is the same objects, and whether that is known or not. */
function problemsAfter(change: (site: Site) => void): string[] {
  const sound = sampleSite();
  const site = create(sound, (draft) => change(draft));
  const found = integrityProblems(site);
  expect(integrityProblems(site, sound)).toEqual(found);
  return found.map(({ path, reason }) => `${path} ${reason}`);
}

test.each<[string, (site: Site) => void, string]>([
  [
    'a link to a page that is gone',
    (site) => {
      delete site.pages.small;
      site.pageOrder.pop();
    },
    'menus.m.items.i3.link points to a page',
  ],
  [
    'a piece that shows a menu that is gone',
    (site) => void delete site.menus.m,
    'headers.h.pieces.menu.values.menu.desktop points to a menu',
  ],
  [
    'a menu button that opens a drawer that is gone',
    (site) => void delete site.drawers.d,
    'headers.h.pieces.menu.values.opens.all points to a drawer',
  ],
  [
    'a path taken twice, capitals aside',
    (site) => void (site.pages.small!.path = '/Boats'),
    'pages.small.path “/Boats” is also',
  ],
  [
    'a page above itself',
    (site) => void (site.pages.boats!.parent = 'small'),
    'pages.boats.parent makes the page an ancestor',
  ],
  ['an item in two places', (site) => void site.menus.m!.top.push('i3'), 'menus.m.items names i3 twice'],
  ['an item in no place', (site) => void site.menus.m!.top.pop(), 'menus.m.items leaves out i2'],
  [
    'items below each other in a ring',
    (site) => {
      site.menus.m!.top = ['i1'];
      site.menus.m!.items.i3!.children = ['i2'];
    },
    'stands below itself',
  ],
  [
    'a fourth level',
    (site) => {
      const { items } = site.menus.m!;
      for (const [id, parent] of [
        ['i4', 'i3'],
        ['i5', 'i4'],
      ] as const) {
        items[id] = newItem({ id, label: id, link: { to: 'nothing' } });
        items[parent]!.children = [id];
      }
    },
    'menus.m.items.i5 stands on level 4',
  ],
  [
    'a piece in no bay',
    (site) => void (site.headers.h!.bars.b!.bays[2]!.pieces = []),
    'headers.h.pieces leaves out button',
  ],
  [
    'a value of a band that is gone',
    (site) => void site.bands.splice(2, 1),
    'headers.h.pieces.menu.values.shownAs.phone belongs to a band',
  ],
  [
    'a header placed that is gone',
    (site) => void (site.placing.header = 'x'),
    'placing.header points to a header',
  ],
  [
    'a colour that is the same as itself in the end',
    (site) => {
      site.brand.colours.ink!.value = { as: 'muted' };
      site.brand.colours.muted!.value = { as: 'ink' };
    },
    'brand.colours.ink.value is the same as itself',
  ],
  [
    'a colour that is gone',
    (site) => void (site.brand.shadows['shadow-low']!.value.colour = 'x'),
    'brand.shadows.shadow-low.value points to a colour',
  ],
  [
    'two tokens of one name',
    (site) => void (site.brand.radii['radius-small']!.name = 'square'),
    'brand.radii.radius-small.name “square” is already there',
  ],
  [
    'tokens of two families with one id',
    (site) => void (site.brand.radii.ink = { id: 'ink', name: 'X', value: 1 }),
    'brand.radii.ink has an id that is also in colours',
  ],
  [
    'a link to a language that the site does not have',
    (site) => void (site.menus.m!.items.i1!.link = { to: 'language', language: 'fr' }),
    'menus.m.items.i1.link leads to “fr”',
  ],
  [
    'a page whose file is in the folder of a language',
    (site) => {
      site.languages.push('de');
      site.pages.small!.path = '/de/small';
    },
    'pages.small.path begins like the folder of a language',
  ],
  ['a part under the wrong id', (site) => void (site.pages.boats!.id = 'other'), 'pages.boats.id is other'],
])('%s is found, with its place', (_, change, expected) => {
  expect(problemsAfter(change).join('\n')).toContain(expected);
});

test('the schema names the place of a wrong value', () => {
  const site = structuredClone(sampleSite()) as unknown as {
    headers: { h: { pieces: { menu: { values: Record<string, unknown> } } } };
  };
  site.headers.h.pieces.menu.values.itemGap = { desktop: 9000 };
  const parsed = v.safeParse(siteSchema, site);
  expect(problemsOf(parsed.issues!)).toEqual([
    { path: 'headers.h.pieces.menu.values.itemGap.desktop', reason: 'A length from 0 to 120 px.' },
  ]);
});

test('properties of another kind of piece, and unknown ones, are refused', () => {
  const site = structuredClone(sampleSite()) as unknown as {
    headers: { h: { pieces: { button: { values: Record<string, unknown> } } } };
  };
  site.headers.h.pieces.button.values.itemGap = { desktop: 4 };
  expect(v.is(siteSchema, site)).toBe(false);
});

test.each(['/', '/a', '/a/b-c_d.e~f', '/A1'])('%s can be a path', (path) => {
  expect(pathProblem(path)).toBeNull();
});

test.each([
  '',
  'a',
  '/a/',
  '//',
  '/a//b',
  '/../a',
  '/./a',
  '/a b',
  '/a?b',
  '/a#b',
  '/ä',
  '/index',
  '/Index',
  `/${'a'.repeat(300)}`,
])('%j cannot be a path', (path) => {
  expect(pathProblem(path)).toEqual(expect.any(String));
});
