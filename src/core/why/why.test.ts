import { describe, expect, test } from '@jest/globals';
import { EVERYWHERE } from '../bands/follow';
import type { Place } from '../edit/place';
import { newPiece } from '../site/defaults';
import { sampleSite } from '../site/sample.test-data';
import type { Site } from '../site/site';
import { unmeasured } from '../text/advances';
import { whyHere } from './here';
import { whyOf } from './why';

/** The sample with a button and a text in the first bar of its header. */
function made() {
  const site: Site = structuredClone(sampleSite());
  const [header] = Object.values(site.headers);
  const bar = header!.bars[header!.order[0]!]!;
  header!.pieces.words = newPiece('words', 'text');
  header!.pieces.press = newPiece('press', 'button');
  bar.bays[0]!.pieces.push('words', 'press');
  const [wide, middle, narrow] = site.bands.map(({ id }) => id) as [string, string, string];
  const at = { in: 'headers' as const, assembly: header!.id };
  const piece = (id: string): Place => ({ on: 'piece', ...at, piece: id });
  return { site, header: header!, bar, at, piece, bands: { wide, middle, narrow } };
}

const why = (site: Site, place: Place, property: string, cell: string, width: number | null = null) =>
  whyOf(site, unmeasured, { place, property, cell }, width);
const said = (...args: Parameters<typeof why>) => why(...args).map(({ words, value }) => [words, value]);

