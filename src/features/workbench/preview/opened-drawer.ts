import { pieceKind } from '@/core/pieces';
import type { AssemblyKind } from '@/core/properties/assembly-kind';
import type { Id } from '@/core/ids/id';
import { resolveAssembly, settledPieces } from '@/core/resolve/assembly';
import type { Stage } from '@/core/resolve/stage';
import type { Assembly } from '@/core/site/assembly';
import type { Site } from '@/core/site/site';

/** The drawer that can be opened from an assembly at a place on its way down: the first that a piece shown there opens; null for none. */
export function openedDrawer(site: Site, kind: AssemblyKind, assembly: Assembly, place: Stage): Id | null {
  if (kind === 'drawers') return assembly.id;
  const pieces = settledPieces(resolveAssembly(site, kind, assembly, place)).filter(
    (piece) => piece.values.shown === 'shown',
  );
  return (
    pieces.map((piece) => pieceKind(piece.kind).opens?.(piece.values) ?? null).find((id) => id !== null) ??
    null
  );
}
