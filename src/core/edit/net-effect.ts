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

/** A value with what stands at a path in it set, or taken away where it is null; all of it as JSON. Null where the path leads nowhere. */
function withInside(value: string | null, path: Patch['path'], set: string | null): string | null {
  if (value === null) return null;
  const whole = JSON.parse(value) as Record<string, unknown>;
  let at: unknown = whole;
  for (const part of path.slice(0, -1)) at = (at as Record<string, unknown> | undefined)?.[part];
  if (typeof at !== 'object' || at === null) return null;
  const last = path.at(-1)!;
  if (set === null) delete (at as Record<string, unknown>)[last];
  else (at as Record<string, unknown>)[last] = JSON.parse(set) as unknown;
  return JSON.stringify(whole);
}

/** Whether a place is as it was, with what was changed in it before the whole of it was, and after that. */
function asBefore(outer: Passage, inner: readonly Passage[]): boolean {
  // Which of several that stand in each other came last is not told from their first and last changes alone.
  const nested = inner.some((each) => inner.some((other) => inside(each, other)));
  if (nested)
    return (
      outer.before === outer.after &&
      inner.every(({ first, last }) => outer.first <= first && last <= outer.last)
    );
  const within = ({ path }: Passage) => path.slice(outer.path.length);
  const before = inner
    .filter(({ first }) => first < outer.first)
    .reduce((value, each) => withInside(value, within(each), each.before), outer.before);
  const after = inner
    .filter(({ last }) => last > outer.last)
    .reduce((value, each) => withInside(value, within(each), each.after), outer.after);
  const lost = (value: string | null, from: string | null) => value === null && from !== null;
  return before === after && !lost(before, outer.before) && !lost(after, outer.after);
}

/**
 * Whether changes, made one after another, leave everything as it was before the first of them. What it cannot tell from the
 * patches alone counts as something: changes of lists, and of what stands in a value in a value that was changed as a whole in between.
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
  const outermost = all.filter((passage) => !all.some((each) => inside(passage, each)));
  return outermost.every((passage) =>
    asBefore(
      passage,
      all.filter((each) => inside(each, passage)),
    ),
  );
}
