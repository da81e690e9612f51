import type { Token } from '../brand/tokens/token-kind';
import { schemes, type Scheme } from '../properties/schemes';
import type { Brand } from './brand';
import type { Site } from './site';

/** Whether the brand says anything otherwise for visitors who prefer dark. */
export const hasDark = ({ brand }: Pick<Site, 'brand'>): boolean =>
  Object.values(brand.colours).some(({ dark }) => dark !== undefined);

/** The schemes in which a site is seen otherwise. */
export const shownSchemes = (site: Pick<Site, 'brand'>): readonly Scheme[] =>
  hasDark(site) ? schemes : ['light'];

const darkBrands = new WeakMap<Brand, Brand>();
const darkSites = new WeakMap<Site, Site>();
const lightSites = new WeakMap<Site, Site>();

function darkBrand(brand: Brand): Brand {
  const kept = darkBrands.get(brand);
  if (kept) return kept;
  const colours = Object.fromEntries(
    Object.entries(brand.colours).map(([id, { dark, ...colour }]): [string, Token<typeof colour.value>] => [
      id,
      { ...colour, value: dark ?? colour.value },
    ]),
  );
  const made: Brand = { ...brand, colours, scheme: 'dark' };
  darkBrands.set(brand, made);
  return made;
}

/**
 * A site as it is seen in a scheme: in the dark one its colours have their other values. The very same one as long as the site is, and the
 * site itself where the brand says nothing of dark.
 */
export function inScheme(site: Site, scheme: Scheme): Site {
  if (scheme === 'light' || !hasDark(site)) return site;
  const kept = darkSites.get(site);
  if (kept) return kept;
  const made = { ...site, brand: darkBrand(site.brand) };
  darkSites.set(site, made);
  lightSites.set(made, site);
  return made;
}

/** The site that one in the dark scheme was made of: what does not depend on colours is worked out for that. */
export const inEveryScheme = (site: Site): Site => lightSites.get(site) ?? site;
