'use client';

import {
  useEffect,
  useRef,
  useState,
  type CSSProperties,
  type KeyboardEvent,
  type PointerEvent,
} from 'react';
import { useEdit, useLatestSite, useSite } from '@/client/open-site-context';
import { findPlace } from '@/core/edit/place';
import { cellName } from '@/core/edit/place-name';
import type { Dimension } from '@/core/pointing/dimensions';
import { sameData } from '@/core/ids/same-data';
import { tenthsText } from '@/core/lengths/length';
import type { Edge } from '@/core/pointing/edges';
import type { Site } from '@/core/site/site';
import type { FrameLine } from '@/frame/messages';
import styles from './pointing.module.css';
import type { Point } from './figure-room';
import { runOf } from './run-of-line';
import { draggedPx, snappedPx, typedPx, type Miss } from './typed-px';

/** A cell of the sheet. */
export interface LitCell {
  property: string;
  cell: string;
}

interface DimensionLineProps {
  dimension: Dimension;
  /** In CSS px of the page. */
  line: FrameLine;
  /** What its end misses that it could be in line with. */
  miss: Miss | null;
  /** What is written at it, and how far its middle is from that of the line; null where it finds no room. */
  figure: string;
  figureAt: Point | null;
  scale: number;
  /** What its end can be in line with. */
  edges: readonly Edge[];
  /** The name of the view, and its width in CSS px of the page. */
  view: string;
  width: number;
  /** The cell that is being changed; null when nothing is any more. */
  onLit(cell: LitCell | null): void;
  /** Whether one is at it. */
  onHeld(held: boolean): void;
}

let gestures = 0;
const newGesture = () => `dimension-${Date.now()}-${(gestures += 1)}`;

/** The keys that change a length by 1 px, by 10 with Shift. */
const keys: Readonly<Record<string, number>> = { ArrowLeft: -1, ArrowDown: -1, ArrowRight: 1, ArrowUp: 1 };

