/** A file of the hand-over; sizes in bytes, `compressed` as hosts send it: text in Brotli, all else as it is. */
export interface ListedFile {
  path: string;
  /** The SHA-256 of its bytes (hex). */
  hash: string;
  bytes: number;
  compressed: number;
  /** Whether it is text that a person may want to read. */
  readable: boolean;
}

/** What is told of a hand-over while it is made: the first thing is how many files it has, the last that it is ready or has failed. */
export type HandoverNews =
  | { says: 'count'; count: number }
  | { says: 'done'; done: number }
  | { says: 'files'; files: ListedFile[] }
  /** `megabytes`: how much memory the process had at the most; `key`: under which an archive is fetched; `release`: the number of one that was made. */
  | { says: 'ready'; megabytes: number; key?: string; release?: number }
  | { says: 'failed'; reason: string };
