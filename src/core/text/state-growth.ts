import type { SettledPiece } from '../pieces/piece';
import { stateLabels, type State, type StatedPart } from '../properties/states';
import type { StatedValues } from '../resolve/settled-values';
import type { Site } from '../site/site';
import type { Advances } from './advances';
import { pieceSetting, textWidth } from './text-width';

/** By how much states of the same weight make a text wider than at rest. */
export interface StateGrowth {
  states: State[];
  label: string;
  /** In CSS px; negative where it gets narrower. */
  by: number;
}

/** Less than this is not seen, in CSS px. */
const UNSEEN = 0.05;

/**
 * The states in which a part of a piece is wider or narrower than at rest, since they have another weight, each with the text that
 * changes most; null as long as some text was not measured. `labels` are the texts in question.
 */
export function stateGrowth(
  site: Site,
  advances: Advances,
  piece: SettledPiece,
  part: StatedPart,
  labels: readonly string[],
): StateGrowth[] | null {
  const byState = piece.values[`${part.prefix}Weight`] as StatedValues;
  const width = (label: string, weight: unknown) =>
    textWidth(
      site,
      advances,
      pieceSetting(site, piece, { weight: (weight as number | null) ?? undefined }),
      label,
      site.languages[0]!,
    );
  const others = (Object.keys(stateLabels) as State[]).filter(
    (state) => state !== 'rest' && typeof byState[state] === 'number',
  );
  const weights = [...new Set(others.map((state) => byState[state]))];
  const growths = weights.map((weight): StateGrowth | null => {
    const changes = labels.map((label) => {
      const [rest, there] = [width(label, byState.rest), width(label, weight)];
      return rest === null || there === null ? null : { label, by: there - rest };
    });
    if (changes.includes(null)) return null;
    const states = others.filter((state) => byState[state] === weight);
    return (changes as StateGrowth[]).reduce(
      (most, { label, by }) => (Math.abs(by) > Math.abs(most.by) ? { states, label, by } : most),
      { states, label: '', by: 0 },
    );
  });
  if (growths.includes(null)) return null;
  return (growths as StateGrowth[]).filter(({ by }) => Math.abs(by) >= UNSEEN);
}
