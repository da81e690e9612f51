import type { Patch } from './apply';
import type { Footprint } from './overlap';

/** What became of one place over several changes, as JSON; null where there is nothing. */
interface Passage {
  path: Patch['path'];
  before: string | null;
  after: string | null;
  /** The first and the last patch that touched it. */
  first: number;
  last: number;
}

const leaves = (patch: Patch) => (patch.op === 'remove' ? null : JSON.stringify(patch.value));

const inside = (inner: Passage, outer: Passage) =>
  outer.path.length < inner.path.length && outer.path.every((part, index) => part === inner.path[index]);

/**
 * Whether changes, made one after another, leave everything as it was before the first of them. What it cannot tell from the
 * patches alone counts as something: changes of lists, and of what stands in a value that was changed as a whole in between.
 */
export function cameToNothing(changes: readonly Footprint[]): boolean {
  const passages = new Map<string, Passage>();
  let nth = 0;
  for (const { patches, inverse } of changes) {
    const back = new Map(inverse.map((patch) => [JSON.stringify(patch.path), patch]));
    for (const patch of patches) {
      const { path } = patch;
      const place = JSON.stringify(path);
      const taken = back.get(place);
      if (!taken || path.some((part) => typeof part === 'number' || part === 'length')) return false;
      const known = passages.get(place) ?? { path, before: leaves(taken), first: nth };
      passages.set(place, { ...known, after: leaves(patch), last: nth });
      nth += 1;
    }
  }
  const all = [...passages.values()];
  return all.every((passage) => {
    const outer = all.find((each) => inside(passage, each));
    return outer
      ? outer.first <= passage.first && passage.last <= outer.last
      : passage.before === passage.after;
  });
}
