import { itemLabel } from '@/core/menus/entries';
import { belowPart, itemPart } from '@/core/pieces/menu/parts';
import type { SettledPiece } from '@/core/pieces/piece';
import type { StatedPart } from '@/core/properties/states';
import type { StatedValues } from '@/core/resolve/settled-values';
import type { Site } from '@/core/site/site';

/** The texts of a part of a piece, which its states may make wider. */
export function labelsOf(site: Site, { kind, values }: SettledPiece, part: StatedPart): string[] {
  const menu = site.menus[String(values.menu)];
  if (part !== itemPart && part !== belowPart) return kind === 'button' ? [String(values.label)] : [];
  if (!menu) return [];
  const items = menu.top.map((id) => menu.items[id]!);
  const below = items.flatMap(({ children }) => children.map((id) => menu.items[id]!));
  return (part === itemPart ? items : below).map((item) => itemLabel(site, item));
}

/** Whether a part keeps room for its widest state: items do, also for rest where it has a weight of its own. */
export function keepsRoom({ values }: SettledPiece, part: StatedPart, by: number): boolean {
  if (part !== itemPart && part !== belowPart) return false;
  return by > 0 || typeof (values[`${part.prefix}Weight`] as StatedValues).rest === 'number';
}
