'use client';

import { CloseOutlined } from '@ant-design/icons';
import { useEffect, useRef, useState, useSyncExternalStore, type CSSProperties } from 'react';
import { createPortal } from 'react-dom';
import { useKept } from '@/ui/use-kept';
import { hints, SEEN_KEY, seenSchema, type HintId } from './hints';
import styles from './hints.module.css';

/** How long one works in a place before something is said of it, in ms: who passes through needs nothing. */
const DWELL = 700;

/** The place of the one hint that is shown: another takes its turn. */
let shown: Element | null = null;
const listeners = new Set<() => void>();
function show(place: Element | null): void {
  shown = place;
  for (const listener of listeners) listener();
}
function subscribe(listener: () => void): () => void {
  listeners.add(listener);
  return () => listeners.delete(listener);
}

/**
 * Says a thing or two about the place that it stands in, once: when somebody begins to work there, by pointer or keyboard, in its
 * lower end corner. It covers no control for good, takes no focus, and goes when it is put away or another place has something to say.
 */
export function Hint({ of }: { of: HintId }) {
  const [seen, keepSeen] = useKept(SEEN_KEY, seenSchema);
  const known = useRef(true);
  useEffect(() => {
    known.current = seen?.some((each) => each === of || each === 'all') ?? false;
  }, [seen, of]);
  const mark = useRef<HTMLSpanElement>(null);
  const [place, setPlace] = useState<Element | null>(null);
  const [corner, setCorner] = useState<CSSProperties>({});
  const current = useSyncExternalStore(
    subscribe,
    () => shown,
    () => null,
  );
  useEffect(() => {
    const place = mark.current!.parentElement!;
    setPlace(place);
    let waiting: number | undefined;
    const come = () => {
      window.clearTimeout(waiting);
      waiting = window.setTimeout(() => {
        if (known.current) return;
        const { right, bottom } = place.getBoundingClientRect();
        setCorner({
          insetInlineEnd: Math.max(0, window.innerWidth - right) + 16,
          insetBlockEnd: Math.max(0, window.innerHeight - bottom) + 12,
        });
        show(place);
        keepSeen([...new Set([...(seen ?? []), of])]);
      }, DWELL);
    };
    const leave = () => window.clearTimeout(waiting);
    const coming = ['pointerenter', 'focusin'] as const;
    const leaving = ['pointerleave', 'focusout'] as const;
    for (const name of coming) place.addEventListener(name, come);
    for (const name of leaving) place.addEventListener(name, leave);
    return () => {
      leave();
      for (const name of coming) place.removeEventListener(name, come);
      for (const name of leaving) place.removeEventListener(name, leave);
    };
  }, [of, seen, keepSeen]);
  useEffect(
    () => () => {
      if (place !== null && shown === place) show(null);
    },
    [place],
  );
  return (
    <>
      <span ref={mark} hidden />
      {place !== null &&
        current === place &&
        createPortal(
          <div
            role="status"
            className={styles.hint}
            style={corner}
            // What is done in it is nothing that is done in the place.
            onClick={(event) => event.stopPropagation()}
            onKeyDown={(event) => event.stopPropagation()}
          >
            <p>{hints[of]}</p>
            <button
              type="button"
              className="plain"
              onClick={() => {
                keepSeen(['all']);
                show(null);
              }}
            >
              no more hints
            </button>
            <button
              type="button"
              className="plain"
              aria-label="Put this hint away"
              onClick={() => show(null)}
            >
              <CloseOutlined />
            </button>
          </div>,
          document.body,
        )}
    </>
  );
}
