'use client';

import { MoreOutlined } from '@ant-design/icons';
import { Dropdown } from 'antd';
import { newId } from '@/client/new-id';
import { useEdit } from '@/client/open-site-context';
import type { AssemblyPlace } from '@/core/edit/place';
import { MOST_BAYS } from '@/core/properties/kinds/division';
import { copyBar } from '@/core/site/copies';
import { newBay } from '@/core/site/defaults';
import type { Assembly, Bar } from '@/core/site/assembly';
import type { Selection } from '../selection';
import styles from './plan.module.css';

interface BarActionsProps {
  at: AssemblyPlace;
  assembly: Assembly;
  bar: Bar;
  selection: Selection;
  onSelect(selection: Selection): void;
}

/** What can be done with a bar as a whole, and with its bays. */
export function BarActions({ at, assembly, bar, selection, onSelect }: BarActionsProps) {
  const edit = useEdit();
  const place = assembly.order.indexOf(bar.id);
  const bay = selection.on === 'bay' && selection.bar === bar.id ? selection.id : null;
  const shift = (by: 1 | -1) => edit([{ edit: 'moveBar', at, bar: bar.id, index: place + by }]);
  const actions: Record<string, () => void> = {
    up: () => shift(-1),
    down: () => shift(1),
    duplicate: () => {
      const copy = copyBar(assembly, bar, newId);
      edit([{ edit: 'addBar', at, ...copy, index: place + 1 }]);
      onSelect({ on: 'bar', id: copy.bar.id });
    },
    addBay: () => {
      const added = newBay(newId());
      edit([{ edit: 'addBay', at, bar: bar.id, bay: added, index: bar.bays.length }]);
      onSelect({ on: 'bay', bar: bar.id, id: added.id });
    },
    removeBay: () => edit([{ edit: 'removeBay', at, bar: bar.id, bay: bay ?? bar.bays.at(-1)!.id }]),
    remove: () => edit([{ edit: 'removeBar', at, bar: bar.id }]),
  };
  const last = assembly.order.length === 1;
  const items = [
    { key: 'up', label: 'Move up', disabled: place === 0 },
    { key: 'down', label: 'Move down', disabled: place === assembly.order.length - 1 },
    { key: 'duplicate', label: 'Duplicate' },
    { type: 'divider' as const },
    { key: 'addBay', label: 'Add a bay at the end', disabled: bar.bays.length >= MOST_BAYS },
    {
      key: 'removeBay',
      label: bay === null ? 'Remove the last bay' : 'Remove the selected bay',
      disabled: bar.bays.length === 1,
    },
    { type: 'divider' as const },
    { key: 'remove', label: last ? 'Remove (the last bar stays)' : 'Remove', disabled: last },
  ];
  return (
    <Dropdown trigger={['click']} menu={{ items, onClick: ({ key }) => actions[key]!() }}>
      <button type="button" className={styles.add} aria-label={`Actions: ${bar.name}`} aria-haspopup="menu">
        <MoreOutlined aria-hidden="true" />
      </button>
    </Dropdown>
  );
}
