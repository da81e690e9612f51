import { shippedFamily, type FontFace } from './fonts';
import type { Weight } from './weights';

/** A family that visitors have installed: its fonts by their names, and what it is measured with. */
interface Installed {
  /** The generic family (CSS Fonts 4, 2.1.3). */
  generic: string;
  /** A shipped family with the same advances. */
  measuredBy: string;
  regular: readonly string[];
  bold: readonly string[];
}

/** What stands in for a family of each kind until its fonts have come. */
const installed = {
  sans: {
    generic: 'sans-serif',
    measuredBy: 'arimo',
    regular: ['Arial', 'Liberation Sans', 'Arimo'],
    bold: ['Arial Bold', 'Liberation Sans Bold', 'Arimo Bold'],
  },
  serif: {
    generic: 'serif',
    measuredBy: 'tinos',
    regular: ['Times New Roman', 'Liberation Serif', 'Tinos'],
    bold: ['Times New Roman Bold', 'Liberation Serif Bold', 'Tinos Bold'],
  },
  mono: {
    generic: 'monospace',
    measuredBy: 'cousine',
    regular: ['Courier New', 'Liberation Mono', 'Cousine'],
    bold: ['Courier New Bold', 'Liberation Mono Bold', 'Cousine Bold'],
  },
} satisfies Record<string, Installed>;

/** Whether texts are measured with a family that stands in for others. */
export const isInstalled = (family: string): boolean =>
  Object.values(installed).some(({ measuredBy }) => measuredBy === family);

/** What stands in for a family; an uploaded one is taken for a sans serif. */
export function standInOf(family: string): Installed {
  return installed[shippedFamily(family)?.kind ?? 'sans'];
}

/** The two faces of a family that is installed, with the weights that each sets (CSS Fonts 4, 5.2). */
export const standInFaces = [
  { fonts: 'regular', weight: '400', weights: '1 500' },
  { fonts: 'bold', weight: '700', weights: '501 1000' },
] as const;

/** The weight of the stand-in that sets texts of a weight. */
export function standInWeight(weight: Weight): '400' | '700' {
  return Number(weight) > 500 ? '700' : '400';
}

/** The face by which a text is measured that is set in the stand-in of its family: italics are slanted by the browser, and as wide as upright letters (CSS Fonts 4, 2.5.1, `font-synthesis-style`). */
export function standInFace<F extends FontFace & { family: string }>(face: F): F {
  return {
    ...face,
    family: standInOf(face.family).measuredBy,
    weight: standInWeight(face.weight),
    slant: 'normal',
  };
}
