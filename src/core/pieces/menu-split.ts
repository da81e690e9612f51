import { ICON_SIZE } from '../icons/icons';
import { TOGGLE_WIDTH } from './menu-css';
import { reservedWeight } from './menu-parts';
import type { MenuEntry, PieceContext, SettledPiece } from './piece';

/** The room for an entry's icon and badge beside its label, in CSS px, as its rules give it (menu-css.ts). */
function signsWidth({ icon, badge, description }: MenuEntry, badgeText: number, size: number): number {
  if (icon === null && badge === '' && description === '') return 0;
  const gaps = 2 * 0.5 * size;
  return gaps + (icon === null ? 0 : ICON_SIZE * size) + (badge === '' ? 0 : 0.75 * (badgeText + size));
}

/** The width of an entry of the first level in CSS px, without the gap to the next; null while its label was not measured. */
function entryWidth(piece: SettledPiece, entry: MenuEntry, context: PieceContext): number | null {
  const label = context.textWidth(piece, entry.label, reservedWeight(piece.values) ?? undefined);
  const badge = entry.badge === '' ? 0 : context.textWidth(piece, entry.badge);
  if (label === null || badge === null) return null;
  const toggle = entry.children.length > 0 ? TOGGLE_WIDTH : 0;
  const padding = 2 * (piece.values.itemPaddingInline as number);
  return label + padding + toggle + signsWidth(entry, badge, context.textSize(piece));
}

/** After how many entries a menu is split: half of them, or where both sides come nearest to the same width. */
export function splitAfter(
  piece: SettledPiece,
  entries: readonly MenuEntry[],
  context: PieceContext,
): number {
  const half = Math.ceil(entries.length / 2);
  if (piece.values.balancedBy !== 'width') return half;
  const widths = entries.map((entry) => entryWidth(piece, entry, context));
  if (widths.includes(null)) return half;
  const side = (from: number, to: number) =>
    (widths as number[]).slice(from, to).reduce((sum, width) => sum + width, 0) +
    Math.max(0, to - from - 1) * (piece.values.itemGap as number);
  const unevenness = (after: number) => Math.abs(side(0, after) - side(after, widths.length));
  return widths.reduce(
    (best: number, _, index) => (unevenness(index + 1) < unevenness(best) ? index + 1 : best),
    1,
  );
}
