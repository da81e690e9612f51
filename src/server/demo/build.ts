import { typeStyleProperties } from '@/core/brand/type-style';
import { readPageList } from '@/core/formats/pages/page-list';
import { menuFromPages } from '@/core/menus/from-pages';
import type { AssemblyKind } from '@/core/properties/assembly-kind';
import { itemProperties } from '@/core/properties/menu';
import type { Assembly } from '@/core/site/assembly';
import type { Brand } from '@/core/site/brand';
import {
  composeAssembly,
  composeValues,
  type ComposeIds,
  type Said,
  type SaidBar,
} from '@/core/site/compose';
import { defaultBands, defaultBrand, newItem, newPage } from '@/core/site/defaults';
import type { Menu, MenuItem } from '@/core/site/menu';
import type { Page } from '@/core/site/page';
import type { PageStandInId } from '@/core/site/page-stand-in';

/** Short forms in which the demo sites are written down. */

/** A header, drawer or footer from what is said of it; ids of its bars and pieces come from its own. */
export function assembly(
  kind: AssemblyKind,
  id: string,
  name: string,
  bars: readonly SaidBar[],
  values: Said = {},
): Assembly {
  const counts = { assembly: 0, bar: 0, piece: 0, rule: 0 };
  const ids: ComposeIds = (what) => (what === 'assembly' ? id : `${id}-${what[0]}${(counts[what] += 1)}`);
  return composeAssembly({ kind, name, bars, values }, ids, defaultBands);
}

/** Pages from a list as a designer would paste it, with what stands in for the content of some, by path; a page's id is made from its path. */
export function pagesFromList(list: string, standIns: Record<string, PageStandInId> = {}): Page[] {
  const { found: pages, problems } = readPageList(list);
  if (problems[0]) throw new Error(`Demo, line ${problems[0].line}: ${problems[0].reason}`);
  const idOf = (path: string) =>
    `pg-${path === '/' ? 'home' : path.slice(1).replaceAll('/', '-')}`.slice(0, 32);
  return pages.map(({ title, path, parent }) =>
    newPage({
      id: idOf(path),
      title,
      path,
      parent: parent === null ? null : idOf(pages[parent]!.path),
      ...(standIns[path] && { standIn: standIns[path] }),
    }),
  );
}

/** A menu of the pages with these paths and of what lies below them on the same level of the list, if asked. */
export function menuOf(
  id: string,
  name: string,
  pages: readonly Page[],
  paths: readonly string[],
  below: boolean,
): Menu {
  const chosen = new Set(pages.filter((page) => paths.includes(page.path)).map((page) => page.id));
  const held = pages.filter(
    (page) => chosen.has(page.id) || (below && page.parent !== null && chosen.has(page.parent)),
  );
  let count = 0;
  return menuFromPages(id, name, held, () => `${id}-i${(count += 1)}`);
}

/** A menu with more items at its end, and with values on some of its items, told by their labels or the titles of their pages. */
export function menuWith(
  menu: Menu,
  pages: readonly Page[],
  more: readonly (Partial<MenuItem> & Pick<MenuItem, 'link'>)[],
  values: Record<string, Said> = {},
): Menu {
  const added = more.map((item, index) => newItem({ id: `${menu.id}-x${index + 1}`, ...item }));
  const items = { ...menu.items, ...byId(added) };
  const titleOf = ({ label, link }: MenuItem) =>
    label ?? (link.to === 'page' ? pages.find(({ id }) => id === link.page)?.title : undefined);
  for (const [name, said] of Object.entries(values)) {
    const item = Object.values(items).find((each) => titleOf(each) === name)!;
    items[item.id] = { ...item, values: composeValues(said, itemProperties) };
  }
  return { ...menu, top: [...menu.top, ...added.map(({ id }) => id)], items };
}

/** A record of things by their id. */
export function byId<T extends { id: string }>(things: readonly T[]): Record<string, T> {
  return Object.fromEntries(things.map((thing) => [thing.id, thing]));
}

/** The brand of a new site with other colours: CSS, or the name of another colour after a `=`. */
export function colours(
  said: Record<string, string>,
  added: Record<string, string> = {},
  inDark: Record<string, string> = {},
): Brand['colours'] {
  const value = (text: string) => (text.startsWith('=') ? { as: text.slice(1) } : { css: text });
  const own = Object.entries(added).map(([name, text]) => ({
    id: `c-${name.toLowerCase().replaceAll(' ', '-')}`,
    name,
    value: value(text),
  }));
  const standard = Object.values(defaultBrand.colours).map((colour) =>
    said[colour.id] === undefined ? colour : { ...colour, value: value(said[colour.id]!) },
  );
  return byId(
    [...standard, ...own].map((colour) =>
      inDark[colour.id] === undefined ? colour : { ...colour, dark: value(inDark[colour.id]!) },
    ),
  );
}

/** The type styles of a new site with values of their own, as the widest band has them. */
export function typeStyles(said: Record<string, Said>): Brand['typeStyles'] {
  return byId(
    Object.values(defaultBrand.typeStyles).map((style) => ({
      ...style,
      values: { ...style.values, ...composeValues(said[style.id] ?? {}, typeStyleProperties) },
    })),
  );
}
