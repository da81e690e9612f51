import { flexOf } from './grid';
import type { Size, Track } from './layout';

/** What stands in the columns of a grid: from which to which, and how wide it wants to be and has to be, in CSS px. */
export interface Asked {
  first: number;
  last: number;
  preferred: number;
  least: number;
}

interface Sized {
  base: number;
  limit: number;
  fr: number;
}

const sum = (of: readonly number[]) => of.reduce((all, each) => all + each, 0);

/** A column as its own size, or what stands in it alone, makes it. */
function initial(track: Track, index: number, asked: readonly Asked[], size: (of: Size) => number): Sized {
  let [least, preferred] = [0, 0];
  for (const each of asked)
    if (each.first === index && each.last === index) {
      least = Math.max(least, each.least);
      preferred = Math.max(preferred, each.preferred);
    }
  preferred = Math.max(least, preferred);
  if (track === 'auto') return { base: least, limit: preferred, fr: 0 };
  const fr = flexOf(track);
  if ('fr' in track) return { base: least, limit: Infinity, fr };
  const from = size(track.least);
  const { most } = track;
  if (typeof most === 'object' && 'fr' in most) return { base: from, limit: Infinity, fr };
  const upTo = most === 'max-content' ? preferred : size(most);
  return { base: from, limit: Math.max(from, upTo), fr };
}

/** What is to be had of one share: none of the columns that have shares is narrower than its content (CSS Grid 2, 12.7.1). */
function share(sized: readonly Sized[], room: number): number {
  let held = sized.filter(({ fr }) => fr > 0);
  for (;;) {
    let [shares, left] = [0, room];
    for (const each of sized)
      if (held.includes(each)) shares += each.fr;
      else left -= each.base;
    const one = Math.max(0, left) / Math.max(1, shares);
    const within = held.filter(({ base, fr }) => base <= one * fr + 1e-9);
    if (within.length === held.length) return one;
    held = within;
    if (held.length === 0) return 0;
  }
}

/** Gives what is free to columns in equal parts, up to the limit of each. */
function grown(sized: readonly Pick<Sized, 'base' | 'limit'>[], free: number): number[] {
  const widths = sized.map(({ base }) => base);
  let left = free;
  while (left > 1e-9) {
    const open = sized
      .map((_, index) => index)
      .filter((index) => widths[index]! < sized[index]!.limit - 1e-9);
    if (open.length === 0) break;
    const part = Math.min(left / open.length, ...open.map((index) => sized[index]!.limit - widths[index]!));
    for (const index of open) widths[index]! += part;
    left -= part * open.length;
  }
  return widths;
}

/** How wide columns are that get wider by so much in all: in equal parts up to the limit of each, then all of them alike (CSS Grid 2, 12.5.1). */
export function widened(columns: readonly Pick<Sized, 'base' | 'limit'>[], by: number): number[] {
  const before = columns.map(({ base }) => base);
  if (by <= 0) return before;
  const within = grown(columns, by);
  const left = by - sum(within) + sum(before);
  return within.map((each) => each + left / columns.length);
}

function widen(columns: readonly Sized[], by: number): void {
  const bases = widened(columns, by);
  columns.forEach((each, index) => {
    each.base = bases[index]!;
    each.limit = Math.max(each.limit, each.base);
  });
}

/** The columns that get wider for what spans several: those with shares, where there are any, else those that are as their content. */
function opened(spanned: readonly Sized[], tracks: readonly Track[]): readonly Sized[] {
  const flexible = spanned.filter((_, index) => flexOf(tracks[index]!) > 0);
  return flexible.length > 0 ? flexible : spanned.filter((_, index) => tracks[index] === 'auto');
}

/**
 * The widths of a grid's columns in so much room, gaps left out, in CSS px (CSS Grid 2, 12.3 to 12.8). What spans several columns makes
 * those wider that have no size of their own.
 */
export function sizedTracks(
  tracks: readonly Track[],
  asked: readonly Asked[],
  room: number,
  { size, gap, stretches }: { size: (of: Size) => number; gap: number; stretches: boolean },
): number[] {
  const sized = tracks.map((track, index) => initial(track, index, asked, size));
  for (const { first, last, least, preferred } of asked) {
    if (first === last) continue;
    const spanned = sized.slice(first, last + 1);
    const shared = opened(spanned, tracks.slice(first, last + 1));
    const gaps = gap * (last - first);
    // What crosses a share may be as narrow as it leaves it (CSS Grid 2, 6.6 "Automatic Minimum Size of Grid Items").
    const crosses = shared.some(({ fr }) => fr > 0);
    if (!crosses) widen(shared, least - gaps - sum(spanned.map(({ base }) => base)));
    const limits = sum(spanned.map(({ limit, base }) => (limit === Infinity ? base : limit)));
    const more = Math.max(0, preferred - gaps - limits) / shared.length;
    for (const each of shared) each.limit += more;
  }
  if (sized.some(({ fr }) => fr > 0)) {
    const limited = sized.map((each) => (each.fr > 0 ? { ...each, limit: each.base } : each));
    const bases = grown(limited, room - sum(limited.map(({ base }) => base)));
    const settled = sized.map((each, index) => ({ ...each, base: bases[index]! }));
    const one = share(settled, room);
    return settled.map(({ base, fr }) => (fr > 0 ? Math.max(base, one * fr) : base));
  }
  const widths = grown(sized, room - sum(sized.map(({ base }) => base)));
  const left = room - sum(widths);
  const open = tracks.map((track) => track === 'auto');
  const count = open.filter(Boolean).length;
  return stretches && left > 0 && count > 0
    ? widths.map((width, index) => (open[index] ? width + left / count : width))
    : widths;
}
