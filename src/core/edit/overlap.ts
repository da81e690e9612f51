import type { Patch } from './apply';

/** A change with what takes it back. */
export interface Footprint {
  patches: readonly Patch[];
  inverse: readonly Patch[];
}

type Path = readonly string[];

const isObject = (value: unknown): value is object =>
  typeof value === 'object' && value !== null && !Array.isArray(value);

/** A patch's place in the document: up to the array when it changes entries of one, whose other entries then shift. */
function placeOf({ path }: Patch): Path {
  const index = path.findIndex((part) => typeof part === 'number' || part === 'length');
  return (index < 0 ? path : path.slice(0, index)).map(String);
}

/**
 * The places that a change touches. Where an object was put that was not there, or one taken away, these are its entries: two windows
 * may each be the first to give a property a value for a band.
 */
function territories({ patches, inverse }: Footprint): Path[] {
  const contents = (patch: Patch): unknown => {
    if (patch.op === 'add') return patch.value;
    if (patch.op !== 'remove') return null;
    const key = patch.path.join('\n');
    return inverse.find((each) => each.op === 'add' && each.path.join('\n') === key)?.value;
  };
  return patches.flatMap((patch) => {
    const place = placeOf(patch);
    const held = place.length === patch.path.length ? contents(patch) : null;
    return isObject(held) && Object.keys(held).length > 0
      ? Object.keys(held).map((key) => [...place, key])
      : [place];
  });
}

function within(inner: Path, outer: Path): boolean {
  return outer.length <= inner.length && outer.every((part, index) => part === inner[index]);
}

/** The first of several changes that touches a place which another one touches too; null where none does. */
export function overlap<F extends Footprint>(mine: Footprint, others: readonly F[]): F | null {
  const places = territories(mine);
  const meets = (other: F) =>
    territories(other).some((each) => places.some((place) => within(each, place) || within(place, each)));
  return others.find(meets) ?? null;
}
