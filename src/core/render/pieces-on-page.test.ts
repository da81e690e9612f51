import { homePage } from './files';
import { expect, test } from '@jest/globals';
import { HtmlValidate } from 'html-validate/node';
import { applyEdits } from '../edit/apply';
import type { Edit } from '../edit';
import type { Values } from '../properties/property';
import { newItem, newMenu, newPiece } from '../site/defaults';
import { sampleSite } from '../site/sample.test-data';
import { noScripts } from './scripts.test-data';
import type { Site } from '../site/site';
import { renderedPages, renderFiles } from './files';
import type { Advances } from '../text/advances';
import { placedOnPage, renderPage } from './page/page';
import { renderStylesheet } from './stylesheet/stylesheet';

const at = { in: 'headers', assembly: 'h' } as const;
const all = (value: unknown) => ({ all: value });

/** The sample with one more piece at the end of its header. */
function withPiece(kind: string, values: Values = {}, change: (site: Site) => void = () => undefined): Site {
  const site = sampleSite();
  change(site);
  const edit: Edit = {
    edit: 'addPiece',
    at,
    spot: { bar: 'b', bay: 'end', index: 1 },
    piece: newPiece('x', kind, values),
  };
  const outcome = applyEdits(site, [edit]);
  if (!outcome.ok) throw new Error(outcome.reason);
  return outcome.site;
}
const page = (site: Site, id = 'small') => renderPage(site, site.pages[id]!);

