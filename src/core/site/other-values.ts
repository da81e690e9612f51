import { assemblyKinds, type AssemblyKind } from '../properties/assembly-kind';
import type { Id } from '../ids/id';
import { sameBut } from '../ids/same-but';
import type { Assembly } from './assembly';
import type { Site } from './site';

/** The entries of a record that are other than before; null where there are others, or they differ in more than what is named. */
export function otherIn<T extends object>(
  before: Readonly<Record<Id, T>>,
  after: Readonly<Record<Id, T>>,
  ...named: readonly (keyof T)[]
): Id[] | null {
  if (before === after) return [];
  const ids = Object.keys(after);
  if (ids.length !== Object.keys(before).length) return null;
  const changed = ids.filter((id) => before[id] !== after[id]);
  return changed.every((id) => before[id] && sameBut(before[id], after[id]!, ...named)) ? changed : null;
}

/** An assembly in which bars and pieces have other values. */
export interface Revalued {
  kind: AssemblyKind;
  was: Assembly;
  is: Assembly;
  bars: readonly Id[];
  pieces: readonly Id[];
}

/** What has other values in the assemblies of a site; null where anything else has changed in it, but for what is named. */
export function revalued(before: Site, after: Site, ...named: readonly (keyof Site)[]): Revalued[] | null {
  if (!sameBut(before, after, ...assemblyKinds, ...named)) return null;
  const all: Revalued[] = [];
  for (const kind of assemblyKinds) {
    const ids = otherIn(before[kind], after[kind], 'bars', 'pieces');
    if (ids === null) return null;
    for (const id of ids) {
      const [was, is] = [before[kind][id]!, after[kind][id]!];
      const bars = otherIn(was.bars, is.bars, 'values');
      const pieces = otherIn(was.pieces, is.pieces, 'values');
      if (bars === null || pieces === null) return null;
      all.push({ kind, was, is, bars, pieces });
    }
  }
  return all;
}
