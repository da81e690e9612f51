import type { Site } from './site';

const known = new WeakMap<Site, readonly unknown[]>();

/**
 * All of a site but its assemblies, of which no more is told than which there are: what is worked out of one assembly is the same as long
 * as it and these are.
 */
export function surroundingsOf(site: Site): readonly unknown[] {
  const kept = known.get(site);
  if (kept) return kept;
  const { headers, drawers, footers } = site;
  const apart: readonly unknown[] = [headers, drawers, footers, site.accepted];
  const ids = [headers, drawers, footers].map((each) => Object.keys(each).join(' '));
  const all = [...Object.values(site).filter((part) => !apart.includes(part)), ...ids];
  known.set(site, all);
  return all;
}
