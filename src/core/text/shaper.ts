import { usualMetrics, type FontMetrics } from './advances';
import type { FontSource } from './font-source';

/** What is used of the HarfBuzz library, so that the core need not load it. */
export type HarfBuzz = Pick<
  typeof import('harfbuzzjs'),
  'Blob' | 'Face' | 'Font' | 'Buffer' | 'Feature' | 'Variation' | 'shape'
>;

/** A font at work. */
export interface Shape {
  /** The advance of a text in em. */
  advance(text: string): number;
  /** Whether it has no glyph for a character. */
  lacks(character: string): boolean;
  metrics: FontMetrics;
}

/** How far a font reaches: as its table for lines on screens says, or where its flag asks for it, its typographic one (OpenType, `hhea`, `OS/2`). */
function metricsOf(table: (name: string) => Uint8Array | undefined, upem: number): FontMetrics {
  const signed = (bytes: Uint8Array, at: number) =>
    new DataView(bytes.buffer, bytes.byteOffset, bytes.byteLength).getInt16(at);
  /** Both tables say these three behind each other. */
  const metrics = (bytes: Uint8Array, from: number) => ({
    ascent: signed(bytes, from) / upem,
    descent: -signed(bytes, from + 2) / upem,
    gap: signed(bytes, from + 4) / upem,
  });
  const [hhea, os2] = [table('hhea'), table('OS/2')];
  const TYPOGRAPHIC = 1 << 7;
  if (os2 && (signed(os2, 62) & TYPOGRAPHIC) !== 0) return metrics(os2, 68);
  return hhea ? metrics(hhea, 4) : usualMetrics;
}

/**
 * Shapes texts with a font given as plain OpenType or TrueType bytes (not WOFF, which HarfBuzz takes for
 * an empty font). `weight` is the place on the axis of a variable font.
 */
export function shapeWith(
  hb: HarfBuzz,
  bytes: Uint8Array,
  { weight, features, language }: Pick<FontSource, 'weight' | 'features' | 'language'>,
): Shape {
  const face = new hb.Face(new hb.Blob(bytes));
  const font = new hb.Font(face);
  if (weight !== null) font.setVariations([new hb.Variation('wght', weight)]);
  const set = (features?.split(' ') ?? []).map((each) => hb.Feature.fromString(each)!);
  return {
    advance(text) {
      const buffer = new hb.Buffer();
      buffer.addText(text);
      buffer.guessSegmentProperties();
      buffer.setLanguage(language);
      hb.shape(font, buffer, set);
      return buffer.getGlyphPositions().reduce((sum, { xAdvance }) => sum + xAdvance, 0) / face.upem;
    },
    metrics: metricsOf((name) => face.referenceTable(name), face.upem),
    lacks: (character) => font.nominalGlyph(character.codePointAt(0)!) === undefined,
  };
}
