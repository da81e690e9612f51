/** Makes something once for each pair of objects, as long as both are there: `pairOf` tells them of what it is made of. */
export function ofPair<Of extends unknown[], T>(
  make: (...of: Of) => T,
  pairOf: (...of: Of) => readonly [object, object],
): (...of: Of) => T {
  const known = new WeakMap<object, WeakMap<object, { made: T }>>();
  return (...of) => {
    const [one, other] = pairOf(...of);
    const kept = known.get(one) ?? new WeakMap<object, { made: T }>();
    known.set(one, kept);
    const found = kept.get(other) ?? { made: make(...of) };
    kept.set(other, found);
    return found.made;
  };
}
