'use client';

import { useState } from 'react';

/** Where a view is scrolled to and how far it can be, in CSS px of its page; where it is wanted to be, when that was asked for. */
export interface Scroll {
  top: number;
  most: number;
  wanted?: number;
}

const atTop: Scroll = { top: 0, most: 0 };

/** Where each view is scrolled to. Together, every view follows the one that is scrolled, as far as it reaches. */
export function useScrolls() {
  const [scrolls, setScrolls] = useState<Record<string, Scroll>>({});
  const [together, setTogether] = useState(false);
  /** Leads those views to a place for which `which` holds, as far as they reach. */
  const lead = (top: number, which: (view: string) => boolean) =>
    setScrolls((before) =>
      Object.fromEntries(
        Object.entries(before).map(([id, scroll]) => [
          id,
          which(id) ? { ...scroll, wanted: Math.min(top, scroll.most) } : scroll,
        ]),
      ),
    );
  /** Takes down where a view is; one that was scrolled by hand leads the others. */
  const scrolled = (view: string, top: number, most: number) => {
    const before = scrolls[view] ?? atTop;
    const byHand = before.wanted === undefined || Math.abs(before.wanted - top) > 1;
    setScrolls((all) => ({ ...all, [view]: { top, most, wanted: byHand ? undefined : before.wanted } }));
    if (together && byHand && top !== before.top) lead(top, (id) => id !== view);
  };
  return {
    of: (view: string) => scrolls[view] ?? atTop,
    scrolled,
    scrollTo: (view: string, top: number) => lead(top, (id) => together || id === view),
    together,
    setTogether,
  };
}
