import type { Id } from '../ids/id';
import { referenceTargets, type ReferenceTarget } from '../properties/reference';
import { partKinds, type Site } from './site';

/** Where what can be pointed at stands: parts of a site, and of its brand. */
export type ReferredPart = (keyof Site & ReferenceTarget) | 'brand';
const isPart = (target: ReferenceTarget): target is keyof Site & ReferenceTarget =>
  (partKinds as readonly string[]).includes(target);
export const referredParts: readonly ReferredPart[] = [...referenceTargets.filter(isPart), 'brand'];

/** What of a site can be pointed at as `to`, by id: a part of its own, or one of its brand. */
export function partsOf(
  site: Pick<Site, ReferredPart>,
  to: ReferenceTarget,
): Readonly<Record<Id, { id: Id }>> {
  return isPart(to) ? site[to] : site.brand[to];
}

/** The name of a part that can be pointed at: that of a page is its title; null when it is gone. */
export function partName(site: Site, to: ReferenceTarget, id: Id): string | null {
  const part = partsOf(site, to)[id] as { name?: string; title?: string } | undefined;
  return part ? (part.name ?? part.title ?? null) : null;
}
