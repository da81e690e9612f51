/** How many things are worked on at once, while the next one is made. */
const AT_ONCE = 4;

/** What work gives for each of the items, in their order: a few are under way at a time, and no more are held in memory. */
export async function* ahead<T, R>(
  items: AsyncIterable<T>,
  work: (item: T) => Promise<R>,
): AsyncGenerator<R> {
  const underWay: Promise<R>[] = [];
  for await (const item of items) {
    underWay.push(work(item));
    if (underWay.length >= AT_ONCE) yield underWay.shift()!;
  }
  yield* underWay;
}
