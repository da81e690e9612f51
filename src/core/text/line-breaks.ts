import LineBreaker from 'linebreak';

/** Printable characters of ASCII other than the space. */
const plain = /[!-~]/;

/**
 * Where browsers differ from the algorithm between two ASCII characters, as Chromium has it: no line ends behind `/`, `|` or `!`
 * inside a word, one may end behind a hyphen before a digit in what is no number with a sign, and one may begin with `/`.
 */
function asBrowsers(text: string, breaks: ReadonlySet<number>): Set<number> {
  const own = new Set(breaks);
  for (let at = 1; at < text.length; at += 1) {
    const [before, after] = [text[at - 1]!, text[at]!];
    if (/[/|!]/.test(before) && plain.test(after)) own.delete(at);
    if (before === '-' && /\d/.test(after) && /[A-Za-z0-9]/.test(text[at - 2] ?? '')) own.add(at);
    if (before === ' ' && after === '/') own.add(at);
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

/** The widths of the lines that a text is broken into: each as long as there is room for it, and at least one stretch; `widthOf` measures one with the spaces behind it, which hang. */
export function lineWidths(text: string, room: number, widthOf: (line: string) => number): number[] {
  const widths: number[] = [];
  let line = '';
  let width = 0;
  for (const stretch of stretches(text)) {
    const longer = widthOf(line + stretch);
    if (line !== '' && longer > room) {
      widths.push(width);
      line = stretch;
      width = widthOf(stretch);
    } else {
      line += stretch;
      width = longer;
    }
  }
  return line === '' ? widths : [...widths, width];
}
