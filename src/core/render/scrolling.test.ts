import { expect, test } from '@jest/globals';
import type { Values } from '../properties/property';
import { sampleSite } from '../site/sample.test-data';
import type { Site } from '../site/site';
import { renderPage } from './page/page';
import { renderStylesheet } from './stylesheet/stylesheet';

/** The sample with a header and a bar that say something of scrolling. */
function withScrolling(header: Values, bar: Values = {}, logo: Values = {}): Site {
  const site = sampleSite();
  const h = site.headers.h!;
  h.values = header;
  h.bars.b!.values = bar;
  h.pieces.logo!.values = logo;
  return site;
}

const stays: Values = { scrolling: { desktop: 'stays' } };
const rulesOf = (css: string, selector: string) =>
  css
    .split(`${selector} {`)
    .slice(1)
    .map((rest) => rest.split('}')[0]!);

test('a header that scrolls away bears no phases, whatever its bars say of them', () => {
  const site = withScrolling({}, { leastHeight: { 'desktop:scrolled': 40 } });
  expect(renderPage(site, site.pages.boats!)).not.toMatch(/data-phase|class="held"/);
  expect(renderStylesheet(site)).not.toMatch(/data-phase|\.held/);
});

test('of a phase only what it changes is written', () => {
  const css = renderStylesheet(
    withScrolling(stays, { leastHeight: { desktop: 80, 'desktop:scrolled': 48 } }),
  );
  const scrolled = rulesOf(css, `.main-header:not([data-phase='top']) .main-header-main-bar`);
  expect(scrolled.map((rule) => rule.trim())).toEqual(['min-block-size: 48px;']);
  expect(css).not.toContain(`[data-phase='returning'][data-phase] .`);
});

test('a narrower band says again what it has where a wider one said something else of the phase', () => {
  const css = renderStylesheet(
    withScrolling(stays, {
      leastHeight: { desktop: 80, 'desktop:scrolled': 48, phone: 56, 'phone:scrolled': 56 },
    }),
  );
  const scrolled = rulesOf(css, `.main-header:not([data-phase='top']) .main-header-main-bar`);
  expect(scrolled.map((rule) => rule.trim())).toEqual(['min-block-size: 48px;', 'min-block-size: 56px;']);
});

test('returning is written apart from scrolled, and wins over it', () => {
  const css = renderStylesheet(
    withScrolling(
      { scrolling: { desktop: 'returns' } },
      { ground: { desktop: 'none', 'desktop:scrolled': 'ground', 'desktop:returning': 'soft' } },
    ),
  );
  const [scrolled, returning] = [`:not([data-phase='top'])`, `[data-phase='returning'][data-phase]`].map(
    (phase) => css.indexOf(`.main-header${phase} .main-header-main-bar {`),
  );
  expect(scrolled).toBeGreaterThan(0);
  expect(returning).toBeGreaterThan(scrolled!);
});

test('bars that stay stand in a part of their own, from the first of them to the last', () => {
  const site = withScrolling(stays);
  const h = site.headers.h!;
  const bar = (id: string, leaves: boolean) => ({
    id,
    name: id,
    bays: [{ id: 'start', pieces: [], values: {} }],
    values: { stays: { all: leaves ? 'leaves' : 'stays' } },
  });
  for (const [id, leaves] of [
    ['notice', true],
    ['second', true],
    ['last', false],
    ['under', true],
  ] as const)
    h.bars[id] = bar(id, leaves);
  h.order = ['notice', 'b', 'second', 'last', 'under'];
  const html = renderPage(site, site.pages.boats!);
  const [before, inside] = html.split('<div class="held-bars">') as [string, string];
  expect(before).toContain('main-header-notice');
  expect(before).not.toContain('main-header-main-bar');
  // What the part ends with, indented less than anything in it.
  const [held, after] = inside.split('\n\t\t\t</div>\n') as [string, string];
  for (const name of ['main-bar', 'second', 'last']) expect(held).toContain(`main-header-${name}`);
  expect(after).toContain('main-header-under');
});

