import { NARROWEST } from '../bands/band';
import { ROOT_TEXT_PX } from '../lengths/length';
import type { AssemblyKind } from '../properties/assembly';
import type { Id } from '../ids/id';
import { resolveAssembly } from '../resolve/assembly';
import type { Stage } from '../resolve/stage';
import { levelId, levelsOf } from '../resolve/turns';
import type { Assembly, Bar } from '../site/assembly';
import { isSolved, RULE_LIMITS, USUAL_MARGIN, type CollapseRule } from '../site/collapse-rule';
import type { Site } from '../site/site';
import type { Advances } from '../text/advances';
import { barFit } from './bar-fit';
import { waitedFor, type Condition } from './fit-status';
import type { Tally } from './piece-content';

/** A stage of the way from the widest viewport to the narrowest: what holds below a width, in CSS px; the first holds from the start. */
export interface WayStage extends Stage {
  below: number | null;
}

/** What becomes of a rule: below which width it holds, in CSS px; null where it never does. */
export interface RuleOutcome {
  bar: Id;
  rule: Id;
  below: number | null;
  /** Below which widths its turns go a step further, in CSS px, widest first; of those, several may be the same. */
  further: readonly number[];
  /** How many steps its turns take altogether, the first included. */
  levels: number;
  /** The language whose words need the most room; null where the width was not solved. */
  language: string | null;
  /** Whether it is before the site's own fonts have come that it needs the most. */
  inStandIn: boolean;
  /** Why it never takes effect; `unmeasured` also where only a further step of it waits for its texts. */
  reason: 'fits' | 'unmeasured' | null;
}

export interface WayDown {
  stages: readonly WayStage[];
  rules: readonly RuleOutcome[];
}

/** Something that begins below a width. */
interface Beginning {
  below: number;
  id: Id;
  /** The band that begins; null for a rule. */
  band: Id | null;
}

/** The bands but the widest, each with the width below which it begins. */
function bandBeginnings({ bands }: Site): Beginning[] {
  return bands.slice(1).map(({ id }, index) => ({ below: bands[index]!.from, id, band: id }));
}

/** The widest viewport at which a bar stops fitting, and under what circumstances it does. */
interface Stop {
  at: number;
  language: string;
  inStandIn: boolean;
}

/** The widest viewport at which something of a bar ceases to hold between two widths, as it is at a place, in any language, with the site's fonts or before they have come; null where all of it holds. */
function stopsHolding(
  { site, advances, kind, assembly, bar }: Solving,
  place: Stage,
  { from, to }: { from: number; to: number },
  waited: (condition: Condition) => boolean,
): Stop | 'unmeasured' | null {
  const settled = resolveAssembly(site, kind, assembly, place);
  const tally: Tally = { complete: true };
  const page = site.pageOrder[0] ?? null;
  const cases = site.languages.flatMap((language) => [
    { language, inStandIn: false },
    { language, inStandIn: true },
  ]);
  const stops = cases.flatMap((each): Stop[] => {
    const circumstances = { site, advances, page, root: ROOT_TEXT_PX, ...each };
    const within = { band: place.band, span: { from, to }, tally };
    const stretches = barFit(circumstances, settled, bar.id, within, waited);
    return stretches.filter(({ status }) => status !== 'fits').map(({ to: at }) => ({ at, ...each }));
  });
  if (!tally.complete) return 'unmeasured';
  return stops.reduce<Stop | null>((most, stop) => (most === null || stop.at > most.at ? stop : most), null);
}

/** A level of a rule that has not begun. */
interface Waiting {
  rule: CollapseRule;
  level: number;
}

interface Solving {
  site: Site;
  advances: Advances;
  kind: AssemblyKind;
  assembly: Assembly;
  bar: Bar;
}

/** The width below which a rule begins whatever the bar needs; null for one that begins where it stops fitting. */
function fixedWidth(site: Site, { when }: CollapseRule): number | null {
  if (when.by === 'width') return when.below;
  if (isSolved(when) || when.by === 'browser') return null;
  return bandBeginnings(site).find(({ id }) => id === when.band)?.below ?? RULE_LIMITS.most;
}

/**
 * Where the rules of a bar begin. One with a width or a band begins there in any case. Those that wait for the bar follow each other in
 * their order: each is looked for once the one before it has begun and gone all its steps.
 */
