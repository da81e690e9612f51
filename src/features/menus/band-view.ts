import { settle, type CellValues } from '@/core/bands/follow';
import { itemShown, orderInBand } from '@/core/menus/band-order';
import type { Edit } from '@/core/edit';
import type { Id } from '@/core/ids/id';
import type { Menu } from '@/core/site/menu';
import type { TreeRow } from '@/ui/tree/tree-rows';

/** How an item stands in a band. */
export interface BandView {
  shown: boolean;
  /** Whether that was said for this band itself, and the band that it is followed from where it was not. */
  shownHere: boolean;
  shownFrom: string;
  /** The place among its siblings, counted from 1; and whether the band has an order of its own for them. */
  place: number;
  orderedHere: boolean;
  orderedFrom: string;
  /** Whether something above it is hidden, so that it cannot be seen whatever is said of itself. */
  hiddenAbove: boolean;
}

/** How a row stands in a band; `rows` are all rows of the tree by id. */
export function bandView(
  menu: Menu,
  { id, parent }: TreeRow,
  rows: ReadonlyMap<Id, TreeRow>,
  chain: readonly string[],
  band: string,
): BandView {
  const holder = parent === null ? menu : menu.items[parent]!;
  const shown = settle((menu.items[id]!.values.shown ?? {}) as CellValues<string>, chain, band, 'shown');
  const order = settle(holder.values.order ?? {}, chain, band, null as unknown);
  let hiddenAbove = false;
  for (let at = parent; at !== null; at = rows.get(at)?.parent ?? null)
    hiddenAbove ||= !itemShown(menu, at, chain, band);
  return {
    shown: shown.value === 'shown',
    shownHere: shown.own,
    shownFrom: shown.from ?? chain[0]!,
    place: orderInBand(menu, parent, chain, band).indexOf(id) + 1,
    orderedHere: order.own,
    orderedFrom: order.from ?? chain[0]!,
    hiddenAbove,
  };
}

/**
 * The edit that moves an item a place up or down in a band. In the widest band this is its place in the list; in a narrower
 * one the band gets an order of its own. Null when there is nothing further in that direction.
 */
export function stepInBand(
  menu: Menu,
  { id, parent }: TreeRow,
  chain: readonly string[],
  band: string,
  step: -1 | 1,
): Edit | null {
  const order = orderInBand(menu, parent, chain, band);
  const from = order.indexOf(id);
  const to = from + step;
  if (to < 0 || to >= order.length) return null;
  if (band === chain[0]) {
    const before = step < 0 ? order[to]! : (order[to + 1] ?? null);
    return { edit: 'moveItems', menu: menu.id, items: [id], parent, before };
  }
  order.splice(from, 1);
  order.splice(to, 0, id);
  return { edit: 'setValue', place: holderPlace(menu, parent), property: 'order', cell: band, value: order };
}

/** What holds the order that a row stands in. */
export function holderPlace(menu: Menu, parent: Id | null) {
  return parent === null
    ? { on: 'menu' as const, menu: menu.id }
    : { on: 'item' as const, menu: menu.id, item: parent };
}
