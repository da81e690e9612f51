import { lengthAt, type Length } from '../lengths/formula';
import { placedAssembly } from '../fit/placed-assembly';
import type { Circumstances } from '../fit/circumstances';
import type { Id } from '../ids/id';
import { LEAST_SHARE, MOST_SHARE, type Division } from '../properties/kinds/division';
import type { SettledAssembly } from '../resolve/assembly';
import { bayAt, columnsByShares } from '../resolve/bar-layouts';

/** A column of a bar that is divided by shares, as wide as its share makes it; what it gets the next one gives. */
export interface Column {
  /** Which it is, from 1. */
  nth: number;
  /** How wide it is, and how wide it can get with the next one, in CSS px. */
  px: number;
  least: number;
  most: number;
  /** The selectors of the bays in it, below the bar. */
  bays: readonly string[];
  /** How far behind its end the next one begins, in CSS px. */
  gap: number;
  /** The division with which it is so wide; beyond `least` and `most` one that is refused. */
  division(px: number): Division;
}

/** Shares are kept this exact: to some tenths of a px in a bar as wide as a large screen. */
const rounded = (share: number) => Math.round(share * 1000) / 1000;

/** The columns of a bar that is divided by shares, at a width of the viewport, but for the last, which gets what is left; none of other bars. */
export function columnsOf(
  circumstances: Circumstances,
  settled: SettledAssembly,
  bar: Id,
  { band, width }: { band: Id; width: number },
): Column[] {
  const index = settled.bars.findIndex(({ id }) => id === bar);
  const own = settled.bars[index]!;
  const columns = columnsByShares(own);
  if (columns === null || columns.length < 2) return [];
  const inside = placedAssembly(circumstances, settled, band, width).of[index]!.of[0];
  if (!inside) return [];
  const { shares } = own.values.division as Division & { by: 'shares' };
  const gap = lengthAt(own.values.bayGap as Length, width);
  const used = shares.slice(0, columns.length);
  const each = (inside.width - gap * (used.length - 1)) / used.reduce((sum, share) => sum + share, 0);
  return columns.slice(0, -1).flatMap((bays, at): Column[] => {
    const both = used[at]! + used[at + 1]!;
    const least = Math.max(LEAST_SHARE, both - MOST_SHARE);
    if (bays.length === 0) return [];
    return [
      {
        nth: at + 1,
        px: used[at]! * each,
        least: least * each,
        most: (both - least) * each,
        bays: bays.map((bay) => bayAt(bay)),
        gap,
        division(px) {
          const share = rounded(px / each);
          return { by: 'shares', shares: shares.with(at, share).with(at + 1, rounded(both - share)) };
        },
      },
    ];
  });
}
