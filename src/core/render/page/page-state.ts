import { NARROWEST } from '../../bands/band';
import { logoArtwork } from '../../brand/logo-versions';
import { pieceContent } from '../../fit/piece-content';
import type { Id } from '../../ids/id';
import { ROOT_TEXT_PX } from '../../lengths/length';
import { markedEntries, markIndex, menuEntries, menuName } from '../../menus/entries';
import type { MenuEntry, PieceContext, Target } from '../../pieces/piece';
import type { AssemblyKind } from '../../properties/assembly-kind';
import { telephoneDigits, type Link } from '../../properties/link';
import { resolveAssembly } from '../../resolve/assembly';
import { followsDark } from '../../resolve/ground-set';
import type { Assembly } from '../../site/assembly';
import { languageName } from '../../site/language';
import type { Menu } from '../../site/menu';
import type { Page } from '../../site/page';
import { hasDark, inScheme } from '../../site/scheme';
import { mayEmbed, type Site } from '../../site/site';
import { pageWords } from '../../site/page-words';
import type { Advances } from '../../text/advances';
import { slug, type Names } from '../names';
import type { Folder } from './folder';
import { artworkFile, languageFolder, NEWSLETTER_PATH, pageFile } from './paths';
import { searchPage } from './search-page';
import { perStage, piecesPerStage } from './stages';

/** A page that is being rendered: where it stands, and what has come about on it so far. */
export interface PageState {
  site: Site;
  page: Page;
  language: string;
  /** The folder that the page’s file stands in. */
  folder: Folder;
  names: Names;
  advances: Advances;
  /** The names that landmarks of the page have already. */
  landmarks: Set<string>;
  /** The header on the page: pieces of it may leave for a drawer. */
  header: Assembly | null;
  /** Whether pages from elsewhere are put into frames where that is allowed. */
  framesOthers: boolean;
  /** The drawers that something on the page opens. */
  drawers: Set<Id>;
  /** The pages whose content something on the page opens as a dialog. */
  dialogs: Set<Id>;
}

/** The id of a page’s dialog: no drawer has a name that begins so (`names.ts`). */
export function dialogId(site: Site, page: Page): string {
  const name = slug(page.path, 'home');
  const first = site.pageOrder.find((id) => slug(site.pages[id]!.path, 'home') === name);
  return first === undefined || first === page.id ? `dialog-${name}` : `dialog-${name}-${slug(page.id, 'p')}`;
}

/** The address of a page from the one that is rendered, in the same language or in another. */
export function pageHref({ site, folder, language }: PageState, page: Page, inLanguage = language): string {
  return folder.href(pageFile(page.path, languageFolder(site, inLanguage)));
}

/** Where a link leads on the page that is rendered. */
function linkTarget(state: PageState, link: Link): Target {
  const { site, page: here, folder, names } = state;
  const to = (href: string): Target => ({ as: 'link', href });
  switch (link.to) {
    case 'page':
      return to(pageHref(state, site.pages[link.page]!));
    case 'section':
      return to(`${pageHref(state, site.pages[link.page]!)}#${encodeURIComponent(link.section)}`);
    case 'address':
      return to(link.address);
    case 'email':
      return to(`mailto:${link.email}`);
    case 'telephone':
      return to(`tel:${telephoneDigits(link.telephone)}`);
    case 'file':
      return to(folder.href(`files/${site.files[link.file]!.name}`));
    case 'language':
      return { as: 'link', href: pageHref(state, here, link.language), language: link.language };
    case 'drawer':
      return { as: 'drawer', drawer: names.get(link.drawer)! };
    case 'dialog': {
      const page = site.pages[link.page]!;
      return { as: 'link', href: pageHref(state, page), dialog: dialogId(site, page) };
    }
    default:
      return null;
  }
}

/** Sees to it that what a link opens stands on the page. */
function noteOpened({ drawers, dialogs }: PageState, link: Link): void {
  if (link.to === 'drawer') drawers.add(link.drawer);
  if (link.to === 'dialog') dialogs.add(link.page);
}

