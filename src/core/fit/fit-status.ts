import type { Piecewise } from '../lengths/piecewise';
import type { Id } from '../ids/id';

/** How a bar stands at a width, from the best to the worst. */
export const fitLabels = {
  fits: 'fits',
  tight: 'tight',
  wraps: 'wraps',
  overflows: 'overflows',
} as const;
export type FitStatus = keyof typeof fitLabels;
const order = Object.keys(fitLabels) as FitStatus[];

/** The worst of some states; `fits` of none. */
export function worstFit(statuses: readonly FitStatus[]): FitStatus {
  return order.findLast((status) => statuses.includes(status)) ?? 'fits';
}

/** Whether a bar no longer fits: it wraps or overflows. */
export function breaks({ status }: { status: FitStatus }): boolean {
  return status === 'wraps' || status === 'overflows';
}

/** What is the matter where a condition does not hold. */
export type Trouble = 'narrowed' | 'off-centre' | 'uneven' | 'wrapped' | 'sticks-out';

/** Something that holds as long as some room is left; where it is negative, a bar has the status. In CSS px over the viewport width. */
export interface Condition {
  status: Exclude<FitStatus, 'fits'>;
  trouble: Trouble;
  slack: Piecewise;
  /** The pieces that are concerned. */
  pieces: readonly Id[];
}

/** Of all that has to hold, what a rule waits for that begins where its bar stops fitting, or where its middle is no longer truly centred. */
export const waitedFor: Record<'fit' | 'centre', (condition: Condition) => boolean> = {
  fit: breaks,
  centre: (condition) => breaks(condition) || condition.trouble === 'off-centre',
};
