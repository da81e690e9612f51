import Papa from 'papaparse';
import { lineIndex } from './lines';
import { MOST_LINES, type LineProblem } from './reading';

/** A row of a CSV file: its cells by the name of their column in small letters, and the line in which it begins. */
export interface CsvRow {
  line: number;
  cells: Record<string, string>;
}

export type CsvReading =
  { ok: true; rows: CsvRow[]; columns: string[]; problems: LineProblem[] } | { ok: false; reason: string };

/** A cell’s text without the apostrophe that keeps a spreadsheet from running it as a formula. */
function plain(cell: string): string {
  return cell.trim().replace(/^'(?=[=+\-@])/, '');
}

/** What parts the cells: whichever of comma, semicolon and tab the first line has most of. */
function delimiterOf(text: string): string {
  const header = text.trimStart().split(/\r|\n/, 1)[0]!;
  const count = (delimiter: string) => header.split(delimiter).length;
  return [',', ';', '\t'].reduce((best, each) => (count(each) > count(best) ? each : best));
}

/** The cells of a row by their columns; a column may have any name, so the record has no names of its own. */
function byColumn(columns: readonly string[], cells: readonly string[]): Record<string, string> {
  const record = Object.create(null) as Record<string, string>;
  columns.forEach((name, at) => (record[name] = plain(cells[at]!)));
  return record;
}

/** Reads CSV with a header row (RFC 4180; commas, semicolons or tabs). Rows with too few or too many cells are reported and left out. */
export function readCsv(text: string): CsvReading {
  const source = text.replace(/^\uFEFF/, '');
  const lines: number[] = [];
  const rows: string[][] = [];
  const problems: LineProblem[] = [];
  const lineOf = lineIndex(source);
  let start = 0;
  Papa.parse<string[]>(source, {
    delimiter: delimiterOf(source),
    // Two more than may be: the header, and one to see that there are too many.
    preview: MOST_LINES + 2,
    step: ({ data, errors, meta }) => {
      const line = lineOf(start);
      start = meta.cursor;
      const broken = errors.find((error) => error.type === 'Quotes');
      if (broken) problems.push({ line, reason: `The quotation marks do not match: ${broken.message}.` });
      else if (data.some((cell) => cell.trim() !== '')) {
        rows.push(data);
        lines.push(line);
      }
    },
  });
  const [header, ...body] = rows;
  if (!header) return { ok: false, reason: problems[0]?.reason ?? 'There is nothing in it.' };
  if (body.length > MOST_LINES)
    return { ok: false, reason: `At most ${MOST_LINES} rows can be read; this file has more.` };
  const columns = header.map((name) => name.trim().toLowerCase());
  const read = body.flatMap((cells, index): CsvRow[] => {
    const line = lines[index + 1]!;
    if (cells.length !== columns.length) {
      problems.push({
        line,
        reason: `The row has ${cells.length} cells; there are ${columns.length} columns.`,
      });
      return [];
    }
    return [{ line, cells: byColumn(columns, cells) }];
  });
  return { ok: true, rows: read, columns, problems };
}

/** Rows as CSV under a header. A text that a spreadsheet would run as a formula is led by an apostrophe. */
export function writeCsv(columns: readonly string[], rows: readonly (readonly string[])[]): string {
  return `${Papa.unparse(
    { fields: [...columns], data: rows.map((row) => [...row]) },
    {
      newline: '\n',
      escapeFormulae: true,
    },
  )}\n`;
}
