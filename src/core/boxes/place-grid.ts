import {
  across,
  fitted,
  hasOwnWidth,
  isStretched,
  lineHeight,
  size,
  spread,
  widths,
  type Content,
  type Inside,
} from './at-width';
import type { Box } from './box';
import { inGrid, tracksOf } from './grid';
import { baselineOf, moved } from './placed';
import { shownIn } from './setting';
import { sizedTracks } from './tracks';

/** Boxes in columns and rows. */
export function placeGrid({ box, room, height, setting, place }: Inside): Content {
  const { layout } = box;
  const tracks = tracksOf(layout);
  const placed = inGrid(shownIn(box), tracks.length);
  const gap = size(layout.columnGap ?? layout.gap ?? 0, setting);
  const rowGap = size(layout.gap ?? 0, setting);
  const asked = placed.map(({ box: each, first, last }) => {
    const { preferred, least } = widths(each, setting);
    return { first, last, preferred, least };
  });
  const centred = layout.placeContent === 'center' || layout.alignContent === 'center';
  const packed = layout.placeContent === 'center' || (layout.justifyContent ?? 'normal') !== 'normal';
  const columns = sizedTracks(tracks, asked, room - gap * (tracks.length - 1), {
    size: (of) => size(of, setting),
    gap,
    stretches: !packed,
  });
  const used = columns.reduce((sum, each) => sum + each, 0) + gap * (tracks.length - 1);
  const { start } = spread(room - used, 1, layout.placeContent ?? layout.justifyContent);
  const left = (column: number) =>
    start + columns.slice(0, column).reduce((sum, each) => sum + each + gap, 0);
  const spanned = (first: number, last: number) =>
    columns.slice(first, last + 1).reduce((sum, each) => sum + each, 0) + gap * (last - first);
  const rows = Math.max(0, ...placed.map(({ row }) => row + 1));
  const alignOf = ({ layout: own }: Box) => own.alignSelf ?? layout.alignItems ?? 'stretch';
  const cells = placed.map(({ box: each, first, last, row }) => {
    const cell = spanned(first, last);
    const justify = each.layout.justifySelf ?? layout.justifyItems ?? 'stretch';
    const stretches = justify === 'stretch' && !hasOwnWidth(each);
    const width = stretches ? cell : fitted(each, cell, setting);
    const x = left(first) + (justify === 'center' ? (cell - width) / 2 : 0);
    return { each, row, width, x, align: alignOf(each), placed: place(each, width) };
  });
  const lines = Array.from({ length: rows }, (_, row) =>
    lineHeight(cells.filter((cell) => cell.row === row)),
  );
  const heights = lines.map(({ needed }) => needed);
  const content = heights.reduce((sum, each) => sum + each, 0) + rowGap * Math.max(0, rows - 1);
  const over = height === null ? 0 : height - content;
  // Rows that are as their content share what is free, unless they are packed (CSS Grid 2, 12.8).
  if (over > 0 && !centred) heights.forEach((each, row) => (heights[row] = each + over / rows));
  const top = (row: number) =>
    // What is higher than its grid sticks out at both ends (CSS Align 3, 4.4 "unsafe").
    (centred ? over / 2 : 0) + heights.slice(0, row).reduce((sum, each) => sum + each + rowGap, 0);
  const of = cells.map(({ each, row, width, x, align, placed: own }) => {
    const stretches = align === 'stretch' && isStretched(each) && own.height !== heights[row];
    const stretched = stretches ? place(each, width, heights[row]!) : own;
    const line = { height: heights[row]!, baseline: lines[row]!.above };
    return moved(stretched, x, top(row) + across(stretched, align, line));
  });
  const [first] = of;
  return {
    of,
    height: Math.max(content, height ?? 0),
    baseline: first ? first.y + baselineOf(first) : null,
  };
}
