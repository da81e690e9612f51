'use client';

import { Button, Select, Space } from 'antd';
import { useState } from 'react';
import { zipQuery } from '@/client/api';
import { handoverForms, type HandoverFormId } from '@/core/render/forms';
import { Making } from './making';
import styles from './release.module.css';
import { saveFrom } from './save-from';
import { useMaking } from './use-handover';

interface ArchiveProps {
  site: string;
  /** A release by its number; null for the site as it stands. */
  release: number | null;
  disabled: boolean;
}

const forms = Object.entries(handoverForms) as [HandoverFormId, (typeof handoverForms)[HandoverFormId]][];

/** The form in which a site is handed over, and the archive of it: how far it is while it is made. */
export function Archive({ site, release, disabled }: ArchiveProps) {
  const [form, setForm] = useState<HandoverFormId>('website');
  const { progress, problem, start, stop } = useMaking(site, ({ key }) =>
    saveFrom(`/api/sites/${site}/zip?key=${key}&${zipQuery({ make: 'zip', release, form })}`),
  );
  if (progress) return <Making what="Making the zip" {...progress} stop={stop} />;
  return (
    <>
      {problem !== null && <p role="alert">{problem}</p>}
      <Space.Compact>
        <Select
          aria-label="Form of the zip"
          className={styles.form}
          value={form}
          popupMatchSelectWidth={360}
          options={forms.map(([value, { label }]) => ({ value, label }))}
          optionRender={({ value }) => {
            const { label, about } = handoverForms[value as HandoverFormId];
            return (
              <>
                {label}
                <p className={`quiet ${styles.about}`}>{about}</p>
              </>
            );
          }}
          onChange={setForm}
        />
        <Button disabled={disabled} onClick={() => start({ make: 'zip', release, form })}>
          Download the zip
        </Button>
      </Space.Compact>
    </>
  );
}
