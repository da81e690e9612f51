import type { Box } from '../boxes/box';
import { sharedBoxes } from '../boxes/shared';
import { widthsOf } from '../boxes/widths';
import { everyBox, type Place, type PlacedBox, type StandingBox } from '../boxes/placed';
import { placeBox } from '../boxes/places';
import { valueAt } from '../lengths/piecewise';
import type { Id } from '../ids/id';
import { pieceKind } from '../pieces';
import type { PieceContent } from '../pieces/content';
import type { Hanging, HangsFromItem, SettledPiece } from '../pieces/piece';
import { inLanguage } from '../resolve/in-language';
import type { SettledAssembly, SettledBar } from '../resolve/assembly';
import { directionOf } from '../site/language';
import { keptWithTexts } from '../text/worked-with';
import { keptOfPieces } from './kept-of-pieces';
import { madePiece, type MadePiece } from './piece-boxes';
import { basisOf, type Circumstances, type Tally } from './circumstances';
import { pieceContent } from './piece-content';
import { placedAssembly, placedBar } from './placed-assembly';

/** Something that hangs out of a piece while it is open. */
export interface DropDown {
  piece: Id;
  /** The item that it hangs from; null for the button that stands for those that have left. */
  entry: Id | null;
  /** The selector of it below its piece. */
  selector: string;
  /** How wide what it stands in is, which is what would cut it off: the window, or the drawer; in CSS px. */
  room: number;
  /** How far its item’s edges are from the edge of that where lines start, in CSS px; and where the item begins and ends across it. */
  item: { start: number; end: number; top: number; bottom: number };
  /** How wide it is when it is as wide as what is in it, and at least as its item; and where all in it stands at a width, in CSS px. */
  width: number;
  /** The same without regard to its item, and how narrow it can be at least. */
  own: { preferred: number; least: number };
  placedAt(width: number): PlacedBox;
  /** How it stands where lists open beside it; null where none do. */
  beside: BesidePlaced | null;
}

/** A drop-down beside which lists open: how wide it is then, with the lists, each from its top left corner; in CSS px. */
export interface BesidePlaced {
  width: number;
  height: number;
  lists: readonly {
    entry: Id;
    /** The selector of it below the drop-down. */
    selector: string;
    /** Where its item begins and ends along the line and across it, in the drop-down as wide as that is. */
    item: { start: number; end: number; top: number; bottom: number };
    width: number;
    height: number;
  }[];
}

/** Where the item stands that something hangs from, in a placed piece; undefined where it is not seen. */
function itemOf(inside: readonly StandingBox[], { entry, under }: Hanging): Place | undefined {
  const shows = ({ of }: PlacedBox) => entry === null || of.some(({ id }) => id === entry);
  return inside.find(({ box }) => box.at === under && shows(box))?.place;
}

/** What hangs out of a piece, with what it is measured with, and how wide each of it is where it is as wide as what is in it. */
interface Measured {
  content: PieceContent;
  all: readonly { hanging: Hanging; own: DropDown['own'] }[];
}
const known = keptOfPieces<Measured>();
/** What hung out of pieces when that was last worked out, by language: with another label, most of it is as it was. */
const last = new WeakMap<SettledPiece, Map<string, readonly Hanging[]>>();

function sharedHanging(before: readonly Hanging[], made: Hanging): Hanging {
  const same = before.find(({ entry, selector }) => entry === made.entry && selector === made.selector);
  if (!same) return made;
  const { beside } = made;
  const lists = beside?.lists.map((list) => {
    const old = same.beside?.lists.find(({ entry }) => entry === list.entry);
    return old ? { ...list, box: sharedBoxes(old.box, list.box) } : list;
  });
  return {
    ...made,
    box: sharedBoxes(same.box, made.box),
    ...(beside && same.beside
      ? { beside: { box: sharedBoxes(same.beside.box, beside.box), lists: lists! } }
      : {}),
  };
}