/** A line as long as a value says: dragged by its end, changed by keys, or typed where it stands. */
export function DimensionLine({
  dimension,
  line,
  miss,
  figure,
  figureAt,
  scale,
  edges,
  view,
  width,
  onLit,
  onHeld,
}: DimensionLineProps) {
  const edit = useEdit();
  const site = useSite();
  // What was set last, with the length that it makes in this view: it is drawn a little later than a fast hand sets it again.
  const latest = useLatestSite();
  const last = useRef<{ value: unknown; px: number } | null>(null);
  useEffect(() => {
    last.current = null;
  }, [width]);
  const drag = useRef<{
    x: number;
    y: number;
    px: number;
    end: number;
    gesture: string;
    moved: boolean;
  } | null>(null);
  const before = useRef<{ value: unknown; own: boolean } | null>(null);
  const [typing, setTyping] = useState(false);
  const [held, setHeld] = useState(false);
  const own = useRef<HTMLDivElement>(null);
  const [said, setSaid] = useState<string | null>(null);
  const { place, property, cell, px, least, most, label, followers, fixed, inLine } = dimension;
  const [x1, y1, x2, y2] = line;
  const { upright, toward, length, middle } = runOf(line);

  const cellsIn = (of: Site): Readonly<Record<string, unknown>> => {
    const found = findPlace(of, place);
    return typeof found === 'string' ? {} : (found.holder.values[property] ?? {});
  };
  const keep = () => {
    const cells = cellsIn(latest());
    before.current = { own: Object.hasOwn(cells, cell), value: cells[cell] };
  };
  /** How long it is by now, also where that is not drawn yet. */
  const pxNow = () =>
    last.current && sameData(cellsIn(latest())[cell], last.current.value) ? last.current.px : px;
  /** Sets the value; false where it is refused, which is then said. */
  const set = (length: number, gesture: string): boolean => {
    const value = dimension.valueFor(length);
    const refused = edit([{ edit: 'setValue', place, property, cell, value }], gesture);
    setSaid(refused);
    if (refused === null) {
      last.current = { value, px: length };
      onLit({ property, cell });
    }
    return refused === null;
  };
  const takeBack = (gesture: string, to: number) => {
    last.current = { value: before.current?.value, px: to };
    if (before.current?.own)
      edit([{ edit: 'setValue', place, property, cell, value: before.current.value }], gesture);
    else edit([{ edit: 'clearValue', place, property, cell }], gesture);
  };
  const end = () => {
    drag.current = null;
    setHeld(false);
    onLit(null);
  };
  const down = (event: PointerEvent<HTMLElement>) => {
    if (fixed !== null) return;
    event.currentTarget.setPointerCapture(event.pointerId);
    keep();
    drag.current = {
      x: event.clientX,
      y: event.clientY,
      px: pxNow(),
      end: x2,
      gesture: newGesture(),
      moved: false,
    };
    setHeld(true);
  };
  const move = (event: PointerEvent<HTMLElement>) => {
    const { current } = drag;
    if (!current) return;
    const way = upright ? event.clientY - current.y : event.clientX - current.x;
    const moved = (toward * way) / scale;
    const stepped = draggedPx(current.px, moved, { least, most, exact: event.altKey });
    const snapped =
      inLine === null || event.altKey
        ? null
        : snappedPx(current.px + moved, {
            edges,
            end: current.end + toward * moved,
            toward,
            gap: inLine,
            scale,
          });
    const next = snapped === null || snapped < least || snapped > most ? stepped : snapped;
    if (!current.moved && Math.abs(way) < 3) return;
    current.moved = true;
    // Back where it began, it is as it was before: not set where it only followed.
    if (next === pxNow()) return;
    if (next === current.px) takeBack(current.gesture, current.px);
    else set(next, current.gesture);
  };
  const up = () => {
    const clicked = drag.current && !drag.current.moved;
    end();
    if (clicked) setTyping(true);
  };
  const press = (event: KeyboardEvent<HTMLElement>) => {
    const { current } = drag;
    if (event.key === 'Escape' && current) {
      event.preventDefault();
      if (pxNow() !== current.px) takeBack(current.gesture, current.px);
      end();
      return;
    }
    if (event.key === 'Enter') {
      event.preventDefault();
      if (fixed === null) setTyping(true);
      return;
    }
    const by = event.altKey ? undefined : keys[event.key];
    if (by === undefined || fixed !== null) return;
    event.preventDefault();
    const next = Math.min(most, Math.max(least, pxNow() + by * (event.shiftKey ? 10 : 1)));
    if (next !== pxNow()) set(next, newGesture());
  };

  /** Ends typing; what has the focus then is what was typed at. */
  const typed = () => {
    setTyping(false);
    setSaid(null);
    requestAnimationFrame(() => own.current?.querySelector<HTMLElement>('[role="spinbutton"]')?.focus());
  };
  const type = (text: string): boolean => {
    const value = typedPx(text);
    if (typeof value === 'number') return set(value, newGesture());
    setSaid(value);
    return false;
  };
  const where = cellName(site, cell) ?? 'every width';
  const follows =
    followers.length === 0 ? '' : `; ${followers.join(' and ')} follow${followers.length === 1 ? 's' : ''}`;
  const style = {
    '--x': `${Math.min(x1, x2) * scale}px`,
    '--y': `${Math.min(y1, y2) * scale}px`,
    '--length': `${length * scale}px`,
    ...(figureAt && { '--figure-x': `${figureAt.x}px`, '--figure-y': `${figureAt.y}px` }),
  } as CSSProperties;
  const reason = fixed ?? said;
  return (
    <div
      ref={own}
      className={[
        styles.line,
        upright && styles.upright,
        (held || typing) && styles.held,
        middle.x > width / 2 && styles.inSecondHalf,
      ]
        .filter(Boolean)
        .join(' ')}
      style={style}
    >
      {typing ? (
        <input
          className={`figures ${styles.typed}`}
          aria-label={`${label}, ${view}, in px`}
          defaultValue={tenthsText(px)}
          autoFocus
          onFocus={(event) => {
            onHeld(true);
            event.currentTarget.select();
          }}
          onBlur={() => {
            onHeld(false);
            setTyping(false);
          }}
          onKeyDown={(event) => {
            event.stopPropagation();
            if (event.key === 'Escape') typed();
            if (event.key === 'Enter' && type(event.currentTarget.value)) typed();
          }}
        />
      ) : (
        <span
          role="spinbutton"
          tabIndex={0}
          className={styles.handle}
          data-fixed={fixed !== null || undefined}
          aria-label={`${label}, ${view}`}
          aria-valuenow={px}
          aria-valuemin={least}
          aria-valuemax={most}
          aria-valuetext={`${tenthsText(px)} px${miss ? `, ${miss.long}` : ''}`}
          aria-disabled={fixed !== null}
          title={fixed ?? `${label}: drag, arrow keys, or Enter to type it`}
          onPointerDown={down}
          onPointerMove={move}
          onPointerUp={up}
          onPointerCancel={end}
          onKeyDown={press}
          onFocus={() => {
            onHeld(true);
            onLit({ property, cell });
          }}
          onBlur={() => {
            setSaid(null);
            if (drag.current) return;
            onHeld(false);
            onLit(null);
          }}
        >
          <span className={`figures ${styles.px} ${figureAt ? '' : styles.unfigured}`}>{figure}</span>
        </span>
      )}
      <span className={styles.words}>
        {label} · {where}
        {follows}
        {miss && ` · ${miss.long}`}
        {reason !== null && (
          <b role="alert" className={styles.reason}>
            {reason}
          </b>
        )}
      </span>
    </div>
  );
}
