import { expect, test } from '@jest/globals';
import { applyEdits } from '../edit/apply';
import { newPiece } from '../site/defaults';
import { sampleSite } from '../site/sample.test-data';
import { unmeasured } from '../text/advances';
import { homePage } from './files';
import { outsideOf } from './outside';
import { renderPage } from './page/page';
import { partsOfPage } from './parts';

const site = sampleSite();
const parts = (page = homePage(site)) =>
  partsOfPage(site, page, { language: 'en', advances: unmeasured, script: 'go()' });
const part = (id: string, page = homePage(site)) => parts(page).find((each) => each.id === id)!.text;
const lines = (text: string) =>
  text
    .split('\n')
    .map((line) => line.trim())
    .filter(Boolean);

test('parts are the lines of the page, without what stands in for its content', () => {
  const page = lines(renderPage(site, homePage(site)));
  const designed = ['head', 'header', 'footer', 'opened'].flatMap((id) => lines(part(id)));
  for (const line of designed) expect(page).toContain(line);
  expect(designed.join('')).not.toContain('stand-in');
  expect(part('script')).toBe('go()');
  expect(parts().map(({ id }) => id)).toEqual(['head', 'header', 'footer', 'opened', 'stylesheet', 'script']);
});

test('a page marks itself in its own parts', () => {
  const marked = /<a[^>]*aria-current="page"[^>]*>([^<]*)/g;
  const current = (page: string) =>
    [...part('header', site.pages[page]!).matchAll(marked)].map(([, label]) => label);
  expect(current('home')).toEqual(['Home']);
  expect(current('boats')).toEqual(['Boats']);
});

test('what pages need of other hosts is told: services of newsletters and hosts of embedded pages', () => {
  const service = { service: { all: 'https://letters.example/sign-up' } };
  const outcome = applyEdits(site, [
    { edit: 'setEmbeds', hosts: ['maps.example'] },
    {
      edit: 'addPiece',
      at: { in: 'headers', assembly: 'h' },
      spot: { bar: 'b', bay: 'start', index: 0 },
      piece: newPiece('letter', 'newsletter', service),
    },
  ]);
  if (!outcome.ok) throw new Error(outcome.reason);
  expect(outsideOf(outcome.site)).toEqual({
    sentTo: ['https://letters.example'],
    framed: ['https://maps.example'],
  });
  expect(outsideOf(site)).toEqual({ sentTo: [], framed: [] });
});
