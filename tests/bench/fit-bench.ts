import { checkSite } from '../../src/core/checks/check-site';
import { alsoMoved } from '../../src/core/checks/moved';
import { applyEdits } from '../../src/core/edit/apply';
import { placedAssembly } from '../../src/core/fit/placed-assembly';
import { usually } from '../../src/core/fit/heights';
import { surveyFit } from '../../src/core/fit/survey';
import { resolveAssembly } from '../../src/core/resolve/assembly';
import { newBar, newItem, newMenu, newPage, newPiece } from '../../src/core/site/defaults';
import type { Bar } from '../../src/core/site/assembly';
import type { CollapseRule } from '../../src/core/site/collapse-rule';
import type { Site } from '../../src/core/site/site';
import type { Advances } from '../../src/core/text/advances';
import { measured } from '../../src/server/text/measured';
import { demo, demoDb } from '../support/demo-sites';

const first = ['logo', 'menu', 'search', 'basket', 'account', 'language', 'social', 'button'];
const second = ['text', 'notice', 'contact', 'divider', 'text', 'contact', 'divider', 'button'];

/** The demo with a header of three bars with eight pieces each. */
export function fullSite(withRules: boolean): Site {
  const site = structuredClone(demo('hollin-sound'));
  const said: Record<string, Parameters<typeof newPiece>[2]> = {
    menu: { menu: { desktop: 'm-main' } },
    social: { menu: { all: 'm-service' } },
  };
  const held = { one: first, two: second, three: first };
  const idsOf = (bar: string, kinds: readonly string[]) => kinds.map((_, index) => `${bar}-${index}`);
  const bars = Object.entries(held).map(([id, kinds]): [string, Bar] => {
    const ids = idsOf(id, kinds);
    const bays = { start: ids.slice(0, 3), middle: ids.slice(3, 5), end: ids.slice(5) };
    const rule = (name: string, turn: CollapseRule['turns'][number]): CollapseRule => ({
      id: `${id}-${name}`,
      when: { by: 'fit', margin: 16 },
      turns: [turn],
    });
    const rules = [
      rule('more', { piece: `${id}-1`, property: 'behind', value: 5, step: 1 }),
      rule('search', { piece: `${id}-2`, property: 'form', value: 'icon' }),
    ];
    const bar = newBar(id, id, {}, bays);
    return [id, withRules && kinds === first ? { ...bar, rules } : bar];
  });
  const pieces = Object.entries(held).flatMap(([id, kinds]) =>
    kinds.map((kind, index) => newPiece(`${id}-${index}`, kind, said[kind] ?? {})),
  );
  const full = {
    id: 'full',
    name: 'Full',
    order: Object.keys(held),
    bars: Object.fromEntries(bars),
    pieces: Object.fromEntries(pieces.map((piece) => [piece.id, piece])),
    values: {},
  };
  // It stands on every page: none of the demo’s other headers is there any more.
  for (const page of Object.values(site.pages)) delete page.stands;
  return { ...site, headers: { full }, placing: { ...site.placing, header: 'full', rules: [] } };
}

/** How long something takes, in ms. */
function taken(work: () => unknown): number {
  const start = performance.now();
  work();
  return performance.now() - start;
}

function figuresOf(site: Site, advances: Advances) {
  const survey = (of: Site) => surveyFit(usually(of, advances), 'headers', of.headers.full!);
  let now = site;
  const relabel = (index: number) => {
    const item = now.menus['m-main']!.top[0]!;
    const label = `Sailings ${'and fares'.slice(0, index % 9)}`;
    const outcome = applyEdits(now, [{ edit: 'labelItem', menu: 'm-main', item, label }]);
    if (outcome.ok) now = outcome.site;
  };
  const some = (count: number) => Array.from({ length: count }, (_, index) => index);
  const rounds = some(60);
  const later = (times: number[]) => times.slice(Math.ceil(times.length / 3));
  return {
    // A copy is known to nothing that is kept.
    anew: later(
      rounds.map(() => {
        const copy = structuredClone(now);
        return taken(() => survey(copy));
      }),
    ),
    label: later(
      rounds.map((index) => {
        relabel(index);
        return taken(() => survey(now));
      }),
    ),
    // Asked for with each move of a pointer and each frame of a drag: while one works, the code is warm.
    boxes: later(
      some(900).map((index) => {
        const settled = resolveAssembly(now, 'headers', now.headers.full!, 'desktop');
        return taken(() => placedAssembly(usually(now, advances), settled, 'desktop', 1280 + (index % 300)));
      }),
    ),
  };
}

/** How long the geometry of a header of 24 pieces takes, in ms: surveyed as a whole, after one label has changed, and placed at one width. */
export async function figures() {
  const sites = { '3 bars, 24 pieces': fullSite(false), 'the same with rules': fullSite(true) };
  const found = Object.entries(sites).map(
    async ([name, site]) => [name, await measured(demoDb, (advances) => figuresOf(site, advances))] as const,
  );
  return Object.fromEntries(await Promise.all(found));
}

/** How long the checks of a site take, in ms: of all of it, and, with what else moved, after one label was changed. */
function checksOf(site: Site, advances: Advances) {
  let now = site;
  const relabel = (index: number) => {
    const item = Object.keys(now.menus['m-main']!.items)[0]!;
    const label = `Sailings ${'and fares'.slice(0, index % 9)}`;
    const outcome = applyEdits(now, [{ edit: 'labelItem', menu: 'm-main', item, label }]);
    if (outcome.ok) now = outcome.site;
  };
  const rounds = Array.from({ length: 14 }, (_, index) => index);
  const later = (times: number[]) => times.slice(4);
  return {
    anew: later(
      rounds.map(() => {
        const copy = structuredClone(now);
        return taken(() => checkSite({ site: copy, advances }));
      }),
    ),
    edited: later(
      rounds.map((index) => {
        const before = now;
        relabel(index);
        return taken(() => {
          checkSite({ site: now, advances });
          alsoMoved({ site: before, advances }, { site: now, advances });
        });
      }),
    ),
  };
}

/** The same of the demo, and of the demo with 2,000 pages and a menu of 1,000 items. */
export async function checksFigures() {
  const site = structuredClone(demo('hollin-sound'));
  const large = structuredClone(site);
  for (let index = large.pageOrder.length; index < 2000; index += 1) {
    const id = `x${index}`;
    large.pages[id] = newPage({ id, title: `Page number ${index}`, path: `/large/${index}`, parent: null });
    large.pageOrder.push(id);
  }
  const many = newMenu({ id: 'x-menu', name: 'Large' });
  for (const page of large.pageOrder.slice(0, 1000)) {
    many.items[`i-${page}`] = newItem({ id: `i-${page}`, link: { to: 'page', page } });
    many.top.push(`i-${page}`);
  }
  large.menus['x-menu'] = many;
  return {
    demo: await measured(demoDb, (advances) => checksOf(site, advances)),
    '2,000 pages, 1,000 items': await measured(demoDb, (advances) => checksOf(large, advances)),
  };
}
