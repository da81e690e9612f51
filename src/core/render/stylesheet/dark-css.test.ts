import { expect, test } from '@jest/globals';
import { applyEdits } from '../../edit/apply';
import type { Edit } from '../../edit';
import { sampleSite } from '../../site/sample.test-data';
import { inScheme } from '../../site/scheme';
import type { Site } from '../../site/site';
import { homePage } from '../files';
import { renderPage } from '../page/page';
import { renderStylesheet } from './stylesheet';

function edited(...edits: Edit[]): Site {
  const outcome = applyEdits(sampleSite(), edits);
  if (!outcome.ok) throw new Error(outcome.reason);
  return outcome.site;
}
const bar = { on: 'bar', in: 'headers', assembly: 'h', bar: 'b' } as const;
const inDark = (token: string, css: string | null): Edit => ({
  edit: 'changeToken',
  family: 'colours',
  token,
  dark: css === null ? null : { css },
});

/** What is said for visitors who prefer dark, without blanks. */
const dark = (site: Site) =>
  [...renderStylesheet(site).matchAll(/@media \(prefers-color-scheme: dark\) \{([\s\S]*?)\n {2}\}\n/g)]
    .map(([, inside]) => inside!.replace(/\s+/g, ' '))
    .join('\n');

test('a brand that says nothing of dark is handed over for one scheme', () => {
  expect(renderStylesheet(sampleSite())).not.toContain('prefers-color-scheme');
  const back = applyEdits(edited(inDark('ground', '#101418')), [inDark('ground', null)]);
  expect(back.ok && renderStylesheet(back.site)).toBe(renderStylesheet(sampleSite()));
});

test('colours have their other values where dark is preferred, and fields and bars of scrolling are dark too', () => {
  const said = dark(edited(inDark('ground', '#101418'), inDark('ink', '#eeeeee')));
  expect(said).toContain('color-scheme: dark; --ground: #101418; --ink: #eeeeee;');
  expect(said).not.toContain('--muted');
});

test('what follows the ground of a bar is worked out for either scheme, and phases say again what they have', () => {
  const set = { edit: 'setValue', place: bar, property: 'set', cell: 'all', value: true } as const;
  const ground = (cell: string, value: string): Edit => ({
    edit: 'setValue',
    place: bar,
    property: 'ground',
    cell,
    value,
  });
  const site = edited(
    set,
    ground('desktop', 'soft'),
    inDark('ground', '#101418'),
    inDark('soft', '#182028'),
    inDark('ink', '#eeeeee'),
  );
  const said = dark(site);
  expect(said).toMatch(/main-bar \{[^}]*background-color: #182028;/);
  expect(said).toMatch(/main-bar \{[^}]*--ground: #182028;/);
  // As it is drawn in views of that scheme.
  expect(renderStylesheet(inScheme(site, 'dark'))).toMatch(/main-bar \{[^}]*background-color: #182028;/);
  expect(renderStylesheet(inScheme(site, 'dark'))).not.toContain('prefers-color-scheme');
});

test('colours that are the same as each other in the dark scheme only are refused, and so is dark for what is no colour', () => {
  const same = applyEdits(sampleSite(), [
    { edit: 'changeToken', family: 'colours', token: 'ink', dark: { as: 'muted' } },
    { edit: 'changeToken', family: 'colours', token: 'muted', dark: { as: 'ink' } },
  ]);
  expect(same).toMatchObject({ ok: false, reason: expect.stringContaining('same as itself') });
  const [radius] = Object.keys(sampleSite().brand.radii);
  expect(
    applyEdits(sampleSite(), [{ edit: 'changeToken', family: 'radii', token: radius!, dark: 4 }]).ok,
  ).toBe(false);
});

test('a logo has its artwork for dark grounds where dark is preferred, width by width', () => {
  const picture = (id: string) => ({
    edit: 'addArtwork' as const,
    artwork: {
      id,
      name: id,
      type: 'image/png' as const,
      width: 120,
      height: 40,
      alt: '',
      bytes: 9,
      hash: id.repeat(64).slice(0, 64),
    },
  });
  const site = edited(
    picture('a'),
    picture('b'),
    { edit: 'setLogo', version: 'full', artwork: 'a' },
    { edit: 'setLogo', version: 'fullOnDark', artwork: 'b' },
    inDark('ground', '#101418'),
  );
  const html = renderPage(site, homePage(site));
  expect(html).toMatch(
    /<picture><source media="\(prefers-color-scheme: dark\)" srcset="[^"]*b\.png"[^>]*><img src="[^"]*a\.png"/,
  );
  expect(renderPage(inScheme(site, 'dark'), homePage(site))).toMatch(/<img [^>]*src="[^"]*b\.png"/);
});
