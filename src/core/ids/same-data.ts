type Names = Readonly<Record<string, unknown>>;

/** From one of the names of an object on, the first under which it says something: what is undefined is not said. */
function saidFrom(of: Names, names: readonly string[], from: number): number {
  let at = from;
  while (at < names.length && of[names[at]!] === undefined) at += 1;
  return at;
}

function sameNames(one: Names, other: Names): boolean {
  const [names, others] = [Object.keys(one), Object.keys(other)];
  let [at, beside] = [saidFrom(one, names, 0), saidFrom(other, others, 0)];
  while (at < names.length) {
    const name = names[at]!;
    if (name !== others[beside] || !sameData(one[name], other[name])) return false;
    [at, beside] = [saidFrom(one, names, at + 1), saidFrom(other, others, beside + 1)];
  }
  return beside === others.length;
}

/** Whether two parts of a document say the same in the same order, also where they are not the same object. */
export function sameData(one: unknown, other: unknown): boolean {
  if (one === other) return true;
  if (typeof one !== 'object' || typeof other !== 'object' || one === null || other === null) return false;
  if (Array.isArray(one) && Array.isArray(other)) return sameDataItems(one, other);
  return Array.isArray(one) === Array.isArray(other) && sameNames(one as Names, other as Names);
}

/** The same of two lists, item by item. */
export const sameDataItems = (one: readonly unknown[], other: readonly unknown[]): boolean =>
  one.length === other.length && one.every((each, index) => sameData(each, other[index]));
