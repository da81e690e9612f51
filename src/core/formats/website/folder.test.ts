import { describe, expect, test } from '@jest/globals';
import { strToU8, zipSync } from 'fflate';
import { applyEdits } from '../../edit/apply';
import { integrityProblems } from '../../site/integrity';
import { countedIds, sampleSite } from '../../site/sample.test-data';
import { readText } from '../read-text';
import { readArchive } from './archive';
import { websiteEdits } from './compose-website';
import { foundIn } from './found-website';
import { readFolder } from './folder';
import { readStyles } from './read-styles';

const html = (title: string, body: string, lang = 'en') =>
  `<!doctype html><html lang="${lang}"><head><title>${title}</title></head><body>${body}</body></html>`;

const quay = {
  'quay/index.html': html(
    'Home – Alder Quay',
    '<header><a href="index.html"><img src="art/quay.svg" alt="Alder Quay"></a><nav><ul><li><a href="boats.html">Boats</a></li><li><a href="boats/small.html">Small</a></li></ul></nav></header><footer>© Alder Quay</footer>',
  ),
  'quay/boats.html': html('Boats and more – Alder Quay', '<h1>Boats</h1>'),
  'quay/boats/small.html': html('Small boats – Alder Quay', ''),
  'quay/moorings/index.html': html('Moorings – Alder Quay', ''),
  'quay/de/index.html': html('Start – Alder Quay', '', 'de'),
  'quay/site.css': 'body { background: #fdfbf4; color: #20303a; font-family: Figtree, sans-serif }',
  'quay/art/quay.svg': '<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 4 4"/>',
};
const zipped = (files: Record<string, string>) =>
  zipSync(Object.fromEntries(Object.entries(files).map(([name, text]) => [name, strToU8(text)])));

describe('a folder of pages', () => {
  test('is read from its home page, with the titles of its other pages in the same language', () => {
    const found = readFolder(Object.entries(quay).map(([path, text]) => ({ path, text })))!;
    expect(found.home.path).toBe('quay/index.html');
    expect(found.folder.pages).toEqual([
      { path: '/boats', title: 'Boats and more' },
      { path: '/boats/small', title: 'Small boats' },
      { path: '/moorings', title: 'Moorings' },
    ]);
    expect(found.folder.styles).toEqual([quay['quay/site.css']]);
    expect(readFolder([{ path: 'site.css', text: '' }])).toBeNull();
  });

  test('comes in an archive, with the file of its logo', () => {
    const reading = readArchive(zipped(quay));
    if (!reading.ok) throw new Error(reading.reason);
    const found = foundIn(reading.parts);
    expect(found).toMatchObject({ name: 'Alder Quay', languages: ['en'], rights: '© Alder Quay' });
    expect(new TextDecoder().decode(found.logo!.bytes)).toBe(quay['quay/art/quay.svg']);
    expect(found.colours.map(({ role, css }) => [role, css])).toEqual([
      ['ground', '#fdfbf4'],
      ['ink', '#20303a'],
    ]);
    expect(found.fonts).toEqual([{ style: 'type-body', family: 'figtree' }]);
  });

  test.each([
    ['no archive', strToU8('PK, but no more'), 'It is no zip'],
    ['an archive without a page', zipped({ 'a.txt': 'x' }), 'It holds no page'],
    [
      'an archive that unpacks to too much',
      zipped({ 'a.html': ' '.repeat(65 * 1024 * 1024) }),
      'at most 64 MB',
    ],
    [
      'an archive of too many pages',
      zipped(Object.fromEntries(Array.from({ length: 5001 }, (_, index) => [`${index}.html`, '<p>']))),
      'at most 5000',
    ],
  ])('is refused where it is %s', (_, archive, says) => {
    expect(readArchive(archive)).toEqual({ ok: false, reason: expect.stringContaining(says) });
    expect(readText({ read: 'website', text: '', archive }, countedIds()).problems).toHaveLength(1);
  });

  test('a logo is looked for in the archive alone, whatever its address says', () => {
    const page = (src: string) =>
      readArchive(
        zipped({ 'index.html': html('A', `<header><img src="${src}" alt="A"></header>`), 'a.svg': 'x' }),
      );
    for (const [src, there] of [
      ['a.svg?1', true],
      ['/a.svg', true],
      ['../../a.svg', true],
      ['https://elsewhere.example/a.svg', false],
      ['//elsewhere.example/a.svg', false],
      ['missing.svg', false],
      ['%zz', false],
    ] as const) {
      const reading = page(src);
      expect([src, reading.ok && foundIn(reading.parts).logo!.bytes !== undefined]).toEqual([src, there]);
    }
  });
});

