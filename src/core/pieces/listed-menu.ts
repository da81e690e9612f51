import type { Id } from '../ids/id';
import { el, type Element, type Node } from '../markup/html';
import {
  pieceClass,
  type MenuEntry,
  type PieceContext,
  type PieceVersion,
  type SettledPiece,
  type VariantContext,
} from './piece';
import { inEachVariant } from './variants';

/** What of its values a piece says of the menu that it lists. */
interface Listing {
  menu: Id | null;
  landmark: string;
}

/** The variants of such a piece: the orders in which bands list the menu. */
export const orderVariant = ({ menu }: Listing, { menuOrder }: VariantContext): string | null =>
  menu === null ? null : menuOrder(menu);

/**
 * The markup of a piece that lists a menu, in each order that some band has: `make` gives the lists of entries, with a suffix that tells
 * apart the ids in them. `name` is said to readers where the piece says nothing and the menu is not named better. Null for no entries.
 */
export function listedMenuHtml<V extends Listing>(
  piece: SettledPiece<V>,
  context: PieceContext,
  versions: readonly PieceVersion<V>[],
  make: (entries: readonly MenuEntry[], suffix: string) => Node[],
  name = '',
): Element | null {
  const { menu, landmark } = piece.values;
  const shown = menu === null ? null : context.menu(menu, piece.band);
  if (menu === null || !shown || shown.entries.length === 0) return null;
  const lists = inEachVariant(versions, ({ band }, suffix) =>
    make(context.menu(menu, band)!.entries, suffix),
  );
  return el(
    'nav',
    { class: pieceClass(piece, context), 'aria-label': context.landmark(landmark || name || shown.name) },
    ...lists,
  );
}
