import type { LogoVersion } from '@/core/brand/logo-versions';
import type { AssemblyKind } from '@/core/properties/assembly-kind';
import type { Id } from '@/core/ids/id';
import { newPiece, type IdSource } from '@/core/site/defaults';
import type { Piece } from '@/core/site/assembly';
import type { MenuItem } from '@/core/site/menu';
import type { Site } from '@/core/site/site';

/** How a new menu is shown, where a row would not be what one wants. */
const menuShownAs: Record<AssemblyKind, string | null> = {
  headers: null,
  drawers: 'column',
  footers: 'columns',
};

/** The full logo, and where there is a compact one, that in the narrowest band. */
function compactOnPhone(bands: Site['bands']): Record<string, LogoVersion> {
  const narrow = bands.length > 1 ? { [bands.at(-1)!.id]: 'compact' as const } : {};
  return { [bands[0]!.id]: 'full', ...narrow };
}

/** The first menu of a site that no link list shows yet; else the first. */
function nextMenu({ menus, headers, drawers, footers }: Site): Id | undefined {
  const pieces = [headers, drawers, footers].flatMap((all) =>
    Object.values(all).flatMap((assembly) => Object.values(assembly.pieces)),
  );
  const listed = new Set(pieces.filter(({ kind }) => kind === 'links').map(({ values }) => values.menu?.all));
  const ids = Object.keys(menus);
  return ids.find((id) => !listed.has(id)) ?? ids[0];
}

/** The first menu of a site of which every item has a sign. */
function signedMenu({ menus }: Site): Id | undefined {
  const isSet = (cells: Readonly<Record<string, unknown>> = {}) =>
    Object.values(cells).some((value) => value !== null);
  const hasSign = ({ values }: MenuItem) => isSet(values.icon) || isSet(values.picture);
  return Object.values(menus).find(
    ({ top, items }) => top.length > 0 && top.every((id) => hasSign(items[id]!)),
  )?.id;
}

/** Which menu a new list of links shows, by the kind of piece. */
const listedMenu: Readonly<Record<string, (site: Site) => Id | undefined>> = {
  links: nextMenu,
  social: signedMenu,
};

/** A piece as it is put in: a menu shows the site's first menu, a link list the next one, in the form that suits the place. */
export function startPiece(site: Site, kind: string, into: AssemblyKind, ids: IdSource): Piece {
  if (kind === 'logo') return newPiece(ids(), kind, { version: compactOnPhone(site.bands) });
  const listed = listedMenu[kind]?.(site);
  if (listed !== undefined) return newPiece(ids(), kind, { menu: { all: listed } });
  if (kind !== 'menu') return newPiece(ids(), kind);
  const [menu] = Object.keys(site.menus);
  const shownAs = menuShownAs[into];
  return newPiece(ids(), kind, {
    ...(menu === undefined ? {} : { menu: { [site.bands[0]!.id]: menu } }),
    ...(shownAs === null ? {} : { shownAs: { [site.bands[0]!.id]: shownAs } }),
  });
}
