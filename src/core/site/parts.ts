import type { Id } from '../ids/id';
import type { ReferenceTarget } from '../properties/reference';
import type { Site } from './site';

/** What of a site can be pointed at as `to`, by id: a part of its own, or one of its brand. */
export function partsOf(site: Site, to: ReferenceTarget): Readonly<Record<Id, { id: Id }>> {
  return to in site
    ? site[to as keyof Site & ReferenceTarget]
    : site.brand[to as keyof Site['brand'] & ReferenceTarget];
}

/** The name of a part that can be pointed at: that of a page is its title; null when it is gone. */
export function partName(site: Site, to: ReferenceTarget, id: Id): string | null {
  const part = partsOf(site, to)[id] as { name?: string; title?: string } | undefined;
  return part ? (part.name ?? part.title ?? null) : null;
}
