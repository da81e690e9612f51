import { NARROWEST, WIDEST } from '../bands/band';
import type { PlacedBox } from '../boxes/placed';
import type { Id } from '../ids/id';
import { resolveAssembly } from '../resolve/assembly';
import type { Assembly } from '../site/assembly';
import { directionOf } from '../site/language';
import { placedAssembly } from './placed-assembly';
import type { Circumstances } from './circumstances';
import { heldScreens, type HeldScreen } from './screens';
import { stageAt, wayDown, type WayDown } from './way-down';

/** What a footer that wraps by design still does wrong: a word wider than its column, a link in two lines, one link alone on the last line. */
export type FooterFault = 'narrow' | 'broken' | 'alone';

/** Viewport widths over which a piece of a footer has a fault, in CSS px, with the items that have it. */
export interface FooterStretch {
  fault: FooterFault;
  piece: Id;
  entries: readonly Id[];
  from: number;
  to: number;
  /** The languages in which it has the fault. */
  languages: readonly string[];
}

/** How high a footer is on a screen at most, of all languages, in CSS px, and as a share of that. */
export interface FooterHeight {
  screen: HeldScreen;
  height: number;
  share: number;
}

/** How a footer stands at every width, and on every shipped screen. */
export interface FooterSurvey {
  stretches: readonly FooterStretch[];
  heights: readonly FooterHeight[];
}

/** How far apart the widths are that are looked at first, in CSS px: where something changes between two, the very width is looked for. */
const STEP = 8;

/** A little more than the 1/64 px in which browsers count. */
const WITHIN = 0.1;

interface Fault {
  fault: FooterFault;
  piece: Id;
  entry: Id | null;
}
const keyOf = ({ fault, piece, entry }: Fault) => `${fault} ${piece} ${entry}`;

/** The items of a list by the lines on which they stand, from the first to the last. */
function linesOf(list: PlacedBox): PlacedBox[][] {
  const tops = [...new Set(list.of.map(({ y }) => y))].sort((a, b) => a - b);
  return tops.map((top) => list.of.filter(({ y }) => y === top));
}

const idIn = ({ id, of }: PlacedBox): Id | null =>
  id ?? of.map(idIn).find((inside) => inside !== null) ?? null;

/** A placed box with where it begins in its bay, and how wide that is; `entry` is the item in which it is. */
interface Inside {
  box: PlacedBox;
  x: number;
  room: number;
  entry: Id | null;
  /** Whether lines run from right to left, so that what is too wide sticks out on the left. */
  turned: boolean;
}

/** What is wrong in a placed piece. */
function* faultsIn({ box, x, room, entry, turned }: Inside, piece: Id): Generator<Fault> {
  const own = box.id === piece ? entry : (box.id ?? entry);
  const lists = box.of.length > 2 && box.of.every(({ at }) => at === 'li');
  const lines = lists ? linesOf(box) : [];
  const last = lines.at(-1);
  // One below the other, each would be alone.
  if (last?.length === 1 && lines.some((line) => line.length > 1))
    yield { fault: 'alone', piece, entry: idIn(last[0]!) };
  if (box.lines?.some((line) => (turned ? -x - line.x : x + line.x + line.width - room) > WITHIN))
    yield { fault: 'narrow', piece, entry: own };
  else if (own !== null && (box.lines?.length ?? 0) > 1) yield { fault: 'broken', piece, entry: own };
  for (const each of box.of) yield* faultsIn({ box: each, x: x + each.x, room, entry: own, turned }, piece);
}

/** The placed pieces of an assembly, each in its bay. */
function* piecesIn(
  box: PlacedBox,
  around: PlacedBox,
  ids: ReadonlySet<Id>,
  turned: boolean,
): Generator<Inside> {
  if (box.id !== undefined && ids.has(box.id))
    yield { box, x: box.x, room: around.width, entry: null, turned };
  else for (const each of box.of) yield* piecesIn(each, box, ids, turned);
}

