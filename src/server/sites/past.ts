import { apply as applyTo } from 'mutative';
import type { PastEdit } from '@/core/comparing/past-edit';
import type { Site } from '@/core/site/site';
import type { Db } from '../db/open';
import { loadSite, stepsBefore, titledStepsBefore } from './store';

/** How many gestures are listed at once, and among how many revisions they are looked for. */
const LISTED = 60;
const READ = 2000;

/** How far back documents are worked out, in revisions: each is taken back from the one after it. */
const FARTHEST = 5000;
/** How many revisions are taken back before others are let in between. */
const AT_ONCE = 50;

/** What was done to a site before a revision, the last first, up to when its document got the form of this version; `more` where there is more. */
export function pastEdits(db: Db, id: string, before: number): { edits: PastEdit[]; more: boolean } {
  const edits: PastEdit[] = [];
  let group: string | null = null;
  const steps = titledStepsBefore(db, id, before, READ);
  for (const { revision, kind, title, at, group: own } of steps) {
    if (kind === 'upgrade') return { edits, more: false };
    const last = edits.at(-1);
    if (last && own !== null && own === group && last.kind === kind) last.from = revision;
    else if (edits.length === LISTED) return { edits, more: true };
    else edits.push({ title, kind, from: revision, to: revision, at: at.toISOString() });
    group = own;
  }
  return { edits, more: steps.length === READ };
}

/** The documents of a site before a revision and after one, as far as they can still be worked out. */
export type Around = { ok: true; before: Site; after: Site } | { ok: false; reason: string };

/** A site as it was before the first of some revisions and after the last; each revision is taken back from the state of now. */
export async function siteAround(db: Db, id: string, from: number, to: number): Promise<Around | null> {
  const stored = loadSite(db, id);
  if (!stored) return null;
  const gone = { ok: false, reason: 'This edit is no longer in the history.' } as const;
  if (from > to || to > stored.revision || from < 1) return gone;
  if (stored.revision - from > FARTHEST)
    return {
      ok: false,
      reason: `That was more than ${FARTHEST} revisions ago: it is not worked out any more.`,
    };
  let site: Site = stored.site;
  let after = site;
  let looked = 0;
  for (const { revision, kind, inverse } of stepsBefore(db, id)) {
    if (revision < from) break;
    // What was taken on since the history was begun to be read.
    if (revision > stored.revision) continue;
    if (kind === 'upgrade') return { ok: false, reason: 'The site has been given another form since.' };
    if (revision === to) after = site;
    site = applyTo(site, [...inverse]) as Site;
    looked += 1;
    if (looked % AT_ONCE === 0) await new Promise((resolve) => setImmediate(resolve));
  }
  return { ok: true, before: site, after };
}
