import { itemLabel } from '../../menus/entries';
import { found, type Check } from '../check';

/** Items that lead nowhere and open nothing: a visitor presses them in vain. */
export const deadLinks: Check = {
  id: 'dead-links',
  label: 'Items that lead nowhere',
  from: 'HTML, 4.6.1: a hyperlink leads to a resource',
  harm: 'use',
  find({ site }) {
    return Object.values(site.menus).flatMap((menu) =>
      Object.values(menu.items)
        .filter(({ link, children }) => link.to === 'nothing' && children.length === 0)
        .map((item) => {
          const label = itemLabel(site, item);
          const namesakes = Object.values(site.pages).filter(({ title }) => title === label);
          const [page] = namesakes;
          return found({
            lead: { to: 'place', place: { on: 'item', menu: menu.id, item: item.id } },
            at: `Menu ${menu.name}, ${label}`,
            words: 'It leads nowhere, and nothing stands below it.',
            repair:
              page && namesakes.length === 1
                ? {
                    label: `Lead to the page ${page.path}`,
                    edits: [
                      { edit: 'linkItem', menu: menu.id, item: item.id, link: { to: 'page', page: page.id } },
                    ],
                  }
                : null,
          });
        }),
    );
  },
};
