import { openDropDowns } from '@/core/fit/drop-down-places';
import { usually } from '@/core/fit/heights';
import { itemLabel } from '@/core/menus/entries';
import { pieceKind } from '@/core/pieces';
import type { AssemblyKind } from '@/core/properties/assembly-kind';
import { settleNames } from '@/core/render/names';
import type { Assembly } from '@/core/site/assembly';
import type { Site } from '@/core/site/site';
import type { Advances } from '@/core/text/advances';

/** A drop-down that can be shown open in the views: `PIECE ITEM`, and what its item is called. */
export interface DropDownChoice {
  value: string;
  label: string;
}

/** The drop-downs of an assembly: of each of its menus, the items of the first level with others below them. */
export function dropDownChoices(site: Site, kind: AssemblyKind, { pieces }: Assembly): DropDownChoice[] {
  if (kind === 'drawers') return [];
  return Object.values(pieces)
    .filter((piece) => pieceKind(piece.kind).hanging)
    .flatMap(({ id, values }) => {
      const menu = site.menus[(values.menu?.[site.bands[0]!.id] as string | undefined) ?? ''];
      return (menu?.top ?? [])
        .map((item) => menu!.items[item]!)
        .filter(({ children }) => children.length > 0)
        .map((item) => ({ value: `${id} ${item.id}`, label: itemLabel(site, item) }));
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
    ({ piece, entry }) => `${piece} ${entry}` === chosen,
  );
  return found ? `.${settleNames(site).get(found.piece)!} ${found.selector}` : null;
}
