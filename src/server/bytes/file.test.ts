import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { expect, test } from '@jest/globals';
import { openDatabase } from '../db/open';
import { blobBytes, hasBlob, keepBlob } from './blobs';
import { ingestFile, MOST_FILE } from './file';

const bytes = Buffer.from('a timetable');

test.each([
  ['Timetable 2030.pdf', 'Timetable-2030.pdf'],
  ['Fähre & Fracht.pdf', 'Fahre-Fracht.pdf'],
  ['../../etc/passwd', 'etc-passwd'],
  ['.hidden.txt', 'hidden.txt'],
])('“%s” is kept under a name that every system can have', (name, safe) => {
  const ingestion = ingestFile(bytes, name);
  expect(ingestion).toMatchObject({ ok: true, kept: { about: { name: safe, bytes: bytes.length } } });
});

test.each([
  ['page.html', bytes, /code of a website/],
  ['run.MJS', bytes, /code of a website/],
  ['drawing.svg', bytes, /code of a website/],
  ['···', bytes, /cannot be the name of a file/],
  ['empty.pdf', Buffer.alloc(0), /is empty/],
  ['large.zip', Buffer.alloc(MOST_FILE + 1), /at most 8 MB/],
])('“%s” is refused with its reason', (name, content, reason) => {
  const ingestion = ingestFile(content, name);
  expect(ingestion.ok ? '' : ingestion.reason).toMatch(reason);
});

test('the same bytes are kept once, and are there for a new process', () => {
  const folder = mkdtempSync(path.join(tmpdir(), 'gable-ridge-bytes-'));
  try {
    const db = openDatabase(folder);
    const ingestion = ingestFile(bytes, 'a.pdf');
    if (!ingestion.ok) throw new Error(ingestion.reason);
    const { hash } = ingestion.kept;
    expect(hasBlob(db, hash)).toBe(false);
    keepBlob(db, hash, bytes);
    keepBlob(db, hash, bytes);
    expect(blobBytes(openDatabase(folder), hash)).toEqual(bytes);
    expect(() => blobBytes(db, 'f'.repeat(64))).toThrow('No bytes');
  } finally {
    rmSync(folder, { recursive: true, force: true });
  }
});
