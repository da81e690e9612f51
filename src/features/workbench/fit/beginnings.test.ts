import { expect, test } from '@jest/globals';
import { newBar } from '@/core/site/defaults';
import { sampleSite } from '@/core/site/sample.test-data';
import { beginningsFor, beginsBy } from './beginnings';

const site = sampleSite();
const [three, one] = [site.headers.h!.bars.b!, newBar('one', 'One', {}, { start: ['logo'] })];
const ways = (...asked: Parameters<typeof beginningsFor>) => beginningsFor(...asked).map(({ by }) => by);
const way = (by: string) => beginningsFor(site, three).find((each) => each.by === by)!;

test('a middle is waited for where a bar has one, a band where there are several', () => {
  expect(ways(site, three)).toEqual(['fit', 'width', 'band', 'centre', 'browser']);
  const single = { ...one, bays: one.bays.slice(0, 1) };
  expect(ways({ ...site, bands: site.bands.slice(0, 1) }, single)).toEqual(['fit', 'width', 'browser']);
  // How a rule begins already stays among what it can be chosen from.
  expect(ways(site, single, 'centre')).toContain('centre');
});

test('room to spare is kept from one that is solved to another', () => {
  const fit = beginsBy(way('fit'), site, { by: 'centre', margin: 40 });
  expect(fit).toEqual({ by: 'fit', margin: 40 });
  expect(beginsBy(way('width'), site, fit)).toEqual({ by: 'width', below: 1024 });
  expect(beginsBy(way('centre'), site, { by: 'width', below: 700 })).toEqual({ by: 'centre', margin: 16 });
});
