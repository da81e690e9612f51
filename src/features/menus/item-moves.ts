import type { Menu } from '@/core/site/menu';

/** A row of the tree: an item, how deep it stands (1 for the top), its parent, and its place among its siblings. */
export interface TreeRow {
  id: string;
  level: number;
  parent: string | null;
  index: number;
  siblings: readonly string[];
}

/** The items of a menu in the order in which they are read. */
export function treeRows(menu: Menu): TreeRow[] {
  const rows: TreeRow[] = [];
  const walk = (siblings: readonly string[], parent: string | null, level: number) =>
    siblings.forEach((id, index) => {
      rows.push({ id, level, parent, index, siblings });
      walk(menu.items[id]!.children, id, level + 1);
    });
  walk(menu.top, null, 1);
  return rows;
}

export type ItemMove = 'up' | 'down' | 'in' | 'out';
export interface ItemSpot {
  parent: string | null;
  index: number;
}

/** Where an item goes: up or down among its siblings, in below the one before it, or out behind its parent. Null for nowhere. */
export function itemSpot(
  rows: readonly TreeRow[],
  row: TreeRow,
  move: ItemMove,
  menu: Menu,
): ItemSpot | null {
  const { parent, index, siblings } = row;
  if (move === 'up') return index > 0 ? { parent, index: index - 1 } : null;
  if (move === 'down') return index < siblings.length - 1 ? { parent, index: index + 1 } : null;
  if (move === 'in') {
    const before = siblings[index - 1];
    return before === undefined ? null : { parent: before, index: menu.items[before]!.children.length };
  }
  const above = rows.find((each) => each.id === parent);
  return above ? { parent: above.parent, index: above.index + 1 } : null;
}
