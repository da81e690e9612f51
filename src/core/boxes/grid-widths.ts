import { less, times, total, widest, type Piecewise } from '../lengths/piecewise';
import type { Box, Widths } from './box';
import { flexOf, tracksOf, type InGrid } from './grid';
import type { Track } from './layout';
import { sizeOver, type Setting } from './setting';

interface Column {
  preferred: Piecewise;
  least: Piecewise;
}

function columnOf(track: Track, parts: readonly Widths[], setting: Setting): Column {
  const none = setting.measures.px(0);
  const content = {
    preferred: widest(none, ...parts.map(({ preferred }) => preferred)),
    least: widest(none, ...parts.map(({ least }) => least)),
  };
  if (track === 'auto' || 'fr' in track) return content;
  const least = sizeOver(track.least, setting);
  const { most } = track;
  const grows = most === 'max-content' || (typeof most === 'object' && 'fr' in most);
  const upTo = grows ? content.preferred : sizeOver(most, setting);
  return { least, preferred: widest(least, upTo) };
}

/** A box in a grid with its widths. */
export type Spanning = InGrid & { widths: Widths };

/** What a span has beyond the columns that it spans, for each of so many of them. */
const beyond = (wanted: Piecewise, had: readonly Piecewise[], gaps: Piecewise, parts: number) =>
  times(widest(times(gaps, 0), less(wanted, gaps, ...had)), 1 / parts);

/** Columns as wide as what spans several of them asks: those with shares get wider, or where there are none, those that are as their content (CSS Grid 2, 12.5). */
function spanned(
  columns: readonly Column[],
  tracks: readonly Track[],
  { first, last, widths }: Spanning,
  gap: Piecewise,
): readonly Column[] {
  const within = (index: number) => index >= first && index <= last;
  const flexes = tracks.some((track, index) => within(index) && flexOf(track) > 0);
  const opens = (index: number) =>
    within(index) && (flexes ? flexOf(tracks[index]!) > 0 : tracks[index] === 'auto');
  const open = columns.filter((_, index) => opens(index)).length;
  if (open === 0) return columns;
  const had = columns.slice(first, last + 1);
  const gaps = times(gap, last - first);
  // What crosses a share may be as narrow as it leaves it (CSS Grid 2, 6.6 "Automatic Minimum Size of Grid Items").
  const least = flexes
    ? times(gap, 0)
    : beyond(
        widths.least,
        had.map((each) => each.least),
        gaps,
        open,
      );
  const more = beyond(
    widths.preferred,
    had.map((each) => each.preferred),
    gaps,
    open,
  );
  return columns.map((column, index) => {
    if (!opens(index)) return column;
    const floor = total(column.least, least);
    // What a share is as its content is looked at for all of them together (shareOver).
    return {
      least: floor,
      preferred: widest(floor, flexes ? column.preferred : total(column.preferred, more)),
    };
  });
}

/** How wide one share is where everything is as wide as it prefers (CSS Grid 2, 12.7.1, under a max-content constraint). */
function shareOver(
  columns: readonly Column[],
  tracks: readonly Track[],
  spans: readonly Spanning[],
  gap: Piecewise,
): Piecewise {
  const alone = tracks.flatMap((track, index) =>
    flexOf(track) > 0 ? [times(columns[index]!.preferred, 1 / Math.max(1, flexOf(track)))] : [],
  );
  const across = spans.flatMap(({ first, last, widths }) => {
    const crossed = tracks.slice(first, last + 1);
    const shares = crossed.reduce((sum, track) => sum + flexOf(track), 0);
    if (shares === 0) return [];
    const fixed = crossed.flatMap((track, index) =>
      flexOf(track) > 0 ? [] : [columns[first + index]!.preferred],
    );
    const room = less(widths.preferred, times(gap, last - first), ...fixed);
    return [times(room, 1 / Math.max(1, shares))];
  });
  return widest(times(gap, 0), ...alone, ...across);
}

/** In columns, some of which may be spanned. */
export function gridWidths(box: Box, placed: readonly Spanning[], setting: Setting): Widths {
  const { preferred, least } = columnsWidths(box, placed, setting);
  const designed = placed.map((each) => {
    const { ideal } = each.widths;
    return { ...each, widths: { ...each.widths, preferred: widest(ideal, each.widths.preferred) } };
  });
  const more = placed.some(({ widths }) => widths.ideal !== widths.preferred);
  return {
    preferred,
    least,
    ideal: more ? columnsWidths(box, designed, setting).preferred : preferred,
    wraps: placed.some(({ widths }) => widths.wraps),
  };
}

/** The columns of a grid as what stands in them asks for them. */
export function columnsOf({ layout }: Box, placed: readonly Spanning[], setting: Setting) {
  const tracks = tracksOf(layout);
  const alone = (column: number) =>
    placed.filter(({ first, last }) => first === column && last === column).map(({ widths }) => widths);
  const gap = sizeOver(layout.columnGap ?? layout.gap ?? 0, setting);
  const spans = placed.filter(({ first, last }) => first !== last);
  const columns = spans.reduce(
    (all, span) => spanned(all, tracks, span, gap),
    tracks.map((track, index): Column => columnOf(track, alone(index), setting)) as readonly Column[],
  );
  return { tracks, spans, gap, columns };
}

function columnsWidths(
  box: Box,
  placed: readonly Spanning[],
  setting: Setting,
): { preferred: Piecewise; least: Piecewise } {
  const { tracks, spans, gap, columns } = columnsOf(box, placed, setting);
  const share = shareOver(columns, tracks, spans, gap);
  const wanted = tracks.map((track, index) =>
    flexOf(track) > 0
      ? widest(columns[index]!.least, times(share, flexOf(track)))
      : columns[index]!.preferred,
  );
  const gaps = times(gap, tracks.length - 1);
  return { preferred: total(gaps, ...wanted), least: total(gaps, ...columns.map(({ least }) => least)) };
}
