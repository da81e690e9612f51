import { widthBelow } from '../../bands/band';
import { wayDown, type WayStage } from '../../fit/way-down';
import type { PieceVersion } from '../../pieces/piece';
import type { AssemblyKind } from '../../properties/assembly-kind';
import type { Phase } from '../../properties/phases';
import { resolveAssembly, settledPieces, type SettledAssembly } from '../../resolve/assembly';
import type { Assembly } from '../../site/assembly';
import type { Scheme } from '../../properties/schemes';
import { inScheme } from '../../site/scheme';
import type { Site } from '../../site/site';
import type { Advances } from '../../text/advances';

/** What stages are worked out of. */
interface Staged {
  site: Site;
  advances: Advances;
}

/** One assembly settled for every stage of its way, widest first: the markup has to hold what any of them shows. */
export type PerStage = readonly SettledAssembly[];

/** The media query of each stage of a way; null for the widest. */
export const stageMedia = (stages: readonly WayStage[]) =>
  stages.map(({ below }) => (below === null ? null : widthBelow(below)));

/** What else than the widths of the viewport an assembly is settled for. */
interface Under {
  phase?: Phase;
  scheme?: Scheme;
}

/** An assembly settled for every stage of its way, in a phase of scrolling and a scheme. */
export function perStage(
  { site, advances }: Staged,
  kind: AssemblyKind,
  assembly: Assembly,
  { phase = 'top', scheme = 'light' }: Under = {},
): PerStage {
  return wayDown(site, advances, kind, assembly).stages.map((stage) =>
    resolveAssembly(inScheme(site, scheme), kind, assembly, { ...stage, phase }),
  );
}

/** The pieces of an assembly as they are listed, settled for every stage of its way, with the media query of each. */
export function piecesPerStage(
  state: Staged,
  kind: AssemblyKind,
  assembly: Assembly,
  under?: Under,
): PieceVersion[][] {
  const media = stageMedia(wayDown(state.site, state.advances, kind, assembly).stages);
  return perStage(state, kind, assembly, under).map((settled, stage) =>
    settledPieces(settled).map((piece) => ({ ...piece, media: media[stage]! })),
  );
}
