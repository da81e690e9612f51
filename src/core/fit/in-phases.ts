import type { AssemblyKind } from '../properties/assembly-kind';
import { phasesOf, resolveAssembly, type SettledAssembly } from '../resolve/assembly';
import type { Stage } from '../resolve/stage';
import type { Assembly } from '../site/assembly';
import type { Site } from '../site/site';

/** An assembly settled for a stage in each phase of scrolling in which it may look otherwise, the top first. */
export function inPhases(
  site: Site,
  kind: AssemblyKind,
  assembly: Assembly,
  stage: Stage,
): SettledAssembly[] {
  return phasesOf(kind, assembly).map((phase) => resolveAssembly(site, kind, assembly, { ...stage, phase }));
}
