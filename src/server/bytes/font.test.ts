import { readFileSync } from 'node:fs';
import { expect, test } from '@jest/globals';
import { shippedFamilies } from '@/core/brand/fonts';
import { fontSubsets } from '@/core/brand/font-subsets';
import { MOST_BYTES } from '@/core/site/file-limits';
import { ingestFile } from './file';
import { ingestFont } from './font';
import { asSfnt } from './sfnt';

/** The code points of a `unicode-range`. */
function codesOf(range: string): Set<number> {
  const codes = range.split(',').flatMap((each) => {
    const [first, last = first] = each
      .trim()
      .slice(2)
      .split('-')
      .map((hex) => Number.parseInt(hex, 16));
    return Array.from({ length: last! - first! + 1 }, (_, index) => first! + index);
  });
  return new Set(codes);
}

const font = (file: string) => readFileSync(`node_modules/@fontsource/${file}`);
const medium = font('figtree/files/figtree-latin-600-italic.woff2');

test('weight and slant are read from the font, not from its name', async () => {
  expect(await ingestFont(medium, 'something.woff2')).toMatchObject({
    ok: true,
    kept: {
      about: { file: { format: 'woff2', weights: ['600', '600'], slant: 'italic', bytes: medium.length } },
    },
  });
  expect(await ingestFont(font('archivo/files/archivo-latin-400-normal.woff'), 'a.woff')).toMatchObject({
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
  ['too much', Buffer.alloc(MOST_BYTES.fonts + 1), 'x.woff2', 'at most 4 MB'],
])('%s is refused with its reason', async (_, bytes, name, reason) => {
  expect(await ingestFont(bytes, name)).toMatchObject({ ok: false, reason: expect.stringContaining(reason) });
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
    for (const subset of family.subsets) {
      const [own, claimed] = [codesOf(fontSubsets[subset]), codesOf(ranges[subset])];
      expect([subset, [...own].filter((code) => !claimed.has(code))]).toEqual([subset, []]);
    }
  }
});

test('a character that the sets of a family share is set by a file that holds it', async () => {
  const hb = await import('harfbuzzjs');
  for (const { id, subsets } of shippedFamilies) {
    const held = await Promise.all(
      subsets.map(async (subset) => {
        const bytes = await asSfnt(font(`${id}/files/${id}-${subset}-400-normal.woff2`));
        return new Set(new hb.Face(new hb.Blob(bytes)).collectUnicodes());
      }),
    );
    const claimed = subsets.map((subset) => codesOf(fontSubsets[subset]));
    const wrong = [...new Set(held.flatMap((each) => [...each]))].filter((code) => {
      // The set that stands last in the stylesheet is asked first (CSS Fonts 4, 5.3).
      const asked = claimed.findLastIndex((each) => each.has(code));
      return asked >= 0 && !held[asked]!.has(code);
    });
    expect([id, wrong.map((code) => code.toString(16))]).toEqual([id, []]);
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
