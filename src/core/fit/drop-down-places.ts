import type { Place } from '../boxes/placed';
import { NARROWEST } from '../bands/band';
import type { Id } from '../ids/id';
import { lengthAt, type Length } from '../lengths/formula';
import { ROOT_TEXT_PX } from '../lengths/length';
import { pieceKind } from '../pieces';
import type { HangingSide } from '../pieces/piece';
import type { AssemblyKind } from '../properties/assembly-kind';
import { resolveAssembly, type SettledAssembly, type SettledBar } from '../resolve/assembly';
import type { Assembly } from '../site/assembly';
import { directionOf } from '../site/language';
import type { Site } from '../site/site';
import type { Advances } from '../text/advances';
import { placedAssembly } from './assembly-boxes';
import { dropDownSides, type Sides } from './drop-down-sides';
import { dropDownsAt, reachOf, type DropDown } from './drop-downs';
import { barFrame } from './frame';
import { usually, wholeHeight } from './heights';
import { stagesDown, wayDown } from './way-down';
import { lineWidth, type Circumstances } from './piece-content';

/** Something that hangs out of a piece, where it stands while it is open. */
export interface PlacedDropDown extends Place {
  piece: Id;
  entry: Id | null;
  /** How it stands, and how it would if it had the room. */
  side: HangingSide;
  wanted: HangingSide;
  /** The selector of it below its piece. */
  selector: string;
  /** How high it would be if nothing limited it, in CSS px: where it is lower, it scrolls. */
  natural: number;
}

/** The window in which something stands, in CSS px, and the room below the header that is left for what hangs out of it. */
export interface Window {
  width: number;
  height: number;
}

/**
 * How much of the window is above what hangs out of a header in a stage that holds down to a width, in CSS px at the usual text size: all
 * of the header, where it is highest.
 */
export function roomTaken(
  site: Site,
  advances: Advances,
  settled: SettledAssembly,
  { band, from }: { band: Id; from: number },
): number {
  return wholeHeight(usually(site, advances), settled, band, Math.max(from, NARROWEST));
}

/** Where what is as wide as its bar begins along the line, in CSS px. */
function beginsAt(
  { site, root }: Circumstances,
  assembly: SettledAssembly,
  bar: SettledBar,
  { band, width, room }: { band: Id; width: number; room: number },
  side: HangingSide,
): number {
  if (side === 'bar') return 0;
  const { gutter } = barFrame(site, assembly, bar, band);
  const beside = lengthAt(gutter, width);
  if (side === 'across') return beside;
  const { most } = barFrame(
    site,
    assembly,
    { ...bar, values: { ...bar.values, contentWidth: 'content' } },
    band,
  );
  return Math.max(beside, (room - (lengthAt(most!.rem, width) * root) / ROOT_TEXT_PX) / 2);
}

/**
 * Where all that hangs out of the pieces of an assembly stands, each as if it alone was open: in CSS px from the top left corner of the
 * assembly, at a width of the viewport in that band. What is worked out of the sides, and of what is above, is handed in.
 */
function placedDropDowns(
  circumstances: Circumstances,
  assembly: SettledAssembly,
  band: Id,
  { window, sides, taken }: { window: Window; sides: Sides; taken: number },
): PlacedDropDown[] {
  const { width } = window;
  const hanging = dropDownsAt(circumstances, assembly, band, width);
  if (hanging.length === 0) return [];
  const bars = placedAssembly(circumstances, assembly, band, width).of;
  const larger = circumstances.root / ROOT_TEXT_PX;
  const placed = (dropDown: DropDown): PlacedDropDown => {
    const index = assembly.bars.findIndex(({ bays }) =>
      bays.some(({ pieces }) => pieces.some(({ id }) => id === dropDown.piece)),
    );
    const [bar, box] = [assembly.bars[index]!, bars[index]!];
    const { kind, values } = bar.bays
      .flatMap(({ pieces }) => pieces)
      .find(({ id }) => id === dropDown.piece)!;
    const { at, gap, most, free } = pieceKind(kind).hanging!;
    const wants = at(values);
    const side =
      wants === 'content' || wants === 'bar'
        ? wants
        : (sides.get(dropDown.piece)?.get(dropDown.selector) ?? wants);
    const own = side === 'start' || side === 'middle' || side === 'end';
    const begins = own
      ? 0
      : beginsAt(circumstances, assembly, bar, { band, width, room: dropDown.room }, side);
    const { start, end } = own ? reachOf(dropDown, side) : { start: begins, end: dropDown.room - begins };
    const natural = dropDown.heightAt(end - start);
    const limit = most(values);
    const height = Math.min(
      natural,
      limit === null ? Infinity : lengthAt(limit, width),
      window.height - (taken + free) * larger,
    );
    const line = lineWidth(circumstances.site, bar.values.lineBelow as Id | null);
    const edges = own ? dropDown.item : { top: box.y, bottom: box.y + box.height - line };
    const away = lengthAt(gap(values) as Length, width);
    return {
      piece: dropDown.piece,
      entry: dropDown.entry,
      side,
      wanted: wants,
      selector: dropDown.selector,
      natural,
      x: directionOf(circumstances.language) === 'rtl' ? dropDown.room - end : start,
      y: assembly.kind === 'footers' ? edges.top - away - height : edges.bottom + away,
      width: end - start,
      height,
    };
  };
  return hanging.map(placed);
}

/** All that hangs out of an assembly at a width of the viewport, whatever stage that is, at the top of the page. */
export function openDropDowns(
  circumstances: Circumstances,
  kind: AssemblyKind,
  own: Assembly,
  window: Window,
): PlacedDropDown[] {
  const { site, advances, root } = circumstances;
  const stages = stagesDown(wayDown(site, advances, kind, own));
  // Media queries are in em, so they follow the reader's own text size.
  const { stage, from } = stages.find((each) => each.from * (root / ROOT_TEXT_PX) <= window.width)!;
  const settled = resolveAssembly(site, kind, own, stage);
  const reaching = { band: stage.band, from };
  const sides = dropDownSides(site, advances, settled, reaching);
  const taken = kind === 'headers' ? roomTaken(site, advances, settled, reaching) : 0;
  return placedDropDowns(circumstances, settled, stage.band, { window, sides, taken });
}
