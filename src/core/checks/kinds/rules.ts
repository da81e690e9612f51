import { foreseenWay } from '../../fit/foreseen-way';
import { usually } from '../../fit/heights';
import type { RuleOutcome } from '../../fit/rule-beginnings';
import { ruleText } from '../../fit/rule-words';
import type { AssemblyKind } from '../../properties/assembly-kind';
import type { Assembly } from '../../site/assembly';
import { idleRules } from '../../site/placing';
import type { Site } from '../../site/site';
import type { Advances } from '../../text/advances';
import { found, ofAssemblies, type Check } from '../check';

/** The rules of an assembly that begin nowhere: those that are measured in the visitor's browser in no language, with the site's fonts or before they have come. */
function neverBegun(site: Site, advances: Advances, kind: AssemblyKind, assembly: Assembly): RuleOutcome[] {
  const cases = site.languages.flatMap((language) => [
    { language, inStandIn: false },
    { language, inStandIn: true },
  ]);
  const [first, ...others] = cases.map(
    (each) => foreseenWay({ ...usually(site, advances), ...each }, kind, assembly).rules,
  );
  const never = ({ reason }: RuleOutcome) => reason === 'fits';
  return first!.filter((outcome, index) => never(outcome) && others.every((each) => never(each[index]!)));
}

/** Collapse rules that never begin, since the bar fits at every width. */
export const rules: Check = {
  id: 'rules',
  label: 'Collapse rules that never begin',
  from: 'What is without effect is in the way of who looks after the site',
  harm: 'untidy',
  find: ofAssemblies(['headers', 'drawers', 'footers'], ({ site, advances, at, assembly }) =>
    neverBegun(site, advances, at.in, assembly).flatMap(({ bar, rule: id }) => {
      const rule = assembly.bars[bar]?.rules?.find((each) => each.id === id);
      if (!rule || rule.turns.length === 0) return [];
      return [
        found({
          lead: { to: 'rules', at, bar },
          at: `${assembly.name}, ${assembly.bars[bar]!.name}`,
          words: `The rule “${ruleText(site, assembly, rule)}” never begins: all fits at every width.`,
          repair: { label: 'Remove the rule', edits: [{ edit: 'removeRule', at, bar, rule: id }] },
          apart: id,
        }),
      ];
    }),
  ),
};

/** Rules of placing that decide nothing of any page. */
export const placingRules: Check = {
  id: 'placing-rules',
  label: 'Rules of placing without effect',
  from: 'What is without effect is in the way of who looks after the site',
  harm: 'untidy',
  find({ site }) {
    return idleRules(site).flatMap((idle, index) => {
      if (idle === null) return [];
      const { id } = site.placing.rules[index]!;
      const why = {
        'no page': 'it is for no page',
        'the same': 'an earlier rule says the same',
        decided: 'earlier rules decide all of its pages',
      }[idle.idle];
      return [
        found({
          lead: { to: 'placing' },
          at: `Placing, rule ${index + 1}`,
          words: `It is without effect: ${why}.`,
          repair: { label: 'Remove the rule', edits: [{ edit: 'removePlacingRule', rule: id }] },
          apart: id,
        }),
      ];
    });
  },
};
