import type { Declarations, Rules } from '../markup/css';
import type { SettledBar } from '../resolve/assembly';
import { edgeBays, type EdgeBay } from '../site/assembly';

/** Whether anything of a bay shows in the band that the bar was settled for. */
function occupied(bar: SettledBar, bay: EdgeBay): boolean {
  return bar.bays[bay].some((piece) => piece.values.shown !== 'hidden');
}

/**
 * The rule of division by edges. With something in the middle, the bays at the edges share the rest equally, so that the
 * middle is truly centred; where they cannot, the middle gives way rather than overlap (`1fr` never gets narrower than
 * its content). Without a middle, the start and the end take what they need, and what is left lies between them.
 */
function columns(bar: SettledBar): Declarations {
  if (bar.values.bays === 'stacked')
    return { 'grid-template-columns': 'minmax(0, 1fr)', 'justify-content': 'normal' };
  const held = edgeBays.filter((bay) => occupied(bar, bay));
  if (held.includes('middle'))
    return { 'grid-template-columns': '1fr auto 1fr', 'justify-content': 'normal' };
  if (held.length === 2) return { 'grid-template-columns': 'auto auto', 'justify-content': 'space-between' };
  return { 'grid-template-columns': 'auto', 'justify-content': held[0] ?? 'normal' };
}

/** The column of a bay among those that show, and whether it shows at all. */
function bayRules(bar: SettledBar, bay: EdgeBay): Declarations {
  const middleHeld = occupied(bar, 'middle');
  const stacked = bar.values.bays === 'stacked';
  const column = middleHeld && !stacked ? String(edgeBays.indexOf(bay) + 1) : 'auto';
  return {
    display: occupied(bar, bay) ? 'flex' : 'none',
    'flex-direction': stacked ? 'column' : 'row',
    'grid-column': column,
  };
}

/** The rules of a bar's bays in the band that it was settled for; `&` stands for the bar. */
export function divisionRules(bar: SettledBar): Rules {
  const bays = edgeBays
    .filter((bay) => bar.bays[bay].length > 0)
    .map((bay) => [`& > .bays > .bay-${bay}`, bayRules(bar, bay)]);
  return { '& > .bays': columns(bar), ...Object.fromEntries(bays) };
}
