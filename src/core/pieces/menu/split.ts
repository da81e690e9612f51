import { widthsOf } from '../../boxes/widths';
import { valueAt } from '../../lengths/piecewise';
import type { PieceContent, RoomEntry } from '../content';
import { entryBox } from './entry-boxes';
import { menuLayouts } from './layouts';
import { countsOf } from './leaving';
import type { MenuValues } from './properties';

/** The list before the logo that a menu draws. */
export const FIRST_HALF = '.menu-list:has(+ .menu-logo)';

/**
 * After how many things a row is split so that both sides come nearest to the same width; widths and the gap between things are in
 * CSS px.
 */
function balancedSplit(widths: readonly number[], gap: number): number {
  const side = (from: number, to: number) =>
    widths.slice(from, to).reduce((sum, width) => sum + width, 0) + Math.max(0, to - from - 1) * gap;
  const unevenness = (after: number) => Math.abs(side(0, after) - side(after, widths.length));
  return widths.reduce(
    (best: number, _, index) => (unevenness(index + 1) < unevenness(best) ? index + 1 : best),
    1,
  );
}

/** After how many entries a menu is split: as was said, half of them, or where both sides come nearest to the same width where the band begins. */
export function splitAfter(values: MenuValues, entries: readonly RoomEntry[], content: PieceContent): number {
  if (values.splitAfter !== null) return values.splitAfter;
  const half = Math.ceil(entries.length / 2);
  if (values.balancedBy !== 'width') return half;
  const inRow = { ...values, shownAs: 'row', turned: false } as const;
  const making = { values: inRow, content, laid: menuLayouts(inRow, countsOf(entries)) };
  const widths = entries.map((entry) => valueAt(widthsOf(entryBox(making, entry, 0), content).preferred, 0));
  return content.measured() ? balancedSplit(widths, valueAt(content.length(values.itemGap), 0)) : half;
}
