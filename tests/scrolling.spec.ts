import { expect, type Page } from '@playwright/test';
import { copyOfDemo } from './support/site';
import { test } from './support/test';

/** Everything about the header's bars that scrolling may change, once it has come to rest. */
async function standing(page: Page) {
  await page.waitForFunction(() => document.getAnimations().every((each) => each.playState !== 'running'));
  return page.evaluate(() => {
    const box = (selector: string) => {
      const { top, height } = document.querySelector(selector)!.getBoundingClientRect();
      return { top, height };
    };
    const main = getComputedStyle(document.querySelector('.main-header-main-bar')!);
    return {
      phase: document.querySelector('header')!.dataset.phase,
      notice: box('.main-header-notice-bar'),
      main: box('.main-header-main-bar'),
      logo: box('.main-header-logo img'),
      content: box('main'),
      ground: main.backgroundColor,
    };
  });
}

async function scrollTo(page: Page, top: number) {
  await page.evaluate((to) => window.scrollTo({ top: to, behavior: 'instant' }), top);
  // What observes the page is told in the frame after the one that is scrolled.
  await page.evaluate(
    () => new Promise((done) => requestAnimationFrame(() => requestAnimationFrame(() => setTimeout(done)))),
  );
  return standing(page);
}

interface Shift extends PerformanceEntry {
  value: number;
  sources: { node: Node | null; previousRect: DOMRect; currentRect: DOMRect }[];
}

/** Starts to write down the page's layout shifts (Layout Instability, 2), once its fonts have come. */
async function watchShifts(page: Page) {
  await page.evaluate(async () => {
    await document.fonts.ready;
    await new Promise((done) => setTimeout(done, 200));
    const shifts: string[] = [];
    Object.assign(window, { shifts });
    new PerformanceObserver((list) => {
      for (const { value, sources } of list.getEntries() as Shift[])
        for (const { node, previousRect, currentRect } of sources)
          shifts.push(`${value} ${(node as Element)?.className} ${previousRect.y} > ${currentRect.y}`);
    }).observe({ type: 'layout-shift' });
  });
}
const shifts = (page: Page) => page.evaluate(() => (window as unknown as { shifts: string[] }).shifts);

let id: string;
test.beforeEach(async ({ request, page }) => {
  id = await copyOfDemo(request);
  await page.setViewportSize({ width: 1280, height: 500 });
});

test('over the first section: the notice leaves, the main bar stays, turns solid and smaller, and nothing shifts', async ({
  page,
}) => {
  await page.goto(`/try/${id}/index.html`);
  await watchShifts(page);
  const top = await standing(page);
  expect(top).toMatchObject({ phase: 'top', ground: 'rgba(0, 0, 0, 0)', logo: { height: 44 } });
  // The page begins behind the main bar.
  expect(top.content.top).toBeCloseTo(top.main.top, 0);
  expect(top.main.height).toBe(72 + 16);
  expect((await scrollTo(page, 100)).phase).toBe('top');
  const scrolled = await scrollTo(page, 600);
  expect(scrolled).toMatchObject({
    phase: 'scrolled',
    main: { top: 0, height: 48 + 16 + 1 },
    logo: { height: 36 },
  });
  expect(scrolled.ground).not.toBe('rgba(0, 0, 0, 0)');
  expect(scrolled.notice.top + scrolled.notice.height).toBeLessThanOrEqual(0);
  const back = await scrollTo(page, 0);
  expect(back).toEqual(top);
  expect(await shifts(page)).toEqual([]);
});

test('on a page without a picture the header takes its room and is solid from the start', async ({
  page,
}) => {
  await page.goto(`/try/${id}/routes.html`);
  const top = await standing(page);
  expect(top.phase).toBe('returning');
  expect(top.content.top).toBeCloseTo(top.main.top + top.main.height, 0);
  expect(top.ground).not.toBe('rgba(0, 0, 0, 0)');
  expect((await scrollTo(page, 300)).main.top).toBe(0);
});

test('a jump within the page stops below the header', async ({ page }) => {
  await page.goto(`/try/${id}/routes.html`);
  await page.evaluate(() => document.querySelector('#part-2')!.scrollIntoView());
  const heading = await page.evaluate(() => document.querySelector('#part-2')!.getBoundingClientRect().top);
  const { main } = await standing(page);
  expect(heading).toBeGreaterThanOrEqual(main.top + main.height - 0.5);
});

test('on the phone the header leaves on scrolling down and returns on scrolling up, or when it is focused', async ({
  page,
}) => {
  await page.setViewportSize({ width: 375, height: 600 });
  await page.goto(`/try/${id}/index.html`);
  await watchShifts(page);
  const top = await standing(page);
  expect((await scrollTo(page, 500)).main.top).toBeLessThanOrEqual(-top.main.height + 20);
  const returning = await scrollTo(page, 400);
  expect(returning).toMatchObject({ phase: 'returning', main: { top: 0 } });
  expect((await scrollTo(page, 500)).phase).toBe('scrolled');
  await page.locator('.main-header-main-bar .menu-button').focus();
  expect((await standing(page)).main.top).toBe(0);
  expect(await shifts(page)).toEqual([]);
});

test('a header that takes its room gets smaller without moving the page, with motion or without', async ({
  page,
  request,
}) => {
  const at = { in: 'headers', assembly: 'h-main' };
  const set = (place: object, property: string, cell: string, value: unknown) => ({
    edit: 'setValue',
    place: { ...place, ...at },
    property,
    cell,
    value,
  });
  const edits = [set({ on: 'assembly' }, 'lies', 'desktop', 'room')];
  const { standing: known } = await (await request.get(`/api/sites/${id}`)).json();
  const answer = await request.post(`/api/sites/${id}/edits`, {
    data: { base: known.revision, group: null, batch: 'room', edits },
  });
  expect(answer.status()).toBe(200);
  for (const reducedMotion of ['no-preference', 'reduce'] as const) {
    await page.emulateMedia({ reducedMotion });
    await page.goto(`/try/${id}/index.html`);
    await watchShifts(page);
    const top = await standing(page);
    expect(top.content.top).toBeCloseTo(top.main.top + top.main.height, 0);
    const scrolled = await scrollTo(page, 400);
    expect(scrolled.main).toEqual({ top: 0, height: 65 });
    expect(scrolled.content.top).toBeCloseTo(top.content.top - 400, 0);
    expect(await scrollTo(page, 0)).toEqual(top);
    expect(await shifts(page)).toEqual([]);
  }
});

test('without scripts the header stands still at the top of the page', async ({ browser, baseURL }) => {
  const context = await browser.newContext({
    javaScriptEnabled: false,
    baseURL,
    viewport: { width: 1280, height: 500 },
  });
  const page = await context.newPage();
  await page.goto(`/try/${id}/index.html`);
  const bar = page.locator('.main-header-main-bar');
  const before = (await bar.boundingBox())!;
  await page.mouse.wheel(0, 400);
  await expect.poll(async () => (await bar.boundingBox())!.y).toBeCloseTo(before.y - 400, 0);
  await context.close();
});
