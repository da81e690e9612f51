/** How a cell is gone to: alone, as the other end of a block, besides those that are marked, or back to it after it was edited. */
export type Marking = 'alone' | 'block' | 'besides' | 'back';

/** The cells of a sheet by their keys, row by row; null where a column does not apply. A row of one cell has it in all columns. */
export type CellKeys = readonly (readonly (string | null)[])[];

function standOf(keys: CellKeys, key: string): { row: number; from: number; to: number } | null {
  const row = keys.findIndex((cells) => cells.includes(key));
  if (row < 0) return null;
  const cells = keys[row]!;
  const at = cells.indexOf(key);
  return cells.length === 1 ? { row, from: 0, to: Infinity } : { row, from: at, to: at };
}

/** The block between two cells, both included, row by row; empty where one of them is not there. */
export function blockBetween(keys: CellKeys, one: string, other: string): string[] {
  const [a, b] = [standOf(keys, one), standOf(keys, other)];
  if (!a || !b) return [];
  const [first, last] = [Math.min(a.row, b.row), Math.max(a.row, b.row)];
  // A cell that takes all columns widens no block beyond the column of the other.
  const narrow = [a, b].filter(({ to }) => to !== Infinity);
  const from = Math.min(...(narrow.length > 0 ? narrow : [a]).map((each) => each.from));
  const to = Math.max(...(narrow.length > 0 ? narrow : [a]).map((each) => each.to));
  return keys
    .slice(first, last + 1)
    .flatMap((cells) =>
      cells.filter((key, at) => key !== null && (cells.length === 1 || (at >= from && at <= to))),
    ) as string[];
}

/** What is marked after a cell was gone to; `anchor` is the one that was gone to alone before. A single cell is no mark. */
export function marksAfter(
  keys: CellKeys,
  { marked, anchor }: { marked: readonly string[]; anchor: string | null },
  key: string,
  how: Marking,
): string[] {
  if (how === 'back' && marked.includes(key)) return [...marked];
  if (how === 'alone' || how === 'back' || anchor === null) return [];
  if (how === 'block') return blockBetween(keys, anchor, key);
  const before = marked.length > 0 ? marked : [anchor];
  return before.includes(key) ? before.filter((each) => each !== key) : [...before, key];
}
