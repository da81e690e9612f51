import { expect, test } from '@jest/globals';
import { newPiece } from '@/core/site/defaults';
import { sampleSite } from '@/core/site/sample.test-data';
import { dropDownChoices } from './shown-drop-down';

test('what may drop down are items with others below them, and pieces that are a button with a drop-down at some width', () => {
  const site = sampleSite();
  const header = site.headers.h!;
  const labels = () => dropDownChoices(site, 'headers', header).map(({ label }) => label);
  const before = labels();
  expect(before).toHaveLength(1);
  const languages = {
    ...newPiece('p-languages', 'language'),
    values: { form: { desktop: 'row', phone: 'drop' } },
  };
  header.pieces[languages.id] = languages;
  expect(labels()).toEqual([...before, 'Language choice']);
  site.menus.m!.items.i2!.children = [];
  expect(labels()).toEqual(['Language choice']);
  expect(dropDownChoices(sampleSite(), 'drawers', site.drawers.d!)).toEqual([]);
});
