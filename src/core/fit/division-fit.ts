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
import {
  besideEachOther,
  divisionOf,
  edgePlace,
  goesBelow,
  hasMiddle,
  occupied,
  takesRest,
} from '../resolve/places';
import { aloneInBay, emptyBay, gapsOf, idsIn, type BayRoom } from './bay-room';
import type { Condition } from './fit-status';

/** A bar that is looked at: settled for a band, with the room of its bays and what is there for all of them, in CSS px. */
export interface DividedBar {
  bar: SettledBar;
  bays: readonly BayRoom[];
  available: Piecewise;
  span: Span;
}

const exceeds = (one: Piecewise, other: Piecewise) => less(one, other).values.some((more) => more > 0);

/**
 * What has to hold for a bay of a width: that nothing in it is narrowed, and that nothing in it wraps. What cannot happen within the
 * span holds all the same, so that a bar has the same conditions in the same order over whatever span it is asked about.
 */
function withinBay(bay: BayRoom, width: Piecewise): Condition[] {
  const giving = bay.pieces.filter(({ preferred, least }) => exceeds(preferred, least));
  const wrapping = giving.filter(({ wraps }) => wraps);
  const uneven = bay.pieces.filter(({ preferred, ideal }) => exceeds(ideal, preferred));
  const slack = less(width, bay.preferred);
  const conditions: (Omit<Condition, 'pieces'> & { of: BayRoom['pieces'] })[] = [
    { status: 'wraps', trouble: 'wrapped', slack, of: wrapping },
    { status: 'tight', trouble: 'narrowed', slack, of: wrapping.length > 0 ? [] : giving },
    { status: 'tight', trouble: 'uneven', slack: less(width, bay.ideal), of: uneven },
  ];
  return conditions.map(({ of, slack: left, ...condition }) => ({
    ...condition,
    slack: of.length > 0 ? left : holding(left),
    pieces: idsIn([{ pieces: of }]),
  }));
}

/** As much room as is needed, wherever the other function is defined. */
const holding = ({ at }: Piecewise) => constant(0, { from: at[0]!, to: at.at(-1)! });

function sticksOut(slack: Piecewise, bays: readonly BayRoom[]): Condition {
  return { status: 'overflows', trouble: 'sticks-out', slack, pieces: idsIn(bays) };
}

const sumOf = (span: Span, widths: readonly Piecewise[]) => total(constant(0, span), ...widths);

/** The width of each of two columns that share what is there equally, neither of them narrower than its floor. */
function equalParts(room: Piecewise, one: Piecewise, other: Piecewise): Piecewise {
  return widest(one, narrowest(times(room, 0.5), less(room, other)));
}

/** What all columns need at least, with the gaps between them. */
function columnsOf({ values }: SettledBar, bays: readonly BayRoom[], span: Span): Piecewise {
  const gaps = gapsOf(values, bays.length - 1, span);
  return total(gaps, ...bays.map(({ floor }) => floor));
}

/** What everything up to the last column that holds something needs at least; what lies behind it is empty. */
function upToLast(bays: readonly BayRoom[], { values, ...bar }: SettledBar, span: Span): Piecewise {
  const last = bar.bays.findLastIndex(occupied);
  const gaps = gapsOf(values, last, span);
  return total(gaps, ...bays.slice(0, last + 1).map(({ floor }) => floor));
}

/**
 * With something in the middle: the columns at the edges share what it leaves equally, so that it is truly centred, and none is
 * narrower than its content (CSS Grid 2, 12.4 to 12.7: `1fr auto 1fr`).
 */
function aroundMiddle({ bar, bays, available, span }: DividedBar): Condition[] {
  const count = bays.length;
  const middles = bays.filter((_, index) => edgePlace(index, count) === 'middle');
  const [start, end] = [bays[0]!, bays.at(-1)!];
  const room = less(available, gapsOf(bar.values, count - 1, span));
  const floors = total(start.floor, end.floor);
  const middle = sumOf(
    span,
    middles.map(({ preferred }) => preferred),
  );
  // What a middle is short of: all of them get wider together until there is no room left.
  const short = narrowest(constant(0, span), less(room, floors, middle));
  const edges = widest(less(room, middle), floors);
  return [
    ...middles.flatMap((bay) => withinBay(bay, total(bay.preferred, short))),
    ...withinBay(start, equalParts(edges, start.floor, end.floor)),
    ...withinBay(end, equalParts(edges, end.floor, start.floor)),
    {
      status: 'tight',
      trouble: 'off-centre',
      slack: less(room, middle, times(widest(start.floor, end.floor), 2)),
      pieces: idsIn(middles),
    },
    sticksOut(less(available, upToLast(bays, bar, span)), bays),
  ];
}

