/** In what circumstances a site is tried that no window of the browser has by itself, by their names in its address. */
export const circumstances = {
  dark: 'by visitors who prefer dark',
  fontless: 'before its fonts have come',
} as const;
export type TriedAs = keyof typeof circumstances;

/** Stands in an address where there are none. */
const AS_IT_IS = 'as-it-is';

/** Circumstances as a part of an address: `dark+fontless`. */
export const triedPart = (as: readonly TriedAs[]): string => as.join('+') || AS_IT_IS;

/** The circumstances that a part of an address names; what it names beside them is none. */
export const readTried = (part: string): TriedAs[] =>
  part.split('+').filter((name): name is TriedAs => Object.hasOwn(circumstances, name));
