import { bandChain } from '../bands/band';
import { standInFace, standInWeight } from '../brand/stand-ins';
import {
  constant,
  isFlat,
  less,
  times,
  total,
  valueAt,
  type Piecewise,
  type Span,
} from '../lengths/piecewise';
import { lengthOver, textLengthOver, type Length } from '../lengths/formula';
import { itemShown } from '../menus/band-order';
import { markedEntries, menuEntries } from '../menus/entries';
import type { MenuEntry, SettledPiece } from '../pieces/piece';
import type { Box, SetOtherwise, Steadiness } from '../boxes/box';
import type { PieceContent, RoomEntry } from '../pieces/content';
import { sameItems } from '../ids/same-items';
import type { Id } from '../ids/id';
import { languageName } from '../site/language';
import { mayEmbed, type Site } from '../site/site';
import { pageWords } from '../site/page-words';
import type { Advances } from '../text/advances';
import { standInSize, standInSizes } from '../text/stand-in';
import { fontMetrics } from '../text/font-metrics';
import { lineWidths, unbreakable } from '../text/line-breaks';
import {
  inWeight,
  onOneLine,
  pieceStyle,
  READERS_SPACING,
  setApart,
  settledTypeStyle,
  textExtent,
  type TextStyle,
} from '../text/text-width';

/** Under what circumstances something is measured. */
export interface Circumstances {
  site: Site;
  advances: Advances;
  /** The page on which it stands; null for none. */
  page: Id | null;
  language: string;
  /** The reader's own text size, in CSS px. */
  root: number;
  /** The width of the viewport at which fluid sizes of text are taken, in CSS px; where it is left out, they grow along. */
  sizedAt?: number;
  /** Whether the reader sets letters, words and lines apart, after media queries were answered. */
  setApart?: boolean;
  /** Whether texts are set in what stands in for the site's fonts until they have come. */
  inStandIn?: boolean;
}

/** What came about while rooms were asked for. */
export interface Tally {
  /** Whether all texts had been measured. */
  complete: boolean;
  /** Whether any text was asked for. */
  asked?: boolean;
  /** Whether letters grow with the viewport. */
  grows?: boolean;
}

/** A style as a part of a piece has it. */
export function styleOf(
  site: Site,
  piece: Pick<SettledPiece, 'band'>,
  ownStyle: TextStyle,
  { style, heading, weight, tabular }: SetOtherwise,
): TextStyle {
  const own = style ? settledTypeStyle(site, style, piece.band) : ownStyle;
  const { weight: headed, size, case: cased } = heading ? settledTypeStyle(site, heading, piece.band) : own;
  return inWeight(
    {
      ...own,
      weight: headed,
      size,
      case: cased,
      ...(tabular ? { features: 'tnum' as const } : {}),
    },
    weight,
  );
}

/** The entries of a menu as they take room, in the order of a band. */
function roomEntries({ site, page, language }: Circumstances, id: Id, band: Id): RoomEntry[] {
  const menu = site.menus[id];
  if (!menu) return [];
  const chain = bandChain(site.bands);
  const shown = (entry: MenuEntry) => itemShown(menu, entry.id, chain, band);
  const asRoom = (entry: MenuEntry): RoomEntry => ({
    ...entry,
    shown: shown(entry),
    children: entry.children.filter(shown).map(asRoom),
  });
  const target = () => null;
  const entries = menuEntries(site, menu, { language, band, target });
  return markedEntries(site, menu, entries, page, target).map(asRoom);
}

/** The style of a piece, settled when it is first asked for: not every piece has one. */
function pieceStyleOnce(site: Site, piece: ContentOf): () => TextStyle {
  let style: TextStyle | null = null;
  return () => (style ??= pieceStyle(site, piece));
}

/** What boxes are laid out at: whole 64ths of a px. */
const laidOut = (size: number) => Math.floor(size * 64) / 64;

