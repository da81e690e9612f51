import { afterEach, beforeEach, expect, jest, test } from '@jest/globals';
import type { Edit } from '@/core/edit';
import { applyEdits, type Change, type Patch } from '@/core/edit/apply';
import { applyRefitted } from '@/core/edit/refit';
import { someOf } from '@/sample.test-data';
import { sampleSite } from '@/core/site/sample.test-data';
import type { Site } from '@/core/site/site';
import { openSite } from './open-site';

const rename = (name: string): Edit => ({ edit: 'renameSite', name });
const settled = () => new Promise((resolve) => setTimeout(resolve, 20));

const me = { window: 'me', from: 0 };

/** What is to become of the next request. */
type Fate =
  | 'answered'
  | 'lost on the way'
  | 'carried out, answer lost'
  | 'refused'
  | 'failed'
  | 'cannot store'
  | 'wrong answer';

/** An answer whose JSON is read here: that of the platform would be objects of another realm. */
function reply(body: object, { status = 200 } = {}): Response {
  const text = JSON.stringify(body);
  return { ok: status < 400, status, json: async () => JSON.parse(text) } as Response;
}

/** A server in short: it applies edits to its own copy, knows requests by their ids, and can be made to fail. */
class Server {
  site: Site = sampleSite();
  revision = 0;
  changes: { revision: number; batch: string | null; patches: Patch[]; inverse: Patch[]; mine: boolean }[] =
    [];
  reachable = true;
  gone = false;
  asked: string[] = [];
  /** What becomes of requests to come; then all are answered. */
  fates: Fate[] = [];
  /** What others do right before a request is looked at. */
  meanwhile: (() => void)[] = [];
  carriedOut = new Map<string, number>();
  /** The batches that were refused. */
  refused = new Set<string>();

  commit(edits: readonly Edit[], batch: string | null, mine = false): string | null {
    const outcome = applyEdits(this.site, edits);
    if (!outcome.ok) return outcome.reason;
    this.keep(outcome, batch, mine);
    return null;
  }

  keep({ site, patches, inverse }: Change, batch: string | null, mine: boolean) {
    this.site = site;
    this.revision += 1;
    this.changes.push({ revision: this.revision, batch, patches, inverse, mine });
    if (batch !== null) this.carriedOut.set(batch, (this.carriedOut.get(batch) ?? 0) + 1);
  }

  /** Takes back the last edit of the window, what others did since aside. */
  undo(batch: string): string | null {
    const last = this.changes.findLast(({ mine }) => mine);
    if (!last) return 'There is nothing to undo.';
    last.mine = false;
    this.keep(applyRefitted(this.site, { patches: last.inverse, inverse: last.patches }), batch, false);
    return null;
  }

  standing(since: number) {
    const changes = this.changes.filter((change) => change.revision > since);
    return { revision: this.revision, changes, undo: 'Something', redo: null };
  }

  /** What the request comes to where it reaches the server. */
  look(path: string, body: { base: number; batch: string; edits?: Edit[] }): Response {
    const since = body.base ?? Number(new URL(path, 'http://localhost').searchParams.get('since') ?? 0);
    if (this.gone) return reply({ reason: 'This site is no longer there.' }, { status: 404 });
    if (/sites\/[^/]+\?/.test(path))
      return reply({ site: this.site, standing: this.standing(this.revision) });
    const known = body.batch === undefined || this.carriedOut.has(body.batch);
    const reason = known
      ? null
      : body.edits
        ? this.commit(body.edits, body.batch, true)
        : this.undo(body.batch);
    return reason === null
      ? reply({ standing: this.standing(since) })
      : reply({ reason, standing: this.standing(since) }, { status: 409 });
  }

