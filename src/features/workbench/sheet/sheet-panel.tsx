'use client';

import { Segmented } from 'antd';
import { useEffect, useLayoutEffect, useMemo, useRef, useState } from 'react';
import { useEdit, useSite } from '@/client/open-site-context';
import { spotOf } from '@/core/edit/pieces';
import { placeKey, type AssemblyPlace, type Place } from '@/core/edit/place';
import type { Site } from '@/core/site/site';
import type { Lead } from '@/core/why/reason';
import type { SheetGroup } from '@/ui/sheet/model';
import { Sheet, type CellName } from '@/ui/sheet/sheet';
import { TextCell } from '@/ui/table/text-cell';
import { ScreenLink } from '@/ui/screen-link';
import styles from '../workbench.module.css';
import { FindingsOfPlace } from '../../checks/findings-of-place';
import { Hint } from '../../hints/hint';
import { hasLanguages, hasPhases, hasStates, sheetTable, type SheetAxis } from '../../sheet/sheet-model';
import type { LitCell } from '../pointing/dimension-line';
import { RulesPanel } from '../fit/rules-panel';
import { ScreenShares } from '../scroll/screen-shares';
import { ScrollPanel } from '../scroll/scroll-panel';
import { StatesPanel } from '../states/states-panel';
import { WhyPanel, type Asked } from '../why/why-panel';
import { DrawerScreens } from './drawer-screens';
import { DropDownForms } from './drop-down-forms';
import { EmbedHosts } from './embed-hosts';
import { FooterNotes } from './footer-notes';
import { GroundFindings } from './ground-findings';
import { MissingLogo } from './missing-logo';
import { useSheetActions } from './use-sheet-actions';

/** What the columns of the panel are: cells of an axis of the sheet, or the collapse rules of the bar. */
type PanelAxis = SheetAxis | 'fit';

/** What a reason has led to: the columns among which it is found, the place that they are of, and its cell, where it is one. */
export interface Sought {
  axis: PanelAxis;
  place: Place;
  cell: CellName | null;
}

/** The bar that a place is, or that the piece of a place stands in; null for any other place. */
function barOf(site: Site, place: Place): { at: AssemblyPlace; bar: string } | null {
  if (place.on !== 'bar' && place.on !== 'piece' && place.on !== 'bay') return null;
  const at = { in: place.in, assembly: place.assembly };
  const assembly = site[place.in][place.assembly];
  const bar = place.on === 'piece' ? assembly && spotOf(assembly, place.piece)?.bar : place.bar;
  return bar && assembly?.bars[bar] ? { at, bar } : null;
}

/** What a value without one of its own follows, along each axis. */
const followed: Record<PanelAxis, string> = {
  fit: '',
  width: 'a wider band',
  state: 'another state',
  scroll: 'a wider band or an earlier phase',
  language: 'the first language',
};

/** What the sheet is of; the name of a bar can be changed here. */
function SheetTitle({ title, place }: { title: string; place: Place }) {
  const edit = useEdit();
  if (place.on !== 'bar') return <span>{title}</span>;
  const at = { in: place.in, assembly: place.assembly };
  return (
    <TextCell
      key={place.bar}
      label="Name of the bar"
      text={title}
      keep={(name) => edit([{ edit: 'renameBar', at, bar: place.bar, name }])}
    />
  );
}

/** Groups with those first that hold values of a part, which begin with its name (properties/dress.ts). */
function partFirst(groups: SheetGroup[], part: string | null): SheetGroup[] {
  if (part === null) return groups;
  const isOf = ({ rows }: SheetGroup) => rows.some(({ name }) => name.startsWith(part));
  return [...groups.filter(isOf), ...groups.filter((group) => !isOf(group))];
}

/** The way to an item in its menu, where its label, its link and what stands below it are. */
function ToMenu({ place }: { place: Place & { on: 'item' } }) {
  const site = useSite();
  return (
    <ScreenLink href={`/sites/${site.id}/menus?menu=${place.menu}&item=${place.item}`}>
      In the menu “{site.menus[place.menu]!.name}”
    </ScreenLink>
  );
}

/** What kind of thing stands at a place: those of one kind have the same rows. */
const kindOf = (site: Site, place: Place): string =>
  place.on === 'piece' ? (site[place.in][place.assembly]?.pieces[place.piece]?.kind ?? place.on) : place.on;

