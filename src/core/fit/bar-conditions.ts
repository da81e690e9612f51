import { otherBox, type Box, type Widths } from '../boxes/box';
import { columnsOver, insideOver, rowOver, type InColumns } from '../boxes/inside-over';
import { flexOf, tracksOf } from '../boxes/grid';
import { leastInRow, rowItem } from '../boxes/row-items';
import {
  besideOver,
  isGrid,
  isRow,
  marginsOf,
  ownSetting,
  settingIn,
  shownIn,
  sizeOver,
  type Setting,
} from '../boxes/setting';
import { leastUpTo, widthsIn } from '../boxes/widths';
import type { Id } from '../ids/id';
import { constant, less, narrowest, times, total, widest, type Piecewise } from '../lengths/piecewise';
import type { SettledAssembly, SettledBar } from '../resolve/assembly';
import { bayAt } from '../resolve/bar-layouts';
import { besideEachOther, divisionOf, edgePlace, hasMiddle, occupied } from '../resolve/places';
import { assemblyBox, barBox, barMeasures, type Within } from './assembly-boxes';
import type { Condition } from './fit-status';
import { panelWidth } from './frame';
import type { Circumstances } from './circumstances';

/** A piece in its bay: how wide it wants to be, and how narrow it may get there; in CSS px over the viewport width, with its margins. */
export interface PieceRoom {
  id: Id;
  box: Box;
  preferred: Piecewise;
  least: Piecewise;
  /** The widths of what is in it, whatever width it was given. */
  content: Widths;
  /** Whether it was given a width. */
  given: boolean;
}

/** A bay in its columns, with what is in it. */
interface BayInBar {
  box: Box;
  width: Piecewise;
  /** Whether its column is as wide as what is in it asks for at least. */
  heeded: boolean;
  pieces: readonly PieceRoom[];
  /** Whether its pieces stand beside each other. */
  row: boolean;
  gaps: Piecewise;
}

/** A bar with the room that it has, in CSS px over the viewport width. */
export interface BarInRoom {
  bar: SettledBar;
  /** The box of its bays; null where nothing of it shows. */
  bays: Box | null;
  setting: Setting;
  /** What it has for its bays. */
  available: Piecewise;
  /** What is left for it at the end of the row that it stands in, however narrow the bars before it get; null where it has one for itself. */
  left: Piecewise | null;
}

const exceeds = (one: Piecewise, other: Piecewise) =>
  one !== other && less(one, other).values.some((more) => more > 0);

/** As much room as is needed, wherever the other function is defined. */
const holding = ({ at }: Piecewise) => constant(0, { from: at[0]!, to: at.at(-1)! });

function pieceRoom(box: Box, setting: Setting, given: boolean): PieceRoom {
  const { preferred } = widthsIn(box, setting);
  const free = given
    ? otherBox(box, { layout: { ...box.layout, inlineSize: undefined, maxInlineSize: undefined } })
    : box;
  const content = widthsIn(free, setting);
  return { id: box.id!, box, preferred, least: leastInRow(box, setting), content, given };
}

/** Bars with their boxes and the widths that they have: as wide as their assembly, or as they share it where they stand in one row. */
export function barsInRoom(
  circumstances: Circumstances,
  assembly: SettledAssembly,
  within: Within,
  only: readonly Id[],
): BarInRoom[] {
  const whole = panelWidth(circumstances, assembly, within.band, within.span);
  const setting = ownSetting(barMeasures(circumstances, assembly, within));
  const inRoom = (bar: SettledBar, box: Box, width: Piecewise, left: Piecewise | null = null): BarInRoom => {
    const [bays] = box.of;
    const shows = box.layout.display !== 'none' && bays !== undefined && shownIn(bays).length > 0;
    const own = settingIn(setting, box);
    const inside = less(width, besideOver(box, own));
    return {
      bar,
      bays: shows ? bays : null,
      setting: shows ? settingIn(own, bays) : own,
      available: shows ? insideOver(bays, inside, own) : inside,
      left,
    };
  };
  if (assembly.values.stands !== 'row')
    return assembly.bars
      .filter(({ id }) => only.includes(id))
      .map((bar) => inRoom(bar, barBox(assembly, bar, circumstances, within), whole));
  const row = assemblyBox(assembly, circumstances, within);
  const shown = shownIn(row);
  const widths = rowOver(row, whole, setting);
  const leasts = shown.map((each) => leastInRow(each, setting));
  return assembly.bars.flatMap((bar, index) => {
    const box = row.of[index]!;
    const among = shown.indexOf(box);
    if (among < 0 || !only.includes(bar.id)) return [];
    return [inRoom(bar, box, widths[among]!, less(whole, ...leasts.slice(0, among + 1)))];
  });
}

