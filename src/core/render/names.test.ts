import { expect, test } from '@jest/globals';
import { pieceKindsIn } from '../pieces';
import { applyEdits } from '../edit/apply';
import type { Edit } from '../edit';
import { newItem, newPage, newPiece } from '../site/defaults';
import { sampleSite } from '../site/sample.test-data';
import type { Site } from '../site/site';
import { settleNames } from './names';
import { ownClasses } from './stylesheet/own-classes';
import { renderPage } from './page/page';

const at = { in: 'headers', assembly: 'h' } as const;

/** The sample with a piece of every kind, a header that bears phases, and a link that opens a dialog. */
function fullSite(): Site {
  const pieces = pieceKindsIn('headers').map(({ kind }): Edit => ({
    edit: 'addPiece',
    at,
    spot: { bar: 'b', bay: 'end', index: 0 },
    piece: newPiece(
      `x-${kind}`,
      kind,
      kind === 'menu' || kind === 'social' ? { menu: kind === 'menu' ? { desktop: 'm' } : { all: 'm' } } : {},
    ),
  }));
  const outcome = applyEdits(sampleSite(), [
    ...pieces,
    {
      edit: 'addPiece',
      at: { in: 'drawers', assembly: 'd' },
      spot: { bar: 'panel', bay: 'end', index: 0 },
      piece: newPiece('x-close', 'close'),
    },
    {
      edit: 'setValue',
      place: { on: 'assembly', ...at },
      property: 'scrolling',
      cell: 'desktop',
      value: 'returns',
    },
    { edit: 'linkItem', menu: 'm', item: 'i3', link: { to: 'dialog', page: 'boats' } },
  ]);
  if (!outcome.ok) throw new Error(outcome.reason);
  return outcome.site;
}

test('no class of the pages’ own markup is a name that a designer could give', () => {
  const site = fullSite();
  const names = new Set(settleNames(site).values());
  for (const path of ['/', '/boats', '/search']) {
    const page = Object.values(site.pages).find((each) => each.path === path);
    const html = renderPage(site, page ?? newPage({ id: 'search', title: 'Search', path, parent: null }));
    const classes = [...html.matchAll(/class="([^"]+)"/g)].flatMap(([, list]) => list!.split(' '));
    const unnamed = classes.filter((each) => !names.has(each) && !/^(bay-\d+|for-\w+)$/.test(each));
    expect(unnamed.filter((each) => !ownClasses.has(each))).toEqual([]);
  }
});

test.each(['Stand-in', 'Held', 'Dialog', 'Found', 'Header', 'Menu list', 'Menu', 'Drawer close', 'Skip'])(
  'a header called “%s” is told apart from the page’s own',
  (name) => {
    const site = sampleSite();
    site.headers.h!.name = name;
    const [root] = [...settleNames(site).values()];
    expect(ownClasses.has(root!)).toBe(false);
  },
);

test('a drawer never has the id of a dialog, and two dialogs never the same', () => {
  const site = sampleSite();
  site.drawers.d!.name = 'Dialog boats';
  site.pages.twin = newPage({ id: 'twin', title: 'Twin', path: '/boats-small', parent: null });
  site.pageOrder.push('twin');
  for (const [index, page] of ['small', 'twin', 'boats'].entries()) {
    const item = newItem({ id: `d${index}`, label: page, link: { to: 'dialog', page } });
    site.menus.m!.items[item.id] = item;
    site.menus.m!.top.push(item.id);
  }
  const html = renderPage(site, site.pages.home!);
  const ids = [...html.matchAll(/<dialog[^>]* id="([^"]+)"/g)].map(([, id]) => id);
  expect(ids).toHaveLength(4);
  expect(new Set(ids).size).toBe(4);
});
