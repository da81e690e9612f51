import { mkdtempSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import type { AssemblyKind } from '@/core/properties/assembly-kind';
import { newItem, newMenu, newPage, newSite } from '@/core/site/defaults';
import { countedIds } from '@/core/site/sample.test-data';
import type { Site } from '@/core/site/site';
import { drawerStarters } from '@/core/starters/drawers';
import { footerStarters } from '@/core/starters/footers';
import { starters } from '@/core/starters';
import { startAssembly, type Starter } from '@/core/starters/starter';
import { lookHere } from '../bytes/look';
import { openDatabase } from '../db/open';
import { loadSite } from '../sites/store';
import { seedDemo } from './seed';

/** The demo in a database of its own. */
export async function seededDemo() {
  const db = openDatabase(mkdtempSync(path.join(tmpdir(), 'gable-ridge-demo-')));
  await seedDemo(db, lookHere, new Date(0));
  return { db, demo: (id: string): Site => loadSite(db, id)!.site };
}

const titles = ['Home', 'Crossings', 'Islands', 'Tickets', 'Weather', 'Contact'];

/** A site as it is on its first day: its name, a few pages with a menu of them, and nothing of its own in the brand. */
export function firstDay(): Site {
  const pages = titles.map((title, index) =>
    newPage({ id: `p${index}`, title, path: index === 0 ? '/' : `/${title.toLowerCase()}`, parent: null }),
  );
  const items = pages.map(({ id }) => newItem({ id: `i-${id}`, link: { to: 'page', page: id } }));
  const menu = {
    ...newMenu({ id: 'm-first', name: 'Main' }),
    top: items.map(({ id }) => id),
    items: Object.fromEntries(items.map((item) => [item.id, item])),
  };
  const site = newSite('Tern Point', countedIds());
  return {
    ...site,
    pages: Object.fromEntries(pages.map((page) => [page.id, page])),
    pageOrder: pages.map(({ id }) => id),
    menus: { ...site.menus, [menu.id]: menu },
  };
}

/** A site with a header, drawer or footer that was made of a starter: on all of its pages, or opened by what opens its first drawer. */
export function withStarter(site: Site, kind: AssemblyKind, starter: Starter): Site {
  const { assembly, menus } = startAssembly(site, kind, starter, starter.id, countedIds());
  const own = {
    ...site,
    menus: { ...site.menus, ...Object.fromEntries(menus.map((menu) => [menu.id, menu])) },
  };
  if (kind === 'drawers') {
    const [first] = Object.keys(site.drawers);
    return { ...own, drawers: { ...site.drawers, [first!]: { ...assembly, id: first! } } };
  }
  const slot = kind === 'headers' ? 'header' : 'footer';
  return {
    ...own,
    [kind]: { ...site[kind], [assembly.id]: assembly },
    placing: { ...site.placing, [slot]: assembly.id, rules: [] },
  };
}

/** Every starter, with what it makes and a name of its own. */
const everyStarter: readonly [string, AssemblyKind, Starter][] = [
  ...starters.map((each): [string, AssemblyKind, Starter] => [`header ${each.id}`, 'headers', each]),
  ...drawerStarters.map((each): [string, AssemblyKind, Starter] => [`drawer ${each.id}`, 'drawers', each]),
  ...footerStarters.map((each): [string, AssemblyKind, Starter] => [`footer ${each.id}`, 'footers', each]),
];

/** Both demo sites, and one with each starter: what every form of the hand-over is tried with. */
export const sitesToHandOver = (demo: (id: string) => Site): [string, () => Site][] => [
  ['hollin-sound', () => demo('hollin-sound')],
  ['orrery-house', () => demo('orrery-house')],
  ...everyStarter.map(([name, kind, starter]): [string, () => Site] => [
    name,
    () => withStarter(demo('orrery-house'), kind, starter),
  ]),
];
