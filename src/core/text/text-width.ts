import type { FontFace } from '../brand/fonts';
import { bandChain, NARROWEST } from '../bands/band';
import { typeStyleProperties } from '../brand/type-style';
import type { Weight } from '../brand/weights';
import { lengthAt, type Length } from '../lengths/formula';
import type { SettledPiece } from '../pieces/piece';
import type { Id } from '../ids/id';
import { settledValues } from '../resolve/settled-values';
import type { TypeStyle } from '../site/brand';
import type { Site } from '../site/site';
import type { Advances } from './advances';
import { standInWeight } from '../brand/stand-ins';
import { standInSize } from './stand-in';
import { onOneLine, textExtent, type TextFace } from './text-extent';

/** How texts are set, with a size that may be fluid. */
export interface TextStyle extends TextFace {
  size: Length;
  /** In times of the size. */
  lineHeight: number;
}

/** How a text is set at one width of the viewport; its size is in CSS px. */
export interface TextSetting extends TextFace {
  size: number;
}

/** Type styles as they were settled, by band, as long as the bands are the same. */
const settledStyles = new WeakMap<TypeStyle, { bands: Site['bands']; byBand: Map<Id, TextStyle> }>();

/** A type style of the brand as a band has it. */
export function settledTypeStyle({ brand, bands }: Site, style: Id, band: Id): TextStyle {
  const own = brand.typeStyles[style]!;
  let kept = settledStyles.get(own);
  if (kept?.bands !== bands) {
    kept = { bands, byBand: new Map() };
    settledStyles.set(own, kept);
  }
  const found =
    kept.byBand.get(band) ??
    (settledValues(own.values, typeStyleProperties, bandChain(bands), band) as unknown as TextStyle);
  kept.byBand.set(band, found);
  return found;
}

/** How a piece's texts are set: in its type style, in its own size where it has one. */
export function pieceStyle(site: Site, { values, band }: { values: object; band: Id }): TextStyle {
  const { typeStyle, textSize } = values as { typeStyle: Id; textSize: Length | null };
  const settled = settledTypeStyle(site, typeStyle, band);
  return { ...settled, size: textSize ?? settled.size };
}

/** A style in another weight; in its own where none is given. */
export function inWeight<S extends FontFace>(style: S, weight: number | null | undefined): S {
  return weight === null || weight === undefined ? style : { ...style, weight: String(weight) as Weight };
}

/** How a piece's texts are set at a width of the viewport in CSS px; where its band begins, when none is given. */
export function pieceSetting(
  site: Site,
  piece: SettledPiece,
  { weight, at }: { weight?: number; at?: number } = {},
): TextSetting & { lineHeight: number } {
  const style = inWeight(pieceStyle(site, piece), weight);
  const { from } = site.bands.find((each) => each.id === piece.band)!;
  return { ...style, size: lengthAt(style.size, at ?? Math.max(from, NARROWEST)) };
}

/** At how many times its size what stands in for the family of a face sets texts; null as long as that is not known. */
export const standInSizeOf = (site: Site, advances: Advances, { family, weight }: TextFace): number | null =>
  standInSize(site, advances, family, standInWeight(weight));

/** The width of a text on one line, in CSS px; null as long as some of it was not measured. */
export function textWidth(
  site: Site,
  advances: Advances,
  setting: TextSetting,
  text: string,
  language: string,
): number | null {
  const extent = textExtent(site, advances, setting, onOneLine(text), language);
  if (extent === null) return null;
  const { em, standIn, spacing } = extent;
  const stood = standIn === 0 ? 0 : standInSizeOf(site, advances, setting);
  return stood === null ? null : (em + standIn * stood) * setting.size + spacing;
}
