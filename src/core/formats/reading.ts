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

/** The most characters that a line of a list may have. */
const MOST_IN_LINE = 2000;

/** Why a line of a list is not read at all; null when it is. */
export function lineProblem(line: string): string | null {
  return line.length > MOST_IN_LINE
    ? `A line has at most ${MOST_IN_LINE} characters; this one has ${line.length}.`
    : null;
}
