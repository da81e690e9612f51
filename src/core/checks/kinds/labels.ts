import { itemLabel } from '../../menus/entries';
import type { Id } from '../../ids/id';
import type { MenuItem } from '../../site/menu';
import type { Site } from '../../site/site';
import { linkWords } from '../../menus/link-words';
import { found, type Check } from '../check';

/** The most letters of a label that is read at a glance. */
const MOST = 30;

/** What a link leads to, as one text: the same for two that lead to the same. */
const targetOf = ({ link }: MenuItem) => JSON.stringify(link);

const itemAt = (site: Site, menu: Id, item: Id) =>
  ({
    lead: { to: 'place', place: { on: 'item', menu, item } },
    at: `Menu ${site.menus[menu]!.name}, ${itemLabel(site, site.menus[menu]!.items[item]!)}`,
  }) as const;

/** Labels of items: too long to be read at a glance, the same for different targets, different for the same one (WCAG 2.2, 2.4.4 Link Purpose, 3.2.4 Consistent Identification). */
export const labels: Check = {
  id: 'labels',
  label: 'Labels of items',
  from: 'WCAG 2.2, 2.4.4 Link Purpose (In Context), 3.2.4 Consistent Identification',
  harm: 'untidy',
  find({ site }) {
    return Object.values(site.menus).flatMap((menu) => {
      const items = Object.values(menu.items);
      const long = items.flatMap((item) =>
        site.languages.flatMap((language) => {
          const label = itemLabel(site, item, language);
          if ([...label].length <= MOST) return [];
          return [
            found({
              ...itemAt(site, menu.id, item.id),
              seen: { language },
              words: `“${label}” has ${[...label].length} letters.`,
              measure: `${[...label].length} letters`,
              limit: `${MOST} letters`,
              apart: `long ${language}`,
            }),
          ];
        }),
      );
      const linked = items.filter(({ link }) => link.to !== 'nothing' && link.to !== 'language');
      const twice = linked.flatMap((item) => {
        const before = linked.slice(0, linked.indexOf(item));
        const label = itemLabel(site, item);
        const same = before.find(
          (other) => itemLabel(site, other) === label && targetOf(other) !== targetOf(item),
        );
        const other = before.find(
          (each) => itemLabel(site, each) !== label && targetOf(each) === targetOf(item),
        );
        return [
          ...(same
            ? [
                found({
                  ...itemAt(site, menu.id, item.id),
                  words: `Two items are called “${label}”, and lead to ${linkWords(site, same.link)} and ${linkWords(site, item.link)}.`,
                  harm: 'use',
                  apart: 'same label',
                }),
              ]
            : []),
          ...(other
            ? [
                found({
                  ...itemAt(site, menu.id, item.id),
                  words: `It leads where “${itemLabel(site, other)}” leads in the same menu.`,
                  apart: 'same target',
                }),
              ]
            : []),
        ];
      });
      return [...long, ...twice];
    });
  },
};
