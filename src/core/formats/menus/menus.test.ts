import { expect, test } from '@jest/globals';
import fc from 'fast-check';
import { itemLabel } from '../../menus/entries';
import { integrityProblems } from '../../site/integrity';
import { newItem, newMenu } from '../../site/defaults';
import type { Link } from '../../properties/link';
import type { Menu } from '../../site/menu';
import { countedIds, sampleSite } from '../../site/sample.test-data';
import type { Site } from '../../site/site';
import { matchItems, unknownPaths } from './found-item';
import { menuFormatOf, menuFormats } from './index';

const site: Site = {
  ...sampleSite(),
  languages: ['en', 'de'],
  files: { f: { id: 'f', name: 'times.pdf', bytes: 9, hash: 'c'.repeat(64) } },
};

const links: Link[] = [
  { to: 'nothing' },
  { to: 'page', page: 'boats' },
  { to: 'page', page: 'home' },
  { to: 'section', page: 'small', section: 'part-1' },
  { to: 'dialog', page: 'boats' },
  { to: 'address', address: 'https://example.com/a?b=1&c=(2)#d' },
  { to: 'email', email: 'crew@example.com' },
  { to: 'telephone', telephone: '+441632960117' },
  { to: 'file', file: 'f' },
  { to: 'drawer', drawer: 'd' },
  { to: 'language', language: 'de' },
];

/** A menu as nested labels and links, which every form can carry. */
interface OutlineEntry {
  label: string;
  link: Link;
  children: OutlineEntry[];
}
type Outline = OutlineEntry[];

function outline(menu: Pick<Menu, 'items' | 'top'>): Outline {
  const entry = (id: string): Outline[number] => {
    const item = menu.items[id]!;
    return { label: itemLabel(site, item), link: item.link, children: item.children.map(entry) };
  };
  return menu.top.map(entry);
}

