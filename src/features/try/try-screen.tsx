'use client';

import { Button, Checkbox, InputNumber, Select } from 'antd';
import { useEffect, useMemo, useRef, useState, type PointerEvent } from 'react';
import { useAdvances, useOpenSite, useSite } from '@/client/open-site-context';
import { bandAt, NARROWEST } from '@/core/bands/band';
import { heldScreens, type HeldScreen } from '@/core/fit/screens';
import { stageAt, wayDown } from '@/core/fit/way-down';
import { phaseLabels } from '@/core/properties/phases';
import { languageFolder, pageFile } from '@/core/render/page/paths';
import { circumstances, triedPart, type TriedAs } from '@/core/render/tried';
import { languageName } from '@/core/site/language';
import { standsAt } from '@/core/site/placing';
import { hasDark } from '@/core/site/scheme';
import { useSize } from '@/ui/use-size';
import { whyText } from '../placing/placing-words';
import { ruleText } from '@/core/fit/rule-words';
import { Screen } from '../shell/screen';
import { drawnIn, nameOf, whereTold, type Where } from './try-frame';
import styles from './try.module.css';

const nameOfScreen = ({ name, held }: HeldScreen) => `${name}, ${held}`;
const zooms = [1, 1.5, 2, 3, 4];

/** The narrowest and the widest window, and the lowest and the highest, in CSS px. */
const WIDEST = 3840;
const LOWEST = 200;
const HIGHEST = 2400;

/** Where one is, which header and footer stand there and why, and what holds at this width. */
function WhereOneIs({ where, width }: { where: Where | null; width: number }) {
  const site = useSite();
  const advances = useAdvances();
  const header = where && standsAt(site, 'header', where.page, where.language);
  const footer = where && standsAt(site, 'footer', where.page, where.language);
  const own = header?.id ? site.headers[header.id] : undefined;
  const begun = useMemo(() => {
    if (!own) return [];
    const way = wayDown(site, advances, 'headers', own);
    const { begun: levels } = stageAt(way, width);
    const rules = Object.values(own.bars).flatMap((bar) => bar.rules ?? []);
    return rules.filter(({ id }) => levels.includes(id)).map((rule) => ruleText(site, own, rule));
  }, [site, advances, own, width]);
  if (!where || !header || !footer)
    return <p className="quiet">Waiting for the page to tell where one is…</p>;
  const rows: [string, string][] = [
    ['Page', `${where.page.title}  ${where.page.path}`],
    ...(site.languages.length > 1 ? [['Language', languageName(where.language)] as [string, string]] : []),
    ['Header', `${nameOf(site.headers, header.id)} (${whyText(site, header.why)})`],
    ['Footer', `${nameOf(site.footers, footer.id)} (${whyText(site, footer.why)})`],
    ['Band', bandAt(site.bands, width).name],
    ['Scrolled', where.phase === null ? 'the header has no phases' : phaseLabels[where.phase].toLowerCase()],
    ['Rules begun', begun.join('; ') || 'none'],
  ];
  return (
    <dl className={styles.where}>
      {rows.map(([term, said]) => (
        <div key={term}>
          <dt>{term}</dt>
          <dd>{said}</dd>
        </div>
      ))}
    </dl>
  );
}

interface SideProps {
  of: 'Width' | 'Height';
  px: number;
  least: number;
  most: number;
  set(px: number): void;
}

/** How wide or high the window is, in CSS px. */
function Side({ of, px, least, most, set }: SideProps) {
  return (
    <InputNumber
      aria-label={`${of} of the window, in px`}
      className={styles.px}
      min={least}
      max={most}
      precision={0}
      value={px}
      onChange={(typed) => typed !== null && set(typed)}
    />
  );
}

