import { parse } from 'parse5';
import { attribute, elementsOf, nearest, oneLine, textOf, tooDeep } from '../html-tree';
import { pathProblem } from '../../site/page';

/** What a folder of pages has beside its home page. */
export interface WebsiteFolder {
  /** Its other pages in the language of the home page, titled as they are. */
  pages: { path: string; title: string }[];
  /** The texts of its stylesheets. */
  styles: string[];
}

export const noFolder: WebsiteFolder = { pages: [], styles: [] };

/** A file of text of a folder, by its path in it. */
export interface FolderFile {
  path: string;
  text: string;
}

const isPage = ({ path }: FolderFile) => /\.html?$/i.test(path);
const depth = (path: string) => path.split('/').length;

/** The path of a page of a website by that of its file: `routes/north.html` and `routes/north/index.html` are `/routes/north`. */
function pagePath(file: string): string {
  const path = file.replace(/\.html?$/i, '').replace(/(^|\/)index$/i, '');
  return `/${path.replace(/\/$/, '')}`;
}

/** What a page says of itself: the part of its title that is its own, and its language. */
function saidOf(text: string): { title: string; language: string } | null {
  const document = parse(text);
  if (tooDeep(document)) return null;
  const [html] = elementsOf(document);
  const [title] = nearest(document, ({ tagName }) => tagName === 'title');
  const own = title ? oneLine(textOf(title)).split(/\s+[|–—·•-]\s+/)[0]! : '';
  return { title: own.slice(0, 80), language: (html && attribute(html, 'lang')) ?? '' };
}

/**
 * Finds the home page of a folder, which is the page nearest to its root, one called `index` first, and what else of the folder tells of
 * the website. Null where it holds no page.
 */
export function readFolder(files: readonly FolderFile[]): { home: FolderFile; folder: WebsiteFolder } | null {
  const pages = files.filter(isPage);
  const isIndex = (path: string) => /(^|\/)index\.html?$/i.test(path);
  const [home] = pages.toSorted(
    (one, other) =>
      depth(one.path) - depth(other.path) ||
      Number(isIndex(other.path)) - Number(isIndex(one.path)) ||
      one.path.localeCompare(other.path),
  );
  if (!home) return null;
  const root = home.path.slice(0, home.path.lastIndexOf('/') + 1);
  const language = saidOf(home.text)?.language;
  const found = pages.flatMap(({ path, text }) => {
    if (path === home.path || !path.startsWith(root)) return [];
    const said = saidOf(text);
    const at = pagePath(path.slice(root.length));
    const own = said && said.title !== '' && said.language === language && pathProblem(at) === null;
    return own ? [{ path: at, title: said.title }] : [];
  });
  return {
    home,
    folder: {
      pages: found,
      styles: files.filter(({ path }) => /\.css$/i.test(path)).map(({ text }) => text),
    },
  };
}
