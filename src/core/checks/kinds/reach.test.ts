import { expect, test } from '@jest/globals';
import { newBar, newItem, newMenu, newPage, newPiece } from '../../site/defaults';
import { sampleSite } from '../../site/sample.test-data';
import type { Id } from '../../ids/id';
import type { Site } from '../../site/site';
import { stepsFromHome } from './reach';

/** A header on some pages that leads to others, by a menu of its own. */
function leading(site: Site, id: Id, on: readonly Id[], to: readonly Id[]): void {
  const items = to.map((page) => newItem({ id: `${id}-${page}`, link: { to: 'page', page } }));
  site.menus[`m-${id}`] = newMenu({
    id: `m-${id}`,
    name: id,
    top: items.map((item) => item.id),
    items: Object.fromEntries(items.map((item) => [item.id, item])),
  });
  const piece = newPiece(`p-${id}`, 'menu', { menu: { desktop: `m-${id}` } });
  site.headers[id] = {
    id,
    name: id,
    order: [`b-${id}`],
    bars: { [`b-${id}`]: newBar(`b-${id}`, id, {}, { start: [piece.id] }) },
    pieces: { [piece.id]: piece },
    values: {},
  };
  for (const page of on) site.pages[page]!.stands = { header: id, footer: null };
}

test('steps are counted along the shortest way, also where one header stands on many pages', () => {
  const site = sampleSite();
  for (const id of ['a', 'b', 'c', 'lost']) {
    site.pages[id] = newPage({ id, title: id, path: `/${id}`, parent: null });
    site.pageOrder.push(id);
  }
  site.pages.home!.stands = { header: null, footer: null };
  leading(site, 'first', ['home', 'c'], ['a', 'boats', 'gone']);
  leading(site, 'second', ['a', 'boats', 'lost'], ['home', 'b', 'small']);
  leading(site, 'third', ['b', 'small'], ['c', 'a']);
  expect(Object.fromEntries(stepsFromHome(site, 'desktop'))).toEqual({
    home: 0,
    a: 1,
    boats: 1,
    b: 2,
    small: 2,
    c: 3,
  });
});

test('what shows only while the page is scrolled leads on all the same', () => {
  const site = sampleSite();
  site.pages.a = newPage({ id: 'a', title: 'a', path: '/a', parent: null });
  site.pageOrder.push('a');
  leading(site, 'first', ['home'], ['a']);
  const { first } = site.headers;
  Object.assign(first!.values, { scrolling: { desktop: 'stays' } });
  const shown = (cells: Record<string, string>) => {
    const piece = {
      ...first!.pieces['p-first']!,
      values: { ...first!.pieces['p-first']!.values, shown: cells },
    };
    const header = { ...first!, pieces: { [piece.id]: piece } };
    return stepsFromHome({ ...site, headers: { ...site.headers, first: header } }, 'desktop');
  };
  expect(shown({ desktop: 'hidden' }).get('a')).toBeUndefined();
  expect(shown({ desktop: 'hidden', 'desktop:scrolled': 'shown' }).get('a')).toBe(1);
});
