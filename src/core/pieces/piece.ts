import type { Words } from './shipped-words';
import type { IconName } from '../icons/icons';
import { el, type Attributes, type Element, type Node } from '../markup/html';
import type { CssNode, Declarations, Rules } from '../markup/css';
import type { Id } from '../ids/id';
import type { Link } from '../properties/link';
import type { Phase } from '../properties/phases';
import type { Scheme } from '../properties/schemes';
import type { PropertyList } from '../properties/property';
import type { AssemblyKind } from '../properties/assembly-kind';
import type { Length } from '../lengths/formula';
import type { Leaves } from '../properties/menu';
import type { LogoVersion } from '../brand/logo-versions';
import type { Box } from '../boxes/box';
import type { Layouts } from '../boxes/layout';
import type { PieceContent } from './content';

/** A piece with every value settled for one band. */
export interface SettledPiece<V = Record<string, unknown>> {
  id: Id;
  kind: string;
  band: Id;
  values: V;
  /** What of the markup the piece needs in this band: bands of the same variant share it. Null where it shows nothing that has variants. */
  variant: string | null;
  counts: Counts;
  /** Whether the branch of the page stands open in it when the page is: at every width or at none, since the markup is one. */
  opensBranch: boolean;
  /** What it says otherwise in languages, by their tags. */
  said: Readonly<Record<string, Partial<V>>>;
}

/** A piece as it is settled for one stage of its way, from the widest viewport to the narrowest. */
export interface PieceVersion<V = Record<string, unknown>> extends SettledPiece<V> {
  /** The media query that holds in the stage and all narrower ones; null for the widest, and for what a script begins whatever the width. */
  media: string | null;
}

/** Where something leads on the page where it stands; null when it only opens what stands below it. */
export type Target =
  { as: 'link'; href: string; language?: string; dialog?: string } | { as: 'drawer'; drawer: string } | null;

/** An entry of a menu as it stands on one page. */
export interface MenuEntry {
  id: Id;
  label: string;
  target: Target;
  /** `page` for the current page itself, `trail` for an ancestor of it. */
  current: 'page' | 'trail' | null;
  children: MenuEntry[];
  icon: IconName | null;
  /** A picture of its own that stands for it, where only its sign is shown. */
  picture: Id | null;
  /** Whether it is a card where it stands in a panel of columns. */
  card: boolean;
  badge: string;
  description: string;
  title: string;
  newWindow: boolean;
  /** When it leaves where room is short. */
  leaves: Leaves;
}

/** What a piece may ask of the page on which it is rendered. */
export interface PieceContext {
  siteName: string;
  /** What the page says by itself in its language. */
  words: Words;
  homeHref: string;
  /** The class that is this thing’s alone, as it stands in the stylesheet; null for an item of a menu that needs none. */
  className(thing: Id): string | null;
  /** The beginning of the ids of elements in a piece: those of it on the page are all different, also where it stands there twice. */
  idOf(piece: Id): string;
  target(link: Link): Target;
  /** A menu in the order of a band. */
  menu(id: Id, band: Id): { name: string; entries: MenuEntry[] } | null;
  /** A name for a landmark that no other on the page has (WAI-ARIA, "Landmark Roles"): the wanted one, where it is free. */
  landmark(wanted: string): string;
  artwork(id: Id): { src: string; width: number; height: number; alt: string } | null;
  /** What a piece may ask about its boxes where its band begins. */
  content(piece: Pick<SettledPiece, 'id' | 'kind' | 'band'> & { values: object }): PieceContent;
  /** The artwork of a version of the brand’s logo; null where there is none. */
  logo(version: LogoVersion): Id | null;
  /** The id of a drawer’s element on the page. */
  drawer(id: Id): string | null;
  /** The languages of the site by their tags, each named in itself. */
  languages: readonly { tag: string; name: string; current: boolean }[];
  /** The address of the page that answers searches; asking for it makes the site have one. */
  searchHref(): string;
  /** The address at which the application answers newsletters while a site is tried (server/handover/newsletter.ts). */
  newsletterHref(): string;
  /** Whether a page from elsewhere may stand in a frame: it is of a host that the site allows. */
  embeds(address: string): boolean;
  /** The id of the drawer in which it stands; null for one in a header or footer. */
  inDrawer: string | null;
  /** A piece as it is in a phase of scrolling, settled for every stage; null where its header bears no phases. */
  inPhase(id: Id, phase: Phase): readonly PieceVersion[] | null;
  /** A piece as it is for visitors who prefer dark, settled for every stage; null where the brand says nothing of dark. */
  inDark(id: Id, phase: Phase): readonly PieceVersion[] | null;
  /** Whether a piece stands on a ground for which the logo has artwork of its own, stage by stage. */
  onDark(id: Id, scheme: Scheme): readonly boolean[];
}

