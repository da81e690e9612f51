import { narrowerThan } from '../../bands/band';
import type { WayStage } from '../../fit/way-down';
import {
  AS_IT_COMES,
  changedRules,
  joinRules,
  mapped,
  renamedRules,
  stayingDeclarations,
  type Block,
  type CssNode,
  type Rules,
} from '../../markup/css';
import type { SettledAssembly } from '../../resolve/assembly';

/** An assembly settled for each stage of its way from the widest viewport to the narrowest. */
export interface SettledWay {
  stages: readonly WayStage[];
  settled: readonly SettledAssembly[];
  /** It settled for each level of rules that are measured in the visitor's browser. */
  measured: readonly SettledAssembly[];
}

/** Rules with `&` in their selectors replaced. */
export const scopeRules = (rules: Rules, selector: string): Rules =>
  renamedRules(rules, (each) => (each.includes('&') ? each.replaceAll('&', selector) : each));

/** Rules without what only takes back: in the widest band, and by state, there is nothing to be taken back. */
export const withoutIdle = (rules: Rules): Rules =>
  mapped(rules, (declarations) => stayingDeclarations(declarations, (_, value) => value !== AS_IT_COMES));

/**
 * The rules of something for each stage: all of the first, then what each narrower one says other than the one before. Only
 * things whose selectors are their own can be written apart from each other.
 */
export type RulesByStage = readonly Rules[];

export function byStage(stages: readonly Rules[]): RulesByStage {
  return stages.map((rules, index) =>
    index === 0 ? withoutIdle(rules) : changedRules(stages[index - 1]!, rules),
  );
}

/** Parts with the same stages, as one. */
export function joinByStages(parts: readonly RulesByStage[]): RulesByStage {
  return (parts[0] ?? []).map((_, index) => joinRules(...parts.map((part) => part[index]!)));
}

/**
 * What holds otherwise under some condition, written under a selector that wins at every stage: so a narrower stage says again what
 * it has, wherever a wider one said something else under the condition.
 */
export function saidOver(
  stages: readonly WayStage[],
  before: (stage: WayStage) => Rules,
  after: (stage: WayStage) => Rules,
  scoped: (selector: string) => string,
): RulesByStage {
  let said: Rules = {};
  return stages.map((stage) => {
    const rules = changedRules(joinRules(before(stage), said), after(stage));
    said = joinRules(said, rules);
    return renamedRules(rules, scoped);
  });
}

/** Rules that hold below a width, in CSS px; from the widest viewport on where it is null. */
export interface RulesBelow {
  below: number | null;
  rules: Rules;
}

/** What an assembly, or the brand, says at each of its stages. */
export function rulesBelow(stages: readonly Pick<WayStage, 'below'>[], rules: RulesByStage): RulesBelow[] {
  return stages.map(({ below }, index) => ({ below, rules: rules[index]! }));
}

/** Rules in one media query for each width below which something changes, widest first. */
export function atWidths(all: readonly RulesBelow[]): CssNode[] {
  const at = (width: number | null) =>
    joinRules(...all.filter(({ below }) => below === width).map(({ rules }) => rules));
  const widths = [...new Set(all.flatMap(({ below }) => (below === null ? [] : [below])))];
  return [
    at(null),
    ...widths.sort((a, b) => b - a).map((width): Block => ({ at: narrowerThan(width), inside: [at(width)] })),
  ];
}
