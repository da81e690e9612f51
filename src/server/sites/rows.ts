import { partKinds, type PartKind, type Site } from '@/core/site/site';

/** A part of a site as a row: its kind, its id and its body. */
export interface PartRow {
  kind: PartKind;
  id: string;
  body: unknown;
}

/** What of a site is kept in its own row. */
export function rootOf(site: Site): Partial<Site> {
  return Object.fromEntries(
    Object.entries(site).filter(([key]) => !(partKinds as readonly string[]).includes(key)),
  );
}

/** The site that a root and rows make; not validated. */
export function assembleSite(root: object, rows: readonly PartRow[]): Record<string, unknown> {
  const of = (kind: PartKind) => rows.filter((row) => row.kind === kind).map(({ id, body }) => [id, body]);
  return { ...root, ...Object.fromEntries(partKinds.map((kind) => [kind, Object.fromEntries(of(kind))])) };
}

/** Every part of a site as a row. */
export function rowsOf(site: Site): PartRow[] {
  return partKinds.flatMap((kind) => Object.entries(site[kind]).map(([id, body]) => ({ kind, id, body })));
}

export interface RowChanges {
  root: boolean;
  write: PartRow[];
  remove: Omit<PartRow, 'body'>[];
}

/** The rows that differ between two states; unchanged parts are the same objects in both. */
export function rowChanges(before: Site, after: Site): RowChanges {
  const write = rowsOf(after).filter(({ kind, id, body }) => before[kind][id] !== body);
  const remove = rowsOf(before).filter(({ kind, id }) => !Object.hasOwn(after[kind], id));
  const rootBefore = rootOf(before) as Record<string, unknown>;
  const root = Object.entries(rootOf(after)).some(([key, value]) => rootBefore[key] !== value);
  return { root, write, remove };
}
