import type { Box } from './box';
import type { Layout, Track } from './layout';

/** A box in a grid with the columns that it spans, counted from 0, the last one included, and its row. */
export interface InGrid {
  box: Box;
  first: number;
  last: number;
  row: number;
}

/** The columns of a grid; one where it says nothing. */
export function tracksOf({ gridTemplateColumns: columns }: Layout): readonly Track[] {
  return columns === undefined || columns === 'none' ? ['auto'] : columns;
}

/** How many shares of what is left a column has; none where it has no part in that. */
export function flexOf(track: Track): number {
  if (track === 'auto') return 0;
  if ('fr' in track) return track.fr;
  const { most } = track;
  return typeof most === 'object' && 'fr' in most ? most.fr : 0;
}

/** The columns that a box asks for by number, or null where it takes the next that is free. */
function asked(column: string | undefined, count: number): { first: number; last: number } | null {
  if (column === undefined || column === 'auto') return null;
  const [from, to] = column.split('/').map((line) => Number(line.trim()));
  const first = from! - 1;
  if (to === undefined) return { first, last: first };
  return { first, last: to < 0 ? count + to : to - 2 };
}

/** Where boxes stand in a grid of so many columns: in the row that they ask for, or row by row, each behind the one before (CSS Grid 2, 8.5). */
export function inGrid(boxes: readonly Box[], count: number): InGrid[] {
  let [row, next] = [0, 0];
  return boxes.map((box) => {
    const { gridColumn, gridRow } = box.layout;
    const own = asked(gridColumn, count);
    if (gridRow !== undefined) return { box, ...(own ?? { first: 0, last: 0 }), row: Number(gridRow) - 1 };
    const free = next >= count ? 0 : next;
    const { first, last } = own ?? { first: free, last: free };
    if (first < next) row += 1;
    next = last + 1;
    return { box, first, last, row };
  });
}
