import { expect, test } from '@jest/globals';
import { applyEdits } from '@/core/edit/apply';
import { countedIds, sampleSite } from '@/core/site/sample.test-data';
import { tokenName, tokenNamed } from '../brand/token-names';
import { addFoundPages, takenPaths } from './found-pages';

const site = sampleSite();
const found = [
  { title: 'Rooms', path: '/rooms', parent: null, tags: ['stay'] },
  { title: 'The tower', path: '/rooms/tower', parent: 0, tags: [] },
];

test('pages that were read are added with their parents, and a menu of them in the same gesture', () => {
  const outcome = applyEdits(site, addFoundPages(found as never, 'Rooms menu', countedIds()));
  if (!outcome.ok) throw new Error(outcome.reason);
  const after = outcome.site;
  const [rooms, tower] = after.pageOrder.slice(-2).map((id) => after.pages[id]!);
  expect(rooms).toMatchObject({ title: 'Rooms', tags: ['stay'], parent: null });
  expect(tower).toMatchObject({ path: '/rooms/tower', parent: rooms!.id });
  const menu = Object.values(after.menus).find((each) => each.name === 'Rooms menu')!;
  expect(menu.top).toHaveLength(1);
  expect(Object.keys(menu.items)).toHaveLength(2);
  expect(site.pageOrder).toHaveLength(3);
});

test('without a name there is no menu', () => {
  expect(addFoundPages(found as never, null, countedIds()).map((edit) => edit.edit)).toEqual(['addPages']);
});

test('paths that are taken are known whatever their capitals', () => {
  const taken = takenPaths(site);
  expect(taken.get('/boats/small')).toBe('Small boats');
  const outcome = applyEdits(
    site,
    addFoundPages([{ title: 'Again', path: '/Boats', parent: null, tags: [] }] as never, null, countedIds()),
  );
  expect(outcome.ok).toBe(false);
});

test('tokens are found by their names, capitals and blanks aside', () => {
  const [id, colour] = Object.entries(site.brand.colours)[0]!;
  expect(tokenName(site)('colours', id)).toBe(colour.name);
  expect(tokenNamed(site)('colours', ` ${colour.name.toUpperCase()} `)).toBe(id);
  expect(tokenNamed(site)('colours', 'nothing of the kind')).toBeNull();
  expect(tokenName(site)('colours', 'gone')).toBe('?');
});
