import createPurify from 'dompurify';
import { JSDOM } from 'jsdom';
import sharp from 'sharp';
import { artworkTypes, type ArtworkType } from '@/core/site/artwork';
import { endingOf, kept, refused, sizeProblem, type Ingestion } from './ingestion';

/** The largest file of artwork that is taken, in bytes. */
export const MOST_ARTWORK = 2 * 1024 * 1024;

/** What was read from a picture: its type, and its natural size in CSS px. */
export interface ReadArtwork {
  type: ArtworkType;
  width: number;
  height: number;
  bytes: number;
}

const rasterTypes: Record<string, ArtworkType> = { png: 'image/png', webp: 'image/webp', jpeg: 'image/jpeg' };

function looksLikeSvg(bytes: Buffer): boolean {
  return /^\s*(<\?xml[^>]*>\s*)?(<!--[\s\S]*?-->\s*)*(<!DOCTYPE[^>]*>\s*)?<svg[\s>]/i.test(
    bytes.subarray(0, 4096).toString('utf8'),
  );
}

const { window } = new JSDOM('');
const purify = createPurify(window);

/** Elements without which a picture is not what was drawn, and which have no place in one that stands on every page. */
const refusedElements =
  /^(script|foreignobject|iframe|image|feimage|a|animate.*|set|audio|video|object|embed)$/i;

type Removed = { element?: Node; attribute?: Attr | null; from?: Node };

/** What of the things that the sanitiser took out makes the picture one to refuse, in words; null for mere notes of a drawing program. */
function removedProblem(removed: readonly Removed[]): string | null {
  for (const { element, attribute } of removed) {
    if (element && refusedElements.test(element.nodeName))
      return `a <${element.nodeName.toLowerCase()}> element`;
    if (attribute && /^on/i.test(attribute.name)) return `a script in the attribute ${attribute.name}`;
    if (attribute && /(^|:)(href|src)$/i.test(attribute.name))
      return `a reference to “${attribute.value.slice(0, 60)}”`;
  }
  return null;
}

/** What of a picture that was kept leads out of it, in words: styles and references may only name parts of the picture itself. */
function outsideProblem(svg: Element): string | null {
  const attributes = [svg, ...svg.querySelectorAll('*')].flatMap((each) => [...each.attributes]);
  const reference = attributes.find(
    ({ localName, value }) => localName === 'href' && !value.trim().startsWith('#'),
  );
  if (reference) return `a reference to “${reference.value.slice(0, 60)}”`;
  const styles = [...svg.querySelectorAll('style')].map((style) => style.textContent ?? '');
  const outside = /@import|url\(\s*["']?\s*(?!["'#])[^)"']*/i;
  const loads = [...styles, ...attributes.map(({ value }) => value)].map((text) => outside.exec(text)?.[0]);
  const found = loads.find((match) => match !== undefined);
  return found === undefined ? null : `a style that loads something: ${found.slice(0, 60)}`;
}

/** An SVG as it will be kept; refused when it holds anything that runs, or that loads from elsewhere. */
function cleanSvg(text: string): { ok: true; svg: Buffer } | { ok: false; reason: string } {
  const clean = purify.sanitize(text, {
    RETURN_DOM_FRAGMENT: true,
    USE_PROFILES: { svg: true, svgFilters: true },
    FORBID_TAGS: ['image', 'feImage', 'foreignObject', 'a', 'script', 'set'],
    ADD_TAGS: ['use'],
  });
  const svg = clean.firstElementChild;
  const problem = removedProblem(purify.removed as Removed[]) ?? (svg && outsideProblem(svg));
  if (problem)
    return refused(`This SVG holds ${problem}. Artwork may not run or load anything; take it out.`);
  // Written as XML again, since a picture is read by an XML parser.
  const bytes = Buffer.from(svg ? new window.XMLSerializer().serializeToString(svg) : '');
  return looksLikeSvg(bytes)
    ? { ok: true, svg: bytes }
    : refused('This SVG cannot be read as XML, so it cannot be looked through for scripts.');
}

/** Picture bytes as they will be kept; they have to be what their name says. */
export async function ingestArtwork(bytes: Buffer, name: string): Promise<Ingestion<ReadArtwork>> {
  const problem = sizeProblem(bytes, MOST_ARTWORK, 'artwork');
  if (problem) return refused(problem);
  const isSvg = looksLikeSvg(bytes);
  const cleaned = isSvg ? cleanSvg(bytes.toString('utf8')) : { ok: true as const, svg: bytes };
  if (!cleaned.ok) return cleaned;
  const metadata = await sharp(cleaned.svg)
    .metadata()
    .catch(() => null);
  const type = isSvg ? 'image/svg+xml' : metadata && rasterTypes[metadata.format];
  if (!metadata || !type)
    return refused('This is not a picture that can be read. Artwork is SVG, PNG, WebP or JPEG.');
  const ending = endingOf(name).replace('jpeg', 'jpg');
  if (ending !== artworkTypes[type])
    return refused(`“${name}” holds ${artworkTypes[type].toUpperCase()}, which is not what its name says.`);
  const { width, height } = metadata;
  return kept(
    { type, width: Math.round(width), height: Math.round(height), bytes: cleaned.svg.length },
    cleaned.svg,
  );
}
