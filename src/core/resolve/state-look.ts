import type { Id } from '../ids/id';
import type { State, StatedPart } from '../properties/states';
import type { StatedValues } from './settled-values';

/** A piece with the bar that it stands in, both settled for one band. */
export interface PieceInBar {
  piece: Record<string, unknown>;
  bar: Record<string, unknown>;
}

/** The colour of the brand in which a bar sets its texts: where what stands on it follows its ground, the ink that does. */
export const inkOf = ({ ink, set }: PieceInBar['bar']): Id => (ink === 'none' || set ? 'ink' : (ink as Id));

/** A value that was said of a part in a state, or that follows from what was: of another state, or of the part that it follows; null where nothing was. */
export function saidInState(
  piece: PieceInBar['piece'],
  part: StatedPart,
  name: string,
  state: State,
): { value: unknown; of: StatedPart } | null {
  const byState = piece[`${part.prefix}${name}`] as StatedValues;
  const value = state in byState ? byState[state] : byState.rest;
  if (value !== null) return { value, of: part };
  return part.below ? saidInState(piece, part.below, name, state) : null;
}

/** The colour of the brand in which a part is seen in a state, whether it was said or comes with the piece; `none` for no ground. */
export function colourInState(
  { piece, bar }: PieceInBar,
  part: StatedPart,
  name: 'Ink' | 'Ground',
  state: State,
): Id | 'none' {
  const said = saidInState(piece, part, name, state);
  if (said) return said.value as Id | 'none';
  const bare = part.bare(piece, state);
  if (name === 'Ground') return bare.ground;
  if (bare.ink !== 'of the bar') return bare.ink;
  return inkOf(bar);
}
