import { box, type Box } from '../boxes/box';
import { cascaded, type Layout } from '../boxes/layout';
import { mirrored, type PlacedBox } from '../boxes/placed';
import { placeBox } from '../boxes/places';
import type { Id } from '../ids/id';
import { valueAt } from '../lengths/piecewise';
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
import { directionOf } from '../site/language';
import { barFrame, panelWidth, type Frame } from './frame';
import { pieceBoxes } from './piece-boxes';
import { lineWidth, pieceContent, type Circumstances } from './piece-content';

/** An assembly that is placed: under what circumstances, in which band, and at which width of the viewport in CSS px. */
interface Placing {
  circumstances: Circumstances;
  band: Id;
  at: number;
}

/** The boxes of a piece as it stands in its bay; null where it shows nothing. */
function pieceBox(piece: SettledPiece, { circumstances, at }: Placing): Box | null {
  const { id, values } = piece;
  const content = pieceContent({ ...circumstances, sizedAt: at }, piece, { from: at, to: at });
  const own = pieceBoxes(circumstances, piece);
  return own && { ...own, layout: cascaded(placeLayout(values), own.layout), id, measures: content };
}

function bayBox(bay: SettledBay, layouts: readonly (Layout | undefined)[], placing: Placing): Box {
  const pieces = bay.pieces.map((piece) => pieceBox(piece, placing));
  const layout = cascaded(bayLayoutAlike, ...layouts.filter((each) => each !== undefined));
  return box(bayAt(bay), layout, pieces);
}

/** The boxes of a bar: its bays in their columns, with what stands in them. */
function barBox(bar: SettledBar, { gutter, most }: Frame, placing: Placing): Box {
  const own = ownBarLayouts(bar.values);
  const division = divisionLayouts(bar);
  // A bay that never holds anything is not there at all.
  const held = bar.bays.filter(({ pieces }) => pieces.length > 0);
  const bays = held.map((bay) => bayBox(bay, [own['> .bays > .bay'], division[bayAt(bay)]], placing));
  const limited = most === null ? {} : { maxInlineSize: most };
  const inside = box('.bays', cascaded(baysLayout, own['> .bays'], division['> .bays']!, limited), bays);
  const { lineAbove, lineBelow } = bar.values;
  return box(
    '.bar',
    cascaded(barLayout, own[''], { paddingInline: gutter }),
    bays.length > 0 ? [inside] : [],
    {
      id: bar.id,
      edge: {
        start: 0,
        above: lineWidth(placing.circumstances.site, lineAbove as Id | null),
        below: lineWidth(placing.circumstances.site, lineBelow as Id | null),
      },
    },
  );
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

/**
 * Where everything in an assembly stands, settled for a place on the way and a phase of scrolling: its bars, bays and pieces and all that
 * is in these, in CSS px from its own top left corner, at a width of the viewport in that band; `windowHeight` is that of the
 * window, for what stands at its side.
 */
export function placedAssembly(
  circumstances: Circumstances,
  assembly: SettledAssembly,
  band: Id,
  at: number,
  windowHeight = 0,
): PlacedBox {
  const { site } = circumstances;
  const placing = { circumstances, band, at };
  const bars = assembly.bars.map((bar) => barBox(bar, barFrame(site, assembly, bar, band), placing));
  const width = valueAt(panelWidth(site, assembly, band, { from: at, to: at }), at);
  const measures = pieceContent(
    circumstances,
    { id: assembly.id, kind: '', band, values: {} },
    { from: at, to: at },
  );
  const placed = placeBox(
    box('', barsLayout(assembly.values, windowHeight), bars, { id: assembly.id }),
    width,
    measures,
  );
  return directionOf(circumstances.language) === 'rtl' ? mirrored(placed) : placed;
}
