/** Makes something of two objects and what is around them, once for each pair of objects as long as both are there. */
export function ofTwo<Site, Of extends object, More extends unknown[], T>(
  pairOf: (site: Site, of: Of) => readonly [object, object],
  make: (site: Site, of: Of, ...more: More) => T,
) {
  const known = new WeakMap<object, WeakMap<object, { made: T }>>();
  return (site: Site, of: Of, ...more: More): T => {
    const [one, other] = pairOf(site, of);
    const kept = known.get(one) ?? new WeakMap<object, { made: T }>();
    known.set(one, kept);
    const found = kept.get(other) ?? { made: make(site, of, ...more) };
    kept.set(other, found);
    return found.made;
  };
}
