'use client';

import { App, Button } from 'antd';
import { useState } from 'react';
import { newId } from '@/client/new-id';
import { useEdit, useSite } from '@/client/open-site-context';
import { menuFromPages } from '@/core/menus/from-pages';
import { Screen } from '../shell/screen';
import { MenuTree } from './menu-tree';
import styles from './menus.module.css';

/** The menus of the site, and the items of the one that is chosen. */
export function MenusScreen() {
  const site = useSite();
  const edit = useEdit();
  const { notification } = App.useApp();
  const [chosen, setChosen] = useState<string | null>(null);
  const menus = Object.values(site.menus);
  const menu = (chosen !== null && site.menus[chosen]) || menus[0];
  const add = () => {
    const pages = site.pageOrder.map((id) => site.pages[id]!);
    const made = menuFromPages(newId(), `Menu ${menus.length + 1}`, pages, () => newId());
    edit([{ edit: 'addMenu', menu: made }]);
    setChosen(made.id);
  };
  const remove = (id: string, name: string) => {
    const reason = edit([{ edit: 'removeMenu', menu: id }]);
    if (reason)
      notification.warning({
        title: `“${name}” cannot be removed yet`,
        description: `Something still shows it. ${reason}`,
        placement: 'bottomLeft',
      });
  };

  return (
    <Screen here="menus">
      <div className={styles.menus}>
        <section aria-label="Menus" className={styles.list}>
          <ul>
            {menus.map(({ id, name, items }) => (
              <li key={id}>
                <button
                  type="button"
                  className="plain"
                  aria-pressed={id === menu?.id}
                  onClick={() => setChosen(id)}
                >
                  {name} <span className="figures quiet">{Object.keys(items).length}</span>
                </button>
              </li>
            ))}
          </ul>
          <Button onClick={add} disabled={site.pageOrder.length === 0}>
            New menu of all pages
          </Button>
        </section>
        {menu ? (
          <MenuTree key={menu.id} menu={menu} onRemove={() => remove(menu.id, menu.name)} />
        ) : (
          <p className={styles.none}>
            No menu yet.{' '}
            {site.pageOrder.length === 0
              ? 'List the site’s pages first; a menu is made of them in the same step.'
              : 'Make one of the pages that are there.'}
          </p>
        )}
      </div>
    </Screen>
  );
}
