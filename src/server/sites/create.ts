import { nanoid } from 'nanoid';
import type { SiteFile } from '@/core/formats/site-file';
import { newSite } from '@/core/site/defaults';
import type { Site } from '@/core/site/site';
import { ingestArtwork } from '../artwork/ingest';
import { keepBlob } from '../artwork/blobs';
import type { Db } from '../db/open';
import { insertSite } from './store';

/** A new id; the letter keeps it from being read as a number. */
function newId(): string {
  return `i${nanoid(11)}`;
}

/** Makes an empty site and gives its id. */
export function createSite(db: Db, name: string, now: Date): string {
  const site = newSite(name, newId);
  insertSite(db, site, now);
  return site.id;
}

export type Opening = { ok: true; id: string } | { ok: false; reason: string };

/** Stores the site of a file under an id of its own, so that opening a file never replaces a site that is there. */
export async function openSiteFile(db: Db, file: SiteFile, now: Date): Promise<Opening> {
  const kept: { hash: string; bytes: Buffer }[] = [];
  for (const [hash, base64] of Object.entries(file.artwork)) {
    const ingestion = await ingestArtwork(Buffer.from(base64, 'base64'));
    if (!ingestion.ok) return { ok: false, reason: `artwork.${hash}: ${ingestion.reason}` };
    if (ingestion.artwork.hash !== hash)
      return { ok: false, reason: `artwork.${hash}: the bytes are not those that the hash stands for.` };
    kept.push(ingestion.artwork);
  }
  const site: Site = { ...file.site, id: newId() };
  db.transaction(() => {
    for (const { hash, bytes } of kept) keepBlob(db, hash, bytes);
    insertSite(db, site, now);
  });
  return { ok: true, id: site.id };
}
