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
}

const isMeasured = ({ when }: CollapseRule) => when.by === 'browser';

/** The levels of a bar's rules that are measured in the visitor's browser, in the order in which they begin there: as many as they have in any of the stages. */
export function measuredLevels(
  site: Site,
  assembly: Assembly,
  { rules = [] }: Bar,
  stages: readonly Stage[],
): MeasuredLevel[] {
  return rules.filter(isMeasured).flatMap((rule, index) => {
    const levels = Math.max(...stages.map(({ begun }) => levelsOf(site, assembly, rule, begun)));
    return Array.from({ length: levels }, (_, level) => ({
      token: levelId(String(index + 1), level + 1),
      id: levelId(rule.id, level + 1),
    }));
  });
}

/** An assembly settled for each level of each bar that is measured in the visitor's browser, with those of the bar before it, in the widest band. */
export function settledMeasured(
  site: Site,
  kind: AssemblyKind,
  assembly: Assembly,
  stages: readonly Stage[],
): SettledAssembly[] {
  const [widest] = stages;
  return assembly.order.flatMap((bar) => {
    const levels = measuredLevels(site, assembly, assembly.bars[bar]!, stages).map(({ id }) => id);
    return levels.map((_, level) =>
      resolveAssembly(site, kind, assembly, {
        ...widest!,
        begun: [...widest!.begun, ...levels.slice(0, level + 1)],
      }),
    );
  });
}

/** Whether some bar of a site has a rule that is measured in the visitor's browser. */
export function measuresInBrowser({ headers, drawers, footers }: Site): boolean {
  return [headers, drawers, footers]
    .flatMap(Object.values<Assembly>)
    .some(({ bars }) => Object.values(bars).some(({ rules = [] }) => rules.some(isMeasured)));
}

const foreseen = new WeakMap<Assembly, Assembly>();

/** An assembly as its rules are foreseen: one that is measured in the visitor's browser begins there where its bar stops fitting. */
export function asForeseen(assembly: Assembly): Assembly {
  const known = foreseen.get(assembly);
  if (known) return known;
  const bars = Object.entries(assembly.bars).map(([id, bar]): [Id, Bar] => {
    if (!bar.rules?.some(isMeasured)) return [id, bar];
    const rules = bar.rules.map((rule) =>
      isMeasured(rule) ? { ...rule, when: { by: 'fit' as const, margin: 0 } } : rule,
    );
    return [id, { ...bar, rules }];
  });
  const made = bars.every(([id, bar]) => bar === assembly.bars[id])
    ? assembly
    : { ...assembly, bars: Object.fromEntries(bars) };
  foreseen.set(assembly, made);
  return made;
}
