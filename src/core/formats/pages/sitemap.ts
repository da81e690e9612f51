import { el, writeHtml } from '../../markup/html';
import type { Site } from '../../site/site';
import { MOST_LINES, unreadable, type LineProblem } from '../reading';
import { readXml } from '../xml';
import {
  nestedByPath,
  PageCollector,
  type PageFormat,
  type PageReading,
  type TakenPaths,
} from './found-page';

/** What a sitemap says: the outermost element, and the addresses in it with the line of each. */
interface ReadSitemap {
  root: string;
  addresses: { address: string; line: number }[];
}

/** The addresses of a sitemap, or what is wrong with its XML. */
function addressesIn(text: string): ReadSitemap | LineProblem {
  const read: ReadSitemap = { root: '', addresses: [] };
  const trail: string[] = [];
  const broken = readXml(text, {
    opened(name) {
      read.root ||= name;
      trail.push(name);
    },
    closed(name, inside, line) {
      trail.pop();
      // Only as many as are needed to say that there are too many.
      if (name === 'loc' && trail.at(-1) === 'url' && read.addresses.length <= MOST_LINES)
        read.addresses.push({ address: inside.trim(), line });
    },
  });
  return broken ?? read;
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
  return ownPath(url.pathname);
}

/** A path as websites write it in our form: without the end slash and the usual endings of files. */
function ownPath(pathname: string): string {
  const path = pathname.replace(/\/(index\.\w+)?$/, '').replace(/\.(html?|php)$/, '');
  return path === '' ? '/' : path;
}

/**
 * Reads a sitemap (sitemaps.org protocol, `urlset`): pages nested by their paths, titles guessed from them. What is not
 * XML, or not a sitemap, is reported and nothing is read; an address that cannot be a page is reported and passed over.
 */
export function readSitemap(text: string, taken: TakenPaths = new Map()): PageReading {
  const read = addressesIn(text);
  if ('reason' in read) return unreadable(`This is not XML: ${read.reason}.`, read.line);
  const { root, addresses } = read;
  if (root === 'sitemapindex')
    return unreadable('This is an index of sitemaps. Open one of the sitemaps that it names.');
  if (root !== 'urlset') return unreadable('This is XML, but not a sitemap: there is no <urlset> in it.');
  if (addresses.length > MOST_LINES)
    return unreadable(
      `At most ${MOST_LINES} addresses can be read; this sitemap has more.`,
      addresses[MOST_LINES]!.line,
    );
  const pages = new PageCollector(taken);
  for (const { address, line } of addresses) {
    const path = pathOf(address);
    if (path === null) pages.refuse(line, `“${address}” is not an address.`);
    else pages.add({ line, title: titleFromPath(path), path, parent: null, tags: [] });
  }
  return { ...pages.reading, found: nestedByPath(pages.reading.found) };
}

/** The pages of a site as a sitemap, on a host that is given, such as `https://www.example.com`. */
export function writeSitemap(site: Site, origin: string): string {
  const urls = site.pageOrder.map((id) => el('url', {}, el('loc', {}, `${origin}${site.pages[id]!.path}`)));
  return `<?xml version="1.0" encoding="UTF-8"?>\n${writeHtml(
    el('urlset', { xmlns: 'http://www.sitemaps.org/schemas/sitemap/0.9' }, ...urls),
  )}`;
}

export const sitemap: PageFormat = {
  id: 'sitemap',
  name: 'Sitemap',
  ending: 'xml',
  looksLike: (text) => text.trimStart().startsWith('<'),
  read: readSitemap,
};
