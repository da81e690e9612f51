import type { ListedFile } from '../render/handover-news';

/** A file that is not the same in two sets of files; null where it is not there. */
interface FileDifference {
  path: string;
  was: ListedFile | null;
  is: ListedFile | null;
}

/** The files that differ between two sets, by their bytes. */
export function fileDifferences(
  before: readonly ListedFile[],
  after: readonly ListedFile[],
): FileDifference[] {
  const was = new Map(before.map((file) => [file.path, file]));
  const is = new Map(after.map((file) => [file.path, file]));
  return [...new Set([...was.keys(), ...is.keys()])]
    .map((path) => ({ path, was: was.get(path) ?? null, is: is.get(path) ?? null }))
    .filter((each) => each.was?.hash !== each.is?.hash);
}
