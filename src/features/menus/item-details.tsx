'use client';

import { useMemo } from 'react';
import { useEdit, useSite } from '@/client/open-site-context';
import { EVERYWHERE } from '@/core/bands/follow';
import { itemLabel } from '@/core/menus/entries';
import type { Menu, MenuItem } from '@/core/site/menu';
import { Sheet } from '@/ui/sheet/sheet';
import { TextCell } from '@/ui/table/text-cell';
import { sharedGroups } from '../sheet/sheet-model';
import { useValueActions } from '../sheet/use-value-actions';
import styles from './menus.module.css';

/** Labels of an item in the languages of the site. */
function Labels({ menu, item }: { menu: Menu; item: MenuItem }) {
  const site = useSite();
  const edit = useEdit();
  const label = itemLabel(site, item);
  return (
    <table className={`rows ${styles.labels}`} aria-label={`Labels of ${label}`}>
      <tbody>
        {site.languages.map((language, index) => (
          <tr key={language}>
            <th scope="row">Label, {language}</th>
            <td>
              <TextCell
                label={`Label of ${label} in ${language}`}
                text={(index === 0 ? item.label : item.labels[language]) ?? ''}
                placeholder={itemLabel(
                  site,
                  { ...item, label: index === 0 ? null : item.label, labels: {} },
                  language,
                )}
                keep={(text) =>
                  edit([
                    {
                      edit: 'labelItem',
                      menu: menu.id,
                      item: item.id,
                      label: text === '' ? null : text,
                      ...(index === 0 ? {} : { language }),
                    },
                  ])
                }
              />
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}

/** What an item says that is the same at every width, or what several share; what differs per band stands in the tree. */
export function ItemDetails({ menu, items }: { menu: Menu; items: readonly MenuItem[] }) {
  const site = useSite();
  const places = items.map(({ id }) => ({ on: 'item' as const, menu: menu.id, item: id }));
  const actions = useValueActions(places);
  const asked = items.map(({ id }) => id).join(' ');
  const groups = useMemo(
    () =>
      sharedGroups(
        site,
        asked.split(' ').map((item) => ({ on: 'item', menu: menu.id, item })),
      )
        .map((group) => ({
          ...group,
          rows: group.rows.filter((row) => row.cells.length === 1 && row.cells[0]!.key === EVERYWHERE),
        }))
        .filter((group) => group.rows.length > 0),
    [site, menu.id, asked],
  );
  const item = items[0]!;
  const single = items.length === 1;
  const label = single ? itemLabel(site, item) : `${items.length} items`;
  return (
    <section className={styles.details} aria-label="Item">
      <h2>{label}</h2>
      {single ? (
        <Labels menu={menu} item={item} />
      ) : (
        <p className="quiet">
          What is set here is set for all of them: {items.map((each) => itemLabel(site, each)).join(', ')}.
        </p>
      )}
      <Sheet
        title={label}
        columns={[{ key: EVERYWHERE, label: 'At every width', range: '' }]}
        groups={groups}
        actions={actions}
      />
    </section>
  );
}
