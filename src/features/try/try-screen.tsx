'use client';

import { Button, Checkbox, InputNumber, Select } from 'antd';
import { useMemo, useState } from 'react';
import { useAdvances, useOpenSite, useSite } from '@/client/open-site-context';
import { bandAt, NARROWEST } from '@/core/bands/band';
import { heldScreens, type HeldScreen } from '@/core/fit/screens';
import { stageAt, wayDown } from '@/core/fit/way-down';
import { assemblyKinds } from '@/core/properties/assembly-kind';
import { phaseLabels } from '@/core/properties/phases';
import { butOf, circumstances, triedPart, type TriedAs } from '@/core/render/tried';
import { languageName } from '@/core/site/language';
import { standsAt } from '@/core/site/placing';
import { hasDark } from '@/core/site/scheme';
import type { Site } from '@/core/site/site';
import { useSize } from '@/ui/use-size';
import { whyText } from '../placing/placing-words';
import { ruleText } from '@/core/fit/rule-words';
import { Screen } from '../shell/screen';
import { drawnIn, nameOf, type Asked, type Met, type Told, type Where } from './try-frame';
import { TryRuler } from './try-ruler';
import { TryWindow } from './try-window';
import { WindowEdge } from './window-edge';
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
  of: string;
  px: number;
  least: number;
  most: number;
  set(px: number): void;
}

/** How wide or high a window is, in CSS px. */
function Side({ of, px, least, most, set }: SideProps) {
  return (
    <InputNumber
      aria-label={`${of}, in px`}
      className={styles.px}
      min={least}
      max={most}
      precision={0}
      value={px}
      onChange={(typed) => typed !== null && set(typed)}
    />
  );
}

const listings = {
  none: 'nothing',
  focus: 'the order of focus',
  names: 'what a reader meets',
} as const;
type ListedAs = keyof typeof listings;

/** What is met on the page, in its order. */
function MetList({ met, as }: { met: readonly Met[] | null; as: ListedAs }) {
  if (as === 'none') return null;
  if (!met) return <p className="quiet">Waiting for the page…</p>;
  return (
    <ol className={styles.met} aria-label={listings[as]}>
      {met.map(({ role, name }, index) => (
        <li key={index}>
          <span className="quiet">{role}</span>{' '}
          {name === '' ? <em className={styles.nameless}>without a name</em> : name}
        </li>
      ))}
    </ol>
  );
}

/** Whether the site has a piece of these kinds anywhere. */
const hasPiece = (site: Site, kinds: readonly string[]) =>
  assemblyKinds.some((kind) =>
    Object.values(site[kind]).some(({ pieces }) =>
      Object.values(pieces).some((piece) => kinds.includes(piece.kind)),
    ),
  );

/** The room between two windows, in px, and how far they stay from the sides of theirs. */
const GAP = 28;
const ROOM = { sides: 24, ends: 20 };

