'use client';

import { own } from '@/core/ids/id';
import { memo, useMemo, useState, type CSSProperties } from 'react';
import { useRouter } from 'next/navigation';
import { useSite } from '@/client/open-site-context';
import { assemblyNouns, type AssemblyKind } from '@/core/properties/assembly-kind';
import { placeOf, type Lead } from '@/core/why/reason';
import { SplitEdge } from '@/ui/split/split-edge';
import { Hint } from '../hints/hint';
import type { LitCell } from './pointing/dimension-line';
import { PlacingMark } from './placing-mark';
import { Plan } from './plan/plan';
import { viewsOf } from './preview/views';
import { asPointed, heldSelection, inPlan, selectedPlaces, type Selection } from './selection';
import { SheetPanel, type Sought } from './sheet/sheet-panel';
import { ShowsWhere } from './stages/shows-where';
import { selectionTitle } from './titles';
import { shares, useRoom } from './use-room';
import { hrefOf, selectionOf, soughtOf } from './why/leads';
import type { Asked } from './why/why-panel';
import styles from './workbench.module.css';
import { useViewWidths } from './use-view-widths';

/** What both halves of a workbench are of. */
export interface WorkbenchHalf {
  kind: AssemblyKind;
  assemblyId: string;
  selected: Selection;
  onSelect(selection: Selection): void;
  /** The kind of the new piece that is carried from the gallery to a bay; null for none. */
  carried: string | null;
}

interface LowerProps extends WorkbenchHalf {
  /** The cell that is being changed in a view. */
  lit: LitCell | null;
  /** What it is asked of why it is so. */
  asked: Asked | null;
  onAsk(asked: Asked | null): void;
  onCarry(kind: string | null): void;
  /** What the address of the workbench leads to. */
  lead: Lead | null;
}

/** Plan and sheet. */
export const Lower = memo(function Lower({
  kind,
  assemblyId,
  selected,
  onSelect: setSelected,
  lit,
  asked,
  onAsk,
  carried,
  onCarry,
  lead,
}: LowerProps) {
  const router = useRouter();
  const site = useSite();
  const [sought, setSought] = useState<Sought | null>(() => lead && soughtOf(site, lead));
  const assembly = own(site[kind], assemblyId);
  const home = useMemo(() => ({ in: kind, assembly: assemblyId }), [kind, assemblyId]);
  const selection = useMemo(
    () => (assembly ? heldSelection(site, home, selected) : selected),
    [site, assembly, home, selected],
  );
  const places = useMemo(() => selectedPlaces(home, selection), [home, selection]);
  const [room, setRoom] = useRoom();
  const [widths] = useViewWidths(site.id);
  if (!assembly) return null;
  const widest = viewsOf(site.bands, widths)[0]!.width;
  const follow = (to: Lead) => {
    const place = placeOf(to);
    const next = place && selectionOf(home, place);
    if (!next) return router.push(hrefOf(site, to));
    setSelected(next);
    setSought(soughtOf(site, to));
  };
  return (
    <div className={styles.lower} style={{ '--plan': `${room.plan}%` } as CSSProperties}>
      <div className={styles.plan}>
        <Hint of="plan" />
        <div className={styles.panelHead}>
          <h2>Plan</h2>
          <button
            type="button"
            className={styles.whole}
            title={`The ${assemblyNouns[kind]} as a whole`}
            aria-pressed={selection.on === 'assembly' && !selection.at}
            onClick={() => setSelected({ on: 'assembly' })}
          >
            {assembly.name}
          </button>
          <span className={styles.pushed}>
            <PlacingMark kind={kind} id={assembly.id} />
          </span>
        </div>
        <Plan
          kind={kind}
          assembly={assembly}
          selection={inPlan(selection) ?? { on: 'assembly' }}
          onSelect={setSelected}
          carried={carried}
          onCarry={onCarry}
        />
        <ShowsWhere kind={kind} assembly={assembly} onSelect={setSelected} />
      </div>
      <SplitEdge
        label="Edge between plan and sheet"
        lying={false}
        {...shares.plan}
        share={room.plan}
        onShare={(plan) => setRoom({ plan })}
      />
      <SheetPanel
        title={selectionTitle(site, asPointed(home, selection), places.length)}
        places={places}
        lit={lit}
        asked={asked}
        onAsk={onAsk}
        onAskAll={() =>
          onAsk({ of: 'spot', pointed: asPointed(home, selection), width: widest, phase: 'top' })
        }
        onLead={follow}
        sought={sought}
        part={selection.on === 'piece' ? (selection.part ?? null) : null}
      />
    </div>
  );
});
