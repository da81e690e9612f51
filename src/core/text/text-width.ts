import type { FontFace } from '../brand/fonts';
import { bandChain, NARROWEST } from '../bands/band';
import { typeStyleProperties } from '../brand/type-style';
import type { Weight } from '../brand/weights';
import { lengthAt, type Length } from '../lengths/fluid';
import type { SettledPiece } from '../pieces/piece';
import type { Id } from '../properties/id';
import { settledValues } from '../resolve/settled-values';
import type { Site } from '../site/site';
import type { Advances } from './advances';
import { textRuns } from './font-source';

/** How a text is set, at one width of the viewport. */
export interface TextSetting extends FontFace {
  family: Id;
  /** In CSS px. */
  size: number;
  /** In CSS px, added after every character (CSS Text 3, 8.2). */
  letterSpacing: number;
  case: 'none' | 'uppercase' | 'lowercase';
}

/** What else decides how a piece's texts are set. */
interface At {
  /** A weight in place of that of the style. */
  weight?: number;
  /** The width of the viewport in CSS px; where the piece's band begins, when it is left out. */
  at?: number;
}

/** How a piece's texts are set: in its type style, in its own size where it has one. */
export function pieceSetting(
  site: Site,
  { values, band }: SettledPiece,
  { weight, at }: At = {},
): TextSetting & { lineHeight: number } {
  const style = site.brand.typeStyles[values.typeStyle as Id]!;
  const settled = settledValues(style.values, typeStyleProperties, bandChain(site.bands), band);
  const size = (values.textSize ?? settled.size) as Length;
  const { from } = site.bands.find((each) => each.id === band)!;
  const heavier = weight === undefined ? {} : { weight: String(weight) as Weight };
  return {
    ...(settled as unknown as TextSetting & { lineHeight: number }),
    ...heavier,
    size: lengthAt(size, at ?? Math.max(from, NARROWEST)),
  };
}

/** A text as it is shown in a case (CSS Text 3, 2.1 "text-transform"). */
export function cased(text: string, as: TextSetting['case'], language: string): string {
  if (as === 'uppercase') return text.toLocaleUpperCase(language);
  return as === 'lowercase' ? text.toLocaleLowerCase(language) : text;
}

/** The width of a text on one line, in CSS px; null as long as some of it was not measured. */
export function textWidth(
  site: Site,
  advances: Advances,
  setting: TextSetting,
  text: string,
  language: string,
): number | null {
  const shown = cased(text, setting.case, language);
  let width = [...shown].length * setting.letterSpacing;
  let known = true;
  // All of it is asked for, so that what is missing can be measured at once.
  for (const run of textRuns(site, setting.family, setting, shown)) {
    const advance = advances.of(run.source, run.text);
    if (advance === null) known = false;
    else width += advance * setting.size;
  }
  return known ? width : null;
}
