import { EVERYWHERE } from '../bands/follow';
import type { MenuEntry, Target } from '../pieces/piece';
import type { Id } from '../properties/id';
import { linkedPage, type Link } from '../properties/link';
import { itemProperties, type Leaves } from '../properties/menu';
import type { Values } from '../properties/property';
import type { Menu, MenuItem } from '../site/menu';
import type { Site } from '../site/site';
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

const saidOnce = itemProperties.filter((property) => property.by === null);

/** What an item says that is the same at every width. */
function itemWords(
  values: Values,
): Pick<MenuEntry, 'icon' | 'picture' | 'badge' | 'description' | 'title' | 'newWindow' | 'leaves'> {
  const settled = saidOnce.map(({ name, initial }) => [name, values[name]?.[EVERYWHERE] ?? initial]);
  return Object.fromEntries(settled);
}

/** Where a menu stands: the page and its language, and the band whose order holds. */
export interface MenuPlace {
  page: Id | null;
  language?: string;
  band: string;
  target(link: Link): Target;
}

/**
 * A menu as it stands in a place: labels and targets settled, the item of the current page marked `page`, and
 * `trail` on items that lead to one of its ancestors or to its language, or hold a marked item below them.
 */
export function menuEntries(
  site: Site,
  menu: Menu,
  { page, language, band, target }: MenuPlace,
): MenuEntry[] {
  const chain = site.bands.map((each) => each.id);
  const ancestors = new Set(pageTrail(site, page).slice(1));
  const entry = (id: Id): MenuEntry => {
    const item = menu.items[id]!;
    const children = orderInBand(menu, id, chain, band).map(entry);
    const led = linkedPage(item.link);
    const sameLanguage =
      item.link.to === 'language' && item.link.language === (language ?? site.languages[0]);
    const onTrail =
      sameLanguage ||
      (led !== null && ancestors.has(led)) ||
      children.some((child) => child.current !== null);
    const current = led !== null && led === page ? 'page' : onTrail ? 'trail' : null;
    return {
      id,
      label: itemLabel(site, item, language),
      target: target(item.link),
      current,
      children,
      ...itemWords(item.values),
    };
  };
  return orderInBand(menu, null, chain, band).map(entry);
}
