import { readFileSync } from 'node:fs';
import { expect, test } from '@jest/globals';
import { readSiteFile } from '../formats/site-file';
import { sampleSite } from './sample.test-data';
import { resolveAssembly } from '../resolve/assembly';
import { SITE_VERSION, type Site } from './site';
import { readDocument } from './soundness';
import { upgraded, versionProblem } from './upgrades';

/** A site file as the application of a version wrote it; none of them is ever changed. */
const frozen = (version: number) =>
  readFileSync(`src/core/site/frozen/version-${version}.gable.json`, 'utf8');

/** The pieces of assemblies, without what closes drawers, which was none once. */
const piecesOf = (assemblies: Site['headers']) =>
  Object.values(assemblies).map(({ pieces }) =>
    Object.values(pieces).flatMap(({ id, kind }) => (kind === 'close' ? [] : [id])),
  );

const olderVersions = Array.from({ length: SITE_VERSION - 1 }, (_, index) => index + 1);

test.each(olderVersions)('a site file that version %i wrote is opened whole', (version) => {
  const written = JSON.parse(frozen(version)) as { site: Site; bytes: object };
  expect(written.site.version).toBe(version);
  const reading = readSiteFile(frozen(version));
  if (!reading.ok) throw new Error(JSON.stringify(reading.problems));
  const { site, bytes } = reading.file;
  expect(site.version).toBe(SITE_VERSION);
  expect(bytes).toEqual(written.bytes);
  expect(site.pageOrder).toEqual(written.site.pageOrder);
  expect(Object.keys(site.menus['m-main']!.items)).toEqual(Object.keys(written.site.menus['m-main']!.items));
  for (const kind of ['headers', 'drawers', 'footers'] as const)
    expect(piecesOf(site[kind])).toEqual(piecesOf(written.site[kind]));
});

test('version 1 had bays by name and a bar stacked by a value; now they are a list and a division', () => {
  const before = JSON.parse(frozen(1)).site;
  const kept = structuredClone(before);
  const site = upgraded(before) as unknown as Site;
  const [bar, was] = [site, before].map((each) => each.headers['h-main'].bars['h-main-b2']);
  expect(bar.bays.map(({ id, pieces }: { id: string; pieces: string[] }) => [id, pieces])).toEqual(
    Object.entries(was.bays),
  );
  expect(before).toEqual(kept);
});

test('version 2 let control characters, paths that meet and languages that are one into the document', () => {
  const site = JSON.parse(JSON.stringify(sampleSite()));
  site.version = 2;
  site.languages = ['en', 'de-AT', 'de-at'];
  site.pages.home.titles = { 'de-AT': 'Anfang', 'de-at': 'Beginn' };
  site.pages.small.titles = { 'de-at': 'Kleine' };
  site.pages.boats.path = '/site.css/boats';
  site.menus.m.items.i1.link = { to: 'section', page: 'home', section: 'a\u0000b' };
  site.menus.m.items.i1.label = 'To\u0007 here';
  site.menus.m.items.i2.link = { to: 'language', language: 'de-at' };
  site.menus.m.items.i2.label = 'Deutsch';
  const reading = readDocument(upgraded(site));
  if (!reading.ok) throw new Error(JSON.stringify(reading.problems));
  const now = reading.site;
  expect(now.languages).toEqual(['en', 'de-AT']);
  expect(now.pages.home!.titles).toEqual({ 'de-AT': 'Anfang' });
  expect(now.pages.small!.titles).toEqual({ 'de-AT': 'Kleine' });
  expect(now.pages.boats!.path).toBe('/site-css/boats');
  expect(now.menus.m!.items.i1!.label).toBe('To here');
  expect(now.menus.m!.items.i2!.link).toEqual({ to: 'language', language: 'de-AT' });
});

