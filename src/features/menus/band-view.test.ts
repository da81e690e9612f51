import { expect, test } from '@jest/globals';
import fc from 'fast-check';
import { applyEdits } from '@/core/edit/apply';
import { writeHtml } from '@/core/markup/html';
import { stylesheetText } from '@/core/markup/stylesheet';
import { orderInBand } from '@/core/menus/band-order';
import { newItem, newMenu } from '@/core/site/defaults';
import { sampleSite } from '@/core/site/sample.test-data';
import type { Menu } from '@/core/site/menu';
import { treeRows } from '@/ui/tree/tree-rows';
import { bandView, stepInBand } from './band-view';
import { bandsSeenAs, menuSpecimen } from './menu-specimen';

const chain = ['desktop', 'tablet', 'phone'];
const menu = newMenu({
  id: 'm',
  name: 'Main',
  top: ['a', 'b', 'c'],
  items: Object.fromEntries(
    ['a', 'b', 'c', 'd'].map((id) => [
      id,
      newItem({ id, label: id.toUpperCase(), link: { to: 'nothing' }, children: id === 'b' ? ['d'] : [] }),
    ]),
  ),
});
const rows = new Map(treeRows(menu.top, (id) => menu.items[id]!.children).map((row) => [row.id, row]));
const view = (of: Menu, id: string, band: string) => bandView(of, rows.get(id)!, rows, chain, band);

/** The menu after the edit of a step, as the site would have it. */
function stepped(of: Menu, id: string, band: string, step: -1 | 1): Menu {
  const edit = stepInBand(of, rows.get(id)!, chain, band, step);
  if (!edit) return of;
  const outcome = applyEdits(
    {
      ...sampleSite(),
      menus: { m: of },
      headers: {},
      drawers: {},
      footers: {},
      placing: { header: null, footer: null, rules: [] },
    },
    [edit],
  );
  if (!outcome.ok) throw new Error(outcome.reason);
  return outcome.site.menus.m!;
}

test('an item hidden in a band is hidden in the narrower ones that follow, and what is below it too', () => {
  const hidden = structuredClone(menu);
  hidden.items.b!.values = { shown: { tablet: 'hidden' } };
  expect(view(hidden, 'b', 'desktop')).toMatchObject({ shown: true, shownHere: false });
  expect(view(hidden, 'b', 'tablet')).toMatchObject({ shown: false, shownHere: true, hiddenAbove: false });
  expect(view(hidden, 'b', 'phone')).toMatchObject({ shown: false, shownHere: false, shownFrom: 'tablet' });
  expect(view(hidden, 'd', 'phone')).toMatchObject({ shown: true, hiddenAbove: true });
});

test('a step in a narrow band gives it an order of its own and leaves the wider ones alone', () => {
  const after = stepped(menu, 'c', 'tablet', -1);
  expect(chain.map((band) => orderInBand(after, null, chain, band))).toEqual([
    ['a', 'b', 'c'],
    ['a', 'c', 'b'],
    ['a', 'c', 'b'],
  ]);
  expect(view(after, 'c', 'tablet')).toMatchObject({ place: 2, orderedHere: true });
  expect(view(after, 'c', 'phone')).toMatchObject({ place: 2, orderedHere: false });
});

test('a step in the widest band is a place in the list, which narrower orders of their own keep', () => {
  const own = stepped(menu, 'c', 'phone', -1);
  const after = stepped(own, 'a', 'desktop', 1);
  expect(after.top).toEqual(['b', 'a', 'c']);
  expect(orderInBand(after, null, chain, 'phone')).toEqual(['a', 'c', 'b']);
});

test('there is no step beyond the ends', () => {
  for (const band of chain) {
    expect(stepInBand(menu, rows.get('a')!, chain, band, -1)).toBeNull();
    expect(stepInBand(menu, rows.get('c')!, chain, band, 1)).toBeNull();
    expect(stepInBand(menu, rows.get('d')!, chain, band, 1)).toBeNull();
  }
});

test('whatever is stepped, every band has each item once, and steps in a band leave all wider ones', () => {
  const step = fc.record({
    id: fc.constantFrom('a', 'b', 'c'),
    band: fc.constantFrom(...chain),
    step: fc.constantFrom<-1 | 1>(-1, 1),
  });
  fc.assert(
    fc.property(fc.array(step, { maxLength: 8 }), (steps) => {
      let now = menu;
      for (const { id, band, step: by } of steps) {
        const next = stepped(now, id, band, by);
        for (const wider of chain.slice(0, chain.indexOf(band)))
          expect(orderInBand(next, null, chain, wider)).toEqual(orderInBand(now, null, chain, wider));
        now = next;
      }
      for (const band of chain) expect(orderInBand(now, null, chain, band).sort()).toEqual(['a', 'b', 'c']);
    }),
    { numRuns: 40 },
  );
});

test('a specimen shows the menu alone, in the band that is asked for', () => {
  const site = sampleSite();
  const { bands } = site;
  for (const [band, from] of [
    ['desktop', [2, 1, 0]],
    ['tablet', [4000, 1, 0]],
    ['phone', [4000, 3999, 0]],
  ] as const)
    expect(bandsSeenAs(bands, band).map((each) => each.from)).toEqual(from);
  const { page, css } = menuSpecimen(site, 'm', site.pages.small!, 'phone');
  const html = writeHtml(page);
  expect(html).toContain('Little ones');
  expect(html).not.toContain('class="logo');
  expect(html).toMatch(/aria-current="page"[^>]*>Little ones/);
  expect(html).toMatch(/aria-current="true"[^>]*>Boats/);
  expect(stylesheetText(css)).toContain('.specimen');
});
