import { expect } from '@playwright/test';
import fc from 'fast-check';
import type { Site } from '../src/core/site/site';
import { starters } from '../src/core/starters';
import { compareBoxes } from './support/browser-boxes';
import { compareFit } from './support/browser-fit';
import { demo, demoDb, withHeader, withoutRules, withStarter } from './support/demo-sites';
import { looks, siteWith, tapes, ways } from './support/made-sites';
import { sample, someOf } from '../src/sample.test-data';
import { inAudit, test } from './support/test';

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

for (const id of someOf(['orrery-house', 'hollin-sound'], 2))
  test(`everything in the headers of ${id} stands where Chromium puts it`, ({ page }) => {
    // It has many stages, each of which is looked at.
    test.slow();
    return agrees(
      page,
      Object.keys(demo(id).headers).map((header) => withHeader(demo(id), header)),
      100,
    );
  });

test('everything in starters stands where Chromium puts it', inAudit, ({ page }) =>
  agrees(
    page,
    someOf(starters, 5).map(({ id }) => withStarter(demo('hollin-sound'), id)),
    500,
  ),
);

for (const id of ['hollin-sound', 'orrery-house'])
  test(`everything in ${id} stands where Chromium puts it, also in drawers and footers, scrolled, at 24 px and before fonts have come`, async ({
    page,
  }) => {
    const looks: Parameters<typeof compareBoxes>[4][] = [
      { kind: 'drawers' },
      { kind: 'footers' },
      { phase: 'scrolled' },
      { phase: 'returning' },
      { root: 24 },
      { inStandIn: true },
    ];
    // One demo site is looked at in these, the other one in those.
    for (const look of someOf(id === 'hollin-sound' ? looks : looks.toReversed(), 2)) {
      const { disagreements, compared } = await compareBoxes(page, demoDb, demo(id), WIDTHS, look);
      expect(disagreements).toEqual([]);
      expect(compared).toBeGreaterThan(30);
    }
  });

/** The demo, with the menu of its uppermost bar as a row that scrolls, and with a logo of its own; no rule changes it. */
function scrollingWithLogo(around: string): Site {
  const site = withoutRules(withHeader(demo('hollin-sound'), 'h-main'));
  const [header] = Object.values(site.headers);
  const menu = Object.values(header!.pieces).find(({ kind }) => kind === 'menu')!;
  const values = { ...menu.values, shownAs: { desktop: 'scrolling' }, around: { desktop: around } };
  const pieces = { ...header!.pieces, [menu.id]: { ...menu, values } };
  return { ...site, headers: { [header!.id]: { ...header!, pieces } } };
}

for (const around of ['around', 'after', 'below'])
  test(`a row that scrolls with its logo ${around} stands where Chromium puts it`, async ({ page }) => {
    const site = scrollingWithLogo(around);
    const { disagreements, compared } = await compareBoxes(page, demoDb, site, [1280, 820, 375]);
    expect(disagreements).toEqual([]);
    expect(compared).toBeGreaterThan(200);
    // Both halves of it scroll, the logo between them in sight.
    if (around !== 'around') return;
    const { changes, disagreements: ofFit } = await compareFit(page, demoDb, site);
    expect(ofFit).toEqual([]);
    expect(changes).toBeGreaterThan(2);
  });

/** Generated headers that are looked at in one go, each at some widths. */
const AT_ONCE = sample(5, 18);
for (const { what, set } of ways)
  for (let from = 1; from <= sample(1, 1000); from += AT_ONCE)
    test(`everything in ${what} from ${from} on stands where Chromium puts it`, async ({ page }) => {
      let all = 0;
      const widths = fc.array(fc.integer({ min: 320, max: 1900 }), { minLength: 3, maxLength: 3 });
      await fc.assert(
        fc.asyncProperty(tapes, set, widths, fc.constantFrom(...looks), async (tape, said, at, look) => {
          const site = siteWith(tape, said);
          // What stands in for joined letters is as the visitor's machine has it.
          const known = ['ar', 'fa'].includes(site.languages[0]!) ? { ...look, inStandIn: false } : look;
          const { disagreements, compared } = await compareBoxes(page, demoDb, site, at, known);
          all += compared;
          expect(disagreements).toEqual([]);
        }),
        { numRuns: AT_ONCE, seed: from, interruptAfterTimeLimit: 90_000, markInterruptAsFailure: true },
      );
      expect(all).toBeGreaterThan(40 * AT_ONCE);
    });
