import { expect, test } from '@jest/globals';
import fc from 'fast-check';
import { sampleSite } from '../site/sample.test-data';
import { readPageList } from './page-list';
import { readSiteFile, SITE_FILE_FORM, writeSiteFile } from './site-file';
import { readSitemap } from './sitemap';

test('a list gives titles, paths and nesting', () => {
  const { pages, problems } = readPageList(
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
  expect(readPageList('Größe  /size\n  Früh & spät').pages[1]!.path).toBe('/size/fruh-spat');
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
  const { pages, problems } = readPageList('a\n'.repeat(6000));
  expect(pages).toEqual([]);
  expect(problems[0]!.reason).toContain('at most 5000 lines');
});

test('no text at all makes the reader fall over, and every non-blank line is either a page or a problem', () => {
  fc.assert(
    fc.property(fc.string({ unit: 'grapheme' }), (text) => {
      const { pages, problems } = readPageList(text);
      const lines = text.split(/\r\n|\r|\n/).filter((line) => line.trim() !== '');
      expect(pages.length + problems.length).toBe(lines.length);
    }),
  );
});

const sitemap = (...addresses: string[]) =>
  `<?xml version="1.0"?>\n<urlset xmlns="http://www.sitemaps.org/schemas/sitemap/0.9">\n${addresses.map((each) => `<url><loc>${each}</loc></url>`).join('\n')}\n</urlset>`;

test('a sitemap gives pages nested by their paths, wherever the parent stands', () => {
  const { pages, problems } = readSitemap(
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
  const { pages, problems } = readSitemap(text);
  expect(pages).toEqual([]);
  expect(problems[0]).toMatchObject({ line, reason: expect.stringContaining(reason) });
});

test('an address that cannot be a page is named with its line, the others are read', () => {
  const { pages, problems } = readSitemap(
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

const noBytes = () => {
  throw new Error('no artwork here');
};

test('a site file read again is the same site', () => {
  const reading = readSiteFile(writeSiteFile(sampleSite(), noBytes));
  expect(reading).toEqual({ ok: true, file: { form: SITE_FILE_FORM, site: sampleSite(), artwork: {} } });
});

/** The problems of a site file after a change to its JSON. */
function fileProblems(change: (json: Record<string, never>) => void): string {
  const json = JSON.parse(writeSiteFile(sampleSite(), noBytes));
  change(json);
  const reading = readSiteFile(JSON.stringify(json));
  return reading.ok
    ? 'nothing wrong'
    : reading.problems.map(({ path, reason }) => `${path}: ${reason}`).join('\n');
}

test.each<[string, (json: never) => void, string]>([
  [
    'a newer version',
    (json: { site: { version: number } }) => void (json.site.version = 2),
    'site.version: is 2; this application reads version 1. It was written by a newer',
  ],
  ['no version', (json: { site: { version?: number } }) => void delete json.site.version, 'site.version'],
  ['another form', (json: { form: string }) => void (json.form = 'x'), 'form: A site file says'],
  [
    'a missing reference',
    (json: { site: { menus: object } }) => void (json.site.menus = {}),
    'site.headers.h.pieces.menu.values.menu.all: points to a menu that is not there (m)',
  ],
  [
    'a script in a link',
    (json: { site: { menus: { m: { items: { i1: { link: object } } } } } }) =>
      void (json.site.menus.m.items.i1.link = { to: 'address', address: 'javascript:alert(1)' }),
    'site.menus.m.items.i1.link.address: A link may not use javascript:',
  ],
  [
    'something that does not belong there',
    (json: { site: object }) => void Object.assign(json.site, { extra: 1 }),
    'site.extra',
  ],
  [
    'artwork without bytes',
    (json: { site: { artwork: object } }) =>
      void Object.assign(json.site.artwork, {
        a: { id: 'a', name: 'A', type: 'image/png', width: 1, height: 1, alt: '', hash: '0'.repeat(64) },
      }),
    'site.artwork.a.hash: has no bytes',
  ],
])('a site file with %s is refused, with the place inside it', (_, change, expected) => {
  expect(fileProblems(change as (json: Record<string, never>) => void)).toContain(expected);
});

test.each(['', '{', 'null', '[]', '"x"', '{"form":"gable-ridge-site"}'])('%j is no site file', (text) => {
  expect(readSiteFile(text).ok).toBe(false);
});
