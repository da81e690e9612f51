import { NARROWEST } from '../bands/band';
import type { Id } from '../ids/id';
import { ROOT_TEXT_PX } from '../lengths/length';
import { pieceKind } from '../pieces';
import type { HangingSide, HangsAt } from '../pieces/piece';
import { settledPieces, type SettledAssembly } from '../resolve/assembly';
import type { Site } from '../site/site';
import type { Advances } from '../text/advances';
import { dropDownsAlong, reachOf, type DropDown } from './drop-downs';

/** The side of its item at which something hangs; `across` where it is wider than the window leaves on either, and stands as wide as its bar. */
export type Side = Exclude<HangingSide, 'content' | 'bar'>;

/** Where what hangs out of pieces stands in a stage: by piece, and by the selector of what hangs below it. */
export type Sides = ReadonlyMap<Id, ReadonlyMap<string, Side>>;

/** Sizes of text that readers have, as times of the usual one: what hangs stays within the window at all of them. */
const LARGER = [1, 2];

/** What is kept free beside what hangs, in CSS px: how much marks of the current page move items at most. */
const FREE = 4;

/** The sides that are tried, in their order, for how something wants to hang. */
const tried: Record<Exclude<HangsAt, 'content' | 'bar'>, readonly Exclude<Side, 'across'>[]> = {
  start: ['start', 'end'],
  end: ['end', 'start'],
  middle: ['middle', 'start', 'end'],
};

function within(dropDown: DropDown, side: Exclude<Side, 'across'>): boolean {
  const { start, end } = reachOf(dropDown, side);
  return start >= FREE && end <= dropDown.room - FREE;
}

/** How each drop-down stands where a stage begins: items come no nearer to either edge in wider windows. */
function solved(site: Site, advances: Advances, assembly: SettledAssembly, band: Id, from: number): Sides {
  const seen = site.languages.flatMap((language) =>
    LARGER.flatMap((times) => {
      const circumstances = { site, advances, page: null, language, root: ROOT_TEXT_PX * times };
      return dropDownsAlong(circumstances, assembly, band, from * times);
    }),
  );
  const pieces = settledPieces(assembly).flatMap(({ id, kind, values }) => {
    const wants = pieceKind(kind).hanging?.at(values);
    return wants === undefined || wants === 'content' || wants === 'bar' ? [] : [{ id, wants }];
  });
  return new Map(
    pieces.map(({ id, wants }) => {
      const own = seen.filter(({ piece }) => piece === id);
      const selectors = new Set(own.map(({ selector }) => selector));
      const side = (selector: string): Side => {
        const all = own.filter((each) => each.selector === selector);
        return tried[wants].find((each) => all.every((one) => within(one, each))) ?? 'across';
      };
      return [id, new Map([...selectors].map((selector) => [selector, side(selector)]))];
    }),
  );
}

const known = new WeakMap<SettledAssembly, { site: Site; advances: Advances; sides: Sides }>();

/**
 * The side to which each drop-down of an assembly opens in a stage that holds down to a width, in CSS px, so that none leaves the window:
 * at any width, in any language of the site, with text up to twice as large.
 */
export function dropDownSides(
  site: Site,
  advances: Advances,
  settled: SettledAssembly,
  { band, from }: { band: Id; from: number },
): Sides {
  const kept = known.get(settled);
  if (kept?.site === site && kept.advances === advances) return kept.sides;
  const sides = solved(site, advances, settled, band, Math.max(from, NARROWEST));
  known.set(settled, { site, advances, sides });
  return sides;
}
