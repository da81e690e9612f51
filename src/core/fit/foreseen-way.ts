import { NARROWEST_LARGER } from '../bands/band';
import { sameItems } from '../ids/same-items';
import type { Id } from '../ids/id';
import { ROOT_TEXT_PX } from '../lengths/length';
import type { AssemblyKind } from '../properties/assembly-kind';
import { resolveAssembly } from '../resolve/assembly';
import type { Assembly } from '../site/assembly';
import { RULE_LIMITS } from '../site/collapse-rule';
import type { Span } from '../lengths/piecewise';
import { holds, workedWith, type WorkedWith } from '../text/worked-with';
import { barFit } from './bar-fit';
import type { Circumstances, Tally } from './circumstances';
import { breaks } from './fit-status';
import { inPhases } from './in-phases';
import { measuredLevels, measuredRulesOf, type MeasuredLevel } from './measured-rules';
import type { RuleOutcome } from './rule-beginnings';
import { stagesDown, wayDown, type WayDown, type WayStage } from './way-down';

/** A span of widths of the viewport, in CSS px, with the levels that have begun in it. */
interface Collapsed extends Span {
  begun: readonly MeasuredLevel[];
}

/** What is looked at: an assembly under some circumstances. */
interface Looking {
  circumstances: Circumstances;
  kind: AssemblyKind;
  assembly: Assembly;
  tally: Tally;
}

/** Where in a span of a stage some of these bars do not fit with what has begun: spans from the narrowest. */
function brokenIn(
  { circumstances, kind, assembly, tally }: Looking,
  stage: WayStage,
  bars: readonly Id[],
  { from, to, begun }: Collapsed,
): Span[] {
  const phases = inPhases(circumstances.site, kind, assembly, {
    ...stage,
    begun: [...stage.begun, ...begun.map(({ id }) => id)],
  });
  const within = { band: stage.band, span: { from, to }, tally };
  const broken = bars.flatMap((bar) => barFit({ circumstances, phases, bar, within }).filter(breaks));
  const ends = [...new Set([from, ...broken.flatMap((each) => [each.from, each.to]), to])].sort(
    (a, b) => a - b,
  );
  return ends.slice(1).flatMap((end, index) => {
    const start = ends[index]!;
    const isBroken = broken.some((each) => each.from < end && each.to > start);
    return isBroken ? [{ from: start, to: end }] : [];
  });
}

/** What of a span is in none of some spans in it. */
function without({ from, to }: Span, spans: readonly Span[]): Span[] {
  const edges = [from, ...spans.flatMap((each) => [each.from, each.to]), to];
  const between = edges.flatMap((edge, index) =>
    index % 2 === 0 ? [{ from: edge, to: edges[index + 1]! }] : [],
  );
  return between.filter((each) => each.from < each.to);
}

/** Over a span of a stage, how many of the levels of some bars begin: one after another where these bars do not fit, until they do. */
function collapsedIn(
  looking: Looking,
  stage: WayStage,
  bars: readonly Id[],
  levels: readonly MeasuredLevel[],
  span: Span,
): Collapsed[] {
  const collapse = (from: Span, count: number): Collapsed[] => {
    const here = { ...from, begun: levels.slice(0, count) };
    if (count === levels.length) return [here];
    const broken = brokenIn(looking, stage, bars, here);
    return [
      ...without(from, broken).map((each) => ({ ...each, begun: here.begun })),
      ...broken.flatMap((each) => collapse(each, count + 1)),
    ];
  };
  return collapse(span, 0);
}

/** Several ways in which a span is divided, as one: what has begun in any of them. */
function together(all: readonly (readonly Collapsed[])[], span: Span): Collapsed[] {
  const ends = [...new Set([span, ...all.flat()].flatMap(({ from, to }) => [from, to]))].sort(
    (a, b) => a - b,
  );
  const collapsed: Collapsed[] = [];
  for (const [index, to] of ends.slice(1).entries()) {
    const from = ends[index]!;
    const begun = all.flatMap((each) => each.find((one) => one.from <= from && one.to >= to)!.begun);
    const last = collapsed.at(-1);
    if (last && sameItems(last.begun, begun)) last.to = to;
    else collapsed.push({ from, to, begun });
  }
  return collapsed;
}

