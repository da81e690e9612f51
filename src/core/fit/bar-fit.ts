import { bandRange, NARROWEST_LARGER } from '../bands/band';
import { ROOT_TEXT_PX } from '../lengths/length';
import { less, narrowest, valueAt, zeros, type Piecewise, type Span } from '../lengths/piecewise';
import type { Id } from '../ids/id';
import type { Phase } from '../properties/phases';
import type { SettledAssembly } from '../resolve/assembly';
import { RULE_LIMITS } from '../site/collapse-rule';
import type { Site } from '../site/site';
import type { Within } from './assembly-boxes';
import { barsInRoom, conditionsIn, designedWidth, piecesOf } from './bar-conditions';
import { waitedFor, worstFit, type Condition, type FitStatus } from './fit-status';
import { keptOfBar, type LookedAt } from './kept-of-bar';
import type { Circumstances } from './circumstances';

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
      .map(({ status, trouble, slack, pieces }) => ({
        status,
        trouble,
        slack,
        pieces,
        phase: assembly.phase,
      })),
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

/** How far from the line a change may lie once letters are set at the sizes that a browser knows, and how near to it is near enough, in CSS px. */
const NEARBY = 4;
const NEAR_ENOUGH = 1 / 64;

/** How a bar stands at a width. */
const statusAt = (conditions: readonly InPhase[], width: number): FitStatus =>
  worstFit(conditions.filter(({ slack }) => valueAt(slack, width) < -UNSEEN).map(({ status }) => status));

/** A stretch whose causes are still to be told. */
type Standing = Omit<FitStretch, 'causes'>;

/** How far from where room runs out it may be told that some is missing, in CSS px of the viewport. */
const SAME_CHANGE = 1;

/** Where room runs out, or comes back: also where what is left beyond comes to nothing but is not quite none. */
function changesOf(slack: Piecewise): number[] {
  const exactly = zeros(slack);
  const told = zeros({ ...slack, values: slack.values.map((room) => room + UNSEEN) });
  return [...exactly, ...told.filter((at) => !exactly.some((each) => Math.abs(each - at) <= SAME_CHANGE))];
}

