import { describe, expect, test } from '@jest/globals';
import { integrityProblems } from '../../site/integrity';
import { countedIds } from '../../site/sample.test-data';
import { readSiteFile, writeSiteFile } from '../site-file';
import { composeWebsite } from './compose-website';
import { madePages } from './pages.test-data';
import { foundIn, type FoundWebsite } from './found-website';
import { readWebsite } from './read-website';
import type { LineProblem } from '../reading';

function read(html: string): FoundWebsite & { problems: LineProblem[] } {
  const reading = readWebsite(html);
  if (!reading.ok) throw new Error(reading.reason);
  return { ...foundIn(reading.parts), problems: reading.problems };
}
const noBytes = (): never => {
  throw new Error('There are no bytes');
};

describe.each(madePages.map((made) => ({ ...made })))('a page of $build', (made) => {
  const found = read(made.html);

  test('is read into the menus that a person finds', () => {
    expect(Object.fromEntries(found.menus.map(({ name, reading }) => [name, reading.found.length]))).toEqual(
      made.menus,
    );
    if (made.name !== null) expect(found.name).toBe(made.name);
    expect(found).toMatchObject(made.more ?? {});
  });

  test('is composed into a site that holds together, with a header and a footer of what was found', () => {
    const { site } = composeWebsite(found, countedIds());
    expect(integrityProblems(site)).toEqual([]);
    const again = readSiteFile(writeSiteFile(site, noBytes));
    expect(again.ok ? [] : again.problems).toEqual([]);
    const [header] = Object.values(site.headers);
    const shown = Object.values(header!.pieces).find(({ kind }) => kind === 'menu')!.values.menu;
    expect(Object.values(shown!)).toEqual([Object.keys(site.menus)[0]]);
  });
});

test('of all that is linked to in headers and footers, nearly all is understood, and the rest is told', () => {
  const understood = madePages.map(({ html }) =>
    read(html).menus.reduce((sum, { reading }) => sum + reading.found.length, 0),
  );
  const all = madePages.reduce((sum, { links }) => sum + links, 0);
  const share = understood.reduce((sum, count) => sum + count, 0) / all;
  expect(share).toBeGreaterThan(0.9);
  // What cannot be a link is said with its line.
  const { problems } = read(madePages.at(-1)!.html);
  expect(problems).toContainEqual({
    line: expect.any(Number),
    reason: expect.stringContaining('javascript'),
  });
});

test('lists of a footer become columns under their headings', () => {
  const { site } = composeWebsite(read(madePages[4]!.html), countedIds());
  const menu = Object.values(site.menus).find(({ name }) => name === 'Footer')!;
  expect(menu.top.map((id) => menu.items[id]!.label)).toEqual(['Learn', 'About']);
  expect(menu.top.map((id) => menu.items[id]!.children.length)).toEqual([2, 1]);
  const [footer] = Object.values(site.footers);
  const address = Object.values(footer!.pieces).find(({ kind }) => kind === 'address')!;
  expect(address.values).toMatchObject({
    line1: { all: '1 Example Street' },
    telephone: { all: '+441632960001' },
  });
});

test('the header begins with the menu that holds most, and what is said twice is one menu', () => {
  const few = '<nav aria-label="Service"><ul><li><a href="/a">A</a></li></ul></nav>';
  const many = '<nav aria-label="All"><ul><li><a href="/b">B</a></li><li><a href="/c">C</a></li></ul></nav>';
  const found = read(`<body><header>${few}${many}</header><div>${many}</div></body>`);
  expect(found.menus.map(({ name }) => name)).toEqual(['Service', 'All']);
  const { site } = composeWebsite(found, countedIds());
  expect(Object.values(site.menus).map(({ name }) => name)).toEqual(['All', 'Service']);
});

test('pages stand below those whose path theirs begins with', () => {
  const { site } = composeWebsite(read(madePages[1]!.html), countedIds());
  const titleOf = (id: string | null) => (id === null ? null : site.pages[id]!.title);
  expect(site.pageOrder.map((id) => [site.pages[id]!.path, titleOf(site.pages[id]!.parent)])).toEqual([
    ['/', null],
    ['/visit', null],
    ['/visit/prices', 'Visit'],
    ['/visit/prices/groups', 'Prices'],
    ['/shows', null],
    ['/imprint', null],
  ]);
});

test.each([
  ['a text', 'Boats and more', 'It is no HTML'],
  ['nothing', '', 'It is no HTML'],
  ['frames', '<frameset><frame src="a.html"></frameset>', 'made of frames'],
  ['deep nesting', '<div>'.repeat(400), 'deep in each other'],
  ['more than is read', `<p>${'x'.repeat(20 * 1024 * 1024)}`, 'more than 20 MB'],
])('%s is refused with a reason', (_, html, says) => {
  expect(readWebsite(html)).toEqual({ ok: false, reason: expect.stringContaining(says) });
});

test('what is missing or not read is told, and nothing of it runs', () => {
  const { problems, menus } = read(
    '<body><header><form><input></form><nav><ul><li><a href="//evil.example/x">A</a></li></ul></nav></header><header></header></body>',
  );
  expect(problems.map(({ reason }) => reason)).toEqual(
    expect.arrayContaining([
      'A form is not read.',
      'There are 2 headers: all were read.',
      'No footer was found.',
    ]),
  );
  expect(menus).toHaveLength(1);
  const none = read('<body><p>Nothing here</p></body>');
  expect(none.menus).toEqual([]);
  expect(none.problems.map(({ reason }) => reason)).toContain('No header was found.');
});

test('links to where else a site can be met are a list of their own, beside the line of rights', () => {
  const found = read(
    '<body><footer><h3>Visit</h3><ul><li><a href="/way">The way here</a></li></ul><h3>Follow us</h3><ul><li><a href="https://pictures.example.com/q">Pictures</a></li><li><a href="https://messages.example.com/q"><svg aria-label="Messages"></svg></a></li></ul><p>© Alder Quay</p></footer></body>',
  );
  expect(found.menus.map(({ name, social }) => [name, social])).toEqual([
    ['Visit', false],
    ['Follow us', true],
  ]);
  const { site } = composeWebsite(found, countedIds());
  const footer = site.footers[site.placing.footer!]!;
  const piece = Object.values(footer.pieces).find(({ kind }) => kind === 'social')!;
  const menu = site.menus[String(Object.values(piece.values.menu!)[0])]!;
  expect(menu.top.map((id) => menu.items[id]!.label)).toEqual(['Pictures', 'Messages']);
  expect(integrityProblems(site)).toEqual([]);
});

test('what is said before a number is no line of an address, and a menu in another order is no second one', () => {
  const found = read(
    '<body><nav><ul><li><a href="/a">A</a></li><li><a href="/b">B</a></li></ul></nav><nav><ul><li><a href="/b">B</a></li><li><a href="/a">A</a></li></ul></nav><footer><address>1 Example Street<br>Tel. <a href="tel:+441632960001">01632 960001</a><br>By boat only from <a href="/quay">Alder Quay</a></address></footer></body>',
  );
  expect(found.address).toEqual(['1 Example Street', 'By boat only from']);
  expect(found.menus.filter(({ stands }) => stands === 'header')).toHaveLength(1);
});
