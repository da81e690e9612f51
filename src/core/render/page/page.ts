import { el, htmlPieces, type Element, type Node } from '../../markup/html';
import { pageTitle } from '../../menus/entries';
import type { Id } from '../../ids/id';
import type { AssemblyKind } from '../../properties/assembly-kind';
import { heldBars } from '../../fit/heights';
import type { Assembly } from '../../site/assembly';
import { directionOf } from '../../site/language';
import type { Page } from '../../site/page';
import { beginsWithPicture } from '../../site/page-stand-in';
import { standsAt } from '../../site/placing';
import { type Slot } from '../../site/placing-schema';
import type { Site } from '../../site/site';
import { pageWords } from '../../site/page-words';
import { unmeasured } from '../../text/advances';
import { settleNames } from '../names';
import { barsHtml } from './bars';
import { folderOf } from './folder';
import { iconsHtml } from './icons-on-page';
import { openedHtml } from './opened';
import { pageHref, pieceContext, type PageState } from './page-state';
import { languageFolder, NOT_FOUND_PATH, pageFile } from './paths';
import { SEARCH_PATH } from './search-page';
import { perStage, type PerStage } from './stages';
import { standIn } from './stand-ins/stand-in';

/** The stylesheet and the script of every page. */
export const STYLESHEET = 'site.css';

/** The stylesheet of what stands in for the content of pages. */
export const STAND_IN_STYLESHEET = 'stand-in.css';
export const SCRIPT = 'site.js';

/** The script of pages with a notice, which runs before anything is seen. */
export const NOTICES_SCRIPT = 'notices.js';

/** What stands on a page besides its content. Given apart from the placing, so that a workbench can show what is placed nowhere. */
export interface OnPage {
  header: Assembly | null;
  footer: Assembly | null;
  /** Whether pages from elsewhere are put into frames; links to them stand in their place otherwise. */
  framesOthers?: boolean;
  /** Drawers to have at hand although nothing on the page opens them. */
  drawers?: readonly Id[];
}

/** The header and footer that are placed on a page in a language. */
export function placedOnPage(site: Site, page: Page, language = site.languages[0]!): OnPage {
  const at = (slot: Slot) => site[`${slot}s`][standsAt(site, slot, page, language).id ?? ''] ?? null;
  return { header: at('header'), footer: at('footer'), framesOthers: true };
}

/** What stands on a page as views show it: what is placed there, with an assembly in its place. They load nothing from elsewhere. */
export function onWorkbench(
  site: Site,
  { page, language }: { page: Page; language: string },
  kind: AssemblyKind,
  assembly: Assembly,
): OnPage {
  const placed = { ...placedOnPage(site, page, language), framesOthers: false };
  if (kind === 'headers') return { ...placed, header: assembly };
  if (kind === 'footers') return { ...placed, footer: assembly };
  return { ...placed, drawers: [assembly.id] };
}

/** The header and footer that stand on a page, by their ids: of those alone a view has to be styled with. */
export const shownOn = ({ header, footer }: OnPage): ReadonlySet<Id | null> =>
  new Set([header?.id ?? null, footer?.id ?? null]);

/** Whether a notice may stand on pages with these headers and footers: in them, or in what they open. */
export function showsNotices(site: Site, standing: readonly (Assembly | null)[]): boolean {
  return [...standing, ...Object.values(site.drawers)].some(
    (assembly) => assembly && Object.values(assembly.pieces).some(({ kind }) => kind === 'notice'),
  );
}

/**
 * The page in the site’s languages, for search engines (HTML, 4.6.7.1 "alternate"): where the address of the site is known, whole
 * addresses, which is what these ask for, and the page for readers of any other language.
 */
function alternates(state: PageState): Node[] {
  const { site, page } = state;
  const [first] = site.languages;
  if (site.languages.length === 1 || page.path === NOT_FOUND_PATH) return [];
  const alternate = (hreflang: string, language = hreflang) => {
    const file = pageFile(page.path, languageFolder(site, language)).replace(/(^|\/)index\.html$/, '$1');
    const href = site.address === null ? pageHref(state, page, language) : `${site.address}/${file}`;
    return el('link', { rel: 'alternate', hreflang, href });
  };
  return [
    ...site.languages.map((language) => alternate(language)),
    ...(site.address === null ? [] : [alternate('x-default', first)]),
  ];
}

/**
 * The bars of a header that bears phases: those that stay, from the first of them to the last, in a part of their own, which
 * stays in sight, and in it one that can leave and return.
 */
function heldHtml([widest]: PerStage, bars: Element[]): Element[] {
  const staying = heldBars(widest!.bars);
  if (staying.length === 0) return bars;
  const first = widest!.bars.indexOf(staying[0]!);
  const end = first + staying.length;
  const inside = el('div', { class: 'held-bars' }, ...bars.slice(first, end));
  return [...bars.slice(0, first), el('div', { class: 'held' }, inside), ...bars.slice(end)];
}

/**
 * A header with what the script needs to tell its phases: a mark as long as the page may be scrolled at the top. On a page
 * that begins with nothing to lie over, a header that lies over the page looks from the start as it does when it is scrolled, and is in sight.
 */
