import { newItem, newMenu } from '../site/defaults';
import type { Page } from '../site/page';
import { MENU_LEVELS, type Menu, type MenuItem } from '../site/menu';

/**
 * A menu with an item for each of these pages, nested as the pages are; their order is kept. Pages deeper than a menu
 * may go stand on its last level, behind their parent. `itemId` gives the id of a page's item.
 */
export function menuFromPages(
  id: string,
  name: string,
  pages: readonly Page[],
  itemId: (page: Page) => string,
): Menu {
  const byId = new Map(pages.map((page) => [page.id, page]));
  const items = new Map<string, MenuItem>();
  const top: string[] = [];
  const place = new Map<string, { level: number; siblings: string[] }>();
  for (const page of pages) {
    const item = newItem({ id: itemId(page), link: { to: 'page', page: page.id } });
    items.set(page.id, item);
    const above = page.parent === null || !byId.has(page.parent) ? undefined : place.get(page.parent);
    if (!above) place.set(page.id, { level: 1, siblings: top });
    else if (above.level < MENU_LEVELS)
      place.set(page.id, { level: above.level + 1, siblings: items.get(page.parent!)!.children });
    else place.set(page.id, above);
    place.get(page.id)!.siblings.push(item.id);
  }
  return newMenu({
    id,
    name,
    top,
    items: Object.fromEntries([...items.values()].map((item) => [item.id, item])),
  });
}
