import { NARROWEST_LARGER } from '../bands/band';
import { ROOT_TEXT_PX } from '../lengths/length';
import type { AssemblyKind } from '../properties/assembly-kind';
import type { Id } from '../ids/id';
import type { Phase } from '../properties/phases';
import { bandStage, type Stage } from '../resolve/stage';
import { levelId, levelsOf } from '../resolve/turns';
import type { Assembly } from '../site/assembly';
import { isSolved, RULE_LIMITS, USUAL_MARGIN, type CollapseRule } from '../site/collapse-rule';
import type { Site } from '../site/site';
import { unmeasured, type Advances } from '../text/advances';
import { barStop, nearby, widestOf, type BarStop } from './bar-fit';
import { inPhases } from './in-phases';
import type { Tally } from './circumstances';
import { tellingPages } from './telling-pages';

/** What becomes of a rule: below which width it holds, in CSS px; null where it never does. */
export interface RuleOutcome {
  bar: Id;
  rule: Id;
  below: number | null;
  /** Below which widths its turns go a level further, in CSS px, widest first; of those, several may be the same. */
  further: readonly number[];
  /** How many levels its turns have altogether, the first included. */
  levels: number;
  /** The language whose words need the most room; null where the width was not solved. */
  language: string | null;
  /** Whether it is before the site's own fonts have come that it needs the most. */
  inStandIn: boolean;
  /** The phase of scrolling in which it needs the most. */
  phase: Phase;
  /** Why it never takes effect; `unmeasured` also where only a further level of it waits for its texts, and where until then it begins as it last did. */
  reason: 'fits' | 'unmeasured' | null;
}

/** Something that begins below a width. */
export interface Beginning {
  below: number;
  id: Id;
  /** The band that begins; null for a rule. */
  band: Id | null;
}

/** The bands but the widest, each with the width below which it begins. */
export function bandBeginnings({ bands }: Site): Beginning[] {
  return bands.slice(1).map(({ id }, index) => ({ below: bands[index]!.from, id, band: id }));
}

interface Solving {
  site: Site;
  advances: Advances;
  kind: AssemblyKind;
  assembly: Assembly;
}

/** The widest viewport at which something stops fitting, and under what circumstances it does. */
interface Stop {
  at: number;
  language: string;
  inStandIn: boolean;
  phase: Phase;
}

/** A level of a rule that has not begun. */
interface Waiting {
  bar: Id;
  rule: CollapseRule;
  level: number;
}

/** How far a group of bars has come on its way: what holds, below which width, and what is still to begin. */
interface Progress {
  stage: Stage;
  top: number;
  waiting: readonly Waiting[];
}

/** What a rule waits for, and the room to spare with which it begins; one that goes further is looked for as it is solved. */
function waitedBy({ when }: CollapseRule): { by: 'fit' | 'centre'; margin: number } {
  return isSolved(when) ? when : { by: 'fit', margin: USUAL_MARGIN };
}

/** The widest viewport at which what a rule waits for ceases to hold in some of the bars between two widths, in any language and phase, on any page, with the site's fonts or before they have come; null where all of it holds. */
function stopOf(
  { site, advances, kind, assembly }: Solving,
  stage: Stage,
  { from, top }: { from: number; top: number },
  bars: readonly Id[],
  by: 'fit' | 'centre',
): Stop | 'unmeasured' | null {
  // Where nothing is known, nothing has to be looked for.
  if (advances === unmeasured) return 'unmeasured';
  const phases = inPhases(site, kind, assembly, stage);
  let complete = true;
  const pages = tellingPages(site, phases);
  const cases = site.languages.flatMap((language) =>
    pages.flatMap((page) => [
      { language, page, inStandIn: false },
      { language, page, inStandIn: true },
    ]),
  );
  const stops: (Omit<Stop, 'at' | 'phase'> & { stop: BarStop })[] = [];
  for (const each of cases)
    for (const bar of bars) {
      const circumstances = { site, advances, root: ROOT_TEXT_PX, ...each };
      const tally: Tally = { complete: true };
      const stop = barStop({ circumstances, phases, bar, within: { band: stage.band, tally } }, by, top);
      // Nothing stops farther up, whatever is still to be asked or measured.
      if (stop?.about === top && tally.complete) return { at: top, phase: stop.phase, ...each };
      if (stop && stop.about > from - nearby) stops.push({ ...each, stop });
      complete &&= tally.complete;
    }
  if (!complete) return 'unmeasured';
  const highest = Math.max(...stops.map(({ stop }) => stop.about));
  return stops
    .filter(({ stop }) => stop.about >= highest - 2 * nearby)
    .map(({ stop, ...each }) => ({ at: stop.exactly(), phase: stop.phase, ...each }))
    .filter(({ at }) => at > from)
    .reduce<Stop | null>((most, each) => (most === null || each.at > most.at ? each : most), null);
}

