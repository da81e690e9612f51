import { useRef, useState, type ClipboardEvent } from 'react';
import {
  CELLS_TYPE,
  nameOf,
  readCells,
  takes,
  writeCells,
  type CellInRow,
  type CopiedCell,
} from './cells-clipboard';
import { marksAfter, type Marking } from './marks';
import type { CellChange, SheetActions, SheetCell, SheetRow } from './model';

export const keyOf = ({ name, label }: SheetRow, { key }: SheetCell) => `${name} ${label} ${key}`;

const changeOf = (each: CellInRow, value?: unknown): CellChange => ({
  ...nameOf(each),
  ...(value !== undefined && { value }),
});

const cells = (count: number) => `${count} ${count === 1 ? 'cell' : 'cells'}`;

/** Where copied cells go, from one on: a single copied one goes into all that is marked. */
function pasted(
  rows: readonly SheetRow[],
  copied: readonly (readonly (CopiedCell | null)[])[],
  from: CellInRow,
  marked: readonly CellInRow[],
): { into: CellInRow; what: CopiedCell }[] {
  const single = copied.length === 1 && copied[0]!.length === 1 ? copied[0]![0] : null;
  if (single && marked.length > 0) return marked.map((into) => ({ into, what: single }));
  const first = rows.indexOf(from.row);
  const column = from.row.cells.indexOf(from.cell);
  return copied.flatMap((line, down) =>
    line.flatMap((what, along) => {
      const row = rows[first + down];
      const cell = row?.cells[row.cells.length === 1 ? along : column + along];
      return row && cell && what ? [{ into: { row, cell }, what }] : [];
    }),
  );
}

/** What is marked in the rows of a sheet that are seen, and what is done with it. */
export function useMarks(rows: readonly SheetRow[], actions: SheetActions) {
  const [gone, setGone] = useState<string | null>(null);
  const [marked, setMarked] = useState<readonly string[]>([]);
  const [note, setNote] = useState('');
  const anchor = useRef<string | null>(null);
  const keys = rows.map((row) => row.cells.map((cell) => cell && keyOf(row, cell)));
  const known = new Map<string, CellInRow>(
    rows.flatMap((row) =>
      row.cells.flatMap((cell) => (cell ? [[keyOf(row, cell), { row, cell }] as const] : [])),
    ),
  );
  const there = (wanted: readonly string[]) => wanted.flatMap((key) => known.get(key) ?? []);
  const first = keys.flat().find((key) => key !== null) ?? null;
  const stop = gone !== null && known.has(gone) ? gone : first;
  /** What is marked; where nothing is, the cell that has the focus. */
  const chosen = () => there(marked.length > 0 ? marked : stop === null ? [] : [stop]);
  return {
    /** The cell at which the Tab key stops. */
    stop,
    /** The cell that was gone to last; null where it is gone, or none was. */
    last: gone !== null && known.has(gone) ? nameOf(known.get(gone)!) : null,
    marked: new Set(marked),
    /** What became of the last of these. */
    note,
    gone(key: string, how: Marking) {
      setMarked(marksAfter(keys, { marked, anchor: anchor.current }, key, how));
      if (how === 'alone' || anchor.current === null) anchor.current = key;
      if (note !== '') setNote('');
      setGone(key);
    },
    together(key: string): CellInRow[] {
      const own = known.get(key)!;
      return marked.includes(key)
        ? there(marked).filter(({ row }) => takes(row.editor, own.row.editor))
        : [own];
    },
    clear(): boolean {
      const set = chosen().filter(({ cell }) => cell.own);
      if (set.length > 0) actions.change(set.map((each) => changeOf(each)));
      return set.length > 0;
    },
    unmark(): boolean {
      setMarked([]);
      return marked.length > 0;
    },
    onCopy(event: ClipboardEvent) {
      if (!(event.target as HTMLElement).matches?.('[data-cell]')) return;
      const block = new Set(chosen().map(({ row, cell }) => keyOf(row, cell)));
      const lines = rows
        .map((row) => row.cells.filter((cell) => cell && block.has(keyOf(row, cell))))
        .map((line, index) => line.map((cell) => ({ row: rows[index]!, cell: cell! })))
        .filter((line) => line.length > 0);
      const written = writeCells(lines);
      event.clipboardData.setData('text/plain', written.words);
      event.clipboardData.setData(CELLS_TYPE, written.cells);
      event.preventDefault();
      event.stopPropagation();
      setNote(`${cells(block.size)} copied`);
    },
    onPaste(event: ClipboardEvent) {
      if (!(event.target as HTMLElement).matches?.('[data-cell]') || stop === null) return;
      const copied = readCells(event.clipboardData.getData(CELLS_TYPE));
      if (!copied) return setNote('There are no cells on the clipboard: copy some first.');
      event.preventDefault();
      const from = marked.length > 0 ? chosen()[0]! : known.get(stop)!;
      const all = pasted(rows, copied, from, there(marked));
      const fitting = all.filter(({ into, what }) => takes(into.row.editor, what));
      const left = all.length - fitting.length;
      const changes = fitting
        .filter(({ into, what }) => what.value !== undefined || into.cell.own)
        .map(({ into, what }) => changeOf(into, what.value));
      const done = `${cells(fitting.length)} pasted${left > 0 ? `; ${cells(left)} left, which take other values` : ''}`;
      setNote((changes.length > 0 ? actions.change(changes) : null) ?? done);
    },
  };
}
