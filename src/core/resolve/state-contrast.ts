import { contrastOn } from '../colour/contrast';
import type { Id } from '../ids/id';
import type { State, StatedPart } from '../properties/states';
import { seenColour } from '../site/seen-colour';
import { ofPair } from '../ids/of-pair';
import type { Site } from '../site/site';
import { isPictured } from './bar-contrast';
import { barGround, seenInBar } from './ground-set';
import type { Standing } from './standing-piece';
import { colourInState, type PieceInBar } from './state-look';

/** What was told of something that stands in a brand: by its part and state. */
const ratiosIn = ofPair<[site: Site, standing: PieceInBar], Map<string, number | null>>(
  () => new Map(),
  ({ brand }, standing) => [brand, standing],
);

/**
 * The contrast ratio of a part's text in a state, on the ground that is really behind it (WCAG 2.2, 1.4.3): its own, on that
 * of the bar or of the panel that it stands on, on that of the page. Null over a picture, which no single ratio tells of.
 */
export function stateContrast(
  site: Site,
  standing: PieceInBar,
  part: StatedPart,
  state: State,
): number | null {
  const ratios = ratiosIn(site, standing);
  const key = `${part.prefix} ${state}`;
  const found = ratios.get(key);
  if (found !== undefined) return found;
  const ratio = contrastAnew(site, standing, part, state);
  ratios.set(key, ratio);
  return ratio;
}

function contrastAnew(site: Site, standing: PieceInBar, part: StatedPart, state: State): number | null {
  const { bar } = standing;
  const onPanel = part.below !== undefined;
  if (!onPanel && isPictured(bar)) return null;
  const seen = (id: Id | 'none') => (id === 'none' ? 'transparent' : seenInBar(site, bar, id));
  const ink = colourInState(standing, part, 'Ink', state);
  const ground = colourInState(standing, part, 'Ground', state);
  const panel = part.panelGround?.(standing.piece) ?? 'ground';
  const behind = onPanel ? seen(panel) : barGround(site, bar);
  return contrastOn(seen(ink), seen(ground), behind, seenColour(site, 'ground'));
}

/** Where a part of a piece is read with most difficulty in a state, and its contrast ratio there. */
export interface LeastContrast extends Pick<Standing, 'band' | 'phase'> {
  ratio: number;
}

/** The least of a ratio among where a piece stands, the first of them where several are the same; null where it is null in all of them. */
export function leastOf<S extends Pick<Standing, 'band' | 'phase'>>(
  standings: readonly S[],
  ratioOf: (standing: S) => number | null,
): LeastContrast | null {
  return standings.reduce<LeastContrast | null>((least, standing) => {
    const ratio = ratioOf(standing);
    const { band, phase } = standing;
    return ratio === null || (least !== null && least.ratio <= ratio) ? least : { ratio, band, phase };
  }, null);
}

/** The least contrast of a part in a state among where its piece stands; null where it is over a picture in all of them. */
export const leastContrast = (
  site: Site,
  standings: readonly Standing[],
  part: StatedPart,
  state: State,
): LeastContrast | null => leastOf(standings, ({ inBar }) => stateContrast(site, inBar, part, state));