  answer = async (path: string, init?: RequestInit): Promise<Response> => {
    this.asked.push(path);
    await Promise.resolve();
    const fate = this.reachable ? (this.fates.shift() ?? 'answered') : 'lost on the way';
    const body = init?.body ? JSON.parse(init.body as string) : {};
    if (fate === 'lost on the way') throw new TypeError('no connection');
    if (fate === 'failed') return new Response('', { status: 500 });
    if (fate === 'cannot store') return reply({ reason: 'The disk is full.', later: true }, { status: 503 });
    this.meanwhile.shift()?.();
    const whole = !/(edits|history|changes)/.test(path);
    if (fate === 'refused' && !whole) {
      this.refused.add(body.batch);
      return reply({ reason: 'No.', standing: this.standing(body.base ?? 0) }, { status: 422 });
    }
    const answer = this.look(path, body);
    if (fate === 'carried out, answer lost') throw new TypeError('cut off');
    if (fate === 'wrong answer' && !whole) {
      const patches = [{ op: 'replace', path: ['pages', 'nobody', 'title'], value: 'x' }];
      const standing = { ...this.standing(0), changes: [{ revision: this.revision, batch: null, patches }] };
      if (this.revision > 0) return reply({ standing });
    }
    return answer;
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

function open(painted = () => Promise.resolve()) {
  const announced: number[] = [];
  const store = openSite(
    sampleSite(),
    { revision: 0, changes: [], undo: null, redo: null },
    (revision) => announced.push(revision),
    Promise.resolve(me),
    painted,
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

test('edits that are made of the document are made of what it is now, edits that wait included', () => {
  const { store } = open();
  store.getState().edit([rename('One')]);
  store.getState().edit(({ name }) => [rename(`${name} more`)]);
  store.getState().edit(({ name }) => [rename(`${name} still`)]);
  expect(store.getState().site.name).toBe('One more still');
  expect(store.getState().edit(() => [])).toBeNull();
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

const label = (text: string): Edit => ({
  edit: 'setValue',
  place: { on: 'piece', in: 'headers', assembly: 'h', piece: 'button' },
  property: 'label',
  cell: 'all',
  value: text,
});

/** What a window can do, each by a name. */
const doings = {
  edit: (store: ReturnType<typeof open>['store'], text: string) => void store.getState().edit([label(text)]),
  'other edit': (store: ReturnType<typeof open>['store'], text: string) =>
    void store.getState().edit([rename(text)]),
  undo: (store: ReturnType<typeof open>['store']) => void store.getState().step('undo'),
  'catch up': (store: ReturnType<typeof open>['store']) => void store.getState().catchUp(),
};
const fates: Fate[] = [
  'answered',
  'lost on the way',
  'carried out, answer lost',
  'refused',
  'failed',
  'cannot store',
  'wrong answer',
];
const names = Object.keys(doings) as (keyof typeof doings)[];
const pairs = names.flatMap((first) => names.map((second) => [first, second] as const));

test.each(pairs)(
  '%s and then %s, whatever becomes of each and whatever others do: nothing is done twice, nothing lost, and all agree',
  async (first, second) => {
    jest.useFakeTimers();
    const theirs = [undefined, () => void server.commit([rename('Theirs')], 'theirs')];
    const cases = fates.flatMap((a) =>
      fates.flatMap((b) => [true, false].flatMap((c) => theirs.map((d) => [a, b, c, d] as const))),
    );
    for (const [one, other, together, others] of someOf(cases, 9)) {
      server = new Server();
      globalThis.fetch = server.answer as typeof fetch;
      const { store } = open();
      store.getState().edit([label('Before')]);
      await jest.advanceTimersByTimeAsync(50);
      server.fates = [one, other];
      if (others) server.meanwhile = [others];
      doings[first](store, 'One');
      // The second comes while the first is under way, or after it.
      await jest.advanceTimersByTimeAsync(together ? 0 : 20_000);
      doings[second](store, 'Two');
      await jest.advanceTimersByTimeAsync(60_000);
      const told = `${first} ${one}, ${second} ${other}, ${together ? 'together' : 'apart'}`;
      const state = store.getState();
      expect([told, state.saveState, state.waiting.length]).toEqual([told, 'saved', 0]);
      expect([told, Math.max(...server.carriedOut.values())]).toEqual([told, 1]);
      await state.catchUp();
      await jest.advanceTimersByTimeAsync(60_000);
      expect([told, store.getState().site]).toEqual([told, server.site]);
      expect(store.getState().acknowledged).toBe(store.getState().site);
      expect(store.getState().revision).toBe(server.revision);
    }
  },
);

test('a server that fails at an edit again and again: it is taken back, and said', async () => {
  jest.useFakeTimers();
  const { store } = open();
  server.fates = ['failed', 'failed', 'failed'];
  store.getState().edit([rename('Poison')]);
  store.getState().edit([label('Fine')]);
  await jest.advanceTimersByTimeAsync(10_000);
  expect(store.getState()).toMatchObject({ saveState: 'saved', site: { name: 'Tern Point' } });
  expect(store.getState().notice!.text).toContain('500');
  expect(server.site.headers.h!.pieces.button!.values.label).toEqual({ all: 'Fine' });
});

test('a server that cannot store keeps the edit waiting, with its sentence once, until it can', async () => {
  jest.useFakeTimers();
  const { store } = open();
  server.fates = Array<Fate>(5).fill('cannot store');
  store.getState().edit([rename('Kept')]);
  await jest.advanceTimersByTimeAsync(9000);
  expect(store.getState()).toMatchObject({
    saveState: 'held',
    site: { name: 'Kept' },
    notice: { text: 'The disk is full.', number: 1 },
  });
  await jest.advanceTimersByTimeAsync(20_000);
  expect(store.getState()).toMatchObject({ saveState: 'saved', acknowledged: { name: 'Kept' } });
});

test('a site that was removed elsewhere is not called saved, and takes no more edits', async () => {
  const { store } = open();
  server.gone = true;
  store.getState().edit([rename('Too late')]);
  await settled();
  expect(store.getState()).toMatchObject({ saveState: 'gone', undo: null });
  expect(store.getState().notice!.text).toContain('removed');
  expect(store.getState().edit([rename('Later still')])).toContain('removed');
  await store.getState().step('undo');
  expect(store.getState().saveState).toBe('gone');
});

test('an answer that does not fit what is known makes the window take the site anew, with what waits on top', async () => {
  const { store } = open();
  server.commit([rename('Theirs')], 'theirs');
  server.fates = ['wrong answer'];
  store.getState().edit([label('One')]);
  store.getState().edit([label('Two')]);
  await settled();
  expect(store.getState()).toMatchObject({ saveState: 'saved', site: { name: 'Theirs' } });
  expect(store.getState().site).toEqual(server.site);
  expect(server.site.headers.h!.pieces.button!.values.label).toEqual({ all: 'Two' });
});

test('nothing is sent before the window knows who it is', async () => {
  let tell: (owner: typeof me) => void = () => {};
  const identity = new Promise<typeof me>((resolve) => (tell = resolve));
  const store = openSite(
    sampleSite(),
    { revision: 0, changes: [], undo: null, redo: null },
    () => {},
    identity,
    () => Promise.resolve(),
  );
  store.getState().edit([rename('One')]);
  await settled();
  expect(server.asked).toEqual([]);
  tell(me);
  await settled();
  expect(server.site.name).toBe('One');
});

test('an edit is sent when it was painted, and those after it in their order', async () => {
  const paintings: (() => void)[] = [];
  const { store } = open(() => new Promise((resolve) => paintings.push(resolve)));
  store.getState().edit([rename('One')]);
  store.getState().edit([rename('Two')]);
  await settled();
  expect(server.asked).toEqual([]);
  expect(store.getState()).toMatchObject({ site: { name: 'Two' }, saveState: 'saving' });
  paintings[1]!();
  await settled();
  expect(server.asked).toEqual([]);
  paintings[0]!();
  await settled();
  expect(server.site.name).toBe('Two');
  expect(store.getState().saveState).toBe('saved');
});
