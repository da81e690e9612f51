import { measuredLevels } from '../../fit/measured-rules';
import type { WayStage } from '../../fit/way-down';
import type { Rules } from '../../markup/css';
import { resolveAssembly, type SettledBar } from '../../resolve/assembly';
import type { Site } from '../../site/site';
import type { Names } from '../names';
import { saidOver, type RulesByStage, type SettledWay } from './rules-by-stage';

/** Writes the rules of a bar and of what stands in it as they are settled at a place. */
type BarRulesIn = (bar: SettledBar) => Rules;

/**
 * What the levels of rules that are measured in the visitor's browser say other than what holds before each, under what the script
 * puts on the bar.
 */
export function measuredRules(
  { site, names }: { site: Site; names: Names },
  { stages, settled }: Pick<SettledWay, 'stages' | 'settled'>,
  rulesIn: BarRulesIn,
): RulesByStage[] {
  const { id, kind } = settled[0]!;
  const assembly = site[kind][id]!;
  return assembly.order.flatMap((barId, index) => {
    const levels = measuredLevels(site, assembly, assembly.bars[barId]!, stages);
    const bar = `.${names.get(barId)!}`;
    const begunTo = (level: number) => (stage: WayStage) => {
      const begun = [...stage.begun, ...levels.slice(0, level).map((each) => each.id)];
      return rulesIn(resolveAssembly(site, kind, assembly, { ...stage, begun }).bars[index]!);
    };
    return levels.map(({ token }, level) => {
      const short = `${bar}[data-short~='${token}']`;
      return saidOver(stages, begunTo(level), begunTo(level + 1), (selector) =>
        selector.startsWith(`${bar} `) ? selector.replace(bar, short) : `${short} ${selector}`,
      );
    });
  });
}
