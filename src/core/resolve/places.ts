import { pieceKind } from '../pieces';
import type { SettledPiece } from '../pieces/piece';
import type { Division } from '../properties/kinds/division';
import type { SettledBar, SettledBay } from './assembly';

/** Whether anything of a bay shows in the band that the bar was settled for. */
export function occupied(bay: SettledBay): boolean {
  return bay.pieces.some((piece) => piece.values.shown === 'shown');
}

/** Whether a bay stands in a row of its own below the others: something in it asks for that, and others stay beside each other. */
export function goesBelow({ bays, values }: SettledBar, bay: SettledBay): boolean {
  if ((values.division as Division).by === 'stack') return false;
  const asks = (each: SettledBay) =>
    each.pieces.some(({ values: { ownRow, shown } }) => ownRow === true && shown === 'shown');
  return asks(bay) && bays.some((each) => occupied(each) && !asks(each));
}

/** A bar with those of its bays that stand beside each other; those below hold nothing there. */
export function besideEachOther(bar: SettledBar): SettledBar {
  const bays = bar.bays.map((bay) => (goesBelow(bar, bay) ? { ...bay, pieces: [] } : bay));
  return { ...bar, bays };
}

/** Whether a piece takes the free space of its bay, since the designer said so or by its form. */
export function takesRest({ kind, values }: SettledPiece): boolean {
  return Boolean(values.takesRest) || (pieceKind(kind).takesRest?.(values) ?? false);
}

/** Where a bay stands in a bar divided by edges. */
export type EdgePlace = 'start' | 'middle' | 'end';

export function edgePlace(index: number, count: number): EdgePlace {
  if (index === 0) return 'start';
  return index === count - 1 ? 'end' : 'middle';
}

/** Whether something shows between the edges of a bar and beside something else; then the bays at its edges share the rest equally. */
export function hasMiddle({ bays }: SettledBar): boolean {
  return (
    bays.some((bay, index) => edgePlace(index, bays.length) === 'middle' && occupied(bay)) &&
    bays.filter(occupied).length > 1
  );
}

export const divisionOf = (bar: SettledBar) => bar.values.division as Division;
