import type { Rules } from '../markup/css';
import type { SettledPiece } from './piece';

/**
 * The variants of a piece, each settled for the widest band that needs it; `bands` holds the piece settled for every band,
 * widest first. What differs between variants stands in the markup more than once, in elements of the class `for-BAND`, of
 * which each band shows one: the order of reading and of the keyboard is then the order that is seen (WCAG 2.2, 2.4.3).
 */
export function variantsOf(bands: readonly SettledPiece[]): SettledPiece[] {
  return bands.filter(
    ({ variant }, index) => bands.findIndex((other) => other.variant === variant) === index,
  );
}

/** The rules that show in a band the variant that it needs; `&` stands for the piece. Empty when there is one for all. */
export function variantRules(bands: readonly SettledPiece[], { variant }: SettledPiece): Rules {
  const variants = variantsOf(bands);
  if (variants.length === 1) return {};
  return Object.fromEntries(
    variants.map((each) => [
      `& > .for-${each.band}`,
      { display: each.variant === variant ? 'contents' : 'none' },
    ]),
  );
}
