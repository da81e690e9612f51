import { less, narrowest, times, total, valueAt, type Piecewise } from '../lengths/piecewise';
import { pointwise } from '../lengths/pointwise';
import type { Box } from './box';
import { flexed } from './flex';
import { tracksOf, type InGrid } from './grid';
import { itemAt, rowItem } from './row-items';
import { besideOver, settingIn, shownIn, sizeOver, type Setting } from './setting';
import { sizedTracks } from './tracks';
import { spanningIn } from './widths';

/** What a box has inside of it where it takes all of the room, up to the most that it may take; in CSS px over the viewport width. */
export function insideOver(box: Box, room: Piecewise, outside: Setting): Piecewise {
  const setting = settingIn(outside, box);
  const { maxInlineSize: most } = box.layout;
  const width =
    most === undefined || typeof most === 'string' ? room : narrowest(room, sizeOver(most, setting));
  return less(width, besideOver(box, setting));
}

/** Something in a grid, with the width of the columns that it spans, in CSS px over the viewport width. */
export interface InColumns extends InGrid {
  width: Piecewise;
}

/** How wide the columns of a grid are that has so much room inside, and what stands in them. */
export function columnsOver(
  grid: Box,
  room: Piecewise,
  setting: Setting,
): { columns: Piecewise[]; gap: Piecewise; cells: InColumns[] } {
  const tracks = tracksOf(grid.layout);
  const { columnGap, gap = 0 } = grid.layout;
  const gaps = sizeOver(columnGap ?? gap, setting);
  const placed = spanningIn(grid, setting);
  const asked = placed.flatMap(({ widths }) => [widths.preferred, widths.least]);
  const columns = pointwise([room, gaps, ...asked], (width) => {
    const gapThere = valueAt(gaps, width);
    return sizedTracks(
      tracks,
      placed.map(({ first, last, widths }) => ({
        first,
        last,
        preferred: valueAt(widths.preferred, width),
        least: valueAt(widths.least, width),
      })),
      valueAt(room, width) - gapThere * (tracks.length - 1),
      { size: (of) => valueAt(sizeOver(of, setting), width), gap: gapThere, stretches: true },
    );
  });
  const spanned = (first: number, last: number) =>
    total(columns[first]!, ...columns.slice(first + 1, last + 1).flatMap((each) => [each, gaps]));
  return {
    columns,
    gap: gaps,
    cells: placed.map(({ box, first, last, row }) => ({
      box,
      first,
      last,
      row,
      width: spanned(first, last),
    })),
  };
}

/** How wide each thing is, with its margins, that is shown in a row that has so much room inside; in CSS px over the viewport width. */
export function rowOver(row: Box, room: Piecewise, setting: Setting): Piecewise[] {
  const shown = shownIn(row);
  if (shown.length === 0) return [];
  const items = shown.map((each) => rowItem(each, setting));
  const { columnGap, gap = 0 } = row.layout;
  const gaps = sizeOver(columnGap ?? gap, setting);
  const preferred = items.map((item) => item.preferred);
  const rests = items.every(({ grows, cell }) => grows === 0 && !cell);
  // Where nothing gives way or grows anywhere, each is as it prefers.
  if (rests && less(room, times(gaps, shown.length - 1), ...preferred).values.every((left) => left >= 0))
    return preferred;
  const asked = items.flatMap(({ preferred: wanted, least, gives }) => [wanted, least, gives]);
  return pointwise([room, gaps, ...asked], (width) => {
    const at = (of: Piecewise) => valueAt(of, width);
    return flexed(
      items.map((item) => itemAt(item, at(room), at)),
      at(room) - at(gaps) * (shown.length - 1),
    );
  });
}
