import { fontFamily, fontFileName, type FontFile } from '../brand/fonts';
import type { Page } from '../site/page';
import type { Site } from '../site/site';
import { renderPage, SCRIPT, STYLESHEET } from './page';
import { artworkFile, pageFile } from './paths';
import { renderStylesheet, siteFonts } from './stylesheet';

/** A file of the hand-over: text of its own, or bytes that are kept elsewhere. */
export type SiteFile =
  | { path: string; text: string }
  | { path: string; artwork: string }
  | { path: string; font: FontFile }
  | { path: string; fontLicence: string };

/** The site's home page, or a stand-in for it where the site has none: a folder without an `index.html` does not open. */
export function homePage(site: Site): Page {
  return (
    Object.values(site.pages).find((page) => page.path === '/') ?? {
      id: 'home',
      title: site.name,
      path: '/',
      parent: null,
    }
  );
}

/** The pages that are handed over, in their order, the home page among them in any case. */
export function renderedPages(site: Site): Page[] {
  const pages = site.pageOrder.map((id) => site.pages[id]!);
  return pages.some((page) => page.path === '/') ? pages : [homePage(site), ...pages];
}

/** Every file of the site; `script` is the text of the runtime script. */
export function renderFiles(site: Site, script: string): SiteFile[] {
  const fonts = siteFonts(site);
  const families = [...new Set(fonts.map((font) => font.family))];
  return [
    ...renderedPages(site).map((page) => ({ path: pageFile(page.path), text: renderPage(site, page) })),
    { path: STYLESHEET, text: renderStylesheet(site) },
    { path: SCRIPT, text: script },
    ...fonts.map((font) => ({ path: `fonts/${fontFileName(font)}`, font })),
    ...families.map((family) => ({
      path: `fonts/licence-${fontFamily(family).id}.txt`,
      fontLicence: family,
    })),
    ...Object.values(site.artwork).map((artwork) => ({ path: artworkFile(artwork), artwork: artwork.hash })),
  ];
}
