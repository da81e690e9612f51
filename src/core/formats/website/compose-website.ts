import { EVERYWHERE } from '../../bands/follow';
import { applyEdits } from '../../edit/apply';
import type { Edit } from '../../edit';
import { pagesByPath } from '../../menus/link-text';
import type { Id } from '../../ids/id';
import { composeAssembly, type SaidBar, type SaidPiece } from '../../site/compose';
import { newItem, newMenu, newPage, newSite, type IdSource } from '../../site/defaults';
import { MOST_LANGUAGES } from '../../site/language';
import { MENU_LEVELS, type Menu } from '../../site/menu';
import { pathKey, type Page } from '../../site/page';
import type { Assembly } from '../../site/assembly';
import type { Site } from '../../site/site';
import { startersOf } from '../../starters';
import { startAssembly, type Starter } from '../../starters/starter';
import { matchItems, unknownPaths, type FoundItem } from '../menus/found-item';
import type { LineProblem } from '../reading';
import type { FoundMenu, FoundWebsite } from './found-website';

/** The edits that take what was read into a site, and what of it could not be taken over. */
export interface TakenIn {
  edits: Edit[];
  problems: LineProblem[];
}

/** The pages that were found and that menus lead to, as far as the site has none of their paths, each below that whose path theirs begins with. */
function newPages(site: Site, { menus, pages: titled }: FoundWebsite, ids: IdSource): Page[] {
  const linked = unknownPaths(
    site,
    menus.flatMap(({ reading }) => reading.found),
  );
  const titleOf = new Map(titled.map(({ path, title }) => [pathKey(path), title]));
  const known = new Map(Object.values(site.pages).map(({ id, path }) => [pathKey(path), id]));
  const titles = new Map<string, { path: string; title: string }>();
  const add = (path: string, title: string) => {
    const key = pathKey(path);
    if (!known.has(key) && !titles.has(key)) titles.set(key, { path, title: titleOf.get(key) ?? title });
  };
  if (site.pageOrder.length === 0) add('/', linked.get('/') ?? 'Home');
  for (const [path, title] of linked) add(path, title);
  for (const { path, title } of titled) add(path, title);
  const idOf = new Map([...known, ...[...titles.keys()].map((key): [string, Id] => [key, ids()])]);
  const above = (path: string): Id | null => {
    for (let end = path.lastIndexOf('/'); end > 0; end = path.lastIndexOf('/', end - 1)) {
      const found = idOf.get(pathKey(path.slice(0, end)));
      if (found) return found;
    }
    return null;
  };
  return [...titles].map(([key, { path, title }]) =>
    newPage({ id: idOf.get(key)!, title, path, parent: path === '/' ? null : above(path) }),
  );
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
function footerBars(
  { address, telephone, mail, rights, name }: FoundWebsite,
  menu: Menu | null,
  social: Menu | null,
): SaidBar[] {
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
  const said = rights ?? (name === null ? null : `© ${name}`);
  const stacked = { division: { desktop: { by: 'edges' }, tablet: { by: 'stack' } }, across: 'start' };
  return [
    ...(links.length + reached.length > 0
      ? [{ name: 'Columns', values: { ...stacked, padding: 40 }, bays: { start: links, end: reached } }]
      : []),
    ...(said === null && social === null
      ? []
      : [
          {
            name: 'Legal strip',
            values: { lineAbove: 'border-hairline', leastHeight: 56 },
            bays: {
              start: said === null ? [] : ([['text', { text: [said], textSize: 14 }]] as SaidPiece[]),
              end: social ? ([['social', { menu: social.id }]] as SaidPiece[]) : [],
            },
          },
        ]),
  ];
}

/** The ready-made header that is nearest to what was found: by how many menus it shows. */
function nearestHeader(menus: readonly FoundMenu[]): Starter {
  const wanted = menus.length > 1 ? 'two-menus' : 'plain-row';
  return startersOf.headers.find(({ id }) => id === wanted)!;
}

/** The edits that make the brand of a site that of what was found. */
function brandEdits(site: Site, { colours, fonts }: FoundWebsite, ids: IdSource): Edit[] {
  const known = new Map(Object.values(site.brand.colours).map(({ id, name }) => [name.toLowerCase(), id]));
  return [
    ...colours.map(({ role, name, css }): Edit => {
      const token = role !== null && site.brand.colours[role] ? role : known.get(name.toLowerCase());
      return token === undefined
        ? { edit: 'addToken', family: 'colours', token: { id: `colour-${ids()}`, name, value: { css } } }
        : { edit: 'changeToken', family: 'colours', token, value: { css } };
    }),
    ...fonts.map(({ style, family }): Edit => ({
      edit: 'setValue',
      place: { on: 'typeStyle', style },
      property: 'family',
      cell: EVERYWHERE,
      value: family,
    })),
  ];
}

/** Whether a header or footer holds nothing yet. */
const isBare = (assembly: Assembly | undefined) =>
  assembly !== undefined && Object.keys(assembly.pieces).length === 0;

/**
 * The edits that take what was read into a site: its pages, menus and languages, and a header, a drawer where it has none, and a footer
 * of them in its brand, which stand on all pages that nothing else is said of. A bare header or footer that stood there goes.
 */
export function websiteEdits(site: Site, found: FoundWebsite, ids: IdSource): TakenIn {
  const problems: LineProblem[] = [];
  const edits: Edit[] = [];
  let now = site;
  const does = (edit: Edit) => {
    const outcome = applyEdits(now, [edit]);
    if (outcome.ok) now = outcome.site;
    else problems.push({ line: 1, reason: outcome.reason });
    if (outcome.ok) edits.push(edit);
  };
  const isNew = site.pageOrder.length === 0;
  const languages = [...new Set(isNew ? found.languages : [...site.languages, ...found.languages])];
  if (languages.length > 0 && languages.join() !== site.languages.join())
    does({ edit: 'setLanguages', languages: languages.slice(0, MOST_LANGUAGES) });
  const pages = newPages(now, found, ids);
  if (pages.length > 0) does({ edit: 'addPages', pages });
  brandEdits(now, found, ids).forEach(does);

  const pageOf = pagesByPath(now);
  const inHeader = found.menus.filter(({ stands }) => stands === 'header');
  const header = inHeader
    // What begins with a menu takes the first: that is the one that holds most.
    .toSorted((one, other) => other.reading.found.length - one.reading.found.length)
    .map(({ name, reading }) => {
      const matched = matchItems(now, reading.found, ids, pageOf);
      problems.push(...matched.problems);
      return asMenu(name, matched, ids);
    });
  const inFooter = found.menus.filter(({ stands }) => stands === 'footer');
  const footer = footerMenu(
    now,
    inFooter.filter((each) => !each.social),
    ids,
    problems,
  );
  const elsewhere = inFooter.filter((each) => each.social).flatMap(({ reading }) => reading.found);
  const social =
    elsewhere.length > 0 ? asMenu('Links elsewhere', matchItems(now, elsewhere, ids, pageOf), ids) : null;
  for (const menu of [...header, footer, social]) if (menu) does({ edit: 'addMenu', menu });

  const place = (slot: 'header' | 'footer', assembly: Assembly) => {
    const kind = `${slot}s` as const;
    const before = now.placing[slot];
    does({ edit: 'addAssembly', in: kind, assembly });
    does({ edit: 'placeOnOthers', placing: { [slot]: assembly.id } });
    // A starter brings a button of its own; what was read says of none.
    for (const { id } of Object.values(assembly.pieces).filter((piece) => piece.kind === 'button'))
      does({ edit: 'removePiece', at: { in: kind, assembly: assembly.id }, piece: id });
    if (before !== null && isBare(now[kind][before]))
      does({ edit: 'removeAssembly', at: { in: kind, assembly: before } });
  };
  // What is made of a starter shows the first menus of the site: those that were read.
  const withOwnFirst = () => {
    const own = new Set(header.map(({ id }) => id));
    const menus = Object.entries(now.menus).toSorted(
      ([one], [other]) => Number(own.has(other)) - Number(own.has(one)),
    );
    return { ...now, menus: Object.fromEntries(menus) };
  };
  const start = (kind: 'drawers' | 'headers', starter: Starter, name: string) => {
    const { assembly, menus } = startAssembly(withOwnFirst(), kind, starter, name, ids);
    for (const menu of menus) does({ edit: 'addMenu', menu });
    return assembly;
  };
  if (header.length > 0) {
    if (Object.keys(now.drawers).length === 0)
      does({
        edit: 'addAssembly',
        in: 'drawers',
        assembly: start('drawers', startersOf.drawers[0]!, 'Drawer'),
      });
    place('header', start('headers', nearestHeader(inHeader), 'Main header'));
  }
  const said = footerBars(found, footer, social);
  if (said.length > 0)
    place(
      'footer',
      composeAssembly(
        { kind: 'footers', name: 'Main footer', bars: said, values: {} },
        () => ids(),
        now.bands,
      ),
    );
  return { edits, problems };
}

/** A site of its own of what was read, in the brand that sites begin with as far as nothing was read of one. */
export function composeWebsite(found: FoundWebsite, ids: IdSource): { site: Site; problems: LineProblem[] } {
  const empty = newSite(found.name ?? 'Untitled site', ids);
  const { edits, problems } = websiteEdits(empty, found, ids);
  const outcome = applyEdits(empty, edits);
  return outcome.ok
    ? { site: outcome.site, problems }
    : { site: empty, problems: [...problems, { line: 1, reason: outcome.reason }] };
}