/** What Chromium makes lines of text with: the 64th of a px that is nearest to their size. */
const nearest = (size: number) => Math.round(size * 64) / 64;

/** What letters are set at: Chromium keeps fonts by their size in whole hundredths of a px, below what was asked for. */
const keptSize = (size: number) => Math.floor(Math.fround(Math.fround(size) * 100)) / 100;
const setSize = (size: number) => laidOut(keptSize(size));

/**
 * The reach of a font in whole px: Chromium rounds both, and where that would cut what hangs below the line, it takes one px of what
 * stands above it.
 */
function asDrawn(ascent: number, descent: number): { ascent: number; descent: number } {
  const [above, below] = [Math.round(ascent), Math.round(descent)];
  return below < descent && above >= 1
    ? { ascent: above - 1, descent: below + 1 }
    : { ascent: above, descent: below };
}

/** Less than this is nothing but the rounding of sums. */
const ROUNDING = 1e-6;

/** The width of the line of a border as it is drawn, in whole px: a thinner one is one px (CSS Backgrounds 3, 3.3, "snap as a border width"). */
export function lineWidth(site: Site, border: Id | null): number {
  if (border === null) return 0;
  const { width } = site.brand.borders[border]!.value;
  return width > 0 && width < 1 ? 1 : Math.floor(width);
}

/** What measures are made of beside the widths of the viewport, by how they are asked for. */
const bases = new WeakMap<Box, Map<string, { madeOf: readonly unknown[]; basis: object }>>();

/** What texts are measured with beside their own style, language and size. */
export function madeOfTexts({ site, advances, inStandIn = false }: Circumstances): unknown[] {
  const { fonts, brand } = site;
  return [advances, fonts, brand.typeStyles, ...(inStandIn ? standInSizes(site, advances) : [])];
}

/** The same object as long as all that the boxes of a piece are measured with is the same, whatever the width of the viewport. */
export function basisOf(circumstances: Circumstances, own: Box): object {
  const { language, root, inStandIn = false, setApart = false } = circumstances;
  const madeOf = madeOfTexts(circumstances);
  const asked = `${language} ${root} ${inStandIn} ${setApart}`;
  const kept = bases.get(own) ?? new Map<string, { madeOf: readonly unknown[]; basis: object }>();
  bases.set(own, kept);
  const found = kept.get(asked);
  if (found && sameItems(found.madeOf, madeOf)) return found.basis;
  const basis = {};
  kept.set(asked, { madeOf, basis });
  return basis;
}

/** A piece, as far as that decides how its texts are set and what it shows. */
export type ContentOf = Pick<SettledPiece, 'id' | 'kind' | 'band'> & { values: object };

