import * as v from 'valibot';

/** Rendered files of a site that were frozen under a number. */
export interface Release {
  number: number;
  note: string;
  revision: number;
  /** The saved point that was made before it. */
  point: string;
  /** When it was made, in ms since 1970. */
  at: number;
  files: number;
  /** How many bytes its files have in all. */
  bytes: number;
}

/** Where a site stands on the practice host. */
export interface Hosting {
  /** The port that is its own; null while it was never published. */
  port: number | null;
  /** The release that is live; null for none. */
  release: number | null;
  /** Why what is live is not served at the moment. */
  problem: string | null;
  /** What was live from when on, the last first: null where it was taken down. */
  history: { id: number; release: number | null; at: number }[];
}

/** The note of a release: what it is for, in the designer’s words. */
export const noteSchema = v.pipe(
  v.string(),
  v.trim(),
  v.maxLength(300, 'A note has at most 300 characters.'),
  v.regex(/^[^\p{Cc}]*$/u, 'Line breaks and control characters cannot stand in a note.'),
);