/** The pieces of a bay that show, with their widths. */
function roomsIn(bar: SettledBar, bay: Box, setting: Setting): PieceRoom[] {
  const settled = bar.bays.find((each) => bayAt(each) === bay.at)!.pieces;
  // Not every kind can be given a width.
  const widthOf = (id: Id | undefined) => settled.find((each) => each.id === id)!.values.pieceWidth ?? null;
  return shownIn(bay).map((box) => pieceRoom(box, settingIn(setting, bay), widthOf(box.id) !== null));
}

/** The pieces of a bar that show, with their widths. */
export function piecesOf({ bar, bays, setting }: BarInRoom): PieceRoom[] {
  return bays === null ? [] : shownIn(bays).flatMap((bay) => roomsIn(bar, bay, setting));
}

function bayIn(
  bar: SettledBar,
  bays: Box,
  { box, first, last, width }: InColumns,
  setting: Setting,
): BayInBar {
  const { layout } = box;
  const track = tracksOf(bays.layout)[first]!;
  const pieces = roomsIn(bar, box, setting);
  const gap = sizeOver(layout.columnGap ?? layout.gap ?? 0, settingIn(setting, box));
  return {
    box,
    width,
    heeded: first === last && (track === 'auto' || 'fr' in track),
    pieces,
    row: isRow(layout),
    gaps: times(gap, Math.max(0, pieces.length - 1)),
  };
}

/** How wide each piece of a bay is; in most bays nobody has to know. */
function pieceWidths({ box, width, row, pieces }: BayInBar, setting: Setting): Piecewise[] {
  const own = settingIn(setting, box);
  if (row) return rowOver(box, width, own);
  return pieces.map((piece) => {
    const align = piece.box.layout.alignSelf ?? box.layout.alignItems ?? 'stretch';
    if (piece.given) return inColumn(piece, width, own);
    return align === 'stretch' ? width : narrowest(piece.preferred, width);
  });
}

/** How wide a piece is that was given a width and stands below others, with its margins: without them it is no wider than all of the room. */
function inColumn({ box, preferred }: PieceRoom, width: Piecewise, setting: Setting): Piecewise {
  const { within } = rowItem(box, setting);
  return within === null
    ? preferred
    : narrowest(preferred, total(widest(width, within.around), within.margins));
}

/** The same as what has to hold of it: that it is as wide as was said, and that its margins do not push it out. */
function columnConditions(piece: PieceRoom, width: Piecewise, is: Piecewise): Condition[] {
  const { preferred, least, given, box } = piece;
  const left = less(width, preferred);
  if (!given || marginsOf(box) === null)
    return [...roomConditions(left, [piece]), sticksOut(less(width, least), [piece])];
  return [
    ...roomConditions(widest(left, less(is, preferred)), [piece]),
    sticksOut(widest(left, less(width, is)), [piece]),
  ];
}

/** Whether what stands in the middle of a box is truly there only where the box has all that it prefers: the outer of its columns share what is left, each no narrower than what is in it. */
function centres({ layout }: Box): boolean {
  const tracks = tracksOf(layout);
  const shares = [tracks[0]!, tracks[(tracks.length - 1) / 2], tracks.at(-1)!].map((track) =>
    track === undefined ? null : flexOf(track),
  );
  return isGrid(layout) && tracks.length > 1 && shares[1] === 0 && shares[0]! > 0 && shares[0] === shares[2];
}

/**
 * That nothing is narrowed, and nothing wraps, among pieces that share so much room. Where some of them give way and others cannot at that
 * width, it matters which: `widths` are those that they have.
 */
function roomConditions(
  slack: Piecewise,
  pieces: readonly PieceRoom[],
  widths: (() => readonly Piecewise[]) | null = null,
): Condition[] {
  const giving = pieces.filter(({ preferred, least }) => exceeds(preferred, least));
  // What was given a width may have more than its lines need: that is looked at by itself.
  const wrapping = giving.filter(({ given, content }) => content.wraps && !given);
  const centring = giving.filter((piece) => !wrapping.includes(piece) && centres(piece.box));
  const narrowing = giving.filter((piece) => !wrapping.includes(piece) && !centring.includes(piece));
  const slackOf = (of: readonly PieceRoom[]) => {
    // What cannot happen within the span holds all the same, so that a bar has the same conditions in the same order over whatever span it is asked about.
    if (of.length === 0) return holding(slack);
    if (widths === null || of.length === giving.length) return slack;
    const are = widths();
    const [first, ...others] = of.map((piece) => less(are[pieces.indexOf(piece)]!, piece.preferred));
    return widest(slack, narrowest(first!, ...others));
  };
  const among = (of: readonly PieceRoom[]) => ({ slack: slackOf(of), pieces: of.map(({ id }) => id) });
  return [
    { status: 'wraps', trouble: 'wrapped', ...among(wrapping) },
    { status: 'tight', trouble: 'narrowed', ...among(narrowing) },
    // One side is narrower by all that is missing, so the middle is off by half of that.
    { status: 'tight', trouble: 'off-centre', ...among(centring), slack: times(slackOf(centring), 1 / 2) },
  ];
}