/** What a piece may ask about its boxes over a span of viewport widths within its band. */
export function pieceContent(
  circumstances: Circumstances,
  piece: ContentOf,
  span: Span,
  tally: Tally = { complete: true },
  steadiness?: Steadiness,
): PieceContent {
  const { site, advances, language, root, sizedAt, inStandIn, setApart: apart = false } = circumstances;
  const px = (length: number) => constant(length, span);
  /** A length that follows the reader's own text size. */
  const rem = (length: Length): Piecewise => {
    if (typeof length !== 'number') moves();
    return textLengthOver(length, span, root);
  };
  const own = pieceStyleOnce(site, piece);
  const sized = new Map<unknown, Piecewise>();
  /** The size of a style over the span; worked out once. */
  const sizeOf = ({ size }: TextStyle): Piecewise => {
    if (typeof size !== 'number') moves();
    const known = sized.get(size) ?? textLengthOver(size, span, root);
    sized.set(size, known);
    return known;
  };
  /** A size as a browser has it at a width, where it does not grow over the span or only one width is asked about. */
  const moves = () => {
    if (steadiness) steadiness.moved += 1;
  };
  const settled = (size: Piecewise, snap: (px: number) => number): Piecewise => {
    if (isFlat(size)) return px(snap(size.values[0]!));
    tally.grows = true;
    return sizedAt === undefined ? size : px(snap(valueAt(size, sizedAt)));
  };
  /** The size at which letters are set, at a scale of their style's. */
  const setOver = (style: TextStyle, scale: number) => settled(times(sizeOf(style), scale), setSize);
  const letters = (words: string, otherwise: SetOtherwise = {}): Piecewise => {
    tally.asked = true;
    const style = styleOf(site, piece, own(), otherwise);
    const adjust = inStandIn ? standInSize(site, advances, style.family, standInWeight(style.weight)) : 1;
    const extent = textExtent(site, advances, inStandIn ? standInFace(style) : style, words, language);
    if (extent === null || adjust === null) {
      tally.complete = false;
      moves();
      return px(0);
    }
    const { em, spacing } = apart ? setApart(extent, words) : extent;
    const line = times(setOver(style, adjust * (otherwise.scale ?? 1)), em);
    return spacing === 0 ? line : total(line, rem(spacing));
  };
  const length = (of: Length): Piecewise => {
    if (typeof of !== 'number') moves();
    const over = lengthOver(of, span);
    return isFlat(over) ? over : settled(over, laidOut);
  };
  const styled = (otherwise: SetOtherwise = {}) => styleOf(site, piece, own(), otherwise);
  const sizeIn = (otherwise: SetOtherwise = {}) => times(sizeOf(styled(otherwise)), otherwise.scale ?? 1);
  const text = (words: string, otherwise?: SetOtherwise) => letters(onOneLine(words), otherwise);
  /** A stretch of text up to the space at its end, which draws the letter before it nearer also where a line ends there. */
  const lineOf = (words: string, otherwise?: SetOtherwise) =>
    words.endsWith(' ')
      ? less(letters(words, otherwise), letters(' ', otherwise))
      : letters(words, otherwise);
  const font = (otherwise?: SetOtherwise) => {
    const style = styled(otherwise);
    const adjust = inStandIn ? standInSize(site, advances, style.family, standInWeight(style.weight)) : 1;
    const size = keptSize(valueAt(sizeIn(otherwise), span.from)) * (adjust ?? 1);
    const { ascent, descent } = fontMetrics(site, advances, inStandIn ? standInFace(style) : style, language);
    return asDrawn(ascent * size, descent * size);
  };
  return {
    ...(steadiness ? { steadiness } : {}),
    px,
    length,
    rem,
    em: (count, otherwise) => times(sizeIn(otherwise), count),
    text,
    widestWord(words, otherwise) {
      const widths = unbreakable(onOneLine(words)).map((word) => lineOf(`${word} `, otherwise));
      return widths.reduce((most, width) => (width.values[0]! > most.values[0]! ? width : most), px(0));
    },
    line(otherwise, lineHeight) {
      if (lineHeight === 'normal') {
        const { ascent, descent } = font(otherwise);
        return px(ascent + descent);
      }
      const size = settled(sizeIn(otherwise), nearest);
      const high = apart ? READERS_SPACING.lines : (lineHeight ?? styled(otherwise).lineHeight);
      const line = times(size, high);
      return isFlat(line) ? px(laidOut(line.values[0]!)) : line;
    },
    font,
    lines: (words, room, otherwise) =>
      lineWidths(onOneLine(words), room + ROUNDING, (line) => valueAt(lineOf(line, otherwise), span.from)),
    border: (border) => lineWidth(site, border),
    entries: (menu) => roomEntries(circumstances, menu, piece.band),
    artwork: (id) => site.artwork[id] ?? null,
    logo: (version) => site.brand.logo[version],
    measured: () => tally.complete,
    siteName: site.name,
    words: pageWords(site, language),
    embeds: (address) => mayEmbed(site, address),
    get languages() {
      return site.languages.map((tag) => ({ tag, name: languageName(tag), current: tag === language }));
    },
  };
}
