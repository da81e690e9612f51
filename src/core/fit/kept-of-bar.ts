import { sameItems } from '../ids/same-items';
import type { Id } from '../ids/id';
import type { SettledAssembly, SettledBar } from '../resolve/assembly';
import type { Within } from './assembly-boxes';
import { barFrame, panelWidth } from './frame';
import { pieceBoxes } from './piece-boxes';
import { madeOfTexts, type Circumstances, type Tally } from './piece-content';

/** A bar that is looked at: in all of its phases, the top first, within a span of widths of one stage. */
export interface LookedAt {
  circumstances: Circumstances;
  phases: readonly SettledAssembly[];
  bar: Id;
  within: Within;
}

interface Kept {
  madeOf: readonly unknown[];
  found: unknown;
}
const known = new WeakMap<SettledBar, Map<string, Kept>>();

/** The most answers that are kept of a bar: what was asked of it in the widths, languages and circumstances that come again and again. */
const MOST_KEPT = 128;

/** The bars that decide how one stands: itself in each phase, and all that stand in one row with it. */
function decidingBars({ phases, bar }: LookedAt): SettledBar[] {
  const inRow = phases[0]!.values.stands === 'row';
  return phases.flatMap(({ bars }) => bars.filter(({ id }) => inRow || id === bar));
}

/**
 * What was worked out of a bar before, as long as all that decides it is the same: how it is settled, the boxes of its pieces, what
 * texts are measured with, and the widths that it has. What still waits for texts to be measured is not kept.
 */
export function keptOfBar<T>(looked: LookedAt, asked: string, work: (within: Within) => T): T {
  const { circumstances, phases, bar, within } = looked;
  const { site, language, root, inStandIn = false, setApart = false } = circumstances;
  const { band, span } = within;
  const own = phases[0]!.bars.find(({ id }) => id === bar)!;
  const bars = decidingBars(looked);
  const pieces = bars.flatMap(({ bays }) => bays.flatMap((bay) => bay.pieces));
  const madeOf = [
    ...madeOfTexts(circumstances),
    ...bars,
    ...pieces.map((piece) => pieceBoxes(circumstances, piece)),
  ];
  const widths = [
    panelWidth(circumstances, phases[0]!, band, span),
    bars.map((each) => barFrame(site, phases[0]!, each, band)),
  ];
  const key = `${asked} ${language} ${root} ${inStandIn} ${setApart} ${JSON.stringify([span, widths])}`;
  const answers = known.get(own) ?? new Map<string, Kept>();
  known.set(own, answers);
  const kept = answers.get(key);
  if (kept && sameItems(kept.madeOf, madeOf)) return kept.found as T;
  const tally: Tally = { complete: true };
  const found = work({ ...within, tally });
  if (!tally.complete) within.tally.complete = false;
  else {
    if (answers.size >= MOST_KEPT) answers.clear();
    answers.set(key, { madeOf, found });
  }
  return found;
}
