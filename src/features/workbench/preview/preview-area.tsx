'use client';

import { App, Select } from 'antd';
import { useEffect, useMemo, useRef, useState, type ReactNode } from 'react';
import { useAdvances } from '@/client/open-site-context';
import { foreseenWay } from '@/core/fit/foreseen-way';
import { usually } from '@/core/fit/heights';
import { stageAt } from '@/core/fit/way-down';
import type { AssemblyKind } from '@/core/properties/assembly-kind';
import { schemes, type Scheme } from '@/core/properties/schemes';
import { homePage } from '@/core/render/files';
import { settleNames } from '@/core/render/names';
import type { Assembly } from '@/core/site/assembly';
import { firstPageOf } from '@/core/site/placing';
import { languageName } from '@/core/site/language';
import { hasDark } from '@/core/site/scheme';
import type { Site } from '@/core/site/site';
import type { RulerView } from '@/ui/ruler/model';
import { inField } from '@/ui/in-field';
import { useSize } from '@/ui/use-size';
import { pointedKey, type Pointed } from '@/core/pointing/pointed';
import type { Pointing } from '../pointing/pointed-frame';
import { Hint } from '../../hints/hint';
import { openedDrawer } from './opened-drawer';
import { dropDownChoices, shownDropDown } from './shown-drop-down';
import styles from './preview.module.css';
import { fileOf, pageWithFile, useRendered, type Rendered, type ShownPage } from './use-rendered';
import { useFramesAhead, type ShowsAhead } from './use-frames-ahead';
import { useScrolls } from './use-scrolls';
import { View } from './view';
import { commonScale } from './views';

/** The room between two views, in px of the screen. */
const GAP = 16;

interface PreviewAreaProps {
  site: Site;
  kind: AssemblyKind;
  assembly: Assembly;
  views: readonly RulerView[];
  /** What is selected. */
  selected: Pointed;
  /** With `more`, beside what is selected already. */
  onSelect(pointed: Pointed, more: boolean): void;
  carried: Pointing['carried'];
  onPut: Pointing['onPut'];
  onAct: Pointing['onAct'];
  onHovered: Pointing['onHovered'];
  onLit: Pointing['onLit'];
  /** Something was opened in a view, or nothing is open any more. */
  onOpened(opened: boolean): void;
  /** Takes what shows an edit in the views before they are drawn with it. */
  onAhead(shows: ShowsAhead): void;
}

/** All views at once, live and to one scale; one of them can be blown up to fill the area at 1:1. */
export function PreviewArea(props: PreviewAreaProps) {
  const [blownUp, setBlownUp] = useState<string | null>(null);
  const [area, room] = useSize<HTMLDivElement>();
  return (
    <section className={styles.area} aria-label="Preview">
      <Hint of="views" />
      <div ref={area} className={blownUp === null ? styles.views : styles.oneView}>
        {/* Without room there is nothing to be seen of all that views are worked out of, as on the server. */}
        {room.width > 0 && <Views {...props} room={room} blownUp={blownUp} setBlownUp={setBlownUp} />}
      </div>
    </section>
  );
}

/** In which schemes the views are shown. */
const schemeChoices = {
  light: { label: 'light', schemes: ['light'] },
  dark: { label: 'dark', schemes: ['dark'] },
  both: { label: 'both', schemes },
} as const satisfies Record<string, { label: string; schemes: readonly Scheme[] }>;

/** What a view is known by: in the light scheme by its band alone. */
const viewKey = (view: string, scheme: Scheme) => (scheme === 'light' ? view : `${view} ${scheme}`);

/** The page in each scheme that is shown. */
function useBySchemes(
  site: Site,
  shown: readonly Scheme[],
  of: { kind: AssemblyKind; assembly: Assembly; shown: ShownPage },
): Record<Scheme, Rendered | null> {
  const light = useRendered(site, 'light', { ...of, wanted: shown.includes('light') });
  const dark = useRendered(site, 'dark', { ...of, wanted: shown.includes('dark') });
  return { light, dark };
}

