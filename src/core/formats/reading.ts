/** Something in a text from outside that could not be understood, with the line that it stands in (counted from 1). */
export interface LineProblem {
  line: number;
  reason: string;
}

/** What was understood of a text, and what was not. */
export interface Reading<T> {
  found: T[];
  problems: LineProblem[];
}

/** The most lines, pages or items that are read at once. */
export const MOST_LINES = 5000;

/** A text that is refused whole, with the reason. */
export function unreadable<T>(reason: string, line = 1): Reading<T> {
  return { found: [], problems: [{ line, reason }] };
}

/** The line of a text in which a place stands, given as an offset in UTF-16 units. */
export function lineAt(text: string, offset: number): number {
  let line = 1;
  for (let at = text.indexOf('\n'); at >= 0 && at < offset; at = text.indexOf('\n', at + 1)) line += 1;
  return line;
}
