import type { Patch } from './apply';

/** A patch's place in the document: up to the array when it changes entries of one, whose other entries then shift. */
function territory(patch: Patch): string[] {
  const path = patch.path.map(String);
  const index = patch.path.findIndex((part) => typeof part === 'number' || part === 'length');
  return index < 0 ? path : path.slice(0, index);
}

function within(inner: readonly string[], outer: readonly string[]): boolean {
  return outer.length <= inner.length && outer.every((part, index) => part === inner[index]);
}

/** The first place that both changes touch, as a path such as `menus.m1.items.i2.label`; null when they touch none in common. */
export function overlap(mine: readonly Patch[], theirs: readonly Patch[]): string | null {
  const taken = theirs.map(territory);
  for (const patch of mine) {
    const place = territory(patch);
    const other = taken.find((each) => within(each, place) || within(place, each));
    if (other) return (other.length > place.length ? other : place).join('.');
  }
  return null;
}
