import type { TokenFamily } from '../../brand/tokens/token-kind';

/** The brand in the Design Tokens Community Group’s format (Format Module 2025.10): what writing and reading agree on. */

/** The groups of the file by family, and the type of the tokens in each. */
export const tokenGroups: Record<TokenFamily, { group: string; type: string }> = {
  colours: { group: 'colour', type: 'color' },
  radii: { group: 'radius', type: 'dimension' },
  borders: { group: 'border', type: 'border' },
  shadows: { group: 'shadow', type: 'shadow' },
  durations: { group: 'duration', type: 'duration' },
  easings: { group: 'easing', type: 'cubicBezier' },
};

/** Fluid lengths have no form in the format; they stand beside the larger end under this name. */
export const FLUID = 'gable-ridge.fluid';

/** Names may not hold what the format itself uses (Format Module 2025.10, 5.1.1). */
export const safeName = (name: string) => name.replace(/[{}.]/g, '-').replace(/^\$/, '');
