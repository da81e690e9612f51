'use client';

import { useRef, type RefObject } from 'react';
import { percentOf, type RulerScale } from './scale';
import styles from './ruler.module.css';
import { useWidthDrag } from './use-width-drag';

/** A band on the ruler; `edge` says how far its lower edge may be moved, null for the narrowest. */
export interface RulerBand {
  id: string;
  name: string;
  from: number;
  to: number;
  edge: { least: number; most: number; below: string } | null;
}

/** A view's handle: its width and how far it may go. */
export interface RulerView {
  id: string;
  name: string;
  width: number;
  least: number;
  most: number;
}

interface RulerProps {
  scale: RulerScale;
  bands: readonly RulerBand[];
  views: readonly RulerView[];
  onBreakpoint(band: string, from: number, gesture: string): void;
  onView(view: string, width: number): void;
}

/** The widths that are written on the axis, in CSS px. */
function marksOf({ from, to }: RulerScale): number[] {
  const step = 160;
  return Array.from({ length: Math.floor((to - from) / step) + 1 }, (_, index) => from + index * step);
}

type Track = RefObject<HTMLDivElement | null>;

function BandEdge({
  band,
  track,
  scale,
  onBreakpoint,
}: { band: RulerBand; track: Track } & Pick<RulerProps, 'scale' | 'onBreakpoint'>) {
  const { least, most, below } = band.edge!;
  const drag = useWidthDrag({
    track,
    scale,
    value: band.from,
    least,
    most,
    onChange: (from, gesture) => onBreakpoint(band.id, from, gesture),
  });
  return (
    <span
      {...drag}
      className={styles.edge}
      style={{ insetInlineStart: `${percentOf(band.from, scale)}%` }}
      aria-label={`Breakpoint between ${below} and ${band.name}`}
    >
      <span className={`figures ${styles.edgeWidth}`}>{band.from}</span>
    </span>
  );
}

function ViewHandle({
  view,
  track,
  scale,
  onView,
}: { view: RulerView; track: Track } & Pick<RulerProps, 'scale' | 'onView'>) {
  const drag = useWidthDrag({
    track,
    scale,
    value: view.width,
    least: view.least,
    most: view.most,
    onChange: (width) => onView(view.id, width),
  });
  const at = percentOf(view.width, scale);
  return (
    <span
      {...drag}
      className={`${styles.handle} ${at > 88 ? styles.handleAtEnd : ''}`}
      style={{ insetInlineStart: `${at}%` }}
      aria-label={`Width of the ${view.name} view`}
    >
      <span className={styles.handleSign} aria-hidden="true" />
      <span className={styles.handleName}>{view.name}</span>
      <span className="figures">{view.width}</span>
    </span>
  );
}

/** The axis of viewport widths, with bands whose edges can be moved and a handle for each view. */
export function Ruler({ scale, bands, views, onBreakpoint, onView }: RulerProps) {
  const track = useRef<HTMLDivElement>(null);
  return (
    <section className={styles.ruler} aria-label="Ruler">
      <div className={styles.track} ref={track}>
        <div className={`figures ${styles.marks}`} aria-hidden="true">
          {marksOf(scale).map((mark) => (
            <span key={mark} style={{ insetInlineStart: `${percentOf(mark, scale)}%` }}>
              {mark}
            </span>
          ))}
        </div>
        <div className={styles.bands}>
          {bands.map((band) => (
            <div
              key={band.id}
              className={styles.band}
              style={{
                insetInlineStart: `${percentOf(band.from, scale)}%`,
                inlineSize: `${percentOf(band.to, scale) - percentOf(band.from, scale)}%`,
              }}
            >
              {band.name}
            </div>
          ))}
          {bands
            .filter((band) => band.edge !== null)
            .map((band) => (
              <BandEdge key={band.id} band={band} track={track} scale={scale} onBreakpoint={onBreakpoint} />
            ))}
        </div>
        <div className={styles.handles}>
          {views.map((view) => (
            <ViewHandle key={view.id} view={view} track={track} scale={scale} onView={onView} />
          ))}
        </div>
      </div>
    </section>
  );
}
