import { narrowerThan } from '../../bands/band';
import { changedRules, joinRules, type CssNode, type Rules } from '../../markup/css';
import { itemShown, itemsByBand, orderInBand } from '../../menus/band-order';
import type { Id } from '../../ids/id';
import type { Menu } from '../../site/menu';
import type { Site } from '../../site/site';
import type { Names } from '../names';

/** The hidden item behind which a menu begins to show in a band; null where its first item is shown, or none. */
function hiddenBefore(menu: Menu, chain: readonly string[], band: string): Id | null {
  const order = orderInBand(menu, null, chain, band);
  const first = order.findIndex((id) => itemShown(menu, id, chain, band));
  return order[first - 1] ?? null;
}

/** What is shown first has no line above it, which sets lists and items apart from those before them. */
function firstShownRules(menu: Menu, names: Names, chain: readonly string[], band: string): Rules {
  const ever = new Set(chain.flatMap((each) => hiddenBefore(menu, chain, each) ?? []));
  const now = hiddenBefore(menu, chain, band);
  return Object.fromEntries(
    [...ever].map((id) => [
      `.${names.get(id)!} + *`,
      { 'border-block-start-width': id === now ? '0' : 'revert-layer' },
    ]),
  );
}

/** The rules of one band: every item that differs between bands is named in each, so that a narrower one can take back. */
function bandRules(site: Site, names: Names, band: string): Rules {
  const chain = site.bands.map((each) => each.id);
  const display = (gone: boolean) => ({ display: gone ? 'none' : 'revert-layer' });
  const rules = Object.values(site.menus).flatMap((menu) => [
    ...[...itemsByBand(menu, chain)].map(([id, { hidden, childless }]): Rules => {
      const name = `.${names.get(id)!}`;
      return {
        ...(hidden.length > 0 ? { [name]: display(hidden.includes(band)) } : {}),
        ...(childless.length > 0
          ? { [`${name} > :is(.menu-toggle, .menu-below)`]: display(childless.includes(band)) }
          : {}),
      };
    }),
    firstShownRules(menu, names, chain, band),
  ]);
  return joinRules(...rules);
}

/**
 * Which items of menus show in which band. They stand in a layer above the values, so that `revert-layer` gives back whatever
 * form the menu has.
 */
export function itemsCss(site: Site, names: Names): CssNode[] {
  const perBand = site.bands.map((band) => bandRules(site, names, band.id));
  const widest = Object.fromEntries(
    Object.entries(perBand[0]!).filter(([, said]) => !Object.values(said).includes('revert-layer')),
  );
  const narrower = site.bands.slice(1).map((_, index) => ({
    at: narrowerThan(site.bands[index]!.from),
    inside: [changedRules(perBand[index]!, perBand[index + 1]!)],
  }));
  return [widest, ...narrower];
}
