import { EVERYWHERE } from '../bands/follow';
import { phaseCell, phaseChain, phases } from './phases';
import { stateChain, states, type State } from './states';

/** What the values of a property may differ by: the width, in bands; the state; or nothing. */
export type Axis = 'width' | 'state' | null;

/** The cells of an axis in their order; `bands` are the ids of bands, widest first. */
export function axisCells(axis: Axis, bands: readonly string[]): readonly string[] {
  if (axis === 'width') return bands;
  return axis === 'state' ? states : [EVERYWHERE];
}

/** The cells that a cell follows, the first of them first, and the cell itself last; a band in a phase of scrolling is a cell of its own. */
export function axisChain(axis: Axis, bands: readonly string[], cell: string): readonly string[] {
  if (axis === 'width') return phaseChain(bands, cell);
  return axis === 'state' ? stateChain(cell as State) : [EVERYWHERE];
}

/** The cell that all others of an axis follow in the end. */
export function firstCell(axis: Axis, bands: readonly string[]): string {
  return axisCells(axis, bands)[0]!;
}

/** Every cell in which a property may have a value; where it differs by phase of scrolling too, each band has one a phase. */
export function allCells(
  { by, phased, part }: { by: Axis; phased?: boolean; part?: { states: readonly State[] } },
  bands: readonly string[],
): readonly string[] {
  if (phased) return bands.flatMap((band) => phases.map((phase) => phaseCell(band, phase)));
  return part?.states ?? axisCells(by, bands);
}
