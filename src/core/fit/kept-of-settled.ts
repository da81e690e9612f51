import type { Id } from '../ids/id';
import type { SettledAssembly } from '../resolve/assembly';
import type { Site } from '../site/site';
import type { Advances } from '../text/advances';

/** What is worked out of an assembly that is settled for a stage, which holds down to a width of the viewport, in CSS px. */
type OfSettled<T> = (
  site: Site,
  advances: Advances,
  settled: SettledAssembly,
  reaching: { band: Id; from: number },
) => T;

/** The same, kept as long as it is asked of the same site with the same advances. */
export function keptOfSettled<T>(work: OfSettled<T>): OfSettled<T> {
  const known = new WeakMap<SettledAssembly, { site: Site; advances: Advances; of: T }>();
  return (site, advances, settled, reaching) => {
    const kept = known.get(settled);
    if (kept?.site === site && kept.advances === advances) return kept.of;
    const of = work(site, advances, settled, reaching);
    known.set(settled, { site, advances, of });
    return of;
  };
}
