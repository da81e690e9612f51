import { expect, test } from '@jest/globals';
import * as csstree from 'css-tree';
import fc from 'fast-check';
import { HtmlValidate } from 'html-validate/node';
import { applyEdits } from '../edit/apply';
import type { Edit } from '../edit';
import type { Link } from '../properties/link';
import { pieceKinds } from '../pieces';
import { resolveAssembly, settledPieces } from '../resolve/assembly';
import { newBay, newItem, newMenu } from '../site/defaults';
import { sampleSite } from '../site/sample.test-data';
import { noScripts } from './scripts.test-data';
import type { Site } from '../site/site';
import { renderFiles, renderedPages } from './files';
import { settleNames, slug } from './names';
import { renderPage } from './page/page';
import { pageFile, relativeHref } from './page/paths';
import { renderStylesheet } from './stylesheet/stylesheet';

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
    '<dialog class="drawer side-drawer" id="side-drawer" aria-label="Menu" closedby="any">',
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
  const wide = css.slice(0, css.indexOf('@media (width <'));
  // What is initial stands there once, for every menu.
  expect(wide).toMatch(/\.menu-list \{\s*display: flex;\s*gap: 8px/);
  expect(wide).not.toContain('gap: 3px');
  expect(block(css, '@media (width < 40em)')).toContain('gap: 3px');
});

test('what is hidden takes no room, and comes back where a narrower band shows it again', () => {
  const css = renderStylesheet(
    edited(setOn('logo', 'shown', 'tablet', 'hidden'), setOn('logo', 'shown', 'phone', 'shown')),
  );
  expect(
    block(block(css, '@media (width < 64em)'), '.main-header-logo:where(:not(.left-piece > *)) {'),
  ).toContain('display: none');
  expect(
    block(block(css, '@media (width < 40em)'), '.main-header-logo:where(:not(.left-piece > *)) {'),
  ).toContain('display: revert-layer');
});

test('the middle is truly centred while it holds something, and gives its room back when it does not', () => {
  const css = renderStylesheet(edited(setOn('menu', 'shown', 'phone', 'hidden')));
  const bays = '.main-header-main-bar > .bays {';
  expect(block(css, bays)).toContain('grid-template-columns: 1fr auto 1fr');
  expect(block(block(css, '@media (width < 40em)'), bays)).toContain('grid-template-columns: auto');
});

const home = (site: Site) => renderPage(site, site.pages.home!);
const onItem = (item: string, property: string, cell: string, value: unknown): Edit => ({
  edit: 'setValue',
  place: { on: 'item', menu: 'm', item },
  property,
  cell,
  value,
});

test('what a menu shows first has no line above it where what stands before it is hidden', () => {
  const css = renderStylesheet(
    edited(onItem('i1', 'shown', 'tablet', 'hidden'), onItem('i1', 'shown', 'phone', 'shown')),
  );
  const [, tablet, phone] = css.split('.main-home + * {');
  expect(tablet).toMatch(/^\s*border-block-start-width: 0;/);
  expect(phone).toMatch(/^\s*border-block-start-width: revert-layer;/);
  expect(renderStylesheet(edited(onItem('i2', 'shown', 'tablet', 'hidden')))).not.toContain(' + * {');
});

test('an item that is hidden on one band is hidden there only, in a layer above the values', () => {
  const css = renderStylesheet(
    edited(onItem('i2', 'shown', 'tablet', 'hidden'), onItem('i2', 'shown', 'phone', 'shown')),
  );
  const items = css.slice(css.indexOf('@layer items {'));
  expect(block(items, '@media (width < 64em)')).toContain('.main-boats {\n      display: none;');
  expect(block(items, '@media (width < 40em)')).toContain('.main-boats {\n      display: revert-layer;');
  expect(home(edited(onItem('i2', 'shown', 'tablet', 'hidden')))).toContain('<li class="main-boats">');
});

