import { current, isDraft } from 'mutative';
import * as v from 'valibot';
import { targetLabel } from '../menus/entries';
import { idSchema, own, type Id } from '../ids/id';
import { linkSchema } from '../properties/link';
import { languageSchema } from '../site/language';
import { labelSchema, menuItemSchema, menuSchema, type Menu, type MenuItem } from '../site/menu';
import { nameSchema } from '../site/name';
import type { Site } from '../site/site';
import { usesOf } from '../site/uses';
import { editKind, type Refusal } from './edit-kind';
import { setReferences } from './references';

const gone = 'This menu is no longer there.';
const itemGone = (menu: Menu) => `The item is no longer in the menu “${menu.name}”.`;

const idsSchema = v.pipe(v.array(idSchema), v.minLength(1), v.maxLength(2000));

/** A place among the children of an item, or for null among the top items: before another item, or for null at the end. */
const itemSpot = { parent: v.nullable(idSchema), before: v.nullable(idSchema) };

/** The order below an item, or for null at the top. */
function orderBelow(menu: Menu, parent: Id | null): Id[] | undefined {
  return parent === null ? menu.top : own(menu.items, parent)?.children;
}

/** The item that each item stands below; null for the top ones. */
function parents(draft: Menu): Map<Id, Id | null> {
  // Looking at every item of a draft would make a draft of each.
  const menu = isDraft(draft) ? current(draft) : draft;
  return new Map([
    ...menu.top.map((id) => [id, null] as const),
    ...Object.values(menu.items).flatMap((item) => item.children.map((child) => [child, item.id] as const)),
  ]);
}

/** Takes items out of an order, and out of the orders that bands have of their own. */
function takeOut(menu: Menu, parent: Id | null, ids: ReadonlySet<Id>): void {
  const kept = (order: readonly Id[]) => order.filter((id) => !ids.has(id));
  const holder = parent === null ? menu : menu.items[parent]!;
  const cells = holder.values.order as Record<string, Id[] | null> | undefined;
  if (parent === null) menu.top = kept(menu.top);
  else menu.items[parent]!.children = kept(menu.items[parent]!.children);
  if (!cells) return;
  const own = Object.entries(cells).map(([band, order]) => [band, order && kept(order)]);
  holder.values = { ...holder.values, order: Object.fromEntries(own) };
}

/** Puts items into an order, in the sequence given. */
function putIn(order: Id[], ids: readonly Id[], before: Id | null): void {
  const index = before === null ? order.length : order.indexOf(before);
  order.splice(index < 0 ? order.length : index, 0, ...ids);
}

/** The item at a place, or why it is not to be had. */
function findItem(draft: Site, edit: { menu: Id; item: Id }): MenuItem | string {
  const menu = own(draft.menus, edit.menu);
  if (!menu) return gone;
  return own(menu.items, edit.item) ?? itemGone(menu);
}

export const addMenu = editKind({
  title: 'Add a menu',
  schema: v.strictObject({ edit: v.literal('addMenu'), menu: menuSchema }),
  apply(draft, { menu }) {
    if (own(draft.menus, menu.id)) return `There is already a menu with the id ${menu.id}.`;
    draft.menus[menu.id] = menu;
    return null;
  },
});

export const renameMenu = editKind({
  title: 'Rename a menu',
  schema: v.strictObject({ edit: v.literal('renameMenu'), menu: idSchema, name: nameSchema }),
  apply(draft, edit) {
    const menu = own(draft.menus, edit.menu);
    if (!menu) return gone;
    menu.name = edit.name;
    return null;
  },
});

/** Removes a menu; the pieces that show it show another one instead, or none. */
export const removeMenu = editKind({
  title: 'Remove a menu',
  schema: v.strictObject({
    edit: v.literal('removeMenu'),
    menu: idSchema,
    instead: v.optional(v.nullable(idSchema)),
  }),
  apply(draft, { menu, instead }) {
    if (!own(draft.menus, menu)) return gone;
    // Without a word about them, uses keep the menu: the engine then names the first of them.
    if (instead !== undefined) setReferences(draft, usesOf(draft, 'menus', new Set([menu])), instead);
    delete draft.menus[menu];
    return null;
  },
});

