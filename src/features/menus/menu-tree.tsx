'use client';

import { useMemo } from 'react';
import { useEdit, useSite } from '@/client/open-site-context';
import { EVERYWHERE } from '@/core/bands/follow';
import { bandRangeText } from '@/core/bands/band';
import type { IconName } from '@/core/icons/icons';
import { itemLabel, markedEntries, menuEntries } from '@/core/menus/entries';
import type { MenuEntry } from '@/core/pieces/piece';
import type { Id } from '@/core/ids/id';
import { MENU_LEVELS, type Menu } from '@/core/site/menu';
import { Icon } from '@/ui/icon';
import { editorSource } from '@/ui/sheet/editor-source';
import { TextCell } from '@/ui/table/text-cell';
import { TreeTable, type TreeColumn } from '@/ui/tree/tree-table';
import { treeRows } from '@/ui/tree/tree-rows';
import { BandCell } from './band-cell';
import { bandView } from './band-view';
import { LinkCell } from './link-cell';
import styles from './menus.module.css';

interface MenuTreeProps {
  menu: Menu;
  /** The page that the preview stands on, whose items are marked. */
  page: Id | null;
  current: Id | null;
  onCurrent(id: Id): void;
  chosen: ReadonlySet<Id>;
  onChosen(chosen: ReadonlySet<Id>): void;
}

/** Which items are marked on a page: as the page itself, or as on the way to it. */
function marksOf(entries: readonly MenuEntry[]): Map<Id, 'page' | 'trail'> {
  return new Map(
    entries.flatMap((entry): [Id, 'page' | 'trail'][] => [
      ...(entry.current === null ? [] : [[entry.id, entry.current] as [Id, 'page' | 'trail']]),
      ...marksOf(entry.children),
    ]),
  );
}

const marks = {
  page: { sign: '●', words: 'the page in the preview' },
  trail: { sign: '○', words: 'on the way to the page in the preview' },
} as const;

/** The items of a menu as a tree with a column for each band. */
export function MenuTree({ menu, page, current, onCurrent, chosen, onChosen }: MenuTreeProps) {
  const site = useSite();
  const edit = useEdit();
  const source = useMemo(() => editorSource(site), [site]);
  const rows = useMemo(() => treeRows(menu.top, (id) => menu.items[id]!.children), [menu]);
  const byId = useMemo(() => new Map(rows.map((row) => [row.id, row])), [rows]);
  const chain = useMemo(() => site.bands.map((band) => band.id), [site.bands]);
  const marked = useMemo(() => {
    const target = () => null;
    const entries = menuEntries(site, menu, { band: site.bands[0]!.id, target });
    return marksOf(markedEntries(site, menu, entries, page, target));
  }, [site, menu, page]);
  const nameOf = (id: Id) => (menu.items[id] ? itemLabel(site, menu.items[id]) : '');

  const columns: TreeColumn[] = [
    {
      key: 'label',
      label: 'Label',
      cell({ id }) {
        const item = menu.items[id]!;
        const icon = item.values.icon?.[EVERYWHERE] as IconName | null | undefined;
        const badge = item.values.badge?.[EVERYWHERE] as string | undefined;
        const mark = marked.get(id);
        return (
          <span className={styles.label}>
            <TextCell
              label={`Label of ${nameOf(id)}`}
              text={item.label ?? ''}
              placeholder={nameOf(id)}
              keep={(text) =>
                edit([{ edit: 'labelItem', menu: menu.id, item: id, label: text === '' ? null : text }])
              }
            />
            {icon && <Icon name={icon} />}
            {badge && <span className={styles.badge}>{badge}</span>}
            {mark && (
              <span
                className={styles.mark}
                title={marks[mark].words}
                role="img"
                aria-label={marks[mark].words}
              >
                {marks[mark].sign}
              </span>
            )}
          </span>
        );
      },
    },
    {
      key: 'target',
      label: 'Leads to',
      width: '20%',
      cell: ({ id }) => <LinkCell menu={menu} item={menu.items[id]!} source={source} />,
    },
    ...site.bands.map((band): TreeColumn => ({
      key: band.id,
      label: <span title={bandRangeText(site.bands, band.id)}>{band.name}</span>,
      width: '92px',
      cell: (row) => (
        <BandCell
          {...{ menu, row, band }}
          together={chosen.has(row.id) ? [...chosen] : [row.id]}
          bands={site.bands}
          name={nameOf(row.id)}
          view={bandView(menu, row, byId, chain, band.id)}
        />
      ),
    })),
  ];

  return (
    <TreeTable
      label={`Items of ${menu.name}`}
      noun="item"
      rows={rows}
      columns={columns}
      nameOf={nameOf}
      current={current}
      onCurrent={onCurrent}
      chosen={chosen}
      onChosen={onChosen}
      mostLevels={MENU_LEVELS}
      onMove={(items, spot) => edit([{ edit: 'moveItems', menu: menu.id, items, ...spot }])}
      onRemove={(items) => edit([{ edit: 'removeItems', menu: menu.id, items }])}
    />
  );
}
