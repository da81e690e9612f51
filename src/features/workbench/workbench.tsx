'use client';

import { memo, useEffect, useMemo, useState } from 'react';
import * as v from 'valibot';
import { useFitSurvey } from '@/client/fit-survey';
import { useEdit, useSite, useSiteNow } from '@/client/open-site-context';
import { breakpointLimits, NARROWEST, WIDEST, type Band } from '@/core/bands/band';
import type { AssemblyKind } from '@/core/properties/assembly';
import type { RulerBand } from '@/ui/ruler/model';
import { Ruler } from '@/ui/ruler/ruler';
import { rulerRules } from './fit/ruler-rules';
import { rulerStretches } from './fit/ruler-stretches';
import { surveyWarning } from '../fit/fit-words';
import { PlacingMark } from './placing-mark';
import { Plan } from './plan/plan';
import { PreviewArea } from './preview/preview-area';
import { viewsOf, type ViewWidths } from './preview/views';
import { heldSelection, selectedPlaces, type Selection } from './selection';
import { SheetPanel } from './sheet/sheet-panel';
import { ShowsWhere } from './shows-where';
import { selectionTitle } from './titles';
import styles from './workbench.module.css';

const SCALE = { from: NARROWEST, to: WIDEST };

function rulerBands(bands: readonly Band[]): RulerBand[] {
  return bands.map((band, index) => {
    const limits = breakpointLimits(bands, band.id);
    return {
      id: band.id,
      name: band.name,
      from: Math.max(band.from, NARROWEST),
      to: bands[index - 1]?.from ?? WIDEST,
      edge: limits && { ...limits, below: bands[index + 1]!.name },
    };
  });
}

/** Widths as this browser kept them; null when it kept none, or something else stands there. */
function readWidths(kept: string | null): ViewWidths | null {
  const parsed = v.safeParse(v.pipe(v.string(), v.parseJson(), v.record(v.string(), v.number())), kept);
  return parsed.success ? parsed.output : null;
}

/** The widths of the views, kept in this browser: they are how one looks at a site, not part of it. */
function useViewWidths(site: string) {
  const [widths, setWidths] = useState<ViewWidths>({});
  const key = `gable-ridge-views-${site}`;
  useEffect(() => {
    const kept = window.localStorage.getItem(key);
    // Read after the first drawing, since the server does not know it.
    const read = readWidths(kept);
    if (read) queueMicrotask(() => setWidths(read));
  }, [key]);
  const change = (view: string, width: number) => {
    const next = { ...widths, [view]: width };
    setWidths(next);
    window.localStorage.setItem(key, JSON.stringify(next));
  };
  return [widths, change] as const;
}

/** Plan and sheet. */
const Lower = memo(function Lower({ kind, assemblyId }: { kind: AssemblyKind; assemblyId: string }) {
  const site = useSite();
  const assembly = site[kind][assemblyId];
  const [selected, setSelected] = useState<Selection>({ on: 'bar', id: assembly?.order.at(-1) ?? '' });
  const selection = useMemo(
    () => (assembly ? heldSelection(assembly, selected) : selected),
    [assembly, selected],
  );
  const places = useMemo(() => selectedPlaces(kind, assemblyId, selection), [kind, assemblyId, selection]);
  if (!assembly) return null;
  return (
    <div className={styles.lower}>
      <div className={styles.plan}>
        <div className={styles.panelHead}>
          <h2>Plan</h2>
          <button
            type="button"
            className="plain"
            aria-pressed={selection.on === 'assembly'}
            onClick={() => setSelected({ on: 'assembly' })}
          >
            {assembly.name}
          </button>
          <span className={styles.pushed}>
            <PlacingMark kind={kind} id={assembly.id} />
          </span>
        </div>
        <Plan kind={kind} assembly={assembly} selection={selection} onSelect={setSelected} />
        <ShowsWhere kind={kind} assembly={assembly} onSelect={setSelected} />
      </div>
      <SheetPanel title={selectionTitle(site, assembly, selection)} places={places} />
    </div>
  );
});

/** The views and the ruler, which show an edit at once. */
const Views = memo(function Views({ kind, assemblyId }: { kind: AssemblyKind; assemblyId: string }) {
  const site = useSiteNow();
  const edit = useEdit();
  const [widths, setWidth] = useViewWidths(site.id);
  const views = viewsOf(site.bands, widths);
  const assembly = site[kind][assemblyId];
  const survey = useFitSurvey(site, kind, assemblyId);
  const fit = useMemo(
    () => assembly && survey && rulerStretches(site, assembly, survey),
    [site, assembly, survey],
  );
  const rules = useMemo(
    () => (assembly && survey ? rulerRules(site, assembly, survey) : []),
    [site, assembly, survey],
  );
  if (!assembly) return null;
  return (
    <>
      <PreviewArea site={site} kind={kind} assembly={assembly} views={views} />
      <Ruler
        scale={SCALE}
        bands={rulerBands(site.bands)}
        views={views}
        fit={fit ?? null}
        warning={survey && assembly ? surveyWarning(site, assembly, survey) : null}
        rules={rules}
        onBreakpoint={(band, from, gesture) => edit([{ edit: 'moveBreakpoint', band, from }], gesture)}
        onView={setWidth}
      />
    </>
  );
});

/** The heart of the application: preview, ruler, plan and sheet of one header, drawer or footer. */
export function Workbench({ kind, assemblyId }: { kind: AssemblyKind; assemblyId: string }) {
  return (
    <div className={styles.workbench}>
      <Views kind={kind} assemblyId={assemblyId} />
      <Lower kind={kind} assemblyId={assemblyId} />
    </div>
  );
}
