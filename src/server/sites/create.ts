import { newSite } from '@/core/site/defaults';
import { copyName } from '@/core/site/name';
import type { Site } from '@/core/site/site';
import { keepBlob } from '../bytes/blobs';
import type { Db } from '../db/open';
import type { LookedThrough } from './looked-through';
import { newId } from './new-id';
import { insertSite, listSites, loadSite } from './store';

/** Makes an empty site and gives its id. */
export function createSite(db: Db, name: string, now: Date): string {
  const site = newSite(name, newId);
  insertSite(db, site, now);
  return site.id;
}

/** Makes a site that is as another one stands, without its history, and gives its id; null where that one is not there. */
export function copySite(db: Db, of: string, now: Date): string | null {
  const found = loadSite(db, of);
  if (!found) return null;
  const taken = new Set(listSites(db).map(({ name }) => name));
  const site: Site = { ...found.site, id: newId(), name: copyName(found.site.name, taken) };
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
