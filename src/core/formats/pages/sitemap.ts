import { XMLParser, XMLValidator } from 'fast-xml-parser';
import { el, writeHtml } from '../../markup/html';
import type { Site } from '../../site/site';
import { MOST_LINES, unreadable } from '../reading';
import {
  nestedByPath,
  PageCollector,
  type PageFormat,
  type PageReading,
  type TakenPaths,
} from './found-page';

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
export function titleFromPath(path: string): string {
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
export function ownPath(pathname: string): string {
  const path = pathname.replace(/\/(index\.\w+)?$/, '').replace(/\.(html?|php)$/, '');
  return path === '' ? '/' : path;
}

/**
 * Reads a sitemap (sitemaps.org protocol, `urlset`): pages nested by their paths, titles guessed from them. What is not
 * XML, or not a sitemap, is reported and nothing is read; an address that cannot be a page is reported and passed over.
 */
export function readSitemap(text: string, taken: TakenPaths = new Map()): PageReading {
  const valid = XMLValidator.validate(text);
  if (valid !== true) return unreadable(`This is not XML: ${valid.err.msg}`, valid.err.line);
  if (/<sitemapindex[\s>]/.test(text))
    return unreadable('This is an index of sitemaps. Open one of the sitemaps that it names.');
  if (!/<urlset[\s>]/.test(text))
    return unreadable('This is XML, but not a sitemap: there is no <urlset> in it.');
  const urls = locations(text);
  if (urls.length > MOST_LINES)
    return unreadable(
      `At most ${MOST_LINES} addresses can be read; this sitemap has ${urls.length}.`,
      urls[MOST_LINES]!.line,
    );
  const pages = new PageCollector(taken);
  for (const { address, line } of urls) {
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
