import { tenthsText } from '@/core/lengths/length';
import { nearest, type Edge } from '@/core/pointing/edges';

/** The length that was typed, in CSS px, with or without its unit; a sentence where it is none. */
export function typedPx(text: string): number | string {
  const number = /^\s*(\d+(?:[.,]\d+)?)\s*(?:px)?\s*$/.exec(text)?.[1];
  return number === undefined
    ? `“${text.trim()}” is no length. Type a number of px, such as 12.`
    : Number(number.replace(',', '.'));
}

const limits = { least: '≥ ', most: '≤ ' };

/** What is written at a line: how long it is, or at least or at most, in CSS px, and what it misses. */
export const figureText = (px: number, limit: keyof typeof limits | null, miss: Miss | null): string =>
  `${limit ? limits[limit] : ''}${tenthsText(px)}${miss ? ` · ${miss.short}` : ''}`;

/** What two things are said to be apart that are nearly in line, in CSS px: what is further away is not meant to be. */
const NEARLY = 12;

/** How close a drag comes to an edge before it goes all the way, in px of the screen. */
const SNAP = 6;

/** How far apart what is drawn in line may be, in CSS px. */
const IN_LINE = 0.5;

/** Where the end of a line is along the window, and what begins a gap behind it: in CSS px of the page. */
const placesAt = (end: number, toward: number, gap: number) =>
  [
    { x: end, at: 'end' },
    { x: end + toward * gap, at: 'start' },
  ] as const;

/** How far what a line ends at is from what it could be in line with, in words. */
export interface Miss {
  short: string;
  long: string;
}

/** The same of a line that ends at `end`; null where there is nothing that it could be in line with. */
export function missText(edges: readonly Edge[], end: number, toward: number, gap: number): Miss | null {
  const miss = nearest(edges, placesAt(end, toward, gap), NEARLY);
  if (!miss) return null;
  const what = `the ${miss.edge.at} of ${miss.edge.of}`;
  if (Math.abs(miss.by) <= IN_LINE) return { short: 'in line', long: `in line with ${what}` };
  const by = tenthsText(Math.abs(miss.by));
  return { short: `${by} off`, long: `${by} px ${miss.by * toward > 0 ? 'past' : 'before'} ${what}` };
}

/** The length after its end was moved by so many px of the page to `end`, where that is close to an edge: up to the edge; null elsewhere. */
export function snappedPx(
  px: number,
  {
    edges,
    end,
    toward,
    gap,
    scale,
  }: { edges: readonly Edge[]; end: number; toward: number; gap: number; scale: number },
): number | null {
  const miss = nearest(edges, placesAt(end, toward, gap), SNAP / scale);
  return miss && px - toward * miss.by;
}

/** How far a drag goes at a time, in CSS px; 1 where it is to be exact. */
const STEP = 4;

/** The length after its end was moved by so many px of the page from `px`: in steps or to the px, and within its limits. */
export function draggedPx(
  px: number,
  moved: number,
  { least, most, exact }: { least: number; most: number; exact: boolean },
): number {
  const wanted = px + moved;
  const stepped = exact ? Math.round(wanted) : Math.round(wanted / STEP) * STEP;
  return Math.min(most, Math.max(least, stepped));
}
