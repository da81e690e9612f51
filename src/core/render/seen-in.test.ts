import { expect, test } from '@jest/globals';
import type { State } from '../properties/states';
import { evenLetters } from '../fit/even-letters.test-data';
import { sampleSite } from '../site/sample.test-data';
import { settleNames } from './names';
import { homePage } from './files';
import { pageElement } from './page/page';
import { writeHtml } from '../markup/html';
import { stylesheetText } from '../markup/stylesheet';
import { pageInPhase, stylesheetInState } from './seen-in';
import { viewStylesheet } from './stylesheet/stylesheet';

const site = sampleSite();
const name = settleNames(site).get('menu')!;
const stylesheet = viewStylesheet(site, evenLetters);
const css = stylesheetText(stylesheet);
const cssInState = (of: typeof stylesheet, piece: string, state: State) =>
  stylesheetText(stylesheetInState(of, piece, state));

test('a state holds of all in one piece, and of nothing in others', () => {
  expect(css).toContain(`.${name} .menu-link:hover`);
  const hovered = cssInState(stylesheet, name, 'hover');
  expect(hovered).not.toContain(`.${name} .menu-link:hover`);
  expect(hovered).toContain(`.${name} .menu-link:not(.nothing-is-called-so) {`);
  expect(hovered).toContain('.button:hover');
  // What is hovered is told where no pointer is, too.
  expect(hovered).not.toContain('(hover: hover)');
  expect(cssInState(stylesheet, name, 'current')).not.toContain(`.${name} .menu-link[aria-current="page"]`);
});

test('at rest nothing is otherwise, and a name that begins like another is not taken for it', () => {
  expect(cssInState(stylesheet, name, 'rest')).toBe(css);
  const rules = [{ selectors: [`.${name}-2 .menu-link:hover`], declarations: { color: 'red' } }];
  expect(stylesheetInState(rules, name, 'hover')).toEqual(rules);
});

test('a header is in a phase from the start', () => {
  const header = { ...site.headers.h!, values: { scrolling: { desktop: 'stays' } } };
  const phased = { ...site, headers: { h: header } };
  const page = pageElement(phased, homePage(phased), { header, footer: null });
  if (!writeHtml(page).includes('data-phase="top"')) throw new Error('The header has no phases.');
  expect(writeHtml(pageInPhase(page, 'scrolled'))).toContain('data-phase="scrolled"');
  expect(pageInPhase(page, 'top')).toBe(page);
});
