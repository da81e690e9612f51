import type { FontFace } from '../brand/fonts';
import type { Id } from '../ids/id';
import type { Site } from '../site/site';
import type { Advances } from './advances';
import { textRuns, type FontFeatures } from './font-source';
import { scriptsIn } from './scripts';
import { lineageOf, type HoldsFor } from './worked-with';

/** What of a setting decides how wide a text is beside its size. */
export interface TextFace extends FontFace {
  family: Id;
  /** In CSS px, added after every character (CSS Text 3, 8.2). */
  letterSpacing: number;
  case: 'none' | 'uppercase' | 'lowercase';
  features?: FontFeatures;
}

/** A text as it is shown in a case (CSS Text 3, 2.1 "text-transform"). */
export function cased(text: string, as: TextFace['case'], language: string): string {
  if (as === 'uppercase') return text.toLocaleUpperCase(language);
  return as === 'lowercase' ? text.toLocaleLowerCase(language) : text;
}

/** How wide a text on one line is. */
export interface TextExtent {
  /** In em of its size: what its family has letters for. */
  em: number;
  /** In em of the size at which its family is stood in for: the rest. */
  standIn: number;
  /** The letter spacing beside, in CSS px. */
  spacing: number;
}

/** What is neither seen nor takes room: soft hyphens, and what only joins letters or keeps them apart. */
const unseen = /^\p{Default_Ignorable_Code_Point}+$/u;

const letters = new Intl.Segmenter('en', { granularity: 'grapheme' });

/**
 * After how many letters of a text letter spacing is put: a letter is one with all its marks (CSS Text 3, 1.4). Joined ones are not set
 * apart (8.2.2), spaces are in every script.
 */
function spaced(text: string): number {
  const all = [...letters.segment(text)].map(({ segment }) => segment).filter((each) => !unseen.test(each));
  const scripts = scriptsIn(all);
  return all.filter((each, index) => scripts[index] !== 'joined' || /^\s/.test(each)).length;
}

/** How far a reader may set text apart without anything being lost (WCAG 2.2, 1.4.12 Text Spacing): letters and words, in em, and lines, in times of the size. */
export const READERS_SPACING = { letters: 0.12, words: 0.16, lines: 1.5 };

/** A text as a reader sets it apart who needs that, whatever spacing its style has. */
export function setApart({ em, standIn }: TextExtent, text: string): TextExtent {
  const words = text.split(' ').length - 1;
  const apart = spaced(text) * READERS_SPACING.letters + words * READERS_SPACING.words;
  return { em: em + apart, standIn, spacing: 0 };
}

/** A text as it stands on one line: white space is one space, and none at its ends (CSS Text 3, 4.1). */
export function onOneLine(text: string): string {
  return text.replace(/[ \t\n\r\f]+/g, ' ').replace(/^ | $/g, '');
}

/** Extents by what decides them, as long as nothing else is known of the fonts. */
const known = new WeakMap<HoldsFor, { fonts: Site['fonts']; extents: Map<string, TextExtent> }>();

/** Those by which some text was asked for whose family has not all of its letters. */
const withStandIns = new WeakSet<HoldsFor>();

/** Whether widths go by what stands in for families also once their fonts have come: some text has letters that its own has not. */
export const standsInForLetters = (advances: Advances): boolean => withStandIns.has(lineageOf(advances));

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
  let [em, standIn] = [0, 0];
  let measured = true;
  // All of it is asked for, so that what is missing can be measured at once.
  for (const run of textRuns(site, face, shown, language)) {
    const advance = advances.of(run.source, run.text);
    if (advance === null) measured = false;
    else if (run.standsIn) standIn += advance;
    else em += advance;
    if (run.standsIn) withStandIns.add(lineageOf(advances));
  }
  const { letterSpacing } = face;
  return measured ? { em, standIn, spacing: letterSpacing === 0 ? 0 : spaced(shown) * letterSpacing } : null;
}