describe('stylesheets', () => {
  const read = (css: string) => readStyles([{ line: 10, css }]);

  test('give colours by what they are the colours of, by name, and through custom properties', () => {
    const { parts } = read(
      ':root { --color-brand: #0a5; --deep-water: rgb(10 40 60); --gap: 12px; --text: #222 }\nbody { background-color: var(--sand, #fff); color: var(--text) }\n@media (width < 40em) { body { color: red } }',
    );
    expect(foundIn(parts).colours).toEqual([
      { role: 'ink', name: 'Ink', css: '#222' },
      { role: 'accent', name: 'Accent', css: '#0a5' },
      { role: null, name: 'Deep water', css: 'rgb(10 40 60)' },
    ]);
    expect(parts[0]).toMatchObject({ line: 11, words: 'Ink: #222, of color' });
  });

  test('are looked into where they stand in layers, and not where they hold under a condition alone', () => {
    const { parts } = read(
      '@layer a, b; @layer b { body { color: #123 } } @supports (color: red) { body { background: #456 } }',
    );
    expect(foundIn(parts).colours).toEqual([{ role: 'ink', name: 'Ink', css: '#123' }]);
  });

  test('are called as they are called there, without what only says that they are colours', () => {
    const { parts } = read(':root { --coral: #f76; --c-moss: #352; --clr_sky-blue: #8cf; --color: #111 }');
    expect(foundIn(parts).colours.map(({ name }) => name)).toEqual(['Coral', 'Moss', 'Sky blue', 'Color']);
  });

  test('give families that ship, and tell of those that do not', () => {
    const { parts, problems } = read(
      'body { font-family: "Skerrow Grotesk", sans-serif } h1, h2 { font-family: Literata, serif }',
    );
    expect(foundIn(parts).fonts).toEqual([{ style: 'type-heading', family: 'literata' }]);
    expect(problems).toEqual([{ line: 10, reason: expect.stringContaining('“Skerrow Grotesk” of texts') }]);
    expect(read('body { font-family: system-ui }')).toEqual({ parts: [], problems: [] });
  });

  test.each([
    'body { color: ',
    '}}}{{{',
    '@import url(//x.example);',
    ':root { --a: var(--b); --b: var(--a); } body { color: var(--a) }',
  ])('that are broken give nothing: %s', (css) => expect(read(css)).toEqual({ parts: [], problems: [] }));
});

test('what is read is taken into a site that exists, in its brand, and as far as it has no page of the path', () => {
  const site = sampleSite();
  const reading = readArchive(zipped(quay));
  if (!reading.ok) throw new Error(reading.reason);
  const found = { ...foundIn(reading.parts), colours: [], fonts: [] };
  const { edits, problems } = websiteEdits(site, found, countedIds());
  const outcome = applyEdits(site, edits);
  if (!outcome.ok) throw new Error(outcome.reason);
  const after = outcome.site;
  expect(problems).toEqual([]);
  expect(integrityProblems(after)).toEqual([]);
  // The site has a page at /boats already.
  expect(after.pageOrder.slice(site.pageOrder.length).map((id) => after.pages[id]!.path)).toEqual([
    '/moorings',
  ]);
  expect(after.brand).toEqual(site.brand);
  expect(Object.keys(after.drawers)).toEqual(Object.keys(site.drawers));
  const header = after.headers[after.placing.header!]!;
  const menu = Object.values(header.pieces).find(({ kind }) => kind === 'menu')!;
  expect(after.menus[String(Object.values(menu.values.menu!)[0])]!.name).toBe('Main');
  expect(
    Object.values(header.pieces)
      .map(({ kind }) => kind)
      .sort(),
  ).toEqual(['logo', 'menu']);
  expect(after.placing.header).not.toBe(site.placing.header);
  // The header that stood there holds something, so it stays.
  expect(after.headers[site.placing.header!]).toBeDefined();
});

test('a colour of a name that the brand has becomes that one, any other a new one', () => {
  const { parts } = readStyles([
    { line: 1, css: ':root { --shade: #0008; --deep-water: #123 } .bar { --soft: red }' },
  ]);
  const { edits } = websiteEdits(sampleSite(), foundIn(parts), countedIds());
  expect(edits).toMatchObject([
    { edit: 'changeToken', token: 'shade', value: { css: '#0008' } },
    { edit: 'addToken', token: { name: 'Deep water', value: { css: '#123' } } },
  ]);
});

test('only what is ticked is taken in', () => {
  const reading = readArchive(zipped(quay));
  if (!reading.ok) throw new Error(reading.reason);
  const site = sampleSite();
  const colours = reading.parts.filter(({ gives }) => gives.colours);
  const { edits } = websiteEdits(site, foundIn(colours), countedIds());
  expect(edits.map(({ edit }) => edit)).toEqual(['changeToken', 'changeToken']);
  const fonts = reading.parts.filter(({ gives }) => gives.fonts);
  const outcome = applyEdits(site, websiteEdits(site, foundIn(fonts), countedIds()).edits);
  expect(outcome.ok && outcome.site.brand.typeStyles['type-body']!.values.family).toEqual({ all: 'figtree' });
});
