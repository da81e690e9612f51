'use client';

import { useVirtualizer } from '@tanstack/react-virtual';
import type { RefObject } from 'react';

/** The height of every row, in px; theme.css says the same. */
const ROW_HEIGHT = 28;

/** How many rows beyond the edge are drawn, so that scrolling shows no gap. */
const BEYOND = 14;

/** Which rows of a long table are to be drawn, and how much room stands before and behind them, in px. */
export function useRowsInSight(count: number, scroller: RefObject<HTMLElement | null>) {
  const rows = useVirtualizer({
    count,
    getScrollElement: () => scroller.current,
    estimateSize: () => ROW_HEIGHT,
    overscan: BEYOND,
    // Before the scroller was measured, as on the server, the first rows are drawn.
    initialRect: { width: 0, height: 600 },
  });
  const drawn = rows.getVirtualItems();
  const first = drawn[0]?.index ?? 0;
  const last = drawn.at(-1)?.index ?? -1;
  return {
    first,
    last,
    before: first * ROW_HEIGHT,
    behind: Math.max(0, count - 1 - last) * ROW_HEIGHT,
    scrollTo: (index: number) => rows.scrollToIndex(index, { align: 'auto' }),
  };
}
