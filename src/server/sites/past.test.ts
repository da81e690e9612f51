import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { afterEach, beforeEach, expect, test } from '@jest/globals';
import { pastEditText } from '@/core/comparing/past-edit';
import type { Edit } from '@/core/edit';
import { sampleSite } from '@/core/site/sample.test-data';
import { openDatabase, type Db } from '../db/open';
import { commitEdits, commitHistory } from './commit';
import { pastEdits, siteAround } from './past';
import { insertSite, loadSite } from './store';

const now = new Date('2026-03-02T10:00:00Z');
let folder: string;
let db: Db;
let id: string;

beforeEach(() => {
  folder = mkdtempSync(path.join(tmpdir(), 'gable-ridge-past-'));
  db = openDatabase(folder);
  id = sampleSite().id;
  insertSite(db, sampleSite(), now);
});
afterEach(() => rmSync(folder, { recursive: true, force: true }));

let batches = 0;
const request = () => ({
  base: loadSite(db, id)!.revision,
  batch: `b${(batches += 1)}`,
  owner: { window: 'me', from: 0 },
});
const commit = (edit: Edit, group: string | null = null) =>
  commitEdits(db, id, { ...request(), edits: [edit], group }, now);
const rename = (name: string): Edit => ({ edit: 'renameSite', name });
const texts = () => pastEdits(db, id, Infinity).edits.map(pastEditText);

test('what was done is listed the last first, a gesture as one, and steps back by what they took back', () => {
  commit({ edit: 'setAddress', address: 'https://terns.example' });
  for (const name of ['T', 'Te', 'Tern']) commit(rename(name), 'typing');
  commitHistory(db, id, { ...request(), kind: 'undo' }, now);
  const { edits, more } = pastEdits(db, id, Infinity);
  expect(more).toBe(false);
  expect(edits.map(({ kind, from, to }) => [kind, from, to])).toEqual([
    ['undo', 5, 7],
    ['edit', 2, 4],
    ['edit', 1, 1],
  ]);
  expect(texts()[0]).toBe(`Taken back: ${edits[1]!.title}`);
  expect(edits[0]!.at).toBe(now.toISOString());
});

test('more than a list holds is asked for by its last revision', () => {
  for (let count = 1; count <= 70; count += 1) commit(rename(`Tern ${count}`));
  const first = pastEdits(db, id, Infinity);
  expect([first.edits.length, first.more]).toEqual([60, true]);
  const second = pastEdits(db, id, first.edits.at(-1)!.from);
  expect([second.edits.length, second.more]).toEqual([10, false]);
  expect(new Set([...first.edits, ...second.edits].map(({ to }) => to)).size).toBe(70);
});

test('the site before an edit and after it is as it was then', async () => {
  const states = [loadSite(db, id)!.site];
  for (const name of ['One', 'Two', 'Three']) {
    commit(rename(name));
    states.push(loadSite(db, id)!.site);
  }
  for (const revision of [1, 2, 3]) {
    const found = await siteAround(db, id, revision, revision);
    expect(found).toEqual({ ok: true, before: states[revision - 1], after: states[revision] });
  }
  expect(await siteAround(db, id, 1, 3)).toEqual({ ok: true, before: states[0], after: states[3] });
});

test('what is not in the history is said', async () => {
  commit(rename('One'));
  for (const [from, to] of [
    [2, 2],
    [0, 1],
    [1, 0],
  ] as const)
    expect(await siteAround(db, id, from, to)).toMatchObject({ ok: false });
  expect(await siteAround(db, 'nothing', 1, 1)).toBeNull();
});
