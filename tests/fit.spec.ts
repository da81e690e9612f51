import { expect } from '@playwright/test';
import fc from 'fast-check';
import { starters } from '../src/core/starters';
import type { Site } from '../src/core/site/site';
import { compareFit } from './support/browser-fit';
import { demo, demoDb, withHeader, withoutRules, withStarter } from './support/demo-sites';
import { seededSite } from './support/generated-header';
import { siteOf, siteWith, tapeOf, tapes, ways } from './support/made-sites';
import { sample, someOf } from '../src/sample.test-data';
import { inAudit, test } from './support/test';

async function agrees(page: Parameters<typeof compareFit>[0], sites: readonly Site[], inStandIn = false) {
  const comparisons = [];
  for (const site of sites) comparisons.push(await compareFit(page, demoDb, site, { inStandIn }));
  expect(comparisons.flatMap(({ disagreements }) => disagreements)).toEqual([]);
  // Not every header changes its fit; that most do shows that there was something to compare.
  expect(comparisons.reduce((sum, { changes }) => sum + changes, 0)).toBeGreaterThanOrEqual(sites.length / 2);
}

/** A header as it ships, and as it would stand if it did not give way: then there is more to compare. */
const alsoWithoutRules = (site: Site): Site[] => [site, withoutRules(site)];

for (const id of ['hollin-sound', 'orrery-house'])
  test(`every header of ${id} changes its fit where Chromium says`, ({ page }) =>
    agrees(
      page,
      Object.keys(demo(id).headers).flatMap((header) => alsoWithoutRules(withHeader(demo(id), header))),
    ));

test(
  'before its fonts have come, every header of the demo changes its fit where Chromium says',
  inAudit,
  ({ page }) =>
    agrees(
      page,
      ['hollin-sound', 'orrery-house'].flatMap((id) =>
        Object.keys(demo(id).headers).flatMap((header) => alsoWithoutRules(withHeader(demo(id), header))),
      ),
      true,
    ),
);

test('starters change their fit where Chromium says', ({ page }) =>
  agrees(
    page,
    someOf(starters, 7).flatMap(({ id }) => alsoWithoutRules(withStarter(demo('hollin-sound'), id))),
  ));

/** Rows of bars in which what is short comes to nothing, but not quite, before anything else begins. */
const ROWS = [6021, 6328];
test('bars that share a row change their fit where the last of them has what it prefers', ({ page }) =>
  agrees(
    page,
    ROWS.map((seed) => siteOf(tapeOf(seed))),
  ));

/** Generated headers that are looked at in one go. */
const AT_ONCE = 8;
for (let from = 1; from <= sample(8, 1000); from += AT_ONCE)
  test(`generated headers from ${from} on change their fit where Chromium says`, ({ page }) =>
    agrees(
      page,
      Array.from({ length: AT_ONCE }, (_, index) => seededSite(from + index)),
    ));

/** Of those that hold all that there is: as many. */
const OF_ALL = sample(4, 15);
for (const { what, set } of someOf(ways, 2))
  for (let from = 1; from <= sample(1, 1000); from += OF_ALL)
    test(`${what} from ${from} on change their fit where Chromium says`, async ({ page }) => {
      let all = 0;
      await fc.assert(
        fc.asyncProperty(tapes, set, async (tape, said) => {
          const { disagreements, changes } = await compareFit(page, demoDb, siteWith(tape, said));
          all += changes;
          expect(disagreements).toEqual([]);
        }),
        { numRuns: OF_ALL, seed: from, interruptAfterTimeLimit: 90_000, markInterruptAsFailure: true },
      );
      expect(all).toBeGreaterThan(OF_ALL);
    });
