import { expect, test } from '@jest/globals';
import { everyBox } from '../boxes/placed';
import { resolveAssembly } from '../resolve/assembly';
import { sampleSite } from '../site/sample.test-data';
import { placedAssembly } from './placed-assembly';
import { evenLetters } from './even-letters.test-data';
import { usually } from './heights';

test('where all items of equal cells have left, the button that stands for them is as wide as the menu', () => {
  const site = sampleSite();
  const header = site.headers.h!;
  const { menu } = header.pieces;
  header.pieces.menu = {
    ...menu!,
    values: { ...menu!.values, shownAs: { desktop: 'cells' }, behind: { desktop: 40 } },
  };
  // Its bay is wider than it asks for.
  header.bars.b!.values = { division: { desktop: { by: 'shares', shares: [1, 4, 1] } } };
  const settled = resolveAssembly(site, 'headers', header, 'desktop');
  const placed = placedAssembly(usually(site, evenLetters), settled, 'desktop', 1280);
  const found = everyBox(placed).filter(({ box }) => box.at?.includes('.menu-more'));
  const [cell, button] = found.map(({ place }) => [place.x, place.width]);
  expect(cell![1]).toBeGreaterThan(100);
  expect(button).toEqual(cell);
});

test('equal cells below a logo fill the menu, and are of one width', () => {
  const site = sampleSite();
  const header = site.headers.h!;
  const { menu } = header.pieces;
  const said = { shownAs: { desktop: 'cells' }, around: { desktop: 'below' } };
  header.pieces.menu = { ...menu!, values: { ...menu!.values, ...said } };
  header.bars.b!.values = { division: { desktop: { by: 'shares', shares: [1, 4, 1] } } };
  const settled = resolveAssembly(site, 'headers', header, 'desktop');
  const placed = everyBox(placedAssembly(usually(site, evenLetters), settled, 'desktop', 1280));
  const cells = placed.filter(({ box }) => box.at === '.menu-list').flatMap(({ box }) => box.of);
  expect(cells).toHaveLength(2);
  expect(cells[0]!.width).toBe(cells[1]!.width);
  expect(cells[0]!.width).toBeGreaterThan(300);
});