test('a search asks a page of the site that lists every other, and that a script can narrow down', () => {
  const site = withPiece('search');
  expect(page(site)).toContain('action="../search.html"');
  const paths = renderFiles(site, noScripts).map((file) => file.path);
  expect(paths).toContain('search.html');
  const answers = renderPage(site, renderedPages(site).at(-1)!);
  expect(answers.match(/<li>\s*<a href="[^"]+">(Home|Boats|Small boats)<\/a>/g)).toHaveLength(3);
  expect(renderFiles(sampleSite(), noScripts).map((file) => file.path)).not.toContain('search.html');
});

test('a page of the site’s own at that path answers instead', () => {
  const site = withPiece('search', {}, (draft) => {
    draft.pages.find = { ...draft.pages.small!, id: 'find', title: 'Find', path: '/search', parent: null };
    draft.pageOrder.push('find');
  });
  expect(renderedPages(site).filter(({ path }) => path === '/search')).toHaveLength(1);
  expect(page(site, 'find')).toContain('data-found');
});

test('a basket says its count where there is one, and a label for those who listen', () => {
  expect(page(withPiece('basket', { count: all(2) }))).toMatch(
    /basket-label">Basket<\/span><span class="basket-count" data-basket-count="">2</,
  );
  expect(page(withPiece('basket'))).toMatch(/data-basket-count=""><\/span>/);
});

test('account links of both kinds stand in the markup, in the order that is asked for', () => {
  const html = page(withPiece('account', { first: all('join') }));
  expect(html.indexOf('Join')).toBeLessThan(html.indexOf('Sign in'));
  expect(html.indexOf('Sign out')).toBeLessThan(html.indexOf('My account'));
  expect(page(withPiece('account', { joinLabel: all('') }))).not.toContain('Join');
  const none = { signInLabel: all(''), joinLabel: all(''), nameLabel: all(''), signOutLabel: all('') };
  expect(page(withPiece('account', none))).not.toContain('class="account ');
});

test('languages are named in themselves; a site with one has no choice', () => {
  expect(page(withPiece('language'))).not.toContain('class="language ');
  const html = page(withPiece('language', {}, (site) => site.languages.push('de', 'pt-BR', 'tlh')));
  for (const name of ['English', 'Deutsch', 'Português (BR)', 'tlh'])
    expect(html).toContain(`>${name}</span>`);
  expect(html).toMatch(/language-link" href="small.html" hreflang="en" lang="en" aria-current="page"/);
});

test('social links show pictograms and say their labels', () => {
  const site = withPiece('social', { menu: all('s') }, (draft) => {
    draft.menus.s = newMenu({
      id: 's',
      name: 'Elsewhere',
      top: ['a', 'b'],
      items: {
        a: newItem({
          id: 'a',
          label: 'Photographs',
          link: { to: 'address', address: 'https://example.com/p' },
          values: { icon: all('camera') },
        }),
        b: newItem({ id: 'b', label: 'Letters', link: { to: 'address', address: 'https://example.com/l' } }),
      },
    });
  });
  const html = page(site);
  expect(html).toMatch(/<svg class="icon"[\s\S]*<span class="unseen">Photographs<\/span>/);
  expect(html).toMatch(/title="Letters">Letters</);
});

test('a contact link has a form for people and one for machines', () => {
  const link = all({ to: 'telephone', telephone: '+44 1632 960117' });
  expect(page(withPiece('contact', { link }))).toMatch(
    /href="tel:\+441632960117">[\s\S]*\+44\u00a01632\u00a0960117/,
  );
  expect(page(withPiece('contact', { link, words: all('Call the crew') }))).toContain('Call the crew');
  expect(page(withPiece('contact'))).not.toContain('class="contact ');
});

test('a line of text leads where its words lead, and follows a page that is renamed', () => {
  const words = ['See ', { words: 'all boats', link: { to: 'page', page: 'boats' } }, '.'];
  const site = withPiece('text', { text: all(words) });
  expect(page(site)).toMatch(/See <a class="text-link" href="..\/boats.html">all boats<\/a>\./);
  site.pages.boats = { ...site.pages.boats!, path: '/ships' };
  expect(page(site)).toContain('href="../ships.html">all boats');
});

test('a page that a text leads to is not removed before one said what becomes of the link', () => {
  const words = [{ words: 'all boats', link: { to: 'page', page: 'boats' } }];
  const site = withPiece('text', { text: all(words) });
  const remove = (links?: 'leave nothing') =>
    applyEdits(site, [
      {
        edit: 'removePages',
        pages: ['boats', 'small'],
        ...(links ? { links: { to: 'nothing' } } : {}),
      } as never,
    ]);
  expect(remove().ok).toBe(false);
  const after = remove('leave nothing');
  if (!after.ok) throw new Error(after.reason);
  expect(after.site.headers.h!.pieces.x!.values.text).toEqual({
    all: [{ words: 'all boats', link: { to: 'nothing' } }],
  });
});

/** The sample with more values on the menu of its header. */
function withMenu(more: Values): Site {
  const site = sampleSite();
  const { menu } = site.headers.h!.pieces;
  site.headers.h!.pieces.menu = { ...menu!, values: { ...menu!.values, ...more } };
  return site;
}

test('a menu around the logo has half of its items on each side, or as many as are asked for', () => {
  const [before, after] = page(withMenu({ around: { desktop: 'around' } })).split('menu-logo') as [
    string,
    string,
  ];
  expect(before).toContain('>Home<');
  expect(before).not.toContain('Little ones');
  expect(after).toContain('Little ones');
  expect(
    page(withMenu({ around: { desktop: 'around' }, splitAfter: all(2) })).split('menu-logo')[0],
  ).toContain('Little ones');
});

test('a menu that draws the logo brings its rules, also where no logo stands on the page', () => {
  const site = withMenu({ around: { desktop: 'around' } });
  for (const header of Object.values(site.headers)) {
    header.pieces = Object.fromEntries(
      Object.entries(header.pieces).filter(([, { kind }]) => kind !== 'logo'),
    );
    for (const bar of Object.values(header.bars))
      for (const bay of bar.bays) bay.pieces = bay.pieces.filter((id) => header.pieces[id]);
  }
  const css = renderStylesheet(site);
  expect(page(site)).toContain('class="logo menu-logo"');
  expect(css).toMatch(/\.logo \{[^}]*text-decoration: none/);
  expect(css).toMatch(/\.menu-logo \{[^}]*padding-inline/);
});

test('a logo beside a menu button is as high as is said there, and may stand on several lines', () => {
  const shownAs = { desktop: 'row', phone: 'button' };
  const css = renderStylesheet(
    withMenu({ around: { desktop: 'after' }, shownAs, logoHeight: { desktop: 40, phone: 24 } }),
  );
  expect(css).toMatch(/\.main-header-menu \.menu-logo \{\s*white-space: normal;/);
  expect(css).toMatch(/\.main-header-menu \.menu-logo img \{\s*block-size: 24px;/);
});

test('a menu stands with its logo in another way by width: the list is there once for each order', () => {
  const site = withMenu({ around: { desktop: 'around', tablet: 'below', phone: 'after' } });
  const html = page(site);
  expect(html.match(/class="for-/g)).toHaveLength(2);
  expect(html.match(/menu-logo/g)).toHaveLength(2);
  const css = renderStylesheet(site);
  expect(css).toContain('grid-template-columns: 1fr auto 1fr');
  expect(css).toContain('justify-items: center');
  expect(css).toContain('grid-template-columns: auto auto');
});

test('sides of a menu around the logo are of the same width where they balance by it', () => {
  const site = withMenu({ around: { desktop: 'around' }, balancedBy: all('width') });
  const labels = ['A very long first label', 'B', 'C', 'D', 'E'];
  const items = labels.map((label, index) =>
    newItem({ id: `w${index}`, label, link: { to: 'page', page: 'home' } }),
  );
  site.menus.m = newMenu({
    id: 'm',
    name: 'Main',
    top: items.map(({ id }) => id),
    items: Object.fromEntries(items.map((item) => [item.id, item])),
  });
  const perCharacter: Advances = { of: (_, text) => text.length / 2 };
  const sides = (advances?: Advances) =>
    renderPage(site, site.pages.home!, placedOnPage(site, homePage(site)), 'en', advances)
      .split('</nav>')[0]!
      .split('menu-logo')
      .map((side) => labels.filter((label) => side.includes(`>${label}<`)));
  expect(sides(perCharacter)).toEqual([labels.slice(0, 1), labels.slice(1)]);
  // What was not measured yet is split by number.
  expect(sides()).toEqual([labels.slice(0, 3), labels.slice(3)]);
});

test('a state that is left open takes nothing back that is said by width', () => {
  const site = sampleSite();
  const { button } = site.headers.h!.pieces;
  const values = {
    ...button!.values,
    radius: { desktop: 'radius-round' },
    typeStyle: { desktop: 'type-nav' },
  };
  site.headers.h!.pieces.button = { ...button!, values };
  const rule = /\.main-header-button \{([^}]*)\}/.exec(renderStylesheet(site))![1]!;
  expect(rule).toContain('border-radius: var(--radius-round)');
  expect(rule).toContain('font-weight: var(--type-nav-weight)');
});

test('items keep the room of their heaviest state, and only then', () => {
  expect(page(sampleSite())).not.toContain('data-label');
  const heavy = withMenu({ itemWeight: { hover: 700, current: 600 } });
  expect(page(heavy)).toContain('data-label="Boats"');
  expect(renderStylesheet(heavy)).toMatch(/\.menu-link::after \{[^}]*font-weight: 700/);
});

test('states are written in their order, later ones winning, and only those that say something', () => {
  const css = renderStylesheet(withMenu({ itemInk: { pressed: 'accent', rest: 'ink', hover: 'muted' } }));
  const place = (suffix: string) => css.search(new RegExp(`\\.main-header-menu \\.menu-link${suffix}[ ,]`));
  expect(place('')).toBeGreaterThan(0);
  expect(place(':hover')).toBeGreaterThan(place(''));
  expect(place(':active')).toBeGreaterThan(place(':hover'));
  expect(css).not.toContain('.main-header-menu .menu-below .menu-link:active');
});

test.each(['search', 'basket', 'account', 'language', 'social', 'text', 'notice', 'contact', 'divider'])(
  'a %s piece is valid HTML',
  async (kind) => {
    const validator = new HtmlValidate({
      extends: ['html-validate:recommended'],
      rules: {
        'no-unknown-attributes': 'off',
        'attribute-allowed-values': 'off',
        'doctype-style': ['error', { style: 'lowercase' }],
      },
    });
    const values: Record<string, Values> = {
      social: { menu: all('m') },
      contact: { link: all({ to: 'email', email: 'crew@example.com' }) },
    };
    const site = withPiece(kind, values[kind], (draft) => void draft.languages.push('de'));
    const report = await validator.validateString(page(site));
    expect(report.results.flatMap((result) => result.messages.map((each) => each.message))).toEqual([]);
    expect(page(site)).toContain(`class="${kind} main-header-${kind}`);
  },
);

test('a menu that a rule collapses in the widest band draws the compact logo from there on, and no wider', () => {
  const site = withMenu({ around: { desktop: 'around' } });
  const picture = (id: string) => ({
    id,
    type: 'image/svg+xml' as const,
    width: 120,
    height: 40,
    bytes: 1,
    hash: id.repeat(64).slice(0, 64),
    name: id,
    alt: '',
  });
  site.artwork = { a: picture('a'), b: picture('b') };
  site.brand.logo = { ...site.brand.logo, full: 'a', compact: 'b' };
  const header = site.headers.h!;
  const [piece] = Object.values(header.pieces).filter(({ values }) => values.around);
  const turns = [{ piece: piece!.id, property: 'shownAs', value: 'button' }];
  header.bars.b!.rules = [{ id: 'r', when: { by: 'width', below: 1400 }, turns }];
  const html = page(site);
  expect(html).toMatch(/<source media="\(width &lt; 87\.5em\)" srcset="[^"]*b-b\.svg"/);
  expect(html).toMatch(/<img [^>]*src="[^"]*a-a\.svg"/);
});
