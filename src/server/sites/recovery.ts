import { apply as applyTo } from 'mutative';
import type { Patch } from '@/core/edit/apply';
import type { Site } from '@/core/site/site';
import type { Db } from '../db/open';
import { newId } from './new-id';
import { insertSite, readStored, stepsBefore, storedDocument } from './store';

/** How many revisions are looked at before others are let in between. */
const AT_ONCE = 20;

/**
 * The last state of a site that can be read: its document is taken back revision by revision until its schemas read it. Null where none
 * can be had: where a row is no JSON, or where the history ends at an upgrade.
 */
async function lastReadable(db: Db, id: string): Promise<{ site: Site; revision: number } | null> {
  const stored = storedDocument(db, id);
  if (!stored || stored.problems.length > 0) return null;
  let document = stored.document;
  let looked = 0;
  for (const { revision, kind, inverse } of stepsBefore(db, id)) {
    if (kind === 'upgrade') return null;
    try {
      document = applyTo(document, [...inverse] as Patch[]);
    } catch {
      return null;
    }
    const reading = readStored(document);
    if (reading.ok) return { site: reading.site, revision: revision - 1 };
    looked += 1;
    if (looked % AT_ONCE === 0) await new Promise((resolve) => setImmediate(resolve));
  }
  return null;
}

/** Puts the last readable state of a site beside it, as a site of its own; gives its id, or why that cannot be. */
export async function recoverSite(
  db: Db,
  id: string,
  now: Date,
): Promise<{ ok: true; id: string; revision: number } | { ok: false; reason: string }> {
  const found = await lastReadable(db, id);
  if (!found)
    return {
      ok: false,
      reason:
        'No earlier revision of this site can be read either. Download it as it stands, and put it right in that file.',
    };
  const name = `${found.site.name.slice(0, 40)} (revision ${found.revision})`;
  const site: Site = { ...found.site, id: newId(), name };
  insertSite(db, site, now);
  return { ok: true, id: site.id, revision: found.revision };
}
