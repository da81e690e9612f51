import { createStore, type StoreApi } from 'zustand/vanilla';
import { nanoid } from 'nanoid';
import type { Edit } from '@/core/edit';
import { applyEdits, applyPatches } from '@/core/edit/apply';
import type { Site } from '@/core/site/site';
import {
  getChanges,
  getSite,
  postEdits,
  postHistory,
  type Answer,
  type Owner,
  type Refused,
  type Standing,
} from './api';

/** Edits that were shown at once and wait to be acknowledged. */
interface Batch {
  id: string;
  edits: readonly Edit[];
  group: string | null;
  point: string | null;
  /** The site right after them, as it was shown. */
  after: Site;
  /** Comes to an end once they were painted: no hand is kept waiting by what is sent. */
  painted: Promise<void>;
}

/** What the server is asked, one thing after another: batches of edits in their order, and between them steps of history and news. */
type Errand =
  | { do: 'edits'; id: string }
  | { do: 'undo' | 'redo'; id: string; done(): void }
  | { do: 'return'; id: string; point: string; done(): void }
  | { do: 'catchUp'; id: string; done(): void };

/**
 * Whether everything shown is on disk. `offline`: no answer; `held`: the server cannot store at the moment, and is asked again;
 * `gone`: the site was removed; `stopped`: only opening the page anew helps.
 */
export type SaveState = 'saved' | 'saving' | 'offline' | 'held' | 'gone' | 'stopped';

/** An open site in the browser. What is shown is what the server acknowledged, with the waiting edits on top. */
export interface OpenSite {
  site: Site;
  acknowledged: Site;
  revision: number;
  waiting: readonly Batch[];
  saveState: SaveState;
  /** What undo and redo would do next, in words; null for nothing. */
  undo: string | null;
  redo: string | null;
  /** A sentence that the designer has to see, with a number that tells it from the one before. */
  notice: { text: string; number: number } | null;
  /**
   * Applies edits at once and sends them. Edits of one gesture bear the same group. Gives the reason when they are refused. What is
   * changed as a whole is made of the document as it is now: what is on the screen may be drawn a little later. With `point`, a saved
   * point of that name is made before them.
   */
  edit(
    edits: readonly Edit[] | ((now: Site) => readonly Edit[]),
    group?: string | null,
    point?: string | null,
  ): string | null;
  /** Takes the last gesture of this window back, or does it again, once everything before it is saved. */
  step(kind: 'undo' | 'redo'): Promise<void>;
  /** Goes back to a saved point, as one edit, once everything before it is saved. */
  returnTo(point: string): Promise<void>;
  /** Fetches what others have changed. */
  catchUp(): Promise<void>;
}

/** How long to wait before asking again: a server that does not answer, and one that cannot store, in ms. */
const RETRY = { offline: 1500, held: 4000, failed: 500 };

/** How often a request is sent at which the server failed. */
const MOST_FAILURES = 3;

const GONE = 'This site was removed in another window. What you do here is no longer kept.';
const STOPPED =
  'This window and the server no longer agree on the site. Open the page anew; what is not saved yet has to be made again.';

const wait = (ms: number) => new Promise((resolve) => setTimeout(resolve, ms));

/** The site with edits on top; those that no longer apply are left out and named. */
function onTop(
  acknowledged: Site,
  waiting: readonly Batch[],
): { site: Site; kept: Batch[]; refused: string[] } {
  let site = acknowledged;
  const kept: Batch[] = [];
  const refused: string[] = [];
  for (const batch of waiting) {
    const outcome = applyEdits(site, batch.edits);
    if (outcome.ok) {
      site = outcome.site;
      kept.push({ ...batch, after: site });
    } else refused.push(outcome.reason);
  }
  return { site, kept, refused };
}

/**
 * Opens a site as the server gave it. `announce` tells other windows of a new revision; nothing is sent before the window knows who it is, and
 * no edit before what shows it was `painted`.
 */
