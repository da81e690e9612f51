import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { afterEach, beforeEach, expect, test } from '@jest/globals';
import { eq } from 'drizzle-orm';
import type { Edit } from '@/core/edit';
import { sampleSite } from '@/core/site/sample.test-data';
import { SITE_VERSION } from '@/core/site/site';
import { openDatabase, type Db } from '../db/open';
import { objects, savedPoints, sites } from '../db/schema';
import { sweepObjects } from '../objects/objects';
import { commitEdits, commitHistory } from './commit';
import { commitReturn } from './commit-return';
import { addressedSite, siteAtPoint } from './point-documents';
import { keepPoint, listPoints, removePoint } from './points';
import { deleteSite, insertSite, loadSite } from './store';

const now = new Date('2026-03-02T10:00:00Z');
const me = { window: 'me', from: 0 };
let folder: string;
let db: Db;
let id: string;

beforeEach(() => {
  folder = mkdtempSync(path.join(tmpdir(), 'gable-ridge-points-'));
  db = openDatabase(folder);
  id = sampleSite().id;
  insertSite(db, sampleSite(), now);
});
afterEach(() => rmSync(folder, { recursive: true, force: true }));

const rename = (name: string): Edit => ({ edit: 'renameSite', name });
const edits: Edit[] = [
  rename('Tern Head'),
  { edit: 'removeItems', menu: 'm', items: ['i2'] },
  { edit: 'setAddress', address: 'https://terns.example' },
];

let batches = 0;
const request = (base: number) => ({ base, batch: `b${(batches += 1)}`, owner: me });
const commit = (base: number, list: Edit[], point: string | null = null) =>
  commitEdits(db, id, { ...request(base), edits: list, group: null, point }, now);
const keep = (name: string) => {
  const { site, revision } = loadSite(db, id)!;
  return keepPoint(db, { site: id, document: site, name, made: 'byHand', revision }, now);
};

test('going back is one edit, after which the site is as it was; undo takes it back, redo does it again', () => {
  const before = loadSite(db, id)!.site;
  const point = keep('As agreed');
  commit(0, edits);
  const changed = loadSite(db, id)!.site;
  const returned = commitReturn(db, id, { ...request(1), point: point.id }, now);
  expect(returned).toMatchObject({ ok: true, standing: { revision: 2, undo: 'Go back to “As agreed”' } });
  expect(loadSite(db, id)!.site).toEqual(before);
  expect(loadSite(openDatabase(folder), id)!.site).toEqual(before);
  commitHistory(db, id, { ...request(2), kind: 'undo' }, now);
  expect(loadSite(db, id)!.site).toEqual(changed);
  commitHistory(db, id, { ...request(3), kind: 'redo' }, now);
  expect(loadSite(openDatabase(folder), id)!.site).toEqual(before);
});

test('going back to what is there changes nothing', () => {
  const point = keep('Now');
  expect(commitReturn(db, id, { ...request(0), point: point.id }, now)).toMatchObject({
    ok: true,
    standing: { revision: 0 },
  });
});

test('going back over what another window did is refused, and so is a point that is gone', () => {
  const point = keep('As agreed');
  commit(0, edits);
  expect(commitReturn(db, id, { ...request(0), point: point.id }, now)).toMatchObject({
    ok: false,
    status: 409,
    reason: expect.stringContaining('Another window changed the site'),
  });
  removePoint(db, id, point.id);
  expect(commitReturn(db, id, { ...request(1), point: point.id }, now)).toMatchObject({
    ok: false,
    reason: 'This saved point is no longer there.',
  });
  expect(loadSite(db, id)!.revision).toBe(1);
});

test('an import makes a saved point before it, and none where it changes nothing or is refused', () => {
  commit(0, [rename('Tern Head')], 'Before reading a menu');
  commit(1, [rename('Tern Head')], 'Before nothing');
  commit(1, [{ edit: 'removeMenu', menu: 'gone' }], 'Before a mistake');
  expect(listPoints(db, id)).toMatchObject([{ name: 'Before reading a menu', made: 'import', revision: 0 }]);
  expect(siteAtPoint(db, id, listPoints(db, id)[0]!.id)!.name).toBe('Tern Point');
});

test('an upgrade makes a saved point of the site in its old form, which is read in the new one', () => {
  const root = { ...(db.select().from(sites).get()!.root as Record<string, unknown>) };
  delete root.embeds;
  const placing = { header: 'h', footer: null };
  db.update(sites)
    .set({ root: { ...root, placing, version: 6 } })
    .run();
  const again = openDatabase(folder);
  expect(loadSite(again, id)!.site.version).toBe(SITE_VERSION);
  const [point] = listPoints(again, id);
  expect(point).toMatchObject({ made: 'upgrade', revision: 0, name: `Before version ${SITE_VERSION}` });
  expect(siteAtPoint(again, id, point!.id)!.version).toBe(SITE_VERSION);
});

test('the same document is kept once, and goes with the last point that has it', () => {
  const [one, two] = [keep('One'), keep('Two')];
  const count = () => db.select().from(objects).all().length;
  expect(count()).toBe(1);
  removePoint(db, id, one.id);
  sweepObjects(db);
  expect(count()).toBe(1);
  removePoint(db, id, two.id);
  sweepObjects(db);
  expect(count()).toBe(0);
});

test('an address names the site as it stands or as it was', () => {
  const point = keep('As agreed');
  commit(0, [rename('Tern Head')]);
  expect(addressedSite(db, id)!.name).toBe('Tern Head');
  expect(addressedSite(db, `${id}~${point.id}`)!.name).toBe('Tern Point');
  expect(addressedSite(db, `${id}~gone`)).toBeNull();
});

test('the saved points of a site go with it', () => {
  keep('As agreed');
  deleteSite(db, id);
  expect(db.select().from(savedPoints).where(eq(savedPoints.site, id)).all()).toEqual([]);
});
