import type { MarkIndex } from '../../menus/entries';
import type { MenuEntry } from '../../pieces/piece';
import type { Link } from '../../properties/link';
import type { Site } from '../../site/site';
import { notFoundFile, relativeHref } from './paths';

/** What the pages of one folder, in one language, have in common: a site may have thousands of pages, each with the same menus. */
export interface Folder {
  /** The address of a file of the site from a page of the folder. */
  href(to: string): string;
  /** What all pages have of a menu in a band, made once. */
  menu(key: string, make: () => FolderMenu): FolderMenu;
}

/** The entries of a menu, where pages have marks in it, and its links that open something on the page. */
export interface FolderMenu {
  entries: MenuEntry[];
  marks: MarkIndex;
  opening: readonly Link[];
}

/** What stands before the path of a file of the site where it is named, not led to: no link that is typed begins so. */
export const NAMED = 'site:';

/** A folder from which files of the site are named by their paths, whatever page names them. */
export const namedFolder = (): Folder => newFolder((to) => `${NAMED}${to}`);

/** The most folders of a site that are kept at hand: pages mostly come one folder after another. */
const MOST_FOLDERS = 6;

const known = new WeakMap<Site, Map<string, Folder>>();

function newFolder(hrefTo: (to: string) => string): Folder {
  const hrefs = new Map<string, string>();
  const menus = new Map<string, FolderMenu>();
  return {
    href(to) {
      const href = hrefs.get(to) ?? hrefTo(to);
      hrefs.set(to, href);
      return href;
    },
    menu(key, make) {
      const menu = menus.get(key) ?? make();
      menus.set(key, menu);
      return menu;
    },
  };
}

/** The path at which a site stands on its host, with a slash at its end: the root where its address is not known. */
function rootOf({ address }: Site): string {
  return address === null ? '/' : `${new URL(address).pathname.replace(/\/$/, '')}/`;
}

/**
 * The folder of a page’s file in a language. What answers where there is no page is met at any address, so from it everything is
 * linked to from the root of the site.
 */
export function folderOf(site: Site, file: string, language: string): Folder {
  if (file === notFoundFile(site, language)) return newFolder((to) => `${rootOf(site)}${to}`);
  const folders = known.get(site) ?? new Map<string, Folder>();
  known.set(site, folders);
  const key = `${language} ${file.slice(0, file.lastIndexOf('/') + 1)}`;
  const folder = folders.get(key) ?? newFolder((to) => relativeHref(file, to));
  // The one that was asked for last is the last to go.
  folders.delete(key);
  folders.set(key, folder);
  if (folders.size > MOST_FOLDERS) folders.delete(folders.keys().next().value!);
  return folder;
}
