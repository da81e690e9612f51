import { NARROWEST } from '../bands/band';
import { lengthAt, type Length } from '../lengths/formula';
import type { Id } from '../ids/id';
import { pieceKind } from '../pieces';
import { LIST_PADDING } from '../pieces/drop-down/hanging';
import type { BesideSide } from '../pieces/piece';
import { settledPieces } from '../resolve/assembly';
import { dropDownSides, forEveryReader, FREE, type ForReader, type Side } from './drop-down-sides';
import { roomTaken } from './heights';
import { reachOf, type BesidePlaced, type DropDown } from './drop-downs';
import { keptOfSettled } from './kept-of-settled';

/** How the lists below the items of drop-downs open beside these: by piece, and by the selector of the drop-down below it. */
export interface BesideLists {
  sides: ReadonlyMap<Id, ReadonlyMap<string, BesideSide>>;
  /** How high a window is at least in which they do, in CSS px at the usual text size; in lower ones they stand inside. */
  windowHeight: number;
  /** The items of drop-downs that should do so, where the window leaves no room for that on either side of them. */
  inside: readonly Id[];
}

const NONE: BesideLists = { sides: new Map(), windowHeight: 0, inside: [] };

/** Whether all lists beside a drop-down that stands at a side of its item are within the window at one of its own edges. */
function fits(dropDown: DropDown, side: Exclude<Side, 'across'>, at: BesideSide): boolean {
  const { lists, width } = dropDown.beside!;
  const { start, end } = reachOf({ item: dropDown.item, width }, side);
  const widest = Math.max(...lists.map((list) => list.width));
  return at === 'end' ? end + widest <= dropDown.room - FREE : start - widest >= FREE;
}

/** How far a drop-down and the lists beside it reach from the edge at which it hangs, in CSS px. */
function besideReach({ height, lists }: BesidePlaced, above: boolean, inset: number): number {
  const ends = lists.map(({ item, height: high }) =>
    above ? height - (item.bottom + inset - high) : item.top - inset + high,
  );
  return Math.max(height, ...ends);
}

/** At which edges of drop-downs lists open beside them in a stage that holds down to a width, in every language and with text up to twice as large. */
export const besideLists = keptOfSettled((site, advances, settled, reaching): BesideLists => {
  const seen = forEveryReader(site, advances, settled, reaching).filter(({ dropDown }) => dropDown.beside);
  if (seen.length === 0) return NONE;
  const hung = dropDownSides(site, advances, settled, reaching);
  const pieces = settledPieces(settled);
  const ownOf = (piece: Id, selector: string) =>
    seen.filter(({ dropDown }) => dropDown.piece === piece && dropDown.selector === selector);
  const sideOf = (own: readonly ForReader[], side: Side | undefined): BesideSide | null =>
    side === undefined || side === 'across'
      ? null
      : ((['end', 'start'] as const).find((at) => own.every(({ dropDown }) => fits(dropDown, side, at))) ??
        null);
  const ids = [...new Set(seen.map(({ dropDown }) => dropDown.piece))];
  const sides = ids.map((piece) => {
    const selectors = [
      ...new Set(
        seen.filter(({ dropDown }) => dropDown.piece === piece).map(({ dropDown }) => dropDown.selector),
      ),
    ];
    const own = selectors.flatMap((selector) => {
      const side = sideOf(ownOf(piece, selector), hung.get(piece)?.get(selector));
      return side === null ? [] : [[selector, side] as const];
    });
    return [piece, new Map(own)] as const;
  });
  const above = settled.kind === 'footers';
  const taken = settled.kind === 'headers' ? roomTaken(site, advances, settled, reaching) : 0;
  const opens = ({ dropDown }: ForReader) =>
    sides.some(([piece, own]) => piece === dropDown.piece && own.has(dropDown.selector));
  const opening = seen.filter(opens);
  const kept = seen.filter((each) => !opens(each));
  const inside = [...new Set(kept.map(({ dropDown }) => dropDown.entry ?? dropDown.piece))];
  if (opening.length === 0) return { ...NONE, inside };
  const heights = opening.map(({ dropDown, times }) => {
    const { kind, values } = pieces.find(({ id }) => id === dropDown.piece)!;
    const { gap, free } = pieceKind(kind).hanging!;
    const reach = besideReach(dropDown.beside!, above, LIST_PADDING * times);
    return (
      taken +
      free +
      (lengthAt(gap(values) as Length, Math.max(reaching.from, NARROWEST) * times) + reach) / times
    );
  });
  return {
    sides: new Map(sides.filter(([, own]) => own.size > 0)),
    windowHeight: Math.ceil(Math.max(...heights)),
    inside,
  };
});