/** The width below which a rule begins whatever the bar needs; null for one that begins where it stops fitting. */
function fixedWidth(site: Site, { when }: CollapseRule): number | null {
  if (when.by === 'width') return when.below;
  if (isSolved(when) || when.by === 'browser') return null;
  return widestOf(site, when.band);
}

/** Whether the bars of an assembly stand in one row in a stage, so that what one gives way by the others have. */
const inOneRow = ({ site, kind, assembly }: Solving, stage: Stage) =>
  inPhases(site, kind, assembly, stage)[0]!.values.stands === 'row';

/** What comes after a level of a rule has begun below a width. */
function begun({ site, assembly }: Solving, from: Progress, next: Waiting, below: number) {
  const { rule, level } = next;
  const { stage, waiting } = from;
  const before = stage.begun.slice(0, level === 1 ? undefined : stage.begun.indexOf(rule.id));
  const levels = levelsOf(site, assembly, rule, before);
  const after: Progress = {
    stage: { ...stage, begun: [...stage.begun, levelId(rule.id, level)] },
    top: below,
    waiting: waiting.flatMap((each) => {
      if (each !== next) return [each];
      return level < levels ? [{ ...next, level: level + 1 }] : [];
    }),
  };
  return { after, levels };
}

/** Where a rule would begin, as it is looked for down to a width. */
interface Candidate {
  waiting: Waiting;
  stop: Stop;
}

/** Of the rules that wait for their bar to stop fitting, the next one of each bar. */
function nextOfBars(site: Site, waiting: readonly Waiting[]): Waiting[] {
  const looked = waiting.filter(({ level, rule }) => level > 1 || fixedWidth(site, rule) === null);
  return looked.filter((each, index) => looked.findIndex(({ bar }) => bar === each.bar) === index);
}

/**
 * The rule that begins next above a width, because something stops fitting; null where nothing does. In one row there may be
 * several that would help: that one is taken after which the row fits the farthest down, so that the fewest begin that are enough.
 */
function nextSolved(
  solving: Solving,
  progress: Progress,
  from: number,
  bars: readonly Id[],
): Candidate | 'unmeasured' | null {
  const { stage, top, waiting } = progress;
  const together = inOneRow(solving, stage);
  const stopFor = ({ stage: at, top: below }: Progress, { bar, rule }: Waiting) =>
    stopOf(solving, at, { from, top: below }, together ? bars : [bar], waitedBy(rule).by);
  const candidates: Candidate[] = [];
  for (const each of nextOfBars(solving.site, waiting)) {
    const stop = from < top ? stopFor(progress, each) : null;
    if (stop === 'unmeasured') return stop;
    if (stop !== null) candidates.push({ waiting: each, stop });
  }
  const highest = Math.max(...candidates.map(({ stop }) => stop.at));
  const first = candidates.filter(({ stop }) => stop.at === highest);
  if (first.length < 2 || !together) return first[0] ?? null;
  const lasts = first.map((candidate) => {
    const { after } = begun(solving, progress, candidate.waiting, Math.ceil(highest));
    const stop = stopFor(after, candidate.waiting);
    return { candidate, until: stop === null || stop === 'unmeasured' ? 0 : stop.at };
  });
  return lasts.reduce((best, each) => (each.until < best.until ? each : best)).candidate;
}

