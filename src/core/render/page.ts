import { el, htmlPieces, type Element, type Node } from '../markup/html';
import { NARROWEST, widthBelow } from '../bands/band';
import { ROOT_TEXT_PX } from '../lengths/length';
import { markedEntries, markIndex, menuEntries, pageTitle } from '../menus/entries';
import { pieceKind } from '../pieces';
import type { MenuEntry, PieceContext, PieceVersion, Target } from '../pieces/piece';
import type { AssemblyKind } from '../properties/assembly';
import type { Id } from '../ids/id';
import { telephoneDigits, type Link } from '../properties/link';
import type { Phase } from '../properties/phases';
import { resolveAssembly, settledPieces, type SettledAssembly, type SettledBar } from '../resolve/assembly';
import type { Assembly } from '../site/assembly';
import { directionOf, languageName } from '../site/language';
import type { Menu } from '../site/menu';
import { beginsWithPicture, type Page } from '../site/page';
import type { Site } from '../site/site';
import { unmeasured, type Advances } from '../text/advances';
import { heldBars } from '../fit/heights';
import { measuredLevels, settledMeasured } from '../fit/measured-rules';
import { wayDown, type WayStage } from '../fit/way-down';
import { pieceContent } from '../fit/piece-content';
import { folderOf, type Folder } from './folder';
import { settleNames, slug, type Names } from './names';
import { artworkFile, languageFolder, pageFile } from './paths';
import { SEARCH_PATH, searchPage } from './search-page';
import { standIn, standInExcerpt } from './stand-in';

/** The stylesheet and the script of every page. */
export const STYLESHEET = 'site.css';
export const SCRIPT = 'site.js';

/** A page that is being rendered: where it stands, and what has come about on it so far. */
interface PageState {
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
  /** The drawers that something on the page opens. */
  drawers: Set<Id>;
  /** The pages whose content something on the page opens as a dialog. */
  dialogs: Set<Id>;
}

/** The id of a page’s dialog: no drawer has a name that begins so (`names.ts`). */
function dialogId(site: Site, page: Page): string {
  const name = slug(page.path, 'home');
  const first = site.pageOrder.find((id) => slug(site.pages[id]!.path, 'home') === name);
  return first === undefined || first === page.id ? `dialog-${name}` : `dialog-${name}-${slug(page.id, 'p')}`;
}

