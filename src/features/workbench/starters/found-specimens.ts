/** What of many is called by a typed text, else what is said of it holds it; all of them where nothing is typed. */
export function foundSpecimens<T extends { name: string; about: string }>(
  items: readonly T[],
  text: string,
): readonly T[] {
  const wanted = text.trim().toLowerCase();
  const holding = (said: (item: T) => string) =>
    items.filter((item) => said(item).toLowerCase().includes(wanted));
  const called = holding(({ name }) => name);
  return called.length > 0 ? called : holding(({ about }) => about);
}

/** The one of those found that is meant by Enter: what begins with the text before what only holds it. */
export function meantSpecimen<T extends { name: string }>(found: readonly T[], text: string): T | undefined {
  const wanted = text.trim().toLowerCase();
  if (wanted === '') return undefined;
  return found.find(({ name }) => name.toLowerCase().startsWith(wanted)) ?? found[0];
}
