import { rowStarters } from './rows';
import { sideStarters } from './sides';
import type { Starter } from './starter';

/** Every ready-made header, in the order in which they are offered. */
export const starters: readonly Starter[] = [...rowStarters, ...sideStarters];
