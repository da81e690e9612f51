/** How far a length can give way where room is short: down to which value, and in which steps; in CSS px. */
export interface Giving {
  least: number;
  step: number;
}

/** How far a turn of a rule goes that is taken level by level. */
export interface TurnAmount {
  /** What is said before the number, and after it. */
  words: readonly [string, string];
  least: number;
  most: number;
  /** By how much a level goes. */
  step: number;
  /** Where a new turn goes to: a number, or for what is counted in items, all but one of those that the piece shows. */
  usual: number | 'all items but one';
}

interface TriedAsValue {
  as: 'value';
  effort: number;
}

interface TriedAsRule {
  as: 'rule';
  effort: number;
  /** What becomes of the piece, behind its name in a sentence. */
  says: string;
  /** A property of which the piece has to say something for that. */
  needs?: string;
}

/** Something that a collapse rule can turn a piece to: another value of a property. */
export interface TurnOffer {
  id: string;
  label: string;
  /** The value that it turns to; where there is an amount, that is the value. */
  value?: unknown;
  amount?: TurnAmount;
  /** What cannot be said of the piece beside: some choices, or any. */
  excludes?: readonly string[] | 'all';
  /** It needs other markup, so the width at which it begins has to be known beforehand. */
  beforehand?: boolean;
  /** A property of which the piece has to say something for it to be offered. */
  needs?: string;
  /** Whether only pieces of headers have it. */
  inHeaders?: boolean;
  /** Where room is short it is tried, and how much of a change it is among others. */
  tried?: TriedAsValue | TriedAsRule;
}

/** A turn that makes a length less, level by level. */
export const lessBy = (
  id: string,
  label: string,
  [least, most]: readonly [number, number],
  step: number,
  usual: number,
): TurnOffer => ({ id, label, amount: { words: ['down to', 'px'], least, most, step: -step, usual } });
