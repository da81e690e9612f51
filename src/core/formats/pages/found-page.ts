import * as v from 'valibot';
import { pathKey, pathProblem, tagsSchema, titleSchema } from '../../site/page';
import type { Reading } from '../reading';

/** A page as a text from outside names it; `parent` is the index of another page of the same reading, or null. */
export interface FoundPage {
  line: number;
  title: string;
  path: string;
  parent: number | null;
  tags: string[];
}
export type PageReading = Reading<FoundPage>;

/** The paths that pages have already, with the titles of those pages. */
export type TakenPaths = ReadonlyMap<string, string>;

/** A form in which pages come in and go out. */
export interface PageFormat {
  id: string;
  name: string;
  /** The ending of its files. */
  ending: string;
  /** Whether a text looks like this form; the first that says so is taken. */
  looksLike(text: string): boolean;
  read(text: string, taken: TakenPaths): PageReading;
}

/** Keeps the pages that can be added, and says of the others why not: a wrong title or path, or a path that stands twice or is taken. */
export class PageCollector {
  readonly reading: PageReading = { found: [], problems: [] };
  readonly #lines = new Map<string, number>();
  readonly #taken: TakenPaths;

  constructor(taken: TakenPaths) {
    this.#taken = taken;
  }

  /** The index of the page in the reading; null when it was refused. */
  add(page: FoundPage): number | null {
    const problem = this.#problem(page);
    if (problem !== null) {
      this.reading.problems.push({ line: page.line, reason: problem });
      return null;
    }
    this.#lines.set(pathKey(page.path), page.line);
    return this.reading.found.push(page) - 1;
  }

  refuse(line: number, reason: string): void {
    this.reading.problems.push({ line, reason });
  }

  #problem({ title, path, tags }: FoundPage): string | null {
    const parsed = v.safeParse(titleSchema, title);
    if (!parsed.success) return parsed.issues[0].message;
    const wrongTags = v.safeParse(tagsSchema, tags);
    if (!wrongTags.success) return wrongTags.issues[0].message;
    const problem = pathProblem(path);
    if (problem) return problem;
    const twin = this.#lines.get(pathKey(path));
    if (twin !== undefined) return `“${path}” already stands in line ${twin}.`;
    const owner = this.#taken.get(pathKey(path));
    return owner === undefined ? null : `“${path}” is already the path of “${owner}”.`;
  }
}

/** The page that a path lies below: the one with the longest path that it begins with, the home page aside. */
export function parentByPath(path: string, byPath: ReadonlyMap<string, number>): number | null {
  const segments = path.split('/');
  for (let length = segments.length - 1; length > 1; length -= 1) {
    const found = byPath.get(pathKey(segments.slice(0, length).join('/')));
    if (found !== undefined) return found;
  }
  return null;
}

/** The pages nested by their paths; a page may be listed before the one that it lies below. */
export function nestedByPath(pages: readonly FoundPage[]): FoundPage[] {
  const byPath = new Map(pages.map(({ path }, index) => [pathKey(path), index]));
  return pages.map((page) => ({ ...page, parent: parentByPath(page.path, byPath) }));
}
