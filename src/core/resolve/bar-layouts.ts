import type { Layout, Layouts, Track } from '../boxes/layout';
import type { Length } from '../lengths/formula';
import type { Division } from '../properties/kinds/division';
import { isReordered, type SettledBar, type SettledBay } from './assembly';
import { besideEachOther, divisionOf, edgePlace, goesBelow, hasMiddle, occupied, takesRest } from './places';

/**
 * The columns of division by edges. With something in the middle, the bays at the edges share the rest equally, so that
 * the middle is truly centred; where they cannot, the middle gives way rather than overlap (`1fr` never gets narrower than
 * its content). Without a middle, the start and the end take what they need, and what is left lies between them. A piece
 * that takes the free space needs a bay that has it.
 */
function edgeColumns(bar: SettledBar): readonly Track[] {
  if (hasMiddle(bar)) return [{ fr: 1 }, ...middlesOf(bar).map(() => 'auto' as const), { fr: 1 }];
  const held = bar.bays.filter(occupied);
  const greedy = held.map((bay) => bay.pieces.some(takesRest));
  if (greedy.includes(true)) return greedy.map((takes) => (takes ? { fr: 1 } : 'auto'));
  // What is left free is theirs in equal parts (CSS Grid 2, 12.8), so that things in them can stand at either end of it.
  return held.length === 2 ? ['auto', 'auto'] : ['auto'];
}

/** The bays between the edges that hold something: one that does not has no column, whose gaps would push the others off the middle. */
const middlesOf = ({ bays }: SettledBar) =>
  bays.filter((bay, index) => edgePlace(index, bays.length) === 'middle' && occupied(bay));

/** The column of a bay where something stands between the edges; none for one that holds nothing there. */
function edgeColumn(bar: SettledBar, index: number): string | undefined {
  const middles = middlesOf(bar);
  const place = edgePlace(index, bar.bays.length);
  if (place === 'start') return '1';
  if (place === 'end') return String(middles.length + 2);
  const among = middles.indexOf(bar.bays[index]!);
  return among < 0 ? undefined : String(among + 2);
}

/** The columns in which the bays of a bar stand. */
function barColumns(bar: SettledBar): readonly Track[] {
  const division = divisionOf(bar);
  if (division.by === 'edges') return edgeColumns(bar);
  // A column is never wider than its share because of what stands in it, so that columns of several bars line up.
  const share = (fr: number): Track => ({ least: 0, most: { fr } });
  return division.by === 'stack' ? [share(1)] : division.shares.slice(0, bar.bays.length).map(share);
}

/** The row and the column of a bay in a bar divided by shares, from 1. Where there are fewer columns than bays, one that holds nothing takes none. */
function amongShares(bar: SettledBar, index: number): { row: number; column: number } {
  const count = barColumns(bar).length;
  const nth = count < bar.bays.length ? bar.bays.slice(0, index).filter(occupied).length : index;
  return { row: Math.floor(nth / count) + 1, column: (nth % count) + 1 };
}

/** The bays that hold something, by the columns that a bar divided by shares has; null for one that is divided otherwise. */
export function columnsByShares(own: SettledBar): readonly (readonly SettledBay[])[] | null {
  const bar = besideEachOther(own);
  if (divisionOf(bar).by !== 'shares') return null;
  const at = new Map(bar.bays.map((bay, index) => [bay, amongShares(bar, index).column]));
  return barColumns(bar).map((_, index) =>
    bar.bays.filter((bay) => occupied(bay) && at.get(bay) === index + 1),
  );
}

/** How many rows the bays take that stand beside each other. */
function rowsBeside(bar: SettledBar): number {
  if (divisionOf(bar).by !== 'shares') return 1;
  return Math.max(1, ...bar.bays.map((bay, index) => (occupied(bay) ? amongShares(bar, index).row : 1)));
}

/** The column that a bay stands in; in a stack, and without a middle between edges, they follow each other. */
function columnOf(bar: SettledBar, index: number): string | undefined {
  const division = divisionOf(bar);
  if (division.by === 'shares') return String(amongShares(bar, index).column);
  if (division.by === 'edges' && hasMiddle(bar)) return edgeColumn(bar, index);
  if (!isReordered(bar) || division.by === 'stack') return undefined;
  return String(bar.bays.slice(0, index + 1).filter(occupied).length);
}

type Across = NonNullable<Layout['alignItems']>;

const packing: Record<string, Layout['justifyContent']> = {
  center: 'center',
  end: 'flex-end',
  spread: 'space-between',
};

