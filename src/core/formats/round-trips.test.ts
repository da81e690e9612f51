import { expect, test } from '@jest/globals';
import fc from 'fast-check';
import { sample } from '../../sample.test-data';
import { applyEdits } from '../edit/apply';
import type { Edit } from '../edit';
import { sampleSite } from '../site/sample.test-data';
import type { Site } from '../site/site';
import { readDesignTokens } from './brand/read-design-tokens';
import { writeDesignTokens } from './brand/write-design-tokens';
import { readPageCsv, writePageCsv } from './pages/csv';
import { readSiteFile, writeSiteFile } from './site-file';
import { readWordingCsv, writeWordingCsv } from './wording/csv';
import { countedIds } from '../site/sample.test-data';

/** What people and spreadsheets put into texts, and what could be taken for a part of a format. */
const words = fc
  .oneof(
    fc.string({ unit: 'grapheme', minLength: 1, maxLength: 30 }),
    fc.constantFrom(
      '=1+1',
      "'quoted'",
      '"',
      ',',
      ';',
      'a,b;c',
      '</script>',
      '{{root}}',
      '-- ',
      '\\',
      'ä'.normalize('NFD'),
      '🚢',
      'مرحبا',
      '$type',
      'a.b{c}',
      'ß',
      '_',
      'on-deep_water',
    ),
  )
  .map((text) =>
    text
      .replace(/[\p{Cc}\p{Cf}\p{Zl}\p{Zp}]/gu, ' ')
      .replace(/\s+/g, ' ')
      .trim(),
  )
  .filter((text) => text !== '');

/** The sample with texts of any kind in its pages, menus, pieces and brand; refused texts are another matter. */
const sites = fc.tuple(words, words, words, words, words).map(([title, label, said, tag, colour]) => {
  const edits: Edit[] = [
    { edit: 'changePage', page: 'boats', title },
    { edit: 'labelItem', menu: 'm', item: 'i1', label },
    {
      edit: 'setValue',
      place: { on: 'piece', in: 'headers', assembly: 'h', piece: 'button' },
      property: 'label',
      cell: 'all',
      value: said,
    },
    {
      edit: 'tagPages',
      pages: ['small'],
      add: [
        tag
          .toLowerCase()
          .replace(/[^a-z0-9]+/g, '-')
          .replace(/^-+|-+$/g, '') || 'tag',
      ],
      remove: [],
    },
    { edit: 'changeToken', family: 'colours', token: 'accent', name: colour },
  ];
  return edits.reduce((site, edit) => {
    const outcome = applyEdits(site, [edit]);
    return outcome.ok ? outcome.site : site;
  }, sampleSite());
});

const everySite = (holds: (site: Site) => void) =>
  fc.assert(fc.property(sites, holds), { numRuns: sample(70, 200), seed: 1 });

test('a site file is read again as the same site', () => {
  everySite((site) => {
    const reading = readSiteFile(writeSiteFile(site, () => ''));
    expect(reading).toMatchObject({ ok: true });
    expect(reading.ok && reading.file.site).toEqual(site);
  });
});

test('one that is cut off anywhere is refused with a reason', () => {
  const text = writeSiteFile(sampleSite(), () => '');
  fc.assert(
    fc.property(fc.nat(text.trimEnd().length - 1), (length) => {
      const reading = readSiteFile(text.slice(0, length));
      expect(reading.ok).toBe(false);
      expect(!reading.ok && reading.problems.length).toBeGreaterThan(0);
    }),
    { numRuns: 100, seed: 1 },
  );
});

test('pages come back from CSV with their titles, paths and tags', () => {
  everySite((site) => {
    const { found, problems } = readPageCsv(writePageCsv(site));
    expect(problems).toEqual([]);
    const said = (page: { title: string; path: string; tags: readonly string[] }) => [
      page.title,
      page.path,
      page.tags,
    ];
    const byPath = (one: unknown[], other: unknown[]) => String(one[1]).localeCompare(String(other[1]));
    expect(found.map(said).sort(byPath)).toEqual(Object.values(site.pages).map(said).sort(byPath));
  });
});

test('texts come back from CSV without anything to change', () => {
  everySite((site) => {
    expect(readWordingCsv(writeWordingCsv(site), site)).toEqual({ found: [], problems: [] });
  });
});

test('a brand comes back from design tokens without anything to change', () => {
  everySite((site) => {
    const { found, problems } = readDesignTokens(writeDesignTokens(site), site, countedIds());
    expect(problems).toEqual([]);
    expect(found.filter(({ change }) => change !== 'same')).toEqual([]);
  });
});