/** What hangs out of a piece, as long as that is made as it is, where no text was measured to say so. */
const hungOf = new WeakMap<MadePiece, readonly Hanging[]>();

/** What hangs out of a piece, with what it is measured with at a width of the viewport, in CSS px. */
function hung(circumstances: Circumstances, settled: SettledPiece, made: MadePiece, window: number) {
  const { language } = circumstances;
  const piece = inLanguage(settled, language);
  const steadiness = { basis: basisOf(circumstances, settled), moved: 0 };
  const there = { ...circumstances, sizedAt: window };
  const tally: Tally = { complete: true };
  const content = pieceContent(there, piece, { from: window, to: window }, tally, steadiness);
  const known = hungOf.get(made);
  if (known) return { content, steadiness, all: known };
  const before = last.get(settled) ?? new Map<string, readonly Hanging[]>();
  const all = pieceKind(piece.kind)
    .hanging!.boxes(piece.values, content)
    .map((each) => sharedHanging(before.get(language) ?? [], each));
  last.set(settled, before.set(language, all));
  if (tally.asked !== true) hungOf.set(made, all);
  return { content, steadiness, all };
}

/** The same with how wide it is; kept for other widths of the viewport, where nothing of it moves with that. */
function measured(circumstances: Circumstances, settled: SettledPiece, window: number): Measured | null {
  const own = madePiece(circumstances, settled);
  if (own.box === null) return null;
  const basis = basisOf(circumstances, settled);
  const kept = known.get(own, basis);
  if (kept) return kept;
  const { content, steadiness, all: hangings } = hung(circumstances, settled, own, window);
  const all = hangings.map((hanging) => {
    const { preferred, least } = widthsOf(hanging.box, content);
    return { hanging, own: { preferred: valueAt(preferred, window), least: valueAt(least, window) } };
  });
  const made = { content, all };
  if (steadiness.moved === 0 && content.measured()) known.set(own, basis, made);
  return made;
}

/** The boxes of all that hangs out of a piece, at a width of the viewport in CSS px. */
export function hangingBoxes(circumstances: Circumstances, piece: SettledPiece, window: number): Box[] {
  if (!pieceKind(piece.kind).hanging) return [];
  const { all } = measured(circumstances, piece, window) ?? { all: [] };
  return all.flatMap(({ hanging: { box, beside } }) => [
    box,
    ...(beside?.lists ?? []).map((list) => list.box),
  ]);
}

/** The widths of the viewport and of the assembly in it, in CSS px. */
interface Wide {
  window: number;
  room: number;
}

/** What hangs out of a placed piece. */
function hangingOf(
  circumstances: Circumstances,
  piece: SettledPiece,
  placed: StandingBox,
  { window, room }: Wide,
): DropDown[] {
  const { box: own, place } = placed;
  const inside = everyBox(own, place.x - own.x, place.y - own.y);
  const turned = directionOf(circumstances.language) === 'rtl';
  const { all, content } = measured(circumstances, piece, window) ?? { all: [], content: null };
  const besideOf = ({ beside }: Hanging, least: number): BesidePlaced | null => {
    if (!beside) return null;
    const preferred = (box: Box) => valueAt(widthsOf(box, content!).preferred, window);
    const width = Math.max(least, preferred(beside.box));
    const placed = placeBox(beside.box, width, content!);
    const lists = beside.lists.map(({ entry, index, box }) => {
      const { x, y, width: along, height } = placed.of[index]!;
      const wide = preferred(box);
      return {
        entry,
        selector: `> li:nth-child(${index + 1}) > ${box.at}`,
        item: { start: x, end: x + along, top: y, bottom: y + height },
        width: wide,
        height: placeBox(box, wide, content!).height,
      };
    });
    return { width, height: placed.height, lists };
  };
  return all.flatMap(({ hanging, own: asContent }) => {
    const { entry, selector, box } = hanging;
    const item = itemOf(inside, hanging);
    if (!item) return [];
    const [start, end] = turned ? [room - item.x - item.width, room - item.x] : [item.x, item.x + item.width];
    return [
      {
        piece: piece.id,
        entry,
        selector: `${selector} > ${box.at}`,
        room,
        item: { start, end, top: item.y, bottom: item.y + item.height },
        width: Math.max(end - start, asContent.preferred),
        own: asContent,
        placedAt: (wide: number) => placeBox(box, wide, content!),
        beside: besideOf(hanging, end - start),
      },
    ];
  });
}

