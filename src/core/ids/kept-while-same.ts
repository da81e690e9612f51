import { sameItems } from './same-items';

/** Makes something of an object, and keeps it as long as all else that it is made of is the very same; for so many choices of that. */
export function keptWhileSame<Of extends object, T>(
  most = 1,
): (of: Of, madeOf: readonly unknown[], make: () => T) => T {
  const known = new WeakMap<Of, readonly { madeOf: readonly unknown[]; made: T }[]>();
  return (of, madeOf, make) => {
    const all = known.get(of) ?? [];
    const kept = all.find((each) => sameItems(each.madeOf, madeOf));
    if (kept) return kept.made;
    const made = make();
    known.set(of, [{ madeOf, made }, ...all.slice(0, most - 1)]);
    return made;
  };
}
