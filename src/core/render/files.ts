import { shippedFileName, shippedFileNamed, type ShippedFile } from '../brand/fonts';
import { newPage } from '../site/defaults';
import { pathKey, type Page } from '../site/page';
import { placed } from '../site/placing';
import type { FontFile, UploadedFont } from '../site/font';
import type { Site } from '../site/site';
import { unmeasured, type Advances } from '../text/advances';
import {
  NOTICES_SCRIPT,
  pagePieces,
  SCRIPT,
  showsNotices,
  STAND_IN_STYLESHEET,
  STYLESHEET,
} from './page/page';
import { notFoundPage } from './page/not-found-page';
import {
  artworkFile,
  fontFileName,
  languageFolder,
  NOT_FOUND_PATH,
  notFoundFile,
  pageFile,
} from './page/paths';
import { hasSearch, searchPage } from './page/search-page';
import { renderStylesheet, siteFonts, standInStylesheet } from './stylesheet/stylesheet';

/** A file of the hand-over: text of its own, bytes that are kept under a hash, or a part of a shipped font. */
export type SiteFile =
  | { path: string; text: string }
  | { path: string; hash: string }
  | { path: string; font: ShippedFile }
  | { path: string; fontLicence: string };

/** The site's home page, or a stand-in for it where the site has none: a folder without an `index.html` does not open. */
export function homePage(site: Site): Page {
  return (
    Object.values(site.pages).find((page) => page.path === '/') ??
    newPage({ id: 'home', title: site.name, path: '/', parent: null })
  );
}

/** The pages that are handed over, in their order: the home page among them in any case, and one that answers where something searches. */
export function renderedPages(site: Site): Page[] {
  const own = site.pageOrder.map((id) => site.pages[id]!);
  const wanted = [homePage(site), ...(hasSearch(site) ? [searchPage(site)] : [])];
  const missing = wanted.filter((page) => !own.includes(page));
  return [
    ...missing.filter((page) => page.path === '/'),
    ...own,
    ...missing.filter((page) => page.path !== '/'),
  ];
}

/** A file of text that is there to be rendered when it is wanted. */
export interface PlannedFile {
  path: string;
  /** Its text in pieces; those that files have in common are the very same strings. */
  pieces(advances: Advances): readonly string[];
}

/** The texts of the scripts that sites are handed over with. */
export interface Scripts {
  /** Of every page. */
  site: string;
  /** Of pages with notices. */
  notices: string;
}

/** The pages of the site in all its languages, its stylesheet and its scripts, none of them rendered. */
export function plannedFiles(site: Site, scripts: Scripts): PlannedFile[] {
  const pages = renderedPages(site);
  const shown = [...placed(site)].map((id) => site.headers[id] ?? site.footers[id]!);
  return [
    ...site.languages.flatMap((language) =>
      pages.map((page) => ({
        path: pageFile(page.path, languageFolder(site, language)),
        pieces: (advances: Advances) => pagePieces(site, page, undefined, language, advances),
      })),
    ),
    ...(site.pageOrder.some((id) => pathKey(site.pages[id]!.path) === NOT_FOUND_PATH)
      ? []
      : site.languages.map((language) => ({
          path: notFoundFile(site, language),
          pieces: (advances: Advances) =>
            pagePieces(site, notFoundPage(site, language), undefined, language, advances),
        }))),
    { path: STAND_IN_STYLESHEET, pieces: () => [standInStylesheet(site)] },
    { path: STYLESHEET, pieces: (advances) => [renderStylesheet(site, advances, placed(site))] },
    { path: SCRIPT, pieces: () => [scripts.site] },
    ...(showsNotices(site, shown) ? [{ path: NOTICES_SCRIPT, pieces: () => [scripts.notices] }] : []),
  ];
}

function fontFiles(site: Site, advances: Advances): SiteFile[] {
  const { shipped, uploaded, standIns } = siteFonts(site, advances, placed(site));
  const byName = new Map(
    [...shipped, ...standIns.map(({ file }) => file)].map((file) => [shippedFileName(file), file]),
  );
  const families = [...new Set([...byName.values()].map((font) => font.family))];
  return [
    ...[...byName].map(([name, font]) => ({ path: `fonts/${name}`, font })),
    ...families.map((family) => ({ path: `fonts/licence-${family}.txt`, fontLicence: family })),
    ...uploaded.map(({ family, file }) => uploadedFile(site.fonts[family]!, file)),
  ];
}

const uploadedFile = (family: UploadedFont, file: FontFile): SiteFile => ({
  path: `fonts/${fontFileName(family, file)}`,
  hash: file.hash,
});

/** A font as views load it: any that ships or was uploaded, since what is being typed may ask for one before it is stored; null for none. */
export function viewFont(site: Site, path: string): SiteFile | null {
  const font = path.startsWith('fonts/') ? shippedFileNamed(path.slice('fonts/'.length)) : null;
  if (font) return { path, font };
  const uploads = Object.values(site.fonts).flatMap((family) =>
    family.files.map((file) => uploadedFile(family, file)),
  );
  return uploads.find((each) => each.path === path) ?? null;
}

/** The fonts of what is shown, the pictures and the files of the site, which are there without any page being rendered. */
export function assetFiles(site: Site, advances = unmeasured): SiteFile[] {
  return [
    ...fontFiles(site, advances),
    ...Object.values(site.artwork).map((artwork) => ({ path: artworkFile(artwork), hash: artwork.hash })),
    ...Object.values(site.files).map(({ name, hash }) => ({ path: `files/${name}`, hash })),
  ];
}

/** The files of text of the site that are rendered: all of them, or those at some paths. */
export function textFiles(
  site: Site,
  scripts: Scripts,
  advances: Advances,
  paths?: readonly string[],
): { path: string; text: string }[] {
  return plannedFiles(site, scripts)
    .filter(({ path }) => !paths || paths.includes(path))
    .map(({ path, pieces }) => ({ path, text: pieces(advances).join('') }));
}

/** Every file of the site. */
export function renderFiles(site: Site, scripts: Scripts, advances = unmeasured): SiteFile[] {
  return [...textFiles(site, scripts, advances), ...assetFiles(site, advances)];
}
