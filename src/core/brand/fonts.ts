/** The font families that ship with the application, open licence all of them. */

export interface FontFamily {
  id: string;
  name: string;
  /** The families that stand in until the font has come, or for glyphs that it lacks. */
  fallback: string;
}

export const fontFamilies: readonly FontFamily[] = [
  { id: 'figtree', name: 'Figtree', fallback: 'system-ui, sans-serif' },
  { id: 'archivo', name: 'Archivo', fallback: 'system-ui, sans-serif' },
  { id: 'source-serif-4', name: 'Source Serif 4', fallback: 'Georgia, serif' },
];

/** The weights that are shipped of each family: regular and strong. */
const fontWeights = [400, 600] as const;

/** The character sets into which a family's files are split, with the code points of each. */
export const fontSubsets = {
  'latin-ext':
    'U+0100-02BA, U+02BD-02C5, U+02C7-02CC, U+02CE-02D7, U+02DD-02FF, U+0304, U+0308, U+0329, U+1D00-1DBF, U+1E00-1E9F, U+1EF2-1EFF, U+2020, U+20A0-20AB, U+20AD-20C0, U+2113, U+2C60-2C7F, U+A720-A7FF',
  latin:
    'U+0000-00FF, U+0131, U+0152-0153, U+02BB-02BC, U+02C6, U+02DA, U+02DC, U+0304, U+0308, U+0329, U+2000-206F, U+20AC, U+2122, U+2191, U+2193, U+2212, U+2215, U+FEFF, U+FFFD',
} as const;
export type FontSubset = keyof typeof fontSubsets;

/** One shipped file of a family. */
export interface FontFile {
  family: string;
  weight: (typeof fontWeights)[number];
  subset: FontSubset;
}

/** The family with this id; throws when none has it. */
export function fontFamily(id: string): FontFamily {
  const family = fontFamilies.find((each) => each.id === id);
  if (!family) throw new Error(`No font family ${id}`);
  return family;
}

/** All shipped files of these families, each family once. */
export function fontFilesOf(families: readonly string[]): FontFile[] {
  return [...new Set(families)].flatMap((family) =>
    fontWeights.flatMap((weight) =>
      (Object.keys(fontSubsets) as FontSubset[]).map((subset) => ({ family, weight, subset })),
    ),
  );
}

/** The name of a font file in the hand-over, such as `figtree-latin-400.woff2`. */
export function fontFileName(file: FontFile): string {
  return `${file.family}-${file.subset}-${file.weight}.woff2`;
}

/** CSS `font-family` of a family with its stand-ins. */
export function fontStack(id: string): string {
  const { name, fallback } = fontFamily(id);
  return `"${name}", ${fallback}`;
}
