import { mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { afterEach, beforeEach, expect, test } from '@jest/globals';
import { eq } from 'drizzle-orm';
import { unzipSync } from 'fflate';
import { newPiece } from '@/core/site/defaults';
import { SITE_VERSION } from '@/core/site/site';
import { sampleSite } from '@/core/site/sample.test-data';
import type { Edit } from '@/core/edit';
import type { Owner } from '@/core/edit/history';
import { readSiteFile, writeSiteFile } from '@/core/formats/site-file';
import { blobBytes } from '../bytes/blobs';
import { lookHere } from '../bytes/look';
import { openDatabase, type Db } from '../db/open';
import { parts, sites } from '../db/schema';
import { seedDemo } from '../demo/seed';
import { allFiles } from '../handover/rendered';
import { writeZip } from '../handover/zip';
import { commitEdits, commitHistory, standingSince } from './commit';
import { copySite, keepSiteFile } from './create';
import { lookedThrough } from './looked-through';
import { deleteSite, insertSite, listSites, loadSite, stepsSince } from './store';
import { UnreadableSite } from './unreadable';

const now = new Date('2026-03-02T10:00:00Z');
const at = { in: 'headers', assembly: 'h' } as const;
let folder: string;
let db: Db;
let id: string;

beforeEach(() => {
  folder = mkdtempSync(path.join(tmpdir(), 'gable-ridge-store-'));
  db = openDatabase(folder);
  const site = sampleSite();
  id = site.id;
  insertSite(db, site, now);
});

afterEach(() => rmSync(folder, { recursive: true, force: true }));

/** The same database as a new process would see it: nothing remembered, all read. */
const reopened = () => openDatabase(folder);

let batches = 0;
const me: Owner = { window: 'me', from: 0 };
const other: Owner = { window: 'other', from: 0 };

interface Said {
  group?: string | null;
  batch?: string;
  owner?: Owner;
}
function commit(base: number, edits: Edit[], { group = null, batch, owner = me }: Said = {}) {
  const request = { base, batch: batch ?? `b${(batches += 1)}`, owner };
  return commitEdits(db, id, { ...request, edits, group }, now);
}

function step(kind: 'undo' | 'redo', base: number, { batch, owner = me }: Said = {}) {
  return commitHistory(db, id, { base, kind, batch: batch ?? `b${(batches += 1)}`, owner }, now);
}

const gap = (value: number, cell = 'desktop'): Edit => ({
  edit: 'setValue',
  place: { on: 'piece', ...at, piece: 'menu' },
  property: 'itemGap',
  cell,
  value,
});
const place = { place: { on: 'piece' as const, ...at, piece: 'menu' }, property: 'itemGap' };
const rename = (name: string): Edit => ({ edit: 'renameSite', name });

/** The own values of the menu’s gap, band by band. */
/** What undo says of setting it for the desktop. */
const SET_GAP = 'Set Between items, Desktop, of Menu: Main';
const cells = () => loadSite(reopened(), id)!.site.headers.h!.pieces.menu!.values.itemGap;

function gapOf(from: Db): unknown {
  return loadSite(from, id)!.site.headers.h!.pieces.menu!.values.itemGap?.desktop;
}

test('an acknowledged edit is there for a new process', () => {
  const result = commit(0, [gap(33)]);
  expect(result).toMatchObject({ ok: true, standing: { revision: 1, undo: SET_GAP, redo: null } });
  expect(gapOf(reopened())).toBe(33);
  expect(loadSite(reopened(), id)!.revision).toBe(1);
});

test('a site read back is the site that was stored, order of its parts included', () => {
  commit(0, [
    { edit: 'addPiece', at, spot: { bar: 'b', bay: 'start', index: 0 }, piece: newPiece('t', 'text') },
  ]);
  expect(JSON.stringify(loadSite(reopened(), id)!.site)).toBe(JSON.stringify(loadSite(db, id)!.site));
});

test('an edit writes the rows of what it changed, and no others', () => {
  const before = new Map(
    db
      .select()
      .from(parts)
      .all()
      .map((row) => [`${row.kind} ${row.id}`, JSON.stringify(row.body)]),
  );
  commit(0, [gap(33)]);
  const changed = db
    .select()
    .from(parts)
    .all()
    .filter((row) => before.get(`${row.kind} ${row.id}`) !== JSON.stringify(row.body));
  expect(changed.map((row) => `${row.kind} ${row.id}`)).toEqual(['headers h']);
});

test('a refused edit says why and changes nothing', () => {
  const result = commit(0, [rename('Other'), gap(-5)]);
  expect(result).toMatchObject({ ok: false, status: 422, reason: expect.stringContaining('Between items') });
  expect(loadSite(reopened(), id)!.site).toEqual(sampleSite());
  expect(stepsSince(db, id, 0)).toEqual([]);
});

test('undo and redo go through all gestures, also after a restart', () => {
  commit(0, [gap(1)], { group: 'typing' });
  commit(1, [gap(12)], { group: 'typing' });
  commit(2, [rename('Other')]);
  db = reopened();
  step('undo', 3);
  expect(loadSite(db, id)!.site.name).toBe('Tern Point');
  const undone = step('undo', 4);
  expect(undone).toMatchObject({ ok: true, standing: { revision: 6, undo: null, redo: SET_GAP } });
  expect(loadSite(db, id)!.site).toEqual(sampleSite());
  db = reopened();
  step('redo', 6);
  expect(gapOf(reopened())).toBe(12);
  expect(step('redo', 8)).toMatchObject({ ok: true, standing: { redo: null } });
  expect(loadSite(reopened(), id)!.site.name).toBe('Other');
});

test('there is a sentence for nothing to undo', () => {
  expect(step('undo', 0)).toMatchObject({
    ok: false,
    reason: 'There is nothing to undo.',
  });
});

test('an edit on an old revision is applied when it touches something else, and the answer brings what was missed', () => {
  commit(0, [rename('Other')]);
  const result = commit(0, [gap(20)]);
  expect(result).toMatchObject({
    ok: true,
    standing: { revision: 2, changes: [{ revision: 1 }, { revision: 2 }] },
  });
  expect(gapOf(reopened())).toBe(20);
});

test('an edit on an old revision is refused when another window changed the same thing: neither is lost silently', () => {
  commit(0, [gap(20)]);
  const result = commit(0, [gap(40)]);
  expect(result).toMatchObject({
    ok: false,
    status: 409,
    reason: expect.stringContaining('Another window changed the same thing'),
    standing: { changes: [{ revision: 1 }] },
  });
  expect(gapOf(reopened())).toBe(20);
});

test('an edit of something that another window removed is refused with what is gone', () => {
  commit(0, [{ edit: 'removePiece', at, piece: 'menu' }]);
  expect(commit(0, [gap(40)])).toMatchObject({
    ok: false,
    status: 422,
    reason: 'The piece is no longer in “Main header”.',
  });
});

test('two windows set one property for two bands, each the first to do so, and both are kept', () => {
  commit(0, [gap(3)]);
  expect(commit(0, [gap(3, 'phone')], { owner: other })).toMatchObject({ ok: true });
  expect(cells()).toEqual({ desktop: 3, phone: 3 });
  // Each takes back its own cell only.
  expect(step('undo', 2)).toMatchObject({ ok: true });
  expect(cells()).toEqual({ phone: 3 });
  expect(step('redo', 3)).toMatchObject({ ok: true });
  expect(cells()).toEqual({ phone: 3, desktop: 3 });
});

test('one window clears the last cell of a property while another sets another one', () => {
  commit(0, [{ ...place, edit: 'setValue', cell: 'desktop', value: 3 }]);
  commit(1, [{ ...place, edit: 'clearValue', cell: 'desktop' }]);
  expect(
    commit(1, [{ ...place, edit: 'setValue', cell: 'phone', value: 4 }], { owner: other }),
  ).toMatchObject({ ok: true });
  expect(cells()).toEqual({ phone: 4 });
});

test('undo takes back what one did oneself, whatever another window did since', () => {
  commit(0, [gap(20)]);
  commit(1, [rename('Theirs')], { owner: other });
  expect(step('undo', 2)).toMatchObject({ ok: true, standing: { undo: null, redo: SET_GAP } });
  expect(loadSite(reopened(), id)!.site.name).toBe('Theirs');
  expect(gapOf(reopened())).toBeUndefined();
  expect(step('undo', 3)).toMatchObject({ ok: false, reason: 'There is nothing to undo.' });
  expect(step('redo', 3)).toMatchObject({ ok: true });
  expect(gapOf(reopened())).toBe(20);
});

test('what another window changed since is not taken back with it: undo is refused, and says where', () => {
  commit(0, [gap(20)]);
  commit(1, [gap(30)], { owner: other });
  expect(step('undo', 2)).toMatchObject({
    ok: false,
    reason: expect.stringContaining('since (“Set Between items, Desktop, of Menu: Main”)'),
  });
  expect(gapOf(reopened())).toBe(30);
  // Once the other has taken it back, it can be.
  expect(step('undo', 2, { owner: other })).toMatchObject({ ok: true });
  expect(step('undo', 3)).toMatchObject({ ok: true });
  expect(gapOf(reopened())).toBeUndefined();
});

test('a step of history that is sent again after a lost answer is carried out once', () => {
  commit(0, [rename('One')]);
  commit(1, [rename('Two')]);
  for (let time = 0; time < 2; time += 1)
    expect(step('undo', 2, { batch: 'back' })).toMatchObject({ ok: true, standing: { revision: 3 } });
  expect(loadSite(db, id)!.site.name).toBe('One');
});

test('a request that is sent again after a lost answer is carried out once', () => {
  const add: Edit = {
    edit: 'addPiece',
    at,
    spot: { bar: 'b', bay: 'start', index: 0 },
    piece: newPiece('t', 'text'),
  };
  commit(0, [add], { batch: 'same' });
  // Whatever revision it says that it was made on by now.
  for (const base of [0, 1])
    expect(commit(base, [add], { batch: 'same' })).toMatchObject({ ok: true, standing: { revision: 1 } });
  expect(loadSite(reopened(), id)!.site.headers.h!.bars.b!.bays[0]!.pieces).toEqual(['t', 'logo']);
});

test('artwork whose bytes never came is refused, since nothing could be handed over of it', () => {
  const artwork = {
    id: 'a',
    name: 'Mark',
    type: 'image/png' as const,
    width: 2,
    height: 2,
    bytes: 9,
    alt: '',
    hash: 'a'.repeat(64),
  };
  expect(commit(0, [{ edit: 'addArtwork', artwork }])).toMatchObject({
    ok: false,
    status: 422,
    reason: expect.stringContaining('Upload it again'),
  });
});

test('a browser that is ahead of the server is told so', () => {
  expect(commit(7, [gap(1)])).toMatchObject({
    ok: false,
    status: 409,
    reason: expect.stringContaining('ahead'),
  });
});

test('a site that is gone is gone with all its rows', () => {
  expect(deleteSite(db, id)).toBe(true);
  expect(loadSite(db, id)).toBeNull();
  expect(db.select().from(parts).all()).toEqual([]);
  expect(commit(0, [gap(1)])).toMatchObject({ ok: false, status: 404 });
});

test('broken rows are not taken for a site', () => {
  db.update(parts)
    .set({ body: { id: 'h', name: 'half a header' } })
    .run();
  expect(() => loadSite(reopened(), id)).toThrow(UnreadableSite);
});

test('the demo sites are sound, counted in the list, and come back from their site files the same, artwork included', async () => {
  deleteSite(db, id);
  await seedDemo(db, lookHere, now);
  expect(listSites(db).map(({ name, pages, headers }) => [name, pages > 6, headers])).toEqual([
    ['Hollin Sound Ferries', true, 3],
    ['Orrery House', true, 1],
  ]);
  const { site } = loadSite(reopened(), 'hollin-sound')!;
  const text = writeSiteFile(site, (hash) => blobBytes(db, hash).toString('base64'));
  const reading = readSiteFile(text);
  if (!reading.ok) throw new Error(JSON.stringify(reading.problems));
  const looked = await lookedThrough(reading, lookHere);
  if (!looked.ok) throw new Error(looked.reason);
  const opened = keepSiteFile(db, looked, now);
  expect({ ...loadSite(reopened(), opened)!.site, id: site.id }).toEqual(site);
});

test('a site file whose artwork is not what its hash says is refused', async () => {
  const hash = '0'.repeat(64);
  const svg = Buffer.from('<svg xmlns="http://www.w3.org/2000/svg" width="4" height="4"/>').toString(
    'base64',
  );
  const siteWithArtwork = {
    ...sampleSite(),
    artwork: {
      a: { id: 'a', name: 'A', type: 'image/svg+xml' as const, width: 4, height: 4, bytes: 9, alt: '', hash },
    },
  };
  const file = { form: 'gable-ridge-site' as const, site: siteWithArtwork, bytes: { [hash]: svg } };
  expect(await lookedThrough({ ok: true, file }, lookHere)).toMatchObject({
    ok: false,
    reason: expect.stringContaining('not the bytes that the hash stands for'),
  });
});

/** The archive of the demo, as it is written to disk. */
async function zipOf(from: Db): Promise<Buffer> {
  const target = path.join(folder, 'site.zip');
  const { files, count } = await allFiles(from, loadSite(from, 'hollin-sound')!.site);
  const told: number[] = [];
  await writeZip(target, files, (done) => told.push(done));
  expect(told).toEqual(Array.from({ length: count }, (_, index) => index + 1));
  return readFileSync(target);
}

test('the zip holds every file, the same bytes each time', async () => {
  await seedDemo(db, lookHere, now);
  const zip = await zipOf(db);
  const names = Object.keys(unzipSync(zip));
  expect(names).toEqual(
    expect.arrayContaining([
      'index.html',
      'routes/wren.html',
      'site.css',
      'site.js',
      'de/routes/wren.html',
      'files/winter-timetable.txt',
      'fonts/figtree-latin-400-normal.woff2',
      'fonts/licence-figtree.txt',
    ]),
  );
  expect(names.filter((name) => name.startsWith('artwork/'))).toHaveLength(7);
  expect(Buffer.compare(await zipOf(reopened()), zip)).toBe(0);
}, 60_000);

test('a site that an older version stored is brought to this one once, and its history goes on from there', () => {
  commit(0, [rename('Before')]);
  const header = db.select().from(parts).where(eq(parts.id, 'h')).get()!.body as {
    bars: Record<string, { bays: unknown; division?: string }>;
  };
  header.bars.b!.bays = { start: ['logo'], middle: ['menu'], end: ['button'] };
  const others = ['drawers', 'footers', 'headers'].flatMap((kind) =>
    db.select().from(parts).where(eq(parts.kind, kind)).all(),
  );
  for (const row of others) {
    const body = row.id === 'h' ? header : (row.body as typeof header);
    for (const bar of Object.values(body.bars)) {
      if (Array.isArray(bar.bays))
        bar.bays = Object.fromEntries(
          bar.bays.map((bay: { id: string; pieces: string[] }) => [bay.id, bay.pieces]),
        );
      bar.division = 'edges';
    }
    db.update(parts).set({ body }).where(eq(parts.id, row.id)).run();
  }
  const root = db.select().from(sites).where(eq(sites.id, id)).get()!.root as object;
  db.update(sites)
    .set({ root: { ...root, version: 1 } })
    .run();

  const next = reopened();
  const stored = loadSite(next, id)!;
  expect(stored).toMatchObject({ revision: 2, site: { version: SITE_VERSION, name: 'Before' } });
  expect(stored.site.headers.h!.bars.b!.bays[1]).toEqual({ id: 'middle', pieces: ['menu'], values: {} });
  expect(standingSince(next, id, 2, me)).toMatchObject({ undo: null, redo: null });
  expect(loadSite(reopened(), id)!.revision).toBe(2);
  const after = commitEdits(
    next,
    id,
    { base: 2, edits: [gap(21)], group: null, batch: 'later', owner: me },
    now,
  );
  expect(after).toMatchObject({ ok: true, standing: { undo: SET_GAP } });
  expect(commitHistory(next, id, { base: 3, kind: 'undo', batch: 'last', owner: me }, now)).toMatchObject({
    ok: true,
    standing: { undo: null },
  });
});

test('a copy of a site is as that one stands, under a name that is free, with a history of its own', () => {
  const before = loadSite(db, id)!.site;
  const edits: Edit[] = [{ edit: 'renameSite', name: 'As it stands' }];
  commitEdits(db, id, { base: 0, group: null, batch: 'first', owner: { window: 'w', from: 0 }, edits }, now);
  const copy = copySite(db, id, now)!;
  const copied = loadSite(db, copy)!;
  expect(copied).toMatchObject({ revision: 0, site: { id: copy, name: 'As it stands copy' } });
  expect({ ...copied.site, id, name: before.name }).toEqual(before);
  expect(loadSite(db, copySite(db, id, now)!)!.site.name).toBe('As it stands copy 2');
  expect(copySite(db, 'gone', now)).toBeNull();
  deleteSite(db, id);
  expect(loadSite(db, copy)!.site.name).toBe('As it stands copy');
});
