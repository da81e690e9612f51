import { createStore, type StoreApi } from 'zustand/vanilla';
import { nanoid } from 'nanoid';
import type { Edit } from '@/core/edit';
import { applyEdits, applyPatches } from '@/core/edit/apply';
import type { Site } from '@/core/site/site';
import { getChanges, postEdits, postHistory, type Answer, type Standing } from './api';

/** Edits that were shown at once and wait to be acknowledged. */
interface Batch {
  id: string;
  edits: readonly Edit[];
  group: string | null;
  /** The site right after them, as it was shown. */
  after: Site;
}

export type SaveState = 'saved' | 'saving' | 'offline';

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
  /** Applies edits at once and sends them. Edits of one gesture bear the same group. Gives the reason when they are refused. */
  edit(edits: readonly Edit[], group?: string | null): string | null;
  /** Takes the last gesture back, or does it again, once everything before it is saved. */
  step(kind: 'undo' | 'redo'): Promise<void>;
  /** Fetches what others have changed. */
  catchUp(): Promise<void>;
}

/** How long to wait before trying again to reach the server, in ms. */
const RETRY_AFTER = 1500;

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

/** Opens a site as the server gave it. `announce` tells other windows of a new revision. */
export function openSite(
  site: Site,
  standing: Standing,
  announce: (revision: number) => void,
): StoreApi<OpenSite> {
  const store = createStore<OpenSite>()((set, get) => {
    let sending = false;
    const idle: (() => void)[] = [];

    const notify = (text: string) => set({ notice: { text, number: (get().notice?.number ?? 0) + 1 } });

    /** Takes over what the server says. `done` is the batch that it answered, which waits no longer. */
    const take = (next: Standing, done: Batch | null) => {
      const state = get();
      const waiting = state.waiting.filter((batch) => batch !== done);
      const { revision, undo, redo } = next;
      const fresh = next.changes.filter((change) => change.revision > state.revision);
      const mine = done !== null && fresh.length === 1 && fresh[0]!.batch === done.id;
      if (mine) set({ acknowledged: done.after, waiting, revision, undo, redo });
      else if (fresh.length > 0 || done !== null) {
        const acknowledged = applyPatches(
          state.acknowledged,
          fresh.flatMap((change) => change.patches),
        );
        const { site: shown, kept, refused } = onTop(acknowledged, waiting);
        set({ acknowledged, site: shown, waiting: kept, revision, undo, redo });
        refused.forEach(notify);
      } else set({ undo, redo });
      if (revision > state.revision) announce(revision);
    };

    /** What a refusal means for the batch that it answers: it is taken back, visibly. */
    const refuse = (answer: Answer<unknown> & { ok: false }, batch: Batch) => {
      const known = answer.body.standing as Standing | undefined;
      const { revision, undo, redo } = get();
      // The batch was shown already, so it has to be dropped from what is shown even if nothing else changed.
      take(known ?? { revision, undo, redo, changes: [] }, batch);
      notify(answer.reason);
    };

    const send = async () => {
      if (sending) return;
      sending = true;
      for (let batch = get().waiting[0]; batch; batch = get().waiting[0]) {
        const { id, edits, group } = batch;
        const answer = await postEdits(site.id, { base: get().revision, edits, group, batch: id });
        if (answer.ok) {
          set({ saveState: 'saving' });
          take(answer.value.standing, batch);
        } else if (answer.offline) {
          set({ saveState: 'offline' });
          await new Promise((resolve) => setTimeout(resolve, RETRY_AFTER));
        } else refuse(answer, batch);
      }
      sending = false;
      set({ saveState: 'saved' });
      idle.splice(0).forEach((resume) => resume());
    };

    const whenSaved = () => (sending ? new Promise<void>((resume) => idle.push(resume)) : Promise.resolve());

    return {
      site,
      acknowledged: site,
      revision: standing.revision,
      waiting: [],
      saveState: 'saved',
      undo: standing.undo,
      redo: standing.redo,
      notice: null,
      edit(edits, group = null) {
        const outcome = applyEdits(get().site, edits);
        if (!outcome.ok) return outcome.reason;
        if (outcome.patches.length === 0) return null;
        const batch: Batch = { id: nanoid(), edits, group, after: outcome.site };
        set({
          site: outcome.site,
          waiting: [...get().waiting, batch],
          saveState: get().saveState === 'offline' ? 'offline' : 'saving',
        });
        void send();
        return null;
      },
      async step(kind) {
        await whenSaved();
        const answer = await postHistory(site.id, get().revision, kind);
        const known = answer.ok ? answer.value.standing : (answer.body.standing as Standing | undefined);
        if (known) take(known, null);
        if (!answer.ok) notify(answer.reason);
      },
      async catchUp() {
        await whenSaved();
        const answer = await getChanges(site.id, get().revision);
        if (answer.ok) take(answer.value.standing, null);
      },
    };
  });
  return store;
}