/** The links of entries, in their order, that open something on the page that they stand on. */
function openingLinks(menu: Menu, entries: readonly MenuEntry[]): Link[] {
  return entries.flatMap(({ id, children }) => {
    const { link } = menu.items[id]!;
    const opens = link.to === 'drawer' || link.to === 'dialog';
    return [...(opens ? [link] : []), ...openingLinks(menu, children)];
  });
}

/** A menu in the order of a band, as it stands on the page. */
function menuOnPage(state: PageState, menu: Menu, band: Id): MenuEntry[] {
  const { site, page, language, folder } = state;
  const target = (link: Link) => linkTarget(state, link);
  const { entries, marks, opening } = folder.menu(`${menu.id} ${band}`, () => {
    const made = menuEntries(site, menu, { language, band, target });
    return { entries: made, marks: markIndex(menu, made), opening: openingLinks(menu, made) };
  });
  opening.forEach((link) => noteOpened(state, link));
  return markedEntries(site, menu, entries, page.id, target, marks);
}

/** What the pieces of one assembly may ask of the page. */
export function pieceContext(state: PageState, kind: AssemblyKind, assembly: Assembly): PieceContext {
  const { site, page, language, folder, names, landmarks } = state;
  const target = (link: Link) => {
    noteOpened(state, link);
    return linkTarget(state, link);
  };
  const versionsOf = (id: Id, under: Parameters<typeof piecesPerStage>[3]) =>
    piecesPerStage(state, kind, assembly, under).map((pieces) => pieces.find((piece) => piece.id === id)!);
  return {
    siteName: site.name,
    words: pageWords(site, language),
    homeHref: folder.href(pageFile('/', languageFolder(site, language))),
    className: (id) => names.get(id) ?? null,
    idOf: (piece) => names.get(piece)!,
    target,
    menu(id, band) {
      const menu = site.menus[id];
      return menu ? { name: menuName(site, menu, language), entries: menuOnPage(state, menu, band) } : null;
    },
    landmark(wanted) {
      let name = wanted;
      for (let count = 2; landmarks.has(name); count += 1) name = `${wanted} ${count}`;
      landmarks.add(name);
      return name;
    },
    artwork(id) {
      const artwork = site.artwork[id];
      if (!artwork) return null;
      const { alt } = artwork;
      // The attributes of a picture are whole numbers (HTML, 4.8.17 "Dimension attributes").
      const [width, height] = [artwork.width, artwork.height].map((size) => Math.max(1, Math.round(size)));
      return { src: folder.href(artworkFile(artwork)), width: width!, height: height!, alt };
    },
    content(piece) {
      const { from } = site.bands.find(({ id }) => id === piece.band)!;
      const at = Math.max(from, NARROWEST);
      const { advances } = state;
      const circumstances = { site, advances, page: page.id, language, root: ROOT_TEXT_PX };
      return pieceContent(circumstances, piece, { from: at, to: at });
    },
    logo: (version) => logoArtwork(site.brand.logo, version),
    languages: site.languages.map((tag) => ({ tag, name: languageName(tag), current: tag === language })),
    searchHref: () => pageHref(state, searchPage(site)),
    embeds: (address) => state.framesOthers && mayEmbed(site, address),
    newsletterHref: () => folder.href(NEWSLETTER_PATH),
    drawer(id) {
      if (!site.drawers[id]) return null;
      state.drawers.add(id);
      return names.get(id)!;
    },
    inDrawer: kind === 'drawers' ? names.get(assembly.id)! : null,
    inPhase(id, phase) {
      if (!resolveAssembly(site, kind, assembly, site.bands[0]!.id).phased) return null;
      return versionsOf(id, { phase });
    },
    inDark: (id, phase) => (hasDark(site) ? versionsOf(id, { phase, scheme: 'dark' }) : null),
    onDark: (id, scheme) =>
      perStage(state, kind, assembly, { scheme }).map(({ bars }) =>
        bars.some(
          ({ values, bays }) =>
            bays.some(({ pieces }) => pieces.some((piece) => piece.id === id)) &&
            followsDark(inScheme(site, scheme), values),
        ),
      ),
  };
}
