import { less, times, total, valueAt, widest, type Piecewise } from '../lengths/piecewise';
import { pointwise } from '../lengths/pointwise';
import type { Box, Widths } from './box';
import { flexOf, tracksOf, type InGrid } from './grid';
import type { Track } from './layout';
import { sizeOver, type Setting } from './setting';
import { widened } from './tracks';

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

/** Columns as wide as what spans several of them asks: those that are as their content get wider, where it crosses no share (CSS Grid 2, 12.5). */
function spanned(
  columns: readonly Column[],
  tracks: readonly Track[],
  { first, last, widths }: Spanning,
  gap: Piecewise,
): readonly Column[] {
  const crossed = tracks.slice(first, last + 1);
  const open = crossed.flatMap((track, index) => (track === 'auto' ? [first + index] : []));
  // What crosses a share may be as narrow as it leaves it (6.6 “Automatic Minimum Size of Grid Items”), and what it asks for is looked at for all shares together (shareOver).
  if (open.length === 0 || crossed.some((track) => flexOf(track) > 0)) return columns;
  const had = columns.slice(first, last + 1);
  const gaps = times(gap, last - first);
  const missing = (wanted: Piecewise, of: readonly Piecewise[]) =>
    widest(times(gaps, 0), less(wanted, gaps, ...of));
  const short = missing(
    widths.least,
    had.map(({ least }) => least),
  );
  const opened = open.map((index) => columns[index]!);
  // They get wider up to what is in them first, and only then beyond.
  const leasts = short.values.every((each) => each === 0)
    ? opened.map(({ least }) => least)
    : pointwise([short, ...opened.flatMap(({ least, preferred }) => [least, preferred])], (width) => {
        const sizes = opened.map(({ least, preferred }) => ({
          base: valueAt(least, width),
          limit: valueAt(preferred, width),
        }));
        return widened(sizes, valueAt(short, width));
      });
  const more = times(
    missing(
      widths.preferred,
      // What has a size of its own counts as narrow as it may be.
      had.map(({ least, preferred }, index) => (crossed[index] === 'auto' ? preferred : least)),
    ),
    1 / open.length,
  );
  return columns.map((column, index) => {
    const at = open.indexOf(index);
    return at < 0 ? column : { least: leasts[at]!, preferred: total(column.preferred, more) };
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
