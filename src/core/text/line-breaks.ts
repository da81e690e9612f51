import LineBreaker from 'linebreak';

/** Printable characters of ASCII other than the space. */
const plain = /[!-~]/;

/** Between which two of those Chromium breaks a line inside a word, whatever the algorithm says: only what may end one is listed. */
const plainBreaks: readonly (readonly [before: RegExp, after: RegExp])[] = [
  [/[!"#%&)*+,.:;=>\\\]|}~]/, /[(<[{]/],
  [/-/, /[^!$),./:;?\]}]/],
  [/\?/, /[^!"'),./:;?\]}]/],
];

/** Whether a line may end between two printable characters of ASCII; a hyphen before a digit is a sign unless it stands in a word. */
function breaksPlain(text: string, at: number): boolean {
  const [before, after] = [text[at - 1]!, text[at]!];
  if (before === '-' && /\d/.test(after) && !/[A-Za-z0-9]/.test(text[at - 2] ?? '')) return false;
  return plainBreaks.some(([ends, begins]) => ends.test(before) && begins.test(after));
}

/** The breaks of the algorithm as Chromium has them: behind spaces always, between characters of ASCII by a table of its own. */
function asBrowsers(text: string, breaks: ReadonlySet<number>): Set<number> {
  const own = new Set(breaks);
  for (let at = 1; at < text.length; at += 1) {
    const [before, after] = [text[at - 1]!, text[at]!];
    if (before === ' ' && after !== ' ') own.add(at);
    if (!plain.test(before) || !plain.test(after)) continue;
    if (breaksPlain(text, at)) own.add(at);
    else own.delete(at);
  }
  return own;
}

/**
 * A text in the stretches that no line is broken in, each with the spaces behind it, which hang beyond a line (Unicode Line Breaking
 * Algorithm, UAX 14, as browsers have it; CSS Text 3, 4.1.3).
 */
export function stretches(text: string): string[] {
  const breaker = new LineBreaker(text);
  const ends = new Set<number>();
  for (let next = breaker.nextBreak(); next !== null; next = breaker.nextBreak()) ends.add(next.position);
  let from = 0;
  return [...asBrowsers(text, ends)]
    .sort((a, b) => a - b)
    .map((to) => {
      const stretch = text.slice(from, to);
      from = to;
      return stretch;
    });
}

/** Where a word may be broken, with a hyphen that is seen there alone (CSS Text 3, 5.4.1). */
const SOFT_HYPHEN = '\u00ad';
/** What is drawn at such a break: fonts that have another sign for it have it as wide. */
export const HYPHEN = '-';

/** Whether a hyphen is drawn where a line of a text ends behind a stretch of it. */
export const isHyphenated = (stretch: string, isLast: boolean): boolean =>
  !isLast && stretch.endsWith(SOFT_HYPHEN);

/** How wide lines are, with the spaces behind them, which hang; in CSS px. */
export interface LineMeasures {
  /** As far as there is to be room for one. */
  widthOf(line: string): number;
  /** As one is drawn. */
  drawnAs(line: string): number;
  /** The hyphen at the end of one. */
  hyphen(): number;
}

/** The widths of the lines that a text is broken into: each as long as there is room for it, and at least one stretch. */
export function lineWidths(text: string, room: number, { widthOf, drawnAs, hyphen }: LineMeasures): number[] {
  const all = stretches(text);
  const widths: number[] = [];
  let from = 0;
  while (from < all.length) {
    let tried = '';
    let line = '';
    let end = from;
    for (let next = from; next < all.length; next += 1) {
      tried += all[next]!;
      const bare = widthOf(tried);
      if (next > from && bare > room) break;
      const hyphenated = isHyphenated(tried, next === all.length - 1);
      // A hyphen may be wider than what is left, and what follows may not be.
      if (next > from && hyphenated && bare + hyphen() > room) continue;
      line = tried;
      end = next + 1;
    }
    widths.push(drawnAs(line) + (isHyphenated(line, end === all.length) ? hyphen() : 0));
    from = end;
  }
  return widths;
}
