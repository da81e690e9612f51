import type { Assembly } from './assembly';
import type { Menu } from './menu';
import type { Site } from './site';

const known = new WeakMap<Site, readonly unknown[]>();

type Named = Readonly<Record<string, Assembly | Menu>>;
const calledOf = new WeakMap<Named, string>();

/** Which assemblies or menus there are, and what they are called, as one text: what leads to a drawer or shows a menu may be named by it. */
export function called(all: Named): string {
  const known = calledOf.get(all);
  if (known !== undefined) return known;
  const made = JSON.stringify(Object.values(all).map(({ id, name }) => [id, name]));
  calledOf.set(all, made);
  return made;
}

/**
 * All of a site but its assemblies, of which no more is told than which there are and what they are called: what is worked out of one
 * assembly is the same as long as it and these are.
 */
export function surroundingsOf(site: Site): readonly unknown[] {
  const kept = known.get(site);
  if (kept) return kept;
  const { headers, drawers, footers } = site;
  const apart: readonly unknown[] = [headers, drawers, footers, site.accepted];
  const all = [
    ...Object.values(site).filter((part) => !apart.includes(part)),
    ...[headers, drawers, footers].map(called),
  ];
  known.set(site, all);
  return all;
}
