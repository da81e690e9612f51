import { itemLabel } from '../../menus/entries';
import { linkWords } from '../../menus/link-words';
import { itemProperties, menuProperties } from '../../properties/menu';
import { languageName } from '../../site/language';
import type { Menu } from '../../site/menu';
import type { Site } from '../../site/site';
import { detail, quoted, type Thing } from './thing';

function thingsOfMenu(site: Site, menu: Menu): Thing[] {
  const path = `menus.${menu.id}`;
  const within = `menu ${quoted(menu.name)}`;
  const parents = new Map(
    Object.values(menu.items).flatMap(({ id, children }) => children.map((child) => [child, id] as const)),
  );
  const label = (id: string) => itemLabel(site, menu.items[id]!);
  return [
    {
      path,
      area: 'Menus',
      words: () => within,
      details: () => [detail('Name', menu.name)],
      valued: { values: menu.values, properties: menuProperties },
      order: { of: 'items', ids: menu.top, name: label },
    },
    ...Object.values(menu.items).map((item): Thing => {
      const parent = parents.get(item.id) ?? null;
      return {
        path: `${path}.items.${item.id}`,
        area: 'Menus',
        words: () => `${within}, item ${quoted(label(item.id))}`,
        valued: { values: item.values, properties: itemProperties },
        details: () => [
          detail('Label', item.label, () => (item.label === null ? 'the title of its page' : item.label)),
          ...Object.entries(item.labels).map(([language, text]) =>
            detail(`Label, ${languageName(language)}`, text),
          ),
          detail('Leads to', item.link, () => linkWords(site, item.link)),
          detail('Below', parent, () => (parent === null ? 'the top' : label(parent))),
        ],
        order: { of: 'items', ids: item.children, name: label },
      };
    }),
  ];
}

/** Menus, each with its items. */
export const menuThings = (site: Site): Thing[] =>
  Object.values(site.menus).flatMap((menu) => thingsOfMenu(site, menu));
