import { openDropDowns } from '@/core/fit/drop-down-places';
import { usually } from '@/core/fit/heights';
import { itemLabel } from '@/core/menus/entries';
import { pieceKind } from '@/core/pieces';
import type { AssemblyKind } from '@/core/properties/assembly-kind';
import type { Id } from '@/core/ids/id';
import { settleNames } from '@/core/render/names';
import type { Assembly, Piece } from '@/core/site/assembly';
import type { MenuItem } from '@/core/site/menu';
import { pieceTitle } from '@/core/site/uses';
import type { Site } from '@/core/site/site';
import type { Advances } from '@/core/text/advances';

/** A drop-down that can be shown open in the views: `value` tells it from others; of an item of a menu, or of a piece as a whole. */
export interface DropDownChoice {
  value: string;
  piece: Id;
  entry: Id | null;
  label: string;
}

const valueOf = (piece: Id, entry: Id | null) => `${piece} ${entry}`;

/** The items of the first level with others below them, of the menus that a piece shows at some width. */
function droppingItems({ menus }: Site, { values }: Piece): MenuItem[] {
  const shown = new Set(Object.values(values.menu ?? {}) as Id[]);
  return [...shown].flatMap((id) => {
    const menu = menus[id];
    return (menu?.top ?? []).map((item) => menu!.items[item]!).filter(({ children }) => children.length > 0);
  });
}

/** All that may drop down in an assembly: from items of its menus, and from pieces that are a button with a drop-down at some width. */
export function dropDownChoices(site: Site, kind: AssemblyKind, { pieces }: Assembly): DropDownChoice[] {
  if (kind === 'drawers') return [];
  return Object.values(pieces)
    .filter((piece) => pieceKind(piece.kind).hanging)
    .flatMap((own): DropDownChoice[] => {
      const piece = own.id;
      const choice = (entry: Id | null, label: string) => ({
        value: valueOf(piece, entry),
        piece,
        entry,
        label,
      });
      return Object.values(own.values.form ?? {}).includes('drop')
        ? [choice(null, pieceTitle(site, own))]
        : droppingItems(site, own).map((item) => choice(item.id, itemLabel(site, item)));
    });
}

/** The selector of a drop-down on the page at a width of the viewport, in CSS px; null where it is not there. */
export function shownDropDown(
  site: Site,
  advances: Advances,
  { kind, assembly }: { kind: AssemblyKind; assembly: Assembly },
  width: number,
  chosen: string | null,
): string | null {
  if (chosen === null) return null;
  const found = openDropDowns(usually(site, advances), kind, assembly, { width, height: Infinity }).find(
    ({ piece, entry }) => valueOf(piece, entry) === chosen,
  );
  return found ? `.${settleNames(site).get(found.piece)!} ${found.selector}` : null;
}