function placedAt(today: Circumstances, way: WayDown, footer: Assembly, width: number): PlacedBox {
  const stage = stageAt(way, width);
  return placedAssembly(today, resolveAssembly(today.site, 'footers', footer, stage), stage.band, width);
}

/** The widths between two at which something begins to hold, to the px; it holds at `there` and not at `away`. */
function edge(there: number, away: number, holds: (width: number) => boolean): number {
  let [inside, outside] = [there, away];
  while (Math.abs(inside - outside) > 1) {
    const middle = Math.round((inside + outside) / 2);
    if (holds(middle)) inside = middle;
    else outside = middle;
  }
  return inside;
}

/** A fault over widths, in one language. */
type Found = Fault & Pick<FooterStretch, 'from' | 'to'>;

/** The widths over which each fault is, looked at step by step and then to the px. */
function foundAlong(faultsAt: (width: number) => ReadonlyMap<string, Fault>): Found[] {
  const widths = Array.from({ length: (WIDEST - NARROWEST) / STEP + 1 }, (_, nth) => NARROWEST + nth * STEP);
  const all = new Map<string, Fault>();
  for (const width of widths) for (const [key, fault] of faultsAt(width)) all.set(key, fault);
  return [...all].flatMap(([key, fault]) => {
    const holds = (width: number) => faultsAt(width).has(key);
    const starts = widths.filter((width, nth) => holds(width) && (nth === 0 || !holds(widths[nth - 1]!)));
    return starts.map((start) => {
      const after = widths.find((width) => width > start && !holds(width));
      const from = start === NARROWEST ? start : edge(start, start - STEP, holds);
      return { ...fault, from, to: after === undefined ? WIDEST : edge(after - STEP, after, holds) };
    });
  });
}

/** What several items of a piece do over widths that meet, in whatever language, is one thing to mend. */
function joined(found: readonly (Found & { language: string })[]): FooterStretch[] {
  return found
    .toSorted((one, other) => one.from - other.from)
    .reduce<FooterStretch[]>((all, { fault, piece, entry, language, from, to }) => {
      const same = all.findIndex(
        (each) => each.fault === fault && each.piece === piece && each.to >= from - STEP,
      );
      const entries = entry === null ? [] : [entry];
      if (same < 0) return [...all, { fault, piece, entries, from, to, languages: [language] }];
      const before = all[same]!;
      return all.with(same, {
        ...before,
        entries: [...new Set([...before.entries, ...entries])],
        languages: [...new Set([...before.languages, language])],
        to: Math.max(before.to, to),
      });
    }, []);
}

/** What is wrong in a footer at each width that is asked for, in the language of the circumstances. */
function faultsOf(today: Circumstances, way: WayDown, footer: Assembly) {
  const ids = new Set(Object.keys(footer.pieces));
  const turned = directionOf(today.language) === 'rtl';
  const known = new Map<number, ReadonlyMap<string, Fault>>();
  return (width: number) => {
    const kept = known.get(width);
    if (kept) return kept;
    const placed = placedAt(today, way, footer, width);
    const faults = [...piecesIn(placed, placed, ids, turned)].flatMap((inside) => [
      ...faultsIn(inside, inside.box.id!),
    ]);
    const byKey = new Map(faults.map((fault) => [keyOf(fault), fault]));
    known.set(width, byKey);
    return byKey;
  };
}

/**
 * How a footer stands at every width from the narrowest to the widest in every language of the site, and how high it is on every shipped
 * screen in the one in which it is highest.
 */
export function surveyFooter(today: Circumstances, footer: Assembly): FooterSurvey {
  const way = wayDown(today.site, today.advances, 'footers', footer);
  const spoken = today.site.languages.map((language) => ({ ...today, language }));
  return {
    stretches: joined(
      spoken.flatMap((each) =>
        foundAlong(faultsOf(each, way, footer)).map((found) => ({ ...found, language: each.language })),
      ),
    ),
    heights: heldScreens.map((screen) => {
      const height = Math.max(...spoken.map((each) => placedAt(each, way, footer, screen.width).height));
      return { screen, height, share: height / screen.height };
    }),
  };
}
