'use client';

import { own } from '@/core/ids/id';
import { useCallback, useDeferredValue, useState, type CSSProperties } from 'react';
import { useOpenSite } from '@/client/open-site-context';
import type { AssemblyKind } from '@/core/properties/assembly-kind';
import { fullestBar } from '@/core/site/fullest-bar';
import { placeOf, type Lead } from '@/core/why/reason';
import { SplitEdge } from '@/ui/split/split-edge';
import type { LitCell } from './pointing/dimension-line';
import type { Spotted } from './pointing/pointed-frame';
import { type Selection } from './selection';
import { shares, useRoom } from './use-room';
import { selectionOf } from './why/leads';
import type { Asked } from './why/why-panel';
import styles from './workbench.module.css';
import { Lower } from './lower';
import { Views } from './views-and-ruler';

/** The heart of the application: preview, ruler, plan and sheet of one header, drawer or footer. */
export function Workbench({
  kind,
  assemblyId,
  lead = null,
}: {
  kind: AssemblyKind;
  assemblyId: string;
  /** What its address leads to; the bar that holds the most is selected to begin with where that is nothing. */
  lead?: Lead | null;
}) {
  const [opened, setOpened] = useState(false);
  const fullest = useOpenSite(({ site }) => {
    const assembly = own(site[kind], assemblyId);
    return assembly ? fullestBar(assembly) : '';
  });
  const [selected, setSelected] = useState<Selection>(() => {
    const place = lead && placeOf(lead);
    return (place && selectionOf({ in: kind, assembly: assemblyId }, place)) ?? { on: 'bar', id: fullest };
  });
  const [lit, setLit] = useState<LitCell | null>(null);
  const [asked, setAsked] = useState<Asked | null>(null);
  const [carried, setCarried] = useState<string | null>(null);
  const askSpot = useCallback((spot: Spotted) => setAsked({ of: 'spot', ...spot }), []);
  // The views show at once what is selected; plan and sheet follow.
  const later = useDeferredValue(selected);
  const [room, setRoom] = useRoom();
  // What is open in a view needs more room than a bar; the edges then move that.
  const views = opened ? 'opened' : 'views';
  const edge = {
    lying: true,
    ...shares[views],
    share: room[views],
    onShare: (share: number) => setRoom({ [views]: share }),
  };
  return (
    <div className={styles.workbench} style={{ '--views': `${room[views]}%` } as CSSProperties}>
      <Views
        kind={kind}
        assemblyId={assemblyId}
        selected={selected}
        onSelect={setSelected}
        carried={carried}
        onLit={setLit}
        onWhy={askSpot}
        onOpened={setOpened}
        edge={<SplitEdge label="Edge between views and ruler" {...edge} />}
      />
      <SplitEdge label="Edge between ruler and plan" {...edge} />
      <Lower
        kind={kind}
        assemblyId={assemblyId}
        selected={later}
        onSelect={setSelected}
        lit={lit}
        asked={asked}
        onAsk={setAsked}
        carried={carried}
        onCarry={setCarried}
        lead={lead}
      />
    </div>
  );
}
