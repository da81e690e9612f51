import { NARROWEST } from '../bands/band';
import type { Id } from '../ids/id';
import { ROOT_TEXT_PX } from '../lengths/length';
import { pieceKind } from '../pieces';
import { isFromItem } from '../pieces/drop-down/hanging';
import type { HangsFromItem } from '../pieces/piece';
import { settledPieces, type SettledAssembly } from '../resolve/assembly';
import { dropDownsAlong, reachOf, type DropDown } from './drop-downs';
import { keptOfSettled } from './kept-of-settled';

/** The side of its item at which something hangs; `across` the window where it is wider than that leaves on either. */
export type Side = HangsFromItem | 'across';

/** Where what hangs out of pieces stands in a stage: by piece, and by the selector of what hangs below it. */
export type Sides = ReadonlyMap<Id, ReadonlyMap<string, Side>>;

/** Sizes of text that readers have, as times of the usual one: what hangs stays within the window at all of them. */
const LARGER = [1, 2];

/** A drop-down as it is for some reader, with how many times as large as usual the text is. */
export interface ForReader {
  dropDown: DropDown;
  times: number;
}

/** All drop-downs in a stage that holds down to a width, as readers in every language and with every size of text have them. */
export const forEveryReader = keptOfSettled((site, advances, assembly, { band, from }): ForReader[] => {
  const narrowest = Math.max(from, NARROWEST);
  return site.languages.flatMap((language) =>
    LARGER.flatMap((times) => {
      const circumstances = { site, advances, page: null, language, root: ROOT_TEXT_PX * times };
      return dropDownsAlong(circumstances, assembly, band, narrowest * times).map((dropDown) => ({
        dropDown,
        times,
      }));
    }),
  );
});

/** What is kept free beside what hangs, in CSS px: how much marks of the current page move items at most. */
export const FREE = 4;

/** The sides that are tried, in their order, for how something wants to hang. */
const tried: Record<HangsFromItem, readonly HangsFromItem[]> = {
  start: ['start', 'end'],
  end: ['end', 'start'],
  middle: ['middle', 'start', 'end'],
};

/** A drop-down as wide as it is where lists open beside it, since their buttons stand in it then. */
const widest = ({ item, width, beside }: DropDown) => ({ item, width: Math.max(width, beside?.width ?? 0) });

function within(dropDown: DropDown, side: HangsFromItem): boolean {
  const { start, end } = reachOf(widest(dropDown), side);
  return start >= FREE && end <= dropDown.room - FREE;
}

/** How each drop-down stands where a stage begins: items come no nearer to either edge in wider windows. */
function solved(seen: readonly DropDown[], assembly: SettledAssembly): Sides {
  const pieces = settledPieces(assembly).flatMap(({ id, kind, values }) => {
    const wants = pieceKind(kind).hanging?.at(values);
    return wants === undefined || !isFromItem(wants) ? [] : [{ id, wants }];
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

/**
 * The side to which each drop-down of an assembly opens in a stage that holds down to a width, in CSS px, so that none leaves the window:
 * at any width, in any language of the site, with text up to twice as large.
 */
export const dropDownSides = keptOfSettled((site, advances, settled, reaching): Sides => {
  const seen = forEveryReader(site, advances, settled, reaching).map(({ dropDown }) => dropDown);
  return solved(seen, settled);
});
