import { expect, type Page } from '@playwright/test';
import { applyEdits } from '../src/core/edit/apply';
import { itemLabel } from '../src/core/menus/entries';
import { newItem } from '../src/core/site/defaults';
import type { Site } from '../src/core/site/site';
import { someOf } from '../src/sample.test-data';
import { demo, demoDb } from './support/demo-sites';
import { visitHandedOver } from './support/handed-over';
import { inAudit, test } from './support/test';

const phone = { width: 375, height: 667 };

/** The demo with its drawer said otherwise. */
function withDrawer(values: Record<string, unknown>): Site {
  const site = demo('hollin-sound');
  const [drawer] = Object.values(site.drawers);
  const said = Object.fromEntries(
    Object.entries(values).map(([name, value]) => [
      name,
      ['motion', 'closesOutside', 'closesOnSwipe'].includes(name) ? { all: value } : { desktop: value },
    ]),
  );
  return {
    ...site,
    drawers: { [drawer!.id]: { ...drawer!, values: { ...drawer!.values, ...said } } },
  };
}

const opener = (page: Page) => page.locator('.header .menu-button');
const drawer = (page: Page) => page.locator('dialog.drawer');

/** Opens the drawer and waits until it has come. */
async function open(page: Page, site: Site = demo('hollin-sound')) {
  await page.setViewportSize(phone);
  await visitHandedOver(page, demoDb, site);
  await opener(page).click();
  await expect(drawer(page)).toBeVisible();
  await page.waitForFunction(() =>
    document.getAnimations().every(({ playState }) => playState !== 'running'),
  );
}

/** What moved on the page since it was opened, as browsers count it (Layout Instability 1). */
const watchShifts = (page: Page) =>
  page.addInitScript(() => {
    const shifts: number[] = ((window as unknown as { shifts: number[] }).shifts = []);
    new PerformanceObserver((list) => {
      for (const entry of list.getEntries()) shifts.push((entry as unknown as { value: number }).value);
    }).observe({ type: 'layout-shift', buffered: true });
  });
const shifted = (page: Page) =>
  page.evaluate(() =>
    (window as unknown as { shifts: number[] }).shifts.reduce((sum, each) => sum + each, 0),
  );

test('a long label below an item has lines of its own in a drawer', inAudit, async ({ page }) => {
  const site = demo('hollin-sound');
  const menu = site.menus['m-main']!;
  const [below] = menu.items[menu.top[0]!]!.children;
  const label = 'Crossings to all of the islands with bicycles, dogs and other company';
  const items = { ...menu.items, [below!]: { ...menu.items[below!]!, label } };
  await open(page, { ...site, menus: { ...site.menus, [menu.id]: { ...menu, items } } });
  await drawer(page).locator('.menu-toggle').filter({ visible: true }).first().click();
  const link = drawer(page).getByRole('link', { name: label });
  const [box, room] = [(await link.boundingBox())!, (await drawer(page).boundingBox())!];
  expect(box.x + box.width).toBeLessThanOrEqual(room.x + room.width);
  expect(box.height).toBeGreaterThan(60);
});

test('the page behind an open drawer neither scrolls nor moves, and its foot stays', async ({ page }) => {
  await watchShifts(page);
  await page.emulateMedia({ reducedMotion: 'reduce' });
  await page.setViewportSize({ width: 568, height: 460 });
  await visitHandedOver(page, demoDb, demo('hollin-sound'));
  await page.evaluate(() => scrollTo(0, 200));
  await page.waitForTimeout(300);
  const before = await shifted(page);
  // Where its header has left, it is opened without a pointer, which would bring it back first.
  await opener(page).evaluate((button: HTMLElement) => button.click());
  await expect(opener(page)).toHaveAttribute('aria-expanded', 'true');
  expect(await page.evaluate(() => scrollY)).toBe(200);
  const foot = page.locator('.drawer-foot');
  const stood = await foot.boundingBox();
  // Over the backdrop, then over what scrolls in the drawer, far beyond its end.
  await page.mouse.move(40, 300);
  await page.mouse.wheel(0, 300);
  await page.mouse.move(420, 300);
  for (let turn = 0; turn < 6; turn += 1) await page.mouse.wheel(0, 600);
  await expect
    .poll(() => page.locator('.drawer-body').evaluate((body) => body.scrollTop))
    .toBeGreaterThan(20);
  expect(await page.evaluate(() => scrollY)).toBe(200);
  expect(await foot.boundingBox()).toEqual(stood);
  await expect(drawer(page).getByRole('button', { name: 'Close' })).toBeInViewport();
  expect(await shifted(page)).toBe(before);
});

