import { pagesByPath } from '../../menus/link-text';
import type { Id } from '../../ids/id';
import { composeAssembly, type SaidBar, type SaidPiece } from '../../site/compose';
import { newItem, newMenu, newPage, newSite, type IdSource } from '../../site/defaults';
import { MENU_LEVELS, type Menu } from '../../site/menu';
import { pathKey } from '../../site/page';
import type { Site } from '../../site/site';
import { startersOf } from '../../starters';
import { startAssembly } from '../../starters/starter';
import { matchItems, unknownPaths, type FoundItem } from '../menus/found-item';
import type { LineProblem } from '../reading';
import type { FoundMenu, FoundWebsite } from './read-website';

/** A site that was composed of what was read, and what of it could not be taken over. */
export interface ComposedSite {
  site: Site;
  problems: LineProblem[];
}

/** The pages that menus lead to, as pages below those whose path theirs begins with; the home page first. */
function withPages(site: Site, menus: readonly FoundMenu[], ids: IdSource): Site {
  const paths = unknownPaths(
    site,
    menus.flatMap(({ reading }) => reading.found),
  );
  const titles = new Map([['/', paths.get('/') ?? 'Home'], ...paths]);
  const idOf = new Map([...titles.keys()].map((path) => [pathKey(path), ids()]));
  const above = (path: string): Id | null => {
    for (let end = path.lastIndexOf('/'); end > 0; end = path.lastIndexOf('/', end - 1)) {
      const found = idOf.get(pathKey(path.slice(0, end)));
      if (found) return found;
    }
    return null;
  };
  const pages = [...titles].map(([path, title]) =>
    newPage({ id: idOf.get(pathKey(path))!, title, path, parent: path === '/' ? null : above(path) }),
  );
  return {
    ...site,
    pages: Object.fromEntries(pages.map((page) => [page.id, page])),
    pageOrder: pages.map(({ id }) => id),
  };
}

const asMenu = (
  name: string,
  { items, top }: Pick<ReturnType<typeof matchItems>, 'items' | 'top'>,
  ids: IdSource,
) => newMenu({ id: ids(), name, top, items: Object.fromEntries(items.map((item) => [item.id, item])) });

/** Found items down to a level, those below it told as problems. */
function withLevels(found: readonly FoundItem[], most: number, problems: LineProblem[]): FoundItem[] {
  const levels: number[] = [];
  const places: (number | null)[] = [];
  const kept: FoundItem[] = [];
  for (const item of found) {
    const level = item.parent === null ? 1 : levels[item.parent]! + 1;
    levels.push(level);
    places.push(level > most ? null : kept.length);
    if (level > most)
      problems.push({ line: item.line, reason: `“${item.label}” stands too deep for a footer.` });
    else kept.push({ ...item, parent: item.parent === null ? null : places[item.parent]! });
  }
  return kept;
}

/** The lists of a footer as one menu: each below its heading, where there are several. */
function footerMenu(
  site: Site,
  found: readonly FoundMenu[],
  ids: IdSource,
  problems: LineProblem[],
): Menu | null {
  const pageOf = pagesByPath(site);
  const lists = found.map(({ name, reading }) => {
    // Below a heading there is one level less.
    const kept = matchItems(site, withLevels(reading.found, MENU_LEVELS - 1, problems), ids, pageOf);
    problems.push(...kept.problems);
    return { name, ...kept };
  });
  const [only, ...others] = lists;
  if (!only) return null;
  if (others.length === 0) return asMenu('Footer', only, ids);
  const headings = lists.map(({ name, top }) =>
    newItem({ id: ids(), label: name, link: { to: 'nothing' }, children: top }),
  );
  return asMenu(
    'Footer',
    { items: [...headings, ...lists.flatMap(({ items }) => items)], top: headings.map(({ id }) => id) },
    ids,
  );
}

/** The bars of a footer that holds what was found of one. */
function footerBars({ address, telephone, mail, rights, name }: FoundWebsite, menu: Menu | null): SaidBar[] {
  const grouped = menu !== null && Object.values(menu.items).some(({ children }) => children.length > 0);
  const links: SaidPiece[] = menu
    ? [
        [
          'links',
          {
            menu: menu.id,
            grouped: grouped ? 'columns' : 'one',
            columns: { desktop: 4, tablet: 2, phone: 1 },
            takesRest: true,
          },
        ],
      ]
    : [];
  const [line1 = '', line2 = '', ...more] = address.filter((line) => line !== name);
  const reached: SaidPiece[] =
    address.length > 0 || telephone !== null || mail !== null
      ? [
          [
            'address',
            {
              name: name ?? '',
              line1,
              line2: [line2, ...more].filter(Boolean).join(', ').slice(0, 120),
              telephone: telephone ?? '',
              mail: mail ?? '',
            },
          ],
        ]
      : [];
  const said = rights ?? `© ${name ?? ''}`.trim();
  const stacked = { division: { desktop: { by: 'edges' }, tablet: { by: 'stack' } }, across: 'start' };
  return [
    ...(links.length + reached.length > 0
      ? [{ name: 'Columns', values: { ...stacked, padding: 40 }, bays: { start: links, end: reached } }]
      : []),
    {
      name: 'Legal strip',
      values: { lineAbove: 'border-hairline', leastHeight: 56 },
      bays: { start: [['text', { text: [said], textSize: 14 }]] },
    },
  ];
}

/** A site of its own of what was read: its pages, menus and languages, a header, a drawer and a footer in the brand that sites begin with. */
export function composeWebsite(found: FoundWebsite, ids: IdSource): ComposedSite {
  const problems: LineProblem[] = [];
  const empty = newSite(found.name ?? 'Untitled site', ids);
  const languages = found.languages.length > 0 ? found.languages.slice(0, 12) : empty.languages;
  const paged = withPages({ ...empty, languages, headers: {}, footers: {} }, found.menus, ids);
  const pageOf = pagesByPath(paged);
  const header = found.menus
    .filter(({ stands }) => stands === 'header')
    // What begins with a menu takes the first: that is the one that holds most.
    .toSorted((one, other) => other.reading.found.length - one.reading.found.length)
    .map(({ name, reading }) => {
      const matched = matchItems(paged, reading.found, ids, pageOf);
      problems.push(...matched.problems);
      return asMenu(name, matched, ids);
    });
  const footer = footerMenu(
    paged,
    found.menus.filter(({ stands }) => stands === 'footer'),
    ids,
    problems,
  );
  const menus = [...header, ...(footer ? [footer] : [])];
  const withMenus: Site = { ...paged, menus: Object.fromEntries(menus.map((menu) => [menu.id, menu])) };
  const start = (site: Site, kind: 'drawers' | 'headers', name: string) => {
    const begun = startAssembly(site, kind, startersOf[kind][0]!, name, ids);
    return {
      ...site,
      menus: { ...site.menus, ...Object.fromEntries(begun.menus.map((menu) => [menu.id, menu])) },
      [kind]: { [begun.assembly.id]: begun.assembly },
    };
  };
  const begun = start(start(withMenus, 'drawers', 'Drawer'), 'headers', 'Main header');
  const own = composeAssembly(
    { kind: 'footers', name: 'Main footer', bars: footerBars(found, footer), values: {} },
    () => ids(),
    begun.bands,
  );
  return {
    site: {
      ...begun,
      footers: { [own.id]: own },
      placing: { header: Object.keys(begun.headers)[0]!, footer: own.id, rules: [] },
    },
    problems,
  };
}
