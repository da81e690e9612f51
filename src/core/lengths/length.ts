/** Lengths as designers type them and as CSS reads them. Inside the document a length is a number of CSS px. */

export type LengthReading = { ok: true; px: number } | { ok: false; reason: string };

/** The reader's usual text size, in CSS px: what 1rem and, in media queries, 1em come to. */
const ROOT_TEXT_PX = 16;

/** Reads `14`, `14px` or `0.875rem` as CSS px. */
export function readLength(text: string): LengthReading {
  const match = /^(-?\d+(?:\.\d+)?|-?\.\d+)\s*(px|rem)?$/i.exec(text.trim());
  if (!match)
    return {
      ok: false,
      reason: `“${text.trim()}” is not a length. Type px or rem, such as 14, 14px or 0.875rem.`,
    };
  const number = Number(match[1]);
  return { ok: true, px: match[2]?.toLowerCase() === 'rem' ? number * ROOT_TEXT_PX : number };
}

/** At most four decimals, without trailing zeros. */
export function plainNumber(value: number): string {
  return String(Number(value.toFixed(4)));
}

/** A length in CSS `px`; zero stands without a unit. */
export function px(length: number): string {
  return length === 0 ? '0' : `${plainNumber(length)}px`;
}

/** A length in CSS `rem`, for text that follows the reader's own size. */
export function rem(length: number): string {
  return length === 0 ? '0' : `${plainNumber(length / ROOT_TEXT_PX)}rem`;
}

/** A length in `em` of the reader's own text size, for media queries (Media Queries 5, 1.3 "Units"). */
export function mediaEm(length: number): string {
  return `${plainNumber(length / ROOT_TEXT_PX)}em`;
}