/** The stages of which one is made where levels are measured in the browser, widest first. */
function foreseenStages(
  looking: Looking,
  { stage, from, to }: { stage: WayStage; from: number; to: number },
  levels: ReadonlyMap<Id, readonly MeasuredLevel[]>,
): WayStage[] {
  const { circumstances, kind, assembly } = looking;
  // Media queries are in em, so they follow the reader's own text size.
  const larger = circumstances.root / ROOT_TEXT_PX;
  const span = {
    from: Math.max(from, NARROWEST_LARGER) * larger,
    to: Math.min(to, RULE_LIMITS.most) * larger,
  };
  if (span.from >= span.to) return [stage];
  const inRow = resolveAssembly(circumstances.site, kind, assembly, stage).values.stands === 'row';
  const groups = inRow ? [assembly.order] : assembly.order.map((bar) => [bar]);
  const measured = groups.flatMap((bars) => {
    const own = bars.flatMap((bar) => levels.get(bar) ?? []);
    return own.length === 0 ? [] : [collapsedIn(looking, stage, bars, own, span)];
  });
  return together(measured, span)
    .toReversed()
    .map(({ to: end, begun }, index): WayStage => ({
      ...stage,
      below: index === 0 ? stage.below : end / larger,
      begun: [...stage.begun, ...begun.map(({ id }) => id)],
    }));
}

/** Below which width a level has begun somewhere, in whole CSS px as viewports are wide; null where it never does. */
function belowOf(stages: readonly WayStage[], id: string): number | null {
  const first = stages.find(({ begun }) => begun.includes(id));
  return first ? Math.ceil(first.below ?? RULE_LIMITS.most) : null;
}

function foreseenAnew(looking: Looking, plain: WayDown): WayDown {
  const { circumstances, assembly, tally } = looking;
  const { site, inStandIn = false } = circumstances;
  const levels = new Map(
    Object.values(assembly.bars).map((bar) => [bar.id, measuredLevels(site, assembly, bar, plain.stages)]),
  );
  const stages = stagesDown(plain).flatMap((each) => foreseenStages(looking, each, levels));
  const outcomes = Object.values(assembly.bars).flatMap((bar) =>
    measuredRulesOf(bar).map((rule): RuleOutcome => {
      const own = levels.get(bar.id)!.filter((level) => level.rule === rule.id);
      const [below = null, ...further] = own.map(({ id }) => belowOf(stages, id));
      return {
        bar: bar.id,
        rule: rule.id,
        below,
        further: further.filter((each) => each !== null),
        levels: own.length,
        language: null,
        inStandIn,
        phase: 'top',
        reason: below !== null ? null : tally.complete ? 'fits' : 'unmeasured',
      };
    }),
  );
  return { stages, rules: [...plain.rules, ...outcomes] };
}

interface Known extends WorkedWith<WayDown> {
  of: readonly unknown[];
}
const known = new WeakMap<WayDown, readonly Known[]>();
/** Under how many circumstances a way is kept. */
const MOST_KEPT = 8;

/**
 * The way of an assembly as it is in a visitor's browser under some circumstances: that of the stylesheet, and in each of its stages the
 * levels of rules that are measured there, one after another where bars do not fit as they are measured, until they do. The same as that of
 * the stylesheet where nothing is measured.
 */
export function foreseenWay(circumstances: Circumstances, kind: AssemblyKind, assembly: Assembly): WayDown {
  const { site, advances, page, language, root, inStandIn = false, setApart = false } = circumstances;
  const plain = wayDown(site, advances, kind, assembly);
  if (!Object.values(assembly.bars).some((bar) => measuredRulesOf(bar).length > 0)) return plain;
  const of = [assembly, page, language, root, inStandIn, setApart];
  const kept = known.get(plain) ?? [];
  const found = kept.find((each) => sameItems(each.of, of) && holds(each.holdsFor, advances));
  if (found) return found.made;
  const worked = workedWith(advances, () =>
    foreseenAnew({ circumstances, kind, assembly, tally: { complete: true } }, plain),
  );
  known.set(plain, [{ of, ...worked }, ...kept.slice(0, MOST_KEPT - 1)]);
  return worked.made;
}
