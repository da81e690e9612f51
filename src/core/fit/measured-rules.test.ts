import { expect, test } from '@jest/globals';
import { applyEdits } from '../edit/apply';
import type { Edit } from '../edit';
import { renderPage } from '../render/page/page';
import { renderStylesheet } from '../render/stylesheet/stylesheet';
import type { Turn } from '../site/collapse-rule';
import { sampleSite } from '../site/sample.test-data';
import type { Site } from '../site/site';
import { evenLetters } from './even-letters.test-data';
import { measuredLevels, measuresInBrowser } from './measured-rules';
import { wayDown } from './way-down';

const at = { in: 'headers', assembly: 'h' } as const;
const rule = (id: string, ...turns: Turn[]): Edit => ({
  edit: 'setRule',
  at,
  bar: 'b',
  rule: { id, when: { by: 'browser' }, turns },
});
const button: Turn = { piece: 'menu', property: 'shownAs', value: 'button' };
const behind: Turn = { piece: 'menu', property: 'behind', value: 2, step: 1 };

function applied(...edits: Edit[]): Site | string {
  const outcome = applyEdits(sampleSite(), edits);
  return outcome.ok ? outcome.site : outcome.reason;
}
function edited(...edits: Edit[]): Site {
  const site = applied(...edits);
  if (typeof site === 'string') throw new Error(site);
  return site;
}
const way = (site: Site) => wayDown(site, evenLetters, 'headers', site.headers.h!);

test('a rule that is measured in the browser begins at no width of the stylesheet; each of its stages has a name there', () => {
  const site = edited(rule('r1', behind), rule('r2', button));
  const { stages } = way(site);
  expect(stages.map(({ below }) => below)).toEqual([null, 1024, 640]);
  const header = site.headers.h!;
  expect(measuredLevels(site, header, header.bars.b!, stages).map(({ token }) => token)).toEqual([
    '1',
    '1.2',
    '2',
  ]);
  const html = renderPage(site, site.pages[site.pageOrder[0]!]!, undefined, 'en', evenLetters);
  expect(html).toContain('data-measures="1 1.2 2"');
  expect(html).toContain('menu-more');
  const css = renderStylesheet(site, evenLetters);
  expect(css).toMatch(
    /\.main-header-main-bar\[data-short~='2'\] \.main-header-menu \.menu-list \{\s*display: none/,
  );
  const short = css.slice(css.indexOf('@layer short'), css.indexOf('@layer open'));
  expect(short).toMatch(/\[data-short~='1\.2'\] [^{]*\[data-leaves="2"\][^{]*\{\s*display: none/);
  // Before any of them begins, nothing stands behind the button.
  expect(short.slice(0, short.indexOf('[data-short'))).toContain('.menu-list > .menu-more');
});

test('a site tells whether it has one', () => {
  expect(measuresInBrowser(sampleSite())).toBe(false);
  expect(measuresInBrowser(edited(rule('r1', button)))).toBe(true);
});

test('nothing leaves for the drawer by such a rule', () => {
  expect(applied(rule('r1', { piece: 'logo', property: 'shown', value: 'drawer' }))).toMatch(
    /measured in the browser/,
  );
});
