/** How many of something are tried: few in every run of the tests, many in an audit (`npm run audit`). */
export function sample(few: number, many: number): number {
  return process.env.GABLE_AUDIT ? many : few;
}
