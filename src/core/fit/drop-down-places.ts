import type { Place } from '../boxes/placed';
import type { Id } from '../ids/id';
import { lengthAt, type Length } from '../lengths/formula';
import { ROOT_TEXT_PX } from '../lengths/length';
import { pieceKind } from '../pieces';
import { isAcrossBars, isFromBar, isFromItem, LIST_PADDING, shareBefore } from '../pieces/drop-down/hanging';
import type { HangingSide } from '../pieces/piece';
import type { AssemblyKind } from '../properties/assembly-kind';
import { resolveAssembly, type SettledAssembly, type SettledBar } from '../resolve/assembly';
import type { Assembly } from '../site/assembly';
import { directionOf } from '../site/language';
import { placedAssembly } from './placed-assembly';
import { dropDownSides, type Sides } from './drop-down-sides';
import { besideLists, type BesideLists } from './beside-lists';
import { dropDownsAt, reachOf, type BesidePlaced, type DropDown } from './drop-downs';
import { barFrame } from './frame';
import { roomTaken } from './heights';
import { stagesDown, wayDown } from './way-down';
import { lineWidth } from './frame';
import type { Circumstances } from './circumstances';

/** Something that hangs out of a piece, where it stands while it is open. */
export interface PlacedDropDown extends Place {
  piece: Id;
  entry: Id | null;
  /** How it stands, and how it would if it had the room. */
  side: HangingSide;
  wanted: HangingSide;
  /** The selector of it below its piece. */
  selector: string;
  /** 1 for what hangs from an item, 2 for a list beside that. */
  level: 1 | 2;
  /** How high it would be if nothing limited it, in CSS px: where it is lower, it scrolls. */
  natural: number;
}

/** The window in which something stands, in CSS px, and the room below the header that is left for what hangs out of it. */
export interface Window {
  width: number;
  height: number;
}

/** How far what is as wide as what holds it stays from the edges of that, along the line, in CSS px; `room` is how wide that is. */
function insetOf(
  { site, root }: Circumstances,
  assembly: SettledAssembly,
  bar: SettledBar,
  { band, width, room }: { band: Id; width: number; room: number },
  side: HangingSide,
): number {
  if (side === 'bar' || side === 'window') return 0;
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
  { window, sides, beside, taken }: { window: Window; sides: Sides; beside: BesideLists; taken: number },
): PlacedDropDown[] {
  const { width } = window;
  const hanging = dropDownsAt(circumstances, assembly, band, width);
  if (hanging.length === 0) return [];
  const whole = placedAssembly(circumstances, assembly, band, width);
  const inRow = assembly.values.stands === 'row';
  const turned = directionOf(circumstances.language) === 'rtl';
  const larger = circumstances.root / ROOT_TEXT_PX;
  const placed = (dropDown: DropDown): PlacedDropDown[] => {
    const index = assembly.bars.findIndex(({ bays }) =>
      bays.some(({ pieces }) => pieces.some(({ id }) => id === dropDown.piece)),
    );
    const [bar, box] = [assembly.bars[index]!, whole.of[index]!];
    const { kind, values } = bar.bays
      .flatMap(({ pieces }) => pieces)
      .find(({ id }) => id === dropDown.piece)!;
    const { at, gap, most, free } = pieceKind(kind).hanging!;
    const wants = at(values);
    const side = (isFromItem(wants) ? sides.get(dropDown.piece)?.get(dropDown.selector) : undefined) ?? wants;
    const own = isFromItem(side);
    const holder = inRow && isAcrossBars(side) ? whole : box;
    const asWide = (): { start: number; end: number } => {
      const within = { band, width, room: holder.width };
      const inset = insetOf(circumstances, assembly, bar, within, side);
      const from = turned ? dropDown.room - holder.x - holder.width : holder.x;
      const free = holder.width - 2 * inset;
      if (!isFromBar(side)) return { start: from + inset, end: from + inset + free };
      // As wide as what is in it, as far as there is room (CSS Sizing 3, 5.1, "fit-content").
      const { preferred, least } = dropDown.own;
      const wide = Math.min(preferred, Math.max(least, free));
      const start = from + inset + shareBefore[side] * Math.max(0, free - wide);
      return { start, end: start + wide };
    };
    const opens = beside.sides.get(dropDown.piece)?.get(dropDown.selector);
    const lists =
      own && opens !== undefined && window.height >= beside.windowHeight * larger ? dropDown.beside : null;
    const { start, end } = own
      ? reachOf({ item: dropDown.item, width: lists?.width ?? dropDown.width }, side)
      : asWide();
    const natural = lists?.height ?? dropDown.placedAt(end - start).height;
    const limit = most(values);
    const height = lists
      ? natural
      : Math.min(
          natural,
          limit === null ? Infinity : lengthAt(limit, width),
          window.height - (taken + free) * larger,
        );
    const line = holder === box ? lineWidth(circumstances.site, bar.values.lineBelow as Id | null) : 0;
    const edges = own ? dropDown.item : { top: holder.y, bottom: holder.y + holder.height - line };
    const away = lengthAt(gap(values) as Length, width);
    const upwards = assembly.kind === 'footers';
    const panel = {
      piece: dropDown.piece,
      entry: dropDown.entry,
      side,
      wanted: wants,
      selector: dropDown.selector,
      level: 1 as const,
      natural,
      x: turned ? dropDown.room - end : start,
      y: upwards ? edges.top - away - height : edges.bottom + away,
      width: end - start,
      height,
    };
    const inset = LIST_PADDING * larger;
    const beyond = (list: BesidePlaced['lists'][number]): PlacedDropDown => {
      const from = opens === 'end' ? start + list.item.end : start + list.item.start - list.width;
      return {
        ...panel,
        entry: list.entry,
        side: opens!,
        wanted: opens!,
        selector: `${dropDown.selector} ${list.selector}`,
        level: 2,
        natural: list.height,
        x: turned ? dropDown.room - from - list.width : from,
        y: panel.y + (upwards ? list.item.bottom + inset - list.height : list.item.top - inset),
        width: list.width,
        height: list.height,
      };
    };
    return [panel, ...(lists?.lists ?? []).map(beyond)];
  };
  return hanging.flatMap(placed);
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
  const beside = besideLists(site, advances, settled, reaching);
  return placedDropDowns(circumstances, settled, stage.band, { window, sides, beside, taken });
}
