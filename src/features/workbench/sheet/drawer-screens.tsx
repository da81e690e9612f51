'use client';

import { Table } from 'antd';
import { useMemo } from 'react';
import { useOpenedSurvey } from '@/client/fit-survey';
import { useSite } from '@/client/open-site-context';
import { drawerFindings } from '@/core/fit/drawer-findings';
import type { DrawerOnScreen } from '@/core/fit/opened-survey';
import { Findings } from '../findings';
import styles from '../workbench.module.css';

const px = (length: number) => `${Math.round(length)} px`;

/** What is left of the body on a screen, in words. */
function leftText({ content, seen, left }: DrawerOnScreen): string {
  if (content > seen) return `scrolls: ${px(content - seen)} more`;
  return left === 0 ? 'full' : left === 1 ? 'room for 1 more item' : `room for ${left} more items`;
}

/** On which screens the body of a drawer scrolls, and from how many more items on it would. */
export function DrawerScreens({ drawer }: { drawer: string }) {
  const site = useSite();
  const assembly = site.drawers[drawer];
  const findings = useMemo(
    () => (assembly ? drawerFindings(site, assembly).map(({ words }) => words) : []),
    [site, assembly],
  );
  const survey = useOpenedSurvey(site, 'drawers', drawer);
  return (
    <section className={styles.offer} aria-label="Before it scrolls">
      <Findings all={findings} />
      <h3>Before it scrolls</h3>
      {survey === null ? (
        <p className="quiet">Measuring how high everything is…</p>
      ) : (
        <Table<DrawerOnScreen>
          size="small"
          pagination={false}
          dataSource={[...survey.drawer]}
          rowKey={({ screen }) => `${screen.name} ${screen.held}`}
          columns={[
            {
              title: 'Screen',
              render: (_, { screen: { name, held, width, height } }) => (
                <>
                  {name} <span className="quiet figures">{`${held}, ${width} × ${height}`}</span>
                </>
              ),
            },
            { title: 'In its body', align: 'right', render: (_, { content }) => px(content) },
            { title: 'In sight', align: 'right', render: (_, { seen }) => px(seen) },
            { title: 'Room in its longest list', render: (_, row) => leftText(row) },
          ]}
        />
      )}
    </section>
  );
}
