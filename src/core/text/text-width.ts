import type { FontFace } from '../brand/fonts';
import { bandChain, NARROWEST } from '../bands/band';
import { typeStyleProperties } from '../brand/type-style';
import type { Weight } from '../brand/weights';
import { lengthAt, type Length } from '../lengths/formula';
import type { SettledPiece } from '../pieces/piece';
import type { Id } from '../ids/id';
import { settledValues } from '../resolve/settled-values';
import type { TypeStyle } from '../site/brand';
import type { Site } from '../site/site';
import type { Advances } from './advances';
import { textRuns, type FontFeatures } from './font-source';
import { lineageOf, type HoldsFor } from './worked-with';

/** What of a setting decides how wide a text is beside its size. */
export interface TextFace extends FontFace {
  family: Id;
  /** In CSS px, added after every character (CSS Text 3, 8.2). */
  letterSpacing: number;
  case: 'none' | 'uppercase' | 'lowercase';
  features?: FontFeatures;
}

/** How texts are set, with a size that may be fluid. */
export interface TextStyle extends TextFace {
  size: Length;
  /** In times of the size. */
  lineHeight: number;
}

/** How a text is set at one width of the viewport; its size is in CSS px. */
export interface TextSetting extends TextFace {
  size: number;
}

/** Type styles as they were settled, by band, as long as the bands are the same. */
const settledStyles = new WeakMap<TypeStyle, { bands: Site['bands']; byBand: Map<Id, TextStyle> }>();

/** A type style of the brand as a band has it. */
export function settledTypeStyle({ brand, bands }: Site, style: Id, band: Id): TextStyle {
  const own = brand.typeStyles[style]!;
  let kept = settledStyles.get(own);
  if (kept?.bands !== bands) {
    kept = { bands, byBand: new Map() };
    settledStyles.set(own, kept);
  }
  const found =
    kept.byBand.get(band) ??
    (settledValues(own.values, typeStyleProperties, bandChain(bands), band) as unknown as TextStyle);
  kept.byBand.set(band, found);
  return found;
}

/** How a piece's texts are set: in its type style, in its own size where it has one. */
export function pieceStyle(site: Site, { values, band }: { values: object; band: Id }): TextStyle {
  const { typeStyle, textSize } = values as { typeStyle: Id; textSize: Length | null };
  const settled = settledTypeStyle(site, typeStyle, band);
  return { ...settled, size: textSize ?? settled.size };
}

/** A style in another weight; in its own where none is given. */
export function inWeight<S extends FontFace>(style: S, weight: number | null | undefined): S {
  return weight === null || weight === undefined ? style : { ...style, weight: String(weight) as Weight };
}

/** How a piece's texts are set at a width of the viewport in CSS px; where its band begins, when none is given. */
export function pieceSetting(
  site: Site,
  piece: SettledPiece,
  { weight, at }: { weight?: number; at?: number } = {},
): TextSetting & { lineHeight: number } {
  const style = inWeight(pieceStyle(site, piece), weight);
  const { from } = site.bands.find((each) => each.id === piece.band)!;
  return { ...style, size: lengthAt(style.size, at ?? Math.max(from, NARROWEST)) };
}

/** A text as it is shown in a case (CSS Text 3, 2.1 "text-transform"). */
export function cased(text: string, as: TextFace['case'], language: string): string {
  if (as === 'uppercase') return text.toLocaleUpperCase(language);
  return as === 'lowercase' ? text.toLocaleLowerCase(language) : text;
}

/** How wide a text on one line is: in em of its size, and in CSS px of letter spacing beside. */
export interface TextExtent {
  em: number;
  spacing: number;
}

/** Scripts whose letters are joined: they are not set apart (CSS Text 3, 8.2.2 "Cursive scripts"). */
const joined =
  /^[\p{Script_Extensions=Arabic}\p{Script_Extensions=Syriac}\p{Script=Mongolian}\p{Script_Extensions=Nko}]/u;

/** What is of no script of its own: it takes that of what stands before it, at the start of a text that of the first letter (UAX 24, 5.2). */
const shared = /^[\p{Script=Common}\p{Script=Inherited}]/u;

