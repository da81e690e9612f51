import { chromium, expect, type Page } from '@playwright/test';
import { chromiumArguments, chromiumPath } from '../scripts/lib/chromium.mjs';
import type { Place } from '../src/core/boxes/placed';
import { openDropDowns } from '../src/core/fit/drop-down-places';
import { usually } from '../src/core/fit/heights';
import type { Site } from '../src/core/site/site';
import { starters } from '../src/core/starters';
import { measured } from '../src/server/text/measured';
import { demo, demoDb, withStarter } from './support/demo-sites';
import { visitHandedOver } from './support/handed-over';
import { test } from './support/test';

const HEIGHT = 900;

/** How far the core and Chromium may differ, in CSS px. */
const TOLERANCE = 0.5;

interface Seen {
  label: string;
  place: Place;
  /** Whether each of its corners is seen: neither outside the window nor under something. */
  uncovered: boolean;
}

/** Opens every drop-down of the header that can be opened, one after another, and tells where it stands. */
const openEach = (page: Page) =>
  page.evaluate((): Seen[] => {
    const toggles = [...document.querySelectorAll<HTMLElement>('.header .menu-list > li > .menu-toggle')];
    return toggles
      .filter((toggle) => toggle.getClientRects().length > 0)
      .map((toggle) => {
        toggle.click();
        const panel = toggle.nextElementSibling!;
        const { x, y, width, height, right, bottom } = panel.getBoundingClientRect();
        // Within rounded corners and lines.
        const corners = [
          [x + 4, y + 4],
          [right - 4, y + 4],
          [x + 4, bottom - 4],
          [right - 4, bottom - 4],
        ] as const;
        return {
          label: toggle.getAttribute('aria-label') ?? toggle.textContent,
          place: { x, y: y + scrollY, width, height },
          uncovered: corners.every(([at, down]) => panel.contains(document.elementFromPoint(at, down))),
        };
      });
  });

/** What is not as it was worked out at some widths, in words; and how many drop-downs were compared. */
async function compare(page: Page, site: Site, widths: readonly number[], path = '', root = 16) {
  await page.emulateMedia({ reducedMotion: 'reduce' });
  const language =
    site.languages.find((each) => path.startsWith(`${each.toLowerCase()}/`)) ?? site.languages[0]!;
  await visitHandedOver(page, demoDb, site, { path });
  await page.evaluate(() => document.fonts.ready);
  const wrong: string[] = [];
  let compared = 0;
  const home = Object.values(site.pages).find((each) => each.path === '/')!.id;
  for (const width of widths) {
    await page.setViewportSize({ width, height: HEIGHT });
    const seen = await openEach(page);
    const expected = await measured(demoDb, (advances) =>
      openDropDowns(
        { ...usually(site, advances), language, page: home, root },
        'headers',
        site.headers[site.placing.header!]!,
        { width, height: HEIGHT },
      ),
    );
    if (seen.length !== expected.length)
      wrong.push(`${width}: ${expected.length} in the core, ${seen.length} seen`);
    seen.forEach(({ label, place, uncovered }, index) => {
      const own = expected[index];
      if (!own) return;
      compared += 1;
      const off = (['x', 'y', 'width', 'height'] as const).filter(
        (each) => Math.abs(own[each] - place[each]) > TOLERANCE,
      );
      if (off.length > 0)
        wrong.push(
          `${width}, ${label} (${own.side}): ${off.map((each) => `${each} ${own[each].toFixed(1)}, in Chromium ${place[each].toFixed(1)}`).join('; ')}`,
        );
      if (!uncovered || place.x < 0 || place.x + place.width > width)
        wrong.push(`${width}, ${label}: ${JSON.stringify(place)} is not all in sight`);
    });
  }
  return { wrong, compared };
}

const every = (step: number) =>
  Array.from({ length: Math.floor(1600 / step) + 1 }, (_, index) => 320 + index * step);

for (const path of ['', 'de/index.html'])
  test(`every drop-down of the demo stands where it was worked out, within the window, at each 20 px: /${path}`, async ({
    page,
  }) => {
    const { wrong, compared } = await compare(page, demo('hollin-sound'), every(20), path);
    expect(wrong).toEqual([]);
    expect(compared).toBeGreaterThan(100);
  });

test('the same with text twice as large, as the browser is set to it', async () => {
  const browser = await chromium.launch({
    executablePath: chromiumPath() ?? undefined,
    args: [...chromiumArguments, '--blink-settings=defaultFontSize=32'],
  });
  const page = await browser.newPage();
  const widths = every(80).map((width) => width * 2);
  const { wrong, compared } = await compare(page, demo('hollin-sound'), widths, '', 32);
  await browser.close();
  expect(wrong).toEqual([]);
  expect(compared).toBeGreaterThan(30);
});

/** A site in a language that runs from right to left, its labels as they were. */
const turned = (site: Site): Site => ({ ...site, languages: ['ar'] });

test('the same where lines run from right to left', async ({ page }) => {
  const { wrong, compared } = await compare(page, turned(demo('hollin-sound')), every(40));
  expect(wrong).toEqual([]);
  expect(compared).toBeGreaterThan(50);
});

test('every drop-down of every starter stands where it was worked out, within the window', async ({
  page,
}) => {
  let all = 0;
  for (const { id, name } of starters) {
    const { wrong, compared } = await compare(page, withStarter(demo('hollin-sound'), id), every(100));
    all += compared;
    expect([name, wrong]).toEqual([name, []]);
  }
  expect(all).toBeGreaterThan(100);
});
