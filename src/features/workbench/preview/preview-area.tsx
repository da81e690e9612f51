'use client';

import { MenuOutlined } from '@ant-design/icons';
import { App, Select } from 'antd';
import { useEffect, useMemo, useState, type ReactNode } from 'react';
import { useAdvances } from '@/client/open-site-context';
import { asForeseen } from '@/core/fit/measured-rules';
import { stageAt, wayDown } from '@/core/fit/way-down';
import type { AssemblyKind } from '@/core/properties/assembly-kind';
import { schemes, type Scheme } from '@/core/properties/schemes';
import { settleNames } from '@/core/render/names';
import type { Assembly } from '@/core/site/assembly';
import { pageFile } from '@/core/render/page/paths';
import { firstPageOf } from '@/core/site/placing';
import { hasDark } from '@/core/site/scheme';
import type { Site } from '@/core/site/site';
import { PreviewFrame } from '@/ui/preview/preview-frame';
import type { RulerView } from '@/ui/ruler/model';
import { inField } from '@/ui/in-field';
import { useSize } from '@/ui/use-size';
import { openedDrawer } from './opened-drawer';
import { dropDownChoices, shownDropDown } from './shown-drop-down';
import styles from './preview.module.css';
import { useRendered, type Rendered } from './use-rendered';
import { useScrolls, type Scroll } from './use-scrolls';
import { commonScale } from './views';

/** The room between two views, in px of the screen. */
const GAP = 16;

interface PreviewAreaProps {
  site: Site;
  kind: AssemblyKind;
  assembly: Assembly;
  views: readonly RulerView[];
  /** Something was opened in a view, or nothing is open any more. */
  onOpened(opened: boolean): void;
}

