import type { Id } from '../ids/id';
import type { Site } from './site';

/** Pages by the one above them, in the order in which they are listed; those at the top stand under null. */
export function pagesByParent(
  { pages }: Pick<Site, 'pages'>,
  listed: readonly Id[],
): ReadonlyMap<Id | null, readonly Id[]> {
  const below = new Map<Id | null, Id[]>();
  for (const id of listed) {
    const { parent } = pages[id]!;
    const siblings = below.get(parent);
    if (siblings) siblings.push(id);
    else below.set(parent, [id]);
  }
  return below;
}
