import { measuredLevels } from '../fit/measured-rules';
import type { WayStep } from '../fit/way-down';
import type { Rules } from '../markup/css';
import { resolveAssembly, type SettledBar } from '../resolve/assembly';
import type { Site } from '../site/site';
import type { Names } from './names';
import { saidOver, type RulesByStep, type SettledWay } from './rules-by-step';

/** Writes the rules of a bar and of what stands in it as they are settled at a place. */
type BarRulesIn = (bar: SettledBar) => Rules;

/**
 * What the levels of rules that are measured in the visitor's browser say other than what holds before each, under what the script
 * puts on the bar.
 */
export function measuredRules(
  { site, names }: { site: Site; names: Names },
  { steps, settled }: Pick<SettledWay, 'steps' | 'settled'>,
  rulesIn: BarRulesIn,
): RulesByStep[] {
  const { id, kind } = settled[0]!;
  const assembly = site[kind][id]!;
  return assembly.order.flatMap((barId, index) => {
    const levels = measuredLevels(site, assembly, assembly.bars[barId]!, steps);
    const bar = `.${names.get(barId)!}`;
    const begunTo = (level: number) => (step: WayStep) => {
      const begun = [...step.begun, ...levels.slice(0, level).map((each) => each.id)];
      return rulesIn(resolveAssembly(site, kind, assembly, { ...step, begun }).bars[index]!);
    };
    return levels.map(({ token }, level) => {
      const short = `${bar}[data-short~='${token}']`;
      return saidOver(steps, begunTo(level), begunTo(level + 1), (selector) =>
        selector.startsWith(`${bar} `) ? selector.replace(bar, short) : `${short} ${selector}`,
      );
    });
  });
}
