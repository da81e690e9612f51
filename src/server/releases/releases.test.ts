import { mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { createServer, type Server } from 'node:http';
import type { AddressInfo } from 'node:net';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { brotliDecompressSync, gunzipSync } from 'node:zlib';
import { afterEach, beforeEach, expect, test } from '@jest/globals';
import type { Edit } from '@/core/edit';
import { sampleSite } from '@/core/site/sample.test-data';
import { keepBlob } from '../bytes/blobs';
import { lookHere } from '../bytes/look';
import { openDatabase, type Db } from '../db/open';
import { objects } from '../db/schema';
import { allFiles } from '../handover/rendered';
import { sweepObjects } from '../objects/objects';
import { commitEdits } from '../sites/commit';
import { listPoints } from '../sites/points';
import { deleteSite, insertSite, loadSite } from '../sites/store';
import { freeze } from './freeze';
import { serveAll, stopServing } from './practice-host';
import { hostingOf, publish, takeDown } from './publishing';
import { releasedFiles } from './released-files';
import { filesOf, listReleases, removeRelease } from './releases';
import { respond } from './respond';

const now = new Date('2026-03-02T10:00:00Z');
let folder: string;
let db: Db;
let id: string;

beforeEach(() => {
  folder = mkdtempSync(path.join(tmpdir(), 'gable-ridge-releases-'));
  db = openDatabase(folder);
  id = sampleSite().id;
  insertSite(db, sampleSite(), now);
});
afterEach(() => {
  stopServing(id);
  rmSync(folder, { recursive: true, force: true });
});

let batches = 0;
function commit(edits: Edit[]) {
  const base = loadSite(db, id)!.revision;
  const said = { base, batch: `b${(batches += 1)}`, owner: { window: 'me', from: 0 }, edits, group: null };
  expect(commitEdits(db, id, said, now)).toMatchObject({ ok: true });
}
const silent = { count: () => undefined, done: () => undefined };
const release = (note = '') => freeze(db, { ...loadSite(db, id)!, note }, now, silent);
const label: Edit = { edit: 'labelItem', menu: 'm', item: 'i1', label: 'Harbour' };

async function bytesOf(files: AsyncIterable<{ path: string; bytes: Buffer }>) {
  const found: Record<string, string> = {};
  for await (const each of files) found[each.path] = each.bytes.toString('base64');
  return found;
}

test('a release is byte for byte what is handed over, whatever is changed afterwards', async () => {
  const handedOver = await bytesOf((await allFiles(db, loadSite(db, id)!.site)).files);
  const told: number[] = [];
  const number = await freeze(db, { ...loadSite(db, id)!, note: 'First' }, now, {
    count: (count) => told.push(count),
    done: (done) => told.push(done),
  });
  expect(told).toEqual([
    Object.keys(handedOver).length,
    ...Object.keys(handedOver).map((_, index) => index + 1),
  ]);
  commit([label]);
  expect(await bytesOf(releasedFiles(db, id, number).files)).toEqual(handedOver);
  expect(listReleases(db, id)).toMatchObject([
    { number: 1, note: 'First', revision: 0, files: Object.keys(handedOver).length },
  ]);
  expect(listPoints(db, id)).toMatchObject([{ name: 'Release 1', made: 'release', revision: 0 }]);
});

test('what two releases have in common is kept once, and goes with the last of them', async () => {
  await release();
  const first = new Set(
    db
      .select({ hash: objects.hash })
      .from(objects)
      .all()
      .map(({ hash }) => hash),
  );
  commit([label]);
  await release();
  const [was, is] = [filesOf(db, id, 1), filesOf(db, id, 2)];
  const changed = is.filter(({ path: at, hash }) => was.find((each) => each.path === at)?.hash !== hash);
  expect(changed.length).toBeGreaterThan(0);
  expect(changed.length).toBeLessThan(is.length);
  // What is new: the changed files, and the document.
  const added = db
    .select({ hash: objects.hash })
    .from(objects)
    .all()
    .filter(({ hash }) => !first.has(hash));
  expect(added).toHaveLength(changed.length + 1);
  expect(removeRelease(db, id, 1)).toBeNull();
  expect(await bytesOf(releasedFiles(db, id, 2).files)).not.toEqual({});
  expect(removeRelease(db, id, 2)).toBeNull();
  expect(db.select().from(objects).all()).toEqual([]);
  expect(listPoints(db, id)).toEqual([]);
});

test('a release of a site that is changed while it is made is not made, and leaves nothing', async () => {
  const stored = loadSite(db, id)!;
  const made = freeze(db, { ...stored, note: '' }, now, {
    ...silent,
    done: (done) => {
      if (done === 1) commit([label]);
    },
  });
  await expect(made).rejects.toThrow('The site was changed while its release was made');
  expect(listReleases(db, id)).toEqual([]);
  sweepObjects(db);
  expect(db.select().from(objects).all()).toEqual([]);
});

test('where the disk is full there is no release, what is live stays live, and one can be made later', async () => {
  await release();
  await publish(db, id, 1, null, now);
  commit([{ edit: 'renameSite', name: 'Another name for every page of the site' }]);
  const pages = db.$client.pragma('page_count', { simple: true }) as number;
  db.$client.pragma(`max_page_count = ${pages}`);
  await expect(release()).rejects.toMatchObject({ code: 'SQLITE_FULL' });
  expect(listReleases(db, id)).toHaveLength(1);
  expect(hostingOf(db, id)).toMatchObject({ release: 1, problem: null });
  db.$client.pragma('max_page_count = 1000000');
  expect(await release()).toBe(2);
});

test('a release keeps its fonts, whatever becomes of them in the site', async () => {
  const bytes = readFileSync('node_modules/@fontsource/rubik/files/rubik-latin-400-normal.woff2');
  const looked = await lookHere('fonts', bytes, 'tern.woff2');
  if (!looked.ok) throw new Error(looked.reason);
  const { about, hash } = looked.kept;
  keepBlob(db, 'fonts', hash, bytes);
  const family = { id: 'tern', name: 'Tern' };
  commit([
    { edit: 'addFontFile', family, file: { ...about.file, hash } },
    {
      edit: 'setValue',
      place: { on: 'typeStyle', style: 'type-nav' },
      property: 'family',
      cell: 'all',
      value: 'tern',
    },
  ]);
  await release();
  commit([
    { edit: 'clearValue', place: { on: 'typeStyle', style: 'type-nav' }, property: 'family', cell: 'all' },
    { edit: 'removeFont', family: 'tern' },
  ]);
  const font = filesOf(db, id, 1).find(({ path: at }) => at.startsWith('fonts/tern'))!;
  expect(font.hash).toBe(hash);
  expect(Buffer.from(await (await asked(`/${font.path}`)).arrayBuffer()).equals(bytes)).toBe(true);
});

const asked = (address: string, init: RequestInit = {}) =>
  respond(db, { site: id, release: 1 }, new Request(`http://127.0.0.1${address}`, init));

test('pages are found with and without their ending, and what is not there has the site’s own page', async () => {
  await release();
  for (const address of ['/', '/index.html', '/boats', '/boats.html', '/boats/small?from=home'])
    expect((await asked(address)).status).toBe(200);
  const missing = await asked('/nowhere/at/all');
  expect(missing.status).toBe(404);
  const text = await missing.text();
  expect(text).toContain('Page not found');
  expect(text).toContain('href="/site.css"');
  expect((await asked('/%E0%A4')).status).toBe(400);
  expect((await asked('/../../gable.db')).status).toBe(404);
  expect((await asked('/', { method: 'DELETE' })).status).toBe(405);
});

test('answers are packed as it is accepted, tagged, and not sent again where they are known', async () => {
  await release();
  const plain = await asked('/');
  const html = await plain.text();
  const packedAs = async (encoding: string) => {
    const answer = await asked('/', { headers: { 'accept-encoding': encoding } });
    return [answer.headers.get('content-encoding'), Buffer.from(await answer.arrayBuffer())] as const;
  };
  const [br, brotli] = await packedAs('gzip, br;q=0.9');
  expect([br, brotliDecompressSync(brotli).toString()]).toEqual(['br', html]);
  const [gzip, gzipped] = await packedAs('gzip');
  expect([gzip, gunzipSync(gzipped).toString()]).toEqual(['gzip', html]);
  const etag = plain.headers.get('etag')!;
  const known = await asked('/', { headers: { 'if-none-match': etag } });
  expect([known.status, await known.text()]).toEqual([304, '']);
  // A page is never met with the stylesheet of another release.
  for (const address of ['/', '/site.css', '/site.js'])
    expect((await asked(address)).headers.get('cache-control')).toBe('no-cache');
  const font = filesOf(db, id, 1).find(({ path: at }) => at.endsWith('.woff2'))!;
  expect((await asked(`/${font.path}`)).headers.get('cache-control')).toContain('immutable');
});

test('the policy of a site lets in its own files and what its document names, and newsletters are answered', async () => {
  commit([{ edit: 'setEmbeds', hosts: ['maps.example'] } as Edit]);
  await release();
  const policy = (await asked('/')).headers.get('content-security-policy')!;
  expect(policy).toContain("default-src 'none'");
  expect(policy).toContain('frame-src https://maps.example');
  expect(policy).not.toContain('unsafe');
  const body = new URLSearchParams({ email: 'known@example.com' });
  expect((await asked('/newsletter', { method: 'POST', body })).status).toBe(409);
});

/** Whether something answers at the port of the site, and with which label. */
async function seen(): Promise<boolean | null> {
  const { port } = hostingOf(db, id);
  const answer = await fetch(`http://127.0.0.1:${port}/`).catch(() => null);
  return answer && (await answer.text()).includes('Harbour');
}

test('what is published is served, rolled back, served again after the end of the application, and taken down', async () => {
  await release();
  commit([label]);
  await release();
  expect(await publish(db, id, 1, null, now)).toBeNull();
  expect(await seen()).toBe(false);
  expect(await publish(db, id, 2, null, now)).toBeNull();
  expect(await seen()).toBe(true);
  expect(await publish(db, id, 1, null, now)).toBeNull();
  expect(await seen()).toBe(false);
  stopServing(id);
  expect(await seen()).toBeNull();
  await serveAll(openDatabase(folder));
  expect(await seen()).toBe(false);
  expect(removeRelease(db, id, 1)).toContain('is live');
  expect(takeDown(db, id, now)).toBeNull();
  expect(await seen()).toBeNull();
  expect(hostingOf(db, id).history.map((each) => each.release)).toEqual([null, 1, 2, 1]);
  expect(takeDown(db, id, now)).toBe('Nothing of this site is live.');
});

test('a port that is taken is said, and what was live stays live', async () => {
  await release();
  commit([label]);
  await release();
  await publish(db, id, 1, null, now);
  const other: Server = createServer();
  await new Promise<void>((resolve) => other.listen(0, '127.0.0.1', resolve));
  const { port } = other.address() as AddressInfo;
  try {
    expect(await publish(db, id, 2, port, now)).toContain(`Port ${port} is taken`);
    expect(hostingOf(db, id)).toMatchObject({ release: 1 });
    expect(await seen()).toBe(false);
  } finally {
    other.close();
  }
  expect(await publish(db, id, 9, null, now)).toBe('There is no release 9 of this site.');
});

test('only names of this machine are answered to', async () => {
  await release();
  await publish(db, id, 1, null, now);
  const { request } = await import('node:http');
  const status = await new Promise((resolve) =>
    request(
      { host: '127.0.0.1', port: hostingOf(db, id).port!, headers: { host: 'elsewhere.example' } },
      (answer) => resolve(answer.statusCode),
    ).end(),
  );
  expect(status).toBe(403);
});

test('releases and what is live go with their site', async () => {
  await release();
  await publish(db, id, 1, null, now);
  deleteSite(db, id);
  sweepObjects(db);
  expect(db.select().from(objects).all()).toEqual([]);
});
