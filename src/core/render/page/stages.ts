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
import { holds, workedWith, type WorkedWith } from '../../text/worked-with';

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

/** An assembly as it is at every stage of its way, and the pieces of each as they are listed, with the media query of the stage. */
interface AtStages {
  settled: PerStage;
  pieces: PieceVersion[][];
}

const known = new WeakMap<Assembly, Map<string, WorkedWith<AtStages> & { site: Site }>>();

/** Every page asks for the same: it is put together once, as long as the site is the very same one. */
function atStages(
  { site, advances }: Staged,
  kind: AssemblyKind,
  assembly: Assembly,
  { phase = 'top', scheme = 'light' }: Under = {},
): AtStages {
  const under = known.get(assembly) ?? new Map<string, WorkedWith<AtStages> & { site: Site }>();
  known.set(assembly, under);
  const key = `${phase} ${scheme}`;
  const found = under.get(key);
  if (found?.site === site && holds(found.holdsFor, advances)) return found.made;
  const { made: way, holdsFor } = workedWith(advances, () => wayDown(site, advances, kind, assembly));
  const { stages } = way;
  const media = stageMedia(stages);
  const settled = stages.map((stage) =>
    resolveAssembly(inScheme(site, scheme), kind, assembly, { ...stage, phase }),
  );
  const pieces = settled.map((each, stage) =>
    settledPieces(each).map((piece) => ({ ...piece, media: media[stage]! })),
  );
  const made = { settled, pieces };
  under.set(key, { site, holdsFor, made });
  return made;
}

/** An assembly settled for every stage of its way, in a phase of scrolling and a scheme. */
export const perStage = (...of: Parameters<typeof atStages>): PerStage => atStages(...of).settled;

/** The pieces of an assembly as they are listed, settled for every stage of its way, with the media query of each. */
export const piecesPerStage = (...of: Parameters<typeof atStages>): PieceVersion[][] =>
  atStages(...of).pieces;
