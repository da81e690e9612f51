import { fork } from 'node:child_process';
import { copyFileSync, mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { afterEach, beforeEach, expect, test } from '@jest/globals';
import Database from 'better-sqlite3';
import { sampleSite } from '@/core/site/sample.test-data';
import { insertSite, listSites } from '../sites/store';
import { copyOfData } from './copy';
import { holdFolder, intoMainFile, openDatabase } from './open';

const now = new Date('2026-03-02T10:00:00Z');
let folder: string;
beforeEach(() => {
  folder = mkdtempSync(path.join(tmpdir(), 'gable-ridge-open-'));
});
afterEach(() => rmSync(folder, { recursive: true, force: true }));

/** The names of the sites in a database file, read without what stands beside it. */
function sitesIn(file: string): string[] {
  const alone = path.join(folder, 'alone.db');
  copyFileSync(file, alone);
  const connection = new Database(alone, { readonly: true });
  const rows = connection.prepare('select name from sites').all() as { name: string }[];
  connection.close();
  rmSync(alone);
  return rows.map(({ name }) => name);
}

test('the main file holds the tables from the start, and what was written once it was brought in', () => {
  const db = openDatabase(folder);
  const file = path.join(folder, 'gable.db');
  expect(sitesIn(file)).toEqual([]);
  insertSite(db, sampleSite(), now);
  intoMainFile(db);
  expect(sitesIn(file)).toEqual(['Tern Point']);
});

test('a copy of the data is one file with everything in it, made while it is in use', async () => {
  const db = openDatabase(folder);
  insertSite(db, sampleSite(), now);
  const chunks: Uint8Array[] = [];
  for await (const chunk of (await copyOfData(db)) as unknown as AsyncIterable<Uint8Array>)
    chunks.push(chunk);
  const restored = path.join(folder, 'restored');
  const file = path.join(folder, 'copy.db');
  writeFileSync(file, Buffer.concat(chunks));
  expect(sitesIn(file)).toEqual(['Tern Point']);
  // It takes the place of the database as the README says.
  openDatabase(restored).$client.close();
  copyFileSync(file, path.join(restored, 'gable.db'));
  expect(listSites(openDatabase(restored))).toMatchObject([{ name: 'Tern Point', pages: 3 }]);
});

test('a folder is held by one process, until that one ends in whatever way', async () => {
  const script = path.join(folder, 'hold.mjs');
  writeFileSync(
    script,
    `import Database from ${JSON.stringify(import.meta.resolve('better-sqlite3'))};
     const lock = new Database(${JSON.stringify(path.join(folder, 'gable.lock'))}, { timeout: 0 });
     lock.pragma('locking_mode = EXCLUSIVE');
     lock.exec('BEGIN EXCLUSIVE; COMMIT');
     process.send('held');
     setInterval(() => lock.open, 1000);`,
  );
  const other = fork(script, { execArgv: [] });
  await new Promise((resolve) => other.once('message', resolve));
  expect(holdFolder(folder)).toBe(false);
  const ended = new Promise((resolve) => other.once('exit', resolve));
  other.kill('SIGKILL');
  await ended;
  expect(holdFolder(folder)).toBe(true);
});
