import { afterEach, beforeEach, expect, jest, test } from '@jest/globals';
import type { Edit } from '@/core/edit';
import { applyEdits, type Patch } from '@/core/edit/apply';
import { sampleSite } from '@/core/site/sample.test-data';
import type { Site } from '@/core/site/site';
import { openSite } from './open-site';

const rename = (name: string): Edit => ({ edit: 'renameSite', name });
const settled = () => new Promise((resolve) => setTimeout(resolve, 20));

/** A server in short: it applies edits to its own copy, and can be out of reach or hold back its answers. */
class Server {
  site: Site = sampleSite();
  revision = 0;
  changes: { revision: number; batch: string | null; patches: Patch[] }[] = [];
  reachable = true;
  asked: string[] = [];

  commit(edits: readonly Edit[], batch: string | null): string | null {
    const outcome = applyEdits(this.site, edits);
    if (!outcome.ok) return outcome.reason;
    this.site = outcome.site;
    this.revision += 1;
    this.changes.push({ revision: this.revision, batch, patches: outcome.patches });
    return null;
  }

  standing(since: number) {
    const changes = this.changes.filter((change) => change.revision > since);
    return { revision: this.revision, changes, undo: 'Something', redo: null };
  }

  answer = async (path: string, init?: RequestInit): Promise<Response> => {
    this.asked.push(path);
    if (!this.reachable) throw new TypeError('no connection');
    const body = init?.body ? JSON.parse(init.body as string) : {};
    if (path.endsWith('/edits')) {
      const reason = this.commit(body.edits, body.batch);
      return reason === null
        ? Response.json({ standing: this.standing(body.base) })
        : Response.json({ reason, standing: this.standing(body.base) }, { status: 409 });
    }
    const since = Number(new URL(path, 'http://localhost').searchParams.get('since'));
    return Response.json({ standing: this.standing(since) });
  };
}

let server: Server;
const known = globalThis.fetch;
beforeEach(() => {
  server = new Server();
  globalThis.fetch = server.answer as typeof fetch;
});
afterEach(() => {
  globalThis.fetch = known;
  jest.useRealTimers();
});

function open() {
  const announced: number[] = [];
  const store = openSite(sampleSite(), { revision: 0, changes: [], undo: null, redo: null }, (revision) =>
    announced.push(revision),
  );
  return { store, announced };
}

test('an edit is shown at once, sent, and acknowledged', async () => {
  const { store, announced } = open();
  expect(store.getState().edit([rename('One')])).toBeNull();
  expect(store.getState()).toMatchObject({ site: { name: 'One' }, saveState: 'saving' });
  expect(store.getState().acknowledged.name).not.toBe('One');
  await settled();
  expect(store.getState()).toMatchObject({
    acknowledged: { name: 'One' },
    saveState: 'saved',
    waiting: [],
    revision: 1,
  });
  expect(store.getState().acknowledged).toBe(store.getState().site);
  expect(announced).toEqual([1]);
});

test('an edit that cannot apply is refused at once and never sent', async () => {
  const { store } = open();
  expect(
    store.getState().edit([{ edit: 'removePiece', at: { in: 'headers', assembly: 'h' }, piece: 'gone' }]),
  ).toMatch(/gone|no longer/);
  await settled();
  expect(server.asked).toEqual([]);
});

test('edits that change nothing are not sent', async () => {
  const { store } = open();
  expect(store.getState().edit([rename(sampleSite().name)])).toBeNull();
  await settled();
  expect(server.asked).toEqual([]);
});

test('edits made while one is on its way wait their turn and keep their order', async () => {
  const { store } = open();
  for (const name of ['One', 'Two', 'Three']) store.getState().edit([rename(name)]);
  expect(store.getState().waiting).toHaveLength(3);
  await settled();
  expect(server.site.name).toBe('Three');
  expect(server.changes).toHaveLength(3);
});

test('out of reach, edits stay shown and are sent again when the server is back', async () => {
  jest.useFakeTimers();
  const { store } = open();
  server.reachable = false;
  store.getState().edit([rename('Kept')]);
  await jest.advanceTimersByTimeAsync(100);
  expect(store.getState()).toMatchObject({ saveState: 'offline', site: { name: 'Kept' } });
  store.getState().edit([rename('Kept too')]);
  expect(store.getState().saveState).toBe('offline');
  server.reachable = true;
  await jest.advanceTimersByTimeAsync(1600);
  expect(store.getState()).toMatchObject({ saveState: 'saved', acknowledged: { name: 'Kept too' } });
});

test('what the server refuses is taken back, visibly, and what another has done is taken over', async () => {
  const { store } = open();
  server.commit([{ edit: 'removePiece', at: { in: 'headers', assembly: 'h' }, piece: 'button' }], 'another');
  const set: Edit = {
    edit: 'setValue',
    place: { on: 'piece', in: 'headers', assembly: 'h', piece: 'button' },
    property: 'label',
    cell: 'all',
    value: 'Mine',
  };
  expect(store.getState().edit([set])).toBeNull();
  expect(store.getState().edit([rename('Still mine')])).toBeNull();
  await settled();
  expect(store.getState().site.headers.h!.pieces.button).toBeUndefined();
  expect(store.getState().notice!.text).toMatch(/no longer/);
  expect(server.site.name).toBe('Still mine');
  expect(store.getState().site).toEqual(server.site);
});

test('catching up brings what others have done, and nothing twice', async () => {
  const { store, announced } = open();
  server.commit([rename('Theirs')], 'another');
  await store.getState().catchUp();
  await store.getState().catchUp();
  expect(store.getState()).toMatchObject({ site: { name: 'Theirs' }, revision: 1 });
  expect(announced).toEqual([1]);
});
