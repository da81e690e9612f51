/**
 * The phases of scrolling: at the top of the page, scrolled away from it, and returning to it (scrolling up again). Returning
 * is a phase only where the header returns; elsewhere all of scrolling is scrolled.
 */
export const phaseLabels = { top: 'Top', scrolled: 'Scrolled', returning: 'Returning' } as const;
export type Phase = keyof typeof phaseLabels;
export const phases = Object.keys(phaseLabels) as Phase[];

/** What stands between the band and the phase in the name of a cell; no band's id holds it. */
const BETWEEN = ':';

/** The cell of a band in a phase; at the top it is that of the band itself. */
export function phaseCell(band: string, phase: Phase): string {
  return phase === 'top' ? band : `${band}${BETWEEN}${phase}`;
}

/** The band and the phase of a cell. */
export function cellParts(cell: string): { band: string; phase: Phase } {
  const [band, phase] = cell.split(BETWEEN) as [string, Phase?];
  return { band, phase: phase ?? 'top' };
}

/**
 * The cells that one of a band in a phase follows, the first of them first, and itself last: a phase follows itself in a wider
 * band, and where no wider band says anything of it, the phase before it. `bands` are ids, widest first.
 */
export function phaseChain(bands: readonly string[], cell: string): string[] {
  const { band, phase } = cellParts(cell);
  const wider = bands.slice(0, bands.indexOf(band) + 1);
  return phases.slice(0, phases.indexOf(phase) + 1).flatMap((each) => wider.map((id) => phaseCell(id, each)));
}

type CellsByName = Readonly<Record<string, Readonly<Record<string, unknown>>>>;

const cellsOf = (values: CellsByName) => Object.values(values).flatMap((cells) => Object.keys(cells));

/** Whether any of these values has a cell of a phase other than the top. */
export function saysPhases(values: CellsByName): boolean {
  return cellsOf(values).some((cell) => cell.includes(BETWEEN));
}

/** Whether any of these values has a cell of a phase of its own. */
export function saysPhase(values: CellsByName, phase: Exclude<Phase, 'top'>): boolean {
  return cellsOf(values).some((cell) => cell.endsWith(`${BETWEEN}${phase}`));
}
