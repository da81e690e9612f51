'use client';

import { Button } from 'antd';
import { useMemo } from 'react';
import { useEdit, useSite } from '@/client/open-site-context';
import type { AssemblyPlace } from '@/core/edit/place';
import { stateLabels } from '@/core/properties/states';
import { groundFindings, type GroundFinding } from '@/core/resolve/ground-findings';
import { inScheme, shownSchemes } from '@/core/site/scheme';
import { ContrastFigure } from '@/ui/contrast-figure';
import scroll from '../scroll/scroll.module.css';
import styles from '../workbench.module.css';

/** What on a bar that others follow has a colour of its own that is not legible there, each to be mended with one click. */
export function GroundFindings({ at, bar }: { at: AssemblyPlace; bar: string }) {
  const site = useSite();
  const edit = useEdit();
  const own = site[at.in][at.assembly]?.bars[bar];
  const findings = useMemo(
    () =>
      own
        ? shownSchemes(site).flatMap((scheme) =>
            groundFindings(inScheme(site, scheme), at, own).map((each) => ({ ...each, scheme })),
          )
        : [],
    [site, at, own],
  );
  if (findings.length === 0) return null;
  const follow = ({ piece, own: properties, state }: GroundFinding) =>
    edit(
      properties.map((property) => ({
        edit: 'clearValue' as const,
        place: { on: 'piece' as const, ...at, piece },
        property,
        cell: state,
      })),
    );
  return (
    <section className={styles.offer} aria-label="Not legible on this ground">
      <h3>Not legible on this ground</h3>
      <ul className={scroll.findings}>
        {findings.map((each) => (
          <li key={`${each.piece} ${each.part} ${each.state} ${each.scheme}`}>
            {each.title}, {each.part.toLowerCase()} {stateLabels[each.state].toLowerCase()}
            {each.scheme === 'dark' ? ', in dark' : ''} <ContrastFigure ratio={each.ratio} />{' '}
            <Button size="small" onClick={() => follow(each)}>
              Let it follow the ground
            </Button>
          </li>
        ))}
      </ul>
    </section>
  );
}
