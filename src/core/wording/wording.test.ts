import { expect, test } from '@jest/globals';
import { applyEdits } from '../edit/apply';
import type { Edit } from '../edit';
import { surveyFit } from '../fit/survey';
import { evenLetters } from '../fit/even-letters.test-data';
import { readWordingCsv, writeWordingCsv } from '../formats/wording/csv';
import { renderPage } from '../render/page/page';
import { siteFonts } from '../render/stylesheet/stylesheet';
import { unmeasured } from '../text/advances';
import { sampleSite } from '../site/sample.test-data';
import type { Site } from '../site/site';
import { isMissing, saidIn, wordingOf, type WordingRow } from './wording';

function after(site: Site, ...edits: Edit[]): Site {
  const outcome = applyEdits(site, edits);
  if (!outcome.ok) throw new Error(outcome.reason);
  return outcome.site;
}

const button = { on: 'piece', in: 'headers', assembly: 'h', piece: 'button' } as const;
const inTwo = (...edits: Edit[]) =>
  after(sampleSite(), { edit: 'setLanguages', languages: ['en', 'de'] }, ...edits);
const rowAt = (site: Site, key: string) => wordingOf(site).find((row) => row.key === key)!;
const LABEL = 'headers.h.pieces.button.label';

/** The site after a text was said in a language. */
function said(site: Site, key: string, language: string, text: string): Site {
  const edit = rowAt(site, key).say(language, text);
  if (typeof edit === 'string') throw new Error(edit);
  return after(site, edit);
}

test('every text has a place of its own, and what it is taken for where nothing was said', () => {
  const site = inTwo();
  const rows = wordingOf(site);
  expect(new Set(rows.map(({ key }) => key)).size).toBe(rows.length);
  const shown = ({ source, of, what, first }: WordingRow) => [source, of, what, first];
  expect(shown(rowAt(site, 'pages.boats.title'))).toEqual(['pages', 'Page /boats', 'Title', 'Boats']);
  expect(shown(rowAt(site, 'menus.m.items.i3.label'))).toEqual([
    'menus',
    'Main, item “Little ones”',
    'Label',
    'Little ones',
  ]);
  // It is called as its page, and translated there.
  expect(rowAt(site, 'menus.m.items.i1.label')).toBeUndefined();
  expect(shown(rowAt(site, LABEL))).toEqual(['pieces', 'Header “Main header”, Button “Go”', 'Label', 'Go']);
  expect(rowAt(site, LABEL).instead('de')).toBe('Go');
  const close = rowAt(site, 'words.close');
  expect([close.first, close.instead('en'), close.instead('de')]).toEqual(['', 'Close', 'Schließen']);
});

test('a text said in a language stands on its pages alone, and taken back it is the first language’s again', () => {
  const site = said(inTwo(), LABEL, 'de', 'Los');
  const pages = (of: Site) =>
    ['en', 'de'].map((language) => renderPage(of, of.pages.home!, undefined, language));
  const [english, german] = pages(site);
  expect(english).toContain('>Go</a>');
  expect(german).toContain('>Los</a>');
  expect(german).not.toContain('>Go</a>');
  expect(pages(said(site, LABEL, 'de', ''))[1]).toContain('>Go</a>');
});

test('a longer text in one language is what the fit of that language goes by', () => {
  const narrowest = (site: Site, language: string) => {
    const today = { site, advances: evenLetters, page: 'home', language, root: 16 };
    return surveyFit(today, 'headers', site.headers.h!).bars[0]!.stretches.at(-1)!;
  };
  const site = said(inTwo(), LABEL, 'de', 'Überfahrtreservierung beginnen');
  expect(narrowest(site, 'en')).toEqual(narrowest(inTwo(), 'en'));
  const least = (language: string) =>
    surveyFit({ site, advances: evenLetters, page: 'home', language, root: 16 }, 'headers', site.headers.h!)
      .bars[0]!.stretches;
  expect(least('de')).not.toEqual(least('en'));
});

test('what pages say by themselves is said otherwise by language; another language keeps what comes for it', () => {
  const site = said(said(inTwo(), 'words.skip', 'en', 'To the text'), 'words.close', 'de', 'Zu');
  const html = (language: string) => renderPage(site, site.pages.home!, undefined, language);
  expect(html('en')).toContain('>To the text</a>');
  expect(html('de')).toContain('>Zum Inhalt</a>');
  expect(html('de')).toContain('>Zu</button>');
  expect(html('en')).toContain('>Close</button>');
  // A language that nothing comes for takes the designer’s first one.
  const third = after(site, { edit: 'setLanguages', languages: ['en', 'de', 'cy'] });
  expect(renderPage(third, third.pages.home!, undefined, 'cy')).toContain('>To the text</a>');
});

test('a word that is said of something has to say of what', () => {
  const outcome = applyEdits(sampleSite(), [
    { edit: 'setValue', place: { on: 'words' }, property: 'moreOf', cell: 'all', value: 'more' },
  ]);
  expect(outcome).toMatchObject({ ok: false, reason: expect.stringContaining('It has to hold {}') });
});

test('a cell of a language that the site does not have is refused', () => {
  const edit = { edit: 'setValue', place: button, property: 'label', cell: 'fr', value: 'Y aller' } as const;
  expect(applyEdits(inTwo(), [edit])).toMatchObject({
    ok: false,
    reason: '“Label” has no value for “fr”.',
  });
  expect(applyEdits(sampleSite(), [{ edit: 'setLanguages', languages: ['en', 'all'] }])).toMatchObject({
    ok: false,
  });
});

