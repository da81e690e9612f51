import * as v from 'valibot';
import { idSchema } from '../properties/id';
import { linkSchema } from '../properties/link';
import { labelSchema, menuItemSchema, menuSchema, type Menu } from '../site/menu';
import { nameSchema } from '../site/name';
import type { Site } from '../site/site';
import { editKind } from './edit-kind';

const gone = 'This menu is no longer there.';
const itemGone = (menu: Menu) => `The item is no longer in the menu “${menu.name}”.`;

/** The order that an item stands in: that of its parent's children, or the top of the menu; undefined when it is nowhere. */
function siblingsOf(menu: Menu, item: string): string[] | undefined {
  return [menu.top, ...Object.values(menu.items).map((each) => each.children)].find((order) =>
    order.includes(item),
  );
}

function itemAt(draft: Site, edit: { menu: string; item: string }) {
  const menu = draft.menus[edit.menu];
  if (!menu) return gone;
  const item = menu.items[edit.item];
  const siblings = siblingsOf(menu, edit.item);
  return item && siblings ? { menu, item, siblings } : itemGone(menu);
}

const indexSchema = v.pipe(v.number(), v.integer(), v.minValue(0));

export const addMenu = editKind({
  title: 'Add a menu',
  schema: v.strictObject({ edit: v.literal('addMenu'), menu: menuSchema }),
  apply(draft, { menu }) {
    if (draft.menus[menu.id]) return `There is already a menu with the id ${menu.id}.`;
    draft.menus[menu.id] = menu;
    return null;
  },
});

export const renameMenu = editKind({
  title: 'Rename a menu',
  schema: v.strictObject({ edit: v.literal('renameMenu'), menu: idSchema, name: nameSchema }),
  apply(draft, edit) {
    const menu = draft.menus[edit.menu];
    if (!menu) return gone;
    menu.name = edit.name;
    return null;
  },
});

export const removeMenu = editKind({
  title: 'Remove a menu',
  schema: v.strictObject({ edit: v.literal('removeMenu'), menu: idSchema }),
  apply(draft, edit) {
    if (!draft.menus[edit.menu]) return gone;
    delete draft.menus[edit.menu];
    return null;
  },
});

export const addItem = editKind({
  title: 'Add an item',
  schema: v.strictObject({ edit: v.literal('addItem'), menu: idSchema, item: menuItemSchema }),
  apply(draft, { menu: menuId, item }) {
    const menu = draft.menus[menuId];
    if (!menu) return gone;
    menu.items[item.id] = item;
    menu.top.push(item.id);
    return null;
  },
});

/** Gives an item a label of its own, or with null takes it away again. */
export const labelItem = editKind({
  title: 'Label an item',
  schema: v.strictObject({
    edit: v.literal('labelItem'),
    menu: idSchema,
    item: idSchema,
    label: v.nullable(labelSchema),
  }),
  apply(draft, edit) {
    const at = itemAt(draft, edit);
    if (typeof at === 'string') return at;
    at.item.label = edit.label;
    return null;
  },
});

export const linkItem = editKind({
  title: 'Lead an item elsewhere',
  schema: v.strictObject({ edit: v.literal('linkItem'), menu: idSchema, item: idSchema, link: linkSchema }),
  apply(draft, edit) {
    const at = itemAt(draft, edit);
    if (typeof at === 'string') return at;
    at.item.link = edit.link;
    return null;
  },
});

/** Moves an item to a place among the children of another, or with null among the top items. */
export const moveItem = editKind({
  title: 'Move an item',
  schema: v.strictObject({
    edit: v.literal('moveItem'),
    menu: idSchema,
    item: idSchema,
    parent: v.nullable(idSchema),
    index: indexSchema,
  }),
  apply(draft, edit) {
    const at = itemAt(draft, edit);
    if (typeof at === 'string') return at;
    const target = edit.parent === null ? at.menu.top : at.menu.items[edit.parent]?.children;
    if (!target) return itemGone(at.menu);
    at.siblings.splice(at.siblings.indexOf(edit.item), 1);
    target.splice(edit.index, 0, edit.item);
    return null;
  },
});

/** Removes an item; its children take its place. */
export const removeItem = editKind({
  title: 'Remove an item',
  schema: v.strictObject({ edit: v.literal('removeItem'), menu: idSchema, item: idSchema }),
  apply(draft, edit) {
    const at = itemAt(draft, edit);
    if (typeof at === 'string') return at;
    at.siblings.splice(at.siblings.indexOf(edit.item), 1, ...at.item.children);
    delete at.menu.items[edit.item];
    return null;
  },
});
