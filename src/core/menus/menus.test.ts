import { expect, test } from '@jest/globals';
import fc from 'fast-check';
import { integrityProblems } from '../site/integrity';
import { newSite } from '../site/defaults';
import type { Page } from '../site/page';
import { countedIds, sampleSite } from '../site/sample.test-data';
import { menuEntries, pageTrail } from './entries';
import { menuFromPages } from './from-pages';

const href = () => '#';

test('an entry bears its own label, else the title of its page', () => {
  const site = sampleSite();
  const [home, boats] = menuEntries(site, site.menus.m!, null, href);
  expect([home!.label, boats!.label, boats!.children[0]!.label]).toEqual(['Home', 'Boats', 'Little ones']);
});

test('the current page is marked, and so is the way to it, whether by pages or by items', () => {
  const site = sampleSite();
  const [home, boats] = menuEntries(site, site.menus.m!, 'small', href);
  expect([home!.current, boats!.current, boats!.children[0]!.current]).toEqual([null, 'trail', 'page']);
});

test('a page that stands in no menu still marks the branch that it belongs to', () => {
  const site = sampleSite();
  site.menus.m!.items.i2!.children = [];
  delete site.menus.m!.items.i3;
  expect(menuEntries(site, site.menus.m!, 'small', href)[1]!.current).toBe('trail');
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
        return { id: `p${index}`, title: `Page ${index}`, path: `/${index}`, parent };
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
