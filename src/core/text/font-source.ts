import { measuredFamily, nearestFace, shippedFileName, type FontFace } from '../brand/fonts';
import { subsetHolds, type FontSubset } from '../brand/font-subsets';
import type { Id } from '../ids/id';
import type { FontFile } from '../site/font';
import type { Site } from '../site/site';

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

/** A mark that is set with the letter before it. */
const mark = /\p{M}/u;

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

/** A stretch of text that one character set holds. */
interface Stretch {
  subset: FontSubset;
  text: string;
}

/** The stretches of a text by the character sets that hold them; a character that none of them holds is counted to the first. */
function stretchesOf(subsets: readonly FontSubset[], text: string): Stretch[] {
  const subsetOf = (character: string) =>
    // Where several sets hold a character, the one that stands last in the stylesheet wins (CSS Fonts 4, 5.3).
    subsets.findLast((subset) => subsetHolds(subset, character)) ?? subsets[0]!;
  const stretches: Stretch[] = [];
  // A letter is looked for with its marks as one character, where there is such a one.
  for (const character of text.normalize('NFC')) {
    const last = stretches.at(-1);
    // A letter and its marks are set by one font, where it has them (CSS Fonts 4, 5.3 "Cluster Matching").
    const joins = last && mark.test(character) && subsetHolds(last.subset, character);
    const subset = joins ? last.subset : subsetOf(character);
    if (last?.subset === subset) last.text += character;
    else stretches.push({ subset, text: character });
  }
  return stretches;
}

/** How many texts are kept in stretches: a text is asked for in many faces of a family. */
const MOST_KEPT = 20_000;
const known = new Map<readonly FontSubset[], Map<string, readonly Stretch[]>>();

function keptStretches(subsets: readonly FontSubset[], text: string): readonly Stretch[] {
  const kept = known.get(subsets) ?? new Map<string, readonly Stretch[]>();
  const before = kept.get(text);
  if (before) return before;
  if (kept.size >= MOST_KEPT) kept.clear();
  const stretches = stretchesOf(subsets, text);
  known.set(subsets, kept.set(text, stretches));
  return stretches;
}

/** The fonts that set a text in a family, stretch by stretch. Of a shipped family, each character set is a file of its own. */
export function textRuns(site: Site, face: FaceOfFamily, text: string, language: string): TextRun[] {
  const { family } = face;
  const said = { ...featuresOf(face), language };
  const shipped = measuredFamily(family);
  if (!shipped) {
    const file = nearestFile(site.fonts[family]!.files, face);
    return [{ source: { ...uploadedSource(file, Number(face.weight)), ...said }, text }];
  }
  const nearest = nearestFace(shipped, face);
  return keptStretches(shipped.subsets, text).map(({ subset, text: stretch }) => {
    const name = shippedFileName({ family, subset, ...nearest });
    return { source: { from: 'shipped', name, weight: null, ...said }, text: stretch };
  });
}
