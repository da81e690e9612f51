import * as v from 'valibot';

/** The most characters of a name. */
const MOST = 60;

/** The name of a part of the site as the designer gives it. */
export const nameSchema = v.pipe(
  v.string(),
  v.trim(),
  v.minLength(1, 'A name needs at least one letter.'),
  v.maxLength(MOST, `A name has at most ${MOST} characters.`),
  v.regex(/^[^\p{Cc}]*$/u, 'Line breaks and control characters cannot stand in a name.'),
);

/** The name of a copy of what has this name, such as `Main bar copy`, or counted where that is taken; no longer than a name may be. */
export function copyName(name: string, taken: ReadonlySet<string> = new Set()): string {
  for (let count = 1; ; count += 1) {
    const tail = count === 1 ? ' copy' : ` copy ${count}`;
    let kept = name;
    while (kept.length + tail.length > MOST) kept = [...kept].slice(0, -1).join('');
    const made = `${kept}${tail}`;
    if (!taken.has(made)) return made;
  }
}
