import { sameData } from '../ids/same-data';
import { create } from 'mutative';
import { partKinds, type Site } from '../site/site';
import type { Change } from './apply';

/** Makes a record hold what another holds, entry by entry; what says the same stays the same object. */
function fill(record: Record<string, unknown>, wanted: Record<string, unknown>): void {
  for (const key of Object.keys(record)) if (!Object.hasOwn(wanted, key)) delete record[key];
  for (const [key, value] of Object.entries(wanted)) if (!sameData(record[key], value)) record[key] = value;
}

/** A site that says what another state of it says, as one change; it keeps its id. */
export function turnedInto(site: Site, wanted: Site): Change {
  const [draft, finish] = create(site, { enablePatches: true });
  for (const kind of partKinds) fill(draft[kind], wanted[kind]);
  const drafted = draft as unknown as Record<string, unknown>;
  const own: readonly string[] = ['id', ...partKinds];
  for (const [key, value] of Object.entries(wanted))
    if (!own.includes(key) && !sameData(drafted[key], value)) drafted[key] = value;
  const [next, patches, inverse] = finish();
  return { site: next, patches, inverse };
}
