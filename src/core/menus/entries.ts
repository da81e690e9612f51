import { EVERYWHERE } from '../bands/follow';
import type { MenuEntry, Target } from '../pieces/piece';
import type { Id } from '../ids/id';
import { linkedPage, type Link } from '../properties/link';
import { itemProperties, type Leaves } from '../properties/menu';
import type { Values } from '../properties/property';
import type { Menu, MenuItem } from '../site/menu';
import { pageWords } from '../site/page-words';
import type { Site } from '../site/site';
import { called } from '../site/surroundings';
import { orderInBand } from './band-order';

/** A page’s title in a language of the site; what has no translation stands in the site’s first language. */
export function pageTitle(site: Site, page: Id, language = site.languages[0]!): string {
  const found = site.pages[page];
  return found ? (found.titles[language] ?? found.title) : '';
}

/** What a link leads to, in words that can stand as its label. */
export function targetLabel(site: Site, link: Link, language?: string): string {
  if (link.to === 'page' || link.to === 'dialog') return pageTitle(site, link.page, language);
  if (link.to === 'section') return `${pageTitle(site, link.page, language)} #${link.section}`;
  if (link.to === 'file') return site.files[link.file]?.name ?? '';
  if (link.to === 'drawer') return site.drawers[link.drawer]?.name ?? '';
  if (link.to === 'address') return link.address;
  if (link.to === 'email') return link.email;
  if (link.to === 'telephone') return link.telephone;
  return link.to === 'language' ? link.language : '';
}

/** An item’s label: its own, else that of what it leads to. */
export function itemLabel(site: Site, item: MenuItem, language?: string): string {
  const own = language === undefined ? null : item.labels[language];
  return own ?? item.label ?? targetLabel(site, item.link, language);
}

/** What of a site the labels of items are made of, beside the items themselves. */
export const labelledBy = ({ pages, files, drawers, languages }: Site): readonly unknown[] => [
  pages,
  files,
  called(drawers),
  languages,
];

/** The name of a menu as readers are told it: menus are named in the language of the site’s own texts. */
export function menuName(site: Site, { name }: Menu, language: string): string {
  return language === site.languages[0] ? name : pageWords(site, language).menu;
}

/** The ids of a page and its ancestors, the page first; empty for null. */
export function pageTrail(site: Site, page: Id | null): Id[] {
  const trail: Id[] = [];
  for (let at = page; at !== null && !trail.includes(at); at = site.pages[at]?.parent ?? null) trail.push(at);
  return trail;
}

/** When an item leaves where room is short. */
export function leavesOf({ values }: MenuItem): Leaves {
  return (values.leaves?.[EVERYWHERE] as Leaves | undefined) ?? 'turn';
}

/** Whether some item of a menu is a card in panels of columns. */
export const hasCards = ({ items }: Menu): boolean =>
  Object.values(items).some(({ values }) => values.card?.[EVERYWHERE] === true);

/** Whether some list below an item of a menu has lists below its own. */
export const hasNested = ({ top, items }: Menu): boolean =>
  top.some((id) => items[id]!.children.some((child) => items[child]!.children.length > 0));

const saidOnce = itemProperties.filter(({ by }) => by === null || by === 'language');

type ItemWords = Pick<
  MenuEntry,
  'icon' | 'picture' | 'card' | 'badge' | 'description' | 'title' | 'newWindow' | 'leaves'
>;
const saidWords = new WeakMap<Values, Map<string, ItemWords>>();

/** What an item says in a language that is the same at every width. */
function itemWords(values: Values, language: string): ItemWords {
  const known = saidWords.get(values) ?? new Map<string, ItemWords>();
  saidWords.set(values, known);
  const kept = known.get(language);
  if (kept) return kept;
  const settled = saidOnce.map(({ name, by, initial }) => {
    const cells = values[name] ?? {};
    const own = by === 'language' && Object.hasOwn(cells, language) ? cells[language] : undefined;
    return [name, own ?? cells[EVERYWHERE] ?? initial];
  });
  const words: ItemWords = Object.fromEntries(settled);
  known.set(language, words);
  return words;
}

/** Where a menu stands on all pages of a folder: in which language, and in which band’s order. */
export interface MenuPlace {
  language?: string;
  band: string;
  target(link: Link): Target;
}

/**
 * A menu as it stands on every page of a folder: labels and targets settled, and `trail` on items that lead to the language that it
 * is in, or hold such an item below them. What a single page adds are its marks (`markedEntries`).
 */
export function menuEntries(site: Site, menu: Menu, { language, band, target }: MenuPlace): MenuEntry[] {
  const chain = site.bands.map((each) => each.id);
  const entry = (id: Id): MenuEntry => {
    const item = menu.items[id]!;
    const children = orderInBand(menu, id, chain, band).map(entry);
    const sameLanguage =
      item.link.to === 'language' && item.link.language === (language ?? site.languages[0]);
    return {
      id,
      label: itemLabel(site, item, language),
      target: target(item.link),
      current: sameLanguage || children.some((child) => child.current !== null) ? 'trail' : null,
      children,
      ...itemWords(item.values, language ?? EVERYWHERE),
    };
  };
  return orderInBand(menu, null, chain, band).map(entry);
}

/** Which entries may be otherwise on single pages: by the page that they lead to, or for links to other languages under null; with those above them. */
export type MarkIndex = ReadonlyMap<Id | null, readonly Id[]>;

/** Which entries of a menu have marks on which page; made once for a menu that stands on many pages. */
export function markIndex(menu: Menu, entries: readonly MenuEntry[]): MarkIndex {
  const index = new Map<Id | null, Id[]>();
  const look = (list: readonly MenuEntry[], above: readonly Id[]): void =>
    list.forEach(({ id, children }) => {
      const { link } = menu.items[id]!;
      const way = [...above, id];
      const page = link.to === 'language' ? null : linkedPage(link);
      if (page !== null || link.to === 'language') index.set(page, [...(index.get(page) ?? []), ...way]);
      look(children, way);
    });
  look(entries, []);
  return index;
}

/**
 * The entries of a menu on a page: the item of the page itself marked `page`, and `trail` on items that lead to one of its ancestors or
 * hold a marked item below them. A link to another language leads to the page in that language, which `target` gives. Entries in which
 * nothing is otherwise on the page are the very objects that were given.
 */
export function markedEntries(
  site: Site,
  menu: Menu,
  entries: MenuEntry[],
  page: Id | null,
  target: (link: Link) => Target,
  index = markIndex(menu, entries),
): MenuEntry[] {
  const trail = new Set(pageTrail(site, page));
  const touched = new Set([null, ...trail].flatMap((each) => index.get(each) ?? []));
  const marked = (list: MenuEntry[]): MenuEntry[] => {
    if (!list.some(({ id }) => touched.has(id))) return list;
    return list.map((entry) => {
      if (!touched.has(entry.id)) return entry;
      const { link } = menu.items[entry.id]!;
      const children = marked(entry.children);
      const led = linkedPage(link);
      const onTrail = (led !== null && trail.has(led)) || children.some((child) => child.current !== null);
      const current = led !== null && led === page ? 'page' : onTrail ? 'trail' : entry.current;
      if (link.to === 'language') return { ...entry, current, children, target: target(link) };
      return current === entry.current && children === entry.children
        ? entry
        : { ...entry, current, children };
    });
  };
  return marked(entries);
}
