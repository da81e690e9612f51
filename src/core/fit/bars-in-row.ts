import { shareOf } from '../properties/kinds/division';
import {
  constant,
  less,
  narrowest,
  times,
  total,
  widest,
  type Piecewise,
  type Span,
} from '../lengths/piecewise';
import type { SettledBar } from '../resolve/assembly';
import { besideEachOther, divisionOf, edgePlace, goesBelow, hasMiddle, occupied } from '../resolve/places';
import { aloneInBay, emptyBay, gapsOf, idsIn, type BayRoom } from './bay-room';
import type { Condition } from './fit-status';

/** A bar among others in one row. */
export interface BarInRow {
  bar: SettledBar;
  bays: readonly BayRoom[];
  /** The padding before and after its bays. */
  gutter: Piecewise;
  /** The most that its bays take; null where nothing limits them. */
  most: Piecewise | null;
}

/** The width of a bar's bays beside each other as its division asks for it, each bay of a width (CSS Grid 2, 12.5 to 12.7). */
export function dividedWidth(
  row: Pick<BarInRow, 'bar' | 'bays'>,
  span: Span,
  widthOf: (bay: BayRoom) => Piecewise,
): Piecewise {
  const below = row.bar.bays.map((bay) => goesBelow(row.bar, bay));
  const bays = row.bays.map((bay, index) => (below[index] ? emptyBay(span) : bay));
  return widest(
    besideWidth({ ...row, bar: besideEachOther(row.bar), bays }, span, widthOf),
    ...row.bays.filter((_, index) => below[index]).map(widthOf),
  );
}

function besideWidth(
  { bar, bays }: Pick<BarInRow, 'bar' | 'bays'>,
  span: Span,
  widthOf: (bay: BayRoom) => Piecewise,
): Piecewise {
  const division = divisionOf(bar);
  const widths = bays.map(widthOf);
  const zero = constant(0, span);
  const gaps = (count: number) => gapsOf(bar.values, count - 1, span);
  if (division.by === 'stack')
    return widest(zero, ...bays.flatMap(({ pieces }) => pieces.map((piece) => widthOf(aloneInBay(piece)))));
  if (division.by === 'shares') {
    const sum = bays.reduce((all, _, index) => all + shareOf(division.shares, index), 0);
    const each = widths.map((width, index) => times(width, 1 / shareOf(division.shares, index)));
    return total(times(widest(zero, ...each), sum), gaps(bays.length));
  }
  if (hasMiddle(bar)) {
    const middles = widths.filter((_, index) => edgePlace(index, bays.length) === 'middle');
    const edge = widest(widths[0]!, widths.at(-1)!);
    return total(edge, edge, gaps(bays.length), ...middles);
  }
  const held = widths.filter((_, index) => occupied(bar.bays[index]!));
  return total(gaps(held.length), ...held);
}

/** What has to hold for bars that stand in one row over the whole width: together they need no more than it. */
export function rowConditions(bars: readonly BarInRow[], span: Span): Condition[] {
  const viewport: Piecewise = { at: [span.from, span.to], values: [span.from, span.to] };
  const needs = (widthOf: (bay: BayRoom) => Piecewise) =>
    bars.map((each) =>
      total(
        times(each.gutter, 2),
        each.most === null
          ? dividedWidth(each, span, widthOf)
          : narrowest(each.most, dividedWidth(each, span, widthOf)),
      ),
    );
  const all = bars.flatMap(({ bays }) => bays);
  const wrapping = all.filter(({ wraps }) => wraps);
  return [
    {
      status: wrapping.length > 0 ? 'wraps' : 'tight',
      trouble: wrapping.length > 0 ? 'wrapped' : 'narrowed',
      slack: less(viewport, ...needs(({ ideal }) => ideal)),
      pieces: idsIn(wrapping.length > 0 ? wrapping : all),
    },
    {
      status: 'overflows',
      trouble: 'sticks-out',
      slack: less(viewport, ...needs(({ least }) => least)),
      pieces: idsIn(all),
    },
    ...all.flatMap(({ conditions }) => conditions),
  ];
}
