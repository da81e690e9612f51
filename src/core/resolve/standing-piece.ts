import type { Id } from '../ids/id';
import type { SettledPiece } from '../pieces/piece';
import type { AssemblyKind } from '../properties/assembly-kind';
import type { Phase } from '../properties/phases';
import type { Site } from '../site/site';
import { phasesOf, resolveAssembly, type SettledAssembly } from './assembly';
import { bandStage } from './stage';
import type { PieceInBar } from './state-look';

/** A piece as it stands in a band and phase of scrolling, with the values of its bar. */
export interface Standing {
  band: Id;
  phase: Phase;
  inBar: PieceInBar;
  settled: SettledPiece;
}

interface At {
  in: AssemblyKind;
  assembly: Id;
}

function standingIn({ bars, phase }: SettledAssembly, band: Id, piece: Id): Standing | null {
  for (const bar of bars) {
    const settled = bar.bays.flatMap(({ pieces }) => pieces).find(({ id }) => id === piece);
    if (settled) return { band, phase, inBar: { bar: bar.values, piece: settled.values }, settled };
  }
  return null;
}

/** A piece as it stands on the widest band at the top of the page; null where it is gone. */
export function standingPiece(site: Site, at: At, piece: Id): Standing | null {
  const assembly = site[at.in][at.assembly];
  const band = site.bands[0]!.id;
  return assembly ? standingIn(resolveAssembly(site, at.in, assembly, band), band, piece) : null;
}

/** A piece in every band and phase of scrolling in which it and its bar are shown, the widest band first. */
export function everyStanding(site: Site, at: At, piece: Id): Standing[] {
  const assembly = site[at.in][at.assembly];
  if (!assembly) return [];
  return site.bands
    .flatMap(({ id }) =>
      phasesOf(at.in, assembly).map((phase) => {
        const stage = { ...bandStage(site, id), phase };
        return standingIn(resolveAssembly(site, at.in, assembly, stage), id, piece);
      }),
    )
    .filter((each) => each !== null)
    .filter(({ inBar }) => inBar.bar.shown === 'shown' && inBar.piece.shown === 'shown');
}
