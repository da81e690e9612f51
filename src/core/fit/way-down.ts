import type { Id } from '../ids/id';
import { assemblyKinds, type AssemblyKind } from '../properties/assembly-kind';
import type { Stage } from '../resolve/stage';
import { levelId } from '../resolve/turns';
import type { Assembly } from '../site/assembly';
import type { CollapseRule } from '../site/collapse-rule';
import { inEveryScheme } from '../site/scheme';
import type { Site } from '../site/site';
import { sameItems } from '../ids/same-items';
import { surroundingsOf } from '../site/surroundings';
import type { Advances } from '../text/advances';
import { holds, lineageOf, type HoldsFor } from '../text/worked-with';
import { bandBeginnings, ruleBeginnings, type Beginning, type RuleOutcome } from './rule-beginnings';

/** A stage of the way from the widest viewport to the narrowest: what holds below a width, in CSS px; the first holds from the start. */
export interface WayStage extends Stage {
  below: number | null;
}

export interface WayDown {
  stages: readonly WayStage[];
  rules: readonly RuleOutcome[];
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

/** What is known of an assembly by what is around it: before an edit, and after it. */
interface Known {
  around: readonly unknown[];
  holdsFor: HoldsFor;
  way: WayDown;
}
const known = new WeakMap<Assembly, readonly Known[]>();

/** For how many surroundings the way of an assembly is kept. */
const MOST_KEPT = 2;

/** Where rules began when that was last known. */
const lastBegun = new WeakMap<CollapseRule, RuleOutcome>();

/** Whether none of the rules waits for a text to be measured. */
const isAllSolved = ({ rules }: WayDown) => rules.every(({ reason }) => reason !== 'unmeasured');

const rulesOf = ({ bars }: Assembly) => Object.values(bars).flatMap(({ rules = [] }) => rules);

/** What becomes of the rules of an assembly; those that wait for a text to be measured begin where they last did, so that nothing flashes by while a label is typed. */
function untilMeasured(assembly: Assembly, outcomes: readonly RuleOutcome[]): RuleOutcome[] {
  const rules = rulesOf(assembly);
  return outcomes.map((outcome) => {
    if (outcome.reason !== 'unmeasured') return outcome;
    const last = lastBegun.get(rules.find(({ id }) => id === outcome.rule)!);
    return last ? { ...last, reason: outcome.reason } : outcome;
  });
}

/** The way of an assembly, where it was worked out before. */
function knownWay(site: Site, advances: Advances, assembly: Assembly): WayDown | undefined {
  const around = surroundingsOf(site);
  const kept = known.get(assembly) ?? [];
  return kept.find((each) => sameItems(each.around, around) && holds(each.holdsFor, advances))?.way;
}

/**
 * The way of an assembly from the widest viewport to the narrowest: its bands, and its collapse rules where they begin. As long as
 * a text is not measured, rules that wait for their bar to stop fitting begin where they last did, or have not begun.
 */
export function wayDown(of: Site, advances: Advances, kind: AssemblyKind, assembly: Assembly): WayDown {
  // Colours decide nothing of it.
  const site = inEveryScheme(of);
  const kept = knownWay(site, advances, assembly);
  if (kept) return kept;
  const rules = untilMeasured(assembly, ruleBeginnings({ site, advances, kind, assembly }));
  const way = { stages: stagesOf(site, rules), rules };
  takeWay(site, advances, assembly, way);
  return way;
}

/** The way of an assembly where it was worked out before, and none of its rules waits for a text to be measured; else null. */
export function waySolvedBefore(site: Site, advances: Advances, assembly: Assembly): WayDown | null {
  const way = knownWay(inEveryScheme(site), advances, assembly);
  return way && isAllSolved(way) ? way : null;
}

/** The way of an assembly where none of its rules waits for a text to be measured, else null. */
export function solvedWay(
  site: Site,
  advances: Advances,
  kind: AssemblyKind,
  assembly: Assembly,
): WayDown | null {
  const way = wayDown(site, advances, kind, assembly);
  return isAllSolved(way) ? way : null;
}

/** Takes over a way that was solved elsewhere of the very same site, so that it is not solved again. */
export function takeWay(site: Site, advances: Advances, assembly: Assembly, way: WayDown): void {
  const around = surroundingsOf(site);
  const others = (known.get(assembly) ?? []).filter((each) => !sameItems(each.around, around));
  const holdsFor = isAllSolved(way) ? lineageOf(advances) : advances;
  known.set(assembly, [{ around, holdsFor, way }, ...others.slice(0, MOST_KEPT - 1)]);
  for (const rule of rulesOf(assembly)) {
    const outcome = way.rules.find((each) => each.rule === rule.id);
    if (outcome && outcome.reason !== 'unmeasured') lastBegun.set(rule, outcome);
  }
}

/** A site whose assemblies go down the ways that are known of them in an earlier state of it: what is shown of it at once waits for nothing to be solved. */
export function withWaysOf(earlier: Site, site: Site, advances: Advances): Site {
  const copied = <T extends object>(all: Readonly<Record<Id, T>>): Record<Id, T> =>
    Object.fromEntries(Object.entries(all).map(([id, each]) => [id, { ...each }]));
  const { headers, drawers, footers } = site;
  const ahead = { ...site, headers: copied(headers), drawers: copied(drawers), footers: copied(footers) };
  for (const kind of assemblyKinds)
    for (const [id, assembly] of Object.entries(earlier[kind])) {
      const way = knownWay(earlier, advances, assembly);
      const same = ahead[kind][id];
      if (way && same) takeWay(ahead, advances, same, way);
    }
  return ahead;
}
