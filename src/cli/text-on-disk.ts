import { readFileSync, statSync } from 'node:fs';
import { megabytes, MOST_SITE_FILE } from '@/core/site/file-limits';
import { CouldNot, type Surroundings } from './command';

const reasons: Readonly<Record<string, string>> = {
  ENOENT: 'there is no such file',
  EISDIR: 'it is a folder',
  EACCES: 'it may not be read',
};

/** What is read of a file that is no larger than what is read; throws with why it cannot be had. */
export function checkedSize<T>({ pathOf }: Surroundings, typed: string, read: (path: string) => T): T {
  const path = pathOf(typed);
  try {
    const { size } = statSync(path);
    if (size > MOST_SITE_FILE)
      throw new CouldNot(
        `${typed} has ${megabytes(size)} MB; at most ${megabytes(MOST_SITE_FILE)} MB are read.`,
      );
    return read(path);
  } catch (error) {
    if (error instanceof CouldNot) throw error;
    const { code = '', message } = error as NodeJS.ErrnoException;
    throw new CouldNot(`${typed} cannot be read: ${reasons[code] ?? message}.`);
  }
}

/** The text of a file; throws with why it cannot be had. */
export const textOnDisk = (around: Surroundings, typed: string): string =>
  checkedSize(around, typed, (path) => readFileSync(path, 'utf8'));
