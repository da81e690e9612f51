import { button } from './button';
import { logo } from './logo';
import { menu } from './menu';
import type { PieceKind } from './piece';
import { text } from './text';

/** Every kind of piece, in the order in which they are offered. */
export const pieceKinds: readonly PieceKind[] = [logo, menu, button, text];

const byKind = new Map(pieceKinds.map((kind) => [kind.kind, kind]));

/** The kind with this name; throws when there is none. */
export function pieceKind(kind: string): PieceKind {
  const found = byKind.get(kind);
  if (!found) throw new Error(`No kind of piece ${kind}`);
  return found;
}
