import { chromium, expect, type Locator, type Page } from '@playwright/test';
import { chromiumArguments, chromiumPath } from '../scripts/lib/chromium.mjs';
import type { Place } from '../src/core/boxes/placed';
import { openDropDowns } from '../src/core/fit/drop-down-places';
import { usually } from '../src/core/fit/heights';
import type { Values } from '../src/core/properties/property';
import type { Assembly, Piece } from '../src/core/site/assembly';
import { newItem, newPiece } from '../src/core/site/defaults';
import type { Site } from '../src/core/site/site';
import { starters } from '../src/core/starters';
import { measured } from '../src/server/text/measured';
import { demo, demoDb, withStarter } from './support/demo-sites';
import { visitHandedOver } from './support/handed-over';
import { sample, someOf } from '../src/sample.test-data';
import { inAudit, test } from './support/test';

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
    const toggles = [
      ...document.querySelectorAll<HTMLElement>(
        ':is(.header .menu-list > li > .menu-toggle, .header .chooser-toggle)',
      ),
    ];
    const shown = (toggle: Element) => toggle.getClientRects().length > 0;
    const beside = (toggle: HTMLElement) => [
      ...toggle.nextElementSibling!.querySelectorAll<HTMLElement>(':scope > li > .menu-toggle'),
    ];
    return toggles
      .filter(shown)
      .flatMap((toggle) => {
        document.body.click();
        toggle.click();
        return [toggle, ...beside(toggle).filter(shown)];
      })
      .map((toggle) => {
        document.body.click();
        toggle
          .parentElement!.parentElement!.parentElement!.querySelector<HTMLElement>(':scope > .menu-toggle')
          ?.click();
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
    // The logo of this width has to come first.
    await page.evaluate(() =>
      new Promise(requestAnimationFrame).then(() => new Promise(requestAnimationFrame)),
    );
    await page.waitForFunction(() =>
      [...document.images].every((each) => each.complete || each.getClientRects().length === 0),
    );
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

for (const path of someOf(['', 'de/index.html'], 2))
  test(`every drop-down of the demo stands where it was worked out, within the window, width by width: /${path}`, async ({
    page,
  }) => {
    const { wrong, compared } = await compare(page, demo('hollin-sound'), every(sample(80, 20)), path);
    expect(wrong).toEqual([]);
    expect(compared).toBeGreaterThan(30);
  });

test('the same with text twice as large, as the browser is set to it', inAudit, async () => {
  const browser = await chromium.launch({
    executablePath: chromiumPath() ?? undefined,
    args: [...chromiumArguments, '--blink-settings=defaultFontSize=32'],
  });
  const page = await browser.newPage();
  const widths = every(sample(160, 80)).map((width) => width * 2);
  const { wrong, compared } = await compare(page, demo('hollin-sound'), widths, '', 32);
  await browser.close();
  expect(wrong).toEqual([]);
  expect(compared).toBeGreaterThan(12);
});

/** A site in a language that runs from right to left, its labels as they were. */
const turned = (site: Site): Site => ({ ...site, languages: ['ar'] });

test('the same where lines run from right to left', inAudit, async ({ page }) => {
  const { wrong, compared } = await compare(page, turned(demo('hollin-sound')), every(sample(160, 40)));
  expect(wrong).toEqual([]);
  expect(compared).toBeGreaterThan(12);
});

test(
  'every drop-down of starters stands where it was worked out, within the window',
  inAudit,
  async ({ page }) => {
    let all = 0;
    for (const { id, name } of someOf(starters, 3)) {
      const { wrong, compared } = await compare(
        page,
        withStarter(demo('hollin-sound'), id),
        every(sample(320, 20)),
      );
      all += compared;
      expect([name, wrong]).toEqual([name, []]);
    }
    expect(all).toBeGreaterThan(sample(10, 50));
  },
);

/** The demo with its main menu said otherwise. */
function withMenu(values: Record<string, Record<string, unknown>>, site = demo('hollin-sound')): Site {
  const header = site.headers['h-main']!;
  const menu = Object.values(header.pieces).find((each) => each.values.menu?.desktop === 'm-main')!;
  const said = { ...menu, values: { ...menu.values, ...values } } as Piece;
  const pieces = { ...header.pieces, [menu.id]: said };
  return { ...site, headers: { ...site.headers, [header.id]: { ...header, pieces } } };
}

/** The demo with lists below items of the first and the last drop-down of its menu, in a form in which they open beside it. */
function withThirdLevel(values: Record<string, Record<string, unknown>> = {}): Site {
  const site = demo('hollin-sound');
  const menu = site.menus['m-main']!;
  const [first, last] = [menu.top[0]!, menu.top.at(-1)!];
  const below = [first, last].flatMap((top) => menu.items[top]!.children.slice(0, 2));
  const added = below.flatMap((parent, at) =>
    ['Before you go', 'On the quay', 'Underway with the whole family'].map((label, nth) => ({
      parent,
      item: newItem({ id: `third-${at}-${nth}`, label, link: { to: 'page', page: site.pageOrder[0]! } }),
    })),
  );
  const items = {
    ...menu.items,
    ...Object.fromEntries(added.map(({ item }) => [item.id, item])),
    ...Object.fromEntries(
      below.map((id) => [
        id,
        {
          ...menu.items[id]!,
          children: added.filter(({ parent }) => parent === id).map(({ item }) => item.id),
        },
      ]),
    ),
  };
  const changed = { ...site, menus: { ...site.menus, 'm-main': { ...menu, items } } };
  return withMenu(
    {
      panel: { desktop: 'list' },
      panelWidth: { desktop: 'own' },
      second: { desktop: 'beside' },
      descriptions: { desktop: false },
      ...values,
    },
    changed,
  );
}

for (const [as, site, path] of someOf(
  [
    ['', () => withThirdLevel(), ''],
    [', in German', () => withThirdLevel(), 'de/index.html'],
    [', from right to left', () => turned(withThirdLevel({ belowAlign: { desktop: 'end' } })), ''],
  ] as const,
  3,
))
  test(`lists beside drop-downs stand where it was worked out, within the window${as}`, async ({ page }) => {
    const widths = every(sample(160, 20)).filter((width) => width >= 960);
    const { wrong, compared } = await compare(page, site(), widths, path);
    expect(wrong).toEqual([]);
    // Some of them are beside: more than the six drop-downs of the menu and the choosers a width.
    expect(compared).toBeGreaterThan(widths.length * 4);
  });

test('lists beside drop-downs open by keys and by pointing, one at a time, and stand inside in low windows and without scripts', async ({
  page,
  browser,
}) => {
  const site = withThirdLevel({ opensBy: { all: 'pointing' } });
  await page.setViewportSize({ width: 1440, height: 800 });
  await visitHandedOver(page, demoDb, site);
  await toggle(page, 'Sailings').focus();
  await page.keyboard.press('Enter');
  await page.keyboard.press('ArrowDown');
  await page.keyboard.press('ArrowDown');
  await expect(toggle(page, 'Today’s sailings')).toBeFocused();
  await page.keyboard.press('Enter');
  const inside = page.locator('.header').getByRole('link', { name: 'On the quay' }).filter({ visible: true });
  await expect(inside).toHaveCount(1);
  await page.keyboard.press('Escape');
  await expect(inside).toHaveCount(0);
  await page.mouse.move(10, 700);
  await link(page, 'Sailings').hover();
  await link(page, 'Timetable').hover();
  await expect(inside).toHaveCount(1);
  await expect(toggle(page, 'Timetable')).toHaveAttribute('aria-expanded', 'true');

  await page.setViewportSize({ width: 1440, height: 260 });
  await expect(toggle(page, 'Timetable')).toBeHidden();
  await expect(inside).toHaveCount(2);
  const quiet = await browser.newPage({ javaScriptEnabled: false, viewport: { width: 1440, height: 800 } });
  await visitHandedOver(quiet, demoDb, site);
  await link(quiet, 'Sailings').hover();
  await expect(
    quiet.locator('.header').getByRole('link', { name: 'On the quay' }).filter({ visible: true }),
  ).toHaveCount(2);
  await quiet.close();
});

/** The demo with cards in panels of columns: one with a picture and words, and one with neither. */
function withCards(values: Record<string, Record<string, unknown>> = {}): Site {
  const site = demo('hollin-sound');
  const menu = site.menus['m-main']!;
  const [first, second] = menu.items[menu.top[1]!]!.children;
  const picture = Object.keys(site.artwork)[0]!;
  const words = 'The shortest way over the sound, eight times a day in summer, with a view of the seals.';
  const said = { card: { all: true }, picture: { all: picture }, description: { all: words } };
  const items = {
    ...menu.items,
    [first!]: { ...menu.items[first!]!, values: said },
    [second!]: {
      ...menu.items[second!]!,
      values: { card: { all: true }, icon: { all: 'clock' }, badge: { all: 'new' } },
    },
  };
  const changed = { ...site, menus: { ...site.menus, 'm-main': { ...menu, items } } };
  const heavier = { itemWeight: { rest: 400, hover: 700 } };
  return withMenu(
    { panel: { desktop: 'columns' }, panelColumns: { desktop: 4 }, ...heavier, ...values },
    changed,
  );
}

for (const panelWidth of someOf(['own', 'content', 'bar', 'window'], 4))
  test(
    `cards in panels as wide as ${panelWidth} stand where it was worked out`,
    inAudit,
    async ({ page }) => {
      const site = withCards({ panelWidth: { desktop: panelWidth }, cardWidth: { desktop: 200 } });
      const widths = every(sample(320, 40)).filter((width) => width >= 960);
      const { wrong, compared } = await compare(page, site, widths);
      expect(wrong).toEqual([]);
      expect(compared).toBeGreaterThan(widths.length * 2);
      await page.setViewportSize({ width: 1440, height: 900 });
      await toggle(page, 'Routes').click();
      const card = page.locator('.header .menu-card:visible').first();
      await expect(card.locator('img')).toBeVisible();
      await expect(card).toContainText('with a view of the seals');
      // In the drawer it is a link as the others are.
      await page.setViewportSize({ width: 375, height: 900 });
      await page.getByRole('button', { name: 'Menu', exact: true }).click();
      await page
        .locator('dialog')
        .getByRole('button', { name: 'Routes: more' })
        .filter({ visible: true })
        .click();
      const link = page.locator('dialog').getByRole('link', { name: 'Port Hollin – Wren Island' });
      await expect(link.filter({ visible: true }).locator('img')).toHaveCount(0);
    },
  );

const toggle = (page: Page, name: string) =>
  page.locator('.header').getByRole('button', { name: `${name}: more` });
const link = (page: Page, name: string) => page.locator('.header').getByRole('link', { name, exact: true });
const WIDE = { width: 1440, height: 800 };

/** The ways to open what hangs from an item, besides a click; each also leaves it again. */
const waysToOpen: Record<
  string,
  { site(): Site; open(page: Page, item: Locator): Promise<void>; leave(page: Page): Promise<void> }
> = {
  keys: {
    site: () => demo('hollin-sound'),
    open: (_, item) => item.locator('> .menu-toggle').press('Enter'),
    leave: (page) => page.keyboard.press('Escape'),
  },
  touch: {
    site: () => demo('hollin-sound'),
    open: (_, item) => item.locator('> .menu-toggle').tap(),
    leave: (page) => page.touchscreen.tap(5, HEIGHT - 5),
  },
  pointing: {
    site: () => withMenu({ opensBy: { all: 'pointing' } }),
    open: (_, item) => item.locator('> .menu-link').hover(),
    leave: (page) => page.mouse.move(5, HEIGHT - 5),
  },
};

for (const [way, { site: siteOf, open, leave }] of someOf(Object.entries(waysToOpen), 3))
  test(
    `opened by ${way}, every drop-down stands where it was worked out, width by width`,
    inAudit,
    async ({ browser }) => {
      test.setTimeout(sample(120_000, 900_000));
      const context = await browser.newContext({ hasTouch: way === 'touch', reducedMotion: 'reduce' });
      const page = await context.newPage();
      const site = siteOf();
      await visitHandedOver(page, demoDb, site);
      await page.evaluate(() => document.fonts.ready);
      let compared = 0;
      for (const width of every(sample(320, 20))) {
        await page.setViewportSize({ width, height: HEIGHT });
        const placed = await measured(demoDb, (advances) =>
          openDropDowns(usually(site, advances), 'headers', site.headers[site.placing.header!]!, {
            width,
            height: HEIGHT,
          }),
        );
        const expected = placed.filter(({ selector }) => selector.endsWith('.menu-below'));
        const items = page.locator('.header .menu-list > li:has(> .menu-toggle):visible');
        const count = await page.locator('.header .menu-list > li > .menu-toggle:visible').count();
        expect([width, count]).toEqual([width, expected.length]);
        for (const [nth, own] of expected.entries()) {
          const item = items.filter({ has: page.locator('> .menu-toggle:visible') }).nth(nth);
          await open(page, item);
          await expect(item.locator('> .menu-toggle')).toHaveAttribute('aria-expanded', 'true');
          const seen = (await item.locator('> .menu-below').boundingBox())!;
          for (const side of ['x', 'y', 'width', 'height'] as const)
            expect([width, nth, side, Math.abs(own[side] - seen[side]) <= TOLERANCE]).toEqual([
              width,
              nth,
              side,
              true,
            ]);
          await leave(page);
          await expect(item.locator('> .menu-toggle')).toHaveAttribute('aria-expanded', 'false');
          compared += 1;
        }
      }
      expect(compared).toBeGreaterThan(sample(4, 100));
      await context.close();
    },
  );

test('keys go along the items and into what is open, by first letters too, and Escape leads back', async ({
  page,
}) => {
  await page.setViewportSize(WIDE);
  await visitHandedOver(page, demoDb, demo('hollin-sound'));
  await link(page, 'Sailings').focus();
  await page.keyboard.press('ArrowRight');
  await expect(toggle(page, 'Sailings')).toBeFocused();
  await page.keyboard.press('End');
  await expect(toggle(page, 'Help')).toBeFocused();
  await page.keyboard.press('Home');
  await expect(link(page, 'Sailings')).toBeFocused();
  await page.keyboard.press('r');
  await expect(link(page, 'Routes')).toBeFocused();
  await page.keyboard.press('ArrowRight');
  await page.keyboard.press('Enter');
  await expect(toggle(page, 'Routes')).toHaveAttribute('aria-expanded', 'true');
  await page.keyboard.press('ArrowDown');
  await expect(link(page, 'Port Hollin – Wren Island')).toBeFocused();
  await page.keyboard.press('i');
  await expect(link(page, 'Island hopper')).toBeFocused();
  await page.keyboard.press('Home');
  await page.keyboard.press('ArrowDown');
  await expect(link(page, 'Port Hollin – Great Skerrow')).toBeFocused();
  await page.keyboard.press('Escape');
  await expect(toggle(page, 'Routes')).toBeFocused();
  await expect(toggle(page, 'Routes')).toHaveAttribute('aria-expanded', 'false');
});

test('by pointing where that is chosen: after a moment, kept on the way across a neighbour, and left', async ({
  page,
}) => {
  await page.setViewportSize(WIDE);
  await visitHandedOver(page, demoDb, demo('hollin-sound'));
  await link(page, 'Routes').hover();
  await page.waitForTimeout(600);
  await expect(toggle(page, 'Routes')).toHaveAttribute('aria-expanded', 'false');

  await visitHandedOver(page, demoDb, withMenu({ opensBy: { all: 'pointing' }, belowGap: { desktop: 24 } }));
  await link(page, 'Sailings').hover();
  await expect(toggle(page, 'Sailings')).toHaveAttribute('aria-expanded', 'true');
  // Slowly, over the next item and the gap, to the far corner of the list.
  const from = (await link(page, 'Sailings').boundingBox())!;
  const target = (await page.locator('.header .menu-below a:visible').last().boundingBox())!;
  const [x0, y0] = [from.x + from.width / 2, from.y + from.height - 4];
  const [x1, y1] = [target.x + target.width - 4, target.y + target.height / 2];
  for (let step = 1; step <= 14; step += 1) {
    await page.mouse.move(x0 + ((x1 - x0) * step) / 14, y0 + ((y1 - y0) * step) / 14);
    await page.waitForTimeout(60);
  }
  await page.waitForTimeout(500);
  await expect(toggle(page, 'Sailings')).toHaveAttribute('aria-expanded', 'true');
  // A click on what pointing has opened keeps it.
  await toggle(page, 'Sailings').click();
  await expect(toggle(page, 'Sailings')).toHaveAttribute('aria-expanded', 'true');
  await link(page, 'On board').hover();
  await expect(toggle(page, 'On board')).toHaveAttribute('aria-expanded', 'true');
  await expect(toggle(page, 'Sailings')).toHaveAttribute('aria-expanded', 'false');
  await page.mouse.move(700, 700);
  await expect(toggle(page, 'On board')).toHaveAttribute('aria-expanded', 'false');
});

test('a label that leads nowhere opens what is below it', async ({ page }) => {
  const site = demo('hollin-sound');
  const menu = site.menus['m-main']!;
  const routes = menu.top.find((id) => menu.items[id]!.children.length > 2)!;
  const items = {
    ...menu.items,
    [routes]: { ...menu.items[routes]!, link: { to: 'nothing' } as const, label: 'All that' },
  };
  await page.setViewportSize(WIDE);
  await visitHandedOver(page, demoDb, { ...site, menus: { ...site.menus, 'm-main': { ...menu, items } } });
  await page.locator('.header span.menu-link', { hasText: 'All that' }).filter({ visible: true }).click();
  await expect(toggle(page, 'All that')).toHaveAttribute('aria-expanded', 'true');
});

test('all of a long list below a header that stays can be reached', async ({ page }) => {
  const site = demo('hollin-sound');
  const menu = site.menus['m-main']!;
  const [first] = menu.top;
  const more = Array.from({ length: 22 }, (_, nth) =>
    newItem({ id: `far-${nth}`, label: `Number ${nth + 1}`, link: { to: 'page', page: site.pageOrder[0]! } }),
  );
  const items = {
    ...menu.items,
    ...Object.fromEntries(more.map((item) => [item.id, item])),
    [first!]: { ...menu.items[first!]!, children: more.map(({ id }) => id) },
  };
  const long = { ...site, menus: { ...site.menus, 'm-main': { ...menu, items } } };
  await page.setViewportSize({ width: 1440, height: 600 });
  const listed = withMenu({ panel: { desktop: 'list' } }, long);
  await visitHandedOver(page, demoDb, listed);
  const [expected] = await measured(demoDb, (advances) =>
    openDropDowns(usually(listed, advances), 'headers', listed.headers['h-main']!, {
      width: 1440,
      height: 600,
    }),
  );
  expect(expected!.natural).toBeGreaterThan(expected!.height);
  for (const scrolled of [0, 400]) {
    await page.evaluate((top) => scrollTo(0, top), scrolled);
    const stood = await page.evaluate(() => scrollY);
    // Pressed where it stands: tools would scroll it to a place of their own first.
    const button = (await toggle(page, 'Sailings').boundingBox())!;
    await page.mouse.click(button.x + 8, button.y + 8);
    const panel = page.locator('.header .menu-below').filter({ visible: true });
    const { x, y, height } = (await panel.boundingBox())!;
    expect(y + height).toBeLessThanOrEqual(600);
    expect(Math.abs(height - expected!.height)).toBeLessThanOrEqual(TOLERANCE);
    await page.mouse.move(x + 30, y + 60);
    await page.mouse.wheel(0, 3000);
    await expect(link(page, 'Number 22')).toBeInViewport({ ratio: 1 });
    expect(await page.evaluate(() => scrollY)).toBe(stood);
    await page.keyboard.press('Escape');
  }
});

test(
  'panels as wide as the content or the bar, at the middle of their item, and limited in height',
  inAudit,
  async ({ page }) => {
    const forms: Record<string, Record<string, unknown>>[] = [
      { panelWidth: { desktop: 'content' }, panelColumns: { desktop: 3 } },
      { panelWidth: { desktop: 'bar' }, belowGap: { desktop: 0 } },
      { belowAlign: { desktop: 'middle' }, panel: { desktop: 'list' } },
      { belowItemsLeast: { desktop: 260 }, panel: { desktop: 'list' } },
      { belowAlign: { desktop: 'barStart' }, belowArrow: { all: true } },
      { belowAlign: { desktop: 'barMiddle' }, panel: { desktop: 'list' } },
      { belowAlign: { desktop: 'barEnd' }, panelColumns: { desktop: 8 }, belowItemsLeast: { desktop: 200 } },
      { belowItemsLeast: { desktop: 180 }, panelColumns: { desktop: 2 } },
      { belowAlign: { desktop: 'end' }, panel: { desktop: 'list' }, belowMost: { desktop: 120 } },
    ];
    for (const form of forms) {
      const { wrong, compared } = await compare(
        page,
        withMenu(form),
        [1200, 1300, 1440, 1900].slice(0, sample(2, 4)),
      );
      expect([form, wrong]).toEqual([form, []]);
      expect(compared).toBeGreaterThan(sample(5, 10));
    }
    // Where they stand at their bar, the lists below their items stand inside.
    const inside = await compare(page, withThirdLevel({ belowAlign: { desktop: 'barMiddle' } }), [1440]);
    expect(inside.wrong).toEqual([]);
    await toggle(page, 'Sailings').click();
    await expect(link(page, 'On the quay').filter({ visible: true })).not.toHaveCount(0);
    await expect(
      page.locator('.header .menu-below > li > .menu-toggle').filter({ visible: true }),
    ).toHaveCount(0);
  },
);

/** The demo with the bars of its header in one row on the desktop: the menu in one that is narrower than the window. */
function inRow(values: Record<string, Record<string, unknown>>): Site {
  const site = withMenu(values);
  const header = site.headers['h-main']!;
  const stands = { ...header.values, stands: { desktop: 'row', tablet: 'top' } };
  return { ...site, headers: { ...site.headers, 'h-main': { ...header, values: stands } } };
}

test(
  'where bars share a row, panels are as wide as the content of theirs, as it, or as the window, also from right to left',
  inAudit,
  async ({ page }) => {
    const forms: Record<string, Record<string, unknown>>[] = [
      { panelWidth: { desktop: 'content' }, panelColumns: { desktop: 1 } },
      { panelWidth: { desktop: 'bar' }, panelColumns: { desktop: 2 } },
      { panelWidth: { desktop: 'window' }, belowGap: { desktop: 4 } },
      // Too wide to hang from its item, it goes across the window, not across its bar.
      { belowItemsLeast: { desktop: 400 }, panelColumns: { desktop: 4 } },
    ];
    const wide: number[] = [];
    for (const form of forms)
      for (const site of [turned(inRow(form)), inRow(form)]) {
        const { wrong, compared } = await compare(page, site, [1900, 1600, 1440].slice(0, sample(1, 3)));
        expect([form, wrong]).toEqual([form, []]);
        expect(compared).toBeGreaterThan(sample(1, 4));
        await page.setViewportSize({ width: 1900, height: HEIGHT });
        const panel = page.locator('.header .menu-below').filter({ visible: true });
        await page.locator('.header .menu-toggle').first().click();
        wide.push(await panel.evaluate((each) => each.getBoundingClientRect().width));
      }
    const [, content, , bar, , window, , across] = wide as [number, number, ...number[]];
    expect(content).toBeLessThan(bar!);
    expect(bar).toBeLessThan(1890);
    expect(window).toBe(1900);
    expect(across).toBeGreaterThan(bar!);
  },
);

/** The demo with the choice of a language and the account of who is signed in as buttons with drop-downs, in its header and its footer. */
function withChoosers(form: Values[string] = { desktop: 'drop' }): Site {
  const site = demo('hollin-sound');
  const made = (within: string) => [
    newPiece(`${within}-languages`, 'language', {
      form,
      said: { desktop: 'codes' },
      belowAlign: { desktop: 'middle' },
      belowGap: { desktop: 8 },
      belowArrow: { all: true },
    }),
    newPiece(`${within}-account`, 'account', { form: { desktop: 'drop' }, shows: { all: 'in' } }),
  ];
  const into = (assembly: Assembly): Assembly => {
    const held = Object.fromEntries(made(assembly.id).map((each) => [each.id, each]));
    const id = assembly.order.at(-1)!;
    const bar = assembly.bars[id]!;
    const bays = bar.bays.map((bay, index) =>
      index === bar.bays.length - 1 ? { ...bay, pieces: [...bay.pieces, ...Object.keys(held)] } : bay,
    );
    return {
      ...assembly,
      bars: { ...assembly.bars, [id]: { ...bar, bays } },
      pieces: { ...assembly.pieces, ...held },
    };
  };
  const { header, footer } = site.placing;
  return {
    ...site,
    headers: { ...site.headers, [header!]: into(site.headers[header!]!) },
    footers: { ...site.footers, [footer!]: into(site.footers[footer!]!) },
  };
}

test(
  'languages and accounts as buttons with drop-downs stand where it was worked out, also from right to left',
  inAudit,
  async ({ page }) => {
    for (const site of [withChoosers(), turned(withChoosers())]) {
      const { wrong, compared } = await compare(page, site, every(sample(400, 20)));
      expect(wrong).toEqual([]);
      expect(compared).toBeGreaterThan(site.languages.length === 1 ? 3 : 6);
    }
  },
);

test(
  'one that was open stands in the flow as ever where the window has grown past it; controls of the page itself are left alone',
  inAudit,
  async ({ page }) => {
    await page.setViewportSize({ width: 375, height: HEIGHT });
    await visitHandedOver(page, demoDb, withChoosers({ desktop: 'row', phone: 'drop' }));
    const [toggle, list] = [
      page.locator('.header').getByRole('button', { name: 'Language: English' }),
      page.locator('.header .language .chooser-list'),
    ];
    await toggle.click();
    await expect(list).toBeVisible();
    await page.setViewportSize({ width: 1280, height: HEIGHT });
    await expect(toggle).toBeHidden();
    await expect(list).toHaveCSS('display', 'flex');
    await page.evaluate(() => {
      const own = Object.assign(document.createElement('button'), { textContent: 'Own', type: 'button' });
      own.setAttribute('aria-controls', 'elsewhere');
      own.setAttribute('aria-expanded', 'true');
      document.querySelector('main')!.append(own);
    });
    const own = page.getByRole('button', { name: 'Own', exact: true });
    await own.click();
    await page.locator('main h1').click();
    await expect(own).toHaveAttribute('aria-expanded', 'true');
  },
);

test('they open by click and keys, upwards in a footer, and Escape leads back', async ({ page }) => {
  await page.setViewportSize({ width: 1280, height: HEIGHT });
  await visitHandedOver(page, demoDb, withChoosers());
  // The footer of the demo has a choice of languages of its own before it.
  const toggle = page.locator('.footer').getByRole('button', { name: 'Language: English' }).last();
  const list = page.locator('.footer .language .chooser-list').last();
  await toggle.focus();
  await expect(list).toBeHidden();
  await page.keyboard.press('Enter');
  await expect(list).toBeVisible();
  await page.keyboard.press('ArrowDown');
  await expect(list.getByRole('link', { name: 'English' })).toBeFocused();
  await page.keyboard.press('ArrowDown');
  await expect(list.getByRole('link', { name: 'Deutsch' })).toBeFocused();
  const [over, under] = [(await list.boundingBox())!, (await toggle.boundingBox())!];
  expect(Math.abs(over.y + over.height + 8 - under.y)).toBeLessThan(0.6);
  await page.keyboard.press('Escape');
  await expect(toggle).toBeFocused();
  await expect(list).toBeHidden();
  const account = page.locator('.header').getByRole('button', { name: 'My account' });
  await account.click();
  await expect(page.locator('.header .account').getByRole('link', { name: 'Sign out' })).toHaveCount(0);
  await expect(page.locator('.header .account').getByText('Sign out')).toBeVisible();
  await page.locator('main').click();
  await expect(page.locator('.header .account').getByText('Sign out')).toBeHidden();
});
