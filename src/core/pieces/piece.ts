import type { Element, Node } from '../markup/html';
import type { Rules } from '../markup/css';
import type { Id } from '../properties/id';
import type { Link } from '../properties/link';
import type { Property } from '../properties/property';

/** A piece with every value settled for one band. */
export interface SettledPiece {
  id: Id;
  kind: string;
  values: Record<string, unknown>;
}

/** An entry of a menu as it stands on one page. */
export interface MenuEntry {
  id: Id;
  label: string;
  /** Null when the entry only opens its children. */
  href: string | null;
  /** `page` for the current page itself, `trail` for an ancestor of it. */
  current: 'page' | 'trail' | null;
  children: MenuEntry[];
}

/** What a piece may ask of the page on which it is rendered. */
export interface PieceContext {
  siteName: string;
  homeHref: string;
  /** The class that is this piece's alone, as it stands in the stylesheet; also a prefix for ids of elements in it. */
  className(piece: Id): string;
  href(link: Link): string | null;
  menu(id: Id): { name: string; entries: MenuEntry[] } | null;
  /** A name for a landmark that no other on the page has (WAI-ARIA, "Landmark Roles"): the wanted one, where it is free. */
  landmark(wanted: string): string;
  artwork(id: Id): { src: string; width: number; height: number; alt: string } | null;
  /** The id of a drawer's element on the page. */
  drawer(id: Id): string | null;
}

/** A kind of piece: one file in this folder, and one line in the list of kinds. */
export interface PieceKind {
  kind: string;
  label: string;
  properties: readonly Property[];
  /** The rules that every piece of this kind shares. */
  css: Rules;
  /** Rules of what the script has opened; they win over every value. */
  openCss?: Rules;
  /** What opens by pointer or focus where scripts are off. */
  openWithoutScriptsCss?: Rules;
  /** What the piece shows in a band, in a few words, for the table of what shows where. */
  summary(values: Record<string, unknown>): string;
  /** The name of a single piece, to tell it from others of its kind; empty when nothing tells it apart. */
  caption(values: Record<string, unknown>, nameOf: (id: Id) => string | null): string;
  /** The drawer that the piece opens in a band with these values; null when it opens none there. */
  opens?(values: Record<string, unknown>): Id | null;
  /** The piece's markup; `bands` holds it settled for every band, widest first, for what has to stand in the HTML for a narrower one. */
  html(piece: SettledPiece, context: PieceContext, bands: readonly SettledPiece[]): Element | null;
}

/** The class names of a piece's outer element. */
export function pieceClass(piece: SettledPiece, context: PieceContext): string {
  return `${piece.kind} ${context.className(piece.id)}`;
}

/** Markup of a link that may have no target: then a span. */
export function linkOrSpan(
  href: string | null,
  attributes: Record<string, string>,
  ...children: Node[]
): Element {
  const { class: name, ...others } = attributes;
  return { tag: href === null ? 'span' : 'a', attributes: { class: name, href, ...others }, children };
}
