import { XMLParser, XMLValidator } from 'fast-xml-parser';
import { pathKey, pathProblem } from '../site/page';
import { MOST_LINES } from './page-list';
import type { FoundPage, LineProblem, PageReading } from './reading';

/** The addresses in a sitemap with the line of each. */
function locations(text: string): { address: string; line: number }[] {
  const parser = new XMLParser({
    isArray: (name) => name === 'url',
    parseTagValue: false,
    processEntities: true,
  });
  const urls: { loc?: unknown }[] = parser.parse(text)?.urlset?.url ?? [];
  // The parser tells no lines, so each address takes the line of the next <loc>, which stand in the same order.
  const lines = text
    .split(/\r\n|\r|\n/)
    .flatMap((content, index) => (content.match(/<loc[\s>]/g) ?? []).map(() => index + 1));
  return urls.map((url, index) => ({
    address: typeof url.loc === 'string' ? url.loc.trim() : '',
    line: lines[index] ?? 1,
  }));
}

/** A title guessed from the last part of a path: `/on-board/quiet_room.html` gives `Quiet room`. */
function titleFromPath(path: string): string {
  if (path === '/') return 'Home';
  const words = path
    .split('/')
    .at(-1)!
    .replace(/[-_.~]+/g, ' ')
    .trim();
  return words === '' ? path : words.charAt(0).toUpperCase() + words.slice(1);
}

/** The path of an address in our form: without the end slash and the usual endings of files. */
function pathOf(address: string): string | null {
  let url: URL;
  try {
    url = new URL(address);
  } catch {
    return null;
  }
  const path = url.pathname.replace(/\/(index\.\w+)?$/, '').replace(/\.(html?|php)$/, '');
  return path === '' ? '/' : path;
}

/** The page that a path lies below: the one with the longest path that it begins with, the home page aside. */
function parentOf(path: string, byPath: ReadonlyMap<string, number>): number | null {
  const segments = path.split('/');
  for (let length = segments.length - 1; length > 1; length -= 1) {
    const found = byPath.get(pathKey(segments.slice(0, length).join('/')));
    if (found !== undefined) return found;
  }
  return null;
}

/**
 * Reads a sitemap (sitemaps.org protocol, `urlset`): pages nested by their paths, titles guessed from them. What is not
 * XML, or not a sitemap, is reported and nothing is read; an address that cannot be a page is reported and passed over.
 */
export function readSitemap(text: string, taken: ReadonlyMap<string, string> = new Map()): PageReading {
  const valid = XMLValidator.validate(text);
  if (valid !== true)
    return { pages: [], problems: [{ line: valid.err.line, reason: `This is not XML: ${valid.err.msg}` }] };
  if (!/<urlset[\s>]/.test(text)) {
    const index = /<sitemapindex[\s>]/.test(text);
    const reason = index
      ? 'This is an index of sitemaps. Open one of the sitemaps that it names.'
      : 'This is XML, but not a sitemap: there is no <urlset> in it.';
    return { pages: [], problems: [{ line: 1, reason }] };
  }
  const pages: FoundPage[] = [];
  const problems: LineProblem[] = [];
  const byPath = new Map<string, number>();
  const found = locations(text);
  if (found.length > MOST_LINES)
    return {
      pages,
      problems: [
        {
          line: found[MOST_LINES]!.line,
          reason: `At most ${MOST_LINES} addresses can be read; this sitemap has ${found.length}.`,
        },
      ],
    };
  for (const { address, line } of found) {
    const path = pathOf(address);
    const problem =
      path === null
        ? `“${address}” is not an address.`
        : (pathProblem(path) ?? twinProblem(path, byPath, taken));
    if (path === null || problem) {
      problems.push({ line, reason: problem! });
      continue;
    }
    byPath.set(pathKey(path), pages.length);
    pages.push({ line, title: titleFromPath(path), path, parent: null });
  }
  return { pages: nested(pages, byPath), problems };
}

function twinProblem(
  path: string,
  byPath: ReadonlyMap<string, number>,
  taken: ReadonlyMap<string, string>,
): string | null {
  if (byPath.has(pathKey(path))) return `“${path}” stands in this sitemap twice.`;
  const owner = taken.get(pathKey(path));
  return owner === undefined ? null : `“${path}” is already the path of “${owner}”.`;
}

/** A page may be listed before the one that it lies below, so parents are looked for when all are known. */
function nested(pages: readonly FoundPage[], byPath: ReadonlyMap<string, number>): FoundPage[] {
  return pages.map((page) => ({ ...page, parent: parentOf(page.path, byPath) }));
}
