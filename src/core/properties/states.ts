import type { Id } from '../ids/id';

/**
 * The states of something that can be followed or pressed, in the order in which their rules are written: a later one wins
 * over an earlier one where both hold. `trail` is an ancestor of the current page.
 */
export const stateLabels = {
  rest: 'Rest',
  current: 'Current',
  trail: 'Trail',
  hover: 'Hover',
  focus: 'Focus',
  open: 'Open',
  pressed: 'Pressed',
} as const;
export type State = keyof typeof stateLabels;
export const states = Object.keys(stateLabels) as State[];

/** The state whose value holds in another one that has none of its own. */
const follows: Partial<Record<State, State>> = {
  current: 'rest',
  trail: 'current',
  hover: 'rest',
  focus: 'rest',
  open: 'hover',
  pressed: 'hover',
};

/** The axis of states for following: from rest to a state. */
export function stateChain(state: State): State[] {
  const before = follows[state];
  return before === undefined ? [state] : [...stateChain(before), state];
}

/** What a part looks like of itself: colours of the brand, those of the bar, or no ground at all; its border in words, and the radius of its corners. */
export interface BareLook {
  ink: Id | 'of the bar';
  ground: Id | 'none';
  border?: string;
  corners?: Id;
  /** The colour of the line by which one knows a field, where no border is said of it. */
  fieldLine?: Id | 'of its text';
}

/** A part of a piece that has states. */
export interface StatedPart<Prefix extends string = string> {
  /** What the designer calls it. */
  label: string;
  /** What the names of its properties begin with (dress.ts). */
  prefix: Prefix;
  states: readonly State[];
  /** The part’s selector in a state, with `&` for the piece. */
  selector(state: State): string;
  /** The selector of what stands on the part without being in it, and has its text colour. */
  upon?(state: State): string;
  /** What is seen in a state where nothing is said; with the settled values of the piece. */
  bare(values: Record<string, unknown>, state: State): BareLook;
  /** The part that it follows until it has values of its own, and that stands on the bar while this one stands on a panel. */
  below?: StatedPart;
  /** The ground of the panel that it then stands on, as the piece has it. */
  panelGround?(values: Record<string, unknown>): Id | 'none';
}
