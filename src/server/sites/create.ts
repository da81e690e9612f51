import { createHash } from 'node:crypto';
import { nanoid } from 'nanoid';
import type { SiteFile } from '@/core/formats/site-file';
import { newSite } from '@/core/site/defaults';
import { artworkTypes } from '@/core/site/artwork';
import type { Site } from '@/core/site/site';
import { ingestArtwork } from '../bytes/artwork';
import { keepBlob } from '../bytes/blobs';
import { ingestFile } from '../bytes/file';
import { ingestFont } from '../bytes/font';
import type { Ingestion } from '../bytes/ingestion';
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

type Ingest = (bytes: Buffer) => Ingestion<unknown> | Promise<Ingestion<unknown>>;

/** How the bytes of each part of a site are looked at, by their hash: none is kept that an upload would refuse. */
function ingestionsByHash(site: Site): Map<string, Ingest> {
  const artwork = Object.values(site.artwork).map(({ hash, type }): [string, Ingest] => [
    hash,
    (bytes) => ingestArtwork(bytes, `x.${artworkTypes[type]}`),
  ]);
  const fonts = Object.values(site.fonts).flatMap(({ files }) =>
    files.map(({ hash, format }): [string, Ingest] => [hash, (bytes) => ingestFont(bytes, `x.${format}`)]),
  );
  const files = Object.values(site.files).map(({ hash, name }): [string, Ingest] => [
    hash,
    (bytes) => ingestFile(bytes, name),
  ]);
  return new Map([...artwork, ...fonts, ...files]);
}

/** Stores the site of a file under an id of its own, so that opening a file never replaces a site that is there. */
export async function openSiteFile(db: Db, file: SiteFile, now: Date): Promise<Opening> {
  const kept: { hash: string; bytes: Buffer }[] = [];
  for (const [hash, ingest] of ingestionsByHash(file.site)) {
    const bytes = Buffer.from(file.bytes[hash]!, 'base64');
    const ingestion = await ingest(bytes);
    if (!ingestion.ok) return { ok: false, reason: `bytes.${hash}: ${ingestion.reason}` };
    if (ingestion.kept.hash !== hash || createHash('sha256').update(bytes).digest('hex') !== hash)
      return { ok: false, reason: `bytes.${hash}: these are not the bytes that the hash stands for.` };
    kept.push(ingestion.kept);
  }
  const site: Site = { ...file.site, id: newId() };
  db.transaction(() => {
    for (const { hash, bytes } of kept) keepBlob(db, hash, bytes);
    insertSite(db, site, now);
  });
  return { ok: true, id: site.id };
}
