import { expect, test } from '@jest/globals';
import fc from 'fast-check';
import { parse, serialize, type DefaultTreeAdapterTypes } from 'parse5';
import { applyEdits } from '../edit/apply';
import type { Edit } from '../edit';
import { homePage } from '../render/files';
import { pageElement } from '../render/page/page';
import { sampleSite } from '../site/sample.test-data';
import type { Site } from '../site/site';
import { el, writeHtml, type Element, type Node } from './html';
import { pageChange, type ElementWay, type PageChange } from './page-change';

type Read = DefaultTreeAdapterTypes.Element;
type ReadNode = DefaultTreeAdapterTypes.ChildNode;

const isRead = (node: ReadNode): node is Read => 'tagName' in node;
const elementsOf = ({ childNodes }: { childNodes: ReadNode[] }) => childNodes.filter(isRead);
const readPage = (html: string): Read => elementsOf(parse(`<!doctype html>${html}`))[0]!;
const bodyOf = (page: Read) => elementsOf(page)[1]!;

function elementAt(page: Read, way: ElementWay): Read {
  return way.reduce((at, [index, of]) => {
    const inside = elementsOf(at);
    expect(inside).toHaveLength(of);
    return inside[index]!;
  }, bodyOf(page));
}

const textOf = (text: string) =>
  elementsOf(bodyOf(readPage(writeHtml(el('p', {}, text)))))[0]!.childNodes[0]!;

/** What a view does, to a page that was read by a parser. */
function take(page: Read, { attributes, body, changed }: PageChange): void {
  const set = (element: Read, other: PageChange['attributes']) => {
    for (const [name, value] of Object.entries(other)) {
      element.attrs = element.attrs.filter((each) => each.name !== name);
      if (value !== null) element.attrs.push({ name, value });
    }
  };
  set(page, attributes);
  if (body !== null) bodyOf(page).childNodes = bodyOf(readPage(body)).childNodes;
  const found = changed.map(([way, is]) => [elementAt(page, way), is] as const);
  for (const [element, is] of found) {
    const held = element.parentNode as Read;
    const index = held.childNodes.indexOf(element);
    if ('html' in is) held.childNodes.splice(index, 1, ...elementsOf(bodyOf(readPage(is.html))));
    else if ('text' in is) element.childNodes = [textOf(is.text)];
    else set(element, is.attributes);
  }
}

/** A page that was read, as text: attributes in the order of their names, without white space between elements. */
function shown(page: Read): string {
  const order = (element: Read): void => {
    element.attrs.sort((one, other) => (one.name < other.name ? -1 : 1));
    elementsOf(element).forEach(order);
  };
  order(page);
  return serialize(page).replace(/>\s+/g, '>').replace(/\s+</g, '<');
}

const pageOf = (nodes: Node[], attributes = {}) =>
  el('html', { lang: 'en', ...attributes }, el('head', {}, el('title', {}, 'T')), el('body', {}, ...nodes));

const told = (before: Element, after: Element) => {
  const page = readPage(writeHtml(before));
  const change = pageChange(before, after);
  take(page, change);
  expect(shown(bodyOf(page))).toBe(shown(bodyOf(readPage(writeHtml(after)))));
  return change;
};

test('a page that nothing is known of comes as a whole, and one that is the same not at all', () => {
  const page = pageOf([el('p', {}, 'One')], { dir: 'rtl' });
  expect(pageChange(null, page)).toEqual({
    attributes: { lang: 'en', dir: 'rtl' },
    title: 'T',
    scripts: [],
    body: '<p>One</p>\n',
    changed: [],
  });
  expect(told(page, structuredClone(page))).toMatchObject({ attributes: {}, body: null, changed: [] });
});

test('what is other is told where it stands: a text, attributes, or an element that scripts are told of', () => {
  const page = (link: Element, sign: string) =>
    pageOf([el('header', {}, el('nav', {}, link, el('svg', {}, el('use', { href: sign }))))]);
  const link = el('a', { class: 'menu-link', href: 'a.html' }, 'One & two');
  const at: ElementWay = [
    [0, 1],
    [0, 1],
    [0, 2],
  ];
  const before = page(link, '#boat');
  expect(told(before, page({ ...link, children: ['Three'] }, '#boat')).changed).toEqual([
    [at, { text: 'Three' }],
  ]);
  const moved = { ...link.attributes, href: 'b.html', hidden: true };
  expect(told(before, page({ ...link, attributes: moved }, '#boat')).changed).toEqual([
    [at, { attributes: { href: 'b.html', hidden: '' } }],
  ]);
  const other = { ...link, attributes: { class: 'menu-link quiet', href: 'a.html' } };
  expect(told(before, page(other, '#boat')).changed).toEqual([
    [at, { html: '<a class="menu-link quiet" href="a.html">One &amp; two</a>\n' }],
  ]);
  // A part of a picture would not be read as one.
  expect(told(before, page(link, '#ship')).changed).toEqual([
    [[at[0], at[1], [1, 2]], { html: expect.stringContaining('<svg>') }],
  ]);
});

test('a text beside elements, and elements that come or go, have what they stand in come anew', () => {
  const page = (...inside: Node[]) => pageOf([el('main', {}, el('p', {}, ...inside))]);
  const sign = el('span', {}, 'x');
  for (const [before, after] of [
    [page('a', sign), page('b', sign)],
    [page('a', sign), page(sign)],
    [page(sign), page(sign, el('b', {}, 'y'))],
    [page('a'), page(sign)],
  ] as const)
    expect(told(before, after).changed).toEqual([
      [
        [
          [0, 1],
          [0, 1],
        ],
        { html: expect.stringMatching(/^<p>/) },
      ],
    ]);
});

test('where a part of the page comes, goes or is another, all that is seen comes anew', () => {
  const [header, footer] = [el('header', { class: 'header one' }), el('footer', {})];
  const before = pageOf([header, footer]);
  for (const after of [
    pageOf([header]),
    pageOf([header, el('main', {}), footer]),
    pageOf([el('header', { class: 'header two' }), footer]),
  ])
    expect(told(before, after)).toMatchObject({ body: expect.any(String), changed: [] });
});

test('a site that is edited is shown by what is told of each edit as it is anew', () => {
  const site: Site = { ...sampleSite(), languages: ['en', 'de'] };
  const items = Object.keys(site.menus.m!.items);
  const word = fc.stringMatching(/^[A-Za-z<&" ]{1,12}$/).filter((text) => text.trim() !== '');
  const label = fc
    .record({ item: fc.constantFrom(...items), label: word })
    .map(({ item, label: text }): Edit => ({ edit: 'labelItem', menu: 'm', item, label: text }));
  const language = fc.constantFrom('en', 'de');
  fc.assert(
    fc.property(fc.array(fc.tuple(label, language), { minLength: 1, maxLength: 6 }), (steps) => {
      let now: Site = site;
      let before = pageElement(now, homePage(now));
      const page = readPage(writeHtml(before));
      for (const [edit, lang] of steps) {
        const outcome = applyEdits(now, [edit]);
        if (!outcome.ok) throw new Error(JSON.stringify(outcome));
        now = outcome.site;
        const after = pageElement(now, homePage(now), undefined, lang);
        take(page, pageChange(before, after));
        const anew = readPage(writeHtml(after));
        expect([page.attrs, shown(bodyOf(page))]).toEqual([anew.attrs, shown(bodyOf(anew))]);
        before = after;
      }
    }),
    { numRuns: 40 },
  );
});
