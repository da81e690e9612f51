import { lengthOver, type Length } from '../lengths/formula';
import {
  constant,
  less,
  narrowest,
  times,
  total,
  valueAt,
  widest,
  type Piecewise,
  type Span,
} from '../lengths/piecewise';
import type { Box } from '../boxes/box';
import type { SettledPiece } from '../pieces/piece';
import { widthsOf, type Widths } from '../boxes/widths';
import type { PieceContent } from '../pieces/content';
import type { Id } from '../ids/id';
import type { SettledBay } from '../resolve/assembly';
import type { Condition } from './fit-status';

/** A piece with all that is to be known of its room, the gaps before and after it included. */
export interface PieceRoom extends Widths {
  id: Id;
  /** What it asks of a column at least: its min-content contribution (CSS Sizing 3, 5.2). */
  floor: Piecewise;
}

/** The room of what stands in a bay, beside each other. */
export interface BayRoom extends Omit<PieceRoom, 'id'> {
  pieces: readonly PieceRoom[];
  /** What has to hold whatever the width of the bay: pieces that have a width of their own. */
  conditions: readonly Condition[];
}

/** A piece as if it had a bay for itself, as in a stack. */
export function aloneInBay(piece: PieceRoom): BayRoom {
  return { ...piece, pieces: [piece], conditions: [] };
}

/** A bay in which nothing stands. */
export function emptyBay(span: Span): BayRoom {
  const none = constant(0, span);
  return { pieces: [], preferred: none, least: none, floor: none, ideal: none, wraps: false, conditions: [] };
}

/** The ids of everything in some bays. */
export function idsIn(bays: readonly Pick<BayRoom, 'pieces'>[]): Id[] {
  return bays.flatMap(({ pieces }) => pieces.map(({ id }) => id));
}

/** The boxes of a piece, with what they are measured with. */
export interface MeasuredPiece {
  box: Box | null;
  content: PieceContent;
}

/** A piece that was given a width has that; what stands in it may need more. */
function heldConditions(id: Id, width: Piecewise, { preferred, least, wraps }: Widths): Condition[] {
  const sticksOut: Condition = {
    status: 'overflows',
    trouble: 'sticks-out',
    slack: less(width, least),
    pieces: [id],
  };
  const wrapped: Condition = {
    status: 'wraps',
    trouble: 'wrapped',
    slack: less(width, preferred),
    pieces: [id],
  };
  return wraps ? [sticksOut, wrapped] : [sticksOut];
}

function pieceRoom(
  { id, values }: SettledPiece,
  { box, content }: MeasuredPiece,
): { room: PieceRoom; conditions: Condition[] } | null {
  if (box === null) return null;
  const own = widthsOf(box, content);
  const beside = total(content.length(values.gapBefore as Length), content.length(values.gapAfter as Length));
  const withGaps = (width: Piecewise) => total(width, beside);
  const given = (values.pieceWidth as Length | null | undefined) ?? null;
  if (given !== null) {
    const width = content.length(given);
    const held = withGaps(width);
    const floored = withGaps(narrowest(width, content.px(valueAt(own.least, own.least.at[0]!))));
    return {
      room: { id, preferred: held, least: floored, floor: held, ideal: held, wraps: own.wraps },
      conditions: heldConditions(id, width, own),
    };
  }
  const least = withGaps(own.least);
  return {
    room: {
      id,
      preferred: withGaps(own.preferred),
      least,
      floor: least,
      ideal: withGaps(widest(own.ideal, own.preferred)),
      wraps: own.wraps,
    },
    conditions: [],
  };
}

/** What so many gaps between the bays of a bar take. */
export function gapsOf({ bayGap }: Record<string, unknown>, count: number, span: Span): Piecewise {
  return times(lengthOver(bayGap as Length, span), Math.max(0, count));
}

/** The room of a bay whose pieces stand beside each other with a gap between them. */
export function bayRoom(
  bay: SettledBay,
  gap: Length,
  span: Span,
  measuredOf: (piece: SettledPiece) => MeasuredPiece,
): BayRoom {
  const found = bay.pieces
    .map((piece) => pieceRoom(piece, measuredOf(piece)))
    .filter((each) => each !== null);
  const pieces = found.map(({ room }) => room);
  const gaps = times(lengthOver(gap, span), Math.max(0, pieces.length - 1));
  const sum = (of: (piece: PieceRoom) => Piecewise) => total(gaps, ...pieces.map(of));
  return {
    pieces,
    preferred: sum(({ preferred }) => preferred),
    least: sum(({ least }) => least),
    floor: sum(({ floor }) => floor),
    ideal: sum(({ ideal }) => ideal),
    wraps: pieces.some((piece) => piece.wraps),
    conditions: found.flatMap(({ conditions }) => conditions),
  };
}
