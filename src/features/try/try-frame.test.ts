import { expect, test } from '@jest/globals';
import { readTried, triedPart } from '@/core/render/tried';
import { sampleSite } from '@/core/site/sample.test-data';
import { drawnIn, whereTold } from './try-frame';

const told = (path: string, phase: unknown = null) =>
  whereTold({ ...sampleSite(), languages: ['en', 'de'] }, { tells: 'tried', path, phase });

test('a tried page tells which page it is, in which language and phase', () => {
  expect(told('/tried/site.key/as-it-is/index.html', 'scrolled')).toMatchObject({
    page: { id: 'home' },
    language: 'en',
    phase: 'scrolled',
  });
  expect(told('/tried/site.key/dark/de/boats/small.html')).toMatchObject({
    page: { id: 'small' },
    language: 'de',
    phase: null,
  });
});

test.each([
  ['another message', { says: 'painted' }],
  ['no object', 'tried'],
  ['a phase that is none', { tells: 'tried', path: '/tried/a/b/index.html', phase: 'upside down' }],
  ['a path that is endless', { tells: 'tried', path: '/'.repeat(3000), phase: null }],
  ['a page that is not there', { tells: 'tried', path: '/tried/a/b/gone.html', phase: null }],
])('%s tells nothing', (_, message) => {
  expect(whereTold(sampleSite(), message)).toBeNull();
});

test('a zoomed page has a smaller window, and all is made smaller where there is no room', () => {
  const room = { width: 800, height: 600 };
  expect(drawnIn({ width: 400, height: 300 }, 1, room)).toEqual({ width: 400, height: 300, scale: 1 });
  expect(drawnIn({ width: 1280, height: 720 }, 4, { width: 1280, height: 720 })).toEqual({
    width: 320,
    height: 180,
    scale: 4,
  });
  const tight = drawnIn({ width: 1600, height: 600 }, 2, room);
  expect(tight).toEqual({ width: 800, height: 300, scale: 1 });
});

test('circumstances are told in an address and read from it; what is none is left out', () => {
  expect(triedPart([])).toBe('as-it-is');
  expect(readTried(triedPart(['dark', 'fontless']))).toEqual(['dark', 'fontless']);
  expect(readTried('as-it-is')).toEqual([]);
  expect(readTried('dark+constructor+dark2')).toEqual(['dark']);
});
