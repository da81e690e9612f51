import * as fontkit from 'fontkit';
import type { Weight } from '@/core/brand/weights';
import { MOST_BYTES } from '@/core/site/file-limits';
import { fontFormats, type FontFile, type FontFormat } from '@/core/site/font';
import { shapeWith } from '@/core/text/shaper';
import { endingOf, kept, refused, sizeProblem, type Ingestion } from './ingestion';
import { asSfnt } from './sfnt';

/** What was read from a font: the family that it says it is of, and its face. */
export interface ReadFont {
  family: string;
  file: Omit<FontFile, 'hash'>;
}

/** The format of a font by its first four bytes (OpenType 1.9, "Table Directory"; WOFF 1 and 2, "signature"). */
const signatures: Record<string, FontFormat> = {
  wOF2: 'woff2',
  wOFF: 'woff',
  '\0\u0001\0\0': 'ttf',
  true: 'ttf',
  OTTO: 'otf',
};

/** What is read of a font; the published types of fontkit leave some of it out. */
interface OpenedFont {
  familyName: string;
  name?: { records?: { preferredFamily?: Record<string, string> } };
  'OS/2': { usWeightClass: number; fsSelection: { italic: boolean; oblique: boolean } };
  variationAxes: Record<string, { min: number; max: number } | undefined>;
}

/** Characters that a font of any script has one of, to see that it can set a text. */
const SAMPLE = 'aA1 .Ωжאبअกあ中가';

/**
 * What fontkit reads of a font; null where it cannot be unpacked, read or set with. All that is done with a font later is done once
 * here: one that is let in never fails afterwards. `characterSet` of fontkit is left alone: it believes whatever a `cmap` claims.
 */
async function opened(bytes: Buffer): Promise<OpenedFont | null> {
  try {
    const plain = await asSfnt(bytes);
    const hb = await import('harfbuzzjs');
    const face = new hb.Face(new hb.Blob(plain));
    const characters = face.collectUnicodes().length;
    const shape = shapeWith(hb, plain, { weight: null, language: 'en' });
    const sample = String.fromCodePoint(...[...face.collectUnicodes()].slice(0, 200));
    const widths = [...SAMPLE, sample].map((text) => shape.advance(text));
    if (characters === 0 || !widths.every(Number.isFinite)) return null;
    const font = (fontkit as unknown as { create(bytes: Buffer): OpenedFont }).create(plain);
    return font['OS/2'] ? font : null;
  } catch {
    return null;
  }
}

/** The nearest weight of those that CSS names. */
function named(weight: number): Weight {
  return String(Math.min(9, Math.max(1, Math.round(weight / 100))) * 100) as Weight;
}

/** Font bytes as they will be kept, with the face that the file itself says it is. */
export async function ingestFont(bytes: Buffer, name: string): Promise<Ingestion<ReadFont>> {
  const problem = sizeProblem(bytes, MOST_BYTES.fonts, 'a font');
  if (problem) return refused(problem);
  const format = signatures[bytes.subarray(0, 4).toString('latin1')];
  if (!format)
    return refused(
      `“${name}” is not a font that can be read. Fonts are ${Object.keys(fontFormats).join(', ').toUpperCase()}.`,
    );
  if (endingOf(name) !== format)
    return refused(`“${name}” holds ${format.toUpperCase()}, which is not what its name says.`);
  const font = await opened(bytes);
  if (!font)
    return refused(`“${name}” begins like a font but cannot be read to its end; the file may be torn.`);
  const axis = font.variationAxes.wght;
  const { usWeightClass, fsSelection } = font['OS/2'];
  const [least, most] = axis ? [axis.min, axis.max] : [usWeightClass, usWeightClass];
  const family = font.name?.records?.preferredFamily?.en ?? font.familyName ?? 'Font';
  const slant = fsSelection.italic || fsSelection.oblique ? 'italic' : 'normal';
  return kept(
    {
      family: family.slice(0, 60),
      file: { format, weights: [named(least), named(most)], slant, bytes: bytes.length },
    },
    bytes,
  );
}
