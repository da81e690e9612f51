import type { Length } from '../lengths/formula';
import { valueAt } from '../lengths/piecewise';
import { entryWidth } from './menu-entry-width';
import type { RoomContext, RoomEntry } from './room';

/** After how many entries a menu is split: half of them, or where both sides come nearest to the same width where the band begins. */
export function splitAfter(
  values: Record<string, unknown>,
  entries: readonly RoomEntry[],
  context: RoomContext,
): number {
  const half = Math.ceil(entries.length / 2);
  if (values.balancedBy !== 'width') return half;
  const widths = entries.map((entry) => valueAt(entryWidth(values, entry, context), 0));
  if (!context.measured()) return half;
  const gap = context.length(values.itemGap as Length);
  const side = (from: number, to: number) =>
    widths.slice(from, to).reduce((sum, width) => sum + width, 0) +
    Math.max(0, to - from - 1) * valueAt(gap, 0);
  const unevenness = (after: number) => Math.abs(side(0, after) - side(after, widths.length));
  return widths.reduce(
    (best: number, _, index) => (unevenness(index + 1) < unevenness(best) ? index + 1 : best),
    1,
  );
}
