import { expect, test } from '@jest/globals';
import { renderPage } from '../render/page/page';
import { homePage } from '../render/files';
import { sampleSite } from '../site/sample.test-data';
import { unmeasured } from '../text/advances';
import { siteFonts } from '../render/stylesheet/stylesheet';
import { saidOf, wordsIn } from './words';

const tags = ['en', 'de', 'fr', 'es', 'it', 'nl', 'pl', 'pt', 'sv', 'ar'];

test('every language that comes with the product has all the words, its own where it has one', () => {
  const english = Object.keys(wordsIn('en'));
  for (const tag of tags) {
    const words = wordsIn(tag);
    expect(Object.keys(words)).toEqual(english);
    expect(Object.values(words).every((word) => word.trim() !== '')).toBe(true);
    for (const word of ['moreOf', 'go', 'found'] as const) expect(words[word]).toContain('{}');
    if (tag !== 'en') expect(words.skip).not.toBe(wordsIn('en').skip);
  }
});

test('a language is told by its primary tag; one without words says them in English', () => {
  expect(wordsIn('de-AT')).toEqual(wordsIn('de'));
  expect(wordsIn('cy')).toEqual(wordsIn('en'));
  expect(saidOf('{}: more', 'Fares $1')).toBe('Fares $1: more');
});

test('a page says what nobody sees in its own language, and no name that is the designer’s alone', () => {
  const site = { ...sampleSite(), languages: ['en', 'fr'] };
  const html = renderPage(site, homePage(site), undefined, 'fr');
  for (const word of ['Aller au contenu', 'Fermer']) expect(html).toContain(word);
  expect(html).not.toMatch(/Skip to content|>Close<|Side drawer/);
});

test('the letters of its own words are shipped with a page', () => {
  const subsets = (language: string) =>
    new Set(
      siteFonts({ ...sampleSite(), languages: ['en', language] }, unmeasured).shipped.map(
        ({ subset }) => subset,
      ),
    );
  expect(subsets('de')).not.toContain('latin-ext');
  expect(subsets('pl')).toContain('latin-ext');
});
