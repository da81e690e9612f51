import { and, asc, desc, eq, gt, lt, sql } from 'drizzle-orm';
import type { Patch } from '@/core/edit/apply';
import { advance, newHistory, type History, type Owner, type Step } from '@/core/edit/history';
import type { Problem } from '@/core/site/problem';
import type { PartKind, Site } from '@/core/site/site';
import { readDocument } from '@/core/site/soundness';
import { upgraded, versionProblem } from '@/core/site/upgrades';
import type { Db } from '../db/open';
import { parts, revisions, sites } from '../db/schema';
import { keepPoint } from './points';
import { assembleSite, rootOf, rowChanges, rowsOf, type PartRow, type RowChanges } from './rows';
import { UnreadableSite } from './unreadable';

/** A site as it stands. */
export interface StoredSite {
  site: Site;
  revision: number;
}
export type TitledStep = Step & { title: string };

/** A step as it is written, with its patches. */
export interface StepRecord extends TitledStep {
  /** The id of the request that brought it; null where none did. */
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

/** A site as it is kept in memory: the steps are one list that grows, and each owner's history goes on from where it was. */
interface Remembered extends StoredSite {
  steps: TitledStep[];
  histories: Map<string, { history: History<TitledStep>; seen: number }>;
}

/** The most windows whose histories are kept at hand; others are told anew from the steps. */
const MOST_HISTORIES = 50;

/** One for the whole process: screens and answers are bundled apart, and each would remember a state of its own. */
const shared = globalThis as { gableStores?: WeakMap<Db, Map<string, Remembered>> };
const stores = (shared.gableStores ??= new WeakMap());

/** The sites of this database that were read already. */
function cacheOf(db: Db): Map<string, Remembered> {
  const cache = stores.get(db) ?? new Map<string, Remembered>();
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

/** A document as its rows have it, whatever they hold: rows that are no JSON stand in it as texts and are named as problems. */
export interface StoredDocument {
  id: string;
  name: string;
  revision: number;
  document: Record<string, unknown>;
  rows: Omit<PartRow, 'body'>[];
  problems: Problem[];
}

/** What the rows of a site hold, not validated; null when there is no such site. */
export function storedDocument(db: Db, id: string): StoredDocument | null {
  const { name, revision } = sites;
  const row = db
    .select({ name, revision, root: sql<string>`${sites.root}` })
    .from(sites)
    .where(eq(sites.id, id))
    .get();
  if (!row) return null;
  const problems: Problem[] = [];
  const parsed = (text: string, path: string): unknown => {
    try {
      return JSON.parse(text);
    } catch {
      problems.push({ path, reason: 'is broken in the database: what stands there is no JSON' });
      return text;
    }
  };
  const rows = db
    .select({ kind: sql<PartKind>`${parts.kind}`, id: parts.id, body: sql<string>`${parts.body}` })
    .from(parts)
    .where(eq(parts.site, id))
    .orderBy(sql`rowid`)
    .all()
    .map((part) => ({ ...part, body: parsed(part.body, `${part.kind}.${part.id}`) }));
  const root = parsed(row.root, 'root');
  return {
    id,
    name: row.name,
    revision: row.revision,
    document: assembleSite(typeof root === 'object' && root !== null ? root : {}, rows),
    rows: rows.map(({ kind, id: part }) => ({ kind, id: part })),
    problems,
  };
}

/** The document of this version that a stored one is, or what is wrong with it. */
export function readStored(document: Record<string, unknown>) {
  const version = versionProblem(document.version);
  if (version) return { ok: false as const, problems: [version] };
  try {
    return readDocument(upgraded(document));
  } catch (error) {
    const reason = `does not have the form of its version: ${(error as Error).message}`;
    return { ok: false as const, problems: [{ path: 'version', reason }] };
  }
}

function readSite(db: Db, id: string): Remembered | null {
  const stored = storedDocument(db, id);
  if (!stored) return null;
  const { name, revision, document, problems } = stored;
  const reading = problems.length > 0 ? { ok: false as const, problems } : readStored(document);
  if (!reading.ok) throw new UnreadableSite({ id, name }, reading.problems);
  const { kind, of, group, window, title } = revisions;
  const steps = db
    .select({ revision: revisions.revision, kind, of, group, window, title })
    .from(revisions)
    .where(eq(revisions.site, id))
    .orderBy(asc(revisions.revision))
    .all();
  const read: Remembered = { site: reading.site, revision, steps, histories: new Map() };
  if (reading.site.version === document.version) return read;
  const earlier = `Before version ${reading.site.version}`;
  keepPoint(db, { site: id, document, name: earlier, made: 'upgrade', revision }, new Date());
  return keepUpgraded(db, read, stored.rows);
}

/** Writes a site that was brought to the form of this version, so that what is edited next stands among parts of the same form. */
function keepUpgraded(db: Db, read: Remembered, rows: StoredDocument['rows']): Remembered {
  const { site, revision } = read;
  const upgrade: StepRecord = {
    revision: revision + 1,
    kind: 'upgrade',
    of: null,
    group: null,
    batch: null,
    window: null,
    title: 'Bring the site to the form of this version',
    patches: [{ op: 'replace', path: [], value: site }],
    inverse: [],
  };
  // Everything is written, and what no longer belongs to the site goes.
  const remove = rows.filter(({ kind, id }) => !Object.hasOwn(site[kind] ?? {}, id));
  return write(db, read, site, [upgrade], { root: true, write: rowsOf(site), remove }, new Date());
}

/** A site as it stands; null when there is none with this id. Throws `UnreadableSite` when its rows cannot be read. */
export function loadSite(db: Db, id: string): StoredSite | null {
  return remembered(db, id);
}

function remembered(db: Db, id: string): Remembered | null {
  const cache = cacheOf(db);
  const known = cache.get(id);
  if (known) return known;
  const read = readSite(db, id);
  if (read) cache.set(id, read);
  return read;
}

/** What a window has done in a site, told on from where it was told last. */
export function historyOf(db: Db, id: string, owner: Owner): History<TitledStep> {
  const { steps, histories } = remembered(db, id)!;
  const key = `${owner.from} ${owner.window}`;
  const kept = histories.get(key) ?? { history: newHistory<TitledStep>(), seen: 0 };
  for (; kept.seen < steps.length; kept.seen += 1) advance(kept.history, steps[kept.seen]!, owner);
  // The one that was asked for last is the last to go.
  histories.delete(key);
  histories.set(key, kept);
  if (histories.size > MOST_HISTORIES) histories.delete(histories.keys().next().value!);
  return kept.history;
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
  const gone = db.delete(sites).where(eq(sites.id, id)).run().changes > 0;
  cacheOf(db).delete(id);
  return gone;
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

function write(
  db: Db,
  stored: Remembered,
  next: Site,
  steps: readonly StepRecord[],
  changes: RowChanges,
  now: Date,
): Remembered {
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
  // Only what is on disk is remembered.
  stored.steps.push(...steps.map(withoutPatches));
  const saved = { ...stored, site: next, revision };
  cacheOf(db).set(next.id, saved);
  return saved;
}

/** Writes the next state of a site and the steps that led there, in one transaction. */
export function saveSteps(db: Db, next: Site, steps: readonly StepRecord[], now: Date): StoredSite {
  const stored = remembered(db, next.id)!;
  return write(db, stored, next, steps, rowChanges(stored.site, next), now);
}

function withoutPatches({ revision, kind, of, group, window, title }: StepRecord): TitledStep {
  return { revision, kind, of, group, window, title };
}

/** What was done after a revision, in order. */
export function stepsSince(db: Db, id: string, since: number): StepRecord[] {
  return db
    .select()
    .from(revisions)
    .where(and(eq(revisions.site, id), gt(revisions.revision, since)))
    .orderBy(asc(revisions.revision))
    .all() as unknown as StepRecord[];
}

/** Whether a request was carried out already, however long ago. */
export function isCarriedOut(db: Db, id: string, batch: string): boolean {
  return (
    db
      .select({ revision: revisions.revision })
      .from(revisions)
      .where(and(eq(revisions.site, id), eq(revisions.batch, batch)))
      .get() !== undefined
  );
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

/** What was done before a revision, without its patches, the latest first; at most so many. */
export function titledStepsBefore(
  db: Db,
  id: string,
  before: number,
  most: number,
): (Pick<StepRecord, 'revision' | 'kind' | 'title' | 'group'> & { at: Date })[] {
  const { revision, kind, title, group, at, site } = revisions;
  return db
    .select({ revision, kind, title, group, at })
    .from(revisions)
    .where(and(eq(site, id), lt(revision, before)))
    .orderBy(desc(revision))
    .limit(most)
    .all();
}

/** All that was done, the latest first, read one by one. */
export function* stepsBefore(db: Db, id: string): Generator<StepRecord> {
  for (let at = Infinity; ;) {
    const step = db
      .select()
      .from(revisions)
      .where(and(eq(revisions.site, id), at === Infinity ? undefined : lt(revisions.revision, at)))
      .orderBy(desc(revisions.revision))
      .limit(1)
      .get();
    if (!step) return;
    at = step.revision;
    yield step as unknown as StepRecord;
  }
}
