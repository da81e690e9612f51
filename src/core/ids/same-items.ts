/** Whether two lists hold the very same things in the same order. */
export function sameItems(one: readonly unknown[], other: readonly unknown[]): boolean {
  return one.length === other.length && one.every((each, index) => each === other[index]);
}
