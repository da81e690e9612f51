import type { Id } from '../ids/id';
import type { IdSource } from '../site/defaults';
import type { Menu, MenuItem } from '../site/menu';

/** A copy of a menu under new ids; orders of bands name the copied items. */
export function menuCopy(menu: Menu, name: string, ids: IdSource): Menu {
  const newIds = new Map(Object.keys(menu.items).map((id): [Id, Id] => [id, ids()]));
  const copied = (order: readonly Id[]) => order.flatMap((id) => newIds.get(id) ?? []);
  const values = <T extends Menu | MenuItem>({ values: own }: T): T['values'] => {
    const cells = own.order as Record<string, Id[] | null> | undefined;
    if (!cells) return own;
    const orders = Object.entries(cells).map(([band, order]) => [band, order && copied(order)]);
    return { ...own, order: Object.fromEntries(orders) };
  };
  const items = Object.values(menu.items).map((item): [Id, MenuItem] => {
    const id = newIds.get(item.id)!;
    return [id, { ...item, id, children: copied(item.children), values: values(item) }];
  });
  return { id: ids(), name, top: copied(menu.top), items: Object.fromEntries(items), values: values(menu) };
}