/** The sheet of what is selected, of several pieces at once what they share; its columns are bands, or states, phases or languages where it has any. */
export function SheetPanel({
  title,
  places,
  part,
  lit,
  asked,
  onAsk,
  onAskAll,
  onLead,
  sought,
}: {
  title: string;
  places: readonly Place[];
  /** The part of the piece that was pointed at: what acts on it comes first. */
  part: string | null;
  /** The cell that is being changed in a view. */
  lit: LitCell | null;
  /** What it is asked of why it is so. */
  asked: Asked | null;
  onAsk(asked: Asked | null): void;
  /** Asks why all that is selected is as it is. */
  onAskAll(): void;
  onLead(lead: Lead): void;
  sought: Sought | null;
}) {
  const site = useSite();
  const place = places[0]!;
  const { actions, inputs } = useSheetActions(places);
  const [wanted, setWanted] = useState<PanelAxis>(sought?.axis ?? 'width');
  const [found, setFound] = useState(sought);
  if (found !== sought) {
    setFound(sought);
    if (sought) setWanted(sought.axis);
  }
  const panel = useRef<HTMLElement>(null);
  // Rules stand at the top; a cell comes into sight by itself.
  useEffect(() => {
    if (sought?.cell === null) panel.current?.scrollTo({ top: 0 });
  }, [sought]);
  // The rows of another kind of thing begin at the top; a cell that is looked for is found after that.
  const kind = kindOf(site, place);
  const shownKind = useRef(kind);
  useLayoutEffect(() => {
    // Not at first: the sheet may have been scrolled before the screen came to life.
    if (shownKind.current !== kind) panel.current?.scrollTo({ top: 0 });
    shownKind.current = kind;
  }, [kind]);
  const isSought = sought !== null && placeKey(sought.place) === placeKey(place);
  const axes = useMemo((): PanelAxis[] => {
    const all = (has: typeof hasStates) => places.every((each) => has(site, each));
    return [
      'width',
      ...(all(hasStates) ? ['state' as const] : []),
      ...(all(hasPhases) ? ['scroll' as const] : []),
      ...(all(hasLanguages) ? ['language' as const] : []),
      ...(all((_, each) => barOf(site, each) !== null) ? ['fit' as const] : []),
    ];
  }, [site, places]);
  const axis = axes.includes(wanted) ? wanted : 'width';
  const { columns, groups } = useMemo(() => {
    const table = sheetTable(site, places, axis === 'fit' ? 'width' : axis);
    return { ...table, groups: partFirst(table.groups, part) };
  }, [site, places, axis, part]);
  return (
    <section ref={panel} className={styles.sheet} aria-label="Sheet">
      <Hint of="sheet" />
      <div className={styles.panelHead}>
        <h2>Sheet</h2>
        <SheetTitle title={title} place={place} />
        {place.on === 'item' && <ToMenu place={place} />}
        {places.length === 1 && <FindingsOfPlace place={place} />}
        <span className={styles.pushed}>
          {axes.length > 1 ? (
            <Segmented
              size="small"
              aria-label="Columns"
              value={axis}
              options={axes.map((value) => ({ value, label: `by ${value}` }))}
              onChange={setWanted}
            />
          ) : (
            <span className="quiet">columns by width</span>
          )}
        </span>
      </div>
      {asked && <WhyPanel asked={asked} onLead={onLead} onClose={() => onAsk(null)} />}
      {places.length === 1 && <MissingLogo place={place} />}
      {places.length === 1 && <EmbedHosts place={place} />}
      {places.length === 1 && axis === 'width' && <DropDownForms place={place} />}
      {place.on === 'bar' && axis === 'width' && (
        <GroundFindings at={{ in: place.in, assembly: place.assembly }} bar={place.bar} />
      )}
      {axis === 'fit' && barOf(site, place) && <RulesPanel {...barOf(site, place)!} />}
      {axis === 'state' && place.on === 'piece' && places.length === 1 && (
        <StatesPanel at={{ in: place.in, assembly: place.assembly }} piece={place.piece} />
      )}
      {axis === 'scroll' && 'assembly' in place && <ScrollPanel header={place.assembly} />}
      {axis === 'fit' ? null : groups.length > 0 ? (
        <Sheet
          title={title}
          columns={columns}
          groups={groups}
          actions={actions}
          lit={lit}
          sought={isSought ? sought.cell : null}
          onWhy={(cell) => (cell ? onAsk({ of: 'cell', place, ...cell }) : onAskAll())}
          findable
          follows={followed[axis]}
        />
      ) : (
        <p className="quiet">
          Nothing to set here as a whole. Select a bar or a piece in the plan or in a view.
        </p>
      )}
      {axis === 'scroll' && 'assembly' in place && <ScreenShares header={place.assembly} />}
      {'in' in place && place.in === 'drawers' && <DrawerScreens drawer={place.assembly} />}
      {'in' in place && place.in === 'footers' && <FooterNotes footer={place.assembly} />}
      {inputs}
    </section>
  );
}
