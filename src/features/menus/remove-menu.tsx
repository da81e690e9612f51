'use client';

import { Modal, Select } from 'antd';
import { useMemo, useState } from 'react';
import { useEdit, useSite } from '@/client/open-site-context';
import type { Id } from '@/core/ids/id';
import type { Menu } from '@/core/site/menu';
import { usesOf } from '@/core/site/uses';
import styles from './menus.module.css';

/** Says where a menu is shown, asks what is shown there instead, and removes it. */
export function RemoveMenu({ menu, onClose }: { menu: Menu; onClose(): void }) {
  const site = useSite();
  const edit = useEdit();
  const [instead, setInstead] = useState<Id | null>(null);
  const uses = useMemo(() => usesOf(site, 'menus', new Set([menu.id])), [site, menu.id]);
  const places = [...new Set(uses.map((use) => use.words()))];
  const others = Object.values(site.menus).filter(({ id }) => id !== menu.id);
  return (
    <Modal
      title={`Remove the menu “${menu.name}”?`}
      open
      onCancel={onClose}
      okText="Remove it"
      okButtonProps={{ danger: true }}
      cancelText="Keep"
      onOk={() => {
        edit([{ edit: 'removeMenu', menu: menu.id, instead }]);
        onClose();
      }}
    >
      {places.length === 0 ? (
        <p>Nothing shows it.</p>
      ) : (
        <>
          <p>It is shown by:</p>
          <ul className={styles.uses}>
            {places.map((words) => (
              <li key={words}>{words}</li>
            ))}
          </ul>
          <p className={styles.instead}>
            They show instead{' '}
            <Select
              aria-label="Menu that is shown instead"
              value={instead ?? ''}
              popupMatchSelectWidth={false}
              options={[
                { value: '', label: 'no menu' },
                ...others.map(({ id, name }) => ({ value: id, label: name })),
              ]}
              onChange={(value) => setInstead(value === '' ? null : value)}
            />
          </p>
        </>
      )}
    </Modal>
  );
}
