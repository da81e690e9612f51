'use client';

import { useRef, type KeyboardEvent, type PointerEvent, type RefObject } from 'react';
import { widthAt, type RulerScale } from './scale';

interface WidthDrag {
  track: RefObject<HTMLElement | null>;
  scale: RulerScale;
  value: number;
  least: number;
  most: number;
  /** The widths to which Page Up and Page Down go. */
  stops?: readonly number[];
  /** Called with a new width and the number of the gesture that it belongs to. */
  onChange(width: number, gesture: string): void;
}

let gestures = 0;

/** What makes an element a handle on the ruler: dragging, and keys that step by 1 px, by 10 with shift, to the next stop, or to an end. */
export function useWidthDrag({ track, scale, value, least, most, stops = [], onChange }: WidthDrag) {
  const gesture = useRef<string | null>(null);
  const change = (width: number, of: string) => {
    const next = Math.min(Math.max(width, least), most);
    if (next !== value) onChange(next, of);
  };
  const newGesture = () => `drag-${Date.now()}-${(gestures += 1)}`;

  return {
    role: 'slider',
    tabIndex: 0,
    'aria-valuemin': least,
    'aria-valuemax': most,
    'aria-valuenow': value,
    'aria-valuetext': `${value} px`,
    onPointerDown(event: PointerEvent<HTMLElement>) {
      gesture.current = newGesture();
      event.currentTarget.setPointerCapture(event.pointerId);
      event.currentTarget.focus();
      event.preventDefault();
    },
    onPointerMove(event: PointerEvent<HTMLElement>) {
      if (gesture.current === null || !track.current) return;
      const { left, width } = track.current.getBoundingClientRect();
      change(widthAt(event.clientX - left, width, scale), gesture.current);
    },
    onPointerUp() {
      gesture.current = null;
    },
    onPointerCancel() {
      gesture.current = null;
    },
    onKeyDown(event: KeyboardEvent<HTMLElement>) {
      const step = event.shiftKey ? 10 : 1;
      const steps: Record<string, number> = {
        ArrowLeft: -step,
        ArrowDown: -step,
        ArrowRight: step,
        ArrowUp: step,
        PageDown: (stops.findLast((stop) => stop < value) ?? value) - value,
        PageUp: (stops.find((stop) => stop > value) ?? value) - value,
      };
      const next =
        event.key === 'Home' ? least : event.key === 'End' ? most : value + (steps[event.key] ?? 0);
      if (next === value) return;
      event.preventDefault();
      // Keys held down are one gesture; the next key pressed begins another.
      if (!event.repeat || gesture.current === null) gesture.current = newGesture();
      change(next, gesture.current);
    },
    onKeyUp() {
      gesture.current = null;
    },
  };
}
