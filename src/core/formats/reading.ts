/** Something in a text from outside that could not be understood, with the line that it stands in (counted from 1). */
export interface LineProblem {
  line: number;
  reason: string;
}

/** A page as a text from outside names it; `parent` is the index of another page of the same reading, or null. */
export interface FoundPage {
  line: number;
  title: string;
  path: string;
  parent: number | null;
}

/** What was understood of a text, and what was not. */
export interface PageReading {
  pages: FoundPage[];
  problems: LineProblem[];
}
