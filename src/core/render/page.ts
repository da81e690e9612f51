import { el, writeHtml, type Node } from '../markup/html';
import { menuEntries } from '../menus/entries';
import { pieceKind } from '../pieces';
import type { PieceContext, SettledPiece } from '../pieces/piece';
import type { AssemblyKind } from '../properties/assembly';
import type { Link } from '../properties/link';
import { resolveAssembly, settledPieces, type SettledAssembly, type SettledBar } from '../resolve/assembly';
import { edgeBays, type Assembly, type EdgeBay } from '../site/assembly';
import type { Page } from '../site/page';
import type { Site } from '../site/site';
import { settleNames, type Names } from './names';
import { artworkFile, pageFile, relativeHref } from './paths';
import { standIn } from './stand-in';

/** The stylesheet and the script of every page. */
export const STYLESHEET = 'site.css';
export const SCRIPT = 'site.js';

/** What a page's links lead to from its own file. */
function hrefFrom(site: Site, file: string): (link: Link) => string | null {
  return (link) => {
    if (link.to === 'nothing') return null;
    if (link.to === 'address') return link.address;
    const page = site.pages[link.page];
    return page ? relativeHref(file, pageFile(page.path)) : null;
  };
}

/** Context for the pieces of one assembly; `landmarks` holds the names that landmarks of the page have already. */
function pieceContext(
  site: Site,
  page: Page,
  names: Names,
  assembly: Assembly,
  landmarks: Set<string>,
): PieceContext {
  const file = pageFile(page.path);
  const href = hrefFrom(site, file);
  return {
    siteName: site.name,
    homeHref: relativeHref(file, 'index.html'),
    className: (id) => names.get(id)!,
    href,
    menu(id) {
      const menu = site.menus[id];
      return menu ? { name: menu.name, entries: menuEntries(site, menu, page.id, href) } : null;
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
      return { src: relativeHref(file, artworkFile(artwork)), width, height, alt };
    },
    drawer: (id) => (site.drawers[id] ? names.get(id)! : null),
  };
}

/** One assembly settled for every band, widest first: the markup has to hold what any of them shows. */
type PerBand = readonly SettledAssembly[];

function bayHtml(bands: readonly SettledBar[], bay: EdgeBay, context: PieceContext): Node {
  const pieces = bands[0]!.bays[bay].map((piece, index) => {
    const versions = bands.map((band) => band.bays[bay][index]!);
    return pieceKind(piece.kind).html(piece, context, versions);
  });
  return pieces.length > 0 && el('div', { class: `bay bay-${bay}` }, ...pieces);
}

function barsHtml(assembly: PerBand, context: PieceContext): Node[] {
  return assembly[0]!.bars.map((bar, index) => {
    const bands = assembly.map((band) => band.bars[index]!);
    const bays = edgeBays.map((bay) => bayHtml(bands, bay, context)).filter(Boolean);
    return el(
      'div',
      { class: `bar ${context.className(bar.id)}` },
      bays.length > 0 && el('div', { class: 'bays' }, ...bays),
    );
  });
}

function perBand(site: Site, kind: AssemblyKind, assembly: Assembly): PerBand {
  return site.bands.map((band) => resolveAssembly(site, kind, assembly, band.id));
}

function drawerHtml(site: Site, drawer: Assembly, context: PieceContext): Node {
  const name = context.className(drawer.id);
  return el(
    'dialog',
    { class: `drawer ${name}`, id: name, 'aria-label': drawer.name, closedby: 'any' },
    el('button', { class: 'drawer-close', type: 'button', command: 'close', commandfor: name }, 'Close'),
    ...barsHtml(perBand(site, 'drawers', drawer), context),
  );
}

/** The drawers that these pieces open. */
function openedDrawers(site: Site, pieces: readonly SettledPiece[]): Assembly[] {
  const ids = new Set(pieces.map((piece) => pieceKind(piece.kind).opens?.(piece.values) ?? null));
  return [...ids]
    .map((id) => (id === null ? undefined : site.drawers[id]))
    .filter((drawer) => drawer !== undefined);
}

/** What stands on a page besides its content. Given apart from the placing, so that a workbench can show what is placed nowhere. */
export interface OnPage {
  header: Assembly | null;
  footer: Assembly | null;
  /** Drawers to have at hand although nothing on the page opens them. */
  drawers?: readonly Assembly[];
}

/** The header and footer that are placed on every page. */
export function placedOnPage(site: Site): OnPage {
  const { header, footer } = site.placing;
  return {
    header: header === null ? null : (site.headers[header] ?? null),
    footer: footer === null ? null : (site.footers[footer] ?? null),
  };
}

/** A whole page as HTML, with everything that it links to relative to its own file. */
export function renderPage(site: Site, page: Page, on: OnPage = placedOnPage(site)): string {
  const names = settleNames(site);
  const landmarks = new Set<string>();
  const contextOf = (assembly: Assembly) => pieceContext(site, page, names, assembly, landmarks);
  const header = on.header && perBand(site, 'headers', on.header);
  const footer = on.footer && perBand(site, 'footers', on.footer);
  const pieces = [...(header ?? []), ...(footer ?? [])].flatMap(settledPieces);
  const drawers = new Set([...openedDrawers(site, pieces), ...(on.drawers ?? [])]);
  const file = pageFile(page.path);
  const title = page.path === '/' ? site.name : `${page.title} – ${site.name}`;
  const html = el(
    'html',
    { lang: site.language },
    el(
      'head',
      {},
      el('meta', { charset: 'utf-8' }),
      el('meta', { name: 'viewport', content: 'width=device-width, initial-scale=1' }),
      el('title', {}, title),
      el('link', { rel: 'stylesheet', href: relativeHref(file, STYLESHEET) }),
      el('script', { src: relativeHref(file, SCRIPT), defer: true }),
    ),
    el(
      'body',
      {},
      el('a', { class: 'skip', href: '#content' }, 'Skip to content'),
      header &&
        el(
          'header',
          { class: `header ${names.get(on.header!.id)!}` },
          ...barsHtml(header, contextOf(on.header!)),
        ),
      standIn(page),
      footer &&
        el(
          'footer',
          { class: `footer ${names.get(on.footer!.id)!}` },
          ...barsHtml(footer, contextOf(on.footer!)),
        ),
      ...[...drawers].map((drawer) => drawerHtml(site, drawer, contextOf(drawer))),
    ),
  );
  return `<!doctype html>\n${writeHtml(html)}`;
}
