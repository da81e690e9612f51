import { narrowerThan } from '../../bands/band';
import { changedRules, joinRules, type CssNode, type Rules } from '../../markup/css';
import { itemsByBand } from '../../menus/band-order';
import type { Site } from '../../site/site';
import type { Names } from '../names';

/** The rules of one band: every item that differs between bands is named in each, so that a narrower one can take back. */
function bandRules(site: Site, names: Names, band: string): Rules {
  const chain = site.bands.map((each) => each.id);
  const display = (gone: boolean) => ({ display: gone ? 'none' : 'revert-layer' });
  const rules = Object.values(site.menus).flatMap((menu) =>
    [...itemsByBand(menu, chain)].map(([id, { hidden, childless }]): Rules => {
      const name = `.${names.get(id)!}`;
      return {
        ...(hidden.length > 0 ? { [name]: display(hidden.includes(band)) } : {}),
        ...(childless.length > 0
          ? { [`${name} > :is(.menu-toggle, .menu-below)`]: display(childless.includes(band)) }
          : {}),
      };
    }),
  );
  return joinRules(...rules);
}

/**
 * Which items of menus show in which band. They stand in a layer above the values, so that `revert-layer` gives back whatever
 * form the menu has.
 */
export function itemsCss(site: Site, names: Names): CssNode[] {
  const perBand = site.bands.map((band) => bandRules(site, names, band.id));
  const widest = Object.fromEntries(
    Object.entries(perBand[0]!).filter(([, declarations]) => declarations.display === 'none'),
  );
  const narrower = site.bands.slice(1).map((_, index) => ({
    at: narrowerThan(site.bands[index]!.from),
    inside: [changedRules(perBand[index]!, perBand[index + 1]!)],
  }));
  return [widest, ...narrower];
}
