import { expect, test } from '@jest/globals';
import { newBar } from '@/core/site/defaults';
import { sampleSite } from '@/core/site/sample.test-data';
import type { Site } from '@/core/site/site';
import { beginningsFor, beginsBy } from './beginnings';

const at = { in: 'headers', assembly: 'h' } as const;
const ways = (site: Site, now?: Parameters<typeof beginningsFor>[3]) =>
  beginningsFor(site, at, 'b', now).map(({ by }) => by);

/** The sample with one bay in its bar, and one band. */
function plain(around: string | null): Site {
  const site = sampleSite();
  const header = site.headers.h!;
  const bar = { ...newBar('b', 'Main bar', {}), bays: [{ id: 'only', pieces: ['menu'], values: {} }] };
  const menu = header.pieces.menu!;
  const turned = { ...menu, values: { ...menu.values, around: { desktop: around } } };
  const pieces = { ...header.pieces, menu: turned };
  return { ...site, bands: site.bands.slice(0, 1), headers: { h: { ...header, bars: { b: bar }, pieces } } };
}

test('a middle is waited for where a bar has one, a band where there are several', () => {
  expect(ways(sampleSite())).toEqual(['fit', 'width', 'band', 'centre', 'browser']);
  expect(ways(plain(null))).toEqual(['fit', 'width', 'browser']);
  // How a rule begins already stays among what it can be chosen from.
  expect(ways(plain(null), 'centre')).toContain('centre');
});

test('a logo between halves of a menu has a middle of its own', () => {
  expect(ways(plain('around'))).toContain('centre');
  expect(ways(plain('below'))).not.toContain('centre');
});

test('room to spare is kept from one that is solved to another', () => {
  const site = sampleSite();
  const way = (by: string) => beginningsFor(site, at, 'b').find((each) => each.by === by)!;
  const fit = beginsBy(way('fit'), site, { by: 'centre', margin: 40 });
  expect(fit).toEqual({ by: 'fit', margin: 40 });
  expect(beginsBy(way('width'), site, fit)).toEqual({ by: 'width', below: 1024 });
  expect(beginsBy(way('centre'), site, { by: 'width', below: 700 })).toEqual({ by: 'centre', margin: 16 });
});
