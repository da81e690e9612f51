import type { SiteFileReading } from '@/core/formats/site-file';
import { artworkTypes } from '@/core/site/artwork';
import type { Problem } from '@/core/site/problem';
import type { Site } from '@/core/site/site';
import type { BlobKind } from '../bytes/blobs';
import type { Look } from '../bytes/look';

/** A site file that was read and whose bytes were looked at: the document as JSON text, and the bytes as what they are kept. */
export type LookedThrough =
  | { ok: true; site: string; kept: { kind: BlobKind; hash: string; bytes: Uint8Array }[] }
  | { ok: false; reason: string; problems?: readonly Problem[] };

/** What the bytes of each part of a site are, and under which name they would be uploaded. */
function partsWithBytes(site: Site): { kind: BlobKind; hash: string; name: string }[] {
  return [
    ...Object.values(site.artwork).map(({ hash, type }) => ({
      kind: 'artwork' as const,
      hash,
      name: `x.${artworkTypes[type]}`,
    })),
    ...Object.values(site.fonts).flatMap(({ files }) =>
      files.map(({ hash, format }) => ({ kind: 'fonts' as const, hash, name: `x.${format}` })),
    ),
    ...Object.values(site.files).map(({ hash, name }) => ({ kind: 'files' as const, hash, name })),
  ];
}

/** Looks at all bytes of a site file as uploads are looked at, each as what the site says that it is: none is kept that an upload would refuse. */
export async function lookedThrough(reading: SiteFileReading, look: Look): Promise<LookedThrough> {
  if (!reading.ok) return { ok: false, reason: '', problems: reading.problems };
  const { site, bytes: all } = reading.file;
  const kept = new Map<string, { kind: BlobKind; hash: string; bytes: Uint8Array }>();
  for (const { kind, hash, name } of partsWithBytes(site)) {
    if (kept.has(`${kind} ${hash}`)) continue;
    const ingestion = await look(kind, Buffer.from(all[hash]!, 'base64'), name);
    if (!ingestion.ok) return { ok: false, reason: `bytes.${hash}: ${ingestion.reason}` };
    if (ingestion.kept.hash !== hash)
      return { ok: false, reason: `bytes.${hash}: these are not the bytes that the hash stands for.` };
    kept.set(`${kind} ${hash}`, { kind, hash, bytes: ingestion.kept.bytes });
  }
  return { ok: true, site: JSON.stringify(site), kept: [...kept.values()] };
}