test('it closes by its button, by Escape and outside of it, and the focus comes back', async ({ page }) => {
  await open(page);
  const ways = [
    () => drawer(page).getByRole('button', { name: 'Close' }).click(),
    () => page.keyboard.press('Escape'),
    () => page.mouse.click(20, 400),
  ];
  for (const close of ways) {
    await close();
    await expect(drawer(page)).toBeHidden();
    await expect(opener(page)).toBeFocused();
    await expect(opener(page)).toHaveAttribute('aria-expanded', 'false');
    await opener(page).click();
    await expect(drawer(page)).toBeVisible();
  }
});

test('without a close button of its own, it has one for the keyboard; a pointer is shown it only where nothing is left beside the drawer', async ({
  page,
}) => {
  const bare = (values: Record<string, unknown>): Site => {
    const site = withDrawer(values);
    const [own] = Object.values(site.drawers);
    const pieces = Object.values(own!.pieces).filter(({ kind }) => kind === 'close');
    const edits = pieces.map(({ id }) => ({
      edit: 'removePiece' as const,
      at: { in: 'drawers' as const, assembly: own!.id },
      piece: id,
    }));
    const outcome = applyEdits(site, edits);
    if (!outcome.ok) throw new Error(outcome.reason);
    return outcome.site;
  };
  const closing = page.locator('.drawer > .drawer-close');
  const top = () => closing.evaluate((each) => each.getBoundingClientRect().top);
  await open(page, bare({ side: 'start', width: 240 }));
  expect(await top()).toBeLessThan(-40);
  await page.mouse.click(360, 300);
  await expect(drawer(page)).toBeHidden();
  await opener(page).focus();
  await page.keyboard.press('Enter');
  await expect(closing).toBeFocused();
  expect(await top()).toBeGreaterThanOrEqual(0);
  await page.keyboard.press('Enter');
  await expect(drawer(page)).toBeHidden();

  await open(page, bare({ side: 'screen' }));
  expect(await top()).toBeGreaterThanOrEqual(0);
});

test('one that stays open on a click outside does', inAudit, async ({ page }) => {
  await open(page, withDrawer({ closesOutside: false }));
  await page.mouse.click(20, 400);
  await page.waitForTimeout(200);
  await expect(drawer(page)).toBeVisible();
});

test('the way back closes it, and a link in it takes its place on that way', async ({ page }) => {
  await open(page);
  const home = page.url();
  await page.goBack();
  await expect(drawer(page)).toBeHidden();
  expect(page.url()).toBe(home);
  await opener(page).click();
  await drawer(page).getByRole('link', { name: 'My account' }).click();
  await page.waitForURL('**/account.html');
  await page.goBack();
  await expect(drawer(page)).toBeHidden();
  expect(page.url()).toBe(home);
  // A link to a place on another page leads there, and is not taken back by what closes.
  await opener(page).click();
  await drawer(page)
    .getByRole('link', { name: 'My account' })
    .evaluate((link: HTMLAnchorElement) => (link.hash = 'content'));
  await drawer(page).getByRole('link', { name: 'My account' }).click();
  await page.waitForURL('**/account.html#content');
  await page.waitForTimeout(300);
  expect(page.url()).toContain('account.html#content');
  await page.goBack();
  // Opened and closed, it leaves nothing on the way.
  await opener(page).click();
  await page.keyboard.press('Escape');
  await expect(drawer(page)).toBeHidden();
  await expect.poll(() => page.evaluate(() => history.state)).toBeNull();
});

test(
  'where the window grows into a band without its button it closes, and the focus is in the header',
  inAudit,
  async ({ page }) => {
    await open(page);
    await page.setViewportSize({ width: 1440, height: 800 });
    await expect(drawer(page)).toBeHidden();
    await expect
      .poll(() => page.evaluate(() => document.activeElement?.closest('.header') !== null))
      .toBe(true);
    await page.mouse.wheel(0, 200);
    await expect.poll(() => page.evaluate(() => scrollY)).toBeGreaterThan(0);
  },
);

