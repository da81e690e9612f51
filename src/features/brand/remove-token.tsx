'use client';

import { Modal, Select } from 'antd';
import { useMemo, useState } from 'react';
import { useEdit, useSite } from '@/client/open-site-context';
import type { TokenFamily } from '@/core/brand/tokens/token-kind';
import type { Id } from '@/core/ids/id';
import { usesOf } from '@/core/site/uses';
import styles from './brand.module.css';

/** Says what uses a token, asks what they use instead, and removes it. */
export function RemoveToken({ family, token, onClose }: { family: TokenFamily; token: Id; onClose(): void }) {
  const site = useSite();
  const edit = useEdit();
  const others = Object.values(site.brand[family]).filter(({ id }) => id !== token);
  const [instead, setInstead] = useState<Id>(others[0]!.id);
  const [refusal, setRefusal] = useState<string | null>(null);
  const uses = useMemo(() => usesOf(site, family, new Set([token])), [site, family, token]);
  const remove = () => {
    const reason = edit([{ edit: 'removeToken', family, token, instead }]);
    setRefusal(reason);
    if (reason === null) onClose();
  };
  return (
    <Modal
      title={`Remove “${site.brand[family][token]!.name}”?`}
      open
      onCancel={onClose}
      onOk={remove}
      okText="Remove it"
      okButtonProps={{ danger: true }}
      cancelText="Keep"
    >
      {uses.length === 0 ? (
        <p>Nothing uses it.</p>
      ) : (
        <>
          <p>It is used by:</p>
          <ul className={styles.uses}>
            {[...new Set(uses.map((use) => use.words()))].map((words) => (
              <li key={words}>{words}</li>
            ))}
          </ul>
          <p className={styles.beside}>
            They use instead
            <Select
              aria-label="What is used instead"
              value={instead}
              popupMatchSelectWidth={false}
              options={others.map(({ id, name }) => ({ value: id, label: name }))}
              onChange={setInstead}
            />
          </p>
        </>
      )}
      {refusal && <p role="alert">{refusal}</p>}
    </Modal>
  );
}
