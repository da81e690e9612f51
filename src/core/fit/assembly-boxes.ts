import { box, type Box, type Measures } from '../boxes/box';
import { cascaded, type Layout } from '../boxes/layout';
import type { Id } from '../ids/id';
import type { Span } from '../lengths/piecewise';
import type { SettledPiece } from '../pieces/piece';
import { placeLayout } from '../properties/place';
import type { SettledAssembly, SettledBar, SettledBay } from '../resolve/assembly';
import {
  barLayout,
  bayAt,
  bayLayoutAlike,
  baysLayout,
  divisionLayouts,
  ownBarLayouts,
} from '../resolve/bar-layouts';
import type { Circumstances, Tally } from './circumstances';
import { barFrame, lineWidth } from './frame';
import { pieceMeasures, pieceMeasuring } from './measures';
import { pieceBoxes } from './piece-boxes';

/** What is looked at of an assembly: in which band, over which widths of the viewport, and what comes about of its texts. */
export interface Within {
  band: Id;
  span: Span;
  tally: Tally;
}

/** What is the same of a piece in its bay whatever is measured, as long as its own boxes are the same. */
interface InBay {
  own: Box;
  layout: Layout;
  kept: object;
}
const ofPieces = new WeakMap<SettledPiece, InBay>();
/** The same of all pieces with these boxes, by how they are placed: of one piece in several stages that is mostly the same. */
const ofBoxes = new WeakMap<Box, Map<string, InBay>>();

function inBay(own: Box, piece: SettledPiece): InBay {
  const last = ofPieces.get(piece);
  if (last?.own === own) return last;
  const layout = cascaded(placeLayout(piece.values), own.layout);
  const known = ofBoxes.get(own) ?? new Map<string, InBay>();
  ofBoxes.set(own, known);
  const placed = JSON.stringify(layout);
  const made = known.get(placed) ?? { own, layout, kept: {} };
  known.set(placed, made);
  ofPieces.set(piece, made);
  return made;
}

/** The boxes of a piece as it stands in its bay; null where it shows nothing. */
function pieceBox(piece: SettledPiece, circumstances: Circumstances, { span, tally }: Within): Box | null {
  const own = pieceBoxes(circumstances, piece);
  if (own === null) return null;
  const { layout, kept } = inBay(own, piece);
  const measures = pieceMeasuring(circumstances, piece, span, tally);
  return { ...own, layout, kept, id: piece.id, measures };
}

/** The layouts of a bar, of what holds its bays, and of these: as long as it is settled as it is, they are the same. */
interface BarLayouts {
  bar: Layout;
  bays: Layout;
  /** By their number; a bay that never holds anything is not there at all. */
  ofBays: ReadonlyMap<number, Layout>;
}
const layoutsOfBars = new WeakMap<SettledBar, BarLayouts>();

function barLayouts(bar: SettledBar): BarLayouts {
  const found = layoutsOfBars.get(bar);
  if (found) return found;
  const own = ownBarLayouts(bar.values);
  const division = divisionLayouts(bar);
  const held = bar.bays.filter(({ pieces }) => pieces.length > 0);
  const ofBay = (bay: SettledBay) =>
    cascaded(bayLayoutAlike, own['> .bays > .bay'], division[bayAt(bay)] ?? {});
  const made = {
    bar: cascaded(barLayout, own['']),
    bays: cascaded(baysLayout, own['> .bays'], division['> .bays']!),
    ofBays: new Map(held.map((bay) => [bay.nth, ofBay(bay)])),
  };
  layoutsOfBars.set(bar, made);
  return made;
}

/** The boxes of a bay, laid out as its bar has it. */
export function bayBox(bar: SettledBar, bay: SettledBay, circumstances: Circumstances, within: Within): Box {
  const pieces = bay.pieces.map((piece) => pieceBox(piece, circumstances, within));
  return box(bayAt(bay), barLayouts(bar).ofBays.get(bay.nth) ?? {}, pieces);
}

/** The boxes of a bar: its bays in their columns, with what stands in them. */
export function barBox(
  assembly: SettledAssembly,
  bar: SettledBar,
  circumstances: Circumstances,
  within: Within,
): Box {
  const { site } = circumstances;
  const { gutter, most } = barFrame(site, assembly, bar, within.band);
  const layouts = barLayouts(bar);
  const held = bar.bays.filter(({ nth }) => layouts.ofBays.has(nth));
  const bays = held.map((bay) => bayBox(bar, bay, circumstances, within));
  const inside = box('.bays', most === null ? layouts.bays : { ...layouts.bays, maxInlineSize: most }, bays);
  const { lineAbove, lineBelow } = bar.values;
  return box('.bar', { ...layouts.bar, paddingInline: gutter }, bays.length > 0 ? [inside] : [], {
    id: bar.id,
    edge: {
      start: 0,
      above: lineWidth(site, lineAbove as Id | null),
      below: lineWidth(site, lineBelow as Id | null),
    },
  });
}

/** What bars are measured with: they have no texts of their own. */
export function barMeasures(
  circumstances: Circumstances,
  assembly: SettledAssembly,
  { band, span }: Within,
): Measures {
  const own = { id: assembly.id, kind: '', band, values: {} };
  // What is placed in them is asked for again and again, as wide and high as before.
  const steadiness = { basis: {}, moved: 0 };
  return pieceMeasures(circumstances, own, span, { complete: true }, steadiness);
}

/** How the bars of an assembly stand to each other: one at the side is as high as the window. */
function barsLayout({ stands }: SettledAssembly['values'], windowHeight: number): Layout {
  if (stands === 'row') return { display: 'flex', alignItems: 'center', justifyContent: 'space-between' };
  const column = { display: 'flex', flexDirection: 'column' } as const;
  if (stands === 'side') return { ...column, minBlockSize: windowHeight };
  return stands === 'spread'
    ? { ...column, minBlockSize: windowHeight, justifyContent: 'space-between' }
    : column;
}

/** The boxes of an assembly: its bars with all that is in them. */
export function assemblyBox(
  assembly: SettledAssembly,
  circumstances: Circumstances,
  within: Within,
  windowHeight = 0,
): Box {
  const bars = assembly.bars.map((bar) => barBox(assembly, bar, circumstances, within));
  return box('', barsLayout(assembly.values, windowHeight), bars, { id: assembly.id });
}
