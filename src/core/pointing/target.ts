import { settleNames } from '../render/names';
import { statedParts } from '../pieces/stated-parts';
import type { Site } from '../site/site';
import type { Advances } from '../text/advances';
import { variantItems } from './items';
import type { Pointed } from './pointed';

/** Where something is found on a page: what the selector names, and of items the ways to them in it, of which the one counts that is seen. */
export interface Target {
  selector: string;
  items: readonly { within: string | null; way: readonly number[] }[] | null;
}

/** Where something stands on the pages; null where it is gone. */
export function targetOf(site: Site, advances: Advances, pointed: Pointed): Target | null {
  const { at } = pointed;
  const assembly = site[at.in][at.assembly];
  if (!assembly) return null;
  const names = settleNames(site);
  const plain = (thing: string, more = ''): Target | null => {
    const name = names.get(thing);
    return name === undefined ? null : { selector: `.${name}${more}`, items: null };
  };
  if (pointed.on === 'assembly') return plain(assembly.id);
  if (pointed.on === 'bar') return plain(pointed.id);
  if (pointed.on === 'bay') {
    const nth = assembly.bars[pointed.bar]?.bays.findIndex(({ id }) => id === pointed.id) ?? -1;
    return nth === -1 ? null : plain(pointed.bar, ` > .bays > .bay-${nth + 1}`);
  }
  if (pointed.on === 'piece') {
    const piece = assembly.pieces[pointed.id];
    const part = piece && statedParts(piece.kind).find(({ prefix }) => prefix === pointed.part);
    return plain(pointed.id, part?.selector('rest').slice('&'.length));
  }
  const piece = plain(pointed.piece);
  const items = variantItems(site, advances, at, pointed.piece).flatMap(({ within, menu, ways }) =>
    menu === pointed.menu
      ? ways.filter(({ item }) => item === pointed.item).map(({ way }) => ({ within, way }))
      : [],
  );
  return piece && items.length > 0 ? { ...piece, items } : null;
}
