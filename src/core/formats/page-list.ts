import * as v from 'valibot';
import { slug } from '../render/names';
import { pathKey, pathProblem, titleSchema } from '../site/page';
import type { FoundPage, LineProblem, PageReading } from './reading';

/** The most lines that a list may have. */
export const MOST_LINES = 5000;

/** The depth of a line: its leading white space, a tab counting as four spaces. */
function depthOf(line: string): number {
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
export function readPageList(text: string, taken: ReadonlyMap<string, string> = new Map()): PageReading {
  const pages: FoundPage[] = [];
  const problems: LineProblem[] = [];
  const lines = text.split(/\r\n|\r|\n/);
  if (lines.length > MOST_LINES) {
    return {
      pages,
      problems: [
        {
          line: MOST_LINES + 1,
          reason: `A list has at most ${MOST_LINES} lines; this one has ${lines.length}.`,
        },
      ],
    };
  }
  const seen = new Map<string, number>();
  // The pages above the current line, outermost first.
  const above: { depth: number; index: number }[] = [];
  lines.forEach((raw, at) => {
    const line = at + 1;
    if (raw.trim() === '') return;
    const depth = depthOf(raw);
    while (above.length > 0 && above.at(-1)!.depth >= depth) above.pop();
    const parent = above.at(-1)?.index ?? null;
    const { title, path: given } = splitLine(raw.trim());
    const parentPath = parent === null || pages[parent]!.path === '/' ? '' : pages[parent]!.path;
    const path = withoutEndSlash(given ?? `${parentPath}/${slug(title, 'page')}`);
    const problem = lineProblem(title, path, seen, taken);
    if (problem) {
      problems.push({ line, reason: problem });
      return;
    }
    seen.set(pathKey(path), line);
    above.push({ depth, index: pages.length });
    pages.push({ line, title, path, parent });
  });
  return { pages, problems };
}

function lineProblem(
  title: string,
  path: string,
  seen: ReadonlyMap<string, number>,
  taken: ReadonlyMap<string, string>,
): string | null {
  const parsed = v.safeParse(titleSchema, title);
  if (!parsed.success) return parsed.issues[0].message;
  const problem = pathProblem(path);
  if (problem) return problem;
  const twin = seen.get(pathKey(path));
  if (twin !== undefined) return `“${path}” already stands in line ${twin}.`;
  const owner = taken.get(pathKey(path));
  return owner === undefined ? null : `“${path}” is already the path of “${owner}”.`;
}
