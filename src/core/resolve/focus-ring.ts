import { contrastOn } from '../colour/contrast';
import type { Id } from '../ids/id';
import { brandProperties } from '../properties/brand';
import type { State, StatedPart } from '../properties/states';
import { seenColour } from '../site/seen-colour';
import type { Site } from '../site/site';
import { isPictured } from './bar-contrast';
import { barGround } from './ground-set';
import { settledValues } from './settled-values';
import type { PieceInBar } from './state-look';

/** The two lines of the ring around what has the focus: colours of the brand, the near one at the element. */
export interface FocusRing {
  near: Id;
  far: Id;
}

/** The ring as the brand has it. */
export function brandRing({ brand, bands }: Site): FocusRing {
  const { ring, ringFar } = settledValues(brand.values, brandProperties, [bands[0]!.id], bands[0]!.id);
  return { near: ring as Id, far: ringFar as Id };
}

/** The contrast ratio of a line of the ring on a ground as it is seen, on that of the page. */
const onSeen = (site: Site, line: Id, ground: string) =>
  contrastOn(seenColour(site, line), ground, seenColour(site, 'ground'));

/** The ring in a bar: that line is near which stands out more on its ground, so that little room is enough for it. */
export function ringOn(site: Site, bar: Record<string, unknown>): FocusRing {
  const ring = brandRing(site);
  const behind = barGround(site, bar);
  const turned = bar.ground !== 'none' && onSeen(site, ring.near, behind) < onSeen(site, ring.far, behind);
  return turned ? { near: ring.far, far: ring.near } : ring;
}

/**
 * By how much the ring stands out on whatever is behind, at the least: on a ground in between, both lines stand out by the root of
 * the contrast that they have to each other (WCAG 2.2, "contrast ratio", is a ratio of luminances).
 */
export function leastRing(site: Site): number {
  const { near, far } = brandRing(site);
  return Math.sqrt(onSeen(site, near, seenColour(site, far)));
}

/** The ground of the page, as a bar would have it. */
const PAGE = { ground: 'ground', shade: 0 };

/** By how much the ring around a part of a piece stands out in a state, of what is around the part; where that is a picture, at the least. */
export function ringContrast(site: Site, { bar }: PieceInBar, part: StatedPart, state: State): number | null {
  if (state !== 'focus') return null;
  const onPanel = part.below !== undefined;
  if (!onPanel && (isPictured(bar) || bar.ground === 'none')) return leastRing(site);
  // What drops down has the ground of the page, or where all follows the ground of the bar, that one.
  const behind = onPanel && !bar.set ? PAGE : bar;
  return onSeen(site, ringOn(site, behind).near, barGround(site, behind));
}
