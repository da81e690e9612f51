import * as v from 'valibot';
import type { Editor } from '@/core/properties/kinds/kind';
import type { SheetCell, SheetRow } from './model';

/** What cells are on the clipboard as, beside their words. */
export const CELLS_TYPE = 'application/json';
const FORM = 'gable-ridge-cells';

const cellSchema = v.strictObject({
  /** The form in which the value is edited. */
  as: v.string(),
  /** Left out where nothing is set: what is pasted over then follows again. */
  value: v.optional(v.unknown()),
});
const cellsSchema = v.strictObject({
  form: v.literal(FORM),
  rows: v.pipe(v.array(v.array(v.nullable(cellSchema))), v.minLength(1), v.maxLength(500)),
});

export type CopiedCell = v.InferOutput<typeof cellSchema>;

/** A cell of a sheet with the row that it is in. */
export interface CellInRow {
  row: SheetRow;
  cell: SheetCell;
}

/** A cell by what the document calls it. */
export const nameOf = ({ row, cell }: CellInRow) => ({ property: row.name, cell: cell.key });

const copied = ({ row, cell }: CellInRow): CopiedCell => ({
  as: row.editor.as,
  ...(cell.own && { value: cell.value }),
});

/** Cells as text for the clipboard, row by row: their values, and their words as a table. */
export function writeCells(rows: readonly (readonly (CellInRow | null)[])[]): {
  cells: string;
  words: string;
} {
  return {
    cells: JSON.stringify({
      form: FORM,
      rows: rows.map((row) => row.map((each) => each && copied(each))),
    }),
    words: rows.map((row) => row.map((each) => each?.cell.text ?? '').join('\t')).join('\n'),
  };
}

/** The cells that a text from the clipboard holds, row by row; null when it holds none. */
export function readCells(text: string): (CopiedCell | null)[][] | null {
  try {
    const parsed = v.safeParse(cellsSchema, JSON.parse(text));
    return parsed.success ? parsed.output.rows : null;
  } catch {
    return null;
  }
}

/** Whether a value of one form can stand where another is edited. */
export const takes = ({ as }: Editor, from: Pick<CopiedCell, 'as'>): boolean => as === from.as;
