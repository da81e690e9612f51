'use client';

import { useSite } from '@/client/open-site-context';
import { placed } from '@/core/site/placing';
import { Hint } from '../hints/hint';
import { Screen } from '../shell/screen';
import { PageTable } from './page-table';
import { Rules } from './rules';
import styles from './placing.module.css';

/** Which page gets which header and footer, and why. */
export function PlacingScreen() {
  const site = useSite();
  const standing = placed(site);
  const drafts = [...Object.values(site.headers), ...Object.values(site.footers)].filter(
    ({ id }) => !standing.has(id),
  );
  return (
    <Screen here="placing">
      <div className={styles.placing}>
        <Hint of="placing" />
        <Rules />
        {drafts.length > 0 && (
          <p className="quiet">
            On no page, and so not handed over: {drafts.map(({ name }) => name).join(', ')}.
          </p>
        )}
        <PageTable />
      </div>
    </Screen>
  );
}
