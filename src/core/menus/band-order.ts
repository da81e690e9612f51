import { settle, type CellValues } from '../bands/follow';
import type { Id } from '../ids/id';
import type { Menu } from '../site/menu';

/**
 * An order of its own, brought up to date with what there is now: what is gone drops out, and what was added later stands
 * right behind the one that it follows in `listed`, or first when it is first there.
 */
export function mergedOrder(listed: readonly Id[], own: readonly Id[]): Id[] {
  const merged = own.filter((id) => listed.includes(id));
  listed.forEach((id, index) => {
    if (merged.includes(id)) return;
    merged.splice(index === 0 ? 0 : merged.indexOf(listed[index - 1]!) + 1, 0, id);
  });
  return merged;
}

/** What stands below an item, or at the top of the menu for null, in the order of a band; `chain` holds the bands, widest first. */
export function orderInBand(menu: Menu, item: Id | null, chain: readonly string[], band: string): Id[] {
  const [listed, values] =
    item === null ? [menu.top, menu.values] : [menu.items[item]!.children, menu.items[item]!.values];
  const own = settle<readonly Id[] | null>(
    (values.order ?? {}) as CellValues<readonly Id[] | null>,
    chain,
    band,
    null,
  ).value;
  return own === null ? [...listed] : mergedOrder(listed, own);
}

/** Whether an item is shown in a band, what stands above it aside. */
export function itemShown(menu: Menu, item: Id, chain: readonly string[], band: string): boolean {
  const shown = (menu.items[item]!.values.shown ?? {}) as CellValues<'shown' | 'hidden'>;
  return settle(shown, chain, band, 'shown' as const).value === 'shown';
}

/** A text that two bands share when a menu has the same order in both. */
export function orderKey(menu: Menu, chain: readonly string[], band: string): string {
  const holders = [null, ...Object.keys(menu.items)].filter(
    (id) => (id === null ? menu : menu.items[id]!).values.order !== undefined,
  );
  const orders = holders.map((id) => `${id ?? ''}:${orderInBand(menu, id, chain, band).join()}`);
  return [menu.id, ...orders].join(' ');
}

/** Whether a menu says of any band which of its items it shows, or in which order. */
export const saysByBand = ({ values, items }: Menu): boolean =>
  [values, ...Object.values(items).map((item) => item.values)].some(
    ({ order, shown }) => order !== undefined || shown !== undefined,
  );

/** What differs for an item between bands, where something does: the bands in which it is hidden, and those in which all below it is. */
export interface ItemBands {
  hidden: string[];
  childless: string[];
}

/** What differs between bands, by item; items that are shown with something below them in every band are left out. */
export function itemsByBand(menu: Menu, chain: readonly string[]): Map<Id, ItemBands> {
  const some = Object.values(menu.items).some((item) => item.values.shown !== undefined);
  if (!some) return new Map();
  const bandsWhere = (holds: (band: string) => boolean) => chain.filter(holds);
  const entries = Object.values(menu.items).map(({ id, children }): [Id, ItemBands] => [
    id,
    {
      hidden: bandsWhere((band) => !itemShown(menu, id, chain, band)),
      childless: bandsWhere(
        (band) => children.length > 0 && children.every((child) => !itemShown(menu, child, chain, band)),
      ),
    },
  ]);
  return new Map(entries.filter(([, { hidden, childless }]) => hidden.length + childless.length > 0));
}

const structures = new WeakMap<Menu, string>();

/** What of a menu decides which of its items stand where, as one text: it is the same for menus that differ in words alone. */
export function menuStructure(menu: Menu): string {
  const known = structures.get(menu);
  if (known !== undefined) return known;
  const items = Object.values(menu.items).map(({ id, children, values: { order, shown, leaves, card } }) => [
    id,
    children,
    order,
    shown,
    leaves,
    card,
  ]);
  const structure = JSON.stringify([menu.id, menu.top, menu.values, items]);
  structures.set(menu, structure);
  return structure;
}
