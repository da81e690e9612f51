import { expect, test } from '@jest/globals';
import * as csstree from 'css-tree';
import fc from 'fast-check';
import { HtmlValidate } from 'html-validate/node';
import { applyEdits } from '../edit/apply';
import type { Edit } from '../edit';
import { sampleSite } from '../site/sample.test-data';
import type { Site } from '../site/site';
import { renderFiles, renderedPages } from './files';
import { settleNames, slug } from './names';
import { renderPage } from './page';
import { pageFile, relativeHref } from './paths';
import { renderStylesheet } from './stylesheet';

const at = { in: 'headers', assembly: 'h' } as const;

function edited(...edits: Edit[]): Site {
  const outcome = applyEdits(sampleSite(), edits);
  if (!outcome.ok) throw new Error(outcome.reason);
  return outcome.site;
}

const setOn = (piece: string, property: string, cell: string, value: unknown): Edit => ({
  edit: 'setValue',
  place: { on: 'piece', ...at, piece },
  property,
  cell,
  value,
});

/** The text of the block that begins with these words. */
function block(css: string, start: string): string {
  const from = css.indexOf(start);
  if (from < 0) return '';
  const indent = /[ ]*$/.exec(css.slice(0, from))![0];
  return css.slice(from, css.indexOf(`\n${indent}}`, from));
}

test('every page is valid HTML', async () => {
  const validator = new HtmlValidate({
    extends: ['html-validate:recommended'],
    rules: {
      'no-unknown-attributes': 'off',
      'attribute-allowed-values': 'off',
      'doctype-style': ['error', { style: 'lowercase' }],
    },
  });
  for (const page of renderedPages(sampleSite())) {
    const report = await validator.validateString(renderPage(sampleSite(), page));
    expect(
      report.results.flatMap((result) =>
        result.messages.map((message) => `${message.line}: ${message.message}`),
      ),
    ).toEqual([]);
  }
});

test('the stylesheet parses without an error', () => {
  const errors: string[] = [];
  csstree.parse(renderStylesheet(sampleSite()), { onParseError: (error) => errors.push(error.message) });
  expect(errors).toEqual([]);
});

test('there is no inline style or script', () => {
  const html = renderPage(sampleSite(), sampleSite().pages.small!);
  expect(html).not.toMatch(/ style=| on\w+=|<style/);
  expect(html.match(/<script[^>]*>/g)).toEqual(['<script src="../site.js" defer>']);
});

test('links are relative to the page that they stand on, and the current item is marked', () => {
  const html = renderPage(sampleSite(), sampleSite().pages.small!);
  expect(html).toContain('<a class="menu-link" href="../boats.html" aria-current="true">Boats</a>');
  expect(html).toContain('<a class="menu-link" href="small.html" aria-current="page">Little ones</a>');
  expect(html).toContain('<a class="logo main-header-logo" href="../index.html">Tern Point</a>');
});

test('text of the designer never becomes markup', () => {
  const html = renderPage(
    edited(setOn('button', 'label', 'all', '</a><script>alert(1)</script>'), {
      edit: 'renameSite',
      name: '"><img src=x>',
    }),
    sampleSite().pages.home!,
  );
  expect(html).not.toContain('<script>alert');
  expect(html).not.toContain('<img');
});

test('the drawer that the menu button opens stands on the page, with a button to close it', () => {
  const html = renderPage(sampleSite(), sampleSite().pages.home!);
  expect(html).toContain('command="show-modal" commandfor="side-drawer" aria-haspopup="dialog"');
  expect(html).toContain(
    '<dialog class="drawer side-drawer" id="side-drawer" aria-label="Side drawer" closedby="any">',
  );
  expect(html).toContain('command="close" commandfor="side-drawer"');
});

test('where no band shows a menu button, there is neither button nor drawer', () => {
  const html = renderPage(
    edited({
      edit: 'clearValue',
      place: { on: 'piece', ...at, piece: 'menu' },
      property: 'shownAs',
      cell: 'phone',
    }),
    sampleSite().pages.home!,
  );
  expect(html).not.toMatch(/<dialog|menu-button/);
});

test('a value set for the phone stands in its media query only', () => {
  const css = renderStylesheet(edited(setOn('menu', 'itemGap', 'phone', 3)));
  const wide = css.slice(css.indexOf('@layer values {'), css.indexOf('@media (width <'));
  expect(wide).toContain('gap: 8px');
  expect(wide).not.toContain('gap: 3px');
  expect(block(css, '@media (width < 40em)')).toContain('gap: 3px');
});

