import type { Id } from '../ids/id';
import type { AssemblyKind } from '../properties/assembly-kind';
import { resolveAssembly, type SettledAssembly } from '../resolve/assembly';
import type { Stage } from '../resolve/stage';
import { levelId, levelsOf } from '../resolve/turns';
import type { Assembly, Bar } from '../site/assembly';
import type { CollapseRule } from '../site/collapse-rule';
import type { Site } from '../site/site';

/** A level of a rule that is measured in the visitor's browser. */
export interface MeasuredLevel {
  /** Its name in the markup, which the script puts on the bar when it begins. */
  token: string;
  /** Its name among what has begun. */
  id: string;
  rule: Id;
}

/** The rules of a bar that are measured in the visitor's browser. */
export const measuredRulesOf = ({ rules = [] }: Bar): CollapseRule[] =>
  rules.filter(({ when }) => when.by === 'browser');

/** The levels of a bar's rules that are measured in the visitor's browser, in the order in which they begin there: as many as they have in any of the stages. */
export function measuredLevels(
  site: Site,
  assembly: Assembly,
  bar: Bar,
  stages: readonly Stage[],
): MeasuredLevel[] {
  return measuredRulesOf(bar).flatMap((rule, index) => {
    const levels = Math.max(...stages.map(({ begun }) => levelsOf(site, assembly, rule, begun)));
    return Array.from({ length: levels }, (_, level) => ({
      token: levelId(String(index + 1), level + 1),
      id: levelId(rule.id, level + 1),
      rule: rule.id,
    }));
  });
}

/** The stages that tell what a band makes of what is measured: where it begins, and where all has begun that begins in it. */
const tellingStages = (stages: readonly Stage[]): Stage[] =>
  stages.filter(({ band }, index) => band !== stages[index - 1]?.band || band !== stages[index + 1]?.band);

/** An assembly settled for each level of each bar that is measured in the visitor's browser, with those of the bar before it, in each band. */
export function settledMeasured(
  site: Site,
  kind: AssemblyKind,
  assembly: Assembly,
  stages: readonly Stage[],
): SettledAssembly[] {
  return assembly.order.flatMap((bar) => {
    const levels = measuredLevels(site, assembly, assembly.bars[bar]!, stages).map(({ id }) => id);
    if (levels.length === 0) return [];
    return tellingStages(stages).flatMap((stage) =>
      levels.map((_, level) =>
        resolveAssembly(site, kind, assembly, {
          ...stage,
          begun: [...stage.begun, ...levels.slice(0, level + 1)],
        }),
      ),
    );
  });
}

/** Whether some bar of a site has a rule that is measured in the visitor's browser. */
export function measuresInBrowser({ headers, drawers, footers }: Site): boolean {
  return [headers, drawers, footers]
    .flatMap(Object.values<Assembly>)
    .some(({ bars }) => Object.values(bars).some((bar) => measuredRulesOf(bar).length > 0));
}
