/** A row of a tree: a thing, how deep it stands (1 for the top), its parent, and its place among its siblings. */
export interface TreeRow {
  id: string;
  level: number;
  parent: string | null;
  index: number;
  siblings: readonly string[];
}

/** The things of a tree in the order in which they are read. */
export function treeRows(top: readonly string[], childrenOf: (id: string) => readonly string[]): TreeRow[] {
  const rows: TreeRow[] = [];
  const walk = (siblings: readonly string[], parent: string | null, level: number) =>
    siblings.forEach((id, index) => {
      rows.push({ id, level, parent, index, siblings });
      walk(childrenOf(id), id, level + 1);
    });
  walk(top, null, 1);
  return rows;
}

/** A place in a tree: among the children of a thing, or for null at the top; before a sibling, or for null at the end. */
export interface TreeSpot {
  parent: string | null;
  before: string | null;
}

export type TreeMove = 'up' | 'down' | 'in' | 'out';

/**
 * Where rows go that are moved as one, given in the order in which they are read: up or down among their siblings, in below
 * the one before them, or out behind their parent. Null for nowhere.
 */
export function movedSpot(
  byId: ReadonlyMap<string, TreeRow>,
  moved: readonly TreeRow[],
  move: TreeMove,
): TreeSpot | null {
  const [first, last] = [moved[0], moved.at(-1)];
  if (!first || !last) return null;
  if (move === 'up')
    return first.index > 0 ? { parent: first.parent, before: first.siblings[first.index - 1]! } : null;
  if (move === 'down') {
    const { siblings, index, parent } = last;
    return index < siblings.length - 1 ? { parent, before: siblings[index + 2] ?? null } : null;
  }
  if (move === 'in') {
    const above = first.siblings[first.index - 1];
    return above === undefined ? null : { parent: above, before: null };
  }
  const above = first.parent === null ? undefined : byId.get(first.parent);
  return above ? { parent: above.parent, before: above.siblings[above.index + 1] ?? null } : null;
}

/** A part of a row that things are dropped on: its upper edge, its middle, its lower edge. */
export type DropZone = 'before' | 'inside' | 'after';

/** The spot that dropping on a part of a row means. */
export function droppedSpot({ id, parent, index, siblings }: TreeRow, zone: DropZone): TreeSpot {
  if (zone === 'inside') return { parent: id, before: null };
  return { parent, before: zone === 'before' ? id : (siblings[index + 1] ?? null) };
}

/** A spot without the rows that are moved there: before the next sibling that stays where it is. */
export function spotWithout(
  byId: ReadonlyMap<string, TreeRow>,
  moved: ReadonlySet<string>,
  { parent, before }: TreeSpot,
): TreeSpot {
  let at = before;
  while (at !== null && moved.has(at)) {
    const { siblings, index } = byId.get(at)!;
    at = siblings[index + 1] ?? null;
  }
  return { parent, before: at };
}

/** Whether a row is one of these, or stands below one. */
export function isWithin(
  byId: ReadonlyMap<string, TreeRow>,
  id: string | null,
  ids: ReadonlySet<string>,
): boolean {
  for (let at = id; at !== null; at = byId.get(at)?.parent ?? null) if (ids.has(at)) return true;
  return false;
}