export function openSite(
  site: Site,
  standing: Standing,
  announce: (revision: number) => void,
  identity: Promise<Owner>,
  painted: () => Promise<void>,
): StoreApi<OpenSite> {
  return createStore<OpenSite>()((set, get) => {
    const errands: Errand[] = [];
    let running = false;

    const notify = (text: string) => set({ notice: { text, number: (get().notice?.number ?? 0) + 1 } });

    /** Shows another acknowledged state, with what still waits on top; what no longer applies is taken back, visibly. */
    const showOn = (acknowledged: Site, waiting: readonly Batch[], next: Partial<OpenSite>) => {
      const { site: shown, kept, refused } = onTop(acknowledged, waiting);
      set({ acknowledged, site: shown, waiting: kept, ...next });
      refused.forEach(notify);
    };

    /** Takes over what the server says. Batches that it has carried out wait no longer, nor does the one that it answered. */
    const take = ({ revision, changes, undo, redo }: Standing, answered: string | null) => {
      const state = get();
      if (revision < state.revision) throw new Error('The server stands behind what it said before');
      const fresh = changes.filter((change) => change.revision > state.revision);
      const carriedOut = new Set(fresh.map(({ batch }) => batch));
      const waiting = state.waiting.filter(({ id }) => id !== answered && !carriedOut.has(id));
      const first = state.waiting[0];
      if (first && first.id === answered && fresh.length === 1 && carriedOut.has(first.id))
        set({ acknowledged: first.after, waiting, revision, undo, redo });
      else if (fresh.length > 0 || waiting.length < state.waiting.length) {
        const patches = fresh.flatMap((change) => change.patches);
        showOn(applyPatches(state.acknowledged, patches), waiting, { revision, undo, redo });
      } else set({ revision, undo, redo });
      if (revision > state.revision) announce(revision);
    };

    /** Fetches the whole site anew, where what the server said does not fit what this window knows. */
    const startOver = async (owner: Owner, answered: string | null) => {
      const answer = await insist(() => getSite(site.id, owner));
      if (!answer.ok) return stop(answer.status === 404 ? 'gone' : 'stopped');
      const { revision, undo, redo } = answer.value.standing;
      const waiting = get().waiting.filter(({ id }) => id !== answered);
      showOn(answer.value.site, waiting, { revision, undo, redo });
      announce(revision);
    };

    /** Nothing is sent any more. */
    const stop = (saveState: 'gone' | 'stopped') => {
      set({ saveState, undo: null, redo: null });
      notify(saveState === 'gone' ? GONE : STOPPED);
      for (const errand of errands.splice(0)) if (errand.do !== 'edits') errand.done();
    };

    const send = (errand: Errand, owner: Owner): Promise<Answer<{ standing: Standing }>> => {
      const base = get().revision;
      if (errand.do === 'catchUp') return getChanges(site.id, base, owner);
      const request = { base, batch: errand.id, owner };
      if (errand.do === 'return')
        return postHistory(site.id, { ...request, kind: 'return', point: errand.point });
      if (errand.do !== 'edits') return postHistory(site.id, { ...request, kind: errand.do });
      const { edits, group, point } = get().waiting.find(({ id }) => id === errand.id)!;
      return postEdits(site.id, { ...request, edits, group, point });
    };

    /** Asks until there is an answer that says yes or no: the same request, which the server knows by its id. */
    const insist = async <T>(ask: () => Promise<Answer<T>>): Promise<Answer<T>> => {
      for (let failures = 0; ;) {
        const answer = await ask();
        if (answer.ok || !answer.again) return answer;
        if (answer.again === 'failed' && (failures += 1) >= MOST_FAILURES) return answer;
        if (answer.again === 'held' && get().saveState !== 'held') notify(answer.reason);
        if (answer.again !== 'failed') set({ saveState: answer.again });
        await wait(RETRY[answer.again]);
      }
    };

    /** A no: what was shown already is taken back, visibly, and what the server says with it is taken over. */
    const takeNo = (answer: Refused, answered: string) => {
      const { revision, undo, redo, acknowledged, waiting } = get();
      const known = answer.body.standing as Standing | undefined;
      if (known) take(known, answered);
      else
        showOn(
          acknowledged,
          waiting.filter(({ id }) => id !== answered),
          { revision, undo, redo },
        );
      notify(answer.reason);
    };

    const carryOut = async (errand: Errand, owner: Owner): Promise<void> => {
      // News that do not come are asked for again when there is a reason.
      const answer =
        errand.do === 'catchUp' ? await send(errand, owner) : await insist(() => send(errand, owner));
      if (!answer.ok && answer.status === 404) return stop('gone');
      try {
        if (answer.ok) take(answer.value.standing, errand.id);
        else if (errand.do !== 'catchUp') takeNo(answer, errand.id);
      } catch {
        await startOver(owner, errand.id);
      }
    };

    const isWaiting = ({ id }: Errand) => get().waiting.some((batch) => batch.id === id);
    const isOver = () => ['gone', 'stopped'].includes(get().saveState);

    /** One errand at a time, in the order in which they came. */
    const run = async () => {
      if (running) return;
      running = true;
      const owner = await identity;
      for (let errand = errands.shift(); errand; errand = errands.shift()) {
        // A batch may have been answered by news, or taken back by them.
        if (errand.do === 'edits') await get().waiting.find(({ id }) => id === errand.id)?.painted;
        if (errand.do !== 'edits' || isWaiting(errand)) {
          if (errand.do === 'edits' && get().saveState !== 'saving') set({ saveState: 'saving' });
          await carryOut(errand, owner);
        }
        if (errand.do !== 'edits') errand.done();
      }
      running = false;
      if (!isOver()) set({ saveState: get().waiting.length === 0 ? 'saved' : 'saving' });
    };

    const add = (errand: Errand) => {
      errands.push(errand);
      void run();
    };

    return {
      site,
      acknowledged: site,
      revision: standing.revision,
      waiting: [],
      saveState: 'saved',
      undo: standing.undo,
      redo: standing.redo,
      notice: null,
      edit(wanted, group = null, point = null) {
        if (isOver()) return get().saveState === 'gone' ? GONE : STOPPED;
        const edits = typeof wanted === 'function' ? wanted(get().site) : wanted;
        const outcome = applyEdits(get().site, edits);
        if (!outcome.ok) return outcome.reason;
        if (outcome.patches.length === 0) return null;
        const batch: Batch = { id: nanoid(), edits, group, point, after: outcome.site, painted: painted() };
        const { saveState } = get();
        set({
          site: outcome.site,
          waiting: [...get().waiting, batch],
          saveState: saveState === 'saved' ? 'saving' : saveState,
        });
        add({ do: 'edits', id: batch.id });
        return null;
      },
      step: (kind) =>
        isOver() ? Promise.resolve() : new Promise((done) => add({ do: kind, id: nanoid(), done })),
      returnTo: (point) =>
        isOver()
          ? Promise.resolve()
          : new Promise((done) => add({ do: 'return', id: nanoid(), point, done })),
      catchUp: () =>
        isOver() || errands.some((errand) => errand.do === 'catchUp')
          ? Promise.resolve()
          : new Promise((done) => add({ do: 'catchUp', id: nanoid(), done })),
    };
  });
}
