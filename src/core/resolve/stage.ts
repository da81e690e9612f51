import { bandChain } from '../bands/band';
import type { Id } from '../ids/id';
import type { Phase } from '../properties/phases';
import type { Site } from '../site/site';

/**
 * An interval of viewport widths in which the same holds, in one phase of scrolling (at the top where it says none): the band, and what
 * has begun on the way to it from the widest viewport, the widest band first. Beside bands these are levels of collapse rules: each
 * holds until something that began later says otherwise.
 */
export interface Stage {
  band: Id;
  begun: readonly string[];
  phase?: Phase;
}

/** The stage of a band where no rule has begun. */
export function bandStage(site: Site, band: Id): Stage {
  const chain = bandChain(site.bands);
  return { band, begun: chain.slice(0, chain.indexOf(band) + 1) };
}
