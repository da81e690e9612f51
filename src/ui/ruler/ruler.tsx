'use client';

import { useRef, type RefObject } from 'react';
import type { RulerBand, RulerRule, RulerStretch, RulerView } from './model';
import { FitStrip } from './fit-strip';
import { stopsOf } from './pins';
import { percentOf, stretchStyle, type RulerScale } from './scale';
import styles from './ruler.module.css';
import { useWidthDrag } from './use-width-drag';

interface RulerProps {
  scale: RulerScale;
  bands: readonly RulerBand[];
  views: readonly RulerView[];
  /** How things stand at every width; null while it is worked out for the first time, undefined where there is nothing to tell. */
  fit: readonly RulerStretch[] | null | undefined;
  /** What has to be known beside how things stand; null for nothing. */
  warning: string | null;
  /** What rules do as the room shrinks, as far as it is worked out; null where there are none. */
  rules: readonly RulerRule[] | null;
  /** How what opens stands over stretches of widths; null where nothing does. */
  opened: readonly RulerRule[] | null;
  /** Only where the edges of bands can be moved. */
  onBreakpoint?(band: string, from: number, gesture: string): void;
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
    onChange: (from, gesture) => onBreakpoint?.(band.id, from, gesture),
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
  stretches,
  onView,
}: { view: RulerView; track: Track; stretches: readonly RulerStretch[] } & Pick<
  RulerProps,
  'scale' | 'onView'
>) {
  const drag = useWidthDrag({
    track,
    scale,
    value: view.width,
    least: view.least,
    most: view.most,
    stops: stopsOf(stretches),
    onChange: (width) => onView(view.id, width),
  });
  const at = percentOf(view.width, scale);
  const status = stretches.find(({ to }) => view.width < to)?.status;
  return (
    <span
      {...drag}
      className={`${styles.handle} ${at > 88 ? styles.handleAtEnd : ''}`}
      style={{ insetInlineStart: `${at}%` }}
      aria-label={`Width of the ${view.name} view`}
      title="Drag, or arrow keys; Page Up and Page Down go to the next change of fit"
    >
      <span className={styles.handleSign} aria-hidden="true" />
      <span className={styles.handleName}>{view.name}</span>
      <span className="figures">{view.width}</span>
      {status && <span className={`${styles.sign} ${styles[status]}`} aria-hidden="true" />}
      {status && <span className={styles.handleName}>{status}</span>}
    </span>
  );
}

/** What holds over stretches of widths, in words. */
function RulesRow({
  label,
  rules,
  scale,
  className,
}: {
  label: string;
  rules: readonly RulerRule[];
  scale: RulerScale;
  className: string | undefined;
}) {
  return (
    <ul className={className} aria-label={label}>
      {rules.map(({ from, to, text, steps }) => (
        <li key={to} title={text} style={stretchStyle({ from, to }, scale)}>
          {[...new Set(steps)].map((step) => (
            <i key={step} style={{ insetInlineStart: `${percentOf(step, { from, to })}%` }} />
          ))}
          {text}
        </li>
      ))}
    </ul>
  );
}

/** The axis of viewport widths, with bands whose edges can be moved, how things stand at each width, and a handle for each view. */
export function Ruler({
  scale,
  bands,
  views,
  fit,
  warning,
  rules,
  opened,
  onBreakpoint,
  onView,
}: RulerProps) {
  const track = useRef<HTMLDivElement>(null);
  const stretches = fit ?? [];
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
            <div key={band.id} className={styles.band} style={stretchStyle(band, scale)}>
              {band.name}
            </div>
          ))}
          {bands
            .filter((band) => band.edge !== null)
            .map((band) => (
              <BandEdge key={band.id} band={band} track={track} scale={scale} onBreakpoint={onBreakpoint} />
            ))}
        </div>
        {rules && <RulesRow label="Collapse rules" rules={rules} scale={scale} className={styles.rules} />}
        {opened && (
          <RulesRow
            label="Drop-downs"
            rules={opened}
            scale={scale}
            className={`${styles.rules} ${styles.opened}`}
          />
        )}
        {fit !== undefined && (
          <FitStrip scale={scale} views={views} fit={fit} warning={warning} onView={onView} />
        )}
        <div className={styles.handles}>
          {views.map((view) => (
            <ViewHandle
              key={view.id}
              view={view}
              track={track}
              scale={scale}
              stretches={stretches}
              onView={onView}
            />
          ))}
        </div>
      </div>
    </section>
  );
}