/** The site in a frame of any size, clicked through as visitors do, in their circumstances. */
export function TryScreen() {
  const site = useSite();
  const revision = useOpenSite((open) => open.revision);
  const [size, setSize] = useState({ width: 1280, height: 720 });
  const [zoom, setZoom] = useState(1);
  const [as, setAs] = useState<readonly TriedAs[]>([]);
  const [scripts, setScripts] = useState(true);
  const [where, setWhere] = useState<Where | null>(null);
  const [area, room] = useSize<HTMLDivElement>();
  const frame = useRef<HTMLIFrameElement>(null);
  const drag = useRef<{ x: number; width: number } | null>(null);
  const drawn = drawnIn(size, zoom, {
    width: Math.max(1, room.width - 24),
    height: Math.max(1, room.height - 8),
  });
  useEffect(() => {
    const told = (event: MessageEvent) => {
      if (event.source !== frame.current?.contentWindow) return;
      const next = whereTold(site, event.data);
      if (next) setWhere(next);
    };
    window.addEventListener('message', told);
    return () => window.removeEventListener('message', told);
  }, [site]);
  const file = where ? pageFile(where.page.path, languageFolder(site, where.language)) : 'index.html';
  const root = `/tried/${site.id}/${triedPart(as)}`;
  const part = as.join();
  const [shown, setShown] = useState({ part, revision, src: `${root}/index.html` });
  // What was edited since, and other circumstances, are met on the page where one is.
  if (shown.part !== part || shown.revision !== revision)
    setShown({ part, revision, src: `${root}/${file}` });
  const screen = heldScreens.find((each) => each.width === size.width && each.height === size.height);
  const toggle = (name: TriedAs, on: boolean) =>
    setAs(on ? [...as, name] : as.filter((each) => each !== name));
  const pull = (event: PointerEvent) => {
    if (!drag.current) return;
    const scale = drawn.scale / zoom;
    const width = drag.current.width + (2 * (event.clientX - drag.current.x)) / scale;
    setSize({ ...size, width: Math.round(Math.min(WIDEST, Math.max(NARROWEST, width))) });
  };
  const step = (by: number) =>
    setSize({ ...size, width: Math.min(WIDEST, Math.max(NARROWEST, size.width + by)) });
  return (
    <Screen here="try">
      <div className={styles.screen}>
        <div className={styles.tools}>
          <Select
            aria-label="Size of the window"
            className={styles.sizes}
            value={screen ? nameOfScreen(screen) : 'a size of its own'}
            options={heldScreens.map((each) => ({
              value: nameOfScreen(each),
              label: `${nameOfScreen(each)}  ${each.width} × ${each.height}`,
            }))}
            onChange={(name: string) => {
              const chosen = heldScreens.find((each) => nameOfScreen(each) === name);
              if (chosen) setSize({ width: chosen.width, height: chosen.height });
            }}
          />
          <Side
            of="Width"
            px={size.width}
            least={NARROWEST}
            most={WIDEST}
            set={(width) => setSize({ ...size, width })}
          />
          <span aria-hidden="true">×</span>
          <Side
            of="Height"
            px={size.height}
            least={LOWEST}
            most={HIGHEST}
            set={(height) => setSize({ ...size, height })}
          />
          <Select
            aria-label="Zoom"
            value={zoom}
            options={zooms.map((value) => ({ value, label: `zoom ${value * 100} %` }))}
            onChange={setZoom}
          />
          <Button href={`/try/${site.id}/${file}`} target="_blank" rel="noopener" className={styles.alone}>
            In a tab of its own
          </Button>
        </div>
        <div className={styles.sides}>
          <div ref={area} className={styles.area}>
            <div
              className={styles.frame}
              style={{ inlineSize: drawn.width * drawn.scale, blockSize: drawn.height * drawn.scale }}
            >
              {room.width > 0 && (
                <iframe
                  key={`${scripts} ${shown.revision} ${shown.src}`}
                  ref={frame}
                  title="The tried site"
                  src={shown.src}
                  sandbox={`allow-popups allow-forms${scripts ? ' allow-scripts' : ''}`}
                  style={{ inlineSize: drawn.width, blockSize: drawn.height, scale: String(drawn.scale) }}
                />
              )}
              <div
                role="slider"
                tabIndex={0}
                aria-label="Edge of the window"
                aria-valuemin={NARROWEST}
                aria-valuemax={WIDEST}
                aria-valuenow={size.width}
                aria-valuetext={`${size.width} px`}
                className={styles.edge}
                onPointerDown={(event) => {
                  event.currentTarget.setPointerCapture(event.pointerId);
                  drag.current = { x: event.clientX, width: size.width };
                }}
                onPointerMove={pull}
                onPointerUp={() => (drag.current = null)}
                onKeyDown={({ key, shiftKey }) => {
                  if (key === 'ArrowLeft') step(shiftKey ? -10 : -1);
                  if (key === 'ArrowRight') step(shiftKey ? 10 : 1);
                }}
              />
            </div>
          </div>
          <aside className={styles.side} aria-label="Where one is, and as whom">
            <h2>Here</h2>
            {scripts ? (
              <WhereOneIs where={where} width={drawn.width} />
            ) : (
              <p className="quiet">With scripts off, the page cannot tell where one is.</p>
            )}
            <h2>As met</h2>
            <div className={styles.as}>
              {(Object.keys(circumstances) as TriedAs[]).map((name) => (
                <Checkbox
                  key={name}
                  checked={as.includes(name)}
                  disabled={name === 'dark' && !hasDark(site)}
                  onChange={({ target }) => toggle(name, target.checked)}
                >
                  {circumstances[name]}
                </Checkbox>
              ))}
              <Checkbox checked={!scripts} onChange={({ target }) => setScripts(!target.checked)}>
                with scripts off
              </Checkbox>
            </div>
            <p className="quiet">
              {hasDark(site) ? '' : 'The brand says nothing of a dark scheme yet. '}
              Larger text alone, less motion and forced colours are the browser’s own: open the site in a tab
              to meet it with these.
            </p>
          </aside>
        </div>
      </div>
    </Screen>
  );
}
