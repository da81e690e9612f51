import { applyEdits, applyPatches, type Patch } from '@/core/edit/apply';
import { reach } from '@/core/edit/history';
import { kindOf, type Edit } from '@/core/edit';
import { overlap } from '@/core/edit/overlap';
import type { Site } from '@/core/site/site';
import { hasBlob } from '../bytes/blobs';
import type { Db } from '../db/open';
import { loadSite, saveSteps, stepAt, stepsSince, type StepRecord, type StoredSite } from './store';

/** A revision as a browser needs it to catch up. */
export interface Revision {
  revision: number;
  /** The id of the request that brought it; null for undo and redo. */
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

/** The bytes that an edit makes part of the site. */
function hashesOf(edit: Edit): string[] {
  if (edit.edit === 'addArtwork') return [edit.artwork.hash];
  return edit.edit === 'addFontFile' || edit.edit === 'addFile' ? [edit.file.hash] : [];
}

const missing: CommitResult = { ok: false, status: 404, reason: 'This site is no longer there.' };

function standingOf(db: Db, stored: StoredSite, base: number): Standing {
  const titles = new Map(stored.steps.map((step) => [step.revision, step.title]));
  const { undo, redo } = reach(stored.steps);
  const changes = base === stored.revision ? [] : stepsSince(db, stored.site.id, base);
  return {
    revision: stored.revision,
    changes: changes.map(({ revision, batch, patches }) => ({ revision, batch, patches })),
    undo: undo.length > 0 ? titles.get(undo[0]!)! : null,
    redo: redo.length > 0 ? titles.get(redo.at(-1)!)! : null,
  };
}

/** Where a site stands for a browser that knows it at `base`; null when there is no such site. */
export function standingSince(db: Db, id: string, base: number): Standing | null {
  const stored = loadSite(db, id);
  return stored && standingOf(db, stored, base);
}

/** What others changed since `base` that these patches touch too; null when nothing. */
function conflict(db: Db, stored: StoredSite, base: number, patches: readonly Patch[]): string | null {
  if (base === stored.revision) return null;
  const theirs = stepsSince(db, stored.site.id, base);
  const place = overlap(
    patches,
    theirs.flatMap((step) => step.patches),
  );
  return place === null
    ? null
    : `Another window changed the same thing meanwhile (${place}). Your change was not stored; look at what stands there now, and make it again if you still want it.`;
}

/** Edits of one request. `batch` tells it from every other, so that a request that is sent again after a lost answer does nothing twice. */
export interface EditBatch {
  base: number;
  edits: readonly Edit[];
  group: string | null;
  batch: string;
}

/** Applies edits made on revision `base`, all or none; on a newer revision where they touch nothing that others changed. */
export function commitEdits(
  db: Db,
  id: string,
  { base, edits, group, batch }: EditBatch,
  now: Date,
): CommitResult {
  const stored = loadSite(db, id);
  if (!stored) return missing;
  const refuse = (status: 409 | 422, reason: string): CommitResult => ({
    ok: false,
    status,
    reason,
    standing: standingOf(db, stored, base),
  });
  if (base > stored.revision) return refuse(409, 'This window is ahead of what is stored. Reload it.');
  const carriedOut = base < stored.revision && stepsSince(db, id, base).some((step) => step.batch === batch);
  if (carriedOut) return { ok: true, standing: standingOf(db, stored, base) };
  if (edits.flatMap(hashesOf).some((hash) => !hasBlob(db, hash)))
    return refuse(422, 'The bytes of this file are not kept here. Upload it again.');
  const outcome = applyEdits(stored.site, edits);
  if (!outcome.ok) return refuse(422, outcome.reason);
  const clash = conflict(db, stored, base, outcome.patches);
  if (clash) return refuse(409, clash);
  const { site, patches, inverse } = outcome;
  const revision = stored.revision + 1;
  const step: StepRecord = {
    revision,
    kind: 'edit',
    of: null,
    group,
    batch,
    title: kindOf(edits[0]!).title,
    patches,
    inverse,
  };
  const saved = patches.length === 0 ? stored : saveSteps(db, stored, site, [step], now);
  return { ok: true, standing: standingOf(db, saved, base) };
}

/** Takes the last gesture back, or does the last one that was taken back again. */
export function commitHistory(
  db: Db,
  id: string,
  base: number,
  kind: 'undo' | 'redo',
  now: Date,
): CommitResult {
  const stored = loadSite(db, id);
  if (!stored) return missing;
  const refuse = (reason: string): CommitResult => ({
    ok: false,
    status: 409,
    reason,
    standing: standingOf(db, stored, base),
  });
  if (base !== stored.revision)
    return refuse(
      `Another window changed this site meanwhile; this one shows it now. Choose ${kind} again if you still want it.`,
    );
  const reached = reach(stored.steps)[kind];
  if (reached.length === 0) return refuse(`There is nothing to ${kind}.`);
  let site: Site = stored.site;
  const steps = reached.map((of, index): StepRecord => {
    const done = stepAt(db, id, of);
    const [patches, inverse] = kind === 'undo' ? [done.inverse, done.patches] : [done.patches, done.inverse];
    site = applyPatches(site, patches);
    return {
      revision: stored.revision + index + 1,
      kind,
      of,
      group: done.group,
      batch: null,
      title: done.title,
      patches,
      inverse,
    };
  });
  return { ok: true, standing: standingOf(db, saveSteps(db, stored, site, steps, now), base) };
}
