/** How many of something are tried: few in every run of the tests, many in an audit (`npm run audit`). */
export function sample(few: number, many: number): number {
  return process.env.GABLE_AUDIT ? many : few;
}

/** Every nth of some things in every run of the tests, all of them in an audit. */
export function someOf<T>(things: readonly T[], nth: number): T[] {
  return things.filter((_, index) => index % sample(nth, 1) === 0);
}
