'use client';

import { Button } from 'antd';
import { useMemo } from 'react';
import { useAdvances, useEdit, useSite } from '@/client/open-site-context';
import { usually } from '@/core/fit/heights';
import { scrollFindings } from '@/core/fit/screens';
import { bearsPhases } from '@/core/properties/scroll';
import { ScreenLink } from '@/ui/screen-link';
import { OverPictures } from './over-pictures';
import styles from './scroll.module.css';

/** What is worked out of how a header scrolls: what visitors would see, and whether it is legible over pictures. */
export function ScrollPanel({ header: id }: { header: string }) {
  const site = useSite();
  const advances = useAdvances();
  const edit = useEdit();
  const header = site.headers[id];
  const findings = useMemo(
    () => (header ? scrollFindings(usually(site, advances), header) : []),
    [site, advances, header],
  );
  if (!header) return null;
  if (!bearsPhases(header.values))
    return (
      <p className={styles.hint}>
        This header scrolls away with the page, so it is always as at the top.{' '}
        <Button
          size="small"
          onClick={() =>
            edit([
              {
                edit: 'setValue',
                place: { on: 'assembly', in: 'headers', assembly: id },
                property: 'scrolling',
                cell: site.bands[0]!.id,
                value: 'stays',
              },
            ])
          }
        >
          Let it stay in sight
        </Button>
      </p>
    );
  return (
    <>
      {findings.length > 0 && (
        <ul className={styles.findings} aria-label="What visitors would see">
          {findings.map(({ fault, words }) => (
            <li key={fault === 'covers all' ? words : fault}>
              {words}{' '}
              {fault === 'no picture' && (
                <ScreenLink href={`/sites/${site.id}/pages`}>Choose how they begin</ScreenLink>
              )}
            </li>
          ))}
        </ul>
      )}
      <p className="quiet">How the header scrolls as a whole is set on “{header.name}” in the plan.</p>
      <OverPictures site={site} header={header} />
    </>
  );
}
