import { useState } from 'react';
import { figuredPins, pinsOf } from './pins';
import type { RulerStretch, RulerView } from './model';
import { percentOf, stretchStyle, type RulerScale } from './scale';
import styles from './ruler.module.css';

/** Two pins nearer to each other than this, in CSS px of the viewport, cannot both show their figure. */
const FIGURE_ROOM = 52;

interface FitStripProps {
  scale: RulerScale;
  views: readonly RulerView[];
  fit: readonly RulerStretch[] | null;
  warning: string | null;
  onView(view: string, width: number): void;
}

/** How things stand at every width, as a strip with a pin at each change, and in words what the pin or stretch in question is about. */
export function FitStrip({ scale, views, fit, warning, onView }: FitStripProps) {
  const [asked, setAsked] = useState<string | null>(null);
  // The room that the strip and its pins take is kept from the start: nothing below moves under the hand when they come.
  if (fit === null)
    return (
      <>
        <div className={styles.strip} />
        <div className={styles.pins} />
        <p className={styles.said} role="status">
          Measuring how wide everything is…
        </p>
      </>
    );
  const pins = pinsOf(fit);
  const figured = figuredPins(pins, FIGURE_ROOM);
  /** Brings the view of the band into which a width falls to it. */
  const bring = (width: number) => {
    const view = views.find(({ least, most }) => width >= least && width <= most);
    if (view) onView(view.id, width);
  };
  const worst =
    fit.find(({ status }) => status === 'overflows') ?? fit.find(({ status }) => status !== 'fits');
  return (
    <>
      <div className={styles.strip} aria-hidden="true">
        {fit.map((stretch) => (
          <span
            key={stretch.from}
            className={styles[stretch.status]}
            title={stretch.text}
            style={stretchStyle(stretch, scale)}
            onMouseEnter={() => setAsked(stretch.text)}
            onMouseLeave={() => setAsked(null)}
          />
        ))}
      </div>
      <div className={styles.pins} role="group" aria-label="Changes of fit">
        {pins.map((pin) => {
          const { width, below } = pin;
          const shows = figured.has(pin);
          return (
            <button
              key={width}
              type="button"
              className={styles.pin}
              style={{ insetInlineStart: `${percentOf(width, scale)}%` }}
              aria-label={`Change of fit at ${width} px. ${below.text}`}
              title={below.text}
              onClick={() => bring(width - 1)}
              onMouseEnter={() => setAsked(below.text)}
              onMouseLeave={() => setAsked(null)}
              onFocus={() => setAsked(below.text)}
              onBlur={() => setAsked(null)}
            >
              <span className={shows ? 'figures' : styles.noFigure}>{shows ? width : ''}</span>
            </button>
          );
        })}
      </div>
      <p className={styles.said} role="status">
        {warning !== null && <b className={styles.warning}>{warning} </b>}
        {asked ?? worst?.text ?? 'All bars fit at every width.'}
      </p>
    </>
  );
}
