import { AS_IT_COMES, type Rules } from '../../markup/css';
import type { Id } from '../../ids/id';
import type { Leaves } from '../../properties/menu';
import type { Counts } from '../piece';
import type { ShownAs, WithLogo } from './forms';

/** What of a menu's values decides which of its items leave. */
export interface LeavingValues {
  shownAs: ShownAs;
  around: WithLogo | null;
  turned: boolean;
  behind: number;
  leftOut: number;
}

/** How many items have left a row for want of room: behind its “more” button, and altogether. */
export interface Left {
  behind: number;
  out: number;
}

/** How many items a menu leaves out with these values: only a row or cells that are not split leave any. */
export function leftOf({ shownAs, around, turned, behind, leftOut }: LeavingValues): Left {
  const along = (shownAs === 'row' || shownAs === 'cells') && !around && !turned;
  return along ? { behind, out: leftOut } : { behind: 0, out: 0 };
}

const turnsOf: readonly Leaves[] = ['first', 'turn', 'last'];

/** The place of each entry in the order in which they leave, counted from 1: those of one kind from the end on. */
export function leavingRanks(entries: readonly { id: Id; leaves: Leaves }[]): Map<Id, number> {
  const order = turnsOf.flatMap((kind) => entries.filter(({ leaves }) => leaves === kind).reverse());
  return new Map(order.map(({ id }, index) => [id, index + 1]));
}

/** Which entries stand in the row, and whether a button stands for others. */
export function standing<E extends { id: Id; leaves: Leaves; shown: boolean }>(
  values: LeavingValues,
  entries: readonly E[],
): { inRow: E[]; behind: E[]; more: boolean } {
  const left = leftOf(values);
  const ranks = leavingRanks(entries);
  const shown = entries.filter((entry) => entry.shown);
  const rank = ({ id }: E) => ranks.get(id)!;
  return {
    inRow: shown.filter((entry) => rank(entry) > Math.max(left.behind, left.out)),
    behind: shown.filter((entry) => isBehind(left, rank(entry))),
    more: shown.some((entry) => isBehind(left, rank(entry))),
  };
}

/** Whether what has a place in the order of leaving stands behind the button. */
const isBehind = ({ behind, out }: Left, rank: number) => rank <= behind && rank > out;

/** What of entries is counted: all of them, and the places of those that show in the order in which they leave. */
export function countsOf(
  entries: readonly {
    id: Id;
    leaves: Leaves;
    shown: boolean;
    children: readonly { card: boolean; children: readonly unknown[] }[];
  }[],
): Counts {
  const ranks = leavingRanks(entries);
  return {
    top: entries.length,
    ranks: entries.filter(({ shown }) => shown).map(({ id }) => ranks.get(id)!),
    cards: entries.some(({ children }) => children.some(({ card }) => card)),
    nested: entries.some(({ children }) => children.some((child) => child.children.length > 0)),
  };
}

/** How many things stand in the row of a menu, the button included. */
export function inRow(values: LeavingValues, { ranks }: Counts): number {
  const left = leftOf(values);
  const more = ranks.some((rank) => isBehind(left, rank));
  return ranks.filter((rank) => rank > Math.max(left.behind, left.out)).length + Number(more);
}

const shown = { display: AS_IT_COMES };
const notShown = { display: 'none' };
const onlyIf = (shows: boolean) => (shows ? shown : notShown);

/** Which items stand in the row and which behind the button, as many as have left. */
export function leavingCss(values: LeavingValues, { top, ranks }: Counts): Rules {
  const left = leftOf(values);
  const rules: Rules = {};
  for (let rank = 1; rank <= top; rank += 1) {
    rules[`& .menu-list > [data-leaves="${rank}"]`] = onlyIf(rank > Math.max(left.behind, left.out));
    rules[`& .menu-more > .menu-below > [data-leaves="${rank}"]`] = onlyIf(isBehind(left, rank));
  }
  rules['& .menu-list > .menu-more'] = onlyIf(ranks.some((rank) => isBehind(left, rank)));
  return rules;
}
