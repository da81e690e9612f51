/** The days as they are typed, from Monday; a day is its place among them. */
export const dayNames = ['Mon', 'Tue', 'Wed', 'Thu', 'Fri', 'Sat', 'Sun'] as const;

/** From when to when something is open, in minutes from midnight. */
export interface Span {
  from: number;
  to: number;
}

/** Days with the same hours; closed where there is no span. */
export interface DayHours {
  days: readonly number[];
  spans: readonly Span[];
}

export type HoursReading = { ok: true; hours: readonly DayHours[] } | { ok: false; reason: string };

const DAY_MINUTES = 24 * 60;
const day = `(?:${dayNames.join('|')})`;
const ENTRY = new RegExp(
  `^(${day}(?:\\s*-\\s*${day})?(?:\\s*,\\s*${day}(?:\\s*-\\s*${day})?)*)\\s+(.+)$`,
  'i',
);

const dayOf = (name: string) =>
  dayNames.findIndex((each) => each.toLowerCase() === name.trim().toLowerCase());

/** The days of `Mon-Wed, Fri`; from a later day to an earlier one goes on over the end of the week. */
function daysOf(text: string): number[] {
  return text.split(',').flatMap((part) => {
    const [first, last = first] = part.split('-').map(dayOf) as [number, number?];
    const count = ((last! - first + 7) % 7) + 1;
    return Array.from({ length: count }, (_, index) => (first + index) % 7);
  });
}

/** Minutes from midnight of `9` or `17:30`; null for what is no time. */
function minutesOf(text: string): number | null {
  const match = /^(\d{1,2})(?::(\d{2}))?$/.exec(text.trim());
  if (!match) return null;
  const [hours, minutes] = [Number(match[1]), Number(match[2] ?? 0)];
  const all = hours * 60 + minutes;
  return minutes < 60 && all <= DAY_MINUTES ? all : null;
}

function spansOf(text: string): Span[] | string {
  if (text.trim().toLowerCase() === 'closed') return [];
  const spans: Span[] = [];
  for (const part of text.split(',')) {
    const [from, to, ...more] = part.split('-').map(minutesOf);
    if (from === undefined || to === undefined || from === null || to === null || more.length > 0)
      return `“${part.trim()}” is no span of time. It looks like 9:00-17:30, or is “closed”.`;
    if (to <= from) return `“${part.trim()}” ends before it begins.`;
    spans.push({ from, to });
  }
  return spans;
}

/** Two spans of one day that overlap, as they stand in a week; null where none do. */
function overlap(hours: readonly DayHours[]): number | null {
  for (const [index, name] of dayNames.entries()) {
    const own = hours.filter(({ days }) => days.includes(index));
    const spans = own.flatMap((each) => each.spans).toSorted((one, other) => one.from - other.from);
    const crossed = spans.some((span, at) => at > 0 && span.from < spans[at - 1]!.to);
    if (crossed || own.filter((each) => each.spans.length === 0).length * own.length > 1)
      return dayNames.indexOf(name);
  }
  return null;
}

/**
 * Reads hours as they are typed: `Mon-Fri 9:00-12:00, 14-17:30; Sat 10-14; Sun closed`. Days and times are parted by a blank, entries by a
 * semicolon. What cannot be read, ends before it begins or overlaps is refused with a reason that names it.
 */
export function readHours(text: string): HoursReading {
  const hours: DayHours[] = [];
  const plain = text.replace(/[–—]/g, '-');
  for (const entry of plain.split(';').filter((each) => each.trim() !== '')) {
    const match = ENTRY.exec(entry.trim());
    if (!match)
      return {
        ok: false,
        reason: `“${entry.trim()}” begins with no day. Days are ${dayNames.join(', ')}, such as Mon-Fri 9-17.`,
      };
    const spans = spansOf(match[2]!);
    if (typeof spans === 'string') return { ok: false, reason: spans };
    hours.push({ days: daysOf(match[1]!), spans });
  }
  const twice = overlap(hours);
  return twice === null
    ? { ok: true, hours }
    : { ok: false, reason: `The hours of ${dayNames[twice]} overlap.` };
}

/** Why a text cannot be hours; null when it can. */
export const hoursProblem = (text: string): string | null => {
  const reading = readHours(text);
  return reading.ok ? null : reading.reason;
};

/** A time as it is read: `9:00`, in the figures of 24 hours. */
const timeText = (minutes: number) => `${Math.floor(minutes / 60)}:${String(minutes % 60).padStart(2, '0')}`;

/** Spans as they are read, one after another. */
export const spansText = (spans: readonly Span[]): string =>
  spans.map(({ from, to }) => `${timeText(from)}–${timeText(to)}`).join(', ');

/** Days as they are read, with the names of a language from Monday: days in a row by the first and the last of them. */
export function daysText(days: readonly number[], names: readonly string[]): string {
  const runs: number[][] = [];
  for (const each of days) {
    const last = runs.at(-1);
    if (last && each === last.at(-1)! + 1) last.push(each);
    else runs.push([each]);
  }
  return runs
    .map((run) =>
      (run.length > 2 ? [run[0]!, run.at(-1)!] : run)
        .map((each) => names[each]!)
        .join(run.length > 2 ? '–' : ', '),
    )
    .join(', ');
}
