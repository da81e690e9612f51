import type { Id } from '../ids/id';
import type { SettledPiece } from '../pieces/piece';
import type { AssemblyKind } from '../properties/assembly';
import type { Site } from '../site/site';
import { resolveAssembly } from './assembly';
import type { PieceInBar } from './state-look';

/** A piece as it stands on the widest band, with the values of its bar; null where it is gone. */
export function standingPiece(
  site: Site,
  at: { in: AssemblyKind; assembly: Id },
  piece: Id,
): { inBar: PieceInBar; settled: SettledPiece } | null {
  const assembly = site[at.in][at.assembly];
  if (!assembly) return null;
  const { bars } = resolveAssembly(site, at.in, assembly, site.bands[0]!.id);
  for (const bar of bars) {
    const settled = bar.bays.flatMap(({ pieces }) => pieces).find(({ id }) => id === piece);
    if (settled) return { inBar: { bar: bar.values, piece: settled.values }, settled };
  }
  return null;
}
