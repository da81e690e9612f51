'use client';

import { own } from '@/core/ids/id';
import { memo, useDeferredValue, useMemo, useState, type CSSProperties, type ReactNode } from 'react';
import * as v from 'valibot';
import { useFitSurvey, useOpenedSurvey } from '@/client/fit-survey';
import { useAdvances, useEdit, useOpenSite, useSite, useSiteNow } from '@/client/open-site-context';
import type { AssemblyKind } from '@/core/properties/assembly-kind';
import { stepped, type Step } from '@/core/pointing/steps';
import { Ruler } from '@/ui/ruler/ruler';
import { SplitEdge } from '@/ui/split/split-edge';
import { useKept } from '@/ui/use-kept';
import { surveyWarning } from '../fit/fit-words';
import { RULER_SCALE, rulerBands } from '../fit/ruler-bands';
import { rulerRules } from '../fit/ruler-rules';
import { rulerStretches } from '../fit/ruler-stretches';
import { rulerDropDowns } from './fit/ruler-drop-downs';
import { dropDownChoices } from './preview/shown-drop-down';
import type { LitCell } from './pointing/dimension-line';
import { useSteps } from './pointing/use-steps';
import { PlacingMark } from './placing-mark';
import { Plan } from './plan/plan';
import { PreviewArea } from './preview/preview-area';
import { viewsOf, type ViewWidths } from './preview/views';
import { asPointed, asSelection, heldSelection, inPlan, selectedPlaces, type Selection } from './selection';
import { SheetPanel } from './sheet/sheet-panel';
import { ShowsWhere } from './stages/shows-where';
import { selectionTitle } from './titles';
import { shares, useRoom } from './use-room';
import styles from './workbench.module.css';

const widthsSchema = v.record(v.string(), v.number());

/** The widths of the views, kept in this browser: they are how one looks at a site, not part of it. */
function useViewWidths(site: string) {
  const [kept, keep] = useKept(`gable-ridge-views-${site}`, widthsSchema);
  const widths: ViewWidths = kept ?? {};
  return [widths, (view: string, width: number) => keep({ ...widths, [view]: width })] as const;
}

interface LowerProps {
  kind: AssemblyKind;
  assemblyId: string;
  selected: Selection;
  onSelect(selection: Selection): void;
  /** The cell that is being changed in a view. */
  lit: LitCell | null;
}

/** Plan and sheet. */
const Lower = memo(function Lower({ kind, assemblyId, selected, onSelect: setSelected, lit }: LowerProps) {
  const site = useSite();
  const assembly = own(site[kind], assemblyId);
  const home = useMemo(() => ({ in: kind, assembly: assemblyId }), [kind, assemblyId]);
  const selection = useMemo(
    () => (assembly ? heldSelection(site, home, selected) : selected),
    [site, assembly, home, selected],
  );
  const places = useMemo(() => selectedPlaces(home, selection), [home, selection]);
  const [room, setRoom] = useRoom();
  if (!assembly) return null;
  return (
    <div className={styles.lower} style={{ '--plan': `${room.plan}%` } as CSSProperties}>
      <div className={styles.plan}>
        <div className={styles.panelHead}>
          <h2>Plan</h2>
          <button
            type="button"
            className="plain"
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
        part={selection.on === 'piece' ? (selection.part ?? null) : null}
      />
    </div>
  );
});

interface ViewsProps extends Omit<LowerProps, 'lit'> {
  /** The cell that is being changed in a view; null when none is any more. */
  onLit(cell: LitCell | null): void;
  /** Something was opened in a view, or nothing is open any more. */
  onOpened(opened: boolean): void;
  /** The edge between the views and the ruler. */
  edge: ReactNode;
}

/** The views and the ruler, which show an edit at once. */
const Views = memo(function Views({
  kind,
  assemblyId,
  selected,
  onSelect,
  onLit,
  onOpened,
  edge,
}: ViewsProps) {
  const site = useSiteNow();
  const edit = useEdit();
  const [widths, setWidth] = useViewWidths(site.id);
  const views = viewsOf(site.bands, widths);
  const assembly = own(site[kind], assemblyId);
  const survey = useFitSurvey(site, kind, assemblyId);
  const fit = useMemo(
    () => assembly && survey && rulerStretches(site, assembly, survey),
    [site, assembly, survey],
  );
  const rules = useMemo(() => {
    if (!assembly || Object.values(assembly.bars).every(({ rules }) => !rules?.length)) return null;
    return survey ? rulerRules(site, assembly, survey) : [];
  }, [site, assembly, survey]);
  const surveyed = useOpenedSurvey(useSite(), kind, assemblyId);
  const opened = useMemo(() => {
    if (!assembly || dropDownChoices(site, kind, assembly).length === 0) return null;
    return surveyed ? rulerDropDowns(site, surveyed) : [];
  }, [site, kind, assembly, surveyed]);
  const advances = useAdvances();
  const home = { in: kind, assembly: assemblyId };
  const pointed = assembly ? asPointed(home, heldSelection(site, home, selected)) : null;
  const step = (wanted: Step) => {
    const next = pointed && stepped(site, advances, pointed, wanted);
    if (next) onSelect(asSelection(home, next));
  };
  useSteps(step);
  if (!assembly || !pointed) return null;
  return (
    <>
      <PreviewArea
        site={site}
        kind={kind}
        assembly={assembly}
        views={views}
        selected={pointed}
        onSelect={(next) => onSelect(asSelection(home, next))}
        onStep={step}
        onLit={onLit}
        onOpened={onOpened}
      />
      {edge}
      <Ruler
        scale={RULER_SCALE}
        bands={rulerBands(site.bands)}
        views={views}
        fit={fit ?? null}
        warning={survey && assembly ? surveyWarning(site, assembly, survey) : null}
        rules={rules}
        opened={opened}
        onBreakpoint={(band, from, gesture) => edit([{ edit: 'moveBreakpoint', band, from }], gesture)}
        onView={setWidth}
      />
    </>
  );
});

/** The heart of the application: preview, ruler, plan and sheet of one header, drawer or footer. */
export function Workbench({ kind, assemblyId }: { kind: AssemblyKind; assemblyId: string }) {
  const [opened, setOpened] = useState(false);
  const last = useOpenSite(({ site }) => own(site[kind], assemblyId)?.order.at(-1) ?? '');
  const [selected, setSelected] = useState<Selection>({ on: 'bar', id: last });
  const [lit, setLit] = useState<LitCell | null>(null);
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
        onLit={setLit}
        onOpened={setOpened}
        edge={<SplitEdge label="Edge between views and ruler" {...edge} />}
      />
      <SplitEdge label="Edge between ruler and plan" {...edge} />
      <Lower kind={kind} assemblyId={assemblyId} selected={later} onSelect={setSelected} lit={lit} />
    </div>
  );
}
