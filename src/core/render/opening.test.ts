import { expect, test } from '@jest/globals';
import { surveyOpened } from '../fit/opened-survey';
import { surveyFit } from '../fit/survey';
import { evenLetters } from '../fit/even-letters.test-data';
import { ROOT_TEXT_PX } from '../lengths/length';
import { sampleSite } from '../site/sample.test-data';
import { firstPageOf } from '../site/placing';
import { textKey, type Advances } from '../text/advances';
import { fromLists } from '../text/measuring';
import { openingOf } from './opening';
import { viewStylesheet } from './stylesheet/stylesheet';

const site = sampleSite();
const opening = openingOf(site, evenLetters, { kind: 'headers', assembly: 'h' });

test('what is told of texts is enough for the views and the ruler, and comes as JSON', () => {
  const told = JSON.parse(JSON.stringify(opening)) as typeof opening;
  expect(told).toEqual(opening);
  const { widths } = fromLists(told.texts);
  const lacking: string[] = [];
  const known: Advances = {
    of(source, text) {
      const key = textKey(source, text);
      if (!widths.has(key)) lacking.push(key);
      return widths.get(key) ?? null;
    },
  };
  expect(viewStylesheet(site, known, new Set(told.shown))).toEqual(told.stylesheet);
  const page = firstPageOf(site, 'h')!.id;
  const today = { site, advances: known, page, language: site.languages[0]!, root: ROOT_TEXT_PX };
  const survey = surveyFit(today, 'headers', site.headers.h!);
  expect(survey.complete).toBe(true);
  expect(told.surveys).toEqual({ survey, opened: surveyOpened(today, 'headers', site.headers.h!) });
  expect(lacking).toEqual([]);
});

test('where a text cannot be measured, it is not said where rules begin', () => {
  const header = site.headers.h!;
  const bar = header.bars[header.order[0]!]!;
  const turns = [{ piece: 'menu', property: 'shownAs', value: 'button' }];
  const rules = [{ id: 'r', when: { by: 'fit' as const, margin: 0 }, turns }];
  const ruled = {
    ...site,
    headers: { h: { ...header, bars: { ...header.bars, [bar.id]: { ...bar, rules } } } },
  };
  const at = { kind: 'headers', assembly: 'h' } as const;
  expect(openingOf(ruled, { of: () => null }, at).way).toBeNull();
  expect(openingOf(ruled, evenLetters, at).way).not.toBeNull();
});
