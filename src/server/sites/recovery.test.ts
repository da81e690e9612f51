import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { afterEach, beforeEach, expect, test } from '@jest/globals';
import { and, eq } from 'drizzle-orm';
import { readSiteFile } from '@/core/formats/site-file';
import type { Edit } from '@/core/edit';
import { newSite } from '@/core/site/defaults';
import { countedIds, sampleSite } from '@/core/site/sample.test-data';
import { SITE_VERSION } from '@/core/site/site';
import { openDatabase, type Db } from '../db/open';
import { parts, revisions, sites } from '../db/schema';
import { failureOf } from '../failures';
import { commitEdits } from './commit';
import { recoverSite } from './recovery';
import { siteFileOf } from './site-file';
import { insertSite, listSites, loadSite } from './store';

const now = new Date('2026-03-02T10:00:00Z');
let folder: string;
let db: Db;
let id: string;

beforeEach(() => {
  folder = mkdtempSync(path.join(tmpdir(), 'gable-ridge-recovery-'));
  db = openDatabase(folder);
  const site = sampleSite();
  id = site.id;
  insertSite(db, site, now);
  insertSite(db, { ...newSite('Other', countedIds()), id: 'other' }, now);
});
afterEach(() => rmSync(folder, { recursive: true, force: true }));

const reopened = () => openDatabase(folder);
const owner = { window: 'me', from: 0 };

function commit(base: number, edits: Edit[]) {
  const outcome = commitEdits(db, id, { base, edits, group: null, batch: `b${base}`, owner }, now);
  if (!outcome.ok) throw new Error(outcome.reason);
}

const rename = (name: string): Edit => ({ edit: 'renameSite', name });

/** What an older version acknowledged and the schema does not read: nine rules in a bar, put in with the patches that say so. */
function nineRules() {
  const { body } = db
    .select()
    .from(parts)
    .where(and(eq(parts.site, id), eq(parts.id, 'h')))
    .get()!;
  const header = body as { bars: { b: { rules?: object[] } } };
  const rules = Array.from({ length: 9 }, (_, index) => ({
    id: `r${index}`,
    when: { by: 'browser' },
    turns: [],
  }));
  header.bars.b.rules = rules;
  db.update(parts)
    .set({ body: header })
    .where(and(eq(parts.site, id), eq(parts.id, 'h')))
    .run();
  const { revision } = db.select().from(sites).where(eq(sites.id, id)).get()!;
  const at = ['headers', 'h', 'bars', 'b', 'rules'];
  db.insert(revisions)
    .values({
      site: id,
      revision: revision + 1,
      kind: 'edit',
      of: null,
      group: null,
      batch: null,
      window: null,
      title: 'Set a collapse rule',
      patches: [{ op: 'add', path: at, value: rules }],
      inverse: [{ op: 'remove', path: at }],
      at: now,
    })
    .run();
  db.update(sites)
    .set({ revision: revision + 1 })
    .where(eq(sites.id, id))
    .run();
}

function reasonOf(from: Db): string {
  try {
    loadSite(from, id);
    return 'read';
  } catch (error) {
    return failureOf(error).reason;
  }
}

test('a site that cannot be read says where and why, and other sites go on', () => {
  nineRules();
  expect(reasonOf(reopened())).toContain('headers.h.bars.b.rules: A bar has at most 8 rules');
  expect(loadSite(reopened(), 'other')!.site.name).toBe('Other');
  expect(listSites(reopened())).toHaveLength(2);
});

test('it is exported as it stands, and its last readable revision is opened beside it', async () => {
  commit(0, [rename('Before')]);
  nineRules();
  const next = reopened();
  const file = [...siteFileOf(next, id)!.text].join('');
  expect(JSON.parse(file).site.headers.h.bars.b.rules).toHaveLength(9);
  expect(readSiteFile(file)).toMatchObject({ ok: false });
  const recovered = await recoverSite(next, id, now);
  expect(recovered).toMatchObject({ ok: true, revision: 1 });
  const { site } = loadSite(reopened(), (recovered as { id: string }).id)!;
  expect(site.name).toBe('Before (revision 1)');
  expect(site.headers.h!.bars.b!.rules).toBeUndefined();
  expect(listSites(next)).toHaveLength(3);
});

test('a row that is no JSON is named, written as it stands, and leaves nothing to go back to', async () => {
  db.$client.prepare('update parts set body = ? where site = ? and id = ?').run('{"id": "h", "na', id, 'h');
  const next = reopened();
  expect(reasonOf(next)).toContain('headers.h: is broken in the database');
  expect(JSON.parse([...siteFileOf(next, id)!.text].join('')).site.headers.h).toBe('{"id": "h", "na');
  expect(await recoverSite(next, id, now)).toMatchObject({
    ok: false,
    reason: expect.stringContaining('Download it as it stands'),
  });
});

test('a document of a newer version is not touched, and says what to do', () => {
  const { root } = db.select().from(sites).where(eq(sites.id, id)).get()!;
  db.update(sites)
    .set({ root: { ...(root as object), version: SITE_VERSION + 1 } })
    .where(eq(sites.id, id))
    .run();
  expect(reasonOf(reopened())).toContain('written by a newer Gable Ridge');
});

test('what an upgrade no longer holds leaves no row behind', () => {
  const { root } = db.select().from(sites).where(eq(sites.id, id)).get()!;
  db.update(sites)
    .set({ root: { ...(root as object), version: 2 } })
    .where(eq(sites.id, id))
    .run();
  db.insert(parts)
    .values({ site: id, kind: 'widgets', id: 'w', body: { id: 'w' } })
    .run();
  expect(loadSite(reopened(), id)!.site.version).toBe(SITE_VERSION);
  expect(db.select().from(parts).where(eq(parts.kind, 'widgets')).all()).toEqual([]);
});

test('what cannot be stored is not acknowledged, and says why; it is stored when it can be', () => {
  const pages = db.$client.pragma('page_count', { simple: true }) as number;
  const large = Array.from({ length: 60 }, (_, index) => ({
    id: `p${index}`,
    title: 'x'.repeat(100),
    path: `/p${index}`,
    parent: null,
    titles: {},
    tags: [],
  }));
  const fill = () => commit(0, [{ edit: 'addPages', pages: large }]);
  const failing = (): string => {
    try {
      fill();
      return 'stored';
    } catch (error) {
      const { status, reason, more } = failureOf(error);
      return `${status} ${JSON.stringify(more)} ${reason}`;
    }
  };
  db.$client.pragma(`max_page_count = ${pages}`);
  expect(failing()).toMatch(/^503 \{"later":true\} The disk is full/);
  db.$client.pragma('max_page_count = 1000000');
  db.$client.pragma('query_only = 1');
  expect(failing()).toMatch(/^503 \{"later":true\} The data folder cannot be written to/);
  db.$client.pragma('query_only = 0');
  const other = openDatabase(folder);
  other.$client.exec('BEGIN IMMEDIATE');
  expect(failing()).toMatch(/^503 \{"later":true\} Another program holds the database/);
  other.$client.exec('ROLLBACK');
  expect(loadSite(db, id)!.revision).toBe(0);
  expect(loadSite(reopened(), id)!.revision).toBe(0);
  fill();
  expect(loadSite(reopened(), id)!.site.pageOrder).toHaveLength(63);
});
