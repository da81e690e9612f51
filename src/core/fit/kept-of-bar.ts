import type { Id } from '../ids/id';
import { numberedTexts } from '../ids/numbered';
import { sameItems } from '../ids/same-items';
import type { Length } from '../lengths/formula';
import type { SettledPiece } from '../pieces/piece';
import type { SettledAssembly, SettledBar } from '../resolve/assembly';
import type { Within } from './assembly-boxes';
import { barFrame, panelWidth, type Frame } from './frame';
import { barProperties } from '../properties/bar';
import { pieceBoxes } from './piece-boxes';
import { madeOfTexts, type Circumstances, type Tally } from './circumstances';

/** A bar that is looked at: in all of its phases, the top first, within a span of widths of one stage. */
export interface LookedAt {
  circumstances: Circumstances;
  phases: readonly SettledAssembly[];
  bar: Id;
  within: Within;
}

interface Kept {
  /** The pieces as they are settled: in each stage that a rule has changed there are others. */
  pieces: readonly SettledPiece[];
  madeOf: readonly unknown[];
  found: unknown;
}
const known = new WeakMap<object, Map<string, readonly Kept[]>>();
/** For bars without pieces. */
const empty = {};

const widthProperties = barProperties.filter(({ leavesWidths }) => leavesWidths !== true);
const numberOf = numberedTexts();

/** A number for what is said of bars: the same for all of which the same is said. */
export function numberedBars(said: (bar: SettledBar) => unknown): (bar: SettledBar) => number {
  const known = new WeakMap<SettledBar, number>();
  return (bar) => {
    const number = known.get(bar) ?? numberOf(JSON.stringify(said(bar)));
    known.set(bar, number);
    return number;
  };
}

/** What a bar and its bays say that decides widths in them. */
const widthsSaid = numberedBars(({ id, values, bays }) => [
  id,
  widthProperties.map(({ name }) => values[name]),
  bays.map(({ nth, values: said, pieces }) => [nth, said, pieces.length]),
]);

const lengthSaid = (length: Length) => (typeof length === 'number' ? length : JSON.stringify(length));
const frameSaid = ({ gutter, most }: Frame) => `${lengthSaid(gutter)} ${most && lengthSaid(most.rem)}`;

/** The most answers that are kept of a bar: what was asked of it in the widths, languages and circumstances that come again and again. */
const MOST_KEPT = 128;
/** In so many stages each of them. */
const MOST_STAGES = 8;

/** The bars that decide how one stands: itself in each phase, and all that stand in one row with it. */
function decidingBars({ phases, bar }: LookedAt): SettledBar[] {
  const inRow = phases[0]!.values.stands === 'row';
  return phases.flatMap(({ bars }) => bars.filter(({ id }) => inRow || id === bar));
}

/**
 * What was worked out of a bar before, as long as all that decides it is the same: how it is settled as far as that decides widths, what its
 * pieces are made to (their boxes, unless `madeTo` says otherwise), what texts are measured with, and the widths that it has. What still
 * waits for texts to be measured is not kept.
 */
export function keptOfBar<T>(
  looked: LookedAt,
  asked: string,
  work: (within: Within) => T,
  madeTo: (circumstances: Circumstances, piece: SettledPiece) => object | null = pieceBoxes,
): T {
  const { circumstances, phases, bar, within } = looked;
  const { site, language, root, inStandIn = false, setApart = false } = circumstances;
  const { band, span } = within;
  const bars = decidingBars(looked);
  const pieces = bars.flatMap(({ bays }) => bays.flatMap((bay) => bay.pieces));
  const madeOf = [...madeOfTexts(circumstances), ...pieces.map((piece) => madeTo(circumstances, piece))];
  const room = panelWidth(circumstances, phases[0]!, band, span);
  const frames = bars.map((each) => frameSaid(barFrame(site, phases[0]!, each, band)));
  const own = pieces[0] ?? empty;
  const key = `${asked} ${bar} ${phases[0]!.values.stands} ${language} ${root} ${inStandIn} ${setApart} ${span.from} ${span.to} ${room.at} ${room.values} ${frames} ${bars.map(widthsSaid)}`;
  const answers = known.get(own) ?? new Map<string, readonly Kept[]>();
  known.set(own, answers);
  const inStages = answers.get(key) ?? [];
  const kept = inStages.find((each) => sameItems(each.pieces, pieces));
  if (kept && sameItems(kept.madeOf, madeOf)) return kept.found as T;
  const tally: Tally = { complete: true };
  const found = work({ ...within, tally });
  if (!tally.complete) within.tally.complete = false;
  else {
    if (answers.size >= MOST_KEPT) answers.clear();
    const others = inStages.filter((each) => each !== kept);
    answers.set(key, [{ pieces, madeOf, found }, ...others.slice(0, MOST_STAGES - 1)]);
  }
  return found;
}
