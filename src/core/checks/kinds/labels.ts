import { keptWhileSame } from '../../ids/kept-while-same';
import { itemLabel, labelledBy } from '../../menus/entries';
import type { Id } from '../../ids/id';
import type { Menu, MenuItem } from '../../site/menu';
import type { Site } from '../../site/site';
import { linkWords } from '../../menus/link-words';
import { found, type Check } from '../check';
import type { Found } from '../finding';

/** The most letters of a label that is read at a glance. */
const MOST = 30;

/** What a link leads to, as one text: the same for two that lead to the same. */
const targetOf = ({ link }: MenuItem) => JSON.stringify(link);

const itemAt = (site: Site, menu: Id, item: Id) =>
  ({
    lead: { to: 'place', place: { on: 'item', menu, item } },
    at: `Menu ${site.menus[menu]!.name}, ${itemLabel(site, site.menus[menu]!.items[item]!)}`,
  }) as const;

/** An item with what it is called, and what it leads to as one text. */
interface Told {
  item: MenuItem;
  label: string;
  target: string;
}

/** For each of some items the first one before it that says the same of one thing, and something else of another. */
function firstBefore(all: readonly Told[], same: 'label' | 'target', apart: 'label' | 'target') {
  // Of those that say the same, the first and the first that is apart from it are enough: one of these two is apart from any other.
  const earlier = new Map<string, Told[]>();
  return all.map((each) => {
    const before = earlier.get(each[same]) ?? [];
    earlier.set(each[same], before);
    const first = before.find((other) => other[apart] !== each[apart]) ?? null;
    if (before.length < 2 && before[0]?.[apart] !== each[apart]) before.push(each);
    return first;
  });
}

function longLabels(site: Site, menu: Menu): Found[] {
  return Object.values(menu.items).flatMap((item) =>
    site.languages.flatMap((language) => {
      const label = itemLabel(site, item, language);
      const letters = [...label].length;
      if (letters <= MOST) return [];
      return [
        found({
          ...itemAt(site, menu.id, item.id),
          seen: { language },
          words: `“${label}” has ${letters} letters.`,
          measure: `${letters} letters`,
          limit: `${MOST} letters`,
          apart: `long ${language}`,
        }),
      ];
    }),
  );
}

function confusedItems(site: Site, menu: Menu): Found[] {
  const linked = Object.values(menu.items)
    .filter(({ link }) => link.to !== 'nothing' && link.to !== 'language')
    .map((item): Told => ({ item, label: itemLabel(site, item), target: targetOf(item) }));
  const called = firstBefore(linked, 'label', 'target');
  const leading = firstBefore(linked, 'target', 'label');
  return linked.flatMap(({ item, label }, index) => {
    const [same, other] = [called[index], leading[index]];
    return [
      ...(same
        ? [
            found({
              ...itemAt(site, menu.id, item.id),
              words: `Two items are called “${label}”, and lead to ${linkWords(site, same.item.link)} and ${linkWords(site, item.link)}.`,
              harm: 'use',
              apart: 'same label',
            }),
          ]
        : []),
      ...(other
        ? [
            found({
              ...itemAt(site, menu.id, item.id),
              words: `It leads where “${other.label}” leads in the same menu.`,
              apart: 'same target',
            }),
          ]
        : []),
    ];
  });
}

const kept = keptWhileSame<Menu, readonly Found[]>();

/** Labels of items: too long to be read at a glance, the same for different targets, different for the same one (WCAG 2.2, 2.4.4 Link Purpose, 3.2.4 Consistent Identification). */
export const labels: Check = {
  id: 'labels',
  label: 'Labels of items',
  from: 'WCAG 2.2, 2.4.4 Link Purpose (In Context), 3.2.4 Consistent Identification',
  harm: 'untidy',
  find: ({ site }) =>
    Object.values(site.menus).flatMap((menu) =>
      kept(menu, labelledBy(site), () => [...longLabels(site, menu), ...confusedItems(site, menu)]),
    ),
};
