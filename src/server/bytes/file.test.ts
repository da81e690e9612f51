import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { expect, test } from '@jest/globals';
import { MOST_BYTES } from '@/core/site/file-limits';
import { openDatabase } from '../db/open';
import { blobBytes, blobProblem, keepBlob } from './blobs';
import { ingestFile } from './file';

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
  ['large.zip', Buffer.alloc(MOST_BYTES.files + 1), /at most 8 MB/],
])('“%s” is refused with its reason', (name, content, reason) => {
  const ingestion = ingestFile(content, name);
  expect(ingestion.ok ? '' : ingestion.reason).toMatch(reason);
});

test('what was taken as a file cannot be claimed as artwork, since nobody looked through it for scripts', () => {
  const folder = mkdtempSync(path.join(tmpdir(), 'gable-ridge-bytes-'));
  try {
    const db = openDatabase(folder);
    const hash = 'c'.repeat(64);
    keepBlob(db, 'files', hash, Buffer.from('<svg onload="x"/>'));
    expect(blobProblem(db, hash, 'artwork')).toContain('never looked at as what they are to be');
  } finally {
    rmSync(folder, { recursive: true, force: true });
  }
});

test('the same bytes are kept once, and are there for a new process', () => {
  const folder = mkdtempSync(path.join(tmpdir(), 'gable-ridge-bytes-'));
  try {
    const db = openDatabase(folder);
    const ingestion = ingestFile(bytes, 'a.pdf');
    if (!ingestion.ok) throw new Error(ingestion.reason);
    const { hash } = ingestion.kept;
    expect(blobProblem(db, hash, 'files')).toContain('not kept');
    keepBlob(db, 'files', hash, bytes);
    keepBlob(db, 'files', hash, bytes);
    expect(blobProblem(db, hash, 'files')).toBeNull();
    expect(blobBytes(openDatabase(folder), hash)).toEqual(bytes);
    expect(() => blobBytes(db, 'f'.repeat(64))).toThrow('No bytes');
  } finally {
    rmSync(folder, { recursive: true, force: true });
  }
});
