import { apply as applyTo, create } from 'mutative';
import type { Site } from '../site/site';
import type { Change, Patch } from './apply';
import type { Footprint } from './overlap';

const isObject = (value: unknown): value is Record<string, unknown> =>
  typeof value === 'object' && value !== null && !Array.isArray(value);

/** What stands at a path of a document; undefined when nothing does. */
function valueAt(site: Site, path: Patch['path']): unknown {
  return path.reduce<unknown>(
    (at, key) => (typeof at === 'object' && at !== null ? (at as Record<string, unknown>)[key] : undefined),
    site,
  );
}

/**
 * A patch as it fits a document that others have changed beside it: an object that was put in whole, or taken away whole, is so entry
 * by entry where more stands in it by now. Two windows may have set a property each for a band of its own.
 */
function refitted(site: Site, patch: Patch, inverse: Footprint['inverse']): Patch[] {
  const { op, path } = patch;
  const standing = valueAt(site, path);
  const key = path.join('\n');
  const before = inverse.find((each) => each.op === 'add' && each.path.join('\n') === key)?.value;
  if (op === 'remove' && isObject(before) && isObject(standing)) {
    const more = Object.keys(standing).some((entry) => !Object.hasOwn(before, entry));
    if (more) return Object.keys(before).map((entry) => ({ op, path: [...path, entry] }));
  }
  if (op === 'add' && isObject(patch.value) && isObject(standing))
    return Object.entries(patch.value).map(([entry, value]) => ({ op, path: [...path, entry], value }));
  return [patch];
}

/**
 * A document after a change that was made on an older state of it, with the patches that really were applied. Throws when the change
 * does not fit: whoever asks has made sure that nobody changed the same places since (overlap.ts).
 */
export function applyRefitted(site: Site, { patches, inverse }: Footprint): Change {
  const fitted = patches.flatMap((patch) => refitted(site, patch, inverse));
  const [next, made, back] = create(site, (draft) => void applyTo(draft, fitted), { enablePatches: true });
  return { site: next, patches: made, inverse: back };
}
