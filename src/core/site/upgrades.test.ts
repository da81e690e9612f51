import { expect, test } from '@jest/globals';
import * as v from 'valibot';
import { integrityProblems } from './integrity';
import { sampleSite } from './sample.test-data';
import { siteSchema, SITE_VERSION } from './site';
import { upgraded } from './upgrades';

/** The sample as version 1 had it: bays by name, and a bar stacked by a value of that name. */
function firstVersion(): Record<string, unknown> {
  const site = JSON.parse(JSON.stringify(sampleSite()));
  for (const kind of ['headers', 'drawers', 'footers'])
    for (const assembly of Object.values<Record<string, unknown>>(site[kind]))
      for (const bar of Object.values(assembly.bars as Record<string, Record<string, unknown>>)) {
        const bays = bar.bays as { id: string; pieces: string[] }[];
        bar.division = 'edges';
        bar.bays = Object.fromEntries(bays.map(({ id, pieces }) => [id, pieces]));
      }
  site.headers.h.bars.b.values = { bays: { desktop: 'beside', phone: 'stacked' }, padding: { desktop: 4 } };
  const art = { hash: 'a'.repeat(64), type: 'image/svg+xml', width: 9, height: 9, bytes: 9, alt: '' };
  site.artwork.art = { ...art, id: 'art', name: 'Mark' };
  site.headers.h.pieces.logo.values = { artwork: { all: 'art' } };
  return { ...site, version: 1 };
}

test('a document of the first version is read with its bays as a list and its stacking as a division', () => {
  const before = firstVersion();
  const kept = structuredClone(before);
  const site = v.parse(siteSchema, upgraded(before));
  expect(integrityProblems(site)).toEqual([]);
  expect(site.version).toBe(SITE_VERSION);
  const bar = site.headers.h!.bars.b!;
  expect(bar.bays.map(({ id, pieces }) => [id, pieces])).toEqual([
    ['start', ['logo']],
    ['middle', ['menu']],
    ['end', ['button']],
  ]);
  expect(bar.values).toEqual({
    division: { desktop: { by: 'edges' }, phone: { by: 'stack' } },
    padding: { desktop: 4 },
  });
  expect(site.headers.h!.pieces.logo!.values.artwork).toEqual({ desktop: 'art' });
  expect(before).toEqual(kept);
});

test('a document of this version, or of one that never was, comes back as it is', () => {
  const site = sampleSite();
  expect(upgraded(site)).toBe(site);
  for (const version of [0, 99, '1', null]) {
    const strange = { ...site, version };
    expect(upgraded(strange)).toBe(strange);
  }
});
