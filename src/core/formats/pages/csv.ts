import { slug } from '../../render/names';
import { pathKey } from '../../site/page';
import type { Site } from '../../site/site';
import { readCsv, writeCsv } from '../csv';
import { unreadable } from '../reading';
import {
  parentByPath,
  PageCollector,
  type FoundPage,
  type PageFormat,
  type PageReading,
  type TakenPaths,
} from './found-page';

const columns = ['title', 'path', 'parent', 'tags'];

/** Parents named in the column of that name, as the path of another page; without one a page lies where its path says. */
function withParents(pages: readonly FoundPage[], named: ReadonlyMap<number, string>): FoundPage[] {
  const byPath = new Map(pages.map(({ path }, index) => [pathKey(path), index]));
  const nested = pages.map((page) => {
    const said = named.get(page.line);
    const parent = said === undefined ? parentByPath(page.path, byPath) : (byPath.get(pathKey(said)) ?? null);
    return { ...page, parent };
  });
  // Pages that name each other in a ring all stand at the top.
  const inRing = (index: number) => {
    const trail = new Set<number>();
    for (let at: number | null = index; at !== null; at = nested[at]!.parent) {
      if (trail.has(at)) return at === index;
      trail.add(at);
    }
    return false;
  };
  const rings = new Set(nested.map((_, index) => index).filter(inRing));
  return nested.map((page, index) => (rings.has(index) ? { ...page, parent: null } : page));
}

/** Reads CSV with the columns title, path, and where there are some parent (a path) and tags (parted by commas). */
export function readPageCsv(text: string, taken: TakenPaths = new Map()): PageReading {
  const csv = readCsv(text);
  if (!csv.ok) return unreadable(csv.reason);
  if (!csv.columns.includes('title'))
    return unreadable(`The first row has to name the columns, “title” among them: ${columns.join(', ')}.`);
  const pages = new PageCollector(taken);
  const named = new Map<number, string>();
  for (const { line, cells } of csv.rows) {
    const { title = '', path, parent, tags = '' } = cells;
    const tagList = tags.split(',').flatMap((tag) => tag.trim() || []);
    if (parent) named.set(line, parent);
    pages.add({ line, title, path: path || `/${slug(title, 'page')}`, parent: null, tags: tagList });
  }
  const { found, problems } = pages.reading;
  return {
    found: withParents(found, named),
    problems: [...csv.problems, ...problems].sort((a, b) => a.line - b.line),
  };
}

/** The pages of a site as CSV. */
export function writePageCsv(site: Site): string {
  const rows = site.pageOrder.map((id) => {
    const { title, path, parent, tags } = site.pages[id]!;
    return [title, path, parent === null ? '' : site.pages[parent]!.path, tags.join(', ')];
  });
  return writeCsv(columns, rows);
}

export const pageCsv: PageFormat = {
  id: 'csv',
  name: 'CSV',
  ending: 'csv',
  looksLike: (text) => /^\s*"?(title|path)"?\s*[,;\t]/i.test(text.replace(/^\uFEFF/, '')),
  read: readPageCsv,
};
