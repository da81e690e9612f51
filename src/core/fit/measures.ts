import type { Measures, Measuring, SetOtherwise, Steadiness } from '../boxes/box';
import { standInFace } from '../brand/stand-ins';
import { lengthOver, textLengthOver, type Length } from '../lengths/formula';
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
import type { SettledPiece } from '../pieces/piece';
import type { Site } from '../site/site';
import { usualMetrics } from '../text/advances';
import { fontMetrics } from '../text/font-metrics';
import { HYPHEN, isHyphenated, lineWidths, stretches } from '../text/line-breaks';
import { onOneLine, READERS_SPACING, setApart, textExtent } from '../text/text-extent';
import { inWeight, pieceStyle, settledTypeStyle, standInSizeOf, type TextStyle } from '../text/text-width';
import { basisOf, type Circumstances, type Tally } from './circumstances';

/** A style as a part of a piece has it. */
export function styleOf(
  site: Site,
  piece: Pick<SettledPiece, 'band'>,
  ownStyle: TextStyle,
  { style, heading, weight, tabular }: SetOtherwise,
): TextStyle {
  const own = style ? settledTypeStyle(site, style, piece.band) : ownStyle;
  if (!heading && !tabular) return inWeight(own, weight);
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

/** A piece, as far as that decides how its texts are set and what it shows. */
export type ContentOf = Pick<SettledPiece, 'id' | 'kind' | 'band'> &
  Partial<Pick<SettledPiece, 'opensBranch'>> & { values: object };

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

/** By how much less room than it takes a line still has room, in CSS px: browsers give what is as wide as its text the next 64th. */
const UP_TO_64TH = 1 / 64;

/** What a piece's boxes are measured with over a span of viewport widths within its band. */
export function pieceMeasures(
  circumstances: Circumstances,
  piece: ContentOf,
  span: Span,
  tally: Tally = { complete: true },
  steadiness?: Steadiness,
): Measures {
  const { site, advances, language, root, sizedAt, inStandIn, setApart: apart = false } = circumstances;
  const none = constant(0, span);
  const px = (length: number) => (length === 0 ? none : constant(length, span));
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
  /** Something was not measured yet. */
  const missing = () => {
    tally.complete = false;
    moves();
  };
  const settled = (size: Piecewise, snap: (px: number) => number): Piecewise => {
    if (isFlat(size)) return px(snap(size.values[0]!));
    tally.grows = true;
    return sizedAt === undefined ? size : px(snap(valueAt(size, sizedAt)));
  };
  /** The size at which letters are set, at a scale of their style's. */
  const setOver = (style: TextStyle, scale: number) => settled(times(sizeOf(style), scale), setSize);
  const styled = (otherwise: SetOtherwise = {}) => styleOf(site, piece, own(), otherwise);
  /** Letters beside each other with what sets them apart, or without. */
  const lettersOver = (words: string, otherwise: SetOtherwise = {}, spaced = true): Piecewise => {
    tally.asked = true;
    const style = styled(otherwise);
    const face = inStandIn ? standInFace(style) : style;
    const extent = textExtent(site, advances, face, words, language);
    const stood = inStandIn || extent?.standIn ? standInSizeOf(site, advances, style) : 1;
    if (extent === null || stood === null) {
      missing();
      return px(0);
    }
    const { em, standIn, spacing } = apart && spaced ? setApart(extent, words) : extent;
    const scale = otherwise.scale ?? 1;
    const ofFamily = times(setOver(style, inStandIn ? stood * scale : scale), em);
    const line = standIn === 0 ? ofFamily : total(ofFamily, times(setOver(style, stood * scale), standIn));
    return spacing === 0 || !spaced ? line : total(line, rem(spacing));
  };
  const letters = (words: string, otherwise?: SetOtherwise) => lettersOver(words, otherwise);
  const length = (of: Length): Piecewise => {
    if (of === 0) return none;
    if (typeof of !== 'number') moves();
    const over = lengthOver(of, span);
    return isFlat(over) ? over : settled(over, laidOut);
  };
  const sizeIn = (otherwise: SetOtherwise = {}) => times(sizeOf(styled(otherwise)), otherwise.scale ?? 1);
  const text = (words: string, otherwise?: SetOtherwise) => letters(onOneLine(words), otherwise);
  /** A stretch of text up to the space at its end, which draws the letter before it nearer also where a line ends there. */
  const lineOf = (words: string, otherwise?: SetOtherwise) =>
    words.endsWith(' ')
      ? less(letters(words, otherwise), letters(' ', otherwise))
      : letters(words, otherwise);
  /** What is drawn where a word is broken stands right beside it. */
  const hyphen = (otherwise?: SetOtherwise) => lettersOver(HYPHEN, otherwise, false);
  /** What a font leaves between its lines is rounded by itself. */
  const reach = (otherwise?: SetOtherwise) => {
    const style = styled(otherwise);
    const adjust = inStandIn ? standInSizeOf(site, advances, style) : 1;
    const size = keptSize(valueAt(sizeIn(otherwise), span.from) * (adjust ?? 1));
    const face = inStandIn ? standInFace(style) : style;
    const measured = fontMetrics(site, advances, face, language);
    if (measured === null) missing();
    const { ascent, descent, gap } = measured ?? usualMetrics;
    return { ...asDrawn(ascent * size, descent * size), gap: Math.round(gap * size) };
  };
  return {
    steadiness,
    px,
    length,
    rem,
    em: (count, otherwise) => times(sizeIn(otherwise), count),
    text,
    widestWord(words, otherwise) {
      const widths = stretches(onOneLine(words)).map((word, index, { length }) =>
        isHyphenated(word, index === length - 1)
          ? total(lineOf(word, otherwise), hyphen(otherwise))
          : lineOf(word, otherwise),
      );
      return widths.reduce((most, width) => (width.values[0]! > most.values[0]! ? width : most), px(0));
    },
    line(otherwise, lineHeight) {
      if (lineHeight === 'normal') {
        const { ascent, descent, gap } = reach(otherwise);
        return px(ascent + descent + gap);
      }
      const size = settled(sizeIn(otherwise), nearest);
      const high = apart ? READERS_SPACING.lines : (lineHeight ?? styled(otherwise).lineHeight);
      // Chromium keeps it as a percentage.
      const percent = Math.fround(high * 100);
      return isFlat(size) ? px(laidOut((size.values[0]! * percent) / 100)) : times(size, high);
    },
    font: reach,
    lines: (words, room, { type, endsExactly }) =>
      lineWidths(onOneLine(words), room + UP_TO_64TH, {
        widthOf: (line) => valueAt(lineOf(line, type), span.from),
        drawnAs: (line) => valueAt(endsExactly ? text(line, type) : lineOf(line, type), span.from),
        hyphen: () => valueAt(hyphen(type), span.from),
      }),
  };
}

/** What a piece's boxes are measured with, made when something of them is asked for that is not known from another width. */
export function pieceMeasuring(
  circumstances: Circumstances,
  piece: SettledPiece,
  span: Span,
  tally: Tally,
): Measuring {
  const steadiness = { basis: basisOf(circumstances, piece), moved: 0 };
  let made: Measures | null = null;
  return {
    steadiness,
    px: (length) => constant(length, span),
    all: () => (made ??= pieceMeasures(circumstances, piece, span, tally, steadiness)),
  };
}
