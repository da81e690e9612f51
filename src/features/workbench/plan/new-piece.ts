import type { AssemblyKind } from '@/core/properties/assembly';
import { newPiece, type IdSource } from '@/core/site/defaults';
import type { Piece } from '@/core/site/assembly';
import type { Site } from '@/core/site/site';

/** How a new menu is shown, where a row would not be what one wants. */
const menuShownAs: Record<AssemblyKind, string | null> = {
  headers: null,
  drawers: 'column',
  footers: 'columns',
};

/** A piece as it is put in: a menu shows the site's first menu, in the form that suits the place. */
export function startPiece(site: Site, kind: string, into: AssemblyKind, ids: IdSource): Piece {
  if (kind !== 'menu') return newPiece(ids(), kind);
  const [menu] = Object.keys(site.menus);
  const shownAs = menuShownAs[into];
  return newPiece(ids(), kind, {
    ...(menu === undefined ? {} : { menu: { [site.bands[0]!.id]: menu } }),
    ...(shownAs === null ? {} : { shownAs: { [site.bands[0]!.id]: shownAs } }),
  });
}