/** The stretches of a span at whose ends some condition begins or ceases to hold. */
function straightStretches(conditions: readonly InPhase[], { from, to }: Span): Standing[] {
  const changes = [...new Set(conditions.map(({ slack }) => slack))].flatMap(changesOf);
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

/** The least room that is left for what would make a bar stand at least so badly, at a width; in CSS px, and below nothing where it does. */
function leastRoom(conditions: readonly InPhase[], status: FitStatus, width: number): number {
  const rooms = conditions
    .filter((each) => worstFit([each.status, status]) === each.status)
    .map(({ slack }) => valueAt(slack, width))
    // What cannot happen has just as much room as it needs.
    .filter((room) => room !== 0);
  return Math.min(...rooms) + UNSEEN;
}

/**
 * Where room runs out, near to where it was found on the line through letters that grow. It is followed by the slope of that line; where a
 * step of the letters lies there, it is halved down to it. Where it was found, when it is the same on both sides.
 */
function steppedChange(roomAt: (width: number) => number, slope: number, found: number, span: Span): number {
  let width = found;
  for (let tries = 0; tries < 3 && slope !== 0; tries += 1) {
    const room = roomAt(width);
    if (Math.abs(room) <= NEAR_ENOUGH) return width;
    width = Math.min(span.to, Math.max(span.from, width - room / slope));
    if (Math.abs(width - found) > NEARBY) break;
  }
  let [below, above] = [Math.max(span.from, found - NEARBY), Math.min(span.to, found + NEARBY)];
  const shortBelow = roomAt(below) < 0;
  if (roomAt(above) < 0 === shortBelow) return found;
  while (above - below > NEAR_ENOUGH) {
    const middle = (below + above) / 2;
    if (roomAt(middle) < 0 === shortBelow) below = middle;
    else above = middle;
  }
  return (below + above) / 2;
}

/** What has to hold of a bar over a span, and how it stands there with letters on the line that they grow along. */
interface Looked {
  conditions: readonly InPhase[];
  straight: readonly Standing[];
  /** Where one of these stretches ends and the next begins, with letters as they are set. */
  changeAt(index: number): number;
}

function looked(
  conditions: readonly InPhase[],
  { span, tally }: Within,
  roomAt: (status: FitStatus, width: number) => number,
): Looked {
  const straight = straightStretches(conditions, span);
  const changes = new Map<number, number>();
  const newChange = (index: number) => {
    const { to, status } = straight[index]!;
    if (!tally.grows) return to;
    const worse = worstFit([status, straight[index + 1]!.status]);
    const onLine = (width: number) => leastRoom(conditions, worse, width);
    const [before, after] = [Math.max(span.from, to - NEARBY), Math.min(span.to, to + NEARBY)];
    const slope = (onLine(after) - onLine(before)) / (after - before);
    return steppedChange((width) => roomAt(worse, width), slope, to, span);
  };
  return {
    conditions,
    straight,
    changeAt(index) {
      const change = changes.get(index) ?? newChange(index);
      changes.set(index, change);
      return change;
    },
  };
}

/** What a bar is looked at for: all that has to hold, or what a rule waits for. */
type LookedFor = 'all' | keyof typeof waitedFor;

/** Up to which width a band is looked at, in CSS px at the usual text size. */
export function widestOf({ bands }: Site, band: Id): number {
  const above = bands[bands.findIndex(({ id }) => id === band) - 1];
  return above?.from ?? RULE_LIMITS.most;
}

/** All widths of the viewport at which a band is looked at, in CSS px: of the narrowest also those of readers whose text is larger. */
function widthsOfBand({ site, root }: Circumstances, band: Id): Span {
  const larger = root / ROOT_TEXT_PX;
  const { from } = bandRange(site.bands, band);
  return { from: Math.max(from, NARROWEST_LARGER) * larger, to: widestOf(site, band) * larger };
}

/** A bar in a stage, wherever in its band that begins and ends: what a rule has moved asks nothing anew. */
export type InStage = Omit<LookedAt, 'within'> & { within: Omit<Within, 'span'> };

/** What has to hold of a bar over all of a band; kept for all that is looked for. */
function lookedIn({ circumstances, phases, bar, within }: InStage): (by: LookedFor) => Looked {
  const whole = { ...within, span: widthsOfBand(circumstances, within.band) };
  return keptOfBar({ circumstances, phases, bar, within: whole }, 'conditions', (own) => {
    const over = (span: Span, sizedAt?: number) =>
      conditionsOf({ ...circumstances, sizedAt }, phases, bar, { ...own, span });
    const all = over(own.span);
    const made = new Map<LookedFor, Looked>();
    const make = (by: LookedFor) => {
      const among = (conditions: readonly InPhase[]) =>
        by === 'all' ? conditions : conditions.filter(waitedFor[by]);
      return looked(among(all), own, (status, width) =>
        leastRoom(among(over({ from: width, to: width }, width)), status, width),
      );
    };
    return (by) => {
      const found = made.get(by) ?? make(by);
      made.set(by, found);
      return found;
    };
  });
}

/** How a bar stands: its stretches from the narrowest to the widest. */
export function barFit(bar: LookedAt): FitStretch[] {
  const { span } = bar.within;
  const { conditions, straight, changeAt } = lookedIn(bar)('all');
  const stretches: FitStretch[] = [];
  let { from } = span;
  for (const [index, { to: onLine, status }] of straight.entries()) {
    const isLast = index === straight.length - 1 || onLine >= span.to + NEARBY;
    const change = isLast ? span.to : onLine <= span.from - NEARBY ? from : changeAt(index);
    const to = Math.min(span.to, Math.max(from, change));
    if (to > from) stretches.push({ from, to, status, causes: causesAt(conditions, status, { from, to }) });
    from = to;
  }
  return stretches;
}

/** The widest viewport below a width at which some of what has to hold for a bar does not. */
export interface BarStop {
  /** With letters on the line that they grow along; no farther than `nearby` from where it is. */
  about: number;
  phase: Phase;
  /** With letters as they are set. */
  exactly(): number;
}

/** How far where a bar stops fitting with letters as they are set may be from where it does on the line that they grow along, in CSS px. */
export const nearby = NEARBY;

/** Where some of what a rule waits for does not hold for a bar: the widest viewport of a band below a width, in CSS px, at which that is so; null where all of it holds. */
export function barStop(bar: InStage, by: keyof typeof waitedFor, top: number): BarStop | null {
  const { conditions, straight, changeAt } = lookedIn(bar)(by);
  const index = straight.findLastIndex(({ from, status }) => from < top && status !== 'fits');
  const last = straight[index];
  if (!last) return null;
  const about = Math.min(top, last.to);
  const [cause] = causesAt(conditions, last.status, { from: last.from, to: about });
  return {
    about,
    phase: cause?.phase ?? 'top',
    exactly: () => (about < top && index < straight.length - 1 ? Math.min(top, changeAt(index)) : about),
  };
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
