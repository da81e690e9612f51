import createPurify from 'dompurify';
import { JSDOM } from 'jsdom';
import sharp from 'sharp';
import { artworkTypes, type ArtworkType } from '@/core/site/artwork';
import { MOST_BYTES } from '@/core/site/file-limits';
import { endingOf, kept, refused, sizeProblem, type Ingestion } from './ingestion';
import { svgSize } from './svg-size';
import { svgProblem } from './svg-limits';
import { loadedBy } from './svg-styles';

/** The most pixels that a picture may have: a screen of 8K. */
const MOST_PIXELS = 34_000_000;

/** What was read from a picture: its type, and its natural size in CSS px. */
export interface ReadArtwork {
  type: ArtworkType;
  width: number;
  height: number;
  bytes: number;
}

const rasterTypes: Record<string, ArtworkType> = { png: 'image/png', webp: 'image/webp', jpeg: 'image/jpeg' };

/** Whether bytes are a text of markup: then they are looked at as SVG, and as nothing else. */
function isMarkup(bytes: Buffer): boolean {
  return bytes
    .subarray(0, 1024)
    .toString('utf8')
    .replace(/^\uFEFF/, '')
    .trimStart()
    .startsWith('<');
}

const { window } = new JSDOM('');
const purify = createPurify(window);

/** Elements without which a picture is not what was drawn, and which have no place in one that stands on every page. */
const refusedElements = new Set(
  'script foreignobject iframe image feimage a animate animatecolor animatemotion animatetransform set audio video object embed'.split(
    ' ',
  ),
);

type Removed = { element?: Node; attribute?: Attr | null; from?: Node };

/** Whether an attribute names something to be loaded: `href`, `xlink:href`, `src`. */
const isReference = (name: string) => ['href', 'src'].includes(name.toLowerCase().split(':').at(-1)!);

/** What of the things that the sanitiser took out makes the picture one to refuse, in words; null for mere notes of a drawing program. */
function removedProblem(removed: readonly Removed[]): string | null {
  for (const { element, attribute } of removed) {
    const name = element?.nodeName.toLowerCase() ?? '';
    if (refusedElements.has(name)) return `a <${name}> element`;
    if (attribute?.name.toLowerCase().startsWith('on')) return `a script in the attribute ${attribute.name}`;
    if (attribute && isReference(attribute.name)) return `a reference to “${attribute.value.slice(0, 60)}”`;
  }
  return null;
}

/** Attributes that hold words for people, in which anything may be said. */
const isWords = (name: string) => name === 'title' || name.startsWith('aria-') || name.startsWith('data-');

/** What of a picture that was kept leads out of it, in words: styles and references may only name parts of the picture itself. */
function outsideProblem(svg: Element): string | null {
  const attributes = [svg, ...svg.querySelectorAll('*')].flatMap((each) => [...each.attributes]);
  const reference = attributes.find(
    ({ localName, value }) => isReference(localName) && !value.trim().startsWith('#'),
  );
  if (reference) return `a reference to “${reference.value.slice(0, 60)}”`;
  const styles = [...svg.querySelectorAll('style')].map((style) => style.textContent ?? '');
  const values = attributes.filter(({ name }) => !isWords(name)).map(({ value }) => value);
  const found = [...styles, ...values].map(loadedBy).find((loaded) => loaded !== null);
  return found == null ? null : `a style that loads something: ${found}`;
}

/** A picture as it will be kept; of an SVG, the size that it says. */
interface Cleaned {
  svg: Buffer;
  size: { width: number; height: number } | null;
}

/** An SVG as it will be kept; refused when it holds anything that runs, or that loads from elsewhere. */
function cleanSvg(text: string): ({ ok: true } & Cleaned) | { ok: false; reason: string } {
  const unfit = svgProblem(text);
  if (unfit !== null) return refused(`This is no SVG that can be taken: ${unfit}.`);
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
  const written = svg ? new window.XMLSerializer().serializeToString(svg) : '';
  const rewritten = svgProblem(written);
  return rewritten === null
    ? { ok: true, svg: Buffer.from(written), size: svg && svgSize(svg) }
    : refused(`This SVG cannot be looked through for scripts: ${rewritten}.`);
}

/** The type and the size of a picture; null where it cannot be decoded to its end. */
async function decoded(bytes: Buffer): Promise<{ type?: ArtworkType; width: number; height: number } | null> {
  const picture = sharp(bytes, { limitInputPixels: MOST_PIXELS, failOn: 'truncated' });
  try {
    const { format, width, height } = await picture.metadata();
    const type = format === 'svg' ? 'image/svg+xml' : rasterTypes[format];
    // Decoded once whole: what is torn further down shows itself only there.
    if (format !== 'svg') await picture.stats();
    return { type, width, height };
  } catch {
    return null;
  }
}

/** Picture bytes as they will be kept; they have to be what their name says. */
export async function ingestArtwork(bytes: Buffer, name: string): Promise<Ingestion<ReadArtwork>> {
  const problem = sizeProblem(bytes, MOST_BYTES.artwork, 'artwork');
  if (problem) return refused(problem);
  const markup = isMarkup(bytes);
  const cleaned = markup ? cleanSvg(bytes.toString('utf8')) : { ok: true as const, svg: bytes, size: null };
  if (!cleaned.ok) return cleaned;
  const picture = await decoded(cleaned.svg);
  // An SVG in another encoding, or packed, was not looked through.
  if (!picture?.type || (picture.type === 'image/svg+xml') !== markup)
    return refused(
      `This is not a picture that can be read to its end. Artwork is SVG, PNG, WebP or JPEG, of at most ${MOST_PIXELS / 1_000_000} million pixels.`,
    );
  const { type } = picture;
  // A decoder knows whole px only.
  const { width, height } = cleaned.size ?? picture;
  const ending = endingOf(name).replace('jpeg', 'jpg');
  if (ending !== artworkTypes[type])
    return refused(`“${name}” holds ${artworkTypes[type].toUpperCase()}, which is not what its name says.`);
  return kept({ type, width, height, bytes: cleaned.svg.length }, cleaned.svg);
}
