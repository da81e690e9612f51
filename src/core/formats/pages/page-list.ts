import { slug } from '../../render/names';
import { lineProblem, MOST_LINES, unreadable } from '../reading';
import { PageCollector, type PageFormat, type PageReading, type TakenPaths } from './found-page';

/** The depth of a line: its leading white space, a tab counting as four spaces. */
export function depthOf(line: string): number {
  return /^\s*/.exec(line)![0].replace(/\t/g, '    ').length;
}

/** A line's title and path. A path is the last word when it begins with `/`; without one it is null. */
function splitLine(line: string): { title: string; path: string | null } {
  const match = /^(.*?)\s+(\/\S*)$/.exec(line) ?? /^()(\/\S*)$/.exec(line);
  return match ? { title: match[1]!.trim(), path: match[2]! } : { title: line, path: null };
}

function withoutEndSlash(path: string): string {
  return path.length > 1 ? path.replace(/\/$/, '') : path;
}

/**
 * Reads a list of pages: one `Title  /path` a line, indented below its parent. A line without a path gets one from its
 * title, below its parent's. Blank lines are passed over. A line that cannot be a page is reported, and so is a path that
 * stands twice or is `taken`; the lines around it are read all the same.
 */
export function readPageList(text: string, taken: TakenPaths = new Map()): PageReading {
  const lines = text.split(/\r\n|\r|\n/);
  if (lines.length > MOST_LINES)
    return unreadable(
      `A list has at most ${MOST_LINES} lines; this one has ${lines.length}.`,
      MOST_LINES + 1,
    );
  const pages = new PageCollector(taken);
  const { found } = pages.reading;
  // The pages above the current line, outermost first.
  const above: { depth: number; index: number }[] = [];
  lines.forEach((raw, at) => {
    if (raw.trim() === '') return;
    const wrong = lineProblem(raw);
    if (wrong !== null) return pages.refuse(at + 1, wrong);
    const depth = depthOf(raw);
    while (above.length > 0 && above.at(-1)!.depth >= depth) above.pop();
    const parent = above.at(-1)?.index ?? null;
    const { title, path: given } = splitLine(raw.trim());
    const parentPath = parent === null || found[parent]!.path === '/' ? '' : found[parent]!.path;
    const path = withoutEndSlash(given ?? `${parentPath}/${slug(title, 'page')}`);
    const index = pages.add({ line: at + 1, title, path, parent, tags: [] });
    if (index !== null) above.push({ depth, index });
  });
  return pages.reading;
}

export const pageList: PageFormat = {
  id: 'list',
  name: 'Indented list',
  ending: 'txt',
  looksLike: () => true,
  read: readPageList,
};