/** What tells the variants of a piece apart, beside its own values. */
export interface VariantContext {
  /** The order of a menu in the band, as one text. */
  menuOrder(id: Id): string;
}

/** What a piece counts beside its own values, of the first level of its menu. */
export interface Counts {
  /** All items, also those that the band hides. */
  top: number;
  /** The places of those that show in the order in which they leave where room is short, counted from 1. */
  ranks: readonly number[];
  /** Whether some item is a card in panels of columns. */
  cards: boolean;
  /** Whether some list below an item has lists below its own. */
  nested: boolean;
}

/** How something stands that hangs from its item: at one of its edges, or at its middle. */
export type HangsFromItem = 'start' | 'middle' | 'end';

/** How something stands that is as wide as what is in it, at the content of its bar: at its start, its middle or its end. */
export type HangsFromBar = 'barStart' | 'barMiddle' | 'barEnd';

/** How something stands that hangs out of a piece: from its item, at its bar, as wide as the content of its bar, as its bar, or as the window. */
export type HangsAt = HangsFromItem | HangsFromBar | 'content' | 'bar' | 'window';

/** How it comes to stand: `across` the window, within its gutters, where it is wider than that leaves beside its item. */
export type HangingSide = HangsAt | 'across';

/** At which edge of a drop-down the lists below its items open beside it. */
export type BesideSide = 'start' | 'end';

/** A drop-down whose items open lists beside it, and these lists, each with the item that it belongs to. */
export interface BesideHanging {
  box: Box;
  lists: readonly { entry: Id; index: number; box: Box }[];
}

/** What hangs out of a piece while it is open. */
export interface Hanging {
  /** The item that it hangs from; null for the button that stands for those that have left. */
  entry: Id | null;
  /** The selector of the box of its item below the piece, and of that item alone. */
  under: string;
  selector: string;
  box: Box;
  /** How it stands where lists open beside it; left out where none do. */
  beside?: BesideHanging | null;
}

/** The items of a menu and those below them, in the order in which they stand in the markup. */
export interface ItemTree {
  id: Id;
  label: string;
  children: readonly ItemTree[];
}

/** An item, and the way to its element: which it is of the elements of items in the piece, then in the element before, counted from 0. */
export interface ItemWay {
  item: Id;
  way: readonly number[];
}

/** The ways to items whose elements stand in one another as the items do. */
export const nestedWays = (entries: readonly ItemTree[], above: readonly number[] = []): ItemWay[] =>
  entries.flatMap(({ id, children }, index) => {
    const way = [...above, index];
    return [{ item: id, way }, ...nestedWays(children, way)];
  });

