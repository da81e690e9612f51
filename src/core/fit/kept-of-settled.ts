import type { Id } from '../ids/id';
import type { SettledAssembly } from '../resolve/assembly';
import type { Site } from '../site/site';
import { surroundingsOf } from '../site/surroundings';
import type { Advances } from '../text/advances';
import { keptWithTexts } from '../text/worked-with';

/** What is worked out of an assembly that is settled for a stage, which holds down to a width of the viewport, in CSS px. */
type OfSettled<T> = (
  site: Site,
  advances: Advances,
  settled: SettledAssembly,
  reaching: { band: Id; from: number },
) => T;

/** The same, kept as long as it is asked of the same site, whatever other assemblies of it say, over the same widths with texts as wide. */
export function keptOfSettled<T>(work: OfSettled<T>): OfSettled<T> {
  const kept = keptWithTexts<SettledAssembly, T>();
  return (site, advances, settled, reaching) =>
    kept(settled, advances, [reaching.band, reaching.from, ...surroundingsOf(site)], () =>
      work(site, advances, settled, reaching),
    );
}
