import { EVERYWHERE } from '../bands/follow';
import { stateChain, states, type State } from './states';

/** What the values of a property may differ by: the width, in bands; the state; or nothing. */
export type Axis = 'width' | 'state' | null;

/** The cells of an axis in their order; `bands` are the ids of bands, widest first. */
export function axisCells(axis: Axis, bands: readonly string[]): readonly string[] {
  if (axis === 'width') return bands;
  return axis === 'state' ? states : [EVERYWHERE];
}

/** The cells that a cell follows, the first of them first, and the cell itself last. Bands that are narrower may stand behind it. */
export function axisChain(axis: Axis, bands: readonly string[], cell: string): readonly string[] {
  if (axis === 'width') return bands;
  return axis === 'state' ? stateChain(cell as State) : [EVERYWHERE];
}

/** The cell that all others of an axis follow in the end. */
export function firstCell(axis: Axis, bands: readonly string[]): string {
  return axisCells(axis, bands)[0]!;
}
