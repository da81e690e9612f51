import { contrastOn } from '../colour/contrast';
import type { Id } from '../properties/id';
import type { State, StatedPart } from '../properties/states';
import { seenColour } from '../site/seen-colour';
import type { Site } from '../site/site';
import type { StatedValues } from './settled-values';

/** A piece with the bar that it stands in, both settled for one band. */
export interface PieceInBar {
  piece: Record<string, unknown>;
  bar: Record<string, unknown>;
}

/** The value that holds in a state: what the part has of its own, else what the part that it follows has. */
function stateValue(values: Record<string, unknown>, part: StatedPart, name: string, state: State): unknown {
  const byState = values[`${part.prefix}${name}`] as StatedValues;
  const own = state in byState ? byState[state] : byState.rest;
  if (own !== null || !part.below) return own;
  return stateValue(values, part.below, name, state);
}

/**
 * The contrast ratio of a part's text in a state, on the ground that is really behind it (WCAG 2.2, 1.4.3): its own, on that
 * of the bar or of the panel that it stands on, on that of the page. Null over a picture, which no single ratio tells of.
 */
export function stateContrast(
  site: Site,
  { piece, bar }: PieceInBar,
  part: StatedPart,
  state: State,
): number | null {
  const onPanel = part.below !== undefined;
  if (!onPanel && (bar.picture !== null || bar.tint !== 'none')) return null;
  const bare = part.bare(piece);
  const seen = (id: Id | 'none') => (id === 'none' ? 'transparent' : seenColour(site, id));
  const barInk = bar.ink === 'none' ? 'ink' : (bar.ink as Id);
  const ink = (stateValue(piece, part, 'Ink', state) ??
    (bare.ink === 'of the bar' ? barInk : bare.ink)) as Id;
  const ground = (stateValue(piece, part, 'Ground', state) ?? bare.ground) as Id;
  const behind = onPanel ? 'ground' : (bar.ground as Id);
  return contrastOn(seen(ink), seen(ground), seen(behind), seen('ground'));
}