/** How a bay's pieces stand along the bar where the designer has not said it. */
function ownAlong(division: Division, index: number, count: number): string {
  if (division.by !== 'edges') return 'start';
  const place = edgePlace(index, count);
  return place === 'middle' ? 'center' : place;
}

/** How a bay stands; in a stack its pieces stand below each other too, and what is across becomes along. */
function bayLayout(bar: SettledBar, index: number): Layout {
  const bay = bar.bays[index]!;
  const division = divisionOf(bar);
  const stacked = division.by === 'stack';
  const below = goesBelow(bar, bay);
  const own = below ? 'start' : ownAlong(division, index, bar.bays.length);
  const along = (bay.values.along ?? own) as string;
  const rows = bar.bays.slice(0, index + 1).filter((each) => goesBelow(bar, each)).length;
  const across = (bay.values.across ?? bar.values.across) as Across;
  const align = stacked ? stackedAcross(bay, along, across) : across;
  return {
    display: occupied(bay) ? undefined : 'none',
    flexDirection: stacked ? 'column' : undefined,
    gridColumn: below ? '1 / -1' : columnOf(besideEachOther(bar), index),
    gridRow: below ? String(rowsBeside(besideEachOther(bar)) + rows) : reorderedRow(bar, index),
    justifyContent: stacked ? undefined : packing[along],
    alignItems: align === 'center' ? undefined : align,
    alignSelf: !stacked && onBaseline(bar) && standsOtherwise(bay) ? 'stretch' : undefined,
  };
}

/** The row of a bay in a bar whose bays are seen in another order: in a stack each has one, between edges all stand in one. */
function reorderedRow(bar: SettledBar, index: number): string | undefined {
  if (!isReordered(bar)) return undefined;
  const { by } = divisionOf(bar);
  if (by === 'shares') return String(amongShares(bar, index).row);
  return by === 'stack' ? String(index + 1) : '1';
}

const onBaseline = (bar: SettledBar) => divisionOf(bar).by !== 'stack' && bar.values.across === 'baseline';

/** Whether a bay, or something in it, does not stand on the common baseline of its bar: it has the whole height then. */
function standsOtherwise({ values, pieces }: SettledBay): boolean {
  const said = [values.across, ...pieces.map((piece) => piece.values.alignSelf)];
  return said.some((across) => across !== null && across !== 'baseline');
}

/** How pieces in a stack stand along the bar: as their bay says, else the way that the bar has for what is across. */
function stackedAcross(bay: SettledBay, along: string, across: Across): Across {
  if (bay.values.along !== null) return along === 'spread' ? 'stretch' : (along as Across);
  return across === 'baseline' ? 'start' : across;
}

/** How the bays of a bar stand in it, as it was settled for a place. */
export function divisionLayouts(bar: SettledBar): Layouts {
  const bays = bar.bays.flatMap((bay, index) =>
    bay.pieces.length > 0 ? [[bayAt(bay), bayLayout(bar, index)] as const] : [],
  );
  return {
    '> .bays': {
      gridTemplateColumns: barColumns(besideEachOther(bar)),
      alignItems: onBaseline(bar) ? 'baseline' : undefined,
    },
    ...Object.fromEntries(bays),
  };
}

/** Where a bay is drawn, below its bar. */
export const bayAt = ({ nth }: Pick<SettledBay, 'nth'>) => `> .bays > .bay-${nth}`;

/** What the values of a bar alone say of where it and what is in it stand. */
export function ownBarLayouts(values: Record<string, unknown>) {
  const { shown, padding, leastHeight, bayGap, pieceGap } = values as {
    shown: 'shown' | 'hidden';
  } & Record<'padding' | 'leastHeight' | 'bayGap' | 'pieceGap', Length>;
  return {
    // The least height is that of the bar itself, with its lines and what is above and below its bays.
    '': {
      display: shown === 'hidden' ? 'none' : undefined,
      minBlockSize: leastHeight,
      paddingBlock: padding,
    },
    '> .bays > .bay': { gap: pieceGap },
    '> .bays': { gap: bayGap },
  } as const satisfies Layouts;
}

/** What bars and bays are like until a bar says otherwise. */
export const barLayout = { display: 'flex', flexDirection: 'column' } as const satisfies Layout;
/** As high as the bar, and so are the bays: what stands across the bar has all of it. */
export const baysLayout = {
  display: 'grid',
  flexGrow: 1,
  inlineSize: '100%',
  marginInline: 'auto',
} as const satisfies Layout;
export const bayLayoutAlike = { display: 'flex', alignItems: 'center' } as const satisfies Layout;