test('bands with an order of their own get a list of their own, so that reading follows what is seen', () => {
  const order: Edit = {
    edit: 'setValue',
    place: { on: 'menu', menu: 'm' },
    property: 'order',
    cell: 'phone',
    value: ['i2', 'i1'],
  };
  // Where the phone shows a menu button, no list of its order is ever seen.
  const inHeader = (each: Site) => home(each).slice(0, home(each).indexOf('</header>'));
  expect(inHeader(edited(order))).not.toContain('for-phone');
  const site = edited(order, setOn('menu', 'shownAs', 'phone', 'row'));
  const header = inHeader(site);
  const lists = header.split('<div class="for-').slice(1);
  expect(lists.map((list) => list.slice(0, 7))).toEqual(['desktop', 'phone">']);
  expect(lists.map((list) => list.indexOf('Boats') < list.indexOf('Home'))).toEqual([false, true]);
  const css = renderStylesheet(site);
  expect(block(css, '.main-header-menu > .for-phone {')).toContain('display: none');
  const phone = block(css, '@media (width < 40em)');
  expect(block(phone, '.main-header-menu > .for-phone {')).toContain('display: contents');
  expect(block(phone, '.main-header-menu > .for-desktop {')).toContain('display: none');
  expect(new Set(header.match(/ id="[^"]+"/g)).size).toBe(header.match(/ id="/g)!.length);
});

test('a menu may be another one on one band', () => {
  const site = edited(
    {
      edit: 'addMenu',
      menu: newMenu({
        id: 'm2',
        name: 'Short',
        top: ['s'],
        items: { s: newItem({ id: 's', link: { to: 'page', page: 'small' } }) },
      }),
    },
    setOn('menu', 'menu', 'tablet', 'm2'),
  );
  expect(home(site)).toMatch(
    /for-tablet">\s*<ul class="menu-list">\s*<li>\s*<a class="menu-link" href="boats\/small.html">Small boats/,
  );
});

test.each<[string, Link, RegExp]>([
  ['a section', { to: 'section', page: 'boats', section: 'part-1' }, /href="boats.html#part-1"/],
  [
    'an address',
    { to: 'address', address: 'https://example.com/?a=1&b="2"' },
    /href="https:\/\/example.com\/\?a=1&amp;b=&quot;2&quot;"/,
  ],
  ['an e-mail address', { to: 'email', email: 'crew@example.com' }, /href="mailto:crew@example.com"/],
  ['a telephone number', { to: 'telephone', telephone: '01632 960-117' }, /href="tel:01632960117"/],
  [
    'a drawer',
    { to: 'drawer', drawer: 'd' },
    /<button class="menu-link" type="button" command="show-modal" commandfor="side-drawer"/,
  ],
  [
    'a dialog',
    { to: 'dialog', page: 'boats' },
    /<a class="menu-link" href="boats.html" data-dialog="dialog-boats"/,
  ],
  ['nowhere', { to: 'nothing' }, /<span class="menu-link">/],
])('an item leads to %s', (_, link, expected) => {
  expect(linked(link)).toMatch(expected);
});

function linked(link: Link): string {
  return home(edited({ edit: 'linkItem', menu: 'm', item: 'i1', link }));
}

test('a dialog that a link opens stands on the page', () => {
  expect(linked({ to: 'dialog', page: 'boats' })).toContain(
    '<dialog class="dialog" id="dialog-boats" aria-label="Boats" closedby="any">',
  );
});

test('what opens in a new window says so', () => {
  expect(home(edited(onItem('i1', 'newWindow', 'all', true)))).toContain(
    'target="_blank" rel="noopener" aria-current="page">Home<span class="unseen"> (opens in a new window)</span></a>',
  );
});

test('search engines are told of a page in all languages by whole addresses, where the site’s address is known', () => {
  const languages: Edit = { edit: 'setLanguages', languages: ['en', 'de'] };
  const alternates = (site: Site, page: string) =>
    [
      ...renderPage(site, site.pages[page]!).matchAll(
        /<link rel="alternate" hreflang="([^"]+)" href="([^"]+)"/g,
      ),
    ].map(([, language, href]) => [language, href]);
  expect(alternates(edited(languages), 'small')).toEqual([
    ['en', 'small.html'],
    ['de', '../de/boats/small.html'],
  ]);
  const known = edited(languages, { edit: 'setAddress', address: 'https://www.example.com/ferries/' });
  expect(alternates(known, 'small')).toEqual([
    ['en', 'https://www.example.com/ferries/boats/small.html'],
    ['de', 'https://www.example.com/ferries/de/boats/small.html'],
    ['x-default', 'https://www.example.com/ferries/boats/small.html'],
  ]);
  expect(alternates(known, 'home').map(([, href]) => href)).toEqual([
    'https://www.example.com/ferries/',
    'https://www.example.com/ferries/de/',
    'https://www.example.com/ferries/',
  ]);
  for (const address of ['www.example.com', 'ftp://example.com', 'https://example.com/?a=1'])
    expect(applyEdits(known, [{ edit: 'setAddress', address }]).ok).toBe(false);
});

