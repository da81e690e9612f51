import { readFileSync } from 'node:fs';
import { expect, test } from '@jest/globals';
import { shippedFamilies } from '@/core/brand/fonts';
import { fontSubsets } from '@/core/brand/font-subsets';
import { ingestFile } from './file';
import { ingestFont, MOST_FONT } from './font';

const font = (file: string) => readFileSync(`node_modules/@fontsource/${file}`);
const medium = font('figtree/files/figtree-latin-600-italic.woff2');

test('weight and slant are read from the font, not from its name', () => {
  expect(ingestFont(medium, 'something.woff2')).toMatchObject({
    ok: true,
    kept: {
      about: { file: { format: 'woff2', weights: ['600', '600'], slant: 'italic', bytes: medium.length } },
    },
  });
  expect(ingestFont(font('archivo/files/archivo-latin-400-normal.woff'), 'a.woff')).toMatchObject({
    ok: true,
    kept: {
      about: { family: 'Archivo', file: { format: 'woff', weights: ['400', '400'], slant: 'normal' } },
    },
  });
});

test.each([
  ['a text', Buffer.from('hello world'), 'x.woff2', 'not a font'],
  ['a font that is called another', medium, 'x.ttf', 'holds WOFF2, which is not what its name says'],
  ['half a font', medium.subarray(0, 400), 'x.woff2', 'cannot be read to its end'],
  ['nothing', Buffer.alloc(0), 'x.woff2', 'empty'],
  ['too much', Buffer.alloc(MOST_FONT + 1), 'x.woff2', 'at most 4 MB'],
])('%s is refused with its reason', (_, bytes, name, reason) => {
  expect(ingestFont(bytes, name)).toMatchObject({ ok: false, reason: expect.stringContaining(reason) });
});

test('what the core says of the shipped families is what their packages hold', () => {
  for (const family of shippedFamilies) {
    const metadata = JSON.parse(font(`${family.id}/metadata.json`).toString());
    const ranges = JSON.parse(font(`${family.id}/unicode.json`).toString());
    expect([family.name, family.weights, family.italic]).toEqual([
      metadata.family,
      [metadata.weights[0], metadata.weights.at(-1)],
      metadata.styles.includes('italic'),
    ]);
    for (const subset of family.subsets) expect(fontSubsets[subset].replaceAll(' ', '')).toBe(ranges[subset]);
  }
});

test('a file to be linked to gets a name that every system can have', () => {
  const ingestion = ingestFile(Buffer.from('x'), 'Fährplan 2026 (Winter).pdf');
  expect(ingestion).toMatchObject({
    ok: true,
    kept: { about: { name: 'Fahrplan-2026-Winter-.pdf', bytes: 1 } },
  });
});

test.each([
  ['code of a website', 'page.html', 'code of a website'],
  ['a name without letters', '....', 'cannot be the name'],
])('%s is no file to be linked to', (_, name, reason) => {
  expect(ingestFile(Buffer.from('x'), name)).toMatchObject({
    ok: false,
    reason: expect.stringContaining(reason),
  });
});