test('with another first language texts change places, and back again; one that goes takes its own along', () => {
  const site = said(inTwo(), LABEL, 'de', 'Los');
  const swapped = after(site, { edit: 'setLanguages', languages: ['de', 'en'] });
  expect(swapped.headers.h!.pieces.button!.values.label).toEqual({ all: 'Los', en: 'Go' });
  const back = after(swapped, { edit: 'setLanguages', languages: ['en', 'de'] });
  expect(back.headers.h!.pieces.button!.values.label).toEqual({ all: 'Go', de: 'Los' });
  const alone = after(site, { edit: 'setLanguages', languages: ['en'] });
  expect(alone.headers.h!.pieces.button!.values.label).toEqual({ all: 'Go' });
});

test('with another first language it says what comes for it, not what was said in the one before', () => {
  const site = said(inTwo(), 'words.skip', 'en', 'To the text');
  const swapped = after(site, { edit: 'setLanguages', languages: ['de', 'en'] });
  const html = (language: string) => renderPage(swapped, swapped.pages.home!, undefined, language);
  expect(html('de')).toContain('>Zum Inhalt</a>');
  expect(html('en')).toContain('>To the text</a>');
  expect(after(swapped, { edit: 'setLanguages', languages: ['en', 'de'] }).words).toEqual(site.words);
});

test('what only one language says brings the fonts that it needs', () => {
  const faces = (site: Site) =>
    siteFonts(site, unmeasured).shipped.map(({ family, weight }) => `${family} ${weight}`);
  const tagline: Edit = {
    edit: 'setValue',
    place: { ...button, piece: 'logo' },
    property: 'tagline',
    cell: 'de',
    value: 'Boote und mehr',
  };
  const ofItsOwn: Edit = {
    edit: 'setValue',
    place: { on: 'typeStyle', style: 'type-sign' },
    property: 'family',
    cell: 'all',
    value: 'archivo',
  };
  const before = faces(inTwo(ofItsOwn));
  const added = faces(inTwo(ofItsOwn, tagline)).filter((face) => !before.includes(face));
  expect(added).toEqual(['archivo 400']);
});

test('what a language lacks is known; what comes for it by itself is not lacking', () => {
  const site = said(inTwo(), 'pages.boats.title', 'de', 'Boote');
  const lacking = (key: string) => isMissing(site, rowAt(site, key), 'de');
  expect(['pages.boats.title', 'pages.small.title', LABEL, 'words.menu'].map(lacking)).toEqual([
    false,
    true,
    true,
    false,
  ]);
});

test('texts written out as CSV are what the site has: read again they change nothing', () => {
  const site = said(inTwo(), LABEL, 'de', '=Los, "jetzt"');
  expect(readWordingCsv(writeWordingCsv(site), site)).toEqual({ found: [], problems: [] });
  expect(writeWordingCsv(site).split('\n')[0]).toBe('key,of,text,en,de');
});

test('a translated file changes what it says otherwise, line by line', () => {
  const site = inTwo();
  const csv = `key,de\n${LABEL},Los\npages.boats.title,Boote\nwords.skip,Zum Inhalt\nmenus.m.items.i3.label,`;
  const { found, problems } = readWordingCsv(csv, site);
  expect(problems).toEqual([]);
  expect(found.map(({ line, language, text }) => [line, language, text])).toEqual([
    [2, 'de', 'Los'],
    [3, 'de', 'Boote'],
    [4, 'de', 'Zum Inhalt'],
  ]);
  const next = after(site, ...found.map(({ edit }) => edit));
  expect(saidIn(next, rowAt(next, LABEL), 'de')).toBe('Los');
  expect(next.pages.boats!.titles).toEqual({ de: 'Boote' });
});

test.each([
  ['', 'There is nothing in it'],
  ['text,fr\nx,y', 'At least “key” and one language'],
  ['key,de\nheaders.h.pieces.gone.label,Los', 'The site has no text “headers.h.pieces.gone.label”'],
  [`key,de\n${LABEL},${'x'.repeat(81)}`, 'At most 80 characters'],
  ['key,en\npages.boats.title,', 'A page needs a title'],
  ['key,de\nwords.found,gefunden', 'It has to hold {}'],
])('%j is refused with the reason', (csv, reason) => {
  const { found, problems } = readWordingCsv(csv, inTwo());
  expect(found).toEqual([]);
  expect(problems.map((problem) => problem.reason).join()).toContain(reason);
});

test('words that are links are written with where they lead, and led there again', () => {
  const legal: Edit = {
    edit: 'addPiece',
    at: { in: 'headers', assembly: 'h' },
    spot: { bar: 'b', bay: 'end', index: 0 },
    piece: {
      id: 'legal',
      kind: 'text',
      values: { text: { all: ['See ', { words: 'boats', link: { to: 'page', page: 'boats' } }] } },
    },
  };
  const site = inTwo(legal);
  const key = 'headers.h.pieces.legal.text';
  expect(rowAt(site, key).first).toBe('See [boats](/boats)');
  const next = said(site, key, 'de', 'Siehe [Boote](/boats)');
  expect(renderPage(next, next.pages.home!, undefined, 'de')).toMatch(/Siehe <a [^>]*>Boote<\/a>/);
  expect(rowAt(site, key).say('de', 'Siehe [Boote](/gone)')).toBe('No page has the path /gone.');
});
