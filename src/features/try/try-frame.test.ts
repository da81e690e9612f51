import { expect, test } from '@jest/globals';
import { sampleSite } from '@/core/site/sample.test-data';
import { drawnIn, toldBy } from './try-frame';

const message = { tells: 'tried', path: '/tried/a/b/index.html', phase: null, scrolled: 0, met: null };
const told = (path: string, more: object = {}) =>
  toldBy({ ...sampleSite(), languages: ['en', 'de'] }, { ...message, path, ...more });

test('a tried page tells which page it is, in which language and phase, and what is met there', () => {
  const met = [{ role: 'link', name: 'Boats' }];
  expect(
    told('/tried/site.key/as-it-is/index.html', { phase: 'scrolled', scrolled: 0.5, met }),
  ).toMatchObject({
    where: { page: { id: 'home' }, language: 'en', phase: 'scrolled' },
    file: 'index.html',
    scrolled: 0.5,
    met,
  });
  expect(told('/tried/site.key/dark/de/boats/small.html')).toMatchObject({
    where: { page: { id: 'small' }, language: 'de', phase: null },
    file: 'de/boats/small.html',
  });
});

test.each([
  ['another message', { says: 'painted' }],
  ['no object', 'tried'],
  ['a phase that is none', { ...message, phase: 'upside down' }],
  ['a path that is endless', { ...message, path: '/'.repeat(3000) }],
  ['a page that is not there', { ...message, path: '/tried/a/b/gone.html' }],
  ['a list of something else', { ...message, met: ['link'] }],
])('%s tells nothing', (_, sent) => {
  expect(toldBy(sampleSite(), sent)).toBeNull();
});

test('a zoomed page has a smaller window, and all is made smaller where there is no room', () => {
  const room = { width: 800, height: 600 };
  expect(drawnIn([{ width: 400, height: 300 }], 1, room, 20)).toEqual([
    { width: 400, height: 300, scale: 1 },
  ]);
  expect(drawnIn([{ width: 1280, height: 720 }], 4, { width: 1280, height: 720 }, 20)).toEqual([
    { width: 320, height: 180, scale: 4 },
  ]);
  const tight = drawnIn([{ width: 1600, height: 600 }], 2, room, 20);
  expect(tight).toEqual([{ width: 800, height: 300, scale: 1 }]);
});

test('two windows are drawn to one scale, with the gap between them', () => {
  const [one, other] = drawnIn(
    [
      { width: 1280, height: 720 },
      { width: 320, height: 720 },
    ],
    1,
    { width: 820, height: 720 },
    20,
  );
  expect(one!.scale).toBe(0.5);
  expect(other!.scale).toBe(0.5);
});
