import type { Declarations, Rules } from '../markup/css';
import { AS_IT_COMES } from '../properties/property';
import { shareOf, type Division } from '../properties/kinds/division';
import type { SettledBar, SettledBay } from '../resolve/assembly';
import {
  besideEachOther,
  divisionOf,
  edgePlace,
  goesBelow,
  hasMiddle,
  occupied,
  takesRest,
} from '../resolve/places';

/**
 * The columns of division by edges. With something in the middle, the bays at the edges share the rest equally, so that
 * the middle is truly centred; where they cannot, the middle gives way rather than overlap (`1fr` never gets narrower than
 * its content). Without a middle, the start and the end take what they need, and what is left lies between them. A piece
 * that takes the free space needs a bay that has it.
 */
function edgeColumns(bar: SettledBar): Declarations {
  const { bays } = bar;
  const held = bays.filter(occupied).length;
  const greedy = bays.filter(occupied).map((bay) => bay.pieces.some(takesRest));
  const middles = Math.max(0, bays.length - 2);
  if (hasMiddle(bar))
    return {
      'grid-template-columns': middles === 1 ? '1fr auto 1fr' : `1fr repeat(${middles}, auto) 1fr`,
      'justify-content': AS_IT_COMES,
    };
  if (greedy.includes(true))
    return {
      'grid-template-columns': greedy.map((takes) => (takes ? '1fr' : 'auto')).join(' '),
      'justify-content': AS_IT_COMES,
    };
  // What is left free is theirs in equal parts (CSS Grid 2, 12.8), so that things in them can stand at either end of it.
  return {
    'grid-template-columns': held === 2 ? 'auto auto' : 'auto',
    'justify-content': AS_IT_COMES,
  };
}

function columns(bar: SettledBar): Declarations {
  const division = divisionOf(bar);
  if (division.by === 'edges') return edgeColumns(bar);
  // A column is never wider than its share because of what stands in it, so that columns of several bars line up.
  const tracks =
    division.by === 'stack'
      ? 'minmax(0, 1fr)'
      : bar.bays.map((_, index) => `minmax(0, ${shareOf(division.shares, index)}fr)`).join(' ');
  return { 'grid-template-columns': tracks, 'justify-content': AS_IT_COMES };
}

/** The column that a bay stands in; in a stack, and without a middle between edges, they follow each other. */
function columnOf(bar: SettledBar, index: number): string {
  const division = divisionOf(bar);
  const placed = division.by === 'shares' || (division.by === 'edges' && hasMiddle(bar));
  if (placed) return String(index + 1);
  if (!bar.values.turnedRound || division.by === 'stack') return AS_IT_COMES;
  return String(bar.bays.slice(0, index + 1).filter(occupied).length);
}

const packing: Record<string, string> = {
  start: 'flex-start',
  center: 'center',
  end: 'flex-end',
  spread: 'space-between',
};

/** How a bay's pieces stand along the bar where the designer has not said it. */
function ownAlong(division: Division, index: number, count: number): string {
  if (division.by !== 'edges') return 'start';
  const place = edgePlace(index, count);
  return place === 'middle' ? 'center' : place;
}

const other = (value: string, initial: string) => (value === initial ? AS_IT_COMES : value);

/** What bays are like until a bar says otherwise. */
export const bayCss: Rules = {
  // As high as the bar, and so are the bays: what stands across the bar has all of it.
  '.bays': { display: 'grid', 'flex-grow': '1', 'inline-size': '100%', 'margin-inline': 'auto' },
  '.bay': { display: 'flex', 'align-items': 'center', 'reading-flow': 'flex-visual' },
};

/** The rules of a bay; in a stack its pieces stand below each other too, and what is across becomes along. */
function bayRules(bar: SettledBar, index: number): Declarations {
  const bay = bar.bays[index]!;
  const division = divisionOf(bar);
  const stacked = division.by === 'stack';
  const below = goesBelow(bar, bay);
  const own = below ? 'start' : ownAlong(division, index, bar.bays.length);
  const along = (bay.values.along ?? own) as string;
  const rows = bar.bays.slice(0, index + 1).filter((each) => goesBelow(bar, each)).length;
  const across = (bay.values.across ?? bar.values.across) as string;
  const inStack = stackedAcross(bay, along, across);
  return {
    display: occupied(bay) ? AS_IT_COMES : 'none',
    'flex-direction': stacked ? 'column' : AS_IT_COMES,
    'grid-column': below ? '1 / -1' : columnOf(besideEachOther(bar), index),
    'grid-row': below ? String(1 + rows) : turnedRow(bar, index),
    'justify-content': stacked || along === 'start' ? AS_IT_COMES : packing[along]!,
    'align-items': other(stacked ? inStack : across, 'center'),
    'align-self': !stacked && onBaseline(bar) && standsOtherwise(bay) ? 'stretch' : AS_IT_COMES,
  };
}

/** The row of a bay in a bar whose order is turned round: in a stack the last comes first, else all stand in one. */
function turnedRow(bar: SettledBar, index: number): string {
  if (!bar.values.turnedRound) return AS_IT_COMES;
  return divisionOf(bar).by === 'stack' ? String(index + 1) : '1';
}

const onBaseline = (bar: SettledBar) => divisionOf(bar).by !== 'stack' && bar.values.across === 'baseline';

/** Whether a bay, or something in it, does not stand on the common baseline of its bar: it has the whole height then. */
function standsOtherwise({ values, pieces }: SettledBay): boolean {
  const said = [values.across, ...pieces.map((piece) => piece.values.alignSelf)];
  return said.some((across) => across !== null && across !== 'baseline');
}

/** How pieces in a stack stand along the bar: as their bay says, else the way that the bar has for what is across. */
function stackedAcross(bay: SettledBay, along: string, across: string): string {
  if (bay.values.along !== null) return along === 'spread' ? 'stretch' : along;
  return across === 'baseline' ? 'start' : across;
}

/** The rules of a bar's bays in the band that it was settled for; `&` stands for the bar. */
export function divisionRules(bar: SettledBar): Rules {
  const bays = bar.bays.flatMap((bay, index) =>
    bay.pieces.length > 0 ? [[`& > .bays > .bay-${bay.nth}`, bayRules(bar, index)] as const] : [],
  );
  return {
    '& > .bays': {
      ...columns(besideEachOther(bar)),
      'align-items': onBaseline(bar) ? 'baseline' : AS_IT_COMES,
      // The keyboard goes the way of the eye.
      'reading-flow': bar.values.turnedRound ? 'grid-rows' : AS_IT_COMES,
    },
    ...Object.fromEntries(bays),
  };
}
