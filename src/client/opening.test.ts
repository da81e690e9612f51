import { expect, test } from '@jest/globals';
import { wayDown } from '@/core/fit/way-down';
import type { OpeningAt } from '@/core/render/opening';
import { viewStylesheet } from '@/core/render/stylesheet/stylesheet';
import { sampleSite } from '@/core/site/sample.test-data';
import { textKey, unmeasured } from '@/core/text/advances';
import type { FontSource } from '@/core/text/font-source';
import { takeOpening } from './opening';
import type { OpenSite } from './open-site';
import { advancesStore } from './text-advances';

const source: FontSource = {
  from: 'shipped',
  name: 'a-latin-400-normal.woff2',
  weight: null,
  language: 'en',
};
const stylesheet = [{ at: '@layer values', inside: [] }];
const way = { stages: [{ below: null, band: 'desktop', begun: ['desktop'] }], rules: [] };
const opening: OpeningAt = {
  kind: 'headers',
  assembly: 'h',
  revision: 7,
  texts: { widths: [[textKey(source, 'One'), 1.5]], metrics: [] },
  way,
  shown: ['h', null],
  stylesheet,
  surveys: {
    survey: { bars: [], rules: [], complete: true, lacking: [] },
    opened: { dropDowns: [], drawer: [] },
  },
};

/** A site that was opened just now, and what was told of it. */
function opened(told: Partial<OpeningAt> = {}, state: Partial<OpenSite> = {}) {
  const site = sampleSite();
  const texts = advancesStore('s', () => {}, { recall: () => null, keep: () => {} });
  texts.waitFor();
  texts.begin();
  expect(texts.getState().advances).toBe(unmeasured);
  takeOpening(
    JSON.stringify({ ...opening, ...told }),
    () => ({ site, revision: 7, saveState: 'saved', ...state }),
    texts,
  );
  return { site: state.site ?? site, advances: texts.getState().advances };
}

test('what the views are styled with, where rules begin, and how wide texts are is taken over', () => {
  const { site, advances } = opened();
  expect(advances.of(source, 'One')).toBe(1.5);
  expect(viewStylesheet(site, advances, new Set([null, 'h']))).toEqual(stylesheet);
  expect(wayDown(site, advances, 'headers', site.headers.h!)).toEqual(way);
});

test('of another state, what else is shown, or what is known later the stylesheet is another one', () => {
  const { site, advances } = opened();
  const shown = new Set(['h', null]);
  expect(viewStylesheet({ ...site }, advances, shown)).not.toEqual(stylesheet);
  expect(viewStylesheet(site, advances, new Set(['h']))).not.toEqual(stylesheet);
  expect(viewStylesheet(site, { ...advances }, shown)).not.toEqual(stylesheet);
});

test('what a page without a header and footer is styled with is not what all of the site is', () => {
  const { site, advances } = opened({ shown: [null], stylesheet: [] });
  expect(viewStylesheet(site, advances, new Set([null]))).toEqual([]);
  expect(viewStylesheet(site, advances)).not.toEqual([]);
});

test.each<[string, Partial<OpeningAt>, Partial<OpenSite>]>([
  ['of an earlier revision', { revision: 6 }, {}],
  ['while an edit waits', {}, { saveState: 'saving', site: { ...sampleSite(), name: 'Other' } }],
  ['of an assembly that is gone', { assembly: 'gone' }, {}],
])('%s only the widths of texts are taken over', (_, told, state) => {
  const { site, advances } = opened(told, state);
  expect(advances.of(source, 'One')).toBe(1.5);
  expect(viewStylesheet(site, advances, new Set(['h', null]))).not.toEqual(stylesheet);
});
