import { applyEdits, type Patch } from '@/core/edit/apply';
import { reach, type Owner } from '@/core/edit/history';
import { editTitle, type Edit } from '@/core/edit';
import { cameToNothing } from '@/core/edit/net-effect';
import { overlap, type Footprint } from '@/core/edit/overlap';
import { applyRefitted } from '@/core/edit/refit';
import { problemText } from '@/core/site/problem';
import type { Site } from '@/core/site/site';
import { changeProblems } from '@/core/site/soundness';
import { blobProblem, type BlobKind } from '../bytes/blobs';
import type { Db } from '../db/open';
import { keepPoint } from './points';
import {
  historyOf,
  isCarriedOut,
  loadSite,
  saveSteps,
  stepAt,
  stepsSince,
  type StepRecord,
  type StoredSite,
} from './store';

/** A revision as a browser needs it to catch up. */
export interface Revision {
  revision: number;
  /** The id of the request that brought it. */
  batch: string | null;
  patches: readonly Patch[];
}

/** Where a site stands for a browser that knew it at an older revision. */
export interface Standing {
  revision: number;
  /** What came after the revision that the browser knew, its own edits among it. */
  changes: Revision[];
  /** What undo and redo would do next, in words; null for nothing. */
  undo: string | null;
  redo: string | null;
}

export type CommitResult =
  | { ok: true; standing: Standing }
  | { ok: false; status: 404 | 409 | 422; reason: string; standing?: Standing };

/** Who asks, on which revision, by which request: `batch` tells it from every other, so that one sent again after a lost answer does nothing twice. */
export interface Request {
  base: number;
  batch: string;
  owner: Owner;
}

/** The bytes that an edit makes part of the site, and as what. */
function bytesOf(edit: Edit): { hash: string; kind: BlobKind }[] {
  if (edit.edit === 'addArtwork') return [{ hash: edit.artwork.hash, kind: 'artwork' }];
  if (edit.edit === 'addFontFile') return [{ hash: edit.file.hash, kind: 'fonts' }];
  return edit.edit === 'addFile' ? [{ hash: edit.file.hash, kind: 'files' }] : [];
}

/** What undo and redo of a window reach. */
function reached(db: Db, id: string, owner: Owner) {
  // What is one edit is stored because it changed something.
  return reach(
    historyOf(db, id, owner),
    (gesture) => gesture.length > 1 && cameToNothing(gesture.map(({ revision }) => stepAt(db, id, revision))),
  );
}

function standingOf(db: Db, { site, revision }: StoredSite, base: number, owner: Owner): Standing {
  const { undo, redo } = reached(db, site.id, owner);
  const changes = base === revision ? [] : stepsSince(db, site.id, base);
  return {
    revision,
    changes: changes.map((step) => ({ revision: step.revision, batch: step.batch, patches: step.patches })),
    undo: undo[0]?.title ?? null,
    redo: redo.at(-1)?.title ?? null,
  };
}

/** Where a site stands for a window that knows it at `base`; null when there is no such site. */
export function standingSince(db: Db, id: string, base: number, owner: Owner): Standing | null {
  const stored = loadSite(db, id);
  return stored && standingOf(db, stored, base, owner);
}

/** What a request comes to where it is no edit and no step: the site is gone, it was carried out already, or the window knows more than is stored. */
function settledAlready(db: Db, stored: StoredSite, { base, batch, owner }: Request): CommitResult | null {
  const { id } = stored.site;
  if (isCarriedOut(db, id, batch)) return { ok: true, standing: standingOf(db, stored, base, owner) };
  if (base <= stored.revision) return null;
  const standing = standingOf(db, stored, stored.revision, owner);
  return { ok: false, status: 409, reason: 'This window is ahead of what is stored. Reload it.', standing };
}

/** A request that is to be carried out: on what, and how it is answered. */
interface Begun {
  stored: StoredSite;
  refuse(status: 409 | 422, reason: string): CommitResult;
  done(saved: StoredSite): CommitResult;
}

/** Begins to carry a request out, or gives what it comes to without that. */
export function beginCommit(db: Db, id: string, request: Request): Begun | CommitResult {
  const stored = loadSite(db, id);
  if (!stored) return { ok: false, status: 404, reason: 'This site is no longer there.' };
  const settled = settledAlready(db, stored, request);
  if (settled) return settled;
  const standing = (of: StoredSite) => standingOf(db, of, request.base, request.owner);
  return {
    stored,
    refuse: (status, reason) => ({ ok: false, status, reason, standing: standing(stored) }),
    done: (saved) => ({ ok: true, standing: standing(saved) }),
  };
}

