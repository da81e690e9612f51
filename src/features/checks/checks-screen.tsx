'use client';

import { Alert, Button, Select, Spin } from 'antd';
import { useMemo, useState } from 'react';
import { lookAgain, useFindings } from '@/client/findings';
import { useEdit, useSite } from '@/client/open-site-context';
import { checks } from '@/core/checks';
import { csvReport, htmlReport, jsonReport } from '@/core/formats/checks-report';
import { harms, type Finding, type Harm } from '@/core/checks/finding';
import { slug } from '@/core/render/names';
import { saveText } from '../reading/save-text';
import { Screen } from '../shell/screen';
import { FindingDetail } from './finding-detail';
import { FindingRow } from './finding-row';
import styles from './checks.module.css';

/** The findings of a check that one edit mends alike. */
interface Alike {
  check: string;
  label: string;
  findings: readonly Finding[];
}

/** Repairs that can be done at once: those of the same check that say the same. */
function alikeIn(findings: readonly Finding[]): Alike[] {
  const byRepair = new Map<string, Finding[]>();
  for (const finding of findings) {
    if (!finding.repair) continue;
    const key = `${finding.check} ${finding.repair.label}`;
    byRepair.set(key, [...(byRepair.get(key) ?? []), finding]);
  }
  return [...byRepair.values()]
    .filter((all) => all.length > 1)
    .map((all) => ({ check: all[0]!.check, label: all[0]!.repair!.label, findings: all }));
}

const counted = (count: number, one: string, many: string) =>
  count === 1 ? `One ${one}` : `${count} ${many}`;

/** What the checks found in all of the site, what harms most first; beside it where it can be seen, and what mends it. */
export function ChecksScreen({ finding }: { finding: string | null }) {
  const site = useSite();
  const edit = useEdit();
  const found = useFindings(site, 0);
  const [current, setCurrent] = useState<string | null>(finding);
  const [only, setOnly] = useState<string | null>(null);
  const accepted = site.accepted ?? {};
  const all = useMemo(() => found?.all ?? [], [found]);
  const open = all.filter(({ key, check }) => !(key in accepted) && (only === null || check === only));
  const left = all.filter(({ key, check }) => key in accepted && (only === null || check === only));
  const shown = all.find(({ key }) => key === current) ?? open[0] ?? null;
  // Those that found something come first.
  const choices = checks
    .map(({ id, label }) => ({ id, label, count: all.filter(({ check }) => check === id).length }))
    .toSorted((one, other) => Number(other.count > 0) - Number(one.count > 0))
    .map(({ id, label, count }) => ({ value: id, label: `${label} (${count})` }));
  const name = slug(site.name, 'site');
  const groups = (Object.keys(harms) as Harm[])
    .map((harm) => ({ harm, findings: open.filter((finding) => finding.harm === harm) }))
    .filter(({ findings }) => findings.length > 0);
  return (
    <Screen here="checks">
      <div className={styles.checks}>
        <section aria-label="Findings" className={styles.list} aria-busy={found === null || found.stale}>
          <div className={styles.head}>
            <h2>
              {found === null
                ? 'Looking the site over…'
                : found.failed !== null && all.length === 0
                  ? 'Not looked over'
                  : open.length === 0
                    ? 'Nothing found'
                    : counted(open.length, 'finding', 'findings')}
            </h2>
            {(found === null || found.stale) && <Spin size="small" />}
            <Select
              size="small"
              allowClear
              placeholder="all checks"
              aria-label="Which check"
              popupMatchSelectWidth={false}
              value={only}
              options={choices}
              onChange={(value: string | undefined) => setOnly(value ?? null)}
            />
            {all.length > 0 && (
              <Select
                size="small"
                placeholder="write a report"
                aria-label="Write a report"
                popupMatchSelectWidth={false}
                value={null}
                options={[
                  { value: 'html', label: 'as a page to read (HTML)' },
                  { value: 'csv', label: 'as a table (CSV)' },
                  { value: 'json', label: 'as data (JSON)' },
                ]}
                onChange={(value: string | null) => {
                  if (value === 'html') saveText(`${name}-checks.html`, htmlReport(site, all), 'text/html');
                  if (value === 'csv') saveText(`${name}-checks.csv`, csvReport(site, all), 'text/csv');
                  if (value === 'json')
                    saveText(`${name}-checks.json`, jsonReport(site, all), 'application/json');
                }}
              />
            )}
          </div>
          {found !== null && found.failed !== null && !found.stale && (
            <Alert
              type="warning"
              title="The site as it is now could not be looked over"
              description={`${found.failed}${all.length > 0 ? ' What is listed is of an earlier state.' : ''}`}
              action={
                <Button size="small" onClick={() => lookAgain(site)}>
                  Look again
                </Button>
              }
            />
          )}
          {found !== null && found.failed === null && open.length === 0 && (
            <p className="quiet">
              {checks.length} checks looked at every header, drawer, footer, menu and page, at every width, in
              every language.
            </p>
          )}
          {groups.map(({ harm, findings }) => (
            <section key={harm} aria-label={harms[harm]} className={styles.group}>
              <h3>
                {harms[harm]} <span className="figures quiet">{findings.length}</span>
              </h3>
              {alikeIn(findings).map((alike) => (
                <p key={`${alike.check} ${alike.label}`} className={styles.alike}>
                  <Button
                    size="small"
                    disabled={found?.stale === true}
                    onClick={() => edit(alike.findings.flatMap(({ repair }) => repair!.edits))}
                  >
                    {alike.label}: all {alike.findings.length}
                  </Button>
                </p>
              ))}
              <ul className={styles.rows}>
                {findings.map((finding) => (
                  <FindingRow
                    key={finding.key}
                    finding={finding}
                    chosen={finding.key === shown?.key}
                    onChoose={() => setCurrent(finding.key)}
                  />
                ))}
              </ul>
            </section>
          ))}
          {left.length > 0 && (
            <section aria-label="Left as they are" className={styles.group}>
              <h3>
                Left as they are <span className="figures quiet">{left.length}</span>
              </h3>
              <ul className={styles.rows}>
                {left.map((finding) => (
                  <FindingRow
                    key={finding.key}
                    finding={finding}
                    reason={accepted[finding.key]!}
                    chosen={finding.key === shown?.key}
                    onChoose={() => setCurrent(finding.key)}
                  />
                ))}
              </ul>
            </section>
          )}
        </section>
        {shown && <FindingDetail key={shown.key} finding={shown} stale={found?.stale === true} />}
      </div>
    </Screen>
  );
}
