import { createHash } from 'node:crypto';
import createPurify from 'dompurify';
import { JSDOM } from 'jsdom';
import sharp from 'sharp';
import type { ArtworkType } from '@/core/site/artwork';

/** The largest file of artwork that is taken, in bytes. */
export const MOST_BYTES = 2 * 1024 * 1024;

export interface IngestedArtwork {
  type: ArtworkType;
  /** Natural size in CSS px. */
  width: number;
  height: number;
  hash: string;
  bytes: Buffer;
}
export type Ingestion = { ok: true; artwork: IngestedArtwork } | { ok: false; reason: string };

const rasterTypes: Record<string, ArtworkType> = { png: 'image/png', webp: 'image/webp', jpeg: 'image/jpeg' };

function looksLikeSvg(bytes: Buffer): boolean {
  return /^\s*(<\?xml[^>]*>\s*)?(<!--[\s\S]*?-->\s*)*(<!DOCTYPE[^>]*>\s*)?<svg[\s>]/i.test(
    bytes.subarray(0, 4096).toString('utf8'),
  );
}

const { window } = new JSDOM('');
const purify = createPurify(window);

/** What an SVG may not hold: anything that runs, or that loads from elsewhere. */
function cleanSvg(text: string): string {
  const clean = purify.sanitize(text, {
    RETURN_DOM_FRAGMENT: true,
    USE_PROFILES: { svg: true, svgFilters: true },
    FORBID_TAGS: ['style', 'image', 'feImage', 'foreignObject', 'a'],
    FORBID_ATTR: ['href', 'xlink:href'],
  });
  // Written as XML again, since a picture is read by an XML parser.
  const svg = clean.firstElementChild;
  return svg ? new window.XMLSerializer().serializeToString(svg) : '';
}

/** Picture bytes as they will be kept, told by what they hold rather than by what their name says. */
export async function ingestArtwork(bytes: Buffer): Promise<Ingestion> {
  if (bytes.length === 0) return { ok: false, reason: 'The file is empty.' };
  if (bytes.length > MOST_BYTES)
    return {
      ok: false,
      reason: `The file has ${(bytes.length / 1048576).toFixed(1)} MB; artwork may have at most 2 MB.`,
    };
  const svg = looksLikeSvg(bytes);
  const kept = svg ? Buffer.from(cleanSvg(bytes.toString('utf8'))) : bytes;
  if (svg && !looksLikeSvg(kept))
    return { ok: false, reason: 'This SVG cannot be read as XML, so it cannot be cleaned of scripts.' };
  const metadata = await sharp(kept)
    .metadata()
    .catch(() => null);
  const type = svg ? 'image/svg+xml' : metadata && rasterTypes[metadata.format];
  if (!metadata || !type)
    return {
      ok: false,
      reason: 'This is not a picture that can be read. Artwork is SVG, PNG, WebP or JPEG.',
    };
  const { width, height } = metadata;
  const hash = createHash('sha256').update(kept).digest('hex');
  return {
    ok: true,
    artwork: { type, width: Math.round(width), height: Math.round(height), hash, bytes: kept },
  };
}
