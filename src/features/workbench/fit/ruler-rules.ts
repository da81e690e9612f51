import { NARROWEST } from '@/core/bands/band';
import type { FitSurvey } from '@/core/fit/survey';
import type { Assembly } from '@/core/site/assembly';
import type { CollapseRule } from '@/core/site/collapse-rule';
import type { Site } from '@/core/site/site';
import { pieceTitle } from '@/core/site/uses';
import type { RulerRule } from '@/ui/ruler/model';
import { turnText } from './rule-choices';

/** What a rule does, in a few words. */
export function ruleText(site: Site, assembly: Assembly, rule: CollapseRule): string {
  const pieces = [...new Set(rule.turns.map(({ piece }) => piece))].map((id) => assembly.pieces[id]!);
  const words = pieces.map((piece) => {
    const turned = turnText(rule, piece);
    // What is not among the offered turns is told by the piece alone.
    return turned === '' ? `${pieceTitle(site, piece)} gives way` : `${pieceTitle(site, piece)} → ${turned}`;
  });
  return words.length === 0 ? 'nothing turns yet' : words.join(', ');
}

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
