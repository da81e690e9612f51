import { and, asc, desc, eq, sql } from 'drizzle-orm';
import * as v from 'valibot';
import type { Patch } from '@/core/edit/apply';
import type { Step } from '@/core/edit/history';
import { integrityProblems } from '@/core/site/integrity';
import { problemsOf, problemText } from '@/core/site/problem';
import { partKinds, siteSchema, type PartKind, type Site } from '@/core/site/site';
import { upgraded } from '@/core/site/upgrades';
import type { Db } from '../db/open';
import { parts, revisions, sites } from '../db/schema';
import { assembleSite, rootOf, rowChanges, rowsOf, type PartRow, type RowChanges } from './rows';

/** A site as it stands, with all that was done to it. */
export interface StoredSite {
  site: Site;
  revision: number;
  steps: readonly TitledStep[];
}
export type TitledStep = Step & { title: string };

/** A step as it is written, with its patches. */
export interface StepRecord extends TitledStep {
  /** The id of the request that brought an edit; null for undo and redo. */
  batch: string | null;
  patches: readonly Patch[];
  inverse: readonly Patch[];
}

export interface SiteSummary {
  id: string;
  name: string;
  updatedAt: Date;
  pages: number;
  headers: number;
}

const stores = new WeakMap<Db, Map<string, StoredSite>>();

/** The sites of this database that were read already. */
function cacheOf(db: Db): Map<string, StoredSite> {
  const cache = stores.get(db) ?? new Map<string, StoredSite>();
  stores.set(db, cache);
  return cache;
}

function countOf(kind: PartKind) {
  // Columns of a query over one table are written without its name, which would be taken for the inner table's.
  return sql<number>`(select count(*) from parts where parts.site = sites.id and parts.kind = ${kind})`;
}

/** Every site, the last changed first. */
export function listSites(db: Db): SiteSummary[] {
  return db
    .select({
      id: sites.id,
      name: sites.name,
      updatedAt: sites.updatedAt,
      pages: countOf('pages'),
      headers: countOf('headers'),
    })
    .from(sites)
    .orderBy(desc(sites.updatedAt))
    .all();
}

function readSite(db: Db, id: string): StoredSite | null {
  const row = db.select().from(sites).where(eq(sites.id, id)).get();
  if (!row) return null;
  const rows = db
    .select()
    .from(parts)
    .where(eq(parts.site, id))
    .orderBy(sql`rowid`)
    .all() as (PartRow & { site: string })[];
  const assembled = assembleSite(row.root as object, rows) as Record<string, unknown>;
  const current = upgraded(assembled);
  const parsed = v.safeParse(siteSchema, current);
  const problem = parsed.success ? integrityProblems(parsed.output)[0] : problemsOf(parsed.issues)[0];
  if (!parsed.success || problem)
    throw new Error(
      `The site “${row.name}” cannot be read from the database. ${problem ? problemText(problem) : ''}`,
    );
  const steps = db
    .select({
      revision: revisions.revision,
      kind: revisions.kind,
      of: revisions.of,
      group: revisions.group,
      title: revisions.title,
    })
    .from(revisions)
    .where(eq(revisions.site, id))
    .orderBy(asc(revisions.revision))
    .all();
  const read: StoredSite = { site: parsed.output, revision: row.revision, steps };
  return current === assembled ? read : keepUpgraded(db, read);
}

/** Writes a site that was brought to the form of this version, so that what is edited next stands among parts of the same form. */
function keepUpgraded(db: Db, { site, revision, steps }: StoredSite): StoredSite {
  const upgrade: StepRecord = {
    revision: revision + 1,
    kind: 'upgrade',
    of: null,
    group: null,
    batch: null,
    title: 'Bring the site to the form of this version',
    patches: [{ op: 'replace', path: [], value: site }],
    inverse: [],
  };
  const nothing = Object.fromEntries(partKinds.map((kind) => [kind, {}])) as unknown as Site;
  return saveSteps(db, { site: nothing, revision, steps }, site, [upgrade], new Date());
}

/** A site as it stands; null when there is none with this id. Throws when its rows are broken. */
export function loadSite(db: Db, id: string): StoredSite | null {
  const cache = cacheOf(db);
  const known = cache.get(id);
  if (known) return known;
  const read = readSite(db, id);
  if (read) cache.set(id, read);
  return read;
}

/** Writes a new site with all its parts. */
export function insertSite(db: Db, site: Site, now: Date): void {
  db.transaction((tx) => {
    tx.insert(sites)
      .values({
        id: site.id,
        name: site.name,
        revision: 0,
        root: rootOf(site),
        createdAt: now,
        updatedAt: now,
      })
      .run();
    for (const row of rowsOf(site))
      tx.insert(parts)
        .values({ site: site.id, ...row })
        .run();
  });
}

/** Removes a site with all its parts and its history. */
export function deleteSite(db: Db, id: string): boolean {
  cacheOf(db).delete(id);
  return db.delete(sites).where(eq(sites.id, id)).run().changes > 0;
}

function writeRows(tx: Pick<Db, 'insert' | 'delete'>, site: string, changes: RowChanges): void {
  for (const row of changes.write) {
    tx.insert(parts)
      .values({ site, ...row })
      .onConflictDoUpdate({ target: [parts.site, parts.kind, parts.id], set: { body: row.body } })
      .run();
  }
  for (const { kind, id } of changes.remove) {
    tx.delete(parts)
      .where(and(eq(parts.site, site), eq(parts.kind, kind), eq(parts.id, id)))
      .run();
  }
}

/** Writes the next state of a site and the steps that led there, in one transaction. */
export function saveSteps(
  db: Db,
  stored: StoredSite,
  next: Site,
  steps: readonly StepRecord[],
  now: Date,
): StoredSite {
  const changes = rowChanges(stored.site, next);
  const revision = steps.at(-1)!.revision;
  db.transaction((tx) => {
    writeRows(tx, next.id, changes);
    const root = changes.root ? { root: rootOf(next), name: next.name } : {};
    tx.update(sites)
      .set({ revision, updatedAt: now, ...root })
      .where(eq(sites.id, next.id))
      .run();
    for (const step of steps)
      tx.insert(revisions)
        .values({ site: next.id, at: now, ...step })
        .run();
  });
  const saved = { site: next, revision, steps: [...stored.steps, ...steps.map(withoutPatches)] };
  cacheOf(db).set(next.id, saved);
  return saved;
}

function withoutPatches({ revision, kind, of, group, title }: StepRecord): TitledStep {
  return { revision, kind, of, group, title };
}

/** What was done after a revision, in order. */
export function stepsSince(db: Db, id: string, since: number): StepRecord[] {
  return db
    .select()
    .from(revisions)
    .where(and(eq(revisions.site, id), sql`${revisions.revision} > ${since}`))
    .orderBy(asc(revisions.revision))
    .all() as unknown as StepRecord[];
}

/** One step with its patches; throws when there is none. */
export function stepAt(db: Db, id: string, revision: number): StepRecord {
  const step = db
    .select()
    .from(revisions)
    .where(and(eq(revisions.site, id), eq(revisions.revision, revision)))
    .get();
  if (!step) throw new Error(`Site ${id} has no revision ${revision}`);
  return step as unknown as StepRecord;
}
