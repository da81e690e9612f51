'use client';

import { own } from '@/core/ids/id';
import { memo, useCallback, useEffect, useMemo, useRef, useState, type ReactNode } from 'react';
import { surveyAhead, useFitSurvey, useOpenedSurvey } from '@/client/fit-survey';
import { useAdvances, useAdvancesStore, useEdit, useSite, useSiteNow } from '@/client/open-site-context';
import { stepped } from '@/core/pointing/steps';
import { Ruler } from '@/ui/ruler/ruler';
import { Hint } from '../hints/hint';
import { surveyWarning } from '../fit/fit-words';
import { RULER_SCALE, rulerBands } from '../fit/ruler-bands';
import { rulerRules } from '../fit/ruler-rules';
import { rulerStretches } from '../fit/ruler-stretches';
import { rulerDropDowns } from './fit/ruler-drop-downs';
import { dropDownChoices } from './preview/shown-drop-down';
import type { LitCell } from './pointing/dimension-line';
import type { Spotted } from './pointing/pointed-frame';
import { useKeys, type KeyAction } from './pointing/use-keys';
import { NOTHING_FURTHER } from './plan/move';
import { movedByKey } from './pointing/moved-by-key';
import { usePutIn } from './plan/use-put-in';
import { PreviewArea } from './preview/preview-area';
import type { ShowsAhead } from './preview/use-frames-ahead';
import { viewsOf } from './preview/views';
import { asPointed, asSelection, heldSelection, withPiece } from './selection';
import type { WorkbenchHalf } from './lower';
import { useViewWidths } from './use-view-widths';

interface ViewsProps extends WorkbenchHalf {
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
export const Views = memo(function Views({
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
  const ahead = useRef<ShowsAhead>(null);
  const takeAhead = useCallback((shows: ShowsAhead) => {
    ahead.current = shows;
  }, []);
  const texts = useAdvancesStore();
  const site = useSiteNow((before, after) =>
    ahead.current?.(before, after) ? surveyAhead(after, texts, { kind, assembly: assemblyId }) : null,
  );
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
    } else if (!selected.at) {
      const next = movedByKey(site, home, assembly, pointed, action.direction);
      if (next) edit([next.edit]);
      setMoved(next?.said ?? NOTHING_FURTHER);
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
        onAhead={takeAhead}
      />
      <p role="status" className="seen-by-readers-only">
        {moved}
      </p>
      {edge}
      <div>
        <Hint of="ruler" />
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
      </div>
    </>
  );
});
