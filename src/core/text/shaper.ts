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
    lacks: (character) => font.nominalGlyph(character.codePointAt(0)!) === undefined,
  };
}
