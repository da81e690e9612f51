'use client';

import { useMemo } from 'react';
import { useAdvances, useSite } from '@/client/open-site-context';
import { usually } from '@/core/fit/heights';
import { screenShares, screens, type ScreenShare } from '@/core/fit/screens';
import { bearsPhases, scrollProperties } from '@/core/properties/scroll';
import { settledValue } from '@/core/resolve/settled-values';
import type { Assembly } from '@/core/site/assembly';
import type { Site } from '@/core/site/site';
import { BarChart } from '@/ui/chart/charts';
import styles from './scroll.module.css';

const limitProperty = scrollProperties.find(({ name }) => name === 'shareLimit')!;

/** How much of each screen a header takes while the page is scrolled; nothing for one that scrolls away. */
export function ScreenShares({ header: id }: { header: string }) {
  const site = useSite();
  const header = site.headers[id];
  return header && bearsPhases(header.values) ? <Shares site={site} header={header} /> : null;
}

function Shares({ site, header }: { site: Site; header: Assembly }) {
  const advances = useAdvances();
  const shares = useMemo(() => screenShares(usually(site, advances), header), [site, advances, header]);
  const limit = settledValue(header.values, limitProperty, [], 'all').value as number;
  const of = (screen: string, held: ScreenShare['held']) =>
    shares.find((each) => each.screen === screen && each.held === held);
  const series = (['upright', 'sideways'] as const).map((held) => ({
    label: held,
    hollow: held === 'sideways',
    values: screens.map(({ name }) => {
      const share = of(name, held);
      return share ? share.share * 100 : null;
    }),
    held,
  }));
  return (
    <section className={styles.shares} aria-label="Share of the screen">
      <h3>Share of the screen’s height while scrolled</h3>
      <div className={styles.chart}>
        <BarChart
          label={`Share of the height that the header takes: ${shares
            .map(({ screen, held, share }) => `${screen} ${held} ${Math.round(share * 100)} %`)
            .join(', ')}; at most ${limit} % is wanted.`}
          groups={screens.map(({ name }) => name)}
          series={series}
          limit={limit}
          about={(index, group) => {
            const share = of(screens[group]!.name, series[index]!.held)!;
            return `${share.held}, ${share.width} × ${share.height}: ${Math.round(share.covered)} px, ${(share.share * 100).toFixed(1)} %`;
          }}
        />
      </div>
    </section>
  );
}
