import type { Id } from '../ids/id';
import type { Site } from './site';

/** The CSS of a colour of the brand, what it is the same as followed to its end; `transparent` for `none` or one that is gone. */
export function seenColour({ brand: { colours } }: Site, id: Id): string {
  let at = id;
  for (let steps = 0; steps < Object.keys(colours).length; steps += 1) {
    const value = colours[at]?.value;
    if (value === undefined) return 'transparent';
    if ('css' in value) return value.css;
    at = value.as;
  }
  return 'transparent';
}
