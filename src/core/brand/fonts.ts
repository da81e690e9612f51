import { fileHas } from './font-gaps';
import { fontSubsets, type FontSubset } from './font-subsets';
import type { Weight } from './weights';

/** The font families that ship with the application, open licence all of them. */
export interface ShippedFamily {
  id: string;
  name: string;
  /** Which kind of family stands in for it until its fonts have come, or for glyphs that it lacks. */
  kind: 'sans' | 'serif' | 'mono';
  /** The lightest and the heaviest weight; every hundred between them is there. */
  weights: [least: number, most: number];
  italic: boolean;
  subsets: readonly FontSubset[];
}

// What two sets have is taken from the later one.
const latin = ['latin', 'latin-ext'] as const;
const vietnamese = ['latin', 'vietnamese', 'latin-ext'] as const;
const cyrillic = ['cyrillic-ext', 'cyrillic'] as const;
const european = [...vietnamese, ...cyrillic, 'greek'] as const;
const polytonic = [...vietnamese, ...cyrillic, 'greek-ext', 'greek'] as const;

function shipped(
  id: string,
  name: string,
  kind: ShippedFamily['kind'],
  weights: ShippedFamily['weights'],
  more: { italic?: false; subsets?: readonly FontSubset[] } = {},
): ShippedFamily {
  return { id, name, kind, weights, italic: more.italic ?? true, subsets: more.subsets ?? latin };
}

export const shippedFamilies: readonly ShippedFamily[] = [
  shipped('figtree', 'Figtree', 'sans', [300, 900]),
  shipped('archivo', 'Archivo', 'sans', [100, 900], { subsets: vietnamese }),
  shipped('hanken-grotesk', 'Hanken Grotesk', 'sans', [100, 900], {
    subsets: [...vietnamese, 'cyrillic-ext'],
  }),
  shipped('bricolage-grotesque', 'Bricolage Grotesque', 'sans', [200, 800], {
    italic: false,
    subsets: vietnamese,
  }),
  shipped('source-sans-3', 'Source Sans 3', 'sans', [200, 900], { subsets: polytonic }),
  shipped('rubik', 'Rubik', 'sans', [300, 900], {
    subsets: [...latin, ...cyrillic, 'hebrew', 'arabic'],
  }),
  shipped('source-serif-4', 'Source Serif 4', 'serif', [200, 900], { subsets: european }),
  shipped('literata', 'Literata', 'serif', [200, 900], { subsets: polytonic }),
  shipped('fraunces', 'Fraunces', 'serif', [100, 900], { subsets: vietnamese }),
  shipped('spline-sans-mono', 'Spline Sans Mono', 'mono', [300, 700]),
];

/** The shipped family with this id; undefined when none has it. */
export function shippedFamily(id: string): ShippedFamily | undefined {
  return shippedFamilies.find((family) => family.id === id);
}

/** Families that are only measured with; sites neither choose nor ship them. */
const measuringFamilies: readonly ShippedFamily[] = [
  shipped('arimo', 'Arimo', 'sans', [400, 700], { subsets: [...polytonic, 'hebrew'] }),
  shipped('tinos', 'Tinos', 'serif', [400, 700], { subsets: [...polytonic, 'hebrew'] }),
  shipped('cousine', 'Cousine', 'mono', [400, 700], { subsets: [...polytonic, 'hebrew'] }),
];

/** All families that texts are measured with. */
export const measuredFamilies: readonly ShippedFamily[] = [...shippedFamilies, ...measuringFamilies];

/** The family with this id of those that ship with the application, also one that is only measured with; undefined when none has it. */
export function measuredFamily(id: string): ShippedFamily | undefined {
  return measuredFamilies.find((family) => family.id === id);
}

/** A face of a family: what a type style asks for. */
export interface FontFace {
  weight: Weight;
  slant: 'normal' | 'italic';
}

/** One shipped file. */
export interface ShippedFile extends FontFace {
  family: string;
  subset: FontSubset;
}

/** The face of a family that is nearest to the one asked for, as a browser would choose it (CSS Fonts 4, 5.2). */
export function nearestFace(family: ShippedFamily, { weight, slant }: FontFace): FontFace {
  const [least, most] = family.weights;
  const wanted = Number(weight);
  // Between 400 and 500 a heavier one is looked for first, below a lighter one, above a heavier one.
  const hundred = wanted < 400 ? Math.floor(wanted / 100) : Math.ceil(wanted / 100);
  const nearest = String(Math.min(most, Math.max(least, hundred * 100))) as Weight;
  return { weight: nearest, slant: slant === 'italic' && family.italic ? 'italic' : 'normal' };
}

/** The character sets of a family from whose files browsers take these characters: where several have one, from the last. */
const servingSubsets = ({ id, subsets }: ShippedFamily, characters: ReadonlySet<string>) =>
  new Set([...characters].map((character) => subsets.findLast((subset) => fileHas(id, subset, character))));

/** The files of a family for these faces, each once: `latin`, and the other subsets that serve these characters. */
export function shippedFiles(
  family: ShippedFamily,
  faces: readonly FontFace[],
  characters: ReadonlySet<string>,
): ShippedFile[] {
  const wanted = new Map(
    faces
      .map((face) => nearestFace(family, face))
      .map((face) => [`${face.weight} ${face.slant}`, face] as const),
  );
  const serving = servingSubsets(family, characters);
  const subsets = family.subsets.filter((subset) => subset === 'latin' || serving.has(subset));
  return [...wanted.values()].flatMap((face) =>
    subsets.map((subset) => ({ family: family.id, subset, ...face })),
  );
}

/** The name of a shipped file in the hand-over, such as `figtree-latin-400-normal.woff2`, which is also its name in its package. */
export function shippedFileName({ family, subset, weight, slant }: ShippedFile): string {
  return `${family}-${subset}-${weight}-${slant}.woff2`;
}

/** Every file that ships, by its name. */
const filesByName: ReadonlyMap<string, ShippedFile> = new Map(
  measuredFamilies.flatMap((family) => {
    const [least, most] = family.weights.map(Number) as [number, number];
    const weights = Array.from({ length: (most - least) / 100 + 1 }, (_, index) => least + index * 100);
    const slants = family.italic ? (['normal', 'italic'] as const) : (['normal'] as const);
    return weights.flatMap((weight) =>
      slants.flatMap((slant) =>
        family.subsets.map((subset): [string, ShippedFile] => {
          const file = { family: family.id, subset, weight: String(weight) as Weight, slant };
          return [shippedFileName(file), file];
        }),
      ),
    );
  }),
);

/** The shipped file with this name; null when there is none. */
export function shippedFileNamed(name: string): ShippedFile | null {
  return filesByName.get(name) ?? null;
}

/** CSS `unicode-range` of a shipped file. */
export function unicodeRange(file: ShippedFile): string {
  return fontSubsets[file.subset];
}
