import { describe, expect, test } from '@jest/globals';
import { writeHtml } from '../../../markup/html';
import { newPage } from '../../../site/defaults';
import { beginsWithPicture, pageStandIns, type PageStandInId } from '../../../site/page-stand-in';
import { standIn, standInCss } from './stand-in';

const page = (standIn?: PageStandInId) =>
  newPage({ id: 'pg', title: 'Boats', path: '/boats', parent: null, ...(standIn && { standIn }) });
const html = (id?: PageStandInId) => writeHtml(standIn(page(id), 'Boats'));
const all = Object.keys(pageStandIns) as PageStandInId[];

describe.each(all)('what stands in for a page as %s', (id) => {
  test('has one heading of the page, and no id twice', () => {
    expect(html(id).match(/<h1>Boats<\/h1>/g)).toHaveLength(1);
    const ids = [...html(id).matchAll(/ id="([^"]+)"/g)].map(([, each]) => each);
    expect(new Set(ids).size).toBe(ids.length);
  });

  test('begins with a picture just where a header may lie over it', () => {
    expect(/<main[^>]*>\s*<div class="stand-in-picture/.test(html(id))).toBe(beginsWithPicture(page(id)));
  });

  test('is drawn in tones that the stylesheet knows', () => {
    const tones = new Set([...html(id).matchAll(/(tone-[a-z]+|sky-[a-z]+)/g)].map(([, each]) => `.${each}`));
    expect([...tones].filter((tone) => !(tone in standInCss))).toEqual([]);
    expect(tones.size > 0).toBe(html(id).includes('<svg'));
  });
});

test('a page that says nothing begins with a picture where it is the home page, and is an article elsewhere', () => {
  expect(html()).toBe(html('article'));
  const home = newPage({ id: 'home', title: 'Home', path: '/', parent: null });
  expect(writeHtml(standIn(home, 'Home'))).toContain('sky-shore');
  expect(beginsWithPicture({ ...home, standIn: 'fares' })).toBe(false);
});

test('what a page has to say of its own takes the place of all but its picture', () => {
  const own = writeHtml(standIn(page('fares'), 'Boats', 'Nothing was found.'));
  expect(own).toContain('Nothing was found.');
  expect(own).not.toContain('<table');
});
