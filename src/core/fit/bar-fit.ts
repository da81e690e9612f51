import { less, narrowest, valueAt, zeros, type Piecewise, type Span } from '../lengths/piecewise';
import type { Id } from '../ids/id';
import type { Phase } from '../properties/phases';
import type { SettledAssembly } from '../resolve/assembly';
import type { Within } from './assembly-boxes';
import { barsInRoom, conditionsIn, designedWidth, piecesOf } from './bar-conditions';
import { worstFit, type Condition, type FitStatus } from './fit-status';
import type { Circumstances } from './piece-content';

/** What is the matter with a bar at the width at which it is worst. */
export interface Cause extends Pick<InPhase, 'trouble' | 'pieces' | 'status' | 'phase'> {
  /** By how much it is short, in CSS px. */
  by: number;
}

/** A stretch of viewport widths over which a bar stands the same, in CSS px. */
export interface FitStretch extends Span {
  status: FitStatus;
  /** What is the matter, the worst first; empty where it fits. */
  causes: readonly Cause[];
}

/** Less than a browser tells apart: its lengths are in 1/64 px. */
const UNSEEN = 1 / 64;

/** Something that has to hold while the page is scrolled so. */
interface InPhase extends Condition {
  phase: Phase;
}

/** The phases in which a bar is not as it is at the top, and the top. */
function phasesOfBar(phases: readonly SettledAssembly[], bar: Id): readonly SettledAssembly[] {
  const [top, ...later] = phases;
  const inRow = top!.values.stands === 'row';
  const same = (each: SettledAssembly) =>
    each.bars.every((own, index) => own === top!.bars[index] || !(inRow || own.id === bar));
  return [top!, ...later.filter((each) => !same(each))];
}

/** Everything that has to hold for a bar of an assembly to fit, in all of its phases, within a span of widths of one stage. */
function conditionsOf(
  circumstances: Circumstances,
  phases: readonly SettledAssembly[],
  bar: Id,
  within: Within,
): readonly InPhase[] {
  return phasesOfBar(phases, bar).flatMap((assembly) =>
    barsInRoom(circumstances, assembly, within, [bar])
      .flatMap(conditionsIn)
      .map((condition) => ({ ...condition, phase: assembly.phase })),
  );
}

function causesAt(conditions: readonly InPhase[], status: FitStatus, { from, to }: Span): Cause[] {
  const most = ({ slack }: Condition) => -Math.min(valueAt(slack, from), valueAt(slack, to));
  return conditions
    .map((condition) => ({ condition, by: most(condition) }))
    .filter(({ condition, by }) => condition.status === status && by > UNSEEN)
    .sort((a, b) => b.by - a.by)
    .map(({ condition: { trouble, pieces, phase }, by }) => ({
      status: status as Cause['status'],
      trouble,
      pieces,
      phase,
      by,
    }));
}

/** Works out what has to hold; where a width is given, with letters set as they are at it. */
type ConditionsOver = (span: Span, sizedAt?: number) => readonly InPhase[];

/** How far from the line a change may lie once letters are set at the sizes that a browser knows, the likelier first, and how near to it is near enough; in CSS px. */
const NEARBY = [1 / 2, 4];
const NEAR_ENOUGH = 1 / 64;

/** How a bar stands at a width. */
const statusAt = (conditions: readonly InPhase[], width: number): FitStatus =>
  worstFit(conditions.filter(({ slack }) => valueAt(slack, width) < -UNSEEN).map(({ status }) => status));

/** A stretch whose causes are still to be told. */
type Standing = Omit<FitStretch, 'causes'>;

/** The stretches of a span at whose ends some condition begins or ceases to hold. */
function straightStretches(conditions: readonly InPhase[], { from, to }: Span): Standing[] {
  const changes = [...new Set(conditions.map(({ slack }) => slack))].flatMap(zeros);
  const ends = [...new Set([from, ...changes, to])].sort((a, b) => a - b);
  const stretches: Standing[] = [];
  for (let index = 1; index < ends.length; index += 1) {
    const [start, end] = [ends[index - 1]!, ends[index]!];
    const status = statusAt(conditions, (start + end) / 2);
    const last = stretches.at(-1);
    if (last?.status === status) last.to = end;
    else stretches.push({ from: start, to: end, status });
  }
  return stretches;
}

