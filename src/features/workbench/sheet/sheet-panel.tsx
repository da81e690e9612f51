'use client';

import { useMemo } from 'react';
import { useSite } from '@/client/open-site-context';
import type { Place } from '@/core/edit/place';
import { Sheet } from '@/ui/sheet/sheet';
import styles from '../workbench.module.css';
import { sheetColumns, sheetGroups } from '../../sheet/sheet-model';
import { useSheetActions } from './use-sheet-actions';

/** The sheet of what is selected. */
export function SheetPanel({ title, place }: { title: string; place: Place }) {
  const site = useSite();
  const { actions, inputs } = useSheetActions(place);
  const columns = useMemo(() => sheetColumns(site.bands), [site.bands]);
  const groups = useMemo(() => sheetGroups(site, place), [site, place]);
  return (
    <section className={styles.sheet} aria-label="Sheet">
      <div className={styles.panelHead}>
        <h2>Sheet</h2>
        <span>{title}</span>
        <span className={`quiet ${styles.pushed}`}>columns by width</span>
      </div>
      {groups.length > 0 ? (
        <Sheet title={title} columns={columns} groups={groups} actions={actions} />
      ) : (
        <p className="quiet">Nothing to set here as a whole. Select a bar or a piece in the plan.</p>
      )}
      {inputs}
    </section>
  );
}
