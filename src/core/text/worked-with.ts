import { sameItems } from '../ids/same-items';
import type { Advances, Lineage } from './advances';

/** Which advances something that was worked out of texts holds for: all of a lineage where none was missing, else those that it was worked out with alone. */
export type HoldsFor = Advances | Lineage;

/** What stands for all advances that say the same of what they know. */
export const lineageOf = (advances: Advances): HoldsFor => advances.lineage ?? advances;

/** What was worked out of texts, and which advances it holds for. */
export interface WorkedWith<T> {
  made: T;
  holdsFor: HoldsFor;
}

/** Works something out of texts. */
export function workedWith<T>(advances: Advances, work: () => T): WorkedWith<T> {
  const { lineage } = advances;
  const missed = lineage?.missed;
  const made = work();
  return { made, holdsFor: lineage?.missed === missed ? lineageOf(advances) : advances };
}

/** Whether what was worked out holds for some advances; where a text was missing then, it is missing now in what is worked out of it. */
export function holds(holdsFor: HoldsFor, advances: Advances): boolean {
  if (holdsFor === lineageOf(advances)) return true;
  if (holdsFor !== advances) return false;
  advances.lineage!.missed += 1;
  return true;
}

/** Works something out of an object with texts, and keeps it as long as it holds for the advances at hand and all else that it is made of is the very same. */
export function keptWithTexts<Of extends object, T>(): (
  of: Of,
  advances: Advances,
  madeOf: readonly unknown[],
  work: () => T,
) => T {
  const known = new WeakMap<Of, WorkedWith<T> & { madeOf: readonly unknown[] }>();
  return (of, advances, madeOf, work) => {
    const kept = known.get(of);
    if (kept && sameItems(kept.madeOf, madeOf) && holds(kept.holdsFor, advances)) return kept.made;
    const worked = workedWith(advances, work);
    known.set(of, { madeOf, ...worked });
    return worked.made;
  };
}