/** Edits that are carried out together. */
interface EditsRequest {
  edits: readonly Edit[];
  group: string | null;
  /** The name of the saved point that is made before them. */
  point?: string | null;
}

/** Applies edits made on revision `base`, all or none; on a newer revision where they touch nothing that others changed. */
export function commitEdits(
  db: Db,
  id: string,
  { edits, group, point, ...request }: Request & EditsRequest,
  now: Date,
): CommitResult {
  const begun = beginCommit(db, id, request);
  if ('ok' in begun) return begun;
  const { stored, refuse, done } = begun;
  const { base, batch, owner } = request;
  const unkept = edits.flatMap(bytesOf).map(({ hash, kind }) => blobProblem(db, hash, kind));
  const problem = unkept.find((each) => each !== null);
  if (problem) return refuse(422, problem);
  const outcome = applyEdits(stored.site, edits);
  if (!outcome.ok) return refuse(422, outcome.reason);
  const other = base < stored.revision ? overlap(outcome, stepsSince(db, id, base)) : null;
  if (other !== null)
    return refuse(
      409,
      `Another window changed the same thing meanwhile (“${other.title}”). Your change was not stored; look at what stands there now, and make it again if you still want it.`,
    );
  const { site, patches, inverse } = outcome;
  const step: StepRecord = {
    revision: stored.revision + 1,
    kind: 'edit',
    of: null,
    group,
    batch,
    window: owner.window,
    title: editTitle(stored.site, edits[0]!),
    patches,
    inverse,
  };
  if (patches.length === 0) return done(stored);
  if (point)
    keepPoint(
      db,
      { site: id, document: stored.site, name: point, made: 'import', revision: stored.revision },
      now,
    );
  return done(saveSteps(db, site, [step], now));
}

/** The edits after one that are in effect, those of its own gesture aside. */
function inEffectSince(db: Db, id: string, edit: number, gesture: ReadonlySet<number>): StepRecord[] {
  const edits = new Map<number, { step: StepRecord; done: boolean }>();
  for (const step of stepsSince(db, id, edit)) {
    if (step.kind === 'edit') edits.set(step.revision, { step, done: true });
    const over = step.of === null ? undefined : edits.get(step.of);
    if (over) over.done = step.kind === 'redo';
  }
  return [...edits.values()].flatMap(({ step, done }) => (done && !gesture.has(step.revision) ? [step] : []));
}

/** Takes the last gesture of a window back, or does the last one that it took back again. What others did since stays. */
export function commitHistory(
  db: Db,
  id: string,
  { kind, ...request }: Request & { kind: 'undo' | 'redo' },
  now: Date,
): CommitResult {
  const begun = beginCommit(db, id, request);
  if ('ok' in begun) return begun;
  const { stored, done } = begun;
  const { batch, owner } = request;
  const refuse = (reason: string) => begun.refuse(409, reason);
  const steps = reached(db, id, owner)[kind];
  if (steps.length === 0) return refuse(`There is nothing to ${kind}.`);
  const gesture = new Set(steps.map(({ revision }) => revision));
  let site: Site = stored.site;
  const taken: StepRecord[] = [];
  for (const { revision: of } of steps) {
    const done = stepAt(db, id, of);
    const change: Footprint = kind === 'undo' ? { patches: done.inverse, inverse: done.patches } : done;
    const other = overlap(change, inEffectSince(db, id, of, gesture));
    if (other !== null)
      return refuse(
        `“${done.title}” cannot be ${kind === 'undo' ? 'taken back' : 'done again'}: the same thing was changed since (“${other.title}”).`,
      );
    const { patches, inverse, site: next } = applyRefitted(site, change);
    site = next;
    taken.push({
      revision: stored.revision + taken.length + 1,
      kind,
      of,
      group: done.group,
      // One request may bring several steps; the first of them bears its id.
      batch: taken.length === 0 ? batch : null,
      window: owner.window,
      title: done.title,
      patches,
      inverse,
    });
  }
  const [problem] = changeProblems(stored.site, site);
  if (problem)
    return refuse(`This cannot be ${kind === 'undo' ? 'taken back' : 'done again'}: ${problemText(problem)}`);
  return done(saveSteps(db, site, taken, now));
}