/** A kind of piece: one file in this folder, and one line in the list of kinds; `V` is what its properties settle. */
export interface PieceKind<V = Record<string, unknown>> {
  kind: string;
  label: string;
  /** What it is for, in a sentence. */
  about: string;
  /** Whether it holds sentences, which run on in lines where room is short. */
  runsOn?: true;
  /** Whether it sets texts in the ink of its bar, beside those of its parts that have states. */
  inInk?: true;
  /** Values with which it has something to show where it is offered; for kinds that are empty from the start. */
  sample?: Partial<V>;
  properties: PropertyList<V>;
  /** What every piece of this kind looks like, beside where its boxes stand. */
  css: Rules;
  /** Where each of its boxes stands, by the selector below the piece under which it is drawn: the same names for all values. */
  layouts(values: V, counts: Counts): Layouts;
  /** The boxes of a piece with these values; null where it renders nothing. */
  box(values: V, content: PieceContent): Box | null;
  /** The selectors of those of its boxes, and of what hangs out of it, that can be followed or pressed; the empty one is the piece itself. */
  targets?: readonly string[];
  /** What hangs out of a piece while it is open: its boxes, how it wants to stand, and the CSS of each way in which it can, with the same properties for each. */
  hanging?: {
    boxes(values: V, content: PieceContent): Hanging[];
    at(values: V): HangsAt;
    /** How far from its item or its bar. */
    gap(values: V): Length;
    /** How high at most; null where the window alone limits it. */
    most(values: V): Length | null;
    /** How much of the window stays free below it, in CSS px at the usual text size. */
    free: number;
    css: Readonly<Record<HangingSide, Declarations>>;
    /** What lets what hangs from these items stand as it does on this side; the same selectors and properties for each. */
    held(items: string, side: HangingSide): Rules;
    /** What lets lists open beside drop-downs: at an edge of those with these selectors, which open upwards where they are `above`; for kinds with such lists. */
    beside?(values: V, where: { side: BesideSide; panels: readonly string[]; above: boolean }): Rules;
  };
  /** Which elements of its markup are items of its menu, and the way to each through them; for kinds that show one. */
  items?: {
    selector: string;
    ways(values: V, entries: readonly ItemTree[]): ItemWay[];
  };
  /** Whether what stands below an entry may be open at first with these values, as far as they are concerned. */
  opensBranch?(values: V): boolean;
  /** Whether a piece with these values takes the free space of its bay by its form. */
  takesRest?(values: V): boolean;
  /** Other rules that several of the piece's values make together; the same selectors and properties for all values. */
  jointCss?(values: V, counts: Counts): Rules;
  /** Rules of what it leaves out for want of room, above what items say by width; the same selectors for all values. */
  shortCss?(values: V, counts: Counts): Rules;
  /** What only pieces with some values need of its rules; shipped where there is one. */
  someCss?: readonly { css: readonly CssNode[]; when(values: V, stands: AssemblyKind): boolean }[];
  /** Boxes that only pieces with some values have, by their selectors; nothing is said of where they stand where there is none. */
  someLayouts?: { at: readonly string[]; when(values: V): boolean };
  /** Whether nothing can be seen of what a rule of its own says with these values, since what it is of is not there, or not displayed. */
  unseen?(values: V, selector: string): boolean;
  /** Rules of what the script has opened; they win over every value. */
  openCss?: Rules;
  /** What opens by pointer or focus where scripts are off. */
  openWithoutScriptsCss?: Rules;
  /** What cannot work where scripts are off. */
  withoutScriptsCss?: Rules;
  /** Which of its variants the piece needs with these values, null for none of them; bands of the same text share the markup. */
  variant?(values: V, context: VariantContext): string | null;
  /** Weights in which it sets some of its text, whatever its style. */
  weights?(values: V): number[];
  /** Type styles of which it takes weight, size and case beside its own. */
  headings?(values: V): Id[];
  /** The one kind of assembly in which it can stand. */
  only?: AssemblyKind;
  /** Whether a bar is for it: it is not hidden for room. */
  needed?: boolean;
  /** The property that says which menu's items stand beside each other in it. */
  rowOf?: keyof V & string;
  /** What it may come to show by itself, each with the values of then. */
  foreseen?: readonly { id: string; label: string; values: Partial<V> }[];
  /** The kinds of pieces that it draws beside its own, whose rules it needs. */
  draws?(values: V): readonly string[];
  /** The property by width that says in which form the piece shows, where it has several. */
  form?: string;
  /** What the piece shows in a band, in a few words, for the table of what shows where. */
  summary(values: V): string;
  /** The name of a single piece, to tell it from others of its kind; empty when nothing tells it apart. */
  caption(values: V, nameOf: (id: Id) => string | null): string;
  /** Whether something in it is to stand in its very middle. */
  keepsMiddle?(values: V): boolean;
  /** The drawer that the piece opens in a band with these values; null when it opens none there. */
  opens?(values: V): Id | null;
  /** The piece's markup; `versions` holds it settled for every stage, widest first, for what has to stand in the HTML for a narrower one. */
  html(piece: SettledPiece<V>, context: PieceContext, versions: readonly PieceVersion<V>[]): Element | null;
}

/** States a kind of piece with the type of its values, which follows from its properties; among others they are values by name. */
export function kindOfPiece<V>(definition: PieceKind<V>): PieceKind {
  return definition as unknown as PieceKind;
}

/** The class names of a piece's outer element. */
export function pieceClass(piece: Pick<SettledPiece, 'id' | 'kind'>, context: PieceContext): string {
  return `${piece.kind} ${context.className(piece.id)!}`;
}

/** The attributes of an element that leads to a target: those of a link, or of a button that opens a drawer. */
function targetAttributes(target: Target, newWindow: boolean): Attributes {
  if (target === null) return {};
  if (target.as === 'drawer')
    return { type: 'button', command: 'show-modal', commandfor: target.drawer, 'aria-haspopup': 'dialog' };
  return {
    href: target.href,
    hreflang: target.language,
    lang: target.language,
    'data-dialog': target.dialog,
    ...(newWindow ? { target: '_blank', rel: 'noopener' } : {}),
  };
}

/** Markup of what leads to a target: a link, a button, or a span where there is no target; `newWindow` says that it opens in one. */
export function leading(
  target: Target,
  { newWindow = null, ...attributes }: Attributes & { class: string; newWindow?: string | null },
  ...children: Node[]
): Element {
  const tag = target === null ? 'span' : target.as === 'drawer' ? 'button' : 'a';
  const { class: name, ...others } = attributes;
  const marks =
    newWindow !== null && target?.as === 'link' && el('span', { class: 'unseen' }, ` (${newWindow})`);
  return el(
    tag,
    { class: name, ...targetAttributes(target, newWindow !== null), ...others },
    ...children,
    marks,
  );
}
