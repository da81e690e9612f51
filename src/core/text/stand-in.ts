import { standInFace } from '../brand/stand-ins';
import { typeStyleProperties } from '../brand/type-style';
import { itemLabel } from '../menus/entries';
import type { Id } from '../ids/id';
import type { Site } from '../site/site';
import type { Advances } from './advances';
import { textRuns } from './font-source';
import { textExtent, type TextFace } from './text-extent';
import { holds, lineageOf, workedWith, type HoldsFor, type WorkedWith } from './worked-with';

/** Words by which fonts are compared as long as a site has no menus. */
const SAMPLE = 'Home About us Services Opening times Prices News Contact Help';

/** What of some words a family has letters for: the rest is set in what stands in for it also once it has come. */
const setInOwn = (site: Site, own: TextFace, words: string, language: string) =>
  textRuns(site, own, words, language)
    .flatMap(({ text, standsIn }) => (standsIn ? [] : text))
    .join('');

/** The words of each menu in each language, as they stand beside each other in a row, as far as a face has their letters. */
function rowsOf(site: Site, own: TextFace): { words: string; language: string }[] {
  const rows = Object.values(site.menus).flatMap(({ top, items }) =>
    site.languages.map((language) => ({
      words: top.map((id) => itemLabel(site, items[id]!, language)).join(' '),
      language,
    })),
  );
  const said = rows
    .map(({ words, language }) => ({ words: setInOwn(site, own, words, language), language }))
    .filter(({ words }) => words.trim() !== '');
  return said.length > 0 ? said : [{ words: SAMPLE, language: 'en' }];
}

/** The lightest weight that each face of a stand-in sets, as far as texts of menus have it: the narrowest. */
const lightest = { '400': '400', '700': '600' } as const;

/** The size as far as rows are measured; null as long as none is. */
function measuredSize(site: Site, advances: Advances, family: Id, weight: '400' | '700'): number | null {
  const own: TextFace = {
    family,
    weight: lightest[weight],
    slant: 'normal',
    case: 'none',
    letterSpacing: 0,
  };
  // While a label is typed, the other rows are measured already.
  const sizes = rowsOf(site, own).map(({ words, language }) => {
    const [wanted, installed] = [own, standInFace(own)].map((face) =>
      textExtent(site, advances, face, words, language),
    );
    return wanted && installed ? wanted.em / installed.em : null;
  });
  const measured = sizes.filter((size) => size !== null);
  return measured.length === 0 ? null : Math.floor(1000 * Math.min(...measured)) / 1000;
}

interface Known extends Pick<Site, 'menus' | 'pages' | 'fonts' | 'languages'> {
  sizes: Map<string, WorkedWith<number | null>>;
}
const known = new WeakMap<HoldsFor, Known>();

/**
 * At how many times its size a stand-in sets texts: its `size-adjust` (CSS Fonts 5, 3.1), to a thousandth, as large as it can be
 * without any menu that is measured getting wider than in the family itself; null as long as none is.
 */
export function standInSize(
  site: Site,
  advances: Advances,
  family: Id,
  weight: '400' | '700',
): number | null {
  const { menus, pages, fonts, languages } = site;
  let kept = known.get(lineageOf(advances));
  if (kept?.menus !== menus || kept.pages !== pages || kept.fonts !== fonts || kept.languages !== languages) {
    kept = { menus, pages, fonts, languages, sizes: new Map() };
    known.set(lineageOf(advances), kept);
  }
  const key = `${family} ${weight}`;
  const found = kept.sizes.get(key);
  if (found && holds(found.holdsFor, advances)) return found.made;
  const worked = workedWith(advances, () => measuredSize(site, advances, family, weight));
  kept.sizes.set(key, worked);
  return worked.made;
}

/** The family of a type style that names none. */
const usualFamily = typeStyleProperties.find(({ name }) => name === 'family')!.initial as Id;

/** The sizes of all that stands in for the families of a site's type styles: as long as they are the same, so is what is set before fonts have come. */
export function standInSizes(site: Site, advances: Advances): (number | null)[] {
  const cells = Object.values(site.brand.typeStyles).map(({ values }) => values.family ?? {});
  const families = [...new Set(cells.flatMap((each) => Object.values(each)))].filter(
    (family) => typeof family === 'string',
  );
  const weights = Object.keys(lightest) as (keyof typeof lightest)[];
  return [usualFamily, ...families].flatMap((family) =>
    weights.map((weight) => standInSize(site, advances, family, weight)),
  );
}
