import type { Box } from '../boxes/box';
import type { SettledPiece } from '../pieces/piece';

interface Kept<T> {
  basis: object;
  found: T;
}

/** What was worked out of pieces, as long as their boxes and what these are measured with are the same (circumstances.ts, `basisOf`). */
export function keptOfPieces<T>() {
  const known = new WeakMap<SettledPiece, WeakMap<Box, Kept<T>>>();
  return {
    get(piece: SettledPiece, own: Box, basis: object): T | undefined {
      const kept = known.get(piece)?.get(own);
      return kept?.basis === basis ? kept.found : undefined;
    },
    set(piece: SettledPiece, own: Box, basis: object, found: T): void {
      const ofPiece = known.get(piece) ?? new WeakMap<Box, Kept<T>>();
      known.set(piece, ofPiece.set(own, { basis, found }));
    },
  };
}
