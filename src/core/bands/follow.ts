/**
 * Values along an axis. An axis is a chain of cells in which each follows the one before it: bands from the
 * widest to the narrowest. A value is stored only for the cells that have one of their own.
 */

export type CellValues<T> = Readonly<Record<string, T>>;

/** The one cell of a property that has no axis: it is the same at every width. */
export const EVERYWHERE = 'all';

export interface Settled<T> {
  value: T;
  /** The cell that the value comes from; null when no cell has one and the initial value holds. */
  from: string | null;
  /** Whether the asked cell has a value of its own. */
  own: boolean;
}

/**
 * The value that holds in a cell of the chain, with the cell that it comes from.
 * Throws when the chain does not hold the cell.
 */
export function settle<T>(
  values: CellValues<T>,
  chain: readonly string[],
  cell: string,
  initial: T,
): Settled<T> {
  const index = chain.indexOf(cell);
  if (index < 0) throw new Error(`Cell ${cell} is not on the axis ${chain.join(' > ')}`);
  for (let at = index; at >= 0; at -= 1) {
    const from = chain[at]!;
    const value = values[from];
    if (value !== undefined) return { value, from, own: at === index };
  }
  return { value: initial, from: null, own: false };
}