/** The pieces of bars out of which something can hang. */
const hangingPieces = (bars: readonly SettledBar[]): SettledPiece[] =>
  bars
    .flatMap(({ bays }) => bays.flatMap(({ pieces }) => pieces))
    .filter(({ kind, values }) => pieceKind(kind).hanging !== undefined && values.shown === 'shown');

/** Whether something hangs out of a piece, whatever the width of the viewport. */
function hangs(circumstances: Circumstances, piece: SettledPiece, window: number): boolean {
  const made = madePiece(circumstances, piece);
  if (made.box === null) return false;
  const all = hungOf.get(made) ?? hung(circumstances, piece, made, window).all;
  return all.length > 0;
}

function hangingIn(
  circumstances: Circumstances,
  bars: readonly SettledBar[],
  placed: PlacedBox,
  wide: Wide,
): DropDown[] {
  const all = everyBox(placed);
  return hangingPieces(bars).flatMap((piece) => {
    const found = all.find(({ box }) => box.id === piece.id);
    return found ? hangingOf(circumstances, piece, found, wide) : [];
  });
}

/** All that hangs out of the pieces of an assembly at a width of the viewport, in CSS px, in that band; from the top of the assembly. */
export function dropDownsAt(
  circumstances: Circumstances,
  assembly: SettledAssembly,
  band: Id,
  at: number,
): DropDown[] {
  if (hangingPieces(assembly.bars).length === 0) return [];
  return dropDownsIn(circumstances, assembly, placedAssembly(circumstances, assembly, band, at), at);
}

/** The same of an assembly that was placed before. */
export const dropDownsIn = (
  circumstances: Circumstances,
  { bars }: SettledAssembly,
  placed: PlacedBox,
  at: number,
): DropDown[] => hangingIn(circumstances, bars, placed, { window: at, room: placed.width });

const hangingOut = keptWithTexts<PlacedBox, DropDown[]>();

/** The same, each from the top of its bar: kept as long as what it hangs out of stands where it does. */
export function dropDownsAlong(
  circumstances: Circumstances,
  assembly: SettledAssembly,
  band: Id,
  at: number,
): DropDown[] {
  // Bars in one row decide together where each stands.
  const inRow = assembly.values.stands === 'row';
  return assembly.bars
    .filter((bar) => hangingPieces([bar]).some((piece) => hangs(circumstances, piece, at)))
    .flatMap((bar) => {
      const placed = inRow
        ? placedAssembly(circumstances, assembly, band, at)
        : placedBar(circumstances, assembly, bar, band, at);
      const made = hangingPieces([bar]).map((piece) => madePiece(circumstances, piece));
      return hangingOut(placed, circumstances.advances, [bar.id, ...made], () =>
        hangingIn(circumstances, [bar], placed, { window: at, room: placed.width }),
      );
    });
}

/** From where to where something that hangs reaches along the line, in CSS px from the edge of its assembly where lines start. */
export function reachOf(
  { item, width }: Pick<DropDown, 'item' | 'width'>,
  side: HangsFromItem,
): { start: number; end: number } {
  if (side === 'start') return { start: item.start, end: item.start + width };
  if (side === 'end') return { start: item.end - width, end: item.end };
  const middle = (item.start + item.end) / 2;
  return { start: middle - width / 2, end: middle + width / 2 };
}
