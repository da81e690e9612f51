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
import { pieceKind } from '../pieces';
import type { SettledPiece } from '../pieces/piece';
import type { RoomContext } from '../pieces/room';
import type { Id } from '../ids/id';
import type { SettledBay } from '../resolve/assembly';
import type { Condition } from './fit-status';

/** A piece with all that is to be known of its room, the gaps before and after it included. */
export interface PieceRoom {
  id: Id;
  preferred: Piecewise;
  least: Piecewise;
  floor: Piecewise;
  ideal: Piecewise;
  wraps: boolean;
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

/** Makes what a piece may ask about its room. */
export type ContextOf = (piece: SettledPiece) => RoomContext;

/** A piece that was given a width has that; what stands in it may need more. */
function heldConditions(
  id: Id,
  width: Piecewise,
  { preferred, least, wraps }: Omit<PieceRoom, 'id'>,
): Condition[] {
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
  piece: SettledPiece,
  context: RoomContext,
): { room: PieceRoom; conditions: Condition[] } | null {
  const { id, kind, values } = piece;
  const own = values.shown !== 'shown' ? null : pieceKind(kind).room(values, context);
  if (own === null) return null;
  const { preferred, least = preferred, floor = least, ideal = preferred, wraps = false } = own;
  const beside = total(context.length(values.gapBefore as Length), context.length(values.gapAfter as Length));
  const withGaps = (width: Piecewise) => total(width, beside);
  const given = (values.pieceWidth as Length | null | undefined) ?? null;
  if (given !== null) {
    const width = context.length(given);
    const held = withGaps(width);
    const floored = withGaps(narrowest(width, context.px(valueAt(least, least.at[0]!))));
    return {
      room: { id, preferred: held, least: floored, floor: held, ideal: held, wraps },
      conditions: heldConditions(id, width, { preferred, least, floor, ideal, wraps }),
    };
  }
  const room = {
    id,
    preferred: withGaps(preferred),
    least: withGaps(least),
    floor: withGaps(floor),
    ideal: withGaps(widest(ideal, preferred)),
    wraps,
  };
  return { room, conditions: [] };
}

/** What so many gaps between the bays of a bar take. */
export function gapsOf({ bayGap }: Record<string, unknown>, count: number, span: Span): Piecewise {
  return times(lengthOver(bayGap as Length, span), Math.max(0, count));
}

/** The room of a bay whose pieces stand beside each other with a gap between them. */
export function bayRoom(bay: SettledBay, gap: Length, span: Span, contextOf: ContextOf): BayRoom {
  const found = bay.pieces.map((piece) => pieceRoom(piece, contextOf(piece))).filter((each) => each !== null);
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
