import { pieceKind } from '.';
import type { StatedPart } from '../properties/states';

/** The parts of a kind of piece that have states. */
export function statedParts(kind: string): StatedPart[] {
  return [...new Set(pieceKind(kind).properties.flatMap((each) => each.part ?? []))];
}
