import { expect, test } from '@jest/globals';
import { newAssembly, newMenu, newPiece } from '../site/defaults';
import { countedIds, sampleSite } from '../site/sample.test-data';
import type { Piece } from '../site/assembly';
import { footerFindings } from './footer-findings';

/** What is told of a footer of these pieces, on a site with a menu that has links and one that has none. */
function told(...pieces: Piece[]): string[] {
  const sample = sampleSite();
  const site = { ...sample, menus: { ...sample.menus, none: newMenu({ id: 'none', name: 'None' }) } };
  const footer = newAssembly('footers', 'Footer', 'desktop', countedIds());
  const bar = footer.bars[footer.order[0]!]!;
  bar.bays[0]!.pieces = pieces.map(({ id }) => id);
  return footerFindings(site, {
    ...footer,
    pieces: Object.fromEntries(pieces.map((each) => [each.id, each])),
  }).map(({ words }) => words);
}
const links = (id: string, menu: string, level?: number) =>
  newPiece(id, 'links', {
    menu: { all: menu },
    ...(level === undefined ? {} : { headingLevel: { all: level } }),
  });

test('a newsletter that nobody answers or that asks for no consent is told', () => {
  expect(told(newPiece('n', 'newsletter'))).toEqual([expect.stringContaining('nobody answers')]);
  const service = { all: 'https://news.example.com/' };
  expect(told(newPiece('n', 'newsletter', { service }))).toEqual([expect.stringContaining('no consent')]);
  const consent = { all: ['I agree.'] };
  expect(told(newPiece('n', 'newsletter', { service, consent }))).toEqual([]);
});

test('a page from elsewhere without a title is told, and one of a host that the site does not embed from', () => {
  const of = (values: object) =>
    told(newPiece('e', 'embed', { address: { all: 'https://maps.example.com/harbour' }, ...values }));
  expect(of({})).toEqual([expect.stringContaining('no title')]);
  expect(of({ title: { all: 'Map' } })).toEqual([expect.stringContaining('nothing from maps.example.com')]);
  expect(told(newPiece('e', 'embed'))).toEqual([]);
});

test('a list without links, and headings that skip a level, are told', () => {
  expect(told(links('l', 'none'), newPiece('m', 'links'))).toEqual([
    expect.stringContaining('has no links'),
    expect.stringContaining('has no links'),
  ]);
  expect(told(links('l', 'm'), links('k', 'm', 3))).toEqual([]);
  expect(told(links('l', 'm', 4))).toEqual([
    expect.stringContaining('level 4, and none above them has level 3'),
  ]);
});
