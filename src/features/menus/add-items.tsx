'use client';

import { Checkbox, Input, Modal, type InputRef } from 'antd';
import { useDeferredValue, useMemo, useState } from 'react';
import { newId } from '@/client/new-id';
import { useEdit, useSite } from '@/client/open-site-context';
import { pageTrail } from '@/core/menus/entries';
import { menuFromPages } from '@/core/menus/from-pages';
import { linkedPage } from '@/core/properties/link';
import type { Id } from '@/core/ids/id';
import type { Menu } from '@/core/site/menu';
import { useFirstFocus } from '@/ui/use-first-focus';
import { ScreenLink } from '@/ui/screen-link';
import styles from './menus.module.css';

/** The most pages that are listed; a longer list is narrowed by typing. */
const MOST_LISTED = 300;

/** A dialog that adds pages to a menu, one or many, nested as the pages are or side by side. */
export function AddItems({ menu, onClose }: { menu: Menu; onClose(): void }) {
  const site = useSite();
  const edit = useEdit();
  const { field, afterOpenChange } = useFirstFocus<InputRef>();
  const [filter, setFilter] = useState('');
  const [chosen, setChosen] = useState<ReadonlySet<Id>>(new Set());
  const [nested, setNested] = useState(true);
  const [refusal, setRefusal] = useState<string | null>(null);
  const words = useDeferredValue(filter).trim().toLowerCase();
  const held = useMemo(
    () => new Set(Object.values(menu.items).map((item) => linkedPage(item.link))),
    [menu.items],
  );
  const listed = useMemo(
    () =>
      site.pageOrder
        .map((id) => site.pages[id]!)
        .filter(({ title, path }) => `${title} ${path}`.toLowerCase().includes(words)),
    [site, words],
  );
  const toggle = (id: Id) => {
    const next = new Set(chosen);
    if (!next.delete(id)) next.add(id);
    setChosen(next);
  };
  const add = () => {
    const pages = site.pageOrder.filter((id) => chosen.has(id)).map((id) => site.pages[id]!);
    const flat = nested ? pages : pages.map((page) => ({ ...page, parent: null }));
    const items = Object.values(menuFromPages('any', 'any', flat, () => newId()).items);
    const reason = edit([{ edit: 'addItems', menu: menu.id, items, parent: null, before: null }]);
    setRefusal(reason);
    if (reason === null) onClose();
  };

  return (
    <Modal
      title={`Add pages to “${menu.name}”`}
      open
      onCancel={onClose}
      afterOpenChange={afterOpenChange}
      onOk={add}
      okText={chosen.size === 1 ? 'Add one item' : `Add ${chosen.size} items`}
      okButtonProps={{ disabled: chosen.size === 0 }}
    >
      <div className={styles.adding}>
        <Input
          ref={field}
          allowClear
          value={filter}
          placeholder="Find by title or path"
          aria-label="Find pages"
          onChange={(event) => setFilter(event.target.value)}
        />
        <ul className={styles.pages} aria-label="Pages">
          {listed.slice(0, MOST_LISTED).map(({ id, title, path }) => (
            <li
              key={id}
              style={{ paddingInlineStart: words === '' ? 18 * (pageTrail(site, id).length - 1) : 0 }}
            >
              <Checkbox checked={chosen.has(id)} onChange={() => toggle(id)}>
                {title} <span className="figures quiet">{path}</span>
                {held.has(id) && <span className="quiet"> · in this menu</span>}
              </Checkbox>
            </li>
          ))}
          {listed.length === 0 && (
            <li className="quiet">
              {site.pageOrder.length === 0 ? (
                <>
                  This site has no pages yet.{' '}
                  <ScreenLink href={`/sites/${site.id}/pages`}>Add pages</ScreenLink>
                </>
              ) : (
                'No page has this in its title or path.'
              )}
            </li>
          )}
          {listed.length > MOST_LISTED && (
            <li className="quiet">and {listed.length - MOST_LISTED} more; type to find them</li>
          )}
        </ul>
        <Checkbox checked={nested} onChange={(event) => setNested(event.target.checked)}>
          nested as the pages are
        </Checkbox>
        {refusal && <p role="alert">{refusal}</p>}
      </div>
    </Modal>
  );
}
