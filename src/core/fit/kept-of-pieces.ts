import type { MadePiece } from './piece-boxes';

/** What was worked out of pieces, as long as they are made as they are and what they are measured with is the same (circumstances.ts, `basisOf`). */
export function keptOfPieces<T>() {
  const known = new WeakMap<MadePiece, WeakMap<object, T>>();
  return {
    get: (made: MadePiece, basis: object): T | undefined => known.get(made)?.get(basis),
    set(made: MadePiece, basis: object, found: T): void {
      const ofPiece = known.get(made) ?? new WeakMap<object, T>();
      known.set(made, ofPiece.set(basis, found));
    },
  };
}
