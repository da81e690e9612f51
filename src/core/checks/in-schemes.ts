import { asFinding, type Found } from './finding';
import { inScheme, shownSchemes } from '../site/scheme';
import type { Site } from '../site/site';

const keyOf = (found: Found) => asFinding('', 'untidy', found).key;

/** What is found in a site as visitors see it who prefer light, and of the dark scheme what is found in that alone. */
export function inSchemes(site: Site, look: (seen: Site) => readonly Found[]): readonly Found[] {
  const light = look(site);
  if (!shownSchemes(site).includes('dark')) return light;
  const told = new Set(light.map(keyOf));
  const dark = look(inScheme(site, 'dark'))
    .filter((found) => !told.has(keyOf(found)))
    .map((found) => ({
      ...found,
      words: `In the dark scheme: ${found.words}`,
      seen: { ...found.seen, scheme: 'dark' as const },
      apart: [...(found.apart === undefined ? [] : [found.apart]), 'dark'].join(' '),
    }));
  return [...light, ...dark];
}