/** Any menu of up to three levels, with labels that hold what the forms use as marks. */
const label = fc
  .array(
    fc.constantFrom(
      'a',
      'B',
      'ü',
      '&',
      '<',
      '*',
      '_',
      '[',
      ']',
      '"',
      ',',
      ';',
      '#',
      '-',
      '`',
      '1.',
      '=',
      ' ',
    ),
    {
      minLength: 1,
      maxLength: 10,
    },
  )
  .map((parts) => parts.join('').replace(/\s+/g, ' ').trim())
  // The last word of a line of the plain list would be read as where it leads.
  .filter((text) => text !== '' && !/(^|\s)[#/]\S*$/.test(text));
const link = fc.constantFrom(...links);
const nodes = (depth: number): fc.Arbitrary<Outline> =>
  fc.array(fc.record({ label, link, children: depth === 1 ? fc.constant([]) : nodes(depth - 1) }), {
    minLength: depth === 3 ? 1 : 0,
    maxLength: 3,
  });

function menuFrom(entries: Outline): Menu {
  const ids = countedIds();
  const items: Menu['items'] = {};
  const add = (each: Outline[number]): string => {
    const id = ids();
    items[id] = newItem({ id, label: each.label, link: each.link, children: each.children.map(add) });
    return id;
  };
  const top = entries.map(add);
  return newMenu({ id: 'x', name: 'X', top, items });
}

test.each(menuFormats.map((format) => [format.name, format] as const))(
  'a menu written as %s and read again is the same menu',
  (_, format) => {
    fc.assert(
      fc.property(nodes(3), (entries) => {
        const menu = menuFrom(entries);
        const { found, problems } = format.read(format.write(site, menu));
        expect(problems).toEqual([]);
        const matched = matchItems(site, found, countedIds());
        expect(matched.problems).toEqual([]);
        const items = Object.fromEntries(matched.items.map((item) => [item.id, item]));
        expect(outline({ items, top: matched.top })).toEqual(outline(menu));
      }),
      { numRuns: 60 },
    );
  },
);

test('CSV carries what an item says besides', () => {
  const values = {
    title: { all: 'T' },
    description: { all: 'D, "d"' },
    badge: { all: '3' },
    newWindow: { all: true },
  };
  const menu = newMenu({
    id: 'x',
    name: 'X',
    top: ['a'],
    items: { a: newItem({ id: 'a', link: links[1]!, values }) },
  });
  const csv = menuFormats.find((format) => format.id === 'csv')!;
  const [item] = matchItems(site, csv.read(csv.write(site, menu)).found, countedIds()).items;
  expect(item!.values).toEqual(values);
  expect(item!.label).toBeNull();
});

test.each([
  ['opml', '<?xml version="1.0"?><opml version="2.0"/>'],
  ['html', '\n <nav><ul></ul></nav>'],
  ['csv', 'Level,Label\n1,A'],
  ['markdown', '- [A](/a)'],
  ['markdown', '1. A'],
  ['list', 'Boats  /boats'],
])('%s is told by %j', (id, text) => {
  expect(menuFormatOf(text).id).toBe(id);
});

test('a pasted nav of an old page keeps its structure: nested lists, buttons that open, icons and white space', () => {
  const { found, problems } = menuFormatOf('<nav>').read(`
<header><nav class="x">
  <ul>
    <li><a href="/index.html"><svg></svg> Home </a></li>
    <li><button>Boats</button>
      <div><ul>
        <li><a href="boats/small.html#top" title="For two">Small
          boats</a></li>
      </ul></div>
    </li>
    <li><a href="https://example.com" target="_blank">Partner</a></li>
  </ul>
</nav></header>`);
  expect(problems).toEqual([]);
  expect(
    found.map(({ label: words, parent, line, title, newWindow }) => [words, parent, line, title, newWindow]),
  ).toEqual([
    ['Home', null, 4, null, false],
    ['Boats', null, 5, null, false],
    ['Small boats', 1, 7, 'For two', false],
    ['Partner', null, 11, null, true],
  ]);
  expect(found.map((item) => item.target)).toMatchObject([
    { path: '/' },
    { link: { to: 'nothing' } },
    { path: '/boats/small', section: 'top' },
    { link: { to: 'address' } },
  ]);
});

test('a nav without a list gives its links', () => {
  const { found } = menuFormatOf('<').read('<nav><a href="/a">A</a> <span><a href="/b">B</a></span></nav>');
  expect(found.map((item) => item.label)).toEqual(['A', 'B']);
});

test.each([
  ['- [A](javascript:alert(1))\n- [B](/boats)', 1, 'may not use javascript:'],
  ['<ul><li><a href="data:text/html,x">A</a></li></ul>', 1, 'may not use data:'],
  ['A  tel:12', 1, 'cannot be a telephone number'],
  ['A  mailto:nobody', 1, 'cannot be an e-mail address'],
  ['A\n  B\n    C\n      D', 4, 'stands on level 4'],
  ['level,label\n1,A\n3,B', 3, 'does not follow on the row above'],
  ['label,target\n,/boats', 2, 'at least one letter'],
  ['<opml><body>\n<outline text="A">\n</body></opml>', 3, 'not XML'],
  ['<?xml version="1.0"?><rss/>', 1, 'not OPML'],
  ['<p>Hello</p>', 1, 'no list and no link'],
])('%j is refused in its line', (text, line, reason) => {
  const { problems } = menuFormatOf(text).read(text);
  expect(problems[0]).toMatchObject({ line, reason: expect.stringContaining(reason) });
});

test('what stands below a line that is left out is left out too, and named', () => {
  const { found, problems } = menuFormatOf('x').read('A  javascript:x\n  B  /boats\nC  /boats');
  expect(found.map((item) => item.label)).toEqual(['C']);
  expect(problems.map((problem) => problem.line)).toEqual([1, 2]);
});

test('targets that the site does not have are named, and a new page can be made of each path', () => {
  const { found } = menuFormatOf('x').read(
    'Boats  /boats\nNew  /new\nNew again  /NEW\nOld  /old\nMap  drawer:None',
  );
  const { items, problems } = matchItems(site, found, countedIds());
  expect(problems.map((problem) => problem.line)).toEqual([2, 3, 4, 5]);
  expect(items[1]).toMatchObject({ label: 'New', link: { to: 'nothing' } });
  expect([...unknownPaths(site, found)]).toEqual([
    ['/new', 'New'],
    ['/old', 'Old'],
  ]);
});

test('no text at all makes a reader fall over, and what it gives is a sound menu', () => {
  const text = fc.oneof(
    fc.string({ unit: 'grapheme' }),
    fc
      .array(
        fc.constantFrom(
          '- ',
          '  ',
          '\n',
          '<li>',
          '<ul>',
          '<a href="/boats">',
          '</ul>',
          'A',
          ',',
          '"',
          '<outline text="A">',
          '<opml>',
        ),
        { maxLength: 20 },
      )
      .map((parts) => parts.join('')),
  );
  fc.assert(
    fc.property(text, fc.constantFrom(...menuFormats), (source, format) => {
      const { items, top } = matchItems(site, format.read(source).found, countedIds());
      const menu = newMenu({
        id: 'x',
        name: 'X',
        top,
        items: Object.fromEntries(items.map((item) => [item.id, item])),
      });
      expect(integrityProblems({ ...site, menus: { ...site.menus, x: menu } })).toEqual([]);
    }),
  );
});
