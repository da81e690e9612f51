/** The names of what an object says; what is undefined is not said. */
const said = (of: object) =>
  Object.keys(of).filter((name) => (of as Record<string, unknown>)[name] !== undefined);

/** Whether two parts of a document say the same in the same order, also where they are not the same object. */
export function sameData(one: unknown, other: unknown): boolean {
  if (one === other) return true;
  if (typeof one !== 'object' || typeof other !== 'object' || one === null || other === null) return false;
  if (Array.isArray(one) !== Array.isArray(other)) return false;
  const [names, others] = [said(one), said(other)];
  return (
    names.length === others.length &&
    names.every(
      (name, index) =>
        name === others[index] &&
        sameData((one as Record<string, unknown>)[name], (other as Record<string, unknown>)[name]),
    )
  );
}

/** The same of two lists, item by item. */
export const sameDataItems = (one: readonly unknown[], other: readonly unknown[]): boolean =>
  one.length === other.length && one.every((each, index) => sameData(each, other[index]));
