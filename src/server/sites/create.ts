import { newSite } from '@/core/site/defaults';
import type { Site } from '@/core/site/site';
import { keepBlob } from '../bytes/blobs';
import type { Db } from '../db/open';
import type { LookedThrough } from './looked-through';
import { newId } from './new-id';
import { insertSite } from './store';

/** Makes an empty site and gives its id. */
export function createSite(db: Db, name: string, now: Date): string {
  const site = newSite(name, newId);
  insertSite(db, site, now);
  return site.id;
}

/** Stores the site of a file under an id of its own, so that opening a file never replaces a site that is there. Gives the id. */
export function keepSiteFile(db: Db, { site, kept }: LookedThrough & { ok: true }, now: Date): string {
  const own: Site = { ...(JSON.parse(site) as Site), id: newId() };
  db.transaction(() => {
    for (const { kind, hash, bytes } of kept) keepBlob(db, kind, hash, Buffer.from(bytes));
    insertSite(db, own, now);
  });
  return own.id;
}
