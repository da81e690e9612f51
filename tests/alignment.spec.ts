import { expect, type Page } from '@playwright/test';
import { applyEdits } from '../src/core/edit/apply';
import type { Edit } from '../src/core/edit';
import { acrossLabels } from '../src/core/properties/bay';
import { divisionText, type Division } from '../src/core/properties/kinds/division';
import { homePage } from '../src/core/render/files';
import { renderPage } from '../src/core/render/page/page';
import { renderStylesheet } from '../src/core/render/stylesheet/stylesheet';
import { bayActs } from '../src/core/resolve/acting';
import { resolveAssembly } from '../src/core/resolve/assembly';
import { newBar, newPiece } from '../src/core/site/defaults';
import { sampleSite } from '../src/core/site/sample.test-data';
import type { Site } from '../src/core/site/site';
import { sample, someOf } from '../src/sample.test-data';
import { test } from './support/test';

const divisions: Division[] = [
  { by: 'edges' },
  { by: 'shares', shares: [1, 1, 1] },
  { by: 'shares', shares: [3, 1, 2] },
  { by: 'stack' },
];
/** Which bays hold something: one, the edges, all. */
const held: (readonly string[])[] = [['start'], ['start', 'end'], ['start', 'middle', 'end']];
const WIDTHS = [1280, 420, 768].slice(0, sample(1, 3));
const at = { in: 'headers', assembly: 'h' } as const;

/** A header of one bar with three bays, with two texts of different size in each that holds something. */
function siteOf(division: Division, bays: readonly string[], turned: boolean): Site {
  const site = sampleSite();
  const texts = bays.flatMap((bay) => [
    newPiece(`${bay}-a`, 'text', { text: { all: ['A'] } }),
    newPiece(`${bay}-b`, 'text', { text: { all: ['B'] }, textSize: { desktop: 30 } }),
  ]);
  const values = {
    division: { desktop: division },
    leastHeight: { desktop: 200 },
    ...(turned ? { turnedRound: { desktop: true } } : {}),
  };
  const bar = newBar('b', 'Bar', values, {});
  for (const bay of bar.bays) if (bays.includes(bay.id)) bay.pieces = [`${bay.id}-a`, `${bay.id}-b`];
  site.headers.h = {
    ...site.headers.h!,
    order: ['b'],
    bars: { b: bar },
    pieces: Object.fromEntries(texts.map((piece) => [piece.id, piece])),
  };
  return { ...site, placing: { header: 'h', footer: null, rules: [] } };
}

/** Where the texts of the header stand, to half a px. */
async function places(page: Page, site: Site) {
  const html = renderPage(site, homePage(site)).replace(/<link rel="stylesheet"[^>]*>/, '');
  await page.setContent(html);
  await page.addStyleTag({ content: renderStylesheet(site) });
  return page.evaluate(() =>
    [...document.querySelectorAll('.text')].map((text) => {
      const { x, y, width, height } = text.getBoundingClientRect();
      return [x, y, width, height].map((each) => Math.round(each * 2) / 2);
    }),
  );
}

const withValue = (site: Site, edit: Extract<Edit, { edit: 'setValue' }>): Site => {
  const outcome = applyEdits(site, [edit]);
  if (!outcome.ok) throw new Error(outcome.reason);
  return outcome.site;
};

const alongValues = ['start', 'center', 'end', 'spread'];
const acrossValues = Object.keys(acrossLabels);

for (const division of someOf(divisions, 4))
  test(`every alignment that is offered acts in a bar that is ${divisionText(division)}`, async ({
    page,
  }) => {
    test.setTimeout(240_000);
    const every = held.flatMap((bays) => WIDTHS.map((width) => ({ bays, width })));
    for (const [index, { bays, width }] of every.entries())
      for (const turned of [false, true])
        // One of both ways round is enough where there is little time.
        if (sample(Number(turned === (index % 2 === 1)), 1)) {
          await page.setViewportSize({ width, height: 700 });
          const site = siteOf(division, bays, turned);
          const bar = resolveAssembly(site, 'headers', site.headers.h!, 'desktop').bars[0]!;
          const said = `${bays.join(' ')}${turned ? ', turned round' : ''}, at ${width}`;
          const different = async (
            place: Extract<Edit, { edit: 'setValue' }>['place'],
            property: string,
            values: readonly string[],
          ) => {
            const seen = new Map<string, string>();
            for (const value of values) {
              const stands = await places(
                page,
                withValue(site, { edit: 'setValue', place, property, cell: 'desktop', value }),
              );
              const same = seen.get(JSON.stringify(stands));
              expect(same, `${property} ${value} stands as ${same}: ${said}`).toBeUndefined();
              seen.set(JSON.stringify(stands), value);
            }
          };
          for (const [index, bay] of bays.entries()) {
            const settled = bar.bays.find(({ pieces }) => pieces[0]?.id === `${bay}-a`)!;
            const of = { on: 'bay' as const, ...at, bar: 'b', bay };
            const stacked = division.by === 'stack';
            if (bayActs.along!(bar, settled)) await different(of, 'along', alongValues);
            if (bayActs.across!(bar, settled))
              await different(of, 'across', stacked ? ['start', 'center', 'end'] : acrossValues);
            if (index === 0)
              await different(
                { on: 'piece', ...at, piece: `${bay}-a` },
                'alignSelf',
                stacked ? ['start', 'center', 'end'] : ['start', 'center', 'end', 'stretch'],
              );
          }
          if (division.by !== 'stack')
            await different({ on: 'bar', ...at, bar: 'b' }, 'across', acrossValues);
        }
  });

test('bays that are turned round stand the other way round, with their shares', async ({ page }) => {
  await page.setViewportSize({ width: 1280, height: 700 });
  const lefts = async (division: Division, turned: boolean) =>
    (await places(page, siteOf(division, ['start', 'middle', 'end'], turned)))
      .filter((_, index) => index % 2 === 0)
      .map(([x]) => x!);
  for (const division of divisions.filter(({ by }) => by !== 'stack')) {
    const [one, two, three] = await lefts(division, true);
    expect(three!).toBeLessThan(two!);
    expect(two!).toBeLessThan(one!);
  }
  const [, , last] = await lefts({ by: 'shares', shares: [3, 1, 2] }, true);
  const [first] = await lefts({ by: 'shares', shares: [2, 1, 3] }, false);
  expect(last).toBe(first);
});
