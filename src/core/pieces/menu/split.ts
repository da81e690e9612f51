/**
 * After how many things a row is split so that both sides come nearest to the same width; widths and the gap between things are in
 * CSS px.
 */
export function balancedSplit(widths: readonly number[], gap: number): number {
  const side = (from: number, to: number) =>
    widths.slice(from, to).reduce((sum, width) => sum + width, 0) + Math.max(0, to - from - 1) * gap;
  const unevenness = (after: number) => Math.abs(side(0, after) - side(after, widths.length));
  return widths.reduce(
    (best: number, _, index) => (unevenness(index + 1) < unevenness(best) ? index + 1 : best),
    1,
  );
}
