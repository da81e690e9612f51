/** Whether two parts of a document say the same, also where they are not the same object. */
export const sameData = (one: unknown, other: unknown): boolean =>
  one === other || JSON.stringify(one) === JSON.stringify(other);

/** The same of two lists, item by item: what is the same object is not read. */
export const sameDataItems = (one: readonly unknown[], other: readonly unknown[]): boolean =>
  one.length === other.length && one.every((each, index) => sameData(each, other[index]));
