import type { Link } from '../properties/link';
import type { MenuEntry } from '../pieces/piece';
import type { Menu, MenuItem } from '../site/menu';
import type { Site } from '../site/site';

/** An item's label: its own, else the title of the page that it leads to, else its address. */
export function itemLabel(site: Site, item: MenuItem): string {
  if (item.label !== null) return item.label;
  if (item.link.to === 'page') return site.pages[item.link.page]?.title ?? '';
  return item.link.to === 'address' ? item.link.address : '';
}

/** The ids of a page and its ancestors, the page first; empty for null. */
export function pageTrail(site: Site, page: string | null): string[] {
  const trail: string[] = [];
  for (let at = page; at !== null && !trail.includes(at); at = site.pages[at]?.parent ?? null) trail.push(at);
  return trail;
}

/**
 * A menu as it stands on a page: labels and addresses settled, the item of the current page marked `page`, and
 * `trail` on items that lead to one of its ancestors or hold a marked item below them.
 */
export function menuEntries(
  site: Site,
  menu: Menu,
  currentPage: string | null,
  href: (link: Link) => string | null,
): MenuEntry[] {
  const ancestors = new Set(pageTrail(site, currentPage).slice(1));
  const entry = (id: string): MenuEntry => {
    const item = menu.items[id]!;
    const children = item.children.map(entry);
    const page = item.link.to === 'page' ? item.link.page : null;
    const onTrail =
      (page !== null && ancestors.has(page)) || children.some((child) => child.current !== null);
    const current = page !== null && page === currentPage ? 'page' : onTrail ? 'trail' : null;
    return { id, label: itemLabel(site, item), href: href(item.link), current, children };
  };
  return menu.top.map(entry);
}
