import { useCallback, useState } from 'react';
import { newId } from '@/client/new-id';
import { useEdit, useLatestSite, useSite } from '@/client/open-site-context';
import { assemblyNouns, type AssemblyKind } from '@/core/properties/assembly-kind';
import { homePage } from '@/core/render/files';
import { pageFile } from '@/core/render/page/paths';
import type { Assembly } from '@/core/site/assembly';
import type { Site } from '@/core/site/site';
import { startersOf } from '@/core/starters';
import type { Starter } from '@/core/starters/starter';
import type { Advances } from '@/core/text/advances';
import { beginEdits } from '../workbench/begin-assembly';
import { SpecimenOffers } from '../workbench/starters/specimen-offers';
import { starterPage, starterSizes } from '../workbench/starters/starter-page';
import styles from './begin.module.css';

const says: Record<AssemblyKind, string> = {
  headers: 'It stands on every page; its menu collapses by itself where room is short, into a drawer.',
  drawers: 'What the menu button opens. A header brings a plain one; another form takes its place.',
  footers: 'It stands at the end of every page.',
};

/** What a pick takes the place of: an empty header or footer, the one that was picked before, or the drawer that is there. */
function inTheWay(site: Site, kind: AssemblyKind, picked: Assembly | null): Assembly | null {
  const all = Object.values(site[kind]);
  const before = all.find(({ id }) => id === picked?.id);
  if (before || kind === 'drawers') return before ?? all[0] ?? null;
  return all.find(({ pieces }) => Object.keys(pieces).length === 0) ?? null;
}

/** Ready-made headers, drawers or footers beside each other, drawn with what the site has by now; a pick is put in at once. */
export function StarterStrip({ kind }: { kind: AssemblyKind }) {
  const site = useSite();
  const latest = useLatestSite();
  const edit = useEdit();
  const [picked, setPicked] = useState<{ starter: Starter; assembly: Assembly } | null>(null);
  const [refused, setRefused] = useState<string | null>(null);
  const draw = useCallback(
    (starter: Starter, advances: Advances) => starterPage(site, kind, starter, advances),
    [site, kind],
  );
  const there = picked !== null && site[kind][picked.assembly.id] !== undefined;
  const pick = (starter: Starter) => {
    if (there && starter.id === picked.starter.id) return;
    const now = latest();
    const instead = inTheWay(now, kind, picked?.assembly ?? null);
    const { edits, assembly } = beginEdits(now, kind, { starter, instead }, newId);
    const old = kind === 'drawers' && instead ? instead.id : null;
    const removed =
      old === null ? [] : [{ edit: 'removeAssembly' as const, at: { in: kind, assembly: old } }];
    const reason = edit([...edits, ...removed]);
    setRefused(reason);
    if (reason === null) setPicked({ starter, assembly });
  };
  const noun = assemblyNouns[kind];
  return (
    <section className={styles.strip} aria-label={`Begin with a ${noun}`}>
      <h2>{noun.charAt(0).toUpperCase() + noun.slice(1)}</h2>
      <p className="quiet">{says[kind]}</p>
      {refused !== null && (
        <p role="alert" className={styles.refused}>
          This {noun} was not put in: {refused}
        </p>
      )}
      <ul>
        <SpecimenOffers
          items={startersOf[kind]}
          chosen={there ? picked.starter.id : null}
          size={starterSizes[kind]}
          root={`/frame/${site.id}`}
          file={pageFile(homePage(site).path)}
          draw={draw}
          onPick={pick}
        />
      </ul>
    </section>
  );
}
