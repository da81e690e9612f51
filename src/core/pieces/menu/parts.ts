import type { Id } from '../../ids/id';
import { heaviestState, statedPart, stateSuffix } from '../../properties/dress';
import type { ByState } from '../../properties/property';
import type { StatedPart } from '../../properties/states';

/** Items of every level: those below follow what is said of the first. */
export const itemPart: StatedPart<'item'> = {
  label: 'Items',
  prefix: 'item',
  bare: () => ({ ink: 'of the bar', ground: 'none' }),
  states: ['rest', 'current', 'trail', 'hover', 'focus', 'open', 'pressed'],
  // An item is open where the button beside it says so.
  selector: (state) =>
    `& .menu-link${state === 'open' ? ':has(+ [aria-expanded="true"])' : stateSuffix[state]}`,
  // The button that opens the drop-down.
  upon: (state) =>
    state === 'open'
      ? '& .menu-link + .menu-toggle[aria-expanded="true"]'
      : `& .menu-link${stateSuffix[state]} + .menu-toggle`,
};

/** Items of drop-downs, whose panel has a ground and an ink of its own (below.ts). */
export const belowPart: StatedPart<'below'> = {
  label: 'Items of drop-downs',
  prefix: 'below',
  bare: ({ panelInk }) => ({ ink: panelInk === 'none' ? 'of the bar' : (panelInk as Id), ground: 'none' }),
  below: itemPart,
  panelGround: ({ panelGround }) => panelGround as Id,
  states: ['rest', 'current', 'trail', 'hover', 'focus', 'pressed'],
  selector: (state) => `& .menu-below .menu-link${stateSuffix[state]}`,
};

/** The button that stands for a collapsed menu. */
export const menuButtonPart = statedPart({
  label: 'Menu button',
  prefix: 'menuButton',
  states: ['rest', 'hover', 'focus', 'open', 'pressed'],
  selector: '& > .menu-button',
  look: { ink: 'of the bar', ground: 'none', border: '1 px, as its text', corners: 'radius-small' },
});

/** The heaviest weight of a state, for which items keep room; null where states do not differ in weight. */
export function reservedWeight(values: {
  itemWeight: ByState<number | null>;
  belowWeight: ByState<number | null>;
}): number | null {
  const weights = [values.itemWeight, values.belowWeight].map(heaviestState);
  const known = weights.filter((weight) => weight !== null);
  return known.length === 0 ? null : Math.max(...known);
}
