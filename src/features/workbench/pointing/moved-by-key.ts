import type { Edit } from '@/core/edit';
import type { AssemblyPlace } from '@/core/edit/place';
import { placeName } from '@/core/edit/place-name';
import type { Id } from '@/core/ids/id';
import { itemLabel } from '@/core/menus/entries';
import type { Pointed } from '@/core/pointing/pointed';
import type { Assembly } from '@/core/site/assembly';
import type { Site } from '@/core/site/site';
import { movedSpot, type Direction } from '../plan/move';

/** What moves something, and where it stands then, in words. */
interface MovedByKey {
  edit: Edit;
  said: string;
}

/** The place of one among others after a step; null where there are no more that way. */
function steppedIn(order: readonly Id[], id: Id, step: 1 | -1): number | null {
  const to = order.indexOf(id) + step;
  return to < 0 || to >= order.length ? null : to;
}

const placed = (name: string, index: number, of: number) => `${name}: place ${index + 1} of ${of}`;

function movedBar(at: AssemblyPlace, { order, bars }: Assembly, bar: Id, step: 1 | -1): MovedByKey | null {
  const index = steppedIn(order, bar, step);
  if (index === null) return null;
  return { edit: { edit: 'moveBar', at, bar, index }, said: placed(bars[bar]!.name, index, order.length) };
}

/** An item moves among those beside it, in all bands that have no order of their own. */
function movedItem(site: Site, menuId: Id, item: Id, step: 1 | -1): MovedByKey | null {
  const menu = site.menus[menuId];
  if (!menu?.items[item]) return null;
  const holder = Object.values(menu.items).find(({ children }) => children.includes(item)) ?? null;
  const order = holder?.children ?? menu.top;
  const index = steppedIn(order, item, step);
  if (index === null) return null;
  const before = step < 0 ? order[index]! : (order[index + 1] ?? null);
  return {
    edit: { edit: 'moveItems', menu: menuId, items: [item], parent: holder?.id ?? null, before },
    said: placed(itemLabel(site, menu.items[item]), index, order.length),
  };
}

/** What a key in a direction moves of what is selected: a piece through bays, a bar among bars, an item among items; null where nothing lies that way. */
export function movedByKey(
  site: Site,
  at: AssemblyPlace,
  assembly: Assembly,
  pointed: Pointed,
  direction: Direction,
): MovedByKey | null {
  const step = direction === 'left' || direction === 'up' ? -1 : 1;
  if (pointed.on === 'bar') return movedBar(at, assembly, pointed.id, step);
  if (pointed.on === 'item') return movedItem(site, pointed.menu, pointed.item, step);
  if (pointed.on !== 'piece') return null;
  const spot = movedSpot(assembly, pointed.id, direction);
  return (
    spot && {
      edit: { edit: 'movePiece', at, piece: pointed.id, spot },
      said: placeName(site, { on: 'bay', ...at, ...spot }),
    }
  );
}
