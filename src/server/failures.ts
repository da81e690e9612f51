import { UnreadableSite } from './sites/unreadable';

/** What a failure means for whoever asked: the status of the answer, and a sentence. */
export interface Failure {
  status: number;
  reason: string;
  more?: object;
}

/** What the database says when it cannot write or read, by the beginning of its code (SQLite, "Result and Error Codes"). */
const storageFailures: readonly [code: string, reason: string][] = [
  ['SQLITE_FULL', 'The disk is full, so nothing can be stored. Make room on it.'],
  ['SQLITE_READONLY', 'The data folder cannot be written to, so nothing can be stored. Allow writing there.'],
  ['SQLITE_BUSY', 'Another program holds the database, so nothing can be stored. Close it.'],
  ['SQLITE_LOCKED', 'Another program holds the database, so nothing can be stored. Close it.'],
  ['SQLITE_IOERR', 'The disk cannot be read or written. Look at it before you go on.'],
  ['SQLITE_CANTOPEN', 'The database cannot be opened. Look whether the data folder is still there.'],
  [
    'SQLITE_CORRUPT',
    'The database is damaged. Put a copy of the data in its place (README, “Copy the data”).',
  ],
  [
    'SQLITE_NOTADB',
    'The database is damaged. Put a copy of the data in its place (README, “Copy the data”).',
  ],
];

/** The sentence for a failure of storage; null for any other failure. */
export function storageProblem(error: unknown): string | null {
  const { code: own, cause } = (error ?? {}) as { code?: unknown; cause?: { code?: unknown } };
  const code = String(own ?? cause?.code ?? '');
  return storageFailures.find(([start]) => code.startsWith(start))?.[1] ?? null;
}

/**
 * What to answer when something was thrown. A failure of storage may pass, so `later` tells a browser to keep what it has and try
 * again; what the application did not foresee is written to the log of the server.
 */
export function failureOf(error: unknown): Failure {
  if (error instanceof UnreadableSite)
    return { status: 422, reason: error.message, more: { problems: error.problems, unreadable: true } };
  const storage = storageProblem(error);
  if (storage !== null) return { status: 503, reason: storage, more: { later: true } };
  console.error(error);
  return {
    status: 500,
    reason:
      'The application failed at this, and changed nothing. It has written the reason to the log of the server.',
  };
}
