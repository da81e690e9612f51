import { expect, test } from '@jest/globals';
import { everyBox } from '../boxes/placed';
import { placedAssembly } from '../fit/placed-assembly';
import { evenLetters } from '../fit/even-letters.test-data';
import { usually } from '../fit/heights';
import { homePage } from '../render/files';
import { renderPage } from '../render/page/page';
import { renderStylesheet } from '../render/stylesheet/stylesheet';
import { resolveAssembly } from '../resolve/assembly';
import { newAssembly, newItem, newMenu, newPiece } from '../site/defaults';
import { countedIds, sampleSite } from '../site/sample.test-data';
import type { MenuItem } from '../site/menu';
import type { Site } from '../site/site';

const item = (id: string, children: string[] = [], values: MenuItem['values'] = {}) =>
  newItem({ id, label: id, link: { to: 'address', address: `https://example.com/${id}` }, children, values });

/** A site whose footer shows a menu as lists. */
function withLists(items: MenuItem[], top: string[], order: Record<string, string[]> = {}): Site {
  const sample = sampleSite();
  const byId = Object.fromEntries(items.map((each) => [each.id, each]));
  const menu = newMenu({
    id: 'lists',
    name: 'Lists',
    top,
    items: byId,
    ...(Object.keys(order).length > 0 ? { values: { order } } : {}),
  });
  const footer = newAssembly('footers', 'Foot', 'desktop', countedIds());
  const piece = newPiece('p-lists', 'links', { menu: { all: 'lists' }, grouped: { all: 'columns' } });
  footer.bars[footer.order[0]!]!.bays[0]!.pieces = [piece.id];
  footer.pieces = { [piece.id]: piece };
  return {
    ...sample,
    menus: { ...sample.menus, lists: menu },
    footers: { [footer.id]: footer },
    placing: { header: null, footer: footer.id, rules: [] },
  };
}

const footerOf = (site: Site) => /<footer[\s\S]*<\/footer>/.exec(renderPage(site, homePage(site)))![0];

test('an item with others below it is a heading over them, one without is a link by itself', () => {
  const html = footerOf(withLists([item('One', ['Two']), item('Two'), item('Three')], ['One', 'Three']));
  expect(html.match(/<h2[^>]*>.*?<\/h2>/g)).toEqual([expect.stringContaining('One')]);
  expect(html).toContain('<a class="links-link" href="https://example.com/Three">Three</a>');
});

test('a list is hidden with its heading where a band hides the item that it is of', () => {
  const hidden = { shown: { desktop: 'shown', phone: 'hidden' } };
  const site = withLists([item('One', ['Two'], hidden), item('Two')], ['One']);
  const [, own] = /class="links-group ([\w-]+)"/.exec(footerOf(site))!;
  expect(renderStylesheet(site)).toMatch(new RegExp(`\\.${own} \\{\\s+display: none`));
});

test('a link by itself goes with its group, which would keep a gap otherwise', () => {
  const hidden = { shown: { desktop: 'shown', phone: 'hidden' } };
  const site = withLists([item('One', [], hidden), item('Two')], ['One', 'Two']);
  const [, own] = /class="links-group ([\w-]+)"/.exec(footerOf(site))!;
  expect(renderStylesheet(site)).toMatch(new RegExp(`\\.${own} \\{\\s+display: none`));
});

test('where a band has an order of its own, the lists stand once more in it, each with ids of its own', () => {
  const site = withLists(
    [item('One', ['Two']), item('Two'), item('Three', ['Four']), item('Four')],
    ['One', 'Three'],
    {
      phone: ['Three', 'One'],
    },
  );
  const html = footerOf(site);
  const names = [...html.matchAll(/<span class="links-name">(\w+)<\/span>/g)].map(([, name]) => name);
  expect(names).toEqual(['One', 'Three', 'Three', 'One']);
  const ids = [...html.matchAll(/ id="([^"]+)"/g)].map(([, id]) => id);
  expect(new Set(ids).size).toBe(ids.length);
});

test('an item whose others are all hidden on a band is a heading there too, as it is in the markup', () => {
  const hidden = { shown: { desktop: 'shown', phone: 'hidden' } };
  const site = withLists([item('One', ['Two']), item('Two', [], hidden)], ['One']);
  const [footer] = Object.values(site.footers);
  const boxesIn = (band: string) => {
    const settled = resolveAssembly(site, 'footers', footer!, band);
    const placed = placedAssembly(usually(site, evenLetters), settled, band, band === 'phone' ? 375 : 1280);
    return everyBox(placed).flatMap(({ box }) => (box.at?.startsWith('.links') ? [box.at] : []));
  };
  expect(boxesIn('desktop')).toEqual(expect.arrayContaining(['.links-name', '.links-link']));
  expect(boxesIn('phone')).toContain('.links-name');
  expect(boxesIn('phone')).not.toContain('.links-link');
});