test('every page stands once for each language, and a link changes to the same page in another', () => {
  const site = edited(
    { edit: 'setLanguages', languages: ['en', 'de'] },
    { edit: 'translatePage', page: 'boats', language: 'de', title: 'Boote' },
    { edit: 'linkItem', menu: 'm', item: 'i1', link: { to: 'language', language: 'de' } },
    { edit: 'labelItem', menu: 'm', item: 'i1', label: 'Deutsch' },
  );
  const files = new Map(
    renderFiles(site, noScripts).map((file) => [file.path, 'text' in file ? file.text : '']),
  );
  expect(files.get('boats/small.html')).toContain(
    'href="../de/boats/small.html" hreflang="de" lang="de">Deutsch',
  );
  const german = files.get('de/boats/small.html')!;
  expect(german).toContain('<html lang="de">');
  expect(german).toContain('href="../boats.html" aria-current="true">Boote</a>');
  expect(german).toContain('hreflang="de" lang="de" aria-current="true">Deutsch');
  expect(german).toContain('<link rel="alternate" hreflang="en" href="../../boats/small.html">');
});

const artwork = (id: string, width: number) => ({
  id,
  name: id,
  type: 'image/svg+xml' as const,
  width,
  height: 40,
  bytes: 9,
  alt: '',
  hash: 'a'.repeat(64),
});

test('a tagline stands beside artwork alone, without the name, and goes where it is left out', () => {
  const site = edited(
    { edit: 'addArtwork', artwork: artwork('wide', 200) },
    { edit: 'setLogo', version: 'full', artwork: 'wide' },
    setOn('logo', 'tagline', 'all', 'Boats since 1900'),
    setOn('logo', 'shows', 'tablet', 'both'),
    setOn('logo', 'shows', 'phone', 'artwork'),
    setOn('logo', 'taglineSeen', 'phone', false),
  );
  expect(home(site)).toContain(
    '<span class="logo-text"><span class="logo-name">Tern Point</span><span class="logo-tagline">Boats since 1900</span></span>',
  );
  const css = renderStylesheet(site);
  const beside = '.main-header-logo > .logo-text:not(:only-child)';
  const [tablet, phone] = ['64em', '40em'].map((width) => block(css, `@media (width < ${width})`));
  expect(block(css, `${beside} {`)).toContain('display: block');
  expect(block(css, `${beside} > .logo-name {`)).toContain('display: none');
  expect(block(tablet!, `${beside} > .logo-name {`)).not.toContain('display: none');
  // Back to what every logo has.
  expect(block(phone!, `${beside} {`)).toContain('display: revert-layer');
  expect(block(css, '.logo > .logo-text:not(:only-child) {')).toContain('display: none');
});

test('a logo in another version on a narrower band is a picture with a source for it', () => {
  const html = home(
    edited(
      { edit: 'addArtwork', artwork: artwork('wide', 200) },
      { edit: 'addArtwork', artwork: artwork('mark', 40) },
      { edit: 'setLogo', version: 'full', artwork: 'wide' },
      { edit: 'setLogo', version: 'compact', artwork: 'mark' },
      setOn('logo', 'version', 'phone', 'compact'),
    ),
  );
  expect(html).toContain(
    '<picture><source media="(width &lt; 40em)" srcset="artwork/mark-mark.svg" width="40" height="40"><img src="artwork/wide-wide.svg" width="200" height="40" alt="Tern Point"></picture>',
  );
});