/** How much a column grows beyond its floor where it and another share what is free, neither beyond what it prefers. */
function grown(free: Piecewise, own: BayRoom, other: BayRoom): Piecewise {
  const [wanted, others] = [less(own.preferred, own.floor), less(other.preferred, other.floor)];
  const zero = times(free, 0);
  return widest(zero, narrowest(wanted, widest(times(free, 0.5), less(free, others))));
}

/** Without a middle, columns take what they need (`auto`); one that takes the free space gets what is left (`1fr`). */
function withoutMiddle({ bar, bays, available, span }: DividedBar): Condition[] {
  const held = bays.flatMap((room, index) =>
    occupied(bar.bays[index]!) ? [{ room, bay: bar.bays[index]! }] : [],
  );
  const gaps = gapsOf(bar.values, held.length - 1, span);
  const room = less(available, gaps);
  const floors = sumOf(
    span,
    held.map((each) => each.room.floor),
  );
  const free = less(room, floors);
  const width = ({ room: own, bay }: (typeof held)[number]): Piecewise => {
    const greedy = bay.pieces.some(takesRest);
    const other = held.find((each) => each.room !== own);
    if (!other) return greedy ? widest(own.floor, room) : narrowest(own.preferred, widest(own.floor, room));
    const otherGreedy = other.bay.pieces.some(takesRest);
    if (greedy && otherGreedy) return equalParts(widest(room, floors), own.floor, other.room.floor);
    const most = narrowest(less(own.preferred, own.floor), widest(times(free, 0), free));
    if (otherGreedy) return total(own.floor, most);
    if (!greedy) return total(own.floor, grown(free, own, other.room));
    const taken = narrowest(less(other.room.preferred, other.room.floor), widest(times(free, 0), free));
    return widest(own.floor, less(room, other.room.floor, taken));
  };
  return [
    ...held.flatMap((each) => withinBay(each.room, width(each))),
    sticksOut(
      free,
      held.map((each) => each.room),
    ),
  ];
}

/** By shares: each column has its part, whatever stands in it (`minmax(0, 3fr)`). */
function byShares({ bar, bays, available, span }: DividedBar, shares: readonly number[]): Condition[] {
  const room = less(available, gapsOf(bar.values, bays.length - 1, span));
  const sum = bays.reduce((all, _, index) => all + shareOf(shares, index), 0);
  return bays.flatMap((bay, index) => {
    // Shares of less than one in all leave the rest free (CSS Grid 2, 7.2.4).
    const width = times(room, shareOf(shares, index) / Math.max(1, sum));
    return [...withinBay(bay, width), sticksOut(less(width, bay.least), [bay])];
  });
}

/** Stacked: each piece has the whole width. */
function stacked({ bays, available }: DividedBar): Condition[] {
  return bays.flatMap(({ pieces }) =>
    pieces.flatMap((piece) => {
      const alone = aloneInBay(piece);
      return [...withinBay(alone, available), sticksOut(less(available, piece.least), [alone])];
    }),
  );
}

function asDivided(divided: DividedBar): Condition[] {
  const division = divisionOf(divided.bar);
  if (division.by === 'shares') return byShares(divided, division.shares);
  if (division.by === 'stack') return stacked(divided);
  return hasMiddle(divided.bar) ? aroundMiddle(divided) : withoutMiddle(divided);
}

/** What has to hold of a bar for it to fit, as it is divided. A bay below the others has the whole width. */
export function divisionConditions({ bar, bays, available, span }: DividedBar): Condition[] {
  const below = bar.bays.map((bay) => goesBelow(bar, bay));
  const beside = bays.map((bay, index) => (below[index] ? emptyBay(span) : bay));
  return [
    ...asDivided({ bar: besideEachOther(bar), bays: beside, available, span }),
    ...bays
      .filter((_, index) => below[index])
      .flatMap((bay) => [
        ...withinBay(bay, available),
        sticksOut(less(available, bay.least), [bay]),
        // It is as wide as all columns together, also those that hold nothing.
        ...(hasMiddle(besideEachOther(bar))
          ? [sticksOut(less(available, columnsOf(bar, beside, span)), [bay])]
          : []),
      ]),
    ...bays.flatMap(({ conditions }) => conditions),
  ];
}
