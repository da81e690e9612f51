/** The most texts of which something is kept. */
const MOST_KEPT = 4096;

/** Makes something once of each text. */
export function keptByText<T>(make: (text: string) => T): (text: string) => T {
  const known = new Map<string, T>();
  return (text) => {
    const kept = known.get(text);
    if (kept !== undefined) return kept;
    const made = make(text);
    if (known.size >= MOST_KEPT) known.clear();
    known.set(text, made);
    return made;
  };
}
