import { expect, test } from '@jest/globals';
import fc from 'fast-check';
import { integrityProblems } from '../site/integrity';
import { newItem, newPage, newSite } from '../site/defaults';
import type { Page } from '../site/page';
import { countedIds, sampleSite } from '../site/sample.test-data';
import type { Site } from '../site/site';
import { itemsByBand, mergedOrder } from './band-order';
import { itemLabel, markedEntries, menuEntries, pageTrail } from './entries';
import { menuFromPages } from './from-pages';
import { readTarget } from './link-text';

const target = () => null;

/** The entries of the sample's menu on a page, or on none. */
function entriesOn(site: Site, page: string | null, band = 'desktop') {
  const menu = site.menus.m!;
  return markedEntries(site, menu, menuEntries(site, menu, { band, target }), page, target);
}

test('an entry bears its own label, else the title of its page', () => {
  const site = sampleSite();
  const [home, boats] = entriesOn(site, null);
  expect([home!.label, boats!.label, boats!.children[0]!.label]).toEqual(['Home', 'Boats', 'Little ones']);
});

test('the current page is marked, and so is the way to it, whether by pages or by items', () => {
  const site = sampleSite();
  const [home, boats] = entriesOn(site, 'small');
  expect([home!.current, boats!.current, boats!.children[0]!.current]).toEqual([null, 'trail', 'page']);
});

test('a page that stands in no menu still marks the branch that it belongs to', () => {
  const site = sampleSite();
  site.menus.m!.items.i2!.children = [];
  delete site.menus.m!.items.i3;
  expect(entriesOn(site, 'small')[1]!.current).toBe('trail');
});

test('the trail of a page leads from it to the top', () => {
  expect(pageTrail(sampleSite(), 'small')).toEqual(['small', 'boats']);
  expect(pageTrail(sampleSite(), null)).toEqual([]);
});

test('a menu of any pages is sound, holds each once, and keeps their order', () => {
  // A page's parent is any page before it, so that trees of every form and depth come about.
  const parents = fc.array(fc.nat(), { minLength: 1, maxLength: 30 });
  fc.assert(
    fc.property(parents, (seeds) => {
      const pages = seeds.map((seed, index): Page => {
        const parent = index === 0 || seed % 3 === 0 ? null : `p${seed % index}`;
        return newPage({ id: `p${index}`, title: `Page ${index}`, path: `/${index}`, parent });
      });
      const menu = menuFromPages('m', 'Menu', pages, (page) => `i-${page.id}`);
      const site = {
        ...newSite('S', countedIds()),
        pages: Object.fromEntries(pages.map((page) => [page.id, page])),
        pageOrder: pages.map((page) => page.id),
        menus: { m: menu },
      };
      expect(integrityProblems(site)).toEqual([]);
      for (const order of [menu.top, ...Object.values(menu.items).map((item) => item.children)]) {
        const places = order.map((id) => pages.findIndex((page) => `i-${page.id}` === id));
        expect(places).toEqual([...places].sort((a, b) => a - b));
      }
    }),
  );
});

test('a band has its own order, a narrower one follows it, and the others keep theirs', () => {
  const site = sampleSite();
  site.menus.m!.values = { order: { tablet: ['i2', 'i1'] } };
  const orderOf = (band: string) => entriesOn(site, null, band).map(({ id }) => id);
  expect(['desktop', 'tablet', 'phone'].map(orderOf)).toEqual([
    ['i1', 'i2'],
    ['i2', 'i1'],
    ['i2', 'i1'],
  ]);
});

test('an item that is added later stands right behind the one that it follows in the widest band', () => {
  expect(mergedOrder(['a', 'b', 'new', 'c'], ['c', 'b', 'a'])).toEqual(['c', 'b', 'new', 'a']);
  expect(mergedOrder(['new', 'a', 'b'], ['b', 'a'])).toEqual(['new', 'b', 'a']);
  expect(mergedOrder(['b'], ['gone', 'b'])).toEqual(['b']);
});

test('whatever a band’s own order says, it holds each item exactly once', () => {
  const ids = fc.uniqueArray(fc.constantFrom('a', 'b', 'c', 'd', 'e', 'f'));
  fc.assert(
    fc.property(ids, ids, (listed, own) => {
      expect(mergedOrder(listed, own).sort()).toEqual([...listed].sort());
    }),
  );
});

test('what is hidden where is told by item, and a parent whose children are all hidden is told too', () => {
  const { menus, bands } = sampleSite();
  const menu = menus.m!;
  menu.items.i3!.values = { shown: { tablet: 'hidden', phone: 'shown' } };
  const chain = bands.map((band) => band.id);
  expect([...itemsByBand(menu, chain)]).toEqual([
    ['i2', { hidden: [], childless: ['tablet'] }],
    ['i3', { hidden: ['tablet'], childless: [] }],
  ]);
});

test('labels come from the item, its page, or what it leads to, in the language asked for', () => {
  const site: Site = { ...sampleSite(), languages: ['en', 'de'] };
  site.pages.boats!.titles = { de: 'Boote' };
  const item = newItem({ id: 'x', link: { to: 'page', page: 'boats' } });
  expect([itemLabel(site, item), itemLabel(site, item, 'de')]).toEqual(['Boats', 'Boote']);
  expect(itemLabel(site, { ...item, label: 'Ships' }, 'de')).toBe('Ships');
  expect(itemLabel(site, { ...item, labels: { de: 'Schiffe' } }, 'de')).toBe('Schiffe');
  expect(itemLabel(site, { ...item, link: { to: 'email', email: 'a@example.com' } })).toBe('a@example.com');
});

test.each([
  ['', { named: 'link', link: { to: 'nothing' } }],
  ['/boats/', { named: 'page', path: '/boats' }],
  ['../boats/small.html?x=1#top', { named: 'page', path: '/boats/small', section: 'top' }],
  ['crew@example.com', { named: 'link', link: { to: 'email' } }],
  ['01632 960 117', { named: 'link', link: { to: 'telephone' } }],
  ['www.example.com/a', { named: 'link', link: { to: 'address', address: 'https://www.example.com/a' } }],
  ['drawer:Side%20drawer', { named: 'drawer', name: 'Side drawer' }],
])('%j is read as %j', (text, target) => {
  expect(readTarget(text)).toMatchObject({ ok: true, target });
});

test.each([
  ' java\tscript:alert(1)',
  'JAVASCRIPT:x',
  'data:text/html,x',
  'vbscript:x',
  'blob:x',
  'file:///x',
  '/a b',
])('%j is no target', (text) => expect(readTarget(text).ok).toBe(false));
