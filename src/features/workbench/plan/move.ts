import { spotOf, type Spot } from '@/core/edit/pieces';
import type { Assembly } from '@/core/site/assembly';

/** What is said where there is nothing to move to. */
export const NOTHING_FURTHER = 'There is nothing further in that direction.';

export type Direction = 'left' | 'right' | 'up' | 'down';

/** Every bay of the assembly in reading order. */
function allBays({ order, bars }: Assembly): Omit<Spot, 'index'>[] {
  return order.flatMap((bar) => bars[bar]!.bays.map((bay) => ({ bar, bay: bay.id })));
}

function countIn(assembly: Assembly, { bar, bay }: Omit<Spot, 'index'>): number {
  return assembly.bars[bar]!.bays.find((each) => each.id === bay)!.pieces.length;
}

/** Past the end of a bay, a piece goes on into the next one, and at the end of a bar into the next bar. */
function sideways(assembly: Assembly, spot: Spot, step: 1 | -1): Spot | null {
  const index = spot.index + step;
  if (index >= 0 && index < countIn(assembly, spot)) return { ...spot, index };
  const bays = allBays(assembly);
  const at = bays.findIndex(({ bar, bay }) => bar === spot.bar && bay === spot.bay);
  const next = bays[at + step];
  return next ? { ...next, index: step === 1 ? 0 : countIn(assembly, next) } : null;
}

/** Into the bar above or below: the bay at the same place, or the last where there are fewer. */
function acrossBars(assembly: Assembly, spot: Spot, step: 1 | -1): Spot | null {
  const bar = assembly.order[assembly.order.indexOf(spot.bar) + step];
  if (bar === undefined) return null;
  const place = assembly.bars[spot.bar]!.bays.findIndex((bay) => bay.id === spot.bay);
  const { bays } = assembly.bars[bar]!;
  const bay = bays[Math.min(place, bays.length - 1)]!;
  return { bar, bay: bay.id, index: Math.min(spot.index, bay.pieces.length) };
}

/** Where a piece goes when it is moved by a key; null when there is nothing in that direction. */
export function movedSpot(assembly: Assembly, piece: string, direction: Direction): Spot | null {
  const spot = spotOf(assembly, piece);
  if (!spot) return null;
  const step = direction === 'left' || direction === 'up' ? -1 : 1;
  return direction === 'left' || direction === 'right'
    ? sideways(assembly, spot, step)
    : acrossBars(assembly, spot, step);
}

/** The spot before or after another piece, counted as if the moved piece were out already. */
export function spotBeside(
  assembly: Assembly,
  moved: string,
  other: string,
  side: 'before' | 'after',
): Spot | null {
  const spot = spotOf(assembly, other);
  const from = spotOf(assembly, moved);
  if (!spot) return null;
  const gone = from && from.bar === spot.bar && from.bay === spot.bay && from.index < spot.index ? 1 : 0;
  return { ...spot, index: spot.index - gone + (side === 'after' ? 1 : 0) };
}