/** All views at once, live and to one scale; one of them can be blown up to fill the area at 1:1. */
export function PreviewArea(props: PreviewAreaProps) {
  const [blownUp, setBlownUp] = useState<string | null>(null);
  const [area, room] = useSize<HTMLDivElement>();
  return (
    <section className={styles.area} aria-label="Preview">
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
  of: { kind: AssemblyKind; assembly: Assembly; file: string },
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

function Views({ site, kind, assembly, views, onOpened, room, blownUp, setBlownUp }: ViewsProps) {
  const { notification } = App.useApp();
  // Where a link was followed to; each header begins on the first page that it stands on.
  const [went, setWent] = useState<{ with: string; file: string } | null>(null);
  const first = firstPageOf(site, assembly.id);
  const file = went?.with === assembly.id ? went.file : first === null ? 'index.html' : pageFile(first.path);
  const setFile = (next: string) => setWent({ with: assembly.id, file: next });
  // The drawers that were opened by view; in the workbench of drawers all stand open to begin with.
  const [drawers, setDrawers] = useState<Record<string, boolean>>({});
  const [opened, setOpened] = useState<Record<string, boolean>>({});
  const scrolls = useScrolls();
  const [still, setStill] = useState(false);
  const [wanted, setWanted] = useState<keyof typeof schemeChoices>('light');
  const inSchemes = hasDark(site) ? schemeChoices[wanted].schemes : (['light'] as const);
  const rendered = useBySchemes(site, inSchemes, { kind, assembly, file });
  const names = useMemo(() => settleNames(site), [site]);
  const advances = useAdvances();
  const way = useMemo(
    () => wayDown(site, advances, kind, asForeseen(assembly)),
    [site, advances, kind, assembly],
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
  const leave = (href: string) =>
    notification.info({
      title: 'A preview stays on the site',
      description: `The link leads to ${href}.`,
      placement: 'bottomLeft',
    });

  return shown.map(({ view, scheme, key }, index) => {
    const page = rendered[scheme];
    if (page === null) return null;
    const drawer = openedDrawer(site, kind, assembly, stageAt(way, view.width));
    const open = drawer !== null && (drawers[view.id] ?? kind === 'drawers');
    return (
      <View
        key={key}
        view={view}
        scheme={inSchemes.length > 1 ? scheme : null}
        scale={scale}
        height={room.height - 26}
        root={`/frame/${site.id}`}
        {...page}
        atEnd={kind === 'footers'}
        dropDown={shownDropDown(site, advances, { kind, assembly }, view.width, dropped)}
        drawer={drawer === null ? null : { element: names.get(drawer)!, open }}
        blownUp={blownUp !== null}
        still={still}
        scroll={scrolls.of(key)}
        onScroll={(top, most) => scrolls.scrolled(key, top, most)}
        onScrollTo={(top) => scrolls.scrollTo(key, top)}
        tools={index === 0 && tools}
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

interface ViewProps {
  view: RulerView;
  /** The scheme that it is shown in, where there are several. */
  scheme: Scheme | null;
  scale: number;
  /** The height of the view on the screen, in px. */
  height: number;
  root: string;
  file: string;
  html: string;
  css: string;
  atEnd: boolean;
  /** The selector of the drop-down that is shown open. */
  dropDown: string | null;
  drawer: { element: string; open: boolean } | null;
  blownUp: boolean;
  still: boolean;
  scroll: Scroll;
  /** What is set for all views, in the head of the first. */
  tools: ReactNode;
  onScroll(top: number, most: number): void;
  onScrollTo(top: number): void;
  onBlowUp(): void;
  onDrawer(open: boolean): void;
  onNavigate(file: string): void;
  onLeave(href: string): void;
  onOpened(opened: boolean): void;
  onEscape(): void;
  /** The width of the head, in px of the screen, where it is not that of the view. */
  headWidth: number | undefined;
}

function View({ view, scheme, scale, height, root, file, html, css, atEnd, ...more }: ViewProps) {
  const { dropDown, drawer, blownUp, still, scroll, tools, headWidth, ...on } = more;
  const name = scheme === 'dark' ? `${view.name} view, dark` : `${view.name} view`;
  const openElement = drawer?.open ? drawer.element : null;
  const content = useMemo(
    () => ({ html, css, drawer: openElement, dropDown, atEnd, still }),
    [html, css, openElement, dropDown, atEnd, still],
  );
  return (
    <div className={styles.view}>
      <div
        className={styles.viewHead}
        style={headWidth === undefined ? undefined : { minInlineSize: 0, inlineSize: headWidth }}
      >
        <b>{view.name}</b>
        <span className="figures">
          {view.width}
          <span className={styles.unit}> px</span>
        </span>
        {scheme === null ? (
          <span className={`quiet ${styles.file}`}>{file}</span>
        ) : (
          scheme === 'dark' && <span className="quiet">dark</span>
        )}
        {tools}
        {drawer && (
          <button
            type="button"
            className={`plain ${drawer.open ? styles.pressed : ''}`}
            aria-pressed={drawer.open}
            aria-label={`Drawer open in the ${name}`}
            title={drawer.open ? 'Close the drawer' : 'Open the drawer'}
            onClick={() => on.onDrawer(!drawer.open)}
          >
            <MenuOutlined aria-hidden="true" />
          </button>
        )}
        <button
          type="button"
          className="plain"
          aria-pressed={blownUp}
          onClick={on.onBlowUp}
          aria-label={`${name} at 1:1`}
        >
          {blownUp ? 'all views' : '1:1'}
        </button>
      </div>
      <div className={styles.frame} style={{ inlineSize: view.width * scale, blockSize: height }}>
        <PreviewFrame
          title={name}
          root={root}
          file={file}
          content={content}
          width={view.width}
          height={height / scale}
          scale={scale}
          onNavigate={on.onNavigate}
          onDrawer={(open) => on.onDrawer(open !== null)}
          onLeave={on.onLeave}
          onOpened={on.onOpened}
          onEscape={on.onEscape}
          onScroll={on.onScroll}
          scrollTo={scroll.wanted}
        />
      </div>
      {scroll.most > 0 && (
        <input
          type="range"
          className={styles.scroll}
          aria-label={`${name} scrolled by, in px`}
          title={`Scrolled by ${scroll.top} px`}
          style={{ height }}
          min={0}
          max={scroll.most}
          step={10}
          value={scroll.top}
          onChange={(event) => on.onScrollTo(Number(event.target.value))}
        />
      )}
    </div>
  );
}
