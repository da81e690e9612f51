import { expect } from '@playwright/test';
import { mkdtempSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { starters } from '../src/core/starters';
import { startHeader } from '../src/core/starters/starter';
import { countedIds } from '../src/core/site/sample.test-data';
import type { Site } from '../src/core/site/site';
import { lookHere } from '../src/server/bytes/look';
import { openDatabase } from '../src/server/db/open';
import { seedDemo } from '../src/server/demo/seed';
import { loadSite } from '../src/server/sites/store';
import { compareFit } from './support/browser-fit';
import { generatedSite } from './support/generated-header';
import { sample } from './support/sample';
import { test } from './support/test';

const db = openDatabase(mkdtempSync(path.join(tmpdir(), 'gable-ridge-fit-')));
await seedDemo(db, lookHere, new Date(0));
const demo = (id: string) => loadSite(db, id)!.site;

const withHeader = (site: Site, header: string): Site => ({ ...site, placing: { ...site.placing, header } });
const withStarter = (site: Site, id: string): Site => {
  const { header, menus } = startHeader(
    site,
    starters.find((each) => each.id === id)!,
    id,
    countedIds(),
  );
  const added = Object.fromEntries(menus.map((menu) => [menu.id, menu]));
  return {
    ...withHeader(site, header.id),
    menus: { ...site.menus, ...added },
    headers: { ...site.headers, [header.id]: header },
  };
};

async function agrees(page: Parameters<typeof compareFit>[0], sites: readonly Site[], inStandIn = false) {
  const comparisons = [];
  for (const site of sites) comparisons.push(await compareFit(page, db, site, { inStandIn }));
  expect(comparisons.flatMap(({ disagreements }) => disagreements)).toEqual([]);
}

for (const id of ['hollin-sound', 'orrery-house'])
  test(`every header of ${id} changes its fit where Chromium says`, ({ page }) =>
    agrees(
      page,
      Object.keys(demo(id).headers).map((header) => withHeader(demo(id), header)),
    ));

test('before its fonts have come, every header of the demo changes its fit where Chromium says', ({ page }) =>
  agrees(
    page,
    ['hollin-sound', 'orrery-house'].flatMap((id) =>
      Object.keys(demo(id).headers).map((header) => withHeader(demo(id), header)),
    ),
    true,
  ));

test('every starter changes its fit where Chromium says', ({ page }) =>
  agrees(
    page,
    starters.map(({ id }) => withStarter(demo('hollin-sound'), id)),
  ));

/** Generated headers that are looked at in one go. */
const AT_ONCE = 40;
for (let from = 1; from <= sample(80, 1000); from += AT_ONCE)
  test(`generated headers from ${from} on change their fit where Chromium says`, ({ page }) =>
    agrees(
      page,
      Array.from({ length: AT_ONCE }, (_, index) => generatedSite(from + index)),
    ));
