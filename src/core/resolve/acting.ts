import type { SettledBar, SettledBay } from './assembly';
import { divisionOf, edgePlace, goesBelow, hasMiddle, occupied, takesRest } from './places';

/** Whether a bay has more of the bar’s length than what stands in it, where there is more: then things in it can stand at either end. */
function actsAlong(bar: SettledBar, bay: SettledBay): boolean {
  if (!occupied(bay) || goesBelow(bar, bay)) return true;
  const { by } = divisionOf(bar);
  if (bay.pieces.some(takesRest)) return by === 'stack';
  if (by !== 'edges') return true;
  const greedy = bar.bays.some((each) => occupied(each) && each.pieces.some(takesRest));
  if (hasMiddle(bar)) return edgePlace(bar.bays.indexOf(bay), bar.bays.length) !== 'middle';
  return !greedy;
}

/** In a stack, what is across is along; what was said of that wins. */
function actsAcross(bar: SettledBar, bay: SettledBay): boolean {
  return divisionOf(bar).by !== 'stack' || bay.values.along === null;
}

/** Whether a property of a bay does anything in a bar as it is settled; those that are not named always do. What does nothing is not offered. */
export const bayActs: Readonly<Record<string, (bar: SettledBar, bay: SettledBay) => boolean>> = {
  along: actsAlong,
  across: actsAcross,
};
