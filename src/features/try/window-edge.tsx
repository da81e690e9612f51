import { useRef, type KeyboardEvent, type PointerEvent } from 'react';
import styles from './try.module.css';

interface WindowEdgeProps {
  /** The edge at its end, which makes it wider, or the one below, which makes it higher. */
  at: 'end' | 'below';
  label: string;
  px: number;
  least: number;
  most: number;
  /** How many px of the window a px of the pointer’s way is. */
  per: number;
  set(px: number): void;
}

/** The keys that move each edge by 1 px, by 10 with Shift. */
const keys = {
  end: { ArrowLeft: -1, ArrowRight: 1 },
  below: { ArrowUp: -1, ArrowDown: 1 },
} as const;

/** An edge of the tried window, dragged or moved by keys. */
export function WindowEdge({ at, label, px, least, most, per, set }: WindowEdgeProps) {
  const drag = useRef<{ from: number; px: number } | null>(null);
  const along = ({ clientX, clientY }: PointerEvent) => (at === 'end' ? clientX : clientY);
  const change = (wanted: number) => set(Math.round(Math.min(most, Math.max(least, wanted))));
  return (
    <div
      role="slider"
      tabIndex={0}
      aria-label={label}
      aria-orientation={at === 'end' ? 'horizontal' : 'vertical'}
      aria-valuemin={least}
      aria-valuemax={most}
      aria-valuenow={px}
      aria-valuetext={`${px} px`}
      className={`${styles.edge} ${styles[at]}`}
      onPointerDown={(event) => {
        event.currentTarget.setPointerCapture(event.pointerId);
        drag.current = { from: along(event), px };
      }}
      onPointerMove={(event) => {
        if (drag.current) change(drag.current.px + per * (along(event) - drag.current.from));
      }}
      onPointerUp={() => (drag.current = null)}
      onPointerCancel={() => (drag.current = null)}
      onKeyDown={(event: KeyboardEvent) => {
        const by = (keys[at] as Readonly<Record<string, number>>)[event.key];
        if (by === undefined) return;
        event.preventDefault();
        change(px + by * (event.shiftKey ? 10 : 1));
      }}
    />
  );
}
