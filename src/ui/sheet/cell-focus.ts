/** Where keys lead from one cell of the sheet to another. */
export type Way = 'up' | 'down' | 'left' | 'right' | 'first' | 'last';

/** The way that a key leads, as in a grid (ARIA Authoring Practices, "Grid"); null for any other key. */
export const wayOfKey: Readonly<Record<string, Way>> = {
  ArrowUp: 'up',
  ArrowDown: 'down',
  ArrowLeft: 'left',
  ArrowRight: 'right',
  Home: 'first',
  End: 'last',
};

/** A cell that can be focused, and the columns that it takes: from the first to the one before the last. */
interface Stand {
  button: HTMLElement;
  from: number;
  to: number;
}

function standsIn(row: HTMLTableRowElement): Stand[] {
  let column = 0;
  return [...row.cells].flatMap((cell) => {
    const from = column;
    column += cell.colSpan;
    const button = cell.querySelector<HTMLElement>('[data-cell]');
    return button ? [{ button, from, to: column }] : [];
  });
}

/** The first column that a cell takes. */
function columnOf(cell: HTMLTableCellElement): number {
  const before = [...(cell.parentElement as HTMLTableRowElement).cells].slice(0, cell.cellIndex);
  return before.reduce((sum, { colSpan }) => sum + colSpan, 0);
}

/** The name of the group that a row is in, by which it is folded; null where groups cannot be. */
function groupOf(row: HTMLTableRowElement): HTMLElement | null {
  const rows = [...row.closest('table')!.rows];
  const above = rows.slice(0, rows.indexOf(row)).reverse();
  return above.flatMap((each) => each.querySelector<HTMLElement>('[data-group]') ?? [])[0] ?? null;
}

/** The first cell below the name of a group, also where that one is folded; null where there is none. */
export function cellBelow(group: HTMLElement): HTMLElement | null {
  const rows = [...group.closest('table')!.rows];
  const below = rows.slice(rows.indexOf(group.closest('tr')!) + 1);
  return below.flatMap((each) => standsIn(each)[0]?.button ?? [])[0] ?? null;
}

/** The cell that a way leads to from another, to be focused; before the first of a row it is the name of its group. Null where there is none. */
export function cellAt(from: HTMLTableCellElement, way: Way): HTMLElement | null {
  const column = columnOf(from);
  const row = from.parentElement as HTMLTableRowElement;
  const beside = standsIn(row);
  if (way === 'first' || way === 'last') return beside.at(way === 'first' ? 0 : -1)?.button ?? null;
  if (way === 'left') return beside.findLast(({ to }) => to <= column)?.button ?? groupOf(row);
  if (way === 'right') return beside.find((stand) => stand.from >= column + from.colSpan)?.button ?? null;
  const rows = [...row.closest('table')!.rows];
  const index = rows.indexOf(row);
  const others = way === 'up' ? rows.slice(0, index).reverse() : rows.slice(index + 1);
  const over = others.flatMap((each) =>
    standsIn(each).filter(({ from: first, to }) => first <= column && column < to),
  );
  return over[0]?.button ?? null;
}
