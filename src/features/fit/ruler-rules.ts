import { NARROWEST } from '@/core/bands/band';
import { ruleText } from '@/core/fit/rule-words';
import type { FitSurvey } from '@/core/fit/survey';
import type { Assembly } from '@/core/site/assembly';
import type { Site } from '@/core/site/site';
import type { RulerRule } from '@/ui/ruler/model';

/** The rules of an assembly on the ruler, each from the width below which it begins to that of the next. */
export function rulerRules(site: Site, assembly: Assembly, survey: FitSurvey): RulerRule[] {
  const begun = survey.rules
    .flatMap(({ bar, rule: id, below, further }) => {
      const rule = assembly.bars[bar]?.rules?.find((each) => each.id === id);
      return rule && below !== null ? [{ rule, below, further }] : [];
    })
    .sort((a, b) => b.below - a.below);
  return begun.flatMap(({ rule, below, further }, index): RulerRule[] => {
    const from = begun[index + 1]?.below ?? NARROWEST;
    return from < below
      ? [
          {
            from,
            to: below,
            text: ruleText(site, assembly, rule),
            steps: further.filter((step) => step > from),
          },
        ]
      : [];
  });
}
