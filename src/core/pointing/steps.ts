import type { Id } from '../ids/id';
import type { Site } from '../site/site';
import type { Advances } from '../text/advances';
import { variantItems } from './items';
import { pointedKey, type Pointed } from './pointed';

/** Ways from one thing to another: to what it stands in, to the first that stands in it, to the one before it and behind it. */
export type Step = 'out' | 'in' | 'before' | 'behind';

/** What stands in something, in its order. */
function inside(site: Site, advances: Advances, pointed: Pointed): Pointed[] {
  const { at } = pointed;
  const assembly = site[at.in][at.assembly];
  if (!assembly) return [];
  if (pointed.on === 'assembly') return assembly.order.map((id) => ({ at, on: 'bar', id }));
  if (pointed.on === 'bar')
    return (assembly.bars[pointed.id]?.bays ?? []).map(({ id }) => ({ at, on: 'bay', bar: pointed.id, id }));
  if (pointed.on === 'bay') {
    const bay = assembly.bars[pointed.bar]?.bays.find(({ id }) => id === pointed.id);
    return (bay?.pieces ?? []).map((id) => ({ at, on: 'piece', id }));
  }
  const piece = pointed.on === 'piece' ? pointed.id : pointed.piece;
  const [shown] = variantItems(site, advances, at, piece);
  const menu = shown && site.menus[shown.menu];
  if (!menu) return [];
  const items = pointed.on === 'piece' ? menu.top : (menu.items[pointed.item]?.children ?? []);
  return items.map((item) => ({ at, on: 'item', piece, menu: menu.id, item }));
}

/** The item that another is below of; null for one of the first level. */
function itemAbove(site: Site, menu: Id, item: Id): Id | null {
  const above = Object.values(site.menus[menu]?.items ?? {}).find(({ children }) => children.includes(item));
  return above?.id ?? null;
}

/** What something stands in; null for an assembly. */
function around(site: Site, pointed: Pointed): Pointed | null {
  const { at } = pointed;
  const assembly = site[at.in][at.assembly];
  if (!assembly || pointed.on === 'assembly') return null;
  if (pointed.on === 'bar') return { at, on: 'assembly' };
  if (pointed.on === 'bay') return { at, on: 'bar', id: pointed.bar };
  if (pointed.on === 'item') {
    const above = itemAbove(site, pointed.menu, pointed.item);
    return above === null ? { at, on: 'piece', id: pointed.piece } : { ...pointed, item: above };
  }
  if (pointed.part !== undefined) return { at, on: 'piece', id: pointed.id };
  for (const bar of Object.values(assembly.bars)) {
    const bay = bar.bays.find(({ pieces }) => pieces.includes(pointed.id));
    if (bay) return { at, on: 'bay', bar: bar.id, id: bay.id };
  }
  return null;
}

/** Where a step leads from something; null where there is nothing. */
export function stepped(site: Site, advances: Advances, from: Pointed, step: Step): Pointed | null {
  if (step === 'out') return around(site, from);
  if (step === 'in') return inside(site, advances, from)[0] ?? null;
  const outer = around(site, from);
  if (outer === null) return null;
  const beside = inside(site, advances, outer);
  const at = beside.findIndex((each) => pointedKey(each) === pointedKey(from));
  return at === -1 ? null : (beside[step === 'before' ? at - 1 : at + 1] ?? null);
}
