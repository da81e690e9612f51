'use client';

import { own } from '@/core/ids/id';
import {
  memo,
  useCallback,
  useEffect,
  useDeferredValue,
  useMemo,
  useRef,
  useState,
  type CSSProperties,
  type ReactNode,
} from 'react';
import { useRouter } from 'next/navigation';
import * as v from 'valibot';
import { useFitSurvey, useOpenedSurvey } from '@/client/fit-survey';
import { useAdvances, useEdit, useOpenSite, useSite, useSiteNow } from '@/client/open-site-context';
import type { AssemblyKind } from '@/core/properties/assembly-kind';
import type { Place } from '@/core/edit/place';
import { placeName } from '@/core/edit/place-name';
import { stepped } from '@/core/pointing/steps';
import type { Lead } from '@/core/why/reason';
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
import type { Spotted } from './pointing/pointed-frame';
import { useKeys, type KeyAction } from './pointing/use-keys';
import { PlacingMark } from './placing-mark';
import { movedSpot, NOTHING_FURTHER } from './plan/move';
import { Plan } from './plan/plan';
import { usePutIn } from './plan/use-put-in';
import { PreviewArea } from './preview/preview-area';
import { viewsOf, type ViewWidths } from './preview/views';
import {
  asPointed,
  asSelection,
  heldSelection,
  inPlan,
  selectedPlaces,
  withPiece,
  type Selection,
} from './selection';
import { SheetPanel, type Sought } from './sheet/sheet-panel';
import { ShowsWhere } from './stages/shows-where';
import { selectionTitle } from './titles';
import { shares, useRoom } from './use-room';
import { axisOf, hrefOf, selectionOf } from './why/leads';
import type { Asked } from './why/why-panel';
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
  /** The kind of the new piece that is carried from the gallery to a bay; null for none. */
  carried: string | null;
  /** The cell that is being changed in a view. */
  lit: LitCell | null;
  /** What it is asked of why it is so. */
  asked: Asked | null;
  onAsk(asked: Asked | null): void;
  onCarry(kind: string | null): void;
}

/** Plan and sheet. */
const Lower = memo(function Lower({
  kind,
  assemblyId,
  selected,
  onSelect: setSelected,
  lit,
  asked,
  onAsk,
  carried,
  onCarry,
}: LowerProps) {
  const router = useRouter();
  const [sought, setSought] = useState<Sought | null>(null);
  const site = useSite();
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
  const follow = (lead: Lead) => {
    const place: Place | null =
      lead.to === 'cell' ? lead.place : lead.to === 'rules' ? { on: 'bar', ...lead.at, bar: lead.bar } : null;
    const next = place && selectionOf(home, place);
    if (!next) return router.push(hrefOf(site, lead));
    setSelected(next);
    setSought(
      lead.to === 'cell'
        ? { axis: axisOf(site, lead.cell), place: lead.place, cell: lead }
        : { axis: 'fit', place: place!, cell: null },
    );
  };
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

interface ViewsProps extends Omit<LowerProps, 'lit' | 'asked' | 'onAsk' | 'onCarry'> {
  /** The cell that is being changed in a view; null when none is any more. */
  onLit(cell: LitCell | null): void;
  /** It is asked why something is as it is. */
  onWhy(spot: Spotted): void;
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
  onWhy,
  onOpened,
  carried,
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
  const held = assembly ? heldSelection(site, home, selected) : null;
  const pointed = held && asPointed(home, held);
  const [moved, setMoved] = useState('');
  const putIn = usePutIn(home, onSelect);
  const hovered = useRef<Spotted | null>(null);
  const act = (action: KeyAction, spot = hovered.current) => {
    if (!assembly || !pointed) return;
    if (action.does === 'why') onWhy(spot ?? { pointed, width: views[0]!.width, phase: 'top' });
    else if (action.does === 'step') {
      const next = stepped(site, advances, pointed, action.step);
      if (next) onSelect(asSelection(home, next));
    } else if (pointed.on === 'piece' && !selected.at) {
      const spotAfter = movedSpot(assembly, pointed.id, action.direction);
      if (spotAfter) edit([{ edit: 'movePiece', at: home, piece: pointed.id, spot: spotAfter }]);
      setMoved(spotAfter ? placeName(site, { on: 'bay', ...home, ...spotAfter }) : NOTHING_FURTHER);
    }
  };
  // Over a view it is asked of what lies under the pointer, unless the focus was moved since.
  useKeys(act, ({ does }) => does === 'why' && hovered.current !== null);
  useEffect(() => {
    const forget = () => {
      hovered.current = null;
    };
    window.addEventListener('focusin', forget);
    return () => window.removeEventListener('focusin', forget);
  }, []);
  if (!assembly || !pointed) return null;
  return (
    <>
      <PreviewArea
        site={site}
        kind={kind}
        assembly={assembly}
        views={views}
        selected={pointed}
        onSelect={(next, more) =>
          onSelect(
            more && next.on === 'piece' && held && !asSelection(home, next).at
              ? withPiece(held, next.id)
              : asSelection(home, next),
          )
        }
        carried={carried}
        onPut={putIn}
        onAct={act}
        onHovered={(spot) => (hovered.current = spot)}
        onLit={onLit}
        onOpened={onOpened}
      />
      <p role="status" className="seen-by-readers-only">
        {moved}
      </p>
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
      />
    </div>
  );
}
