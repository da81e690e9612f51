import { NARROWEST, WIDEST } from '../bands/band';
import type { Span } from '../lengths/piecewise';
import type { AssemblyKind } from '../properties/assembly-kind';
import type { Id } from '../ids/id';
import type { Assembly } from '../site/assembly';
import { barFit, type Cause, type FitStretch } from './bar-fit';
import { lackingLetters, type Lacking } from './lacking-letters';
import { foreseenWay } from './foreseen-way';
import type { Circumstances, Tally } from './circumstances';
import { settledOver } from './settled-over';
import type { RuleOutcome } from './rule-beginnings';

/** How a bar stands at every width. */
export interface BarSurvey {
  bar: Id;
  /** From the narrowest width to the widest, without gaps. */
  stretches: readonly FitStretch[];
}

/** How every bar of an assembly stands at every width. */
export interface FitSurvey {
  bars: readonly BarSurvey[];
  /** Where its collapse rules begin. */
  rules: readonly RuleOutcome[];
  /** Whether all texts had been measured; until then, the others count as nothing. */
  complete: boolean;
  /** The characters of each piece that a family has no glyph for. */
  lacking: readonly Lacking[];
}

/** Stretches of the same status that meet, as one. */
function joined(stretches: readonly FitStretch[]): FitStretch[] {
  return stretches.reduce<FitStretch[]>((all, next) => {
    const last = all.at(-1);
    if (last?.status === next.status && last.to === next.from)
      return [...all.slice(0, -1), { ...last, to: next.to, causes: worse(last.causes, next.causes) }];
    return [...all, next];
  }, []);
}

const worse = (one: readonly Cause[], other: readonly Cause[]) =>
  (one[0]?.by ?? 0) >= (other[0]?.by ?? 0) ? one : other;

/** The widths that are looked at unless others are asked for. */
export const WHOLE_RULER: Span = { from: NARROWEST, to: WIDEST };

/**
 * How each bar of an assembly stands at every viewport width: where it fits, is tight, wraps or overflows, solved exactly on the
 * piecewise linear room that is left, with its collapse rules where they have begun. Only some of the bars are looked at where that
 * is asked for.
 */
export function surveyFit(
  circumstances: Circumstances,
  kind: AssemblyKind,
  assembly: Assembly,
  { whole = WHOLE_RULER, only = assembly.order }: { whole?: Span; only?: readonly Id[] } = {},
): FitSurvey {
  const tally: Tally = { complete: true };
  const perBar = new Map<Id, FitStretch[]>(only.map((id) => [id, []]));
  const stages = settledOver(circumstances, kind, assembly, { span: whole, tally });
  for (const { settled, phases, within } of stages)
    for (const bar of settled.bars.filter(({ id }) => only.includes(id)))
      perBar.get(bar.id)?.push(...barFit({ circumstances, phases, bar: bar.id, within }));
  const lacking = lackingLetters(
    circumstances,
    stages.flatMap(({ phases }) => phases),
  );
  const { rules } = foreseenWay(circumstances, kind, assembly);
  const bars = [...perBar].map(([bar, stretches]): BarSurvey => ({ bar, stretches: joined(stretches) }));
  const complete = tally.complete && rules.every(({ reason }) => reason !== 'unmeasured');
  return { bars, rules, complete, lacking };
}