/** Where the rules of a group of bars begin: of one bar, or of all that may stand in one row. */
function groupBeginnings(solving: Solving, bars: readonly Id[]): RuleOutcome[] {
  const { site, assembly } = solving;
  const outcomes = new Map<Id, RuleOutcome>();
  const widest = site.bands[0]!.id;
  let progress: Progress = {
    stage: { band: widest, begun: [widest] },
    top: RULE_LIMITS.most,
    waiting: bars.flatMap((bar) =>
      (assembly.bars[bar]!.rules ?? [])
        // What is measured in the browser begins there.
        .filter(({ when }) => when.by !== 'browser')
        .map((rule) => ({ bar, rule, level: 1 })),
    ),
  };
  const none = { further: [], levels: 1, language: null, inStandIn: false, phase: 'top' as const };
  const begin = (next: Waiting, below: number, stop: Stop | null) => {
    const { after, levels } = begun(solving, progress, next, below);
    const { bar, rule, level } = next;
    const first = outcomes.get(rule.id);
    outcomes.set(
      rule.id,
      level > 1
        ? { ...first!, further: [...first!.further, below] }
        : {
            ...none,
            bar,
            rule: rule.id,
            below,
            levels,
            language: stop?.language ?? null,
            inStandIn: stop?.inStandIn ?? false,
            phase: stop?.phase ?? 'top',
            reason: null,
          },
    );
    progress = after;
  };
  const giveUp = (reason: RuleOutcome['reason']) => {
    for (const { bar, rule, level } of progress.waiting)
      if (level === 1) outcomes.set(rule.id, { ...none, bar, rule: rule.id, below: null, reason });
      else if (reason === 'unmeasured') outcomes.set(rule.id, { ...outcomes.get(rule.id)!, reason });
  };

  while (progress.waiting.length > 0) {
    const { stage, top, waiting } = progress;
    const band = bandBeginnings(site).find(({ id, below }) => below <= top && !stage.begun.includes(id));
    const fixed = waiting
      .map((each) => ({ each, below: each.level === 1 ? (fixedWidth(site, each.rule) ?? 0) : 0 }))
      .reduce((most, each) => (each.below > most.below ? each : most));
    const next = Math.max(band?.below ?? 0, fixed.below, NARROWEST_LARGER);
    const solved = nextSolved(solving, progress, next, bars);
    if (solved === 'unmeasured') {
      giveUp('unmeasured');
      break;
    }
    if (solved !== null) {
      const { margin } = waitedBy(solved.waiting.rule);
      begin(solved.waiting, Math.min(top, Math.ceil(solved.stop.at) + margin), solved.stop);
    } else if (band && band.below === next) {
      progress = {
        ...progress,
        stage: { band: band.id, begun: [...stage.begun, band.id] },
        top: Math.min(top, band.below),
      };
    } else if (fixed.below > 0 && fixed.below === next) {
      begin(fixed.each, Math.min(top, fixed.below), null);
    } else {
      giveUp('fits');
      break;
    }
  }
  return [...outcomes.values()];
}

/**
 * Where the rules of an assembly begin. One with a width or a band begins there in any case. Those that wait for their bar follow each
 * other in its order: each is looked for once the one before it has begun and gone all its levels. Bars that stand in one row are solved
 * together, since what one of them gives way by the others have. They are looked for also below the narrowest viewport, for text that is
 * larger than usual: at the same width in em it leaves at least as much room.
 */
export function ruleBeginnings(solving: Solving): RuleOutcome[] {
  const { site, assembly } = solving;
  const inRow = site.bands.some(({ id }) => inOneRow(solving, bandStage(site, id)));
  const groups = inRow ? [assembly.order] : assembly.order.map((bar) => [bar]);
  return groups.flatMap((bars) => groupBeginnings(solving, bars));
}
