import { artworkTypes, type Artwork } from '../../site/artwork';
import type { FontFile, UploadedFont } from '../../site/font';
import type { Site } from '../../site/site';
import { slug } from '../names';

/** The file of a page: `/` is `index.html`, `/routes/north` is `routes/north.html`; in another language below its folder. */
export function pageFile(path: string, folder = ''): string {
  return `${folder}${path === '/' ? 'index' : path.slice(1)}.html`;
}

/** The folder in which the pages of a language stand: none for the site’s first, else `de/`. */
export function languageFolder(site: Site, language: string): string {
  return language === site.languages[0] ? '' : `${language.toLowerCase()}/`;
}

/** The relative address from one file of the site to another, so that it works from a folder and from any server. */
export function relativeHref(from: string, to: string): string {
  const source = from.split('/').slice(0, -1);
  const target = to.split('/');
  let shared = 0;
  while (shared < source.length && shared < target.length - 1 && source[shared] === target[shared])
    shared += 1;
  return [...source.slice(shared).map(() => '..'), ...target.slice(shared)].join('/');
}

/** The file of a piece of artwork, told apart from others of its name by its id. */
export function artworkFile(artwork: Artwork): string {
  return `artwork/${slug(artwork.name, 'artwork')}-${slug(artwork.id, 'a')}.${artworkTypes[artwork.type]}`;
}

/** The name of an uploaded font’s file in the folder `fonts`, such as `skerrow-700-italic-1a2b3c4d.woff2`. */
export function fontFileName(family: UploadedFont, { weights, slant, hash, format }: FontFile): string {
  const range = [...new Set(weights)].join('-');
  return `${slug(family.name, 'font')}-${range}-${slant}-${hash.slice(0, 8)}.${format}`;
}

/** Where hosts look for the page that answers an address without a page. No page of a site stands there unless it is meant to be that one. */
export const NOT_FOUND_PATH = '/404';

/** The file of that page in a language. */
export const notFoundFile = (site: Site, language: string): string =>
  pageFile(NOT_FOUND_PATH, languageFolder(site, language));

/** Where the application answers newsletters that are sent to nobody else, from the folder of a site. */
export const NEWSLETTER_PATH = 'newsletter';