test('what is hidden takes no room, and comes back where a narrower band shows it again', () => {
  const css = renderStylesheet(
    edited(setOn('logo', 'shown', 'tablet', 'hidden'), setOn('logo', 'shown', 'phone', 'shown')),
  );
  expect(block(block(css, '@media (width < 64em)'), '.main-header-logo {')).toContain('display: none');
  expect(block(block(css, '@media (width < 40em)'), '.main-header-logo {')).toContain(
    'display: revert-layer',
  );
});

test('the middle is truly centred while it holds something, and gives its room back when it does not', () => {
  const css = renderStylesheet(edited(setOn('menu', 'shown', 'phone', 'hidden')));
  const bays = '.main-header-main-bar > .bays {';
  expect(block(css, bays)).toContain('grid-template-columns: 1fr auto 1fr');
  expect(block(block(css, '@media (width < 40em)'), bays)).toContain('grid-template-columns: auto');
});

test('moving a breakpoint moves its media query', () => {
  const css = renderStylesheet(edited({ edit: 'moveBreakpoint', band: 'tablet', from: 700 }));
  expect(css).toContain('@media (width < 43.75em)');
  expect(css).not.toContain('@media (width < 40em)');
});

test('only the rules of the pieces in use are shipped', () => {
  expect(renderStylesheet(edited({ edit: 'removePiece', at, piece: 'button' }))).not.toContain('.button');
});

test('files link to files that are there', () => {
  const files = renderFiles(sampleSite(), '// script');
  const paths = new Set(files.map((file) => file.path));
  const targets = files.flatMap((file) => {
    if (!('text' in file) || !file.path.endsWith('.html')) return [];
    const base = new URL(file.path, 'https://example.com/');
    return [...file.text.matchAll(/ (?:href|src)="([^"#]+)"/g)].map((match) =>
      new URL(match[1]!, base).pathname.slice(1),
    );
  });
  expect(targets.length).toBeGreaterThan(10);
  expect(targets.filter((target) => !paths.has(target))).toEqual([]);
  const fonts = files.flatMap((file) =>
    'text' in file && file.path === 'site.css'
      ? [...file.text.matchAll(/url\("([^"]+)"\)/g)].map((match) => match[1]!)
      : [],
  );
  expect(fonts.filter((font) => !paths.has(font))).toEqual([]);
});

test('a site without a home page gets one, so that its folder opens', () => {
  const site = {
    ...sampleSite(),
    pages: {},
    pageOrder: [],
    menus: {},
    headers: {},
    drawers: {},
    placing: { header: null, footer: null },
  };
  expect(renderFiles(site, '')[0]!.path).toBe('index.html');
});

test('the same site gives the same files', () => {
  expect(renderFiles(sampleSite(), '')).toEqual(renderFiles(structuredClone(sampleSite()), ''));
});

test('no two things bear the same name, however they are called', () => {
  const assembly = (id: string, name: string) => ({
    ...sampleSite().headers.h!,
    id,
    name,
    bars: {
      [`b${id}`]: {
        ...sampleSite().headers.h!.bars.b!,
        id: `b${id}`,
        bays: { start: [], middle: [], end: [] },
      },
    },
    order: [`b${id}`],
    pieces: {},
  });
  fc.assert(
    fc.property(
      fc.array(fc.constantFrom('Menu', 'menu', 'Bar', 'A 2', 'A', '船', '9', '-'), { maxLength: 8 }),
      (names) => {
        const site = {
          ...sampleSite(),
          headers: Object.fromEntries(names.map((name, index) => [`h${index}`, assembly(`h${index}`, name)])),
        };
        const given = [...settleNames(site).values()];
        expect(new Set(given).size).toBe(given.length);
        for (const name of given) expect(name).toMatch(/^[a-z][a-z0-9-]*$/);
      },
    ),
  );
});

test('slugs are plain', () => {
  expect([slug('Große Übersicht!', 'x'), slug('  ', 'x'), slug('2 rows', 'bar')]).toEqual([
    'gro-e-ubersicht',
    'x',
    'bar-2-rows',
  ]);
});

test.each([
  ['index.html', 'a/b.html', 'a/b.html'],
  ['a/b.html', 'index.html', '../index.html'],
  ['a/b/c.html', 'a/d/e.html', '../d/e.html'],
  ['a/b.html', 'a/c.html', 'c.html'],
  ['a.html', 'a/b.html', 'a/b.html'],
])('from %s to %s is %s', (from, to, expected) => {
  expect(relativeHref(from, to)).toBe(expected);
});

test('a path has one file', () => {
  expect([pageFile('/'), pageFile('/a'), pageFile('/a/b')]).toEqual(['index.html', 'a.html', 'a/b.html']);
});
