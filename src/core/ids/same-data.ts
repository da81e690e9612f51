/** Whether two parts of a document say the same, also where they are not the same object. */
export const sameData = (one: unknown, other: unknown): boolean =>
  one === other || JSON.stringify(one) === JSON.stringify(other);