test('a logo with artwork of its own on one band shows its name on the others', () => {
  const site = edited(
    { edit: 'addArtwork', artwork: artwork('mark', 40) },
    setOn('logo', 'artwork', 'phone', 'mark'),
  );
  const { pieces } = site.headers.h!;
  const shows = (band: string) => {
    const settled = settledPieces(resolveAssembly(site, 'headers', site.headers.h!, band));
    return settled.find(({ id }) => id === pieces.logo!.id)!.values.shows;
  };
  expect(['desktop', 'tablet', 'phone'].map(shows)).toEqual(['text', 'text', 'artwork']);
  expect(home(site)).toMatch(
    /<img src="artwork\/mark-mark.svg"[^>]*><span class="logo-text">Tern Point<\/span>/,
  );
  const css = renderStylesheet(site);
  expect(block(css, '.main-header-logo > :is(img, picture) {')).toContain('display: none');
  expect(block(css, '@media (width < 40em)')).toMatch(
    /\.main-header-logo > :is\(img, picture\),[^{]*\{\s*display: revert-layer/,
  );
  // Where the brand has a logo, that is the artwork of the others.
  const branded = applyEdits(site, [{ edit: 'setLogo', version: 'compact', artwork: 'mark' }]);
  expect(branded.ok && renderStylesheet(branded.site)).not.toContain('.main-header-logo > :is(img, picture)');
});

test('a menu that is none on a band is not there, and what it would leave out there is not seen elsewhere', () => {
  const css = renderStylesheet(
    edited(setOn('menu', 'menu', 'tablet', null), setOn('menu', 'behind', 'tablet', 1)),
  );
  expect(block(css, '@media (width < 64em)')).toMatch(/\.main-header-menu:where\([^{]*\{\s*display: none/);
  // The button for those that have left stands in the markup.
  expect(block(css, '.main-header-menu .menu-list > .menu-more {')).toContain('display: none');
});

test('the branch of the page stands open at first where nothing would show it otherwise at some width', () => {
  const inHeader = (...edits: Edit[]) => {
    const site = edited(
      setOn('menu', 'shownAs', 'desktop', 'column'),
      setOn('menu', 'unfolds', 'desktop', 'several'),
      ...edits,
    );
    const small = site.pages.small!;
    const html = renderPage(site, small);
    const header = html.slice(html.indexOf('<header'), html.indexOf('</header>'));
    const pieces = settledPieces(resolveAssembly(site, 'headers', site.headers.h!, 'desktop'));
    return [header.includes('aria-expanded="true"'), pieces.find(({ id }) => id === 'menu')!.opensBranch];
  };
  const onPhone = (shownAs: string) => setOn('menu', 'shownAs', 'phone', shownAs);
  expect(inHeader(onPhone('column'))).toEqual([true, true]);
  expect(inHeader(onPhone('button'))).toEqual([true, true]);
  // It would hang open, or stand in a row that leaves it out.
  expect(inHeader(onPhone('row'))).toEqual([false, false]);
  expect(inHeader(onPhone('scrolling'))).toEqual([false, false]);
});

test('only the faces and character sets in use are shipped', () => {
  const fonts = (site: Site) =>
    renderFiles(site, noScripts).flatMap((file) => ('font' in file ? [file.path] : []));
  expect(fonts(sampleSite())).toEqual([
    'fonts/figtree-latin-400-normal.woff2',
    'fonts/figtree-latin-600-normal.woff2',
  ]);
  const style = { on: 'typeStyle', style: 'type-nav' } as const;
  const greek = edited(
    { edit: 'setValue', place: style, property: 'family', cell: 'all', value: 'literata' },
    { edit: 'setValue', place: style, property: 'slant', cell: 'phone', value: 'italic' },
    { edit: 'labelItem', menu: 'm', item: 'i1', label: 'Αρχική' },
  );
  expect(fonts(greek).filter((path) => path.includes('literata'))).toEqual([
    'fonts/literata-latin-400-normal.woff2',
    'fonts/literata-greek-400-normal.woff2',
    'fonts/literata-latin-400-italic.woff2',
    'fonts/literata-greek-400-italic.woff2',
  ]);
});

test('what has the letters that a family lacks comes with the site, for visitors who have not installed it', () => {
  const greek = edited({ edit: 'labelItem', menu: 'm', item: 'i1', label: 'Αρχή' });
  const paths = renderFiles(greek, noScripts).map(({ path }) => path);
  expect(paths).toEqual(
    expect.arrayContaining(['fonts/arimo-greek-400-normal.woff2', 'fonts/licence-arimo.txt']),
  );
  const css = renderStylesheet(greek);
  const face = css.split('@font-face').find((each) => each.includes('arimo-greek-400-normal.woff2'))!;
  expect(face).toContain('font-family: "Figtree stand-in"');
  // Only where it is not installed, and also in capitals.
  expect(face).toMatch(/src: local\("Arial"\), .*, url\("fonts\/arimo-greek/);
  expect(face).toContain('unicode-range: U+0389, U+0391, U+03A1, U+03A7, U+03AE, U+03B1, U+03C1, U+03C7;');
  expect(renderStylesheet(sampleSite())).not.toContain('arimo');
});

test('a colour that is the same as another follows it in the stylesheet', () => {
  const css = renderStylesheet(
    edited(
      {
        edit: 'addToken',
        family: 'colours',
        token: { id: 'c1', name: 'Deep sea', value: { css: 'oklch(40% 0.1 240)' } },
      },
      { edit: 'changeToken', family: 'colours', token: 'accent', value: { as: 'c1' } },
    ),
  );
  expect(css).toContain('--accent: var(--colour-deep-sea);');
  expect(css).toContain('--colour-deep-sea: oklch(40% 0.1 240);');
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
  const files = renderFiles(sampleSite(), noScripts);
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
    placing: { header: null, footer: null, rules: [] },
  };
  expect(renderFiles(site, noScripts)[0]!.path).toBe('index.html');
});

test('the same site gives the same files', () => {
  expect(renderFiles(sampleSite(), noScripts)).toEqual(renderFiles(structuredClone(sampleSite()), noScripts));
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
        bays: [newBay('only')],
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

test('a piece that leaves for the drawer stands once more in the one that its header opens, and shows there only where it left', () => {
  const leaves = setOn('logo', 'shown', 'tablet', 'drawer');
  const opens = (id: string | null) => ({
    edit: 'setValue' as const,
    place: { on: 'piece' as const, in: 'headers' as const, assembly: 'h', piece: 'menu' },
    property: 'opens',
    cell: 'all',
    value: id,
  });
  const site = edited(leaves);
  const drawer = Object.keys(site.drawers)[0]!;
  const html = renderPage(edited(leaves, opens(drawer)), site.pages[site.pageOrder[0]!]!);
  const dialog = html.slice(html.indexOf('<dialog'));
  expect(dialog).toMatch(/<div class="left-piece">\s*<a class="logo main-header-logo"/);
  const ids = [...html.matchAll(/ id="([^"]+)"/g)].map(([, id]) => id);
  expect(new Set(ids).size).toBe(ids.length);
  const css = renderStylesheet(edited(leaves, opens(drawer)));
  const tablet = block(css, '@media (width < 64em)');
  expect(block(tablet, '.main-header-logo:where(:not(.left-piece > *)) {')).toContain('display: none');
  expect(block(tablet, '.left-piece:has(> .main-header-logo) {')).toContain('display: block');
  // Nor is it another piece where the bays stand in another order there.
  const turnedRound = {
    edit: 'setValue' as const,
    place: { on: 'bar' as const, in: 'headers' as const, assembly: 'h', bar: 'b' },
    property: 'turnedRound',
    cell: 'tablet',
    value: true,
  };
  const turned = renderPage(edited(leaves, opens(drawer), turnedRound), site.pages[site.pageOrder[0]!]!);
  expect(turned.slice(turned.indexOf('<dialog'))).toBe(dialog);
  // Without such a piece nothing stands there twice.
  expect(renderPage(edited(opens(drawer)), site.pages[site.pageOrder[0]!]!)).not.toContain('left-piece');
});

test('the room that a jump leaves is of texts as they are measured, whatever was written before they were', () => {
  const made = () => {
    const site = sampleSite();
    const header = site.headers.h!;
    header.values = { scrolling: { desktop: 'stays' }, phaseAt: { all: 40 } };
    const words = Array.from({ length: 40 }, () => 'Sailings').join(' ');
    header.pieces.long = { id: 'long', kind: 'text', values: { text: { all: [words] } } };
    header.bars.b!.bays[0]!.pieces.push('long');
    return site;
  };
  const even = { of: (_: unknown, text: string) => [...text].length / 2 };
  const jump = (css: string) => /scroll-padding-block-start: [^;]+/.exec(css)?.[0];
  const site = made();
  const before = jump(renderStylesheet(site));
  const after = jump(renderStylesheet(site, even));
  expect(before).toBeDefined();
  expect(after).not.toBe(before);
  expect(after).toBe(jump(renderStylesheet(made(), even)));
});

test('how a piece stands in its bay is the designer’s to say, whatever its kind', () => {
  const said = {
    takesRest: { desktop: true },
    alignSelf: { desktop: 'end' },
    gapBefore: { desktop: 7 },
    order: { desktop: 2 },
  };
  for (const { kind } of pieceKinds) {
    const site = sampleSite();
    const header = site.headers.h!;
    header.pieces.placed = { id: 'placed', kind, values: said };
    header.bars.b!.bays[0]!.pieces.push('placed');
    const own = settleNames(site).get('placed')!;
    const css = renderStylesheet(site);
    const rule = css.slice(css.indexOf('@layer values'));
    const [, inside] = new RegExp(`\\.${own} \\{([^}]*)\\}`).exec(rule)!;
    const declared = (name: string) => new RegExp(`${name}: ([^;]+)`).exec(inside!)?.[1];
    expect([kind, ...['flex-grow', 'align-self', 'margin-inline-start', 'order'].map(declared)]).toEqual([
      kind,
      '1',
      'end',
      '7px',
      '2',
    ]);
  }
});