test('version 3 counted the least height of a bar without its padding and lines; what it looks like stays', () => {
  const site = JSON.parse(JSON.stringify(sampleSite()));
  site.version = 3;
  site.headers.h.bars.b.values = {
    leastHeight: { desktop: 64, 'desktop:scrolled': 40, phone: 50 },
    padding: { tablet: 4 },
    lineBelow: { desktop: 'border-strong' },
  };
  const reading = readDocument(upgraded(site));
  if (!reading.ok) throw new Error(JSON.stringify(reading.problems));
  const now = reading.site;
  const line = now.brand.borders['border-strong']!.value.width;
  expect(now.headers.h!.bars.b!.values.leastHeight).toEqual({
    desktop: 64 + 16 + line,
    'desktop:scrolled': 40 + 16 + line,
    tablet: 64 + 8 + line,
    phone: 50 + 8 + line,
  });
  // A bar of which nothing was said is as high as it was.
  expect(now.drawers.d!.bars.panel!.values).toEqual({});
  const { values } = resolveAssembly(now, 'drawers', now.drawers.d!, 'desktop').bars[0]!;
  expect(values.leastHeight).toBe(64 + 16);
});

test('a document of this version, or of one that never was, comes back as it is', () => {
  const site = sampleSite() as unknown as Record<string, unknown>;
  expect(upgraded(site)).toBe(site);
  for (const version of [0, 99, '1', null]) {
    const strange = { ...site, version };
    expect(upgraded(strange)).toBe(strange);
    expect(versionProblem(version)).toMatchObject({ path: 'version' });
  }
  for (const version of [...olderVersions, SITE_VERSION]) expect(versionProblem(version)).toBeNull();
});

test('version 5 closed drawers by a button of their own; now that is a piece in a bar that stays', () => {
  const site = JSON.parse(JSON.stringify(sampleSite()));
  site.version = 5;
  site.drawers.d.pieces.close = { id: 'close', kind: 'button', values: {} };
  site.drawers.d.bars.panel.bays[0].pieces.push('close');
  const reading = readDocument(upgraded(site));
  if (!reading.ok) throw new Error(JSON.stringify(reading.problems));
  const { order, bars, pieces } = reading.site.drawers.d!;
  expect(order).toEqual(['head', ...site.drawers.d.order]);
  expect(bars.head!.values).toEqual({ part: { all: 'head' } });
  // An id that is taken is not taken again.
  expect(bars.head!.bays.map((bay) => bay.pieces)).toEqual([[], [], ['close-2']]);
  expect(pieces['close-2']!.kind).toBe('close');
});

test('version 6 gave a bay without a share one; now fewer shares are fewer columns', () => {
  const site = JSON.parse(JSON.stringify(sampleSite()));
  site.version = 6;
  delete site.embeds;
  site.headers.h.bars.b.values.division = {
    desktop: { by: 'shares', shares: [2, 1] },
    phone: { by: 'stack' },
  };
  const reading = readDocument(upgraded(site));
  if (!reading.ok) throw new Error(JSON.stringify(reading.problems));
  expect(reading.site.headers.h!.bars.b!.values.division).toEqual({
    desktop: { by: 'shares', shares: [2, 1, 1] },
    phone: { by: 'stack' },
  });
  expect(reading.site.embeds).toEqual([]);
});

test('version 7 took parts of what there are no parts of, which browsers passed over; now they are whole', () => {
  const site = JSON.parse(JSON.stringify(sampleSite()));
  site.version = 7;
  const { pieces, bars } = site.headers.h;
  pieces.menu.values = {
    ...pieces.menu.values,
    order: { desktop: 2.5, phone: -1 },
    behind: { desktop: 0.4 },
  };
  pieces.logo.values = { artworkHeight: { desktop: 36.5 } };
  bars.b.rules = [
    {
      id: 'fewer',
      when: { by: 'fit', margin: 0 },
      turns: [
        { piece: 'menu', property: 'behind', value: 2.6, step: 0.25 },
        { piece: 'logo', property: 'artworkHeight', value: 20.5, step: -0.5 },
      ],
    },
  ];
  site.brand.values = { layerHeader: { all: 10.5 } };
  const reading = readDocument(upgraded(site));
  if (!reading.ok) throw new Error(JSON.stringify(reading.problems));
  const { headers, brand } = reading.site;
  expect(headers.h!.pieces.menu!.values).toMatchObject({
    order: { desktop: 3, phone: -1 },
    behind: { desktop: 0 },
  });
  expect(headers.h!.pieces.logo!.values).toEqual({ artworkHeight: { desktop: 36.5 } });
  expect(headers.h!.bars.b!.rules![0]!.turns).toEqual([
    { piece: 'menu', property: 'behind', value: 3, step: 1 },
    { piece: 'logo', property: 'artworkHeight', value: 20.5, step: -0.5 },
  ]);
  expect(brand.values).toEqual({ layerHeader: { all: 11 } });
});
