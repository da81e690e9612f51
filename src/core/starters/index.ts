import { rowStarters } from './rows';
import { sideStarters } from './sides';
import { drawerStarters } from './drawers';
import type { StartedKind, Starter } from './starter';

/** Every ready-made header, in the order in which they are offered. */
export const starters: readonly Starter[] = [...rowStarters, ...sideStarters];

/** The same for each kind that can be begun ready-made. */
export const startersOf: Record<StartedKind, readonly Starter[]> = {
  headers: starters,
  drawers: drawerStarters,
};
