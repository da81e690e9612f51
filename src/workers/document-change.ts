/** How an object of the document became another: keys that are new or other as a whole, keys inside of which something changed, and keys that are gone. */
export interface DocumentChange {
  set: Record<string, unknown>;
  inside: Record<string, DocumentChange>;
  gone: string[];
}

type Plain = Readonly<Record<string, unknown>>;

function isPlain(value: unknown): value is Plain {
  return typeof value === 'object' && value !== null && !Array.isArray(value);
}

/**
 * What makes one object of the document the other. What is the same object in both is not looked into, so the change of one value
 * is found without a walk through the rest.
 */
export function changeBetween(before: Plain, now: Plain): DocumentChange {
  const change: DocumentChange = { set: {}, inside: {}, gone: [] };
  for (const [key, value] of Object.entries(now)) {
    const old = before[key];
    if (old === value) continue;
    if (isPlain(old) && isPlain(value)) change.inside[key] = changeBetween(old, value);
    else change.set[key] = value;
  }
  change.gone = Object.keys(before).filter((key) => !Object.hasOwn(now, key));
  return change;
}

/** An object with a change made; what did not change stays the same object. */
export function changed<T extends object>(before: T, { set, inside, gone }: DocumentChange): T {
  const kept = Object.entries(before).filter(([key]) => !gone.includes(key));
  const inner = Object.entries(inside).map(([key, change]) => [
    key,
    changed((before as Record<string, object>)[key]!, change),
  ]);
  return { ...Object.fromEntries(kept), ...set, ...Object.fromEntries(inner) } as T;
}
