import { keptBytes, siteFileText } from '@/core/formats/site-file';
import { slug } from '@/core/render/names';
import { blobSize, foundBytes } from '../bytes/blobs';
import type { Db } from '../db/open';
import { loadSite, storedDocument } from './store';
import { UnreadableSite } from './unreadable';

/** A site file to be sent: its name, and its text in stretches. */
export interface SiteFileToSend {
  name: string;
  /** How large it will be at least: its bytes as base64. */
  bytes: number;
  text: Generator<string>;
}

/** Every hash that stands anywhere in a document whose form is not known. */
function hashesIn(value: unknown): string[] {
  if (typeof value !== 'object' || value === null) return [];
  return Object.entries(value).flatMap(([key, inner]) =>
    key === 'hash' && typeof inner === 'string' ? [inner] : hashesIn(inner),
  );
}

/** The document and the hashes of its bytes; of a site that cannot be read, as they stand. */
function contents(db: Db, id: string): { name: string; site: unknown; hashes: string[] } | null {
  try {
    const stored = loadSite(db, id);
    if (!stored) return null;
    const { site } = stored;
    return { name: site.name, site, hashes: keptBytes(site).map(({ hash }) => hash) };
  } catch (error) {
    if (!(error instanceof UnreadableSite)) throw error;
    const { name, document } = storedDocument(db, id)!;
    return { name, site: document, hashes: hashesIn(document).filter((hash) => foundBytes(db, hash)) };
  }
}

/** The site file of a site, also of one that cannot be read; null when there is no such site. */
export function siteFileOf(db: Db, id: string): SiteFileToSend | null {
  const found = contents(db, id);
  if (!found) return null;
  const { name, site, hashes } = found;
  const base64 = (hash: string) => foundBytes(db, hash)?.toString('base64') ?? '';
  const size = [...new Set(hashes)].reduce((sum, hash) => sum + blobSize(db, hash), 0);
  return {
    name: `${slug(name, 'site')}.gable.json`,
    bytes: Math.ceil((size * 4) / 3),
    text: siteFileText(site, hashes, base64),
  };
}