interface ViewsProps extends PreviewAreaProps {
  /** The size of the area, in px. */
  room: { width: number; height: number };
  /** The view that fills it; null for all of them. */
  blownUp: string | null;
  setBlownUp(view: string | null): void;
}

function Views({
  site,
  kind,
  assembly,
  views,
  selected,
  onSelect,
  carried,
  onPut,
  onAct,
  onHovered,
  onLit,
  onOpened,
  onAhead,
  room,
  blownUp,
  setBlownUp,
}: ViewsProps) {
  const { notification } = App.useApp();
  // Where a link was followed to; each header begins on the first page that it stands on.
  const [went, setWent] = useState<{ with: string; file: string } | null>(null);
  const first = firstPageOf(site, assembly.id);
  const file =
    went?.with === assembly.id
      ? went.file
      : fileOf(site, { page: first ?? homePage(site), language: site.languages[0]! });
  const shownPage = useMemo(() => pageWithFile(site, file), [site, file]);
  const setFile = (next: string) => setWent({ with: assembly.id, file: next });
  // The drawers that were opened by view; in the workbench of drawers all stand open to begin with.
  const [drawers, setDrawers] = useState<Record<string, boolean>>({});
  const [opened, setOpened] = useState<Record<string, boolean>>({});
  const scrolls = useScrolls();
  const [still, setStill] = useState(false);
  const [wanted, setWanted] = useState<keyof typeof schemeChoices>('light');
  const inSchemes = hasDark(site) ? schemeChoices[wanted].schemes : (['light'] as const);
  const rendered = useBySchemes(site, inSchemes, { kind, assembly, shown: shownPage });
  const names = useMemo(() => settleNames(site), [site]);
  const advances = useAdvances();
  const way = useMemo(
    () => foreseenWay({ ...usually(site, advances), language: shownPage.language }, kind, assembly),
    [site, advances, shownPage.language, kind, assembly],
  );
  const shown = views
    .filter((view) => blownUp === null || view.id === blownUp)
    .flatMap((view) => inSchemes.map((scheme) => ({ view, scheme, key: viewKey(view.id, scheme) })));
  const scale =
    blownUp === null
      ? commonScale(
          shown.map(({ view }) => view.width),
          room.width,
          GAP,
        )
      : 1;
  const frames = useFramesAhead(onAhead, rendered, { site, kind, assembly: assembly.id, page: shownPage });
  const anyOpened = shown.some(({ key }) => opened[key]);
  useEffect(() => onOpened(anyOpened), [anyOpened, onOpened]);
  useEffect(() => {
    if (blownUp === null) return;
    const leave = (event: KeyboardEvent) => {
      if (event.key === 'Escape' && !event.defaultPrevented && !inField(event.target)) setBlownUp(null);
    };
    window.addEventListener('keydown', leave);
    return () => window.removeEventListener('keydown', leave);
  }, [blownUp, setBlownUp]);
  const choices = useMemo(() => dropDownChoices(site, kind, assembly), [site, kind, assembly]);
  const [chosen, setChosen] = useState<string | null>(null);
  const dropped = choices.some(({ value }) => value === chosen) ? chosen : null;
  const tools = (
    <>
      {hasDark(site) && (
        <Select
          size="small"
          variant="borderless"
          aria-label="Scheme of the views"
          popupMatchSelectWidth={false}
          options={Object.entries(schemeChoices).map(([value, { label }]) => ({ value, label }))}
          value={wanted}
          onChange={(value: keyof typeof schemeChoices) => setWanted(value)}
        />
      )}
      {choices.length > 0 && (
        <Select
          size="small"
          className={styles.choice}
          variant="borderless"
          aria-label="Drop-down that is shown open"
          placeholder="open a drop-down"
          popupMatchSelectWidth={false}
          allowClear
          options={choices}
          value={dropped}
          onChange={(value: string | undefined) => setChosen(value ?? null)}
        />
      )}
      {/* Beside each other in both schemes, views have no room for more. */}
      {inSchemes.length === 1 && (
        <>
          <Toggle on={scrolls.together} set={scrolls.setTogether} title="All views scroll together">
            scroll together
          </Toggle>
          <Toggle on={still} set={setStill} title="As for those who asked for less motion">
            no motion
          </Toggle>
        </>
      )}
    </>
  );
  // A second click on the same spot goes one level out; it may come before the first one is drawn.
  const clicked = useRef<string | null>(null);
  const current = useRef(selected);
  useEffect(() => {
    current.current = selected;
  }, [selected]);
  const select = (view: string, levels: readonly Pointed[], more: boolean) => {
    const [innermost] = levels;
    if (innermost === undefined) return;
    // Several at once are pieces.
    const piece = more ? levels.find(({ on }) => on === 'piece') : undefined;
    if (piece) return onSelect(piece, true);
    const spot = `${view} ${pointedKey(innermost)}`;
    const again = clicked.current === spot;
    const before = levels.findIndex((each) => pointedKey(each) === pointedKey(current.current));
    clicked.current = spot;
    current.current = (again && levels[before + 1]) || innermost;
    onSelect(current.current, false);
  };
  // Beside the page of the second view: the head of the first has no room for more.
  const language = site.languages.length > 1 && (
    <Select
      size="small"
      variant="borderless"
      aria-label="Language of the views"
      popupMatchSelectWidth={false}
      options={site.languages.map((tag) => ({ value: tag, label: languageName(tag) }))}
      labelRender={({ value }) => value}
      value={shownPage.language}
      onChange={(language: string) => setFile(fileOf(site, { ...shownPage, language }))}
    />
  );
  const leave = (href: string) =>
    notification.info({
      title: 'A preview stays on the site',
      description: `The link leads to ${href}.`,
      placement: 'bottomLeft',
    });

  return shown.map(({ view, scheme, key }, index) => {
    const drawer = openedDrawer(site, kind, assembly, stageAt(way, view.width));
    const open = drawer !== null && (drawers[view.id] ?? kind === 'drawers');
    return (
      <View
        key={key}
        site={site}
        language={shownPage.language}
        pointing={{
          selected,
          home: { in: kind, assembly: assembly.id },
          carried,
          onPut,
          onClicked: (levels, more) => select(key, levels, more),
          onAct,
          onHovered,
          onLit,
        }}
        view={view}
        scheme={inSchemes.length > 1 ? scheme : null}
        scale={scale}
        height={room.height - 26}
        root={`/frame/${site.id}`}
        file={fileOf(site, shownPage)}
        page={rendered[scheme]}
        atEnd={kind === 'footers'}
        dropDown={shownDropDown(site, advances, { kind, assembly }, view.width, dropped)}
        drawer={drawer === null ? null : { element: names.get(drawer)!, open }}
        blownUp={blownUp !== null}
        still={still}
        scroll={scrolls.of(key)}
        handle={frames.of(key, scheme)}
        onScroll={(top, most) => scrolls.scrolled(key, top, most)}
        onScrollTo={(top) => scrolls.scrollTo(key, top)}
        tools={
          <>
            {index === Math.min(1, shown.length - 1) && language}
            {index === 0 && tools}
          </>
        }
        onBlowUp={() => setBlownUp(blownUp === null ? view.id : null)}
        onDrawer={(next) => setDrawers((before) => ({ ...before, [view.id]: next }))}
        onNavigate={setFile}
        onLeave={leave}
        onOpened={(next) => setOpened((before) => ({ ...before, [key]: next }))}
        onEscape={() => setBlownUp(null)}
        headWidth={blownUp === null ? undefined : room.width}
      />
    );
  });
}

interface ToggleProps {
  on: boolean;
  set(on: boolean): void;
  title: string;
  children: ReactNode;
}

function Toggle({ on, set, title, children }: ToggleProps) {
  return (
    <button
      type="button"
      className={`plain ${on ? styles.pressed : ''}`}
      aria-pressed={on}
      title={title}
      onClick={() => set(!on)}
    >
      {children}
    </button>
  );
}
