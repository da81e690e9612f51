import type { Page } from './page';
import type { Problem } from './problem';
import type { Site } from './site';

/**
 * Which names the files of a site take in the hand-over, and where two of them would meet when it is unpacked: a file and a folder of
 * one name, also on systems that do not tell capitals apart or leave out dots at the end of a name.
 */

/** What makes two names of files the same somewhere. */
function fileKey(path: string): string {
  return path
    .toLowerCase()
    .split('/')
    .map((name) => name.replace(/\.+$/, ''))
    .join('/');
}

/** Names that are taken before any page: what stands there, by the key of its path. */
export type TakenFiles = ReadonlyMap<string, string>;

/** The folders of the hand-over in which names are given by what lies in them, each with a dot before its ending. */
const assetFolders = ['artwork', 'fonts', 'files'];

/** The files that every site has beside its pages, and those to be linked to. */
function fixedFiles({ files }: Pick<Site, 'files'>): Map<string, string> {
  const standing = ['index.html', 'search.html', 'site.css', 'stand-in.css', 'site.js', 'notices.js'];
  return new Map([
    ...standing.map((name): [string, string] => [name, `the file “${name}” of every site`]),
    ...Object.values(files).map(({ name }): [string, string] => [
      fileKey(`files/${name}`),
      `the file “${name}”`,
    ]),
  ]);
}

/** The file of a page’s path in the hand-over, in the folder of its language. */
const fileOf = ({ path }: Pick<Page, 'path'>) =>
  fileKey(path === '/' ? 'index.html' : `${path.slice(1)}.html`);

/** The folders that the file of a path stands in, outermost first. */
function foldersOf(path: string): string[] {
  const names = path.slice(1).split('/').slice(0, -1);
  return names.map((_, index) => fileKey(names.slice(0, index + 1).join('/')));
}

/** Why the file of a page would meet another one when the hand-over is unpacked; null when it would not. */
export function meeting({ path }: Pick<Page, 'path'>, files: TakenFiles): string | null {
  const folders = foldersOf(path);
  const met = folders.find((folder) => files.has(folder));
  if (met !== undefined) return `makes a folder “${met}”, which is also ${files.get(met)}`;
  const [first = '', ...below] = folders;
  return assetFolders.includes(first) && below.some((folder) => folder.split('/').at(-1)!.includes('.'))
    ? `makes a folder with a dot below “${first}”, where files of such names stand`
    : null;
}

/** The files of pages, with what is taken beside them. */
export function filesOfPages(site: Pick<Site, 'files' | 'pages'>): TakenFiles {
  const files = fixedFiles(site);
  for (const page of Object.values(site.pages)) files.set(fileOf(page), `the file of “${page.title}”`);
  return files;
}

/** Where files of a site would meet when the hand-over is unpacked. */
export function fileProblems(site: Pick<Site, 'files' | 'pages'>): Problem[] {
  const files = filesOfPages(site);
  const linked = new Set(Object.values(site.files).map(({ name }) => fileKey(`files/${name}`)));
  return Object.values(site.pages).flatMap((page) => {
    const reason = linked.has(fileOf(page)) ? 'has the name of a file of the site' : meeting(page, files);
    return reason === null ? [] : [{ path: `pages.${page.id}.path`, reason }];
  });
}
