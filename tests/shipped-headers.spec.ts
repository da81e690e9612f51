import { chromium, expect } from '@playwright/test';
import fc from 'fast-check';
import { chromiumArguments, chromiumPath } from '../scripts/lib/chromium.mjs';
import type { Cause } from '../src/core/fit/bar-fit';
import { surveyFit } from '../src/core/fit/survey';
import type { Assembly } from '../src/core/site/assembly';
import { newItem } from '../src/core/site/defaults';
import type { Site } from '../src/core/site/site';
import { starters } from '../src/core/starters';
import { measured } from '../src/server/text/measured';
import { demo, demoDb, withStarter } from './support/demo-sites';
import { pieceKind } from '../src/core/pieces';
import { visitHandedOver } from './support/handed-over';
import { sample, someOf } from '../src/sample.test-data';
import { test } from './support/test';

const WHOLE = { from: 320, to: 3840 };

/** Whether what wraps is made for that: sentences, and at the side of the page a name or a label. */
function mayWrap({ pieces, values }: Assembly, causes: readonly Cause[]): boolean {
  const atSide = values.stands ? ['logo', 'menu'] : [];
  const may = (kind: string) => pieceKind(kind).runsOn === true || atSide.includes(kind);
  return causes.every((cause) => cause.pieces.every((id) => may(pieces[id]!.kind)));
}

/** Where bars of the header of a site do not fit, in any of its languages and before its fonts have come, at the usual text size and at twice that. */
function whereItDoesNotFit(site: Site): Promise<string[]> {
  const header = site.headers[site.placing.header!]!;
  const cases = site.languages.flatMap((language) =>
    [16, 24, 32].flatMap((root) => [false, true].map((inStandIn) => ({ language, root, inStandIn }))),
  );
  return measured(demoDb, (advances) =>
    cases.flatMap((each) => {
      const today = { site, advances, page: null, ...each };
      return surveyFit(today, 'headers', header, { whole: WHOLE }).bars.flatMap(({ bar, stretches }) =>
        stretches
          .filter(
            ({ status, causes }) =>
              status === 'overflows' || (status === 'wraps' && each.root === 16 && !mayWrap(header, causes)),
          )
          .map(
            ({ status, from, to, causes }) =>
              `${header.bars[bar]!.name} ${status} from ${from} to ${to} ${JSON.stringify(each)} ${JSON.stringify(causes)}`,
          ),
      );
    }),
  );
}

const letters = fc.constantFrom(...'abcdefghijklmnoprstuvw');
const labels = fc.array(fc.string({ unit: letters, minLength: 4, maxLength: 18 }), {
  minLength: 4,
  maxLength: 9,
});

/** A demo site whose first menus have items of these labels. */
function withLabels(site: Site, [first, second]: readonly string[][]): Site {
  const menus = Object.entries(site.menus).map(([id, menu], index) => {
    const words = [first, second][index];
    if (!words) return [id, menu];
    const items = words.map((label, nth) =>
      newItem({ id: `${id}-g${nth}`, label, link: { to: 'page', page: site.pageOrder[nth]! } }),
    );
    const byId = Object.fromEntries(items.map((item) => [item.id, item]));
    return [id, { ...menu, top: items.map((item) => item.id), items: byId, values: {} }];
  });
  return { ...site, menus: Object.fromEntries(menus) };
}

for (const id of ['hollin-sound', 'orrery-house'])
  test(`the header of ${id} fits at every width`, async () => {
    expect(await whereItDoesNotFit(demo(id))).toEqual([]);
  });

for (const { id, name } of someOf(starters, 7))
  test(`“${name}” fits at every width in either demo site, and with any menu`, async () => {
    for (const site of ['hollin-sound', 'orrery-house'])
      expect.soft(await whereItDoesNotFit(withStarter(demo(site), id))).toEqual([]);
    await fc.assert(
      fc.asyncProperty(labels, labels, async (first, second) => {
        const site = withStarter(withLabels(demo('hollin-sound'), [first, second]), id);
        expect(await whereItDoesNotFit(site)).toEqual([]);
      }),
      { numRuns: sample(2, 200) },
    );
  });

/** Runs in the page: what of the header can be followed or pressed, but is covered, or stands where no scrolling leads. */
function outOfReach(): string[] {
  const root = document.documentElement;
  return [...document.querySelectorAll<HTMLElement>('header :is(a, button, input)')]
    .filter((each) => each.checkVisibility({ visibilityProperty: true }))
    .flatMap((each) => {
      each.scrollIntoView({ block: 'nearest', inline: 'center', behavior: 'instant' });
      const { left, right, top, bottom, width, height } = each.getBoundingClientRect();
      if (width * height <= 1) return [];
      const name = `“${each.textContent.trim() || each.getAttribute('aria-label') || each.className}”`;
      if (left < -0.5 || right > root.clientWidth + 0.5) return [`${name} stands from ${left} to ${right}`];
      const hit = document.elementFromPoint((left + right) / 2, (top + bottom) / 2);
      const over = each.contains(hit) || hit?.contains(each);
      return over ? [] : [`${name} is behind ${hit?.outerHTML.slice(0, 60)}`];
    });
}

/** How readers see pages who need larger letters, or letters, words and lines set apart (WCAG 2.2, 1.4.4, 1.4.10 and 1.4.12). */
const readings = [
  { as: 'usual', root: 16, css: '' },
  { as: 'at 24 px', root: 24, css: '' },
  { as: 'at 32 px', root: 32, css: '' },
  {
    as: 'set apart',
    root: 16,
    css: '* { letter-spacing: 0.12em !important; word-spacing: 0.16em !important; line-height: 1.5 !important; }',
  },
];

for (const { as, root, css } of someOf(readings, 4))
  test(`in every ready-made header, all that can be followed is in reach, as read ${as}`, async () => {
    test.slow();
    const browser = await chromium.launch({
      executablePath: chromiumPath() ?? undefined,
      args: [...chromiumArguments, `--blink-settings=defaultFontSize=${root}`],
    });
    const page = await browser.newPage();
    const lost: string[] = [];
    for (const { id } of someOf(starters, 12))
      for (const site of ['hollin-sound', 'orrery-house'].slice(0, sample(1, 2))) {
        await visitHandedOver(page, demoDb, withStarter(demo(site), id));
        if (css) await page.addStyleTag({ content: css });
        for (const width of sample(1, 2) === 1 ? [320, 768, 1280] : [320, 640, 768, 1024, 1280]) {
          await page.setViewportSize({ width, height: 720 });
          lost.push(
            ...(await page.evaluate(outOfReach)).map((each) => `${id} of ${site} at ${width}: ${each}`),
          );
        }
      }
    await browser.close();
    expect(lost).toEqual([]);
  });
