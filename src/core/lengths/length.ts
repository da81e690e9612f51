/** Lengths as designers type them and as CSS reads them. Inside the document a length is a number of CSS px. */

export type LengthReading = { ok: true; px: number } | { ok: false; reason: string };

/** The reader's usual text size, in CSS px: what 1rem and, in media queries, 1em come to. */
export const ROOT_TEXT_PX = 16;

/** Reads `14`, `14px`, `0.875rem`, `2 steps` or a sum such as `2 steps + 4` as CSS px; `step` is the brand's spacing step in px. */
export function readLength(text: string, step: number): LengthReading {
  const inPx: Record<string, number> = { px: 1, rem: ROOT_TEXT_PX, step, steps: step };
  const term = /([+-]?)\s*(\d+(?:\.\d+)?|\.\d+)\s*(px|rem|steps?)?\s*/iy;
  const typed = text.trim();
  let sum = 0;
  for (let at = 0; at < typed.length || at === 0; at = term.lastIndex) {
    term.lastIndex = at;
    const match = term.exec(typed);
    if (!match || (at > 0 && match[1] === ''))
      return {
        ok: false,
        reason: `“${typed}” is not a length. Type px, rem or steps, such as 14, 14px, 0.875rem or 2 steps, or a sum of them.`,
      };
    const length = Number(match[2]) * inPx[match[3]?.toLowerCase() ?? 'px']!;
    sum += match[1] === '-' ? -length : length;
  }
  return { ok: true, px: sum };
}

/** At most four decimals, without trailing zeros. */
export function plainNumber(value: number): string {
  return String(Number(value.toFixed(4)));
}

/** A length that was worked out, as it is told: in tenths of a px. */
export const tenthsText = (length: number): string => plainNumber(Math.round(length * 10) / 10);

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
