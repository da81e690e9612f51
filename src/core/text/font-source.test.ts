import { expect, test } from '@jest/globals';
import { sampleSite } from '../site/sample.test-data';
import type { Advances } from './advances';
import { lackedByShipped, textRuns } from './font-source';
import { lackingCharacters, ofUnknownWidth } from './lacking';
import { standInSize } from './stand-in';
import { textExtent } from './text-extent';
import { textWidth } from './text-width';

const faceOf = (family: string) =>
  ({ family, weight: '400', slant: 'normal', case: 'none', letterSpacing: 0 }) as const;
const runs = (family: string, text: string) =>
  textRuns(sampleSite(), faceOf(family), text, 'en').map(({ source, text: run, standsIn }) => [
    source.name.replace('-400-normal.woff2', ''),
    run,
    standsIn,
  ]);

/** Letters are half as wide as the text is high, in what stands in for a family a whole one. */
const advances: Advances = {
  of: ({ name }, text) => [...text].length * (name.startsWith('arimo') ? 1 : 0.5),
};

test('a letter that none of the files of a family has is set in what stands in for it', () => {
  expect(runs('figtree', 'To Αθήνα')).toEqual([
    ['figtree-latin', 'To ', false],
    ['arimo-greek', 'Αθήνα', true],
  ]);
  // Its set claims it, its file has it not.
  expect(runs('figtree', 'Ţ')).toEqual([['arimo-latin-ext', 'Ţ', true]]);
  expect(runs('archivo', 'Ţ')).toEqual([['archivo-latin-ext', 'Ţ', false]]);
});

test('a letter and its marks are set by one font', () => {
  expect(runs('rubik', 'שׁלום')).toEqual([['rubik-hebrew', 'שׁלום', false]]);
  expect(runs('rubik', 'פֿאר')).toEqual([
    ['arimo-hebrew', 'פֿ', true],
    ['rubik-hebrew', 'אר', false],
  ]);
  expect(runs('figtree', 'e\u0301')).toEqual([['figtree-latin', 'é', false]]);
  expect(runs('figtree', 'so\u00adft')).toEqual([['figtree-latin', 'so\u00adft', false]]);
});

test('letters of two scripts are set apart from each other, and a bracket with what stands before it', () => {
  expect(runs('literata', 'Ελληνικά (GR)')).toEqual([
    ['literata-greek', 'Ελληνικά', false],
    ['literata-latin', ' (', false],
    ['literata-latin', 'GR', false],
    ['literata-latin', ')', false],
  ]);
});

test('a hyphen at which no line is broken is as wide as any in what stands in', () => {
  expect(runs('figtree', 'E\u2011Mail')).toEqual([
    ['figtree-latin', 'E', false],
    ['arimo-latin', '-', true],
    ['figtree-latin', 'Mail', false],
  ]);
});

test('what is lacked is told letter by letter', () => {
  expect(lackedByShipped('figtree', 'Ţară Αθήνα')).toEqual(['Ţ', 'Α', 'θ', 'ή', 'ν', 'α']);
  expect(lackedByShipped('literata', 'Αθήνα')).toEqual([]);
  expect(lackingCharacters(sampleSite(), advances, faceOf('figtree'), 'θήθ x', 'el')).toBe('θή');
});

test('of what is lacked it is told how wide it is where its stand-in has it, and not of what nothing has', () => {
  expect(ofUnknownWidth('figtree', 'Αθ⛴ţ')).toBe('⛴');
  expect(ofUnknownWidth('an-uploaded-one', 'Αθ')).toBe('Αθ');
});

test('letters that stand in are as wide as these, at the size at which they stand in', () => {
  const site = sampleSite();
  expect(textExtent(site, advances, faceOf('figtree'), 'ab Αθή', 'en')).toEqual({
    em: 1.5,
    standIn: 3,
    spacing: 0,
  });
  const size = standInSize(site, advances, 'figtree', '400')!;
  expect(size).toBe(0.5);
  expect(textWidth(site, advances, { ...faceOf('figtree'), size: 20 }, 'ab Αθή', 'en')).toBeCloseTo(
    20 * (1.5 + 3 * size),
  );
});

test('what a family lacks does not decide how large what stands in for it is', () => {
  const site = sampleSite();
  const [menu] = Object.values(site.menus);
  const items = Object.fromEntries(
    Object.entries(menu!.items).map(([id, item]) => [id, { ...item, label: 'Αθήνα' }]),
  );
  const greek = { ...site, menus: { ...site.menus, [menu!.id]: { ...menu!, items } } };
  expect(standInSize(greek, advances, 'figtree', '400')).toBe(0.5);
  expect(standInSize(greek, advances, 'literata', '400')).not.toBeNull();
});
