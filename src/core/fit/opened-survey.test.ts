import { expect, test } from '@jest/globals';
import { resolveAssembly } from '../resolve/assembly';
import { newItem } from '../site/defaults';
import { sampleSite } from '../site/sample.test-data';
import type { Site } from '../site/site';
import { dropDownSides } from './drop-down-sides';
import { openDropDowns } from './drop-down-places';
import { evenLetters } from './even-letters.test-data';
import { usually } from './heights';
import { surveyOpened } from './opened-survey';

/** The sample with so many items on the first level, each with a long one below it. */
function withItems(count: number, below = 'Something that is much wider than what it hangs from'): Site {
  const site = sampleSite();
  const items = Array.from({ length: count }, (_, nth) => [
    newItem({
      id: `t${nth}`,
      label: `Item ${nth}`,
      link: { to: 'page', page: 'home' },
      children: [`b${nth}`],
    }),
    newItem({ id: `b${nth}`, label: below, link: { to: 'page', page: 'boats' } }),
  ]).flat();
  const menu = {
    ...site.menus.m!,
    top: items.filter(({ children }) => children.length > 0).map(({ id }) => id),
    items: Object.fromEntries(items.map((item) => [item.id, item])),
  };
  const header = site.headers.h!;
  header.pieces.menu!.values = { menu: { desktop: 'm' } };
  return { ...site, menus: { ...site.menus, m: menu } };
}
const today = (site: Site) => usually(site, evenLetters);

test('what would leave the window opens to the other side, or goes across the window; at every width', () => {
  const site = withItems(5);
  const survey = surveyOpened(today(site), 'headers', site.headers.h!);
  expect(survey.dropDowns.length).toBeGreaterThan(1);
  const widest = survey.dropDowns[0]!;
  expect(widest.count).toBe(5);
  const narrowest = survey.dropDowns.at(-1)!;
  expect(narrowest.across.length + narrowest.turned.length).toBeGreaterThan(0);
  for (let width = 320; width <= 1920; width += 40)
    for (const { x, width: wide } of openDropDowns(today(site), 'headers', site.headers.h!, {
      width,
      height: 900,
    })) {
      expect(x).toBeGreaterThanOrEqual(0);
      // In the narrowest windows items themselves stick out of a row that does not fit.
      if (width >= 700) expect(x + wide).toBeLessThanOrEqual(width);
    }
});

test('from which height on lists open beside drop-downs is told, and where there is no room for them', () => {
  const beside = (label: string) => {
    const site = withItems(2, 'Short');
    const { items } = site.menus.m!;
    items.b0 = { ...items.b0!, children: ['c0'] };
    items.c0 = newItem({ id: 'c0', label, link: { to: 'page', page: 'home' } });
    const piece = site.headers.h!.pieces.menu!;
    piece.values = { ...piece.values, second: { desktop: 'beside' } };
    return { site, survey: surveyOpened(today(site), 'headers', site.headers.h!).dropDowns };
  };
  const { site, survey } = beside('One more');
  expect(survey[0]!.count).toBe(2);
  expect(survey[0]!.inside).toEqual([]);
  const from = survey[0]!.besideFrom!;
  const open = (height: number) =>
    openDropDowns(today(site), 'headers', site.headers.h!, { width: 1600, height }).map(({ entry }) => entry);
  expect(open(from)).toEqual(['t0', 'b0', 't1']);
  expect(open(from - 1)).toEqual(['t0', 't1']);
  const wide = beside('Much too long '.repeat(20)).survey[0]!;
  expect([wide.besideFrom, wide.inside]).toEqual([null, ['t0']]);
});

test('a longer label is enough to turn one, and what was worked out before is not taken for it', () => {
  const asked = (site: Site) =>
    dropDownSides(site, evenLetters, resolveAssembly(site, 'headers', site.headers.h!, 'desktop'), {
      band: 'desktop',
      from: 1024,
    }).get('menu')!;
  const short = [...asked(withItems(4, 'Short')).values()];
  expect(short).toEqual(['start', 'start', 'start', 'start']);
  const long = [...asked(withItems(4, 'Long '.repeat(24))).values()];
  expect(long).not.toEqual(short);
});

test('a list that is higher than what is left below the header is no higher than that', () => {
  const site = withItems(1);
  const menu = site.menus.m!;
  const many = Array.from({ length: 30 }, (_, nth) =>
    newItem({ id: `n${nth}`, label: `Number ${nth}`, link: { to: 'page', page: 'home' } }),
  );
  menu.items.t0 = { ...menu.items.t0!, children: many.map(({ id }) => id) };
  Object.assign(menu.items, Object.fromEntries(many.map((item) => [item.id, item])));
  const [found] = openDropDowns(today(site), 'headers', site.headers.h!, { width: 1280, height: 720 });
  expect(found!.natural).toBeGreaterThan(720);
  expect(found!.y + found!.height).toBeLessThanOrEqual(720);
  const { dropDowns } = surveyOpened(today(site), 'headers', site.headers.h!);
  expect(dropDowns.flatMap(({ scrolling }) => scrolling.map(({ name }) => name))).toContain('Laptop');
});

/** How the drawer of the sample stands on each screen, with so many items more in its menu. */
function drawerRows(more: number) {
  const site = sampleSite();
  const menu = site.menus.m!;
  const added = Array.from({ length: more }, (_, nth) =>
    newItem({ id: `m${nth}`, label: `More ${nth}`, link: { to: 'page', page: 'home' } }),
  );
  menu.top.push(...added.map(({ id }) => id));
  Object.assign(menu.items, Object.fromEntries(added.map((item) => [item.id, item])));
  return surveyOpened(today(site), 'drawers', site.drawers.d!).drawer;
}

test('a drawer says from how many items its body scrolls, screen by screen', () => {
  const before = drawerRows(0);
  expect(before.map(({ screen: { name, held } }) => `${name} ${held}`)).toContain('Small phone sideways');
  expect(before.every(({ content, seen }) => content < seen)).toBe(true);
  const least = Math.min(...before.map(({ left }) => left));
  const at = before.findIndex(({ left }) => left === least);
  const after = drawerRows(least + 1)[at]!;
  expect(after.content).toBeGreaterThan(after.seen);
  expect(after.left).toBeLessThan(0);
  expect(after.seen).toBe(before[at]!.seen);
});