export const addItems = editKind({
  title: 'Add items',
  schema: v.strictObject({
    edit: v.literal('addItems'),
    menu: idSchema,
    /** The items with all that stands below them; those that stand below none of them are put at the spot. */
    items: v.pipe(v.array(menuItemSchema), v.minLength(1), v.maxLength(2000)),
    ...itemSpot,
  }),
  apply(draft, { menu: menuId, items, parent, before }) {
    const menu = own(draft.menus, menuId);
    if (!menu) return gone;
    const order = orderBelow(menu, parent);
    if (!order) return itemGone(menu);
    for (const item of items) {
      if (own(menu.items, item.id)) return `There is already an item with the id ${item.id}.`;
      menu.items[item.id] = item;
    }
    const below = new Set(items.flatMap((item) => item.children));
    putIn(
      order,
      items.map((item) => item.id).filter((id) => !below.has(id)),
      before,
    );
    return null;
  },
});

/** Gives an item a label of its own, or with null takes it away again; in another language of the site where one is named. */
export const labelItem = editKind({
  title: 'Label an item',
  schema: v.strictObject({
    edit: v.literal('labelItem'),
    menu: idSchema,
    item: idSchema,
    label: v.nullable(labelSchema),
    language: v.optional(languageSchema),
  }),
  apply(draft, edit) {
    const item = findItem(draft, edit);
    if (typeof item === 'string') return item;
    if (edit.language === undefined && edit.label === null && item.link.to === 'nothing')
      return 'An item that leads nowhere needs a label of its own.';
    if (edit.language === undefined) item.label = edit.label;
    else if (edit.label === null) delete item.labels[edit.language];
    else item.labels[edit.language] = edit.label;
    return null;
  },
});

export const linkItem = editKind({
  title: 'Lead an item elsewhere',
  schema: v.strictObject({ edit: v.literal('linkItem'), menu: idSchema, item: idSchema, link: linkSchema }),
  apply(draft, edit) {
    const item = findItem(draft, edit);
    if (typeof item === 'string') return item;
    // The label that the item had from its target stays with it when it leads nowhere.
    if (edit.link.to === 'nothing') item.label ??= targetLabel(draft, item.link).slice(0, 80) || null;
    item.link = edit.link;
    return null;
  },
});

function movedInto(menu: Menu, named: readonly Id[], parent: Id | null, before: Id | null): Refusal {
  const items = [...new Set(named)];
  const above = parents(menu);
  if (items.some((id) => !own(menu.items, id))) return itemGone(menu);
  const moved = new Set(items);
  // What stands below another moved item goes with that.
  const heads = items.filter((id) => {
    for (let at = above.get(id) ?? null; at !== null; at = above.get(at) ?? null)
      if (moved.has(at)) return false;
    return true;
  });
  const order = orderBelow(menu, parent);
  if (!order) return itemGone(menu);
  const froms = new Set(heads.map((id) => above.get(id) ?? null));
  for (const from of froms) if (from !== parent) takeOut(menu, from, new Set(heads));
  // Those that stay among their siblings keep the places that narrower bands gave them.
  const others = order.filter((id) => !moved.has(id));
  putIn(others, heads, before);
  order.splice(0, order.length, ...others);
  return null;
}

/** Moves items, with what stands below them, to a place. */
export const moveItems = editKind({
  title: 'Move items',
  schema: v.strictObject({ edit: v.literal('moveItems'), menu: idSchema, items: idsSchema, ...itemSpot }),
  apply(draft, edit) {
    const menu = own(draft.menus, edit.menu);
    if (!menu) return gone;
    return movedInto(menu, edit.items, edit.parent, edit.before);
  },
});

/** Removes items; what stands below them takes their place. */
export const removeItems = editKind({
  title: 'Remove items',
  schema: v.strictObject({ edit: v.literal('removeItems'), menu: idSchema, items: idsSchema }),
  apply(draft, edit) {
    const menu = own(draft.menus, edit.menu);
    if (!menu) return gone;
    if (edit.items.some((id) => !own(menu.items, id))) return itemGone(menu);
    for (const id of new Set(edit.items)) removeItem(menu, id);
    return null;
  },
});

/** Takes an item out of its menu; its children take its place. */
export function removeItem(menu: Menu, id: Id): void {
  const parent = parents(menu).get(id) ?? null;
  const order = orderBelow(menu, parent)!;
  order.splice(order.indexOf(id) + 1, 0, ...menu.items[id]!.children);
  takeOut(menu, parent, new Set([id]));
  delete menu.items[id];
}