/** The site in a frame of any size, or in two, clicked through as visitors do, in their circumstances. */
export function TryScreen() {
  const site = useSite();
  const revision = useOpenSite((open) => open.revision);
  const [size, setSize] = useState({ width: 1280, height: 720 });
  const [second, setSecond] = useState<number | null>(null);
  const [zoom, setZoom] = useState(1);
  const [as, setAs] = useState<readonly TriedAs[]>([]);
  const [scripts, setScripts] = useState(true);
  const [listed, setListed] = useState<ListedAs>('none');
  const [signedIn, setSignedIn] = useState(false);
  const [inBasket, setInBasket] = useState<number | null>(null);
  const [told, setTold] = useState<Told | null>(null);
  const [file, setFile] = useState('index.html');
  const [scrolled, setScrolled] = useState<{ by: number; at: number }>({ by: 0, at: 0 });
  const [area, room] = useSize<HTMLDivElement>();
  const windows = [size, ...(second === null ? [] : [{ width: second, height: size.height }])];
  const drawn = drawnIn(
    windows,
    zoom,
    { width: Math.max(1, room.width - ROOM.sides), height: Math.max(1, room.height - ROOM.ends) },
    GAP,
  );
  // Pages are told of a window that is as much smaller as they are zoomed: the ruler shows what they are told.
  const onRuler = windows.map(({ width }, index) => ({
    id: String(index),
    name: index === 0 ? 'window' : 'second window',
    width: Math.round(width / zoom),
    least: Math.ceil(NARROWEST / zoom),
    most: Math.floor(WIDEST / zoom),
  }));
  const setOnRuler = (window: string, width: number) =>
    window === '0' ? setSize({ ...size, width: width * zoom }) : setSecond(width * zoom);
  const { where = null } = told ?? {};
  const header = scripts && where ? standsAt(site, 'header', where.page, where.language).id : null;
  const root = `/tried/${site.id}/${triedPart(as)}`;
  const screen = heldScreens.find((each) => each.width === size.width && each.height === size.height);
  const asked = useMemo<Asked>(
    () => ({ lists: listed === 'none' ? null : listed, signedIn, inBasket }),
    [listed, signedIn, inBasket],
  );
  const toggle = (name: TriedAs, on: boolean) => {
    const others = as.filter((each) => each !== name && !(isText(name) && isText(each)));
    setAs(on ? [...others, name] : others);
  };
  const hear = (by: number) => (next: Told) => {
    if (by === 0) setTold(next);
    setFile(next.file);
    if (Math.abs(next.scrolled - scrolled.at) > 0.004 || next.file !== file)
      setScrolled({ by, at: next.scrolled });
  };
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
            of="Width of the window"
            px={size.width}
            least={NARROWEST}
            most={WIDEST}
            set={(width) => setSize({ ...size, width })}
          />
          <span aria-hidden="true">×</span>
          <Side
            of="Height of the window"
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
          <Checkbox
            checked={second !== null}
            onChange={({ target }) => setSecond(target.checked ? SECOND : null)}
          >
            a second width
          </Checkbox>
          {second !== null && (
            <Side
              of="Width of the second window"
              px={second}
              least={NARROWEST}
              most={WIDEST}
              set={setSecond}
            />
          )}
          <Button href={`/try/${site.id}/${file}`} target="_blank" rel="noopener" className={styles.alone}>
            In a tab of its own
          </Button>
        </div>
        <div className={styles.sides}>
          <div className={styles.drawing}>
            <div ref={area} className={styles.area} style={{ gap: GAP }}>
              {drawn.map((each, index) => (
                <div
                  key={index}
                  className={styles.frame}
                  style={{ inlineSize: each.width * each.scale, blockSize: each.height * each.scale }}
                >
                  {room.width > 0 && (
                    <TryWindow
                      key={`${scripts} ${revision} ${root}`}
                      title={index === 0 ? 'The tried site' : 'The tried site, second width'}
                      site={site}
                      root={root}
                      file={file}
                      drawn={each}
                      scripts={scripts}
                      asked={asked}
                      scrolled={scrolled.by === index ? null : scrolled.at}
                      onTold={hear(index)}
                    />
                  )}
                  {index === 0 && (
                    <>
                      <WindowEdge
                        at="end"
                        label="Side edge of the window"
                        px={size.width}
                        least={NARROWEST}
                        most={WIDEST}
                        // One window alone stands in the middle, and grows to both sides.
                        per={((second === null ? 2 : 1) * zoom) / each.scale}
                        set={(width) => setSize({ ...size, width })}
                      />
                      <WindowEdge
                        at="below"
                        label="Lower edge of the window"
                        px={size.height}
                        least={LOWEST}
                        most={HIGHEST}
                        per={zoom / each.scale}
                        set={(height) => setSize({ ...size, height })}
                      />
                    </>
                  )}
                </div>
              ))}
            </div>
            <TryRuler header={header} windows={onRuler} onWindow={setOnRuler} />
          </div>
          <aside className={styles.side} aria-label="Where one is, and as whom">
            <h2>Here</h2>
            {scripts ? (
              <WhereOneIs where={where} width={drawn[0]!.width} />
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
                  {circumstances[name].label}
                </Checkbox>
              ))}
              <Checkbox checked={!scripts} onChange={({ target }) => setScripts(!target.checked)}>
                with scripts off
              </Checkbox>
              {hasPiece(site, ['account', 'profile']) && (
                <Checkbox
                  checked={signedIn}
                  disabled={!scripts}
                  onChange={({ target }) => setSignedIn(target.checked)}
                >
                  signed in
                </Checkbox>
              )}
              {hasPiece(site, ['basket']) && (
                <label className={styles.basket}>
                  <InputNumber
                    aria-label="How much is in the basket"
                    className={styles.px}
                    min={0}
                    max={999}
                    precision={0}
                    placeholder="as said"
                    value={inBasket}
                    disabled={!scripts}
                    onChange={setInBasket}
                  />
                  in the basket
                </label>
              )}
            </div>
            {butOf(as).map((but) => (
              <p key={but} className="quiet">
                {but}
              </p>
            ))}
            {!hasDark(site) && <p className="quiet">The brand says nothing of a dark scheme yet.</p>}
            <h2>Listed</h2>
            <Select
              aria-label="What is listed"
              className={styles.listed}
              value={listed}
              disabled={!scripts}
              options={(Object.keys(listings) as ListedAs[]).map((value) => ({
                value,
                label: listings[value],
              }))}
              onChange={setListed}
            />
            {scripts && <MetList met={told?.met ?? null} as={listed} />}
          </aside>
        </div>
      </div>
    </Screen>
  );
}

/** How wide a second window is at first, in CSS px: a phone beside what is there. */
const SECOND = 375;

/** Whether a circumstance is of how large texts are: of these one holds at a time. */
const isText = (name: TriedAs) => name.startsWith('text');