/** Where something that is true on one side ceases to be so, near to where it was found; there, when it is the same on both sides. */
function steppedChange(holds: (width: number) => boolean, found: number, span: Span): number {
  for (const nearby of NEARBY) {
    let [below, above] = [Math.max(span.from, found - nearby), Math.min(span.to, found + nearby)];
    const holdsBelow = holds(below);
    if (holds(above) === holdsBelow) continue;
    while (above - below > NEAR_ENOUGH) {
      const middle = (below + above) / 2;
      if (holds(middle) === holdsBelow) below = middle;
      else above = middle;
    }
    return (below + above) / 2;
  }
  return found;
}

/**
 * Stretches that end where they do with letters as they are set: those that grow with the viewport do so in steps, so a change that was
 * found on the line through them is looked for once more.
 */
function steppedStretches(straight: readonly Standing[], over: ConditionsOver, span: Span): Standing[] {
  const ends = straight.slice(1).map(({ from, status }, index) => {
    const worse = worstFit([status, straight[index]!.status]);
    const isWorse = (width: number) => {
      const there = statusAt(over({ from: width, to: width }, width), width);
      return worstFit([there, worse]) === there;
    };
    return steppedChange(isWorse, from, span);
  });
  let from = span.from;
  return straight.map(({ status }, index) => {
    const stretch = { from, to: Math.max(from, ends[index] ?? span.to), status };
    from = stretch.to;
    return stretch;
  });
}

function stretchesOf(over: ConditionsOver, { span, tally }: Within): FitStretch[] {
  const conditions = over(span);
  const straight = straightStretches(conditions, span);
  const stretches = tally.grows ? steppedStretches(straight, over, span) : straight;
  return stretches.map((stretch) => ({ ...stretch, causes: causesAt(conditions, stretch.status, stretch) }));
}

/** The room of a bar over a span of widths, in CSS px over the viewport width. */
export interface BarRoom {
  span: Span;
  /** What it has for its bays. */
  available: Piecewise;
  /** What it would have to have for nothing to stick out of it. */
  least: Piecewise;
  /** What it would have to have to stand as it was designed, with nothing narrowed, wrapped or pushed off the middle. */
  designed: Piecewise;
  /** The limits of its pieces, with the gaps before and after them. */
  pieces: readonly { id: Id; least: Piecewise; preferred: Piecewise }[];
}

/** What a bar needs and has within a span of widths of one stage; null where nothing of it shows. */
export function barRoom(
  circumstances: Circumstances,
  assembly: SettledAssembly,
  bar: Id,
  within: Within,
): BarRoom | null {
  const [inRoom] = barsInRoom(circumstances, assembly, within, [bar]);
  if (!inRoom?.bays) return null;
  const { available } = inRoom;
  // What sticks out is short by just as much as it would need more.
  const short = conditionsIn(inRoom).flatMap(({ status, slack }) => (status === 'overflows' ? [slack] : []));
  return {
    span: within.span,
    available,
    least: less(
      available,
      short.reduce((a, b) => narrowest(a, b)),
    ),
    designed: designedWidth(inRoom),
    pieces: piecesOf(inRoom).map(({ id, least, preferred }) => ({ id, least, preferred })),
  };
}

/** How a bar stands over a span of widths of one stage, in all of its phases, the top first: its stretches from the narrowest to the widest. Of all that has to hold, only what is looked at counts. */
export function barFit(
  circumstances: Circumstances,
  phases: readonly SettledAssembly[],
  bar: Id,
  within: Within,
  lookedAt: (condition: Condition) => boolean = () => true,
): FitStretch[] {
  const over: ConditionsOver = (span, sizedAt) =>
    conditionsOf({ ...circumstances, sizedAt }, phases, bar, { ...within, span }).filter(lookedAt);
  return stretchesOf(over, within);
}
