/** Gives numbers from 0 to 1, one after another. */
export type Next = () => number;

/** One of several, as the next number decides; undefined of none. */
export const one = <T>(next: Next, of: readonly T[]): T => of[Math.floor(next() * of.length)]!;

/** Numbers that a seed decides (the generator "mulberry32"). */
export function numbers(seed: number): Next {
  let state = seed;
  return () => {
    state = (state + 0x6d2b79f5) | 0;
    let mixed = Math.imul(state ^ (state >>> 15), 1 | state);
    mixed = (mixed + Math.imul(mixed ^ (mixed >>> 7), 61 | mixed)) ^ mixed;
    return ((mixed ^ (mixed >>> 14)) >>> 0) / 4294967296;
  };
}
