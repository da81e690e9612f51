'use client';

import { ArrowDownOutlined, ArrowUpOutlined, MenuFoldOutlined, MenuUnfoldOutlined } from '@ant-design/icons';
import { App, Button } from 'antd';
import { useMemo, type KeyboardEvent, type ReactNode } from 'react';
import { newId } from '@/client/new-id';
import { useEdit, useSite } from '@/client/open-site-context';
import { itemLabel } from '@/core/menus/entries';
import type { Menu } from '@/core/site/menu';
import { TextCell } from '@/ui/table/text-cell';
import { itemSpot, treeRows, type ItemMove, type TreeRow } from './item-moves';
import { LinkCell } from './link-cell';
import styles from './menus.module.css';

const moves: { move: ItemMove; label: string; key: string; icon: ReactNode }[] = [
  { move: 'up', label: 'up', key: 'ArrowUp', icon: <ArrowUpOutlined aria-hidden="true" /> },
  { move: 'down', label: 'down', key: 'ArrowDown', icon: <ArrowDownOutlined aria-hidden="true" /> },
  { move: 'out', label: 'a level out', key: 'ArrowLeft', icon: <MenuFoldOutlined aria-hidden="true" /> },
  { move: 'in', label: 'a level in', key: 'ArrowRight', icon: <MenuUnfoldOutlined aria-hidden="true" /> },
];

/** The items of a menu, to label, move and remove. */
export function MenuTree({ menu, onRemove }: { menu: Menu; onRemove(): void }) {
  const site = useSite();
  const edit = useEdit();
  const { notification } = App.useApp();
  const rows = useMemo(() => treeRows(menu), [menu]);
  const move = (row: TreeRow, direction: ItemMove) => {
    const spot = itemSpot(rows, row, direction, menu);
    const reason = spot && edit([{ edit: 'moveItem', menu: menu.id, item: row.id, ...spot }]);
    if (reason)
      notification.warning({
        title: 'The item stays where it is',
        description: reason,
        placement: 'bottomLeft',
      });
  };
  const add = () =>
    edit([
      {
        edit: 'addItem',
        menu: menu.id,
        item: { id: newId(), label: 'New item', link: { to: 'nothing' }, children: [] },
      },
    ]);
  const press = (event: KeyboardEvent, row: TreeRow) => {
    const found = event.altKey ? moves.find(({ key }) => key === event.key) : undefined;
    if (!found) return;
    event.preventDefault();
    move(row, found.move);
  };

  return (
    <section aria-label="Items" className={styles.tree}>
      <div className={styles.head}>
        <h2>
          <TextCell
            label="Name of the menu"
            text={menu.name}
            keep={(name) => edit([{ edit: 'renameMenu', menu: menu.id, name }])}
          />
        </h2>
        <button type="button" className="plain" onClick={onRemove}>
          Remove this menu
        </button>
      </div>
      <p className="quiet">
        <i>Slanted</i>: the title of the page. Click a label to give the item one of its own; empty it to take
        the page’s title again.
      </p>
      <table className="rows" aria-label={`Items of ${menu.name}`}>
        <thead>
          <tr>
            <th scope="col">Label</th>
            <th scope="col">Leads to</th>
            <th scope="col">Move (Alt and arrow keys)</th>
            <th scope="col">
              <span className="seen-by-readers-only">Actions</span>
            </th>
          </tr>
        </thead>
        <tbody>
          {rows.map((row) => {
            const item = menu.items[row.id]!;
            const label = itemLabel(site, item);
            return (
              <tr key={row.id} onKeyDown={(event) => press(event, row)}>
                <th scope="row" style={{ paddingInlineStart: 20 * (row.level - 1) }}>
                  <TextCell
                    label={`Label of ${label}`}
                    text={item.label ?? ''}
                    placeholder={label}
                    keep={(text) =>
                      edit([
                        { edit: 'labelItem', menu: menu.id, item: row.id, label: text === '' ? null : text },
                      ])
                    }
                  />
                </th>
                <td>
                  <LinkCell menu={menu} item={item} />
                </td>
                <td>
                  {moves.map(({ move: direction, label: words, icon }) => (
                    <button
                      key={direction}
                      type="button"
                      className="plain"
                      aria-label={`Move ${label} ${words}`}
                      title={`Move ${words}`}
                      disabled={itemSpot(rows, row, direction, menu) === null}
                      onClick={() => move(row, direction)}
                    >
                      {icon}
                    </button>
                  ))}
                </td>
                <td className={styles.actions}>
                  <button
                    type="button"
                    className="plain"
                    aria-label={`Remove ${label}`}
                    onClick={() => edit([{ edit: 'removeItem', menu: menu.id, item: row.id }])}
                  >
                    Remove
                  </button>
                </td>
              </tr>
            );
          })}
        </tbody>
      </table>
      <Button className={styles.add} onClick={add}>
        Add an item
      </Button>
    </section>
  );
}