function ruleBeginnings(solving: Solving): RuleOutcome[] {
  const { site, bar, assembly } = solving;
  const outcomes = new Map<Id, RuleOutcome>();
  // What is measured in the browser begins there.
  let waiting: Waiting[] = (bar.rules ?? [])
    .filter(({ when }) => when.by !== 'browser')
    .map((rule) => ({ rule, level: 1 }));
  let place: Stage = { band: site.bands[0]!.id, begun: [site.bands[0]!.id] };
  let top = RULE_LIMITS.most;
  const bands = bandBeginnings(site);
  const fixedOf = ({ rule, level }: Waiting) => (level === 1 ? fixedWidth(site, rule) : null);
  const begin = (next: Waiting, below: number, stop: Stop | null = null) => {
    const { rule, level } = next;
    const before = place.begun.slice(0, level === 1 ? undefined : place.begun.indexOf(rule.id));
    const levels = levelsOf(site, assembly, rule, before);
    const first = outcomes.get(rule.id);
    outcomes.set(
      rule.id,
      first
        ? { ...first, further: [...first.further, below] }
        : {
            bar: bar.id,
            rule: rule.id,
            below,
            further: [],
            levels,
            language: stop?.language ?? null,
            inStandIn: stop?.inStandIn ?? false,
            reason: null,
          },
    );
    place = { ...place, begun: [...place.begun, levelId(rule.id, level)] };
    waiting = waiting.flatMap((each) => {
      if (each !== next) return [each];
      return level < levels ? [{ rule, level: level + 1 }] : [];
    });
    top = below;
  };
  const giveUp = (reason: RuleOutcome['reason']) => {
    for (const { rule, level } of waiting)
      if (level === 1)
        outcomes.set(rule.id, {
          bar: bar.id,
          rule: rule.id,
          below: null,
          further: [],
          levels: 1,
          language: null,
          inStandIn: false,
          reason,
        });
      else if (reason === 'unmeasured') outcomes.set(rule.id, { ...outcomes.get(rule.id)!, reason });
  };

  while (waiting.length > 0) {
    const band = bands.find(({ id, below }) => below <= top && !place.begun.includes(id));
    const fixed = waiting
      .flatMap((each) => {
        const below = fixedOf(each);
        return below === null ? [] : [{ each, below }];
      })
      .sort((a, b) => b.below - a.below)[0];
    const next = Math.max(band?.below ?? 0, fixed?.below ?? 0, NARROWEST);
    const first = waiting.find((each) => fixedOf(each) === null);
    if (first && next < top) {
      const { when } = first.rule;
      const solved = isSolved(when) ? when : { by: 'fit' as const, margin: USUAL_MARGIN };
      const stops = stopsHolding(solving, place, { from: next, to: top }, waitedFor[solved.by]);
      if (stops === 'unmeasured') {
        giveUp('unmeasured');
        break;
      }
      if (stops !== null) {
        begin(first, Math.min(top, Math.ceil(stops.at) + solved.margin), stops);
        continue;
      }
    }
    if (band && band.below === next) {
      place = { band: band.id, begun: [...place.begun, band.id] };
      top = Math.min(top, band.below);
    } else if (fixed && fixed.below === next) {
      begin(fixed.each, Math.min(top, fixed.below));
    } else {
      giveUp('fits');
      break;
    }
  }
  return [...outcomes.values()];
}

/** The rules of a bar in the order in which they take effect; those that never do come last. */
export function inOrderOfEffect(
  rules: readonly CollapseRule[],
  outcomes: readonly RuleOutcome[],
): CollapseRule[] {
  const below = ({ id }: CollapseRule) => outcomes.find(({ rule }) => rule === id)?.below ?? 0;
  return rules.toSorted((one, other) => below(other) - below(one));
}

/** Bands and rules in the order in which they begin; where both begin together, the rule comes after the band. */
function stagesOf(site: Site, outcomes: readonly RuleOutcome[]): WayStage[] {
  const rules = outcomes.flatMap(({ rule, below: first, further }): Beginning[] =>
    first === null
      ? []
      : [first, ...further].map((below, index) => ({ below, id: levelId(rule, index + 1), band: null })),
  );
  const beginnings = [...bandBeginnings(site), ...rules].sort(
    (a, b) => b.below - a.below || Number(a.band === null) - Number(b.band === null),
  );
  const widest = site.bands[0]!.id;
  return beginnings.reduce<WayStage[]>(
    (stages, { below, id, band }) => {
      const last = stages.at(-1)!;
      return [...stages, { below, band: band ?? last.band, begun: [...last.begun, id] }];
    },
    [{ below: null, band: widest, begun: [widest] }],
  );
}

/** The stages with the widths of the viewport over which they hold, in CSS px: from the one to below the other, widest first; those that no width is left for are none. */
export function stagesDown({ stages }: WayDown): { stage: WayStage; from: number; to: number }[] {
  return stages
    .map((stage, index) => ({ stage, from: stages[index + 1]?.below ?? 0, to: stage.below ?? Infinity }))
    .filter(({ from, to }) => from < to);
}

/** The stage that holds at a width of the viewport, in CSS px. */
export function stageAt({ stages }: WayDown, width: number): WayStage {
  return stages.findLast(({ below }) => below === null || width < below)!;
}

const known = new WeakMap<Assembly, { site: Site; advances: Advances; way: WayDown }>();

/**
 * The way of an assembly from the widest viewport to the narrowest: its bands, and its collapse rules where they begin. As long as
 * a text is not measured, rules that wait for their bar to stop fitting have not begun.
 */
export function wayDown(site: Site, advances: Advances, kind: AssemblyKind, assembly: Assembly): WayDown {
  const kept = known.get(assembly);
  if (kept?.site === site && kept.advances === advances) return kept.way;
  const rules = assembly.order.flatMap((id) =>
    ruleBeginnings({ site, advances, kind, assembly, bar: assembly.bars[id]! }),
  );
  const way = { stages: stagesOf(site, rules), rules };
  if (rules.every(({ reason }) => reason !== 'unmeasured')) known.set(assembly, { site, advances, way });
  return way;
}