test('over the first section, a page that begins without a picture has the header as when scrolled from the start', () => {
  const site = withScrolling({ ...stays, lies: { desktop: 'over' } });
  expect(renderPage(site, site.pages.home!)).toContain('data-phase="top"');
  expect(renderPage(site, site.pages.boats!)).toContain('data-phase="scrolled"');
  const returns = withScrolling({ scrolling: { desktop: 'returns' }, lies: { desktop: 'over' } });
  // Where it leaves on scrolling, scrolled would be out of sight.
  expect(renderPage(returns, returns.pages.boats!)).toMatch(/data-phase="returning" data-returns/);
});

test('the mark is as long as the page may be scrolled; where the first section tells, there is none', () => {
  const at = (phaseAt: number | null) => withScrolling({ ...stays, phaseAt: { all: phaseAt } });
  expect(renderStylesheet(at(200))).toMatch(/\.phase-mark:has\(\+ \.main-header\) \{\s*block-size: 200px/);
  expect(renderPage(at(200), at(200).pages.home!)).toContain('class="phase-mark"');
  expect(renderPage(at(null), at(null).pages.home!)).not.toContain('phase-mark');
});

test('jumps within the page leave room for what stays, by width, and none where nothing does', () => {
  const css = renderStylesheet(
    withScrolling(
      { scrolling: { desktop: 'stays', phone: 'leaves' } },
      { leastHeight: { desktop: 100, 'desktop:scrolled': 50 }, padding: { desktop: 10 } },
    ),
  );
  expect(rulesOf(css, ':root:has(> body > .main-header)').map((rule) => rule.trim())).toEqual([
    // What stands in the bar is higher than it has to be.
    'scroll-padding-block-start: var(--covered, 4rem);',
    'scroll-padding-block-start: 0;',
  ]);
});

const artwork = {
  type: 'image/svg+xml' as const,
  width: 90,
  height: 30,
  bytes: 9,
  alt: '',
  hash: 'a'.repeat(64),
};
const twoArtworks = {
  dark: { ...artwork, id: 'dark', name: 'Dark' },
  light: { ...artwork, id: 'light', name: 'Light' },
};
const images = (html: string) =>
  [...html.matchAll(/<img class="([a-z -]+)" src="([^"]+)"/g)].map(([, ...found]) => found);

test('a logo of another artwork when scrolled stands there twice, one for each', () => {
  const site = withScrolling(stays, {}, { artwork: { desktop: 'dark', 'desktop:scrolled': 'light' } });
  site.artwork = twoArtworks;
  expect(images(renderPage(site, site.pages.home!))).toEqual([
    ['at-top', 'artwork/dark-dark.svg'],
    ['when-scrolled', 'artwork/light-light.svg'],
  ]);
  const away = { ...site, headers: { h: { ...site.headers.h!, values: {} } } };
  expect(renderPage(away, away.pages.home!)).not.toContain('when-scrolled');
});

test('a logo of another artwork when returning alone stands there once more, for that', () => {
  const returns = withScrolling(
    { ...stays, scrolling: { desktop: 'returns' } },
    {},
    { artwork: { desktop: 'dark', 'desktop:returning': 'light' } },
  );
  const site = { ...returns, artwork: twoArtworks };
  expect(images(renderPage(site, site.pages.home!))).toEqual([
    ['at-top', 'artwork/dark-dark.svg'],
    ['when-scrolled not-returning', 'artwork/dark-dark.svg'],
    ['when-returning', 'artwork/light-light.svg'],
  ]);
  expect(renderStylesheet(site)).toContain('.when-returning');
  const scrolledAlone = withScrolling(
    stays,
    {},
    { artwork: { desktop: 'dark', 'desktop:scrolled': 'light' } },
  );
  expect(renderStylesheet({ ...scrolledAlone, artwork: twoArtworks })).not.toContain('.when-returning');
});
