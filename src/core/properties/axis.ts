import { EVERYWHERE } from '../bands/follow';
import { phaseCell, phaseChain, phases } from './phases';
import { stateChain, states, type State } from './states';

/** What the values of a property may differ by: the width, in bands; the state; the language; or nothing. */
export type Axis = 'width' | 'state' | 'language' | null;

/** What axes are made of in a site: the ids of its bands, widest first, and the tags of its languages, the one of its texts first. */
export interface Axes {
  bands: readonly string[];
  languages: readonly string[];
}

/** The cells of an axis in their order; what is said in the first language holds everywhere until another says otherwise. */
export function axisCells(axis: Axis, { bands, languages }: Axes): readonly string[] {
  if (axis === 'width') return bands;
  if (axis === 'language') return [EVERYWHERE, ...languages.slice(1)];
  return axis === 'state' ? states : [EVERYWHERE];
}

/** The cells that a cell follows, the first of them first, and the cell itself last; a band in a phase of scrolling is a cell of its own. */
export function axisChain(axis: Axis, bands: readonly string[], cell: string): readonly string[] {
  if (axis === 'width') return phaseChain(bands, cell);
  if (axis === 'language' && cell !== EVERYWHERE) return [EVERYWHERE, cell];
  return axis === 'state' ? stateChain(cell as State) : [EVERYWHERE];
}

/** The cell that all others of an axis follow in the end. */
export function firstCell(axis: Axis, bands: readonly string[]): string {
  return axisCells(axis, { bands, languages: [] })[0]!;
}

/** Every cell in which a property may have a value; where it differs by phase of scrolling too, each band has one a phase. */
export function allCells(
  { by, phased, part }: { by: Axis; phased?: boolean; part?: { states: readonly State[] } },
  axes: Axes,
): readonly string[] {
  if (phased) return axes.bands.flatMap((band) => phases.map((phase) => phaseCell(band, phase)));
  return part?.states ?? axisCells(by, axes);
}
