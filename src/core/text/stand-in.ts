import { standInFace } from '../brand/stand-ins';
import { typeStyleProperties } from '../brand/type-style';
import { itemLabel, labelledBy } from '../menus/entries';
import type { Id } from '../ids/id';
import { sameItems } from '../ids/same-items';
import type { Menu } from '../site/menu';
import type { Site } from '../site/site';
import type { Advances } from './advances';
import { textRuns } from './font-source';
import { textExtent, type TextFace } from './text-extent';
import { holds, workedWith, type WorkedWith } from './worked-with';

/** Words by which fonts are compared as long as a site has no menus. */
const SAMPLE = 'Home About us Services Opening times Prices News Contact Help';

/** What of some words a family has letters for: the rest is set in what stands in for it also once it has come. */
const setInOwn = (site: Site, own: TextFace, words: string, language: string) =>
  textRuns(site, own, words, language)
    .flatMap(({ text, standsIn }) => (standsIn ? [] : text))
    .join('');

interface Row {
  words: string;
  language: string;
}

/** The words of a menu in each language, as they stand beside each other in a row, as far as a face has their letters. */
function rowsOf(site: Site, { top, items }: Menu, own: TextFace): Row[] {
  return site.languages
    .map((language) => {
      const words = top.map((id) => itemLabel(site, items[id]!, language)).join(' ');
      return { words: setInOwn(site, own, words, language), language };
    })
    .filter(({ words }) => words.trim() !== '');
}

/** The lightest weight that each face of a stand-in sets, as far as texts of menus have it: the narrowest. */
const lightest = { '400': '400', '700': '600' } as const;
type StandInWeight = keyof typeof lightest;

const faceOf = (family: Id, weight: StandInWeight): TextFace => ({
  family,
  weight: lightest[weight],
  slant: 'normal',
  case: 'none',
  letterSpacing: 0,
});

/** At how many times its size what stands in for a face sets a row as wide as that; null as long as it is not measured. */
function sizeOfRow(site: Site, advances: Advances, own: TextFace, { words, language }: Row): number | null {
  const [wanted, installed] = [own, standInFace(own)].map((face) =>
    textExtent(site, advances, face, words, language),
  );
  return wanted && installed ? wanted.em / installed.em : null;
}

/** Makes something of an object with texts for each family and weight, as long as all else that it is made of is the very same. */
function forEachFace<Of extends object, T>(
  madeOf: (site: Site) => readonly unknown[],
  make: (of: Of, site: Site, advances: Advances, family: Id, weight: StandInWeight) => T,
): typeof make {
  const known = new WeakMap<Of, { madeOf: readonly unknown[]; sizes: Map<string, WorkedWith<T>> }>();
  return (of, site, advances, family, weight) => {
    const now = madeOf(site);
    let kept = known.get(of);
    if (!kept || !sameItems(kept.madeOf, now)) known.set(of, (kept = { madeOf: now, sizes: new Map() }));
    const key = `${family} ${weight}`;
    const found = kept.sizes.get(key);
    if (found && holds(found.holdsFor, advances)) return found.made;
    const worked = workedWith(advances, () => make(of, site, advances, family, weight));
    kept.sizes.set(key, worked);
    return worked.made;
  };
}

/** The size of each row of a menu that is set in the family at all: while a label is typed, those of the other menus stay. */
const sizesOfMenu = forEachFace(
  (site) => [site.fonts, ...labelledBy(site)],
  (menu: Menu, site, advances, family, weight) => {
    const own = faceOf(family, weight);
    return rowsOf(site, menu, own).map((row) => sizeOfRow(site, advances, own, row));
  },
);

/** The size for all menus of a site, as far as their rows are measured; null as long as none is. */
const sizeOfMenus = forEachFace(
  ({ pages, files, drawers, languages, fonts }) => [pages, files, drawers, languages, fonts],
  (menus: Site['menus'], site, advances, family, weight) => {
    const rows = Object.values(menus).flatMap((menu) => sizesOfMenu(menu, site, advances, family, weight));
    const sample = () => sizeOfRow(site, advances, faceOf(family, weight), { words: SAMPLE, language: 'en' });
    const measured = (rows.length > 0 ? rows : [sample()]).filter((size) => size !== null);
    return measured.length === 0 ? null : Math.floor(1000 * Math.min(...measured)) / 1000;
  },
);

/**
 * At how many times its size a stand-in sets texts: its `size-adjust` (CSS Fonts 5, 3.1), to a thousandth, as large as it can be
 * without any menu that is measured getting wider than in the family itself; null as long as none is.
 */
export const standInSize = (
  site: Site,
  advances: Advances,
  family: Id,
  weight: StandInWeight,
): number | null => sizeOfMenus(site.menus, site, advances, family, weight);

/** The family of a type style that names none. */
const usualFamily = typeStyleProperties.find(({ name }) => name === 'family')!.initial as Id;

/** The sizes of all that stands in for the families of a site's type styles: as long as they are the same, so is what is set before fonts have come. */
export function standInSizes(site: Site, advances: Advances): (number | null)[] {
  const cells = Object.values(site.brand.typeStyles).map(({ values }) => values.family ?? {});
  const families = [...new Set(cells.flatMap((each) => Object.values(each)))].filter(
    (family) => typeof family === 'string',
  );
  const weights = Object.keys(lightest) as StandInWeight[];
  return [usualFamily, ...families].flatMap((family) =>
    weights.map((weight) => standInSize(site, advances, family, weight)),
  );
}
