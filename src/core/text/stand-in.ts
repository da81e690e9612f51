import { standInFace } from '../brand/stand-ins';
import { itemLabel } from '../menus/entries';
import type { Id } from '../properties/id';
import type { Site } from '../site/site';
import type { Advances } from './advances';
import { textExtent, type TextFace } from './text-width';

/** Words by which fonts are compared as long as a site has no menus. */
const SAMPLE = 'Home About us Services Opening times Prices News Contact Help';

/** The words of each menu in each language, as they stand beside each other in a row. */
function rowsOf(site: Site): { words: string; language: string }[] {
  const rows = Object.values(site.menus).flatMap(({ top, items }) =>
    site.languages.map((language) => ({
      words: top.map((id) => itemLabel(site, items[id]!, language)).join(' '),
      language,
    })),
  );
  const said = rows.filter(({ words }) => words !== '');
  return said.length > 0 ? said : [{ words: SAMPLE, language: 'en' }];
}

/** The lightest weight that each face of a stand-in sets, as far as texts of menus have it: the narrowest. */
const lightest = { '400': '400', '700': '600' } as const;

function measuredSize(site: Site, advances: Advances, family: Id, weight: '400' | '700'): number | null {
  const own: TextFace = {
    family,
    weight: lightest[weight],
    slant: 'normal',
    case: 'none',
    letterSpacing: 0,
  };
  // All of them are asked for, so that what is missing can be measured at once.
  const sizes = rowsOf(site).map(({ words, language }) => {
    const [wanted, installed] = [own, standInFace(own)].map((face) =>
      textExtent(site, advances, face, words, language),
    );
    return wanted && installed ? wanted.em / installed.em : null;
  });
  return sizes.every((size) => size !== null) ? Math.floor(1000 * Math.min(...sizes)) / 1000 : null;
}

interface Known extends Pick<Site, 'menus' | 'pages' | 'fonts' | 'languages'> {
  sizes: Map<string, number>;
}
const known = new WeakMap<Advances, Known>();

/**
 * At how many times its size a stand-in sets texts: its `size-adjust` (CSS Fonts 5, 3.1), to a thousandth, as large as it can be
 * without any menu getting wider than in the family itself; null as long as the two are not measured.
 */
export function standInSize(
  site: Site,
  advances: Advances,
  family: Id,
  weight: '400' | '700',
): number | null {
  const { menus, pages, fonts, languages } = site;
  let kept = known.get(advances);
  if (kept?.menus !== menus || kept.pages !== pages || kept.fonts !== fonts || kept.languages !== languages) {
    kept = { menus, pages, fonts, languages, sizes: new Map() };
    known.set(advances, kept);
  }
  const key = `${family} ${weight}`;
  const size = kept.sizes.get(key) ?? measuredSize(site, advances, family, weight);
  if (size !== null) kept.sizes.set(key, size);
  return size;
}