describe('the chain of what made a value', () => {
  test('a band follows the next wider one that says it, and leads to its cell', () => {
    const { site, bar, at, bands } = made();
    bar.values = { ...bar.values, pieceGap: { [bands.wide]: 28 } };
    const place: Place = { on: 'bar', ...at, bar: bar.id };
    const chain = why(site, place, 'pieceGap', bands.narrow);
    expect(chain.map(({ words, value }) => [words, value])).toEqual([
      ['Phone follows Desktop', null],
      ['Set for Desktop', '28 px'],
    ]);
    expect(chain[0]!.lead).toEqual({ to: 'cell', place, property: 'pieceGap', cell: bands.wide });
    expect(said(site, place, 'pieceGap', bands.wide)).toEqual([['Set for Desktop', '28 px']]);
  });

  test('what nothing says is so from the start', () => {
    const { site, bar, at, bands } = made();
    bar.values = {};
    expect(said(site, { on: 'bar', ...at, bar: bar.id }, 'bayGap', bands.middle)).toEqual([
      ['Nothing is set: so it is from the start', '24 px'],
    ]);
  });

  test('a phase follows the top, in its own words', () => {
    const { site, bar, at, bands } = made();
    bar.values = { ...bar.values, ground: { [bands.wide]: 'deep' } };
    const place: Place = { on: 'bar', ...at, bar: bar.id };
    expect(said(site, place, 'ground', `${bands.wide}:scrolled`).slice(0, 3)).toEqual([
      ['Desktop, scrolled follows Desktop', null],
      ['Set for Desktop', 'Deep ground'],
      ['The colour “Deep ground”', site.brand.colours.deep!.value && '#22303c'],
    ]);
  });

  test('a colour that is the same as another leads to both in the brand', () => {
    const { site, bar, at, bands } = made();
    site.brand.colours.deep = { ...site.brand.colours.deep!, value: { as: 'accent' } };
    bar.values = { ...bar.values, ground: { [bands.wide]: 'deep' } };
    const chain = why(site, { on: 'bar', ...at, bar: bar.id }, 'ground', bands.wide);
    expect(chain.slice(1).map(({ lead }) => lead)).toEqual([
      { to: 'part', of: 'colours', id: 'deep' },
      { to: 'part', of: 'colours', id: 'accent' },
    ]);
  });

  test('a size that is left to the type style goes on there', () => {
    const { site, piece, bands } = made();
    const chain = why(site, piece('words'), 'textSize', bands.narrow);
    expect(chain[0]!.words).toMatch(/^It has none of its own: as the type style “.+” says$/);
    expect(chain.at(-1)!.lead).toMatchObject({ to: 'cell', place: { on: 'typeStyle' }, property: 'size' });
    expect(chain.at(-1)!.value).toMatch(/px|rem|to/);
  });

  test('what is left to the bay is left to the bar, and the gutter to the brand', () => {
    const { site, bar, at, piece, bands } = made();
    bar.values = { ...bar.values, across: { [bands.wide]: 'end' }, gutter: {} };
    const chain = why(site, piece('words'), 'alignSelf', bands.middle);
    expect(chain.map(({ lead }) => lead && lead.to === 'cell' && lead.place.on)).toEqual([
      'bay',
      'bar',
      'bar',
      'bar',
    ]);
    expect(chain.at(-1)).toMatchObject({ words: 'Set for Desktop', value: 'at the bottom' });
    const gutter = why(site, { on: 'bar', ...at, bar: bar.id }, 'gutter', bands.wide);
    expect(gutter.at(-1)!.lead ?? gutter[0]!.lead).toMatchObject({ place: { on: 'brand' } });
  });

  test('a state that says nothing has the ink of the bar, and follows another state that says something', () => {
    const { site, header, bar, piece, bands } = made();
    bar.values = { ...bar.values, ink: { [bands.wide]: 'accent' } };
    header.pieces.links = newPiece('links', 'account');
    bar.bays[0]!.pieces.push('links');
    expect(said(site, piece('links'), 'accountInk', 'hover').slice(0, 2)).toEqual([
      ['Nothing is said of it: it has the ink of “Main bar”', null],
      ['Set for Desktop', 'Accent'],
    ]);
    expect(said(site, piece('press'), 'buttonInk', 'hover')).toEqual([
      ['Nothing is said of it: so it comes with its rank', 'Ink on accent'],
    ]);
    header.pieces.links.values = { accountInk: { rest: 'deep' } };
    const { pieces } = structuredClone(header);
    const later = { ...site, headers: { [header.id]: { ...header, pieces } } };
    expect(said(later, piece('links'), 'accountInk', 'pressed').slice(0, 2)).toEqual([
      ['Pressed follows Rest', null],
      ['Set for Rest', 'Deep ground'],
    ]);
  });

  test('where what stands on a bar follows its ground, its ink is worked out whatever is said of it', () => {
    const { site, bar, at, bands } = made();
    bar.values = { ...bar.values, set: { [EVERYWHERE]: true }, ground: { [bands.wide]: 'deep' } };
    const chain = why(site, { on: 'bar', ...at, bar: bar.id }, 'ink', bands.wide);
    expect(chain[0]).toMatchObject({
      value: '#f4f5f2',
      lead: { to: 'cell', property: 'set', cell: EVERYWHERE },
    });
    expect(chain.map(({ words }) => words)).toContain('Set for Desktop');
  });

  test('a rule that has begun at a width is told before what it turns, and nothing of it above', () => {
    const { site, bar, piece, at, bands } = made();
    bar.rules = [
      {
        id: 'gone',
        when: { by: 'width', below: 700 },
        turns: [{ piece: 'words', property: 'shown', value: 'hidden' }],
      },
    ];
    const [first] = why(site, piece('words'), 'shown', bands.middle, 650);
    expect(first).toEqual({
      words: `Collapse rule 1 of “${bar.name}” turns it below 700 px`,
      value: 'hidden',
      lead: { to: 'rules', at, bar: bar.id },
    });
    expect(said(site, piece('words'), 'shown', bands.middle, 800)).toHaveLength(1);
    // Without a width, it is asked of the whole band.
    expect(said(site, piece('words'), 'shown', bands.middle)).toHaveLength(2);
    expect(said(site, piece('words'), 'shown', bands.wide)).toHaveLength(1);
  });

  test('a cell that is gone has no chain', () => {
    const { site, piece, bands } = made();
    expect(why(site, piece('nobody'), 'shown', bands.wide)).toEqual([]);
    expect(why(site, piece('words'), 'nothing', bands.wide)).toEqual([]);
  });
});

describe('every value of the sample', () => {
  test('has a chain that ends in a value, in every band and state', () => {
    const { site, header, at } = made();
    const bars: Place[] = header.order.map((bar) => ({ on: 'bar', ...at, bar }));
    const pieces: Place[] = Object.keys(header.pieces).map((piece) => ({ on: 'piece', ...at, piece }));
    for (const pointedAt of [...bars, ...pieces]) {
      const pointed =
        pointedAt.on === 'bar'
          ? { at, on: 'bar' as const, id: pointedAt.bar }
          : { at, on: 'piece' as const, id: (pointedAt as { piece: string }).piece };
      const here = whyHere(site, unmeasured, pointed, { width: 800, phase: 'top' })!;
      expect(here.holds[0]).toBe('Tablet, 640–1023 px');
      for (const { reasons } of here.values)
        expect(reasons.findLast(({ value }) => value !== null)).toBeDefined();
    }
  });

  test('what is gone is not explained', () => {
    const { site, at } = made();
    const gone = { at, on: 'piece' as const, id: 'nobody' };
    expect(whyHere(site, unmeasured, gone, { width: 800, phase: 'top' })).toBeNull();
  });
});
