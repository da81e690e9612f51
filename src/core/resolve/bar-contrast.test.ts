import { expect, test } from '@jest/globals';
import { statedParts } from '../pieces/stated-parts';
import type { Values } from '../properties/property';
import { newPiece } from '../site/defaults';
import { sampleSite } from '../site/sample.test-data';
import type { Site } from '../site/site';
import { fieldContrast, inkContrast } from './bar-contrast';
import { everyBarStanding, everyStanding } from './standing-piece';

const colour = (site: Site, id: string, css: string) =>
  (site.brand.colours[id] = { ...site.brand.colours[id]!, value: { css } });

/** The sample in black on white, with a search field in its header and a text in its drawer. */
function sample(field: Values = {}, bar: Values = {}): Site {
  const site = sampleSite();
  for (const [id, css] of [
    ['ground', '#fff'],
    ['ink', '#000'],
    ['muted', '#777'],
    ['line', '#ddd'],
    ['deep', '#000'],
    ['on-deep', '#fff'],
  ] as const)
    colour(site, id, css);
  site.headers.h!.pieces.search = newPiece('search', 'search', field);
  site.headers.h!.bars.b!.bays[2]!.pieces.push('search');
  Object.assign(site.headers.h!.bars.b!.values, bar);
  return site;
}

const header = { in: 'headers', assembly: 'h' } as const;
const drawer = { in: 'drawers', assembly: 'd' } as const;
function fieldRatio(site: Site): number | null {
  const [{ inBar }] = everyStanding(site, header, 'search') as [ReturnType<typeof everyStanding>[number]];
  const part = statedParts('search').find(({ prefix }) => prefix === 'field')!;
  return fieldContrast(site, inBar, part, 'rest');
}
const inks = (site: Site, at: typeof header | typeof drawer) =>
  everyBarStanding(site, at).map(({ bar }) => inkContrast(site, bar));

test('a field is told from what is around it by its line, or by its ground where that stands out more', () => {
  // #777 on white, by the relative luminance of 0.184.
  expect(fieldRatio(sample())).toBeCloseTo(4.48, 1);
  expect(fieldRatio(sample({ fieldEdge: { rest: 'border-hairline' } }))).toBeCloseTo(1.36, 1);
  const grounded = { fieldEdge: { rest: 'border-hairline' }, fieldGround: { rest: 'deep' } };
  expect(fieldRatio(sample(grounded))).toBeCloseTo(21);
  const [button] = statedParts('button');
  const [standing] = everyStanding(sample(), header, 'button');
  expect(fieldContrast(sample(), standing!.inBar, button!, 'rest')).toBeNull();
});

test('the ink of a bar is told on its ground, and not over a picture or a gradient', () => {
  expect(inks(sample(), header)[0]).toBeCloseTo(21);
  expect(inks(sample({}, { ground: { desktop: 'deep' } }), header)[0]).toBeCloseTo(1);
  expect(inks(sample({}, { tint: { desktop: 'deep' } }), header)).toEqual([null, null, null]);
  const over = sample({}, { ground: { desktop: 'none' } });
  expect(inks(over, header)[0]).toBeCloseTo(21);
  Object.assign(over.headers.h!.values, { lies: { desktop: 'over' } });
  expect(inks({ ...over, headers: { h: { ...over.headers.h! } } }, header)[0]).toBeNull();
});

test('bars of a drawer without colours of their own have those of the drawer, and follow no ground that is not theirs', () => {
  const site = sample();
  Object.assign(site.drawers.d!.values, { ground: { desktop: 'deep' }, ink: { desktop: 'on-deep' } });
  Object.assign(site.drawers.d!.bars.panel!.values, {
    ground: { desktop: 'none' },
    ink: { desktop: 'none' },
    set: { all: true },
  });
  const [first] = everyBarStanding(site, drawer);
  expect(first!.bar).toMatchObject({ ground: 'deep', ink: 'on-deep', set: false });
  expect(inkContrast(site, first!.bar)).toBeCloseTo(21);
});
