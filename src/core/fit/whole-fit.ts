import type { Id } from '../ids/id';
import { worstFit } from './fit-status';
import type { FitStretch } from './bar-fit';
import type { FitSurvey } from './survey';

/** A stretch of widths of an assembly as a whole: as its worst bar stands. */
export interface WholeStretch extends FitStretch {
  /** The bar that stands worst; null where all fit. */
  bar: Id | null;
}

/** How an assembly as a whole stands at every width: as the worst of its bars, from the narrowest width to the widest. */
export function wholeFit({ bars }: FitSurvey): WholeStretch[] {
  const ends = [
    ...new Set(bars.flatMap(({ stretches }) => stretches.flatMap(({ from, to }) => [from, to]))),
  ].sort((a, b) => a - b);
  const pieces = ends.slice(1).map((to, index): WholeStretch => {
    const from = ends[index]!;
    const here = bars.map(({ bar, stretches }) => ({
      bar,
      stretch: stretches.find((each) => each.from <= from && each.to >= to)!,
    }));
    const status = worstFit(here.map(({ stretch }) => stretch.status));
    const worst = here.find(({ stretch }) => stretch.status === status)!;
    return { from, to, status, causes: worst.stretch.causes, bar: status === 'fits' ? null : worst.bar };
  });
  return pieces.reduce<WholeStretch[]>((all, next) => {
    const last = all.at(-1);
    if (last?.status === next.status && last.bar === next.bar && last.causes === next.causes)
      return [...all.slice(0, -1), { ...last, to: next.to }];
    return [...all, next];
  }, []);
}

/** The first whole width of the viewport at which a stretch holds, in CSS px. */
export function firstWidth({ from }: Pick<FitStretch, 'from'>): number {
  return Math.ceil(from - 1e-6);
}
