import { expect, test } from '@jest/globals';
import fc from 'fast-check';
import { applyEdits } from '../../edit/apply';
import { sampleSite } from '../../site/sample.test-data';
import { pageFormatOf } from './index';
import { readPageCsv, writePageCsv } from './csv';
import { readPageList } from './page-list';
import { readSitemap, writeSitemap } from './sitemap';

test('a list gives titles, paths and nesting', () => {
  const { found: pages, problems } = readPageList(
    'Home  /\nRooms\t/rooms\n  The tower room  /rooms/tower\n    Up there  /rooms/tower/up\n\n  Cellar /cellar\nVisit us',
  );
  expect(problems).toEqual([]);
  expect(pages.map(({ title, path, parent, line }) => [title, path, parent, line])).toEqual([
    ['Home', '/', null, 1],
    ['Rooms', '/rooms', null, 2],
    ['The tower room', '/rooms/tower', 1, 3],
    ['Up there', '/rooms/tower/up', 2, 4],
    ['Cellar', '/cellar', 1, 6],
    ['Visit us', '/visit-us', null, 7],
  ]);
});

test('a line without a path gets one below its parent', () => {
  expect(readPageList('Größe  /size\n  Früh & spät').found[1]!.path).toBe('/size/fruh-spat');
});

test.each([
  ['A  /a\nB  /A', 2, 'already stands in line 1'],
  ['A  /a?x=1', 1, 'character that a path cannot have'],
  ['A  /a//b', 1, 'empty part'],
  ['A  /../etc', 1, '. or ..'],
  [`${'x'.repeat(121)}  /x`, 1, 'at most 120 characters'],
  ['Index  /index', 1, 'file of the home page'],
  ['/only-a-path', 1, 'needs a title'],
  ['Taken  /taken', 1, 'already the path of “Old”'],
])('%j is refused in its line with the reason', (text, line, reason) => {
  const { problems } = readPageList(text, new Map([['/taken', 'Old']]));
  expect(problems).toHaveLength(1);
  expect(problems[0]!.line).toBe(line);
  expect(problems[0]!.reason).toContain(reason);
});

test('a list that is too long is refused whole', () => {
  const { found: pages, problems } = readPageList('a\n'.repeat(6000));
  expect(pages).toEqual([]);
  expect(problems[0]!.reason).toContain('at most 5000 lines');
});

test('no text at all makes the reader fall over, and every non-blank line is either a page or a problem', () => {
  fc.assert(
    fc.property(fc.string({ unit: 'grapheme' }), (text) => {
      const { found: pages, problems } = readPageList(text);
      const lines = text.split(/\r\n|\r|\n/).filter((line) => line.trim() !== '');
      expect(pages.length + problems.length).toBe(lines.length);
    }),
  );
});

const sitemap = (...addresses: string[]) =>
  `<?xml version="1.0"?>\n<urlset xmlns="http://www.sitemaps.org/schemas/sitemap/0.9">\n${addresses.map((each) => `<url><loc>${each}</loc></url>`).join('\n')}\n</urlset>`;

test('a sitemap gives pages nested by their paths, wherever the parent stands', () => {
  const { found: pages, problems } = readSitemap(
    sitemap(
      'https://example.com/a/b-c/',
      'https://example.com/',
      'https://example.com/a.html',
      'https://example.com/a/b-c/d?x=1&amp;y=2',
    ),
  );
  expect(problems).toEqual([]);
  expect(pages.map(({ title, path, parent }) => [title, path, parent])).toEqual([
    ['B c', '/a/b-c', 2],
    ['Home', '/', null],
    ['A', '/a', null],
    ['D', '/a/b-c/d', 0],
  ]);
});

test.each([
  ['not XML at all', 1, 'This is not XML'],
  ['<urlset>\n<url>\n</urlset>', 3, 'This is not XML'],
  ['<html></html>', 1, 'not a sitemap'],
  ['<sitemapindex></sitemapindex>', 1, 'index of sitemaps'],
])('%j is refused with the line and the reason', (text, line, reason) => {
  const { found: pages, problems } = readSitemap(text);
  expect(pages).toEqual([]);
  expect(problems[0]).toMatchObject({ line, reason: expect.stringContaining(reason) });
});

test('an address that cannot be a page is named with its line, the others are read', () => {
  const { found: pages, problems } = readSitemap(
    sitemap('https://example.com/a', 'nonsense', 'https://example.com/A', 'https://example.com/%20'),
  );
  expect(pages).toHaveLength(1);
  expect(problems.map((problem) => problem.line)).toEqual([4, 5, 6]);
});

test('entities that grow without bound are not expanded', () => {
  const bomb =
    '<!DOCTYPE x [<!ENTITY a "aaaaaaaaaa"><!ENTITY b "&a;&a;&a;&a;&a;&a;">]>' +
    sitemap('https://example.com/&b;');
  expect(JSON.stringify(readSitemap(bomb)).length).toBeLessThan(1000);
});

test('the pages of a site come back from CSV as they were, their parents and tags among them', () => {
  const outcome = applyEdits(sampleSite(), [
    { edit: 'tagPages', pages: ['small'], add: ['water', 'new'], remove: [] },
    { edit: 'movePages', pages: ['home'], parent: 'boats', before: null },
  ]);
  if (!outcome.ok) throw new Error(outcome.reason);
  const { found, problems } = readPageCsv(writePageCsv(outcome.site));
  expect(problems).toEqual([]);
  const pathOf = (index: number | null) => (index === null ? null : found[index]!.path);
  expect(found.map(({ title, path, parent, tags }) => [title, path, pathOf(parent), tags])).toEqual([
    ['Boats', '/boats', null, []],
    ['Small boats', '/boats/small', '/boats', ['water', 'new']],
    ['Home', '/', '/boats', []],
  ]);
});

test('a title that a spreadsheet would run as a formula is written so that it does not, and read back', () => {
  const site = sampleSite();
  site.pages.home!.title = '=1+1';
  const text = writePageCsv(site);
  expect(text).toContain("'=1+1");
  expect(readPageCsv(text).found[0]!.title).toBe('=1+1');
});

test.each([
  ['title;path\n"Open;/a', 2, 'quotation marks'],
  ['title,path\nA,/a,x', 2, '3 cells; there are 2'],
  ['name,path\nA,/a', 1, 'name the columns'],
  ['title,tags\nA,"x, x"', 2, 'stands on a page once'],
  ['', 1, 'nothing in it'],
])('%j as CSV is refused in its row', (text, line, reason) => {
  const { problems } = readPageCsv(text);
  expect(problems[0]).toMatchObject({ line, reason: expect.stringContaining(reason) });
});

test('pages that name each other as parents in a ring stand at the top', () => {
  const { found } = readPageCsv('title,path,parent\nA,/a,/b\nB,/b,/a\nC,/c,/a');
  expect(found.map((page) => page.parent)).toEqual([null, null, 0]);
});

test('a form is told by its text', () => {
  expect(
    ['<?xml version="1.0"?>', 'Title,Path\n', '\uFEFFtitle;path', 'Home  /', 'Title  /path'].map(
      (text) => pageFormatOf(text).id,
    ),
  ).toEqual(['sitemap', 'csv', 'csv', 'list', 'list']);
});

test('the sitemap of a site names every page, and is read back', () => {
  const text = writeSitemap(sampleSite(), 'https://www.example.com');
  expect(readSitemap(text).found.map(({ path }) => path)).toEqual(['/', '/boats', '/boats/small']);
});
