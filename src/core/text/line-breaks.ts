import LineBreaker from 'linebreak';

/**
 * The stretches of a text that no line is broken in (Unicode Line Breaking Algorithm, UAX 14), without the spaces at their ends,
 * which hang beyond a line (CSS Text 3, 4.1.3).
 */
export function unbreakable(text: string): string[] {
  const breaker = new LineBreaker(text);
  const stretches: string[] = [];
  let from = 0;
  for (let next = breaker.nextBreak(); next !== null; next = breaker.nextBreak()) {
    stretches.push(text.slice(from, next.position).replace(/[ \t\n]+$/, ''));
    from = next.position;
  }
  return stretches.filter((stretch) => stretch !== '');
}