/** What is neither seen nor takes room: soft hyphens, and what only joins letters or keeps them apart. */
const unseen = /^\p{Default_Ignorable_Code_Point}+$/u;

const letters = new Intl.Segmenter('en', { granularity: 'grapheme' });

/** Whether letters beside a letter are joined with it; null for what is of no script of its own. */
function joins(letter: string): boolean | null {
  if (joined.test(letter)) return true;
  return shared.test(letter) ? null : false;
}

/**
 * After how many letters of a text letter spacing is put: a letter is one with all its marks (CSS Text 3, 1.4). Spaces are set apart in
 * every script; a bracket that closes is of the script of the one that opens (UAX 24, 5.1).
 */
function spaced(text: string): number {
  const all = [...letters.segment(text)].map(({ segment }) => segment).filter((each) => !unseen.test(each));
  let now = all.map(joins).find((each) => each !== null) ?? false;
  let count = 0;
  const opened: boolean[] = [];
  for (const each of all) {
    now = joins(each) ?? (/^\p{Pe}/u.test(each) ? opened.pop() : null) ?? now;
    if (/^\p{Ps}/u.test(each)) opened.push(now);
    if (!now || /^\s/.test(each)) count += 1;
  }
  return count;
}

/** How far a reader may set text apart without anything being lost (WCAG 2.2, 1.4.12 Text Spacing): letters and words, in em, and lines, in times of the size. */
export const READERS_SPACING = { letters: 0.12, words: 0.16, lines: 1.5 };

/** A text as a reader sets it apart who needs that, whatever spacing its style has. */
export function setApart({ em }: TextExtent, text: string): TextExtent {
  const words = text.split(' ').length - 1;
  return { em: em + spaced(text) * READERS_SPACING.letters + words * READERS_SPACING.words, spacing: 0 };
}

/** A text as it stands on one line: white space is one space, and none at its ends (CSS Text 3, 4.1). */
export function onOneLine(text: string): string {
  return text.replace(/[ \t\n\r\f]+/g, ' ').replace(/^ | $/g, '');
}

/** Extents by what decides them, as long as nothing else is known of the fonts. */
const known = new WeakMap<HoldsFor, { fonts: Site['fonts']; extents: Map<string, TextExtent> }>();

/** How wide letters beside each other are, whatever their size; null as long as some of it was not measured. */
export function textExtent(
  site: Site,
  advances: Advances,
  face: TextFace,
  text: string,
  language: string,
): TextExtent | null {
  let kept = known.get(lineageOf(advances));
  if (kept?.fonts !== site.fonts) {
    kept = { fonts: site.fonts, extents: new Map() };
    known.set(lineageOf(advances), kept);
  }
  const { family, weight, slant, letterSpacing, features } = face;
  const key = [family, weight, slant, letterSpacing, face.case, features, language, text].join('\n');
  const extent = kept.extents.get(key) ?? shapedExtent(site, advances, face, text, language);
  if (extent) kept.extents.set(key, extent);
  return extent;
}

function shapedExtent(
  site: Site,
  advances: Advances,
  face: TextFace,
  text: string,
  language: string,
): TextExtent | null {
  const shown = cased(text, face.case, language);
  let em = 0;
  let measured = true;
  // All of it is asked for, so that what is missing can be measured at once.
  for (const run of textRuns(site, face, shown, language)) {
    const advance = advances.of(run.source, run.text);
    if (advance === null) measured = false;
    else em += advance;
  }
  const { letterSpacing } = face;
  return measured ? { em, spacing: letterSpacing === 0 ? 0 : spaced(shown) * letterSpacing } : null;
}

/** The width of a text on one line, in CSS px; null as long as some of it was not measured. */
export function textWidth(
  site: Site,
  advances: Advances,
  setting: TextSetting,
  text: string,
  language: string,
): number | null {
  const extent = textExtent(site, advances, setting, onOneLine(text), language);
  return extent && extent.em * setting.size + extent.spacing;
}
