import { expect } from '@playwright/test';
import { starters } from '../src/core/starters';
import { compareBoxes } from './support/browser-boxes';
import { demo, demoDb, withHeader, withStarter } from './support/demo-sites';
import { generatedSite } from './support/generated-header';
import { sample } from './support/sample';
import { test } from './support/test';

const WIDTHS = [1600, 1280, 1000, 820, 640, 500, 375, 320];

async function agrees(
  page: Parameters<typeof compareBoxes>[0],
  sites: Parameters<typeof compareBoxes>[2][],
  least: number,
) {
  const comparisons = [];
  for (const site of sites) comparisons.push(await compareBoxes(page, demoDb, site, WIDTHS));
  expect(comparisons.flatMap(({ disagreements }) => disagreements)).toEqual([]);
  expect(comparisons.reduce((sum, { compared }) => sum + compared, 0)).toBeGreaterThan(least);
}

for (const id of ['hollin-sound', 'orrery-house'])
  test(`everything in the headers of ${id} stands where Chromium puts it`, ({ page }) =>
    agrees(
      page,
      Object.keys(demo(id).headers).map((header) => withHeader(demo(id), header)),
      100,
    ));

test('everything in every starter stands where Chromium puts it', ({ page }) =>
  agrees(
    page,
    starters.map(({ id }) => withStarter(demo('hollin-sound'), id)),
    1000,
  ));

/** Generated headers that are looked at in one go. */
const AT_ONCE = 40;
for (let from = 1; from <= sample(40, 1000); from += AT_ONCE)
  test(`everything in generated headers from ${from} on stands where Chromium puts it`, ({ page }) =>
    agrees(
      page,
      Array.from({ length: AT_ONCE }, (_, index) => generatedSite(from + index)),
      2000,
    ));