test(
  'a swipe to its side takes it out; other ways, and where one may not, it stays',
  inAudit,
  async ({ browser }) => {
    const swipe = async (site: Site, [x, y]: [number, number], by: [number, number]) => {
      const context = await browser.newContext({ viewport: phone, hasTouch: true });
      const page = await context.newPage();
      await visitHandedOver(page, demoDb, site);
      await opener(page).tap();
      await expect(drawer(page)).toBeVisible();
      await page.waitForTimeout(400);
      const touch = await context.newCDPSession(page);
      const at = (steps: number) => [{ x: x + (by[0] * steps) / 5, y: y + (by[1] * steps) / 5 }];
      await touch.send('Input.dispatchTouchEvent', { type: 'touchStart', touchPoints: at(0) });
      for (const step of [1, 2, 3, 4, 5])
        await touch.send('Input.dispatchTouchEvent', { type: 'touchMove', touchPoints: at(step) });
      await touch.send('Input.dispatchTouchEvent', { type: 'touchEnd', touchPoints: [] });
      await page.waitForTimeout(400);
      const shown = await drawer(page).isVisible();
      await context.close();
      return shown;
    };
    expect(await swipe(demo('hollin-sound'), [180, 500], [150, 5])).toBe(false);
    expect(await swipe(demo('hollin-sound'), [300, 500], [-150, 5])).toBe(true);
    expect(await swipe(withDrawer({ closesOnSwipe: false }), [180, 500], [150, 5])).toBe(true);
    expect(await swipe(withDrawer({ side: 'start' }), [250, 500], [-150, 5])).toBe(false);
    expect(await swipe(withDrawer({ side: 'bottom' }), [180, 400], [0, 180])).toBe(false);
  },
);

const rectangle = (page: Page) =>
  drawer(page).evaluate((each) => {
    const { left, top, width, height } = each.getBoundingClientRect();
    return { left, top, width, height };
  });

test('it comes from each side, as large as is said', inAudit, async ({ page }) => {
  const sides = [
    [
      { side: 'start', width: 280 },
      { left: 0, top: 0, width: 280, height: 667 },
    ],
    [
      { side: 'end', width: { px: 0, share: 280 / 375 } },
      { left: 95, top: 0, width: 280, height: 667 },
    ],
    [
      { side: 'end', width: 600 },
      { left: 0, top: 0, width: 375, height: 667 },
    ],
    [
      { side: 'top', height: 300 },
      { left: 0, top: 0, width: 375, height: 300 },
    ],
    [
      { side: 'bottom', height: 400 },
      { left: 0, top: 267, width: 375, height: 400 },
    ],
    [{ side: 'screen' }, { left: 0, top: 0, width: 375, height: 667 }],
  ] as const;
  for (const [said, expected] of sides) {
    await open(page, withDrawer({ ...said, width: 'width' in said ? said.width : 304 }));
    const seen = await rectangle(page);
    for (const [name, value] of Object.entries(expected))
      expect([said, name, Math.round(seen[name as keyof typeof seen])]).toEqual([said, name, value]);
  }
});

test('it unrolls below the header, over the page or pushing it down; the button’s place closes it again', async ({
  page,
}) => {
  await open(page, withDrawer({ side: 'below' }));
  const bottom = await page
    .locator('.header .bar')
    .last()
    .evaluate((bar) => bar.getBoundingClientRect().bottom);
  expect((await rectangle(page)).top).toBeCloseTo(bottom, 0);
  const sign = (await opener(page).boundingBox())!;
  await page.mouse.click(sign.x + sign.width / 2, sign.y + sign.height / 2);
  await expect(drawer(page)).toBeHidden();

  await open(page, withDrawer({ side: 'pushing' }));
  const { top, height } = await rectangle(page);
  expect(top).toBeCloseTo(bottom, 0);
  await expect
    .poll(() => page.locator('main').evaluate((main) => parseFloat(getComputedStyle(main).marginBlockStart)))
    .toBeCloseTo(height, 0);
  const at = page.url();
  await page.goBack();
  await expect(drawer(page)).toBeHidden();
  expect(page.url()).toBe(at);
  await expect
    .poll(() => page.locator('main').evaluate((main) => getComputedStyle(main).marginBlockStart))
    .toBe('0px');
});

test('the lines of the menu button turn into a cross and back', inAudit, async ({ page }) => {
  await open(page);
  const turns = () =>
    opener(page)
      .locator('.menu-sign')
      .evaluate((sign) => ['::before', '::after'].map((end) => getComputedStyle(sign, end).rotate));
  await expect.poll(turns).toEqual(['45deg', '-45deg']);
  await page.keyboard.press('Escape');
  await expect.poll(turns).toEqual(['none', 'none']);
  const { width, height } = (await opener(page).boundingBox())!;
  expect(Math.min(width, height)).toBeGreaterThanOrEqual(44);
});

