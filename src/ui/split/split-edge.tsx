'use client';

import { useRef, type KeyboardEvent, type PointerEvent } from 'react';
import styles from './split.module.css';

interface SplitEdgeProps {
  /** What it stands between, such as `Edge between plan and sheet`. */
  label: string;
  /** Whether it is a line from side to side, which is moved up and down. */
  lying: boolean;
  /** How much of the whole stands before it, in percent, and the limits of that. */
  share: number;
  least: number;
  most: number;
  /** Where it stands as it comes: a double click puts it back. */
  usual: number;
  onShare(share: number): void;
}

/** The edge between two parts of a screen: dragged, or moved by arrows (ARIA Authoring Practices, "Window Splitter"). It moves within its parent. */
export function SplitEdge({ label, lying, share, least, most, usual, onShare }: SplitEdgeProps) {
  const start = useRef<{ at: number; share: number; whole: number } | null>(null);
  const move = (to: number) => onShare(Math.min(most, Math.max(least, Math.round(to * 10) / 10)));
  const along = ({ clientX, clientY }: PointerEvent) => (lying ? clientY : clientX);
  const grab = (event: PointerEvent<HTMLElement>) => {
    const { width, height } = event.currentTarget.parentElement!.getBoundingClientRect();
    start.current = { at: along(event), share, whole: lying ? height : width };
    event.currentTarget.setPointerCapture(event.pointerId);
  };
  const drag = (event: PointerEvent) => {
    const { current } = start;
    if (current) move(current.share + (100 * (along(event) - current.at)) / current.whole);
  };
  const press = (event: KeyboardEvent) => {
    const step = event.shiftKey ? 10 : 2;
    const to: Record<string, number> = {
      [lying ? 'ArrowUp' : 'ArrowLeft']: share - step,
      [lying ? 'ArrowDown' : 'ArrowRight']: share + step,
      Home: least,
      End: most,
    };
    if (to[event.key] === undefined) return;
    event.preventDefault();
    move(to[event.key]!);
  };
  return (
    <div
      role="separator"
      tabIndex={0}
      aria-label={label}
      aria-orientation={lying ? 'horizontal' : 'vertical'}
      aria-valuenow={Math.round(share)}
      aria-valuemin={least}
      aria-valuemax={most}
      title="Drag, or arrow keys; a double click puts it back"
      className={`${styles.edge} ${lying ? styles.lying : styles.standing}`}
      onPointerDown={grab}
      onPointerMove={drag}
      onPointerUp={() => (start.current = null)}
      onPointerCancel={() => (start.current = null)}
      onDoubleClick={() => onShare(usual)}
      onKeyDown={press}
    />
  );
}