const sticksOut = (slack: Piecewise, pieces: readonly PieceRoom[]): Condition => ({
  status: 'overflows',
  trouble: 'sticks-out',
  slack,
  pieces: pieces.map(({ id }) => id),
});

/** What has to hold within a bay: that nothing is narrowed, wraps or sticks out, and that what asks for more than it prefers has it. */
function bayConditions(bay: BayInBar, setting: Setting): Condition[] {
  const { width, pieces, gaps, row, heeded } = bay;
  const left = (of: (piece: PieceRoom) => Piecewise) => less(width, gaps, ...pieces.map(of));
  const preferred = ({ preferred: wanted }: PieceRoom) => wanted;
  const least = ({ least: needed }: PieceRoom) => needed;
  let known: readonly Piecewise[] | null = null;
  const widths = () => (known ??= pieceWidths(bay, setting));
  const shared = row
    ? [
        ...roomConditions(left(preferred), pieces, widths),
        ...(heeded ? [] : [sticksOut(left(least), pieces)]),
      ]
    : pieces.flatMap((piece, index) => columnConditions(piece, width, widths()[index]!));
  const asking = pieces.filter(({ given, content }) => given || exceeds(content.ideal, content.preferred));
  if (asking.length === 0) return shared;
  const own = pieces.flatMap((piece, index): Condition[] => {
    const { id, content, given } = piece;
    const is = widths()[index]!;
    const uneven: Condition = {
      status: 'tight',
      trouble: 'uneven',
      slack: exceeds(content.ideal, content.preferred) ? less(is, content.ideal) : holding(is),
      pieces: [id],
    };
    if (!given) return asking.includes(piece) ? [uneven] : [];
    const wraps: Condition = {
      status: 'wraps',
      trouble: 'wrapped',
      slack: content.wraps ? less(is, content.preferred) : holding(is),
      pieces: [id],
    };
    return [uneven, wraps, sticksOut(less(is, content.least), [piece])];
  });
  return [...shared, ...own];
}

/** That what stands in the middle between the edges is truly in the middle. */
function middleCondition(
  { bar, available }: BarInRoom,
  { columns, gap, cells }: ReturnType<typeof columnsOver>,
  bays: readonly BayInBar[],
): Condition[] {
  const beside = besideEachOther(bar);
  if (divisionOf(bar).by !== 'edges' || !hasMiddle(beside)) return [];
  const middles = beside.bays
    .filter((each, index) => edgePlace(index, beside.bays.length) === 'middle' && occupied(each))
    .map((each) => cells.findIndex(({ box }) => box.at === bayAt(each)));
  const first = Math.min(...middles.map((index) => cells[index]!.first));
  const last = Math.max(...middles.map((index) => cells[index]!.last));
  const upTo = (column: number, gaps: number) => total(times(gap, gaps), ...columns.slice(0, column));
  const [before, after] = [upTo(first, first), less(available, upTo(last + 1, last))];
  return [
    {
      status: 'tight',
      trouble: 'off-centre',
      // By so much it is off it, to either side.
      slack: times(narrowest(less(before, after), less(after, before)), 1 / 2),
      pieces: middles.flatMap((index) => bays[index]!.pieces.map(({ id }) => id)),
    },
  ];
}

/** Everything that has to hold for a bar to fit in its room. */
export function conditionsIn(inRoom: BarInRoom): Condition[] {
  const { bar, bays, setting, available, left } = inRoom;
  if (bays === null) return [];
  const inColumns = columnsOver(bays, available, setting);
  const { cells } = inColumns;
  const inBar = cells.map((cell) => bayIn(bar, bays, cell, setting));
  const last = Math.max(...cells.map((cell) => cell.last));
  const all = inBar.flatMap(({ pieces }) => pieces);
  return [
    ...inBar.flatMap((bay) => bayConditions(bay, setting)),
    ...middleCondition(inRoom, inColumns, inBar),
    // What lies behind the last column that holds something is empty.
    sticksOut(less(available, leastUpTo(bays, last, setting)), all),
    ...(left === null ? [] : [sticksOut(left, all)]),
  ];
}

/** What a bar would have to have to stand as it was designed, with nothing narrowed, wrapped or pushed off the middle. */
export function designedWidth({ bays, setting }: BarInRoom): Piecewise {
  if (bays === null) return setting.measures.px(0);
  const free = otherBox(bays, { layout: { ...bays.layout, maxInlineSize: undefined } });
  const { ideal, preferred } = widthsIn(free, setting);
  return widest(ideal, preferred);
}
