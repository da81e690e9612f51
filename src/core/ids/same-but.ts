/** Whether two things are the same but for what is named: each part the very same object. */
export function sameBut<T extends object>(one: T, other: T, ...named: readonly (keyof T)[]): boolean {
  const parts = [...new Set([...Object.keys(one), ...Object.keys(other)])] as (keyof T)[];
  return parts.every((part) => named.includes(part) || one[part] === other[part]);
}
