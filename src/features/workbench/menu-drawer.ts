import type { Edit } from '@/core/edit';
import type { AssemblyPlace } from '@/core/edit/place';
import { EVERYWHERE } from '@/core/bands/follow';
import { newAssembly, newPiece, type IdSource } from '@/core/site/defaults';
import type { Piece } from '@/core/site/assembly';
import type { Site } from '@/core/site/site';

/** The edits that make a drawer with this menu in it as a column, and let the menu's button open it. */
export function makeDrawerFor(site: Site, at: AssemblyPlace, piece: Piece, ids: IdSource): Edit[] {
  const widest = site.bands[0]!.id;
  const menu = (piece.values.menu?.[widest] as string | null | undefined) ?? null;
  const name = menu !== null ? `${site.menus[menu]!.name} drawer` : 'Menu drawer';
  const drawer = newAssembly('drawers', name, widest, ids);
  const inside = newPiece(ids(), 'menu', { menu: { [widest]: menu }, shownAs: { [widest]: 'column' } });
  drawer.pieces[inside.id] = inside;
  drawer.bars[drawer.order.at(-1)!]!.bays[0]!.pieces.push(inside.id);
  return [
    { edit: 'addAssembly', in: 'drawers', assembly: drawer },
    {
      edit: 'setValue',
      place: { on: 'piece', ...at, piece: piece.id },
      property: 'opens',
      cell: EVERYWHERE,
      value: drawer.id,
    },
  ];
}

/**
 * What has to happen besides, when a menu is shown as a menu button: a button that opens nothing helps nobody, so it
 * opens the site's first drawer, or one made for it.
 */
export function drawerForButton(site: Site, at: AssemblyPlace, piece: Piece, ids: IdSource): Edit[] {
  if (piece.values.opens?.[EVERYWHERE]) return [];
  const [first] = Object.keys(site.drawers);
  if (first === undefined) return makeDrawerFor(site, at, piece, ids);
  return [
    {
      edit: 'setValue',
      place: { on: 'piece', ...at, piece: piece.id },
      property: 'opens',
      cell: EVERYWHERE,
      value: first,
    },
  ];
}