test('level by level, what is below an item takes the place of the list, and its button leads back', async ({
  page,
}) => {
  await open(page);
  const item = (name: string) => drawer(page).getByRole('link', { name, exact: true });
  const toggle = drawer(page).getByRole('button', { name: 'Routes: more' });
  await expect(item('Island hopper')).toBeHidden();
  const { width, height } = (await toggle.boundingBox())!;
  expect(Math.min(width, height)).toBeGreaterThanOrEqual(44);
  await toggle.click();
  await expect(item('Island hopper')).toBeVisible();
  await expect(item('Routes')).toBeVisible();
  await expect(item('Help')).toBeHidden();
  await expect(toggle).toBeFocused();
  await page.keyboard.press('Enter');
  await expect(item('Help')).toBeVisible();
  await expect(item('Island hopper')).toBeHidden();
});

for (const unfolds of someOf(['levels', 'several'], 2))
  test(`a list three levels deep is gone through to its end where it unfolds (${unfolds})`, async ({
    page,
  }) => {
    const site = demo('hollin-sound');
    const menu = site.menus['m-main']!;
    const [second] = menu.items[menu.top[0]!]!.children;
    const third = newItem({
      id: 'third',
      label: 'Night crossings',
      link: { to: 'page', page: site.pageOrder.at(-1)! },
    });
    const items = {
      ...menu.items,
      [second!]: { ...menu.items[second!]!, children: [third.id] },
      [third.id]: third,
    };
    const [own] = Object.values(site.drawers);
    const pieces = Object.entries(own!.pieces).map(([id, piece]) => [
      id,
      piece.values.menu?.desktop === menu.id
        ? { ...piece, values: { ...piece.values, unfolds: { desktop: unfolds } } }
        : piece,
    ]);
    await open(page, {
      ...site,
      menus: { ...site.menus, [menu.id]: { ...menu, items } },
      drawers: { [own!.id]: { ...own!, pieces: Object.fromEntries(pieces) } },
    });
    for (const item of [menu.top[0]!, second!])
      await drawer(page)
        .getByRole('button', { name: `${itemLabel(site, menu.items[item]!)}: more`, exact: true })
        .click();
    await drawer(page).getByRole('link', { name: 'Night crossings' }).click();
    await expect(drawer(page)).toBeHidden();
  });

test('unfolding one at a time closes the other; the branch of the page is open at first; arrows go through what is seen', async ({
  page,
}) => {
  const site = demo('hollin-sound');
  const [own] = Object.values(site.drawers);
  const menu = Object.values(own!.pieces).find(({ values }) => values.menu?.desktop === 'm-main')!;
  const unfolding = {
    ...site,
    drawers: {
      [own!.id]: {
        ...own!,
        pieces: {
          ...own!.pieces,
          [menu.id]: { ...menu, values: { ...menu.values, unfolds: { desktop: 'one' } } },
        },
      },
    },
  };
  await page.setViewportSize(phone);
  await visitHandedOver(page, demoDb, unfolding, { path: 'routes/island-hopper.html' });
  await opener(page).click();
  const toggle = (name: string) => drawer(page).getByRole('button', { name: `${name}: more` });
  await expect(toggle('Routes')).toHaveAttribute('aria-expanded', 'true');
  await toggle('Sailings').click();
  await expect(toggle('Sailings')).toHaveAttribute('aria-expanded', 'true');
  await expect(toggle('Routes')).toHaveAttribute('aria-expanded', 'false');
  await expect(drawer(page).getByRole('link', { name: 'Timetable' })).toBeVisible();
  await page.keyboard.press('ArrowDown');
  await expect(drawer(page).getByRole('link', { name: 'Today’s sailings' })).toBeFocused();
  await page.keyboard.press('h');
  await expect(drawer(page).getByRole('link', { name: 'Help', exact: true })).toBeFocused();
  await page.keyboard.press('Home');
  await expect(drawer(page).getByRole('link', { name: 'Sailings', exact: true })).toBeFocused();
});

test('those who asked for less motion have it open at once', async ({ page }) => {
  await page.emulateMedia({ reducedMotion: 'reduce' });
  await page.setViewportSize(phone);
  await visitHandedOver(page, demoDb, demo('hollin-sound'));
  await opener(page).click();
  expect((await rectangle(page)).left + (await rectangle(page)).width).toBeCloseTo(375, 0);
  expect(await page.evaluate(() => document.getAnimations().length)).toBe(0);
});
