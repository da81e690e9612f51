import { borders } from './border';
import { colours } from './colour';
import { durations } from './duration';
import { easings } from './easing';
import { radii } from './radius';
import { shadows } from './shadow';
import type { TokenFamily, TokenKind } from './token-kind';

/** Every family of tokens, in the order in which the brand shows them. */
export const tokenKinds: readonly TokenKind[] = [colours, radii, borders, shadows, durations, easings];
export const tokenFamilies: readonly TokenFamily[] = tokenKinds.map((kind) => kind.family);

/** The kind of a family. */
export function tokenKindOf(family: TokenFamily): TokenKind {
  return tokenKinds.find((kind) => kind.family === family)!;
}
