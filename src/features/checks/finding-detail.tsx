'use client';

import { App, Button, Input } from 'antd';
import { useMemo, useState } from 'react';
import { useAdvances, useEdit, useSite } from '@/client/open-site-context';
import { checkOf } from '@/core/checks';
import type { Finding } from '@/core/checks/finding';
import { applyEdits } from '@/core/edit/apply';
import { editTitle } from '@/core/edit';
import { stateLabels } from '@/core/properties/states';
import { phaseLabels } from '@/core/properties/phases';
import { languageName } from '@/core/site/language';
import type { Site } from '@/core/site/site';
import { ScreenLink } from '@/ui/screen-link';
import { hrefOf } from '../workbench/why/leads';
import { FindingView } from './finding-view';
import styles from './checks.module.css';

/** Where a finding is seen, in words. */
function seenText(site: Site, { seen }: Finding): string {
  const band = site.bands.find(({ id }) => id === seen.band)?.name;
  return [
    seen.width === undefined ? null : `${seen.width} px`,
    band && `on the ${band}`,
    seen.language && site.languages.length > 1 ? `in ${languageName(seen.language)}` : null,
    seen.phase && seen.phase !== 'top' ? phaseLabels[seen.phase].toLowerCase() : null,
    seen.scheme === 'dark' && 'in the dark scheme',
    seen.state && stateLabels[seen.state].toLowerCase(),
    seen.page && site.pages[seen.page] ? `page ${site.pages[seen.page]!.path}` : null,
  ]
    .filter(Boolean)
    .join(' · ');
}

/** One finding: what it harms by which standard, where it is seen, what mends it, and why it may be left. */
export function FindingDetail({ finding, stale }: { finding: Finding; stale: boolean }) {
  const site = useSite();
  const edit = useEdit();
  const advances = useAdvances();
  const { notification } = App.useApp();
  const accepted = site.accepted?.[finding.key];
  const [reason, setReason] = useState('');
  const check = checkOf(finding.check);
  const { repair } = finding;
  const mended = useMemo(() => {
    const outcome = repair && applyEdits(site, repair.edits);
    return outcome?.ok ? outcome.site : null;
  }, [site, repair]);
  const say = (refused: string | null) => {
    if (refused)
      notification.warning({ title: 'Nothing was changed', description: refused, placement: 'bottomLeft' });
  };
  const seen = seenText(site, finding);
  return (
    <section aria-label="Finding" className={styles.detail}>
      <h2>{finding.at}</h2>
      <p>{finding.words}</p>
      <dl className={styles.facts}>
        {finding.measure !== null && (
          <>
            <dt>Measured</dt>
            <dd className="figures">{finding.measure}</dd>
          </>
        )}
        {finding.limit !== null && (
          <>
            <dt>Wanted</dt>
            <dd className="figures">{finding.limit}</dd>
          </>
        )}
        {seen !== '' && (
          <>
            <dt>Seen</dt>
            <dd>{seen}</dd>
          </>
        )}
        <dt>Check</dt>
        <dd>{check.label}</dd>
        <dt>From</dt>
        <dd>{check.from}</dd>
      </dl>
      <div className={styles.does}>
        {repair && (
          <Button type="primary" disabled={stale || mended === null} onClick={() => say(edit(repair.edits))}>
            {repair.label}
          </Button>
        )}
        <ScreenLink href={hrefOf(site, finding.lead)}>Go where it is changed</ScreenLink>
      </div>
      {repair && (
        <ul className={styles.edits} aria-label="What the repair does">
          {[...new Set(repair.edits.map((each) => editTitle(site, each)))].map((title) => (
            <li key={title} className="quiet">
              {title}
            </li>
          ))}
        </ul>
      )}
      <FindingView site={site} mended={mended} finding={finding} advances={advances} />
      {accepted === undefined ? (
        <form
          className={styles.accept}
          onSubmit={(event) => {
            event.preventDefault();
            say(edit([{ edit: 'acceptFinding', finding: finding.key, reason }]));
          }}
        >
          <Input
            value={reason}
            maxLength={300}
            aria-label="Why it is left as it is"
            placeholder="Why it is left as it is"
            onChange={(event) => setReason(event.target.value)}
          />
          <Button htmlType="submit" disabled={reason.trim() === ''}>
            Leave it so
          </Button>
        </form>
      ) : (
        <p className={styles.accept}>
          <span>Left as it is, since: {accepted}</span>
          <Button onClick={() => say(edit([{ edit: 'acceptFinding', finding: finding.key, reason: null }]))}>
            Look at it again
          </Button>
        </p>
      )}
    </section>
  );
}