/** The address of a page from the one that is rendered, in the same language or in another. */
function pageHref({ site, folder, language }: PageState, page: Page, inLanguage = language): string {
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
function pieceContext(state: PageState, kind: AssemblyKind, assembly: Assembly): PieceContext {
  const { site, page, language, folder, names, landmarks } = state;
  const target = (link: Link) => {
    noteOpened(state, link);
    return linkTarget(state, link);
  };
  return {
    siteName: site.name,
    homeHref: folder.href(pageFile('/', languageFolder(site, language))),
    className: (id) => names.get(id) ?? null,
    idOf: (piece) => names.get(piece)!,
    target,
    menu(id, band) {
      const menu = site.menus[id];
      return menu ? { name: menu.name, entries: menuOnPage(state, menu, band) } : null;
    },
    landmark(wanted) {
      const withPlace = `${wanted}, ${assembly.name}`;
      let name = landmarks.has(wanted) ? withPlace : wanted;
      for (let count = 2; landmarks.has(name); count += 1) name = `${withPlace} ${count}`;
      landmarks.add(name);
      return name;
    },
    artwork(id) {
      const artwork = site.artwork[id];
      if (!artwork) return null;
      const { width, height, alt } = artwork;
      return { src: folder.href(artworkFile(artwork)), width, height, alt };
    },
    content(piece) {
      const { from } = site.bands.find(({ id }) => id === piece.band)!;
      const at = Math.max(from, NARROWEST);
      const { advances } = state;
      const circumstances = { site, advances, page: page.id, language, root: ROOT_TEXT_PX };
      return pieceContent(circumstances, piece, { from: at, to: at });
    },
    logo: (version) => site.brand.logo[version],
    languages: site.languages.map((tag) => ({ tag, name: languageName(tag), current: tag === language })),
    searchHref: () => pageHref(state, searchPage(site)),
    drawer(id) {
      if (!site.drawers[id]) return null;
      state.drawers.add(id);
      return names.get(id)!;
    },
    scrolled(id) {
      if (!resolveAssembly(site, kind, assembly, site.bands[0]!.id).phased) return null;
      const stages = piecesPerStage(state, kind, assembly, 'scrolled');
      return stages.map((pieces) => pieces.find((piece) => piece.id === id)!);
    },
  };
}

/** One assembly settled for every stage of its way, widest first: the markup has to hold what any of them shows. */
type PerStep = readonly SettledAssembly[];

/** The media query of each stage of a way; null for the widest. */
const stageMedia = (stages: readonly WayStage[]) =>
  stages.map(({ below }) => (below === null ? null : widthBelow(below)));

/** A bar settled for every stage, and where rules are measured in the browser, for each level of them. */
interface BarVersions {
  bands: readonly SettledBar[];
  /** The media query of each stage. */
  media: readonly (string | null)[];
  measured: readonly SettledBar[];
}

/** The bay of a place in the markup, wherever it is seen. */
const nthBay = ({ bays }: SettledBar, nth: number) => bays.find((bay) => bay.nth === nth)!;

function bayHtml({ bands, media, measured }: BarVersions, nth: number, context: PieceContext): Node {
  const pieces = nthBay(bands[0]!, nth).pieces.map((piece, index) => {
    // Of what rules turn, only the forms of a menu are a matter of the markup.
    const versions = [...bands, ...(piece.kind === 'menu' ? measured : [])].map((version, stage) => ({
      ...nthBay(version, nth).pieces[index]!,
      media: media[stage] ?? null,
    }));
    return pieceKind(piece.kind).html(piece, context, versions);
  });
  return pieces.length > 0 && el('div', { class: `bay bay-${nth}` }, ...pieces);
}

function barsHtml({ site, advances }: PageState, assembly: PerStep, context: PieceContext): Element[] {
  const { kind, id } = assembly[0]!;
  const own = site[kind][id]!;
  const { stages } = wayDown(site, advances, kind, own);
  return assembly[0]!.bars.map((bar, index) => {
    const levels = measuredLevels(site, own, own.bars[bar.id]!, stages);
    const measured = settledMeasured(site, kind, own, stages).map((each) => each.bars[index]!);
    const bands = assembly.map((stage) => stage.bars[index]!);
    const versions = { bands, media: stageMedia(stages), measured };
    const bays = bar.bays.map((_, bay) => bayHtml(versions, bay + 1, context)).filter(Boolean);
    return el(
      'div',
      {
        class: `bar ${context.className(bar.id)!}`,
        'data-measures': levels.length > 0 && levels.map(({ token }) => token).join(' '),
      },
      bays.length > 0 && el('div', { class: 'bays' }, ...bays),
    );
  });
}

function perStage(
  { site, advances }: Pick<PageState, 'site' | 'advances'>,
  kind: AssemblyKind,
  assembly: Assembly,
  phase: Phase = 'top',
): PerStep {
  return wayDown(site, advances, kind, assembly).stages.map((stage) =>
    resolveAssembly(site, kind, assembly, { ...stage, phase }),
  );
}

function drawerHtml(state: PageState, drawer: Assembly, context: PieceContext): Node {
  const name = context.className(drawer.id)!;
  return el(
    'dialog',
    { class: `drawer ${name}`, id: name, 'aria-label': drawer.name, closedby: 'any' },
    el('button', { class: 'drawer-close', type: 'button', command: 'close', commandfor: name }, 'Close'),
    ...barsHtml(state, perStage(state, 'drawers', drawer), context),
    ...leftPieces(state, drawer),
  );
}

/** The pieces of an assembly as they are listed, settled for every stage of its way, with the media query of each. */
function piecesPerStage(
  state: PageState,
  kind: AssemblyKind,
  assembly: Assembly,
  phase: Phase = 'top',
): PieceVersion[][] {
  const media = stageMedia(wayDown(state.site, state.advances, kind, assembly).stages);
  return perStage(state, kind, assembly, phase).map((settled, stage) =>
    settledPieces(settled).map((piece) => ({ ...piece, media: media[stage]! })),
  );
}

/** The pieces that leave the header for the drawer at some width, to stand once more in the first drawer that the header opens. */
function leftPieces(state: PageState, drawer: Assembly): Node[] {
  const { header, names } = state;
  if (!header) return [];
  const stages = piecesPerStage(state, 'headers', header);
  const opened = stages.flat().flatMap(({ kind, values }) => pieceKind(kind).opens?.(values) ?? []);
  if (opened[0] !== drawer.id) return [];
  const context = {
    ...pieceContext(state, 'headers', header),
    idOf: (piece: Id) => `${names.get(piece)!}-in-drawer`,
  };
  return stages[0]!.flatMap((piece, index) => {
    const versions = stages.map((stage) => stage[index]!);
    return versions.some(({ values }) => values.shown === 'drawer')
      ? [el('div', { class: 'left-piece' }, pieceKind(piece.kind).html(piece, context, versions))]
      : [];
  });
}

/** The content of a page as a dialog, for links that open it so. */
function dialogHtml(id: string, title: string): Node {
  return el(
    'dialog',
    { class: 'dialog', id, 'aria-label': title, closedby: 'any' },
    el('button', { class: 'drawer-close', type: 'button', command: 'close', commandfor: id }, 'Close'),
    standInExcerpt(title),
  );
}

/** The drawers and dialogs that the page opens; what stands in them may open more, so this goes on until there are no more. */
function openedHtml(state: PageState): Node[] {
  const { site, drawers, dialogs, language } = state;
  const nodes = new Map<Id, Node>();
  const next = () => [...drawers].find((id) => !nodes.has(id));
  for (let id = next(); id !== undefined; id = next()) {
    nodes.set(id, null);
    const drawer = site.drawers[id]!;
    nodes.set(id, drawerHtml(state, drawer, pieceContext(state, 'drawers', drawer)));
  }
  return [
    ...nodes.values(),
    ...[...dialogs].map((id) => dialogHtml(dialogId(site, site.pages[id]!), pageTitle(site, id, language))),
  ];
}

/** What stands on a page besides its content. Given apart from the placing, so that a workbench can show what is placed nowhere. */
export interface OnPage {
  header: Assembly | null;
  footer: Assembly | null;
  /** Drawers to have at hand although nothing on the page opens them. */
  drawers?: readonly Id[];
}

/** The header and footer that are placed on every page. */
export function placedOnPage(site: Site): OnPage {
  const { header, footer } = site.placing;
  return {
    header: header === null ? null : (site.headers[header] ?? null),
    footer: footer === null ? null : (site.footers[footer] ?? null),
  };
}

/** The page in the site’s other languages, for search engines (HTML, 4.6.7.1 "alternate"). */
function alternates(state: PageState): Node[] {
  const { site, page } = state;
  return site.languages.length === 1
    ? []
    : site.languages.map((hreflang) =>
        el('link', { rel: 'alternate', hreflang, href: pageHref(state, page, hreflang) }),
      );
}

/**
 * The bars of a header that bears phases: those that stay, from the first of them to the last, in a part of their own, which
 * stays in sight, and in it one that can leave and return.
 */
function heldHtml([widest]: PerStep, bars: Element[]): Element[] {
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
function phasedHeaderHtml(state: PageState, bands: PerStep, bars: Element[]): Node[] {
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
  const answers = site.pageOrder
    .map((id) => site.pages[id]!)
    .filter((page) => page.path !== SEARCH_PATH)
    .map((page) =>
      el('li', {}, el('a', { href: pageHref(state, page) }, pageTitle(site, page.id, language))),
    );
  return el(
    'section',
    { class: 'found', 'aria-label': 'Pages found' },
    el('p', { role: 'status', 'data-found': '' }),
    el('ul', {}, ...answers),
  );
}

/** A whole page as HTML in a language of the site, with everything that it links to relative to its own file. What is known of the widths of texts decides where a menu is split by them. */
export function renderPage(
  site: Site,
  page: Page,
  on?: OnPage,
  language?: string,
  advances?: Advances,
): string {
  return pagePieces(site, page, on, language, advances).join('');
}

/** A whole page in pieces; those that pages have in common are the very same strings. */
export function pagePieces(
  site: Site,
  page: Page,
  on: OnPage = placedOnPage(site),
  language = site.languages[0]!,
  advances = unmeasured,
): string[] {
  const file = pageFile(page.path, languageFolder(site, language));
  const state: PageState = {
    site,
    page,
    language,
    folder: folderOf(site, file, language),
    names: settleNames(site),
    advances,
    landmarks: new Set(),
    drawers: new Set(on.drawers),
    header: on.header,
    dialogs: new Set(),
  };
  const pageName = page.titles[language] ?? page.title;
  const header = landmarkHtml(state, 'header', on.header);
  const footer = landmarkHtml(state, 'footer', on.footer);
  const html = el(
    'html',
    { lang: language, dir: directionOf(language) === 'rtl' && 'rtl' },
    el(
      'head',
      {},
      el('meta', { charset: 'utf-8' }),
      el('meta', { name: 'viewport', content: 'width=device-width, initial-scale=1' }),
      el('title', {}, page.path === '/' ? site.name : `${pageName} – ${site.name}`),
      el('link', { rel: 'stylesheet', href: state.folder.href(STYLESHEET) }),
      ...alternates(state),
      el('script', { src: state.folder.href(SCRIPT), defer: true }),
    ),
    el(
      'body',
      {},
      el('a', { class: 'skip', href: '#content' }, 'Skip to content'),
      ...header,
      standIn(page, pageName, page.path === SEARCH_PATH ? foundHtml(state) : null),
      ...footer,
      ...openedHtml(state),
    ),
  );
  return ['<!doctype html>\n', ...htmlPieces(html)];
}
