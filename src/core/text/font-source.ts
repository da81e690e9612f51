import { fileHas } from '../brand/font-gaps';
import {
  measuredFamily,
  nearestFace,
  shippedFileName,
  type FontFace,
  type ShippedFamily,
} from '../brand/fonts';
import type { FontSubset } from '../brand/font-subsets';
import { isInstalled, standInFace } from '../brand/stand-ins';
import type { Id } from '../ids/id';
import type { FontFile } from '../site/font';
import type { Site } from '../site/site';
import { scriptsIn } from './scripts';

/** One font of one weight: a shipped file by its name, or an uploaded one by its hash. */
export interface FontSource {
  from: 'shipped' | 'upload';
  name: string;
  /** The place on the weight axis, for a variable font; null for any other. */
  weight: number | null;
  features?: FontFeatures;
  /** The language of the text, whose letters some fonts draw in forms of their own (OpenType `locl`); a BCP 47 tag. */
  language: string;
}

/**
 * OpenType features that are other than a font has them: figures of one width (`font-variant-numeric`), and no ligatures, which
 * browsers leave out between letters that are set apart (CSS Text 3, 8.2).
 */
export type FontFeatures = 'tnum' | '-liga -clig';

/** A stretch of text that one font sets. */
export interface TextRun {
  source: FontSource;
  text: string;
  /** Whether its letters are not in the family: what stands in for it sets them, at a size of its own (stand-in.ts). */
  standsIn: boolean;
}

/** How far a file is from the weight that is asked for, in units of weight; 0 for one that has it. */
function weightDistance({ weights: [least, most] }: FontFile, weight: number): number {
  return Math.max(0, Number(least) - weight, weight - Number(most));
}

/** The uploaded file of a family that a browser takes for a face: the slant first, then the nearest weight (CSS Fonts 4, 5.2). */
export function nearestFile(files: readonly FontFile[], { weight, slant }: FontFace): FontFile {
  const slanted = files.filter((file) => file.slant === slant);
  const among = slanted.length > 0 ? slanted : files;
  const wanted = Number(weight);
  return [...among].sort((a, b) => weightDistance(a, wanted) - weightDistance(b, wanted))[0]!;
}

function uploadedSource(file: FontFile, weight: number): Omit<FontSource, 'language'> {
  const [least, most] = file.weights.map(Number) as [number, number];
  return {
    from: 'upload',
    name: file.hash,
    weight: least === most ? null : Math.min(most, Math.max(least, weight)),
  };
}

/** A face of a family, and what else decides which features set a text in it. */
interface FaceOfFamily extends FontFace {
  family: Id;
  letterSpacing: number;
  features?: FontFeatures;
}

function featuresOf({ letterSpacing, features }: FaceOfFamily): { features?: FontFeatures } {
  const set = features ?? (letterSpacing === 0 ? undefined : '-liga -clig');
  return set === undefined ? {} : { features: set };
}

/** A stretch of text of one script that one file of a family has; null where none has it. */
interface Stretch {
  subset: FontSubset | null;
  text: string;
}

/** What is set with the letter before it: its marks, and what is not seen. */
const withLetter = /[\p{M}\p{Default_Ignorable_Code_Point}]/u;
/** What no font needs a glyph for. */
const unseen = /\p{Default_Ignorable_Code_Point}/u;

/** The letters of a text, each with its marks: where there is one character for both, as that. */
export function lettersOf(text: string): string[] {
  const all = [...text.normalize('NFC')];
  if (!withLetter.test(text)) return all;
  const letters: string[] = [];
  for (const character of all) {
    if (letters.length > 0 && withLetter.test(character)) letters.push(letters.pop()! + character);
    else letters.push(character);
  }
  return letters;
}

/** What Unicode has as hyphens beside the sign on keyboards, in fonts as wide as that. */
const hyphen = /[\u2010\u2011]/;

/** The stretches of a text by the files of a family that have them: a letter and its marks are set by one font (CSS Fonts 4, 5.3 “Cluster Matching”). */
function stretchesOf({ id, subsets }: ShippedFamily, text: string): Stretch[] {
  const isSet = (subset: FontSubset, character: string) =>
    unseen.test(character) || fileHas(id, subset, character);
  const subsetOf = (letter: string) =>
    // Where several sets hold a character, the one that stands last in the stylesheet wins (5.3).
    subsets.findLast((subset) => [...letter].every((character) => isSet(subset, character))) ?? null;
  const letters = lettersOf(text);
  const scripts = scriptsIn(letters);
  const stretches: Stretch[] = [];
  const add = (subset: FontSubset | null, letter: string, index: number) => {
    const last = stretches.at(-1);
    // Letters of two scripts are not drawn nearer to each other, nor joined.
    if (last?.subset === subset && scripts[index] === scripts[index - 1]) last.text += letter;
    else stretches.push({ subset, text: letter });
  };
  for (const [index, letter] of letters.entries()) {
    const subset = subsetOf(letter);
    // Nothing stands in for what stands in: of a letter with marks that it lacks, the letter is as wide as both.
    if (subset !== null || !isInstalled(id)) add(subset, letter, index);
    else {
      const alone = hyphen.test(letter) ? '-' : [...letter][0]!;
      add(subsetOf(alone) ?? subsets[0]!, alone, index);
    }
  }
  return stretches;
}

/** How many texts are kept in stretches: a text is asked for in many faces of a family. */
const MOST_KEPT = 20_000;
const known = new Map<ShippedFamily, Map<string, readonly Stretch[]>>();

function keptStretches(family: ShippedFamily, text: string): readonly Stretch[] {
  const kept = known.get(family) ?? new Map<string, readonly Stretch[]>();
  const before = kept.get(text);
  if (before) return before;
  if (kept.size >= MOST_KEPT) kept.clear();
  const stretches = stretchesOf(family, text);
  known.set(family, kept.set(text, stretches));
  return stretches;
}

/** The letters of a text that none of the files of a shipped family has, with their marks; of any other family none. */
export function lackedByShipped(family: Id, text: string): string[] {
  const shipped = measuredFamily(family);
  if (!shipped) return [];
  return keptStretches(shipped, text).flatMap(({ subset, text: stretch }) =>
    subset === null ? lettersOf(stretch) : [],
  );
}

/**
 * The fonts that set a text in a family, stretch by stretch. Of a shipped family, each character set is a file of its own, and what is in
 * none of them is set in what stands in for it; of an uploaded one, the file is taken to have all of it.
 */
export function textRuns(site: Site, face: FaceOfFamily, text: string, language: string): TextRun[] {
  const { family } = face;
  const said = { ...featuresOf(face), language };
  const shipped = measuredFamily(family);
  if (!shipped) {
    const file = nearestFile(site.fonts[family]!.files, face);
    return [{ source: { ...uploadedSource(file, Number(face.weight)), ...said }, text, standsIn: false }];
  }
  const nearest = nearestFace(shipped, face);
  return keptStretches(shipped, text).flatMap(({ subset, text: stretch }): TextRun[] => {
    if (subset === null)
      return textRuns(site, standInFace(face), stretch, language).map((run) => ({ ...run, standsIn: true }));
    const name = shippedFileName({ family, subset, ...nearest });
    return [{ source: { from: 'shipped', name, weight: null, ...said }, text: stretch, standsIn: false }];
  });
}
