import { createHash } from 'node:crypto';
import { megabytes } from '@/core/site/file-limits';

/** Bytes as they will be kept, under their SHA-256 (hex), with what was read from them. */
export interface Kept<T> {
  about: T;
  hash: string;
  bytes: Buffer;
}
export type Ingestion<T> = { ok: true; kept: Kept<T> } | { ok: false; reason: string };

export function refused(reason: string): { ok: false; reason: string } {
  return { ok: false, reason };
}

export function kept<T>(about: T, bytes: Buffer): Ingestion<T> {
  return { ok: true, kept: { about, bytes, hash: createHash('sha256').update(bytes).digest('hex') } };
}

/** Why bytes of this size are not taken; null when they are. `what` is the plural in the sentence, such as `artwork`. */
export function sizeProblem(bytes: Buffer, most: number, what: string): string | null {
  if (bytes.length === 0) return 'The file is empty.';
  if (bytes.length <= most) return null;
  return `The file has ${megabytes(bytes.length)} MB; ${what} may have at most ${megabytes(most)} MB.`;
}

/** The ending of a file’s name in small letters; empty when it has none. */
export function endingOf(name: string): string {
  return /\.([A-Za-z0-9]+)$/.exec(name)?.[1]?.toLowerCase() ?? '';
}
