import { rowStarters } from './rows';
import { sideStarters } from './sides';
import type { AssemblyKind } from '../properties/assembly-kind';
import { drawerStarters } from './drawers';
import { footerStarters } from './footers';
import type { Starter } from './starter';

/** Every ready-made header, in the order in which they are offered. */
export const starters: readonly Starter[] = [...rowStarters, ...sideStarters];

/** The same for each kind of assembly. */
export const startersOf: Record<AssemblyKind, readonly Starter[]> = {
  headers: starters,
  drawers: drawerStarters,
  footers: footerStarters,
};
