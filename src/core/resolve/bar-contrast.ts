import { contrastOn } from '../colour/contrast';
import type { Id } from '../ids/id';
import type { State, StatedPart } from '../properties/states';
import { seenColour } from '../site/seen-colour';
import type { Site } from '../site/site';
import { barGround, seenInBar } from './ground-set';
import { colourInState, inkOf, saidInState, type PieceInBar } from './state-look';

type BarValues = PieceInBar['bar'];

/** Whether a picture or a gradient is behind what stands in a bar, of which no single ratio tells. */
export const isPictured = (bar: BarValues): boolean => bar.picture !== null || bar.tint !== 'none';

/** The contrast ratio of the ink of a bar to what is behind it (WCAG 2.2, 1.4.3); null over a picture. */
export function inkContrast(site: Site, bar: BarValues): number | null {
  if (isPictured(bar)) return null;
  return contrastOn(seenInBar(site, bar, inkOf(bar)), barGround(site, bar), seenColour(site, 'ground'));
}

/**
 * By how much a field is told from what is around it in a state (WCAG 2.2, 1.4.11): its line or its ground, whichever stands out more.
 * Null for what is no field, and over a picture.
 */
export function fieldContrast(site: Site, inBar: PieceInBar, part: StatedPart, state: State): number | null {
  const { bar, piece } = inBar;
  const { fieldLine } = part.bare(piece, state);
  if (fieldLine === undefined || isPictured(bar)) return null;
  const said = saidInState(piece, part, 'Edge', state)?.value as Id | undefined;
  const line =
    said === undefined
      ? fieldLine === 'of its text'
        ? colourInState(inBar, part, 'Ink', state)
        : fieldLine
      : site.brand.borders[said]!.value.colour;
  const around = barGround(site, bar);
  const own = colourInState(inBar, part, 'Ground', state);
  const seen = [line, ...(own === 'none' ? [] : [own])].map((colour) => seenInBar(site, bar, colour));
  return Math.max(...seen.map((colour) => contrastOn(colour, around)));
}
