import {
  chmodSync,
  existsSync,
  mkdirSync,
  mkdtempSync,
  readdirSync,
  renameSync,
  rmSync,
  writeFileSync,
} from 'node:fs';
import path from 'node:path';
import { megabytes, MOST_SITE_FILE } from '@/core/site/file-limits';
import { CouldNot } from './command';

const reasons: Readonly<Record<string, string>> = {
  EACCES: 'nothing may be written there',
  EROFS: 'nothing can be written there',
  ENOSPC: 'the disk is full',
  ENOENT: 'the folder that it would stand in is not there',
  ENOTDIR: 'what it would stand in is no folder',
};

/** Why something could not be written, in words. */
function notWritten(typed: string, error: unknown): CouldNot {
  const { code = '', message } = error as NodeJS.ErrnoException;
  return new CouldNot(`${typed} cannot be written: ${reasons[code] ?? message}. Nothing was changed.`);
}

/** Writes a site file whole: it is there when all of it is, and until then the one before stays. One that nobody could open is not written. */
export function writeWhole(to: string, typed: string, text: string): void {
  const bytes = Buffer.byteLength(text);
  if (bytes > MOST_SITE_FILE)
    throw new CouldNot(
      `${typed} would have ${megabytes(bytes)} MB, and a site file of more than ${megabytes(MOST_SITE_FILE)} MB cannot be opened. Nothing was written.`,
    );
  try {
    const folder = mkdtempSync(`${to}-`);
    try {
      const half = path.join(folder, 'half');
      writeFileSync(half, text);
      renameSync(half, to);
    } finally {
      rmSync(folder, { recursive: true, force: true });
    }
  } catch (error) {
    throw notWritten(typed, error);
  }
}

/** Puts a folder in the place of another, which stays until then. */
function takePlace(half: string, to: string): void {
  if (!existsSync(to)) return renameSync(half, to);
  const before = mkdtempSync(`${to}-`);
  renameSync(to, path.join(before, 'before'));
  renameSync(half, to);
  rmSync(before, { recursive: true, force: true });
}

/** A folder that is to be written: where, as it was typed, and whether one that holds `mark` is replaced. */
interface Target {
  at: string;
  typed: string;
  /** A file that only a folder holds that was written before. */
  mark: string;
  replace: boolean;
}

/**
 * Writes a folder whole, of files by their paths in it: it is there when all of them are. One that is there already has to be empty; where
 * it is said to be replaced, it may hold a site that was written before, and nothing else.
 */
export function writeFolder(
  { at: to, typed, mark, replace }: Target,
  files: Iterable<readonly [path: string, bytes: Uint8Array]>,
): number {
  const held = existsSync(to) ? heldBy(to, typed) : [];
  if (held.length > 0 && !replace)
    throw new CouldNot(
      `${typed} is not empty. Name another folder, or replace the site in it with --replace.`,
    );
  if (held.length > 0 && !existsSync(path.join(to, mark)))
    throw new CouldNot(`${typed} holds no site that was written before, so it is not replaced.`);
  try {
    const half = mkdtempSync(`${to}-`);
    try {
      let count = 0;
      for (const [file, bytes] of files) {
        const at = path.join(half, file);
        mkdirSync(path.dirname(at), { recursive: true });
        writeFileSync(at, bytes);
        count += 1;
      }
      // A temporary folder is its owner’s alone; what is handed over is read by others.
      chmodSync(half, 0o777 & ~process.umask());
      takePlace(half, to);
      return count;
    } catch (error) {
      rmSync(half, { recursive: true, force: true });
      throw error;
    }
  } catch (error) {
    if (error instanceof CouldNot) throw error;
    throw notWritten(typed, error);
  }
}

function heldBy(folder: string, typed: string): string[] {
  try {
    return readdirSync(folder);
  } catch (error) {
    throw notWritten(typed, error);
  }
}
