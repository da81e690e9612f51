import { NARROWEST, WIDEST } from '../bands/band';
import { ROOT_TEXT_PX } from '../lengths/length';
import type { Span } from '../lengths/piecewise';
import type { AssemblyKind } from '../properties/assembly';
import type { Id } from '../properties/id';
import { resolveAssembly } from '../resolve/assembly';
import type { Assembly } from '../site/assembly';
import { barFit, type Cause, type FitStretch } from './bar-fit';
import type { Circumstances, Tally } from './room-context';
import { wayDown, type RuleOutcome } from './way-down';

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
 * piecewise linear room that is left, with its collapse rules where they have begun.
 */
export function surveyFit(
  circumstances: Circumstances,
  kind: AssemblyKind,
  assembly: Assembly,
  whole: Span = WHOLE_RULER,
): FitSurvey {
  const { site, root, advances } = circumstances;
  const tally: Tally = { complete: true };
  const perBar = new Map<Id, FitStretch[]>(assembly.order.map((id) => [id, []]));
  const way = wayDown(site, advances, kind, assembly);
  // Media queries are in em, so they follow the reader's own text size.
  const larger = root / ROOT_TEXT_PX;
  const steps = way.steps.map((step, index) => ({
    ...step,
    from: Math.max((way.steps[index + 1]?.below ?? 0) * larger, whole.from),
    to: Math.min((step.below ?? Infinity) * larger, whole.to),
  }));
  for (const { from, to, ...place } of steps.filter((step) => step.from < step.to).reverse()) {
    const settled = resolveAssembly(site, kind, assembly, place);
    for (const bar of settled.bars)
      perBar
        .get(bar.id)!
        .push(...barFit(circumstances, settled, bar, { band: place.band, span: { from, to }, tally }));
  }
  const bars = [...perBar].map(([bar, stretches]): BarSurvey => ({ bar, stretches: joined(stretches) }));
  return { bars, rules: way.rules, complete: tally.complete };
}
