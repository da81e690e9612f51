import { expect, test } from '@jest/globals';
import fc from 'fast-check';
import { evenLetters } from '../../fit/even-letters.test-data';
import { newItem, newMenu } from '../../site/defaults';
import { sampleSite } from '../../site/sample.test-data';
import type { Menu } from '../../site/menu';
import { labels } from './labels';

const say = (menu: Menu) =>
  labels
    .find({ site: { ...sampleSite(), menus: { [menu.id]: menu } }, advances: evenLetters })
    .map(({ words, lead }) => [lead.to === 'place' && lead.place.on === 'item' && lead.place.item, words]);

test('an item is held against the first before it that is called the same, and that leads to the same', () => {
  const items = fc.array(fc.tuple(fc.constantFrom('A', 'B', 'C'), fc.constantFrom('/1', '/2', '/3')), {
    maxLength: 9,
  });
  fc.assert(
    fc.property(items, (said) => {
      const menu = newMenu({ id: 'm', name: 'Main' });
      said.forEach(([label, address], index) => {
        menu.items[`i${index}`] = newItem({ id: `i${index}`, label, link: { to: 'address', address } });
        menu.top.push(`i${index}`);
      });
      const expected = said.flatMap(([label, address], index) => {
        const before = said.slice(0, index);
        const same = before.find((each) => each[0] === label && each[1] !== address);
        const other = before.find((each) => each[0] !== label && each[1] === address);
        return [
          ...(same
            ? [[`i${index}`, `Two items are called “${label}”, and lead to ${same[1]} and ${address}.`]]
            : []),
          ...(other ? [[`i${index}`, `It leads where “${other[0]}” leads in the same menu.`]] : []),
        ];
      });
      expect(say(menu)).toEqual(expected);
    }),
  );
});

test('what pages are called is read anew when it changes, though the menu is the same', () => {
  const site = sampleSite();
  const all = (of: typeof site) => labels.find({ site: of, advances: evenLetters });
  expect(all(site)).toEqual([]);
  const title = 'Boats of every kind, and what carries people';
  const pages = { ...site.pages, boats: { ...site.pages.boats!, title } };
  expect(all({ ...site, pages }).map(({ words }) => words)).toEqual([`“${title}” has 44 letters.`]);
});
