import type { BarRoom } from '@/core/fit/bar-fit';
import { valueAt, type Piecewise } from '@/core/lengths/piecewise';
import type { Id } from '@/core/ids/id';
import type { ChartPoint } from '@/ui/chart/room-chart';

/** A function over several stretches as one line; where two meet, it may jump. */
export function lineOver(rooms: readonly BarRoom[], of: (room: BarRoom) => Piecewise): ChartPoint[] {
  return rooms.flatMap((room) => {
    const { at, values } = of(room);
    return at.map((x, index) => ({ x, y: values[index]! }));
  });
}

/** The preferred widths of pieces on top of each other, in their order: the upper edge of each; a piece that does not show has none. */
export function stackedPieces(rooms: readonly BarRoom[], ids: readonly Id[]): ChartPoint[][] {
  return ids.map((_, index) =>
    rooms.flatMap(({ pieces, span }) => {
      const below = pieces.filter(({ id }) => ids.slice(0, index + 1).includes(id));
      const bends = [...new Set([span.from, span.to, ...below.flatMap(({ preferred }) => preferred.at)])];
      return bends
        .sort((a, b) => a - b)
        .map((x) => ({ x, y: below.reduce((sum, { preferred }) => sum + valueAt(preferred, x), 0) }));
    }),
  );
}

/** The room of a bar at one width of the viewport, in CSS px. */
export interface RoomAt {
  available: number;
  least: number;
  designed: number;
  pieces: readonly { id: Id; least: number; preferred: number }[];
}

/** What a bar needs and has at a width; null where nothing of it shows. */
export function roomAt(rooms: readonly BarRoom[], width: number): RoomAt | null {
  const room = rooms.findLast(({ span }) => span.from <= width && width <= span.to);
  if (!room) return null;
  return {
    available: valueAt(room.available, width),
    least: valueAt(room.least, width),
    designed: valueAt(room.designed, width),
    pieces: room.pieces.map(({ id, least, preferred }) => ({
      id,
      least: valueAt(least, width),
      preferred: valueAt(preferred, width),
    })),
  };
}
