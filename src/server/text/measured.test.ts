import { afterEach, beforeEach, expect, test } from '@jest/globals';
import * as fontkit from 'fontkit';
import { mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { sampleSite } from '@/core/site/sample.test-data';
import { textRuns } from '@/core/text/font-source';
import { stateGrowth } from '@/core/text/state-growth';
import { textWidth, type TextSetting } from '@/core/text/text-width';
import { itemPart } from '@/core/pieces/menu/parts';
import { resolveAssembly, settledPieces } from '@/core/resolve/assembly';
import { keepBlob } from '../bytes/blobs';
import { ingestFont } from '../bytes/font';
import { asSfnt } from '../bytes/sfnt';
import { openDatabase, type Db } from '../db/open';
import { lackingCharacters } from '@/core/text/lacking';
import { textExtent } from '@/core/text/text-extent';
import { measured } from './measured';

let folder: string;
let db: Db;
beforeEach(() => {
  folder = mkdtempSync(path.join(tmpdir(), 'gable-ridge-text-'));
  db = openDatabase(folder);
});
afterEach(() => rmSync(folder, { recursive: true, force: true }));

const file = (name: string) => readFileSync(`node_modules/@fontsource/${name}`);
const setting: TextSetting = {
  family: 'figtree',
  weight: '400',
  slant: 'normal',
  size: 16,
  letterSpacing: 0,
  case: 'none',
};
const width = (text: string, more: Partial<TextSetting> = {}, site = sampleSite()) =>
  measured(db, (advances) => textWidth(site, advances, { ...setting, ...more }, text, 'en'));

/** The advance of a text in em by another library. */
async function elsewhere(name: string, text: string): Promise<number> {
  const font = (fontkit as unknown as { create(bytes: Buffer): fontkit.Font }).create(
    await asSfnt(file(name)),
  );
  return font.layout(text).advanceWidth / font.unitsPerEm;
}

test.each(['Sailings', 'AVATAR To WA', 'Fahrpläne & Überfahrten', 'office fi fl'])(
  '“%s” is as wide as another library makes it, kerning and accents included',
  async (text) => {
    const em = await elsewhere('figtree/files/figtree-latin-400-normal.woff2', text);
    expect(await width(text)).toBeCloseTo(em * 16, 3);
  },
);

test('each character set is a font of its own, and what is in two of them is set by one', async () => {
  const runs = textRuns(sampleSite(), { ...setting, family: 'source-sans-3' }, 'Bőd Ελλάδα 12', 'el');
  expect(runs.map(({ text }) => text)).toEqual(['B', 'ő', 'd ', 'Ελλάδα', ' 12']);
  expect(runs.map(({ source }) => source.name.split('-')[3])).toEqual([
    'latin',
    'latin',
    'latin',
    'greek',
    'latin',
  ]);
  expect(runs[1]!.source.name).toContain('latin-ext');
  const parts = await Promise.all(['B', 'ő', 'd '].map((part) => width(part, { family: 'source-sans-3' })));
  const sum = parts.reduce((total: number, part) => total + part!, 0);
  expect(await width('Bőd ', { family: 'source-sans-3' })).toBeCloseTo(sum, 6);
});

test('size, letter spacing, case, weight and slant are all part of a width', async () => {
  const plain = (await width('Fares'))!;
  expect(await width('Fares', { size: 32 })).toBeCloseTo(2 * plain, 6);
  expect(await width('Fares', { letterSpacing: 1.5 })).toBeCloseTo(plain + 5 * 1.5, 6);
  expect(await width('Fares', { case: 'uppercase' })).toBe(await width('FARES'));
  expect(await width('Fares', { weight: '900' })).toBeGreaterThan(plain);
  expect(await width('Fares', { slant: 'italic' })).not.toBe(plain);
  expect(await width('')).toBe(0);
});

test.each(['woff2', 'woff'])('an uploaded %s is measured like the font that it holds', async (ending) => {
  const bytes = file(`archivo/files/archivo-latin-600-normal.${ending}`);
  const ingestion = await ingestFont(bytes, `a.${ending}`);
  if (!ingestion.ok) throw new Error(ingestion.reason);
  const { hash, about } = ingestion.kept;
  keepBlob(db, 'fonts', hash, bytes);
  const site = sampleSite();
  site.fonts.own = { id: 'own', name: 'Own', files: [{ ...about.file, hash }] };
  const own = await width('Book now', { family: 'own', weight: '600' }, site);
  expect(own).toBeCloseTo((await width('Book now', { family: 'archivo', weight: '600' }))!, 6);
});

test('a heavier state is wider by what was measured, with what follows it; other states are not named', async () => {
  const site = sampleSite();
  const menu = site.headers.h!.pieces.menu!;
  menu.values = { ...menu.values, itemWeight: { current: 700 }, itemInk: { hover: 'accent' } };
  const piece = settledPieces(resolveAssembly(site, 'headers', site.headers.h!, 'desktop')).find(
    ({ id }) => id === 'menu',
  )!;
  const growths = await measured(db, (advances) =>
    stateGrowth(site, advances, piece, itemPart, ['Home', 'Boats']),
  );
  expect(growths!.map(({ states }) => states)).toEqual([['current', 'trail']]);
  const [boats, bold] = [await width('Boats'), await width('Boats', { weight: '700' })];
  expect(growths![0]).toMatchObject({ label: 'Boats' });
  expect(growths![0]!.by).toBeCloseTo(bold! - boats!, 6);
});

test('fonts that are unpacked at the same time are those that were asked for', async () => {
  const names = [400, 700, 400, 900].map((weight) => `figtree/files/figtree-latin-${weight}-normal.woff2`);
  const together = await Promise.all(names.map((name) => asSfnt(file(name))));
  for (const [index, name] of names.entries())
    expect(together[index]!.equals(await asSfnt(file(name)))).toBe(true);
  expect(together[0]!.equals(together[1]!)).toBe(false);
});

test('characters that a font has no glyph for are named, those of another character set of its family not', async () => {
  const lacking = (family: string, text: string) =>
    measured(db, (advances) => {
      const face = { family, weight: '400', slant: 'normal', case: 'none', letterSpacing: 0 } as const;
      textExtent(sampleSite(), advances, face, text, 'en');
      return lackingCharacters(sampleSite(), advances, face, text, 'en');
    });
  expect(await lacking('figtree', 'Sailings, Übersicht, Říčany')).toBe('');
  expect(await lacking('figtree', 'Νησιά at 10 €')).toBe('Νησιά');
  expect(await lacking('source-sans-3', 'Νησιά, Розклад')).toBe('');
});
