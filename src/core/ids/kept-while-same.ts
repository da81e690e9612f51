import { sameItems } from './same-items';

/** Makes something of an object, and keeps it as long as all else that it is made of is the very same. */
export function keptWhileSame<Of extends object, T>(): (
  of: Of,
  madeOf: readonly unknown[],
  make: () => T,
) => T {
  const known = new WeakMap<Of, { madeOf: readonly unknown[]; made: T }>();
  return (of, madeOf, make) => {
    const kept = known.get(of);
    if (kept && sameItems(kept.madeOf, madeOf)) return kept.made;
    const made = make();
    known.set(of, { madeOf, made });
    return made;
  };
}
