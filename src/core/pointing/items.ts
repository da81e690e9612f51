import type { Id } from '../ids/id';
import { menuEntries } from '../menus/entries';
import { pieceKind, pieceKinds } from '../pieces';
import type { ItemWay, SettledPiece } from '../pieces/piece';
import { variantsOf } from '../pieces/variants';
import { piecesPerStage } from '../render/page/stages';
import type { Site } from '../site/site';
import type { Advances } from '../text/advances';
import type { AssemblyPlace } from '../edit/place';

/** The selector of all elements that are items of menus, whatever the kind of their piece. */
export const itemSelector = pieceKinds.flatMap(({ items }) => items?.selector ?? []).join(', ');

/** The selector of the elements through which items are counted: pieces that show a menu, and their variants. */
export const itemHolders = [
  ...pieceKinds.filter(({ items }) => items).map(({ kind }) => `.${kind}`),
  '[class^="for-"]',
].join(', ');

/** The items of a piece as one of its variants has them in the markup. */
export interface VariantItems {
  /** The class of the element that holds them; null where the piece itself does. */
  within: string | null;
  menu: Id;
  ways: readonly ItemWay[];
}

const known = new WeakMap<SettledPiece, { site: Site; ways: readonly ItemWay[] }>();

function waysOf(site: Site, piece: SettledPiece, menu: Id): readonly ItemWay[] {
  const kept = known.get(piece);
  if (kept?.site === site) return kept.ways;
  const entries = menuEntries(site, site.menus[menu]!, { band: piece.band, target: () => null });
  const ways = pieceKind(piece.kind).items!.ways(piece.values, entries);
  known.set(piece, { site, ways });
  return ways;
}

/** The items that a piece shows, in each variant of its markup; none for a piece without a menu. */
export function variantItems(
  site: Site,
  advances: Advances,
  at: AssemblyPlace,
  piece: Id,
): readonly VariantItems[] {
  const assembly = site[at.in][at.assembly];
  const kind = assembly?.pieces[piece]?.kind;
  if (!assembly || kind === undefined || !pieceKind(kind).items) return [];
  const versions = piecesPerStage({ site, advances }, at.in, assembly).map((pieces) =>
    pieces.find(({ id }) => id === piece)!,
  );
  const variants = variantsOf(versions);
  return variants.flatMap(({ settled, name }) => {
    const menu = settled.values.menu as Id | null;
    if (menu === null || !site.menus[menu]) return [];
    return [
      { within: variants.length === 1 ? null : `for-${name}`, menu, ways: waysOf(site, settled, menu) },
    ];
  });
}