function phasedHeaderHtml(state: PageState, bands: PerStage, bars: Element[]): Node[] {
  const { id, values } = bands[0]!;
  const name = state.names.get(id)!;
  const over = bands.some((band) => band.values.lies === 'over');
  const solid = over && !beginsWithPicture(state.page);
  const returns = bands.some((band) => band.values.scrolling === 'returns');
  return [
    values.phaseAt !== null && el('div', { class: 'phase-mark', 'aria-hidden': 'true' }),
    el(
      'header',
      {
        class: `header ${name}`,
        'data-phase': solid ? (returns ? 'returning' : 'scrolled') : 'top',
        'data-returns': returns,
      },
      ...heldHtml(bands, bars),
    ),
  ];
}

/** A header or footer on the page. */
function landmarkHtml(state: PageState, tag: 'header' | 'footer', assembly: Assembly | null): Node[] {
  if (!assembly) return [];
  const bars = perStage(state, `${tag}s`, assembly);
  const name = state.names.get(assembly.id)!;
  const html = barsHtml(state, bars, pieceContext(state, `${tag}s`, assembly));
  if (bars[0]!.phased) return phasedHeaderHtml(state, bars, html);
  return [el(tag, { class: `${tag} ${name}` }, ...html)];
}

/** Every page of the site as an answer to a search; the script leaves those that hold the words that were asked for. */
function foundHtml(state: PageState): Node {
  const { site, language } = state;
  const words = pageWords(site, language);
  const answers = site.pageOrder
    .map((id) => site.pages[id]!)
    .filter((page) => page.path !== SEARCH_PATH)
    .map((page) =>
      el('li', {}, el('a', { href: pageHref(state, page) }, pageTitle(site, page.id, language))),
    );
  return el(
    'section',
    { class: 'found', 'aria-label': words.pagesFound },
    el('p', { role: 'status', 'data-found': words.found }),
    el('ul', {}, ...answers),
  );
}

/** What a page has to say of its own, in the place of what stands in for its content. */
function ownContent(state: PageState): Node {
  const { site, page, language } = state;
  if (page.path === SEARCH_PATH) return foundHtml(state);
  return page.path === NOT_FOUND_PATH ? el('p', {}, pageWords(site, language).notFoundSays) : null;
}

/** The parts of a page: what is designed here, and what stands in for its content. */
export interface PageParts {
  head: Node[];
  /** The link past the header, which is the first thing on a page. */
  skip: Node;
  header: Node[];
  content: Node;
  footer: Node[];
  /** Drawers and dialogs that something on the page opens. */
  opened: Node[];
  /** The signs that any of it shows. */
  icons: Node;
}

/** The parts of a page in a language of the site; `folder` is what it is linked from, that of its own file where none is given. */
export function pageParts(
  site: Site,
  page: Page,
  placed?: OnPage,
  language = site.languages[0]!,
  advances = unmeasured,
  folder = folderOf(site, pageFile(page.path, languageFolder(site, language)), language),
): PageParts {
  const on = placed ?? placedOnPage(site, page, language);
  const state: PageState = {
    site,
    page,
    language,
    folder,
    names: settleNames(site),
    advances,
    landmarks: new Set(),
    drawers: new Set(on.drawers),
    header: on.header,
    framesOthers: on.framesOthers ?? false,
    dialogs: new Set(),
  };
  const pageName = page.titles[language] ?? page.title;
  const skip = el('a', { class: 'skip', href: '#content' }, pageWords(site, language).skip);
  const header = landmarkHtml(state, 'header', on.header);
  const footer = landmarkHtml(state, 'footer', on.footer);
  const content = standIn(page, pageName, ownContent(state));
  const opened = openedHtml(state);
  const head = [
    el('meta', { charset: 'utf-8' }),
    el('meta', { name: 'viewport', content: 'width=device-width, initial-scale=1' }),
    el('title', {}, page.path === '/' ? site.name : `${pageName} – ${site.name}`),
    el('link', { rel: 'stylesheet', href: state.folder.href(STAND_IN_STYLESHEET) }),
    el('link', { rel: 'stylesheet', href: state.folder.href(STYLESHEET) }),
    ...alternates(state),
    showsNotices(site, [on.header, on.footer]) && el('script', { src: state.folder.href(NOTICES_SCRIPT) }),
    el('script', { src: state.folder.href(SCRIPT), defer: true }),
  ];
  const icons = iconsHtml([skip, ...header, content, ...footer, ...opened]);
  return { head, skip, header, content, footer, opened, icons };
}

/** A whole page in a language of the site, with everything that it links to relative to its own file. What is known of the widths of texts decides where a menu is split by them. */
export function pageElement(
  site: Site,
  page: Page,
  placed?: OnPage,
  language = site.languages[0]!,
  advances = unmeasured,
): Element {
  const { head, skip, header, content, footer, opened, icons } = pageParts(
    site,
    page,
    placed,
    language,
    advances,
  );
  return el(
    'html',
    { lang: language, dir: directionOf(language) === 'rtl' && 'rtl' },
    el('head', {}, ...head),
    el('body', {}, skip, ...header, content, ...footer, ...opened, icons),
  );
}

/** The same as HTML in pieces; those that pages have in common are the very same strings. */
export function pagePieces(...of: Parameters<typeof pageElement>): string[] {
  return ['<!doctype html>\n', ...htmlPieces(pageElement(...of))];
}

/** The same as one text. */
export const renderPage = (...of: Parameters<typeof pageElement>): string => pagePieces(...of).join('');
