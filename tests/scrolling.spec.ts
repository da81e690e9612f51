import { expect, type APIRequestContext, type Page } from '@playwright/test';
import sharp from 'sharp';
import { bandAt } from '../src/core/bands/band';
import { contrast } from '../src/core/colour/contrast';
import { barHeights, usually } from '../src/core/fit/heights';
import { unmeasured } from '../src/core/text/advances';
import { resolveAssembly } from '../src/core/resolve/assembly';
import { bandStage } from '../src/core/resolve/stage';
import type { Site } from '../src/core/site/site';
import { copyWithoutRules, openCell, pick, saved, view } from './support/site';
import { inAudit, test } from './support/test';

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
  id = await copyWithoutRules(request);
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
  expect(top.main.height).toBe(88);
  expect((await scrollTo(page, 100)).phase).toBe('top');
  const scrolled = await scrollTo(page, 600);
  expect(scrolled).toMatchObject({
    phase: 'scrolled',
    main: { top: 0, height: 64 },
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

test(
  'bars are as high as was worked out, at several widths and places',
  inAudit,
  async ({ page, request }) => {
    const { site } = (await (await request.get(`/api/sites/${id}`)).json()) as { site: Site };
    const [, main] = site.headers['h-main']!.order;
    for (const width of [1600, 1280, 1030, 1000, 700, 630, 375, 320]) {
      await page.setViewportSize({ width, height: 500 });
      await page.goto(`/try/${id}/index.html`);
      const band = bandAt(site.bands, width).id;
      for (const [top, phase] of [
        [0, 'top'],
        [60, 'top'],
        [180, 'scrolled'],
        [240, 'scrolled'],
      ] as const) {
        const shown = await scrollTo(page, top);
        const settled = resolveAssembly(site, 'headers', site.headers['h-main']!, {
          ...bandStage(site, band),
          phase,
        });
        const height = barHeights(usually(site, unmeasured), settled, band, width).get(main!)!;
        expect(shown.phase).toBe(phase);
        expect(Math.abs(shown.main.height - height)).toBeLessThanOrEqual(0.5);
        const stays = settled.values.scrolling === 'stays';
        if (stays && phase === 'scrolled') expect(Math.abs(shown.main.top)).toBeLessThanOrEqual(0.5);
      }
    }
  },
);

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

/** Sets values of a header or footer as a whole, without the interface. */
async function setWhole(
  request: APIRequestContext,
  at: { in: 'headers' | 'footers'; assembly: string },
  values: [property: string, cell: string, value: unknown][],
) {
  const { standing: known } = await (await request.get(`/api/sites/${id}`)).json();
  const edits = values.map(([property, cell, value]) => ({
    edit: 'setValue',
    place: { on: 'assembly', ...at },
    property,
    cell,
    value,
  }));
  const answer = await request.post(`/api/sites/${id}/edits`, {
    data: { base: known.revision, group: null, batch: `set-${known.revision}`, edits },
  });
  expect(answer.status()).toBe(200);
}
const mainHeader = { in: 'headers', assembly: 'h-main' } as const;

test('scrolled can begin when the first section has passed', inAudit, async ({ page, request }) => {
  await setWhole(request, mainHeader, [['phaseAt', 'all', null]]);
  await page.goto(`/try/${id}/index.html`);
  const { content } = await standing(page);
  const end = content.top + 288;
  expect((await scrollTo(page, end - 100)).phase).toBe('top');
  expect((await scrollTo(page, end - 60)).phase).toBe('scrolled');
  expect((await scrollTo(page, end + 100)).phase).toBe('scrolled');
  expect((await scrollTo(page, 0)).phase).toBe('top');
});

test(
  'a footer is pinned to the window on the desktop, and ends the page on the phone',
  inAudit,
  async ({ page, request }) => {
    const site = (await (await request.get(`/api/sites/${id}`)).json()).site;
    const at = { in: 'footers', assembly: site.placing.footer } as const;
    await setWhole(request, at, [
      ['stands', 'desktop', 'pinned'],
      ['stands', 'phone', 'after'],
    ]);
    await page.setViewportSize({ width: 1280, height: 900 });
    await page.goto(`/try/${id}/index.html`);
    const footer = () =>
      page.evaluate(() => document.querySelector('footer')!.getBoundingClientRect().bottom - innerHeight);
    expect(Math.abs(await footer())).toBeLessThan(0.5);
    // Jumps and the focus keep clear of it.
    const room = () =>
      page.evaluate(() => ({
        kept: parseFloat(getComputedStyle(document.documentElement).scrollPaddingBlockEnd) || 0,
        taken: document.querySelector('footer')!.offsetHeight,
      }));
    const wide = await room();
    expect(wide.kept).toBeGreaterThanOrEqual(wide.taken - 1);
    expect(wide.kept).toBeLessThan(wide.taken * 2);
    await page.setViewportSize({ width: 375, height: 600 });
    expect((await room()).kept).toBe(0);
    expect(await footer()).toBeGreaterThan(10);
  },
);

test(
  'a header that takes its room gets smaller without moving the page, with motion or without',
  inAudit,
  async ({ page, request }) => {
    await setWhole(request, mainHeader, [['lies', 'desktop', 'room']]);
    for (const reducedMotion of ['no-preference', 'reduce'] as const) {
      await page.emulateMedia({ reducedMotion });
      await page.goto(`/try/${id}/index.html`);
      await watchShifts(page);
      const top = await standing(page);
      expect(top.content.top).toBeCloseTo(top.main.top + top.main.height, 0);
      const scrolled = await scrollTo(page, 400);
      expect(scrolled.main).toEqual({ top: 0, height: 64 });
      expect(scrolled.content.top).toBeCloseTo(top.content.top - 400, 0);
      expect(await scrollTo(page, 0)).toEqual(top);
      expect(await shifts(page)).toEqual([]);
    }
  },
);

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

/** The workbench with the main bar selected and its phases in columns. */
async function byScroll(page: Page) {
  await page.setViewportSize({ width: 1280, height: 800 });
  await page.goto(`/sites/${id}/headers`);
  await page.getByText('Main bar', { exact: true }).first().click();
  await page.getByText('by scroll', { exact: true }).click();
}

test('a value of a phase is set in its own column, follows, and is seen in the view that is scrolled there', async ({
  page,
}) => {
  await byScroll(page);
  await openCell(page, 'Least height on the Tablet', 'Scrolled');
  const field = page.getByRole('textbox', { name: 'Least height on the Tablet, Scrolled' });
  await field.fill('30');
  await field.press('Enter');
  await expect(
    page.getByRole('button', { name: /^Least height on the Phone, Scrolled: 30 px, follows Tablet/ }),
  ).toBeVisible();
  await expect(
    page.getByRole('button', { name: /^Least height on the Desktop, Scrolled: 64 px, set here/ }),
  ).toBeVisible();
  await saved(page);
  await page.getByRole('button', { name: 'scroll together' }).click();
  await page.getByRole('slider', { name: /^Desktop view scrolled by/ }).fill('200');
  for (const [band, height] of [
    ['Desktop', 64],
    ['Tablet', 36 + 16],
  ] as const)
    // The logo and the menu button keep the tablet’s bar from getting as low as it might.
    await expect
      .poll(() =>
        view(page, band)
          .locator('.main-header-main-bar')
          .evaluate((bar) => bar.getBoundingClientRect().height),
      )
      .toBeGreaterThanOrEqual(height - 0.5);
  await expect(view(page, 'Tablet').locator('header')).toHaveAttribute('data-phase', 'scrolled');
  await page.getByRole('slider', { name: /^Tablet view scrolled by/ }).press('Home');
  await expect(view(page, 'Desktop').locator('header')).toHaveAttribute('data-phase', 'top');
});

test(
  'contrast over a picture is what a page with that picture comes to, and a scrim is put in with one click',
  inAudit,
  async ({ page }) => {
    await byScroll(page);
    const table = page.getByRole('table', { name: 'Worst contrast over pictures' });
    const cell = table.getByRole('button', { name: 'Desktop, Main bar over Busy harbour' });
    // Pictures are judged after everything that shows at once.
    await expect(cell).toBeVisible({ timeout: 30_000 });
    await cell.click();
    const figure = async () =>
      Number(/[\d.]+/.exec((await cell.locator('[title]').getAttribute('title'))!)![0]);
    const before = await figure();
    const ratios = async () => {
      const shown = await page.context().newPage();
      await shown.setViewportSize({ width: 1920, height: 600 });
      // A page of a site reaches nothing of the application, its pictures to judge with among it.
      await shown.route('**/pictures/*', (route) =>
        route.fulfill({ path: `public/pictures/${route.request().url().split('/').at(-1)}` }),
      );
      await shown.goto(`/try/${id}/index.html`);
      const bar = await shown.evaluate(async () => {
        const picture = document.querySelector<HTMLElement>('.stand-in-picture')!;
        picture.replaceChildren();
        picture.style.background = 'url("/pictures/busy-harbour.webp") center / cover';
        const drawn = new Image();
        drawn.src = '/pictures/busy-harbour.webp';
        await drawn.decode();
        document.querySelector<HTMLElement>('.main-header-main-bar > .bays')!.style.visibility = 'hidden';
        const { top, height } = document.querySelector('.main-header-main-bar')!.getBoundingClientRect();
        const ink = getComputedStyle(document.querySelector('.main-header-main-bar')!).color;
        return { top, height, ink: ink.match(/\d+/g)!.map(Number) as [number, number, number] };
      });
      await shown.waitForTimeout(500);
      const png = await shown.screenshot({ clip: { x: 0, y: bar.top, width: 1920, height: bar.height } });
      await shown.close();
      const { data, info } = await sharp(png).removeAlpha().raw().toBuffer({ resolveWithObject: true });
      const colour = (r: number, g: number, b: number) => ({ r: r / 255, g: g / 255, b: b / 255, alpha: 1 });
      const ink = colour(...bar.ink);
      return Array.from({ length: info.width * info.height }, (_, index) =>
        contrast(ink, colour(data[3 * index]!, data[3 * index + 1]!, data[3 * index + 2]!)),
      );
    };
    const worst = (all: number[]) => all.reduce((least, each) => Math.min(least, each));
    expect(Math.abs(worst(await ratios()) - before)).toBeLessThan(0.02);
    expect(before).toBeLessThan(4.5);
    await table
      .getByRole('row', { name: /^Desktop/ })
      .getByRole('button', { name: /^flat/ })
      .click();
    await expect.poll(figure).toBeGreaterThanOrEqual(4.5);
    await saved(page);
    expect(worst(await ratios())).toBeGreaterThanOrEqual(4.45);
  },
);

test(
  'what visitors would be surprised by is said in place, and a header that scrolls away can be let stay',
  inAudit,
  async ({ page }) => {
    await byScroll(page);
    const findings = page.getByRole('list', { name: 'What visitors would see' });
    await expect(findings).toContainText('42 of 44 pages begin without a picture');
    await expect(findings.getByRole('link', { name: 'Choose how they begin' })).toBeVisible();
    await openCell(page, 'Least height on the Phone', 'Returning');
    const field = page.getByRole('textbox', { name: 'Least height on the Phone, Returning' });
    await field.fill('400');
    await field.press('Enter');
    await expect(findings).toContainText('nothing of the page is seen');
    await expect(page.getByRole('img', { name: /^Share of the height that the header takes/ })).toBeVisible();
    await page.getByRole('button', { name: 'Main header' }).nth(1).click();
    for (const band of ['Desktop', 'Phone']) {
      await openCell(page, 'On scrolling', band);
      await pick(page, 'scrolls away');
    }
    await openCell(page, 'Lies', 'Desktop');
    await pick(page, 'above the page');
    await page.getByText('Main bar', { exact: true }).first().click();
    await page.getByText('by scroll', { exact: true }).click();
    await page.getByRole('button', { name: 'Let it stay in sight' }).click();
    await expect(page.getByRole('img', { name: /^Share of the height/ })).toBeVisible();
  },
);
