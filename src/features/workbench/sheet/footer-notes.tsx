'use client';

import { Button } from 'antd';
import { useMemo } from 'react';
import { useFooterSurvey } from '@/client/fit-survey';
import { useAdvances, useEdit, useSite } from '@/client/open-site-context';
import { footerFindings } from '@/core/fit/footer-findings';
import type { FooterSurvey } from '@/core/fit/footer-survey';
import { usually } from '@/core/fit/heights';
import { lineUp } from '@/core/fit/line-up';
import { screens } from '@/core/fit/screens';
import type { Assembly } from '@/core/site/assembly';
import { seenWith } from '@/core/site/placing';
import { Findings } from '../findings';
import scroll from '../scroll/scroll.module.css';
import styles from '../workbench.module.css';
import { footerFaultText, footerRepair } from './footer-repairs';

/** How far off what stands in line may be, in CSS px. */
const IN_LINE = 0.5;

/** How far something begins from where the header does, in words. */
function awayText(away: number): string {
  if (Math.abs(away) < IN_LINE) return 'in line';
  return `${Math.abs(Math.round(away * 10) / 10)} px ${away > 0 ? 'further in' : 'further out'}`;
}

/** What visitors would meet in a footer, and whether what stands in its bars begins where the header on its pages does, on screens of several widths. */
export function FooterNotes({ footer }: { footer: string }) {
  const site = useSite();
  const advances = useAdvances();
  const [header, own] = [site.headers[seenWith(site, footer, 'header') ?? ''], site.footers[footer]];
  const shown = useMemo(() => screens.filter(({ width }) => [375, 768, 1280, 1920].includes(width)), []);
  const rows = useMemo(() => {
    if (!header || !own) return [];
    const byScreen = shown.map(({ width }) => lineUp(usually(site, advances), header, own, width));
    return own.order
      .map((bar) => ({
        bar,
        name: own.bars[bar]!.name,
        away: byScreen.map((each) => each.find((one) => one.bar === bar)?.away ?? null),
      }))
      .filter(({ away }) => away.some((each) => each !== null));
  }, [site, advances, header, own, shown]);
  const findings = useMemo(
    () => (own ? footerFindings(site, own).map(({ words }) => words) : []),
    [site, own],
  );
  const survey = useFooterSurvey(site, footer);
  const lines = rows.length > 0 && (
    <section className={styles.offer} aria-label="In line with the header">
      <h3>In line with “{header!.name}”</h3>
      <table className={styles.lineUp}>
        <thead>
          <tr>
            <th scope="col">Begins</th>
            {shown.map(({ name, width }) => (
              <th key={name} scope="col">
                {name} <span className="quiet figures">{width}</span>
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {rows.map(({ bar, name, away }) => (
            <tr key={bar}>
              <th scope="row">{name}</th>
              {away.map((each, index) => (
                <td key={shown[index]!.name}>{each === null ? '' : awayText(each)}</td>
              ))}
            </tr>
          ))}
        </tbody>
      </table>
    </section>
  );
  return (
    <>
      <Findings all={findings} />
      {own && <FooterStanding footer={own} survey={survey} />}
      {lines}
    </>
  );
}

/** Where a footer breaks otherwise than was meant, each to be mended where one click can, and how high it is on screens. */
function FooterStanding({
  footer,
  survey: found,
}: {
  footer: Assembly;
  survey: { answer: FooterSurvey; stale: boolean } | null;
}) {
  const site = useSite();
  const edit = useEdit();
  if (found === null) return <p className="quiet">Measuring the footer at every width…</p>;
  const { answer: survey, stale } = found;
  const stretches = survey.stretches.filter(({ piece }) => footer.pieces[piece]);
  const upright = survey.heights.filter(({ screen }) => screen.held === 'upright');
  return (
    <section className={styles.offer} aria-label="At every width">
      <h3>At every width</h3>
      {stretches.length === 0 ? (
        <p className="quiet">No link breaks or stands alone, and every word fits its column.</p>
      ) : (
        <ul className={scroll.findings} aria-label="Where it breaks">
          {stretches.map((stretch) => {
            const repair = footerRepair(site, footer, stretch);
            return (
              <li key={`${stretch.fault} ${stretch.piece} ${stretch.from}`}>
                {footerFaultText(site, footer, stretch)}{' '}
                {repair && (
                  <Button size="small" disabled={stale} onClick={() => edit(repair.edits)}>
                    {repair.label}
                  </Button>
                )}
              </li>
            );
          })}
        </ul>
      )}
      <table className={styles.lineUp}>
        <thead>
          <tr>
            <th scope="col">Screen</th>
            <th scope="col">Height</th>
            <th scope="col">Of the screen</th>
          </tr>
        </thead>
        <tbody>
          {upright.map(({ screen: { name, width, height: high }, height, share }) => (
            <tr key={name}>
              <th scope="row">
                {name} <span className="quiet figures">{`${width} × ${high}`}</span>
              </th>
              <td className="figures">{Math.round(height)} px</td>
              <td className="figures">{Math.round(share * 100)} %</td>
            </tr>
          ))}
        </tbody>
      </table>
    </section>
  );
}
