import { expect, type Page } from '@playwright/test';
import { clickInside, copyWithoutRules, view } from './support/site';
import { someOf } from '../src/sample.test-data';
import { inAudit, test } from './support/test';

let id: string;

test.beforeEach(async ({ page, request }) => {
  id = await copyWithoutRules(request);
  await page.goto(`/sites/${id}/headers`);
});

// Tests of a worker share what the browser keeps.
test.afterEach(({ page }) => page.evaluate(() => localStorage.removeItem('gable-ridge-room')));

const edge = (page: Page, name: string) => page.getByRole('separator', { name: `Edge between ${name}` });
const heightOf = async (page: Page, band = 'Desktop') =>
  (await page.locator(`iframe[title="${band} view"]`).boundingBox())!.height;

test(
  'the edges between views, ruler, plan and sheet are dragged and moved by keys, and kept',
  inAudit,
  async ({ page }) => {
    await expect.poll(() => heightOf(page)).toBeGreaterThan(240);
    const before = await heightOf(page);
    for (const name of ['views and ruler', 'ruler and plan']) {
      const from = (await edge(page, name).boundingBox())!;
      await page.mouse.move(from.x + 300, from.y + 4);
      await page.mouse.down();
      await page.mouse.move(from.x + 300, from.y + 44, { steps: 4 });
      await page.mouse.up();
    }
    await expect.poll(() => heightOf(page)).toBeCloseTo(before + 80, -1);
    await edge(page, 'plan and sheet').focus();
    await page.keyboard.press('Shift+ArrowLeft');
    await expect(edge(page, 'plan and sheet')).toHaveAttribute('aria-valuenow', '34');
    const kept = await heightOf(page);
    await page.reload();
    await expect(edge(page, 'plan and sheet')).toHaveAttribute('aria-valuenow', '34');
    await expect.poll(() => heightOf(page)).toBe(kept);
    await edge(page, 'plan and sheet').dblclick();
    await expect(edge(page, 'plan and sheet')).toHaveAttribute('aria-valuenow', '44');
    await edge(page, 'views and ruler').focus();
    await page.keyboard.press('End');
    await page.keyboard.press('ArrowDown');
    await expect(edge(page, 'views and ruler')).toHaveAttribute('aria-valuenow', '66');
  },
);

test('what is worked out later moves nothing under the hand', inAudit, async ({ page }) => {
  // A worker that comes late, as on a slow machine.
  await page.route('**/_next/static/**worker**', async (route) => {
    await new Promise((resolve) => setTimeout(resolve, 3000));
    await route.continue();
  });
  await page.reload();
  const ruler = page.getByRole('region', { name: 'Ruler' });
  await expect(ruler).toContainText('Measuring how wide everything is');
  const before = (await ruler.boundingBox())!.height;
  await expect(ruler.getByRole('button', { name: /Change of fit/ }).first()).toBeVisible();
  expect((await ruler.boundingBox())!.height).toBe(before);
});

test('a view with something open in it grows, and shrinks again', inAudit, async ({ page }) => {
  await expect.poll(() => heightOf(page)).toBeGreaterThan(200);
  const before = await heightOf(page);
  await clickInside(
    page,
    'Desktop',
    view(page, 'Desktop')
      .getByRole('button', { name: /Routes/ })
      .first(),
  );
  await expect.poll(() => heightOf(page)).toBeGreaterThan(before + 60);
  await clickInside(
    page,
    'Desktop',
    view(page, 'Desktop')
      .getByRole('button', { name: /Routes/ })
      .first(),
  );
  await expect.poll(() => heightOf(page)).toBe(before);
});

test(
  'a view at 1:1 scrolls inside its area, keeps its way back in sight, and is left by Escape',
  inAudit,
  async ({ page }) => {
    await page.setViewportSize({ width: 1100, height: 760 });
    const button = page.getByRole('button', { name: 'Desktop view at 1:1' });
    await button.click();
    await expect(button).toHaveText('all views');
    await expect(button).toBeInViewport({ ratio: 1 });
    expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBe(1100);
    await expect(page.getByRole('slider', { name: 'Width of the Desktop view' })).toBeInViewport();
    await expect(page.getByRole('region', { name: 'Sheet', exact: true })).toBeInViewport();
    await page.keyboard.press('Escape');
    await expect(button).toHaveText('1:1');
    // From inside too.
    await button.click();
    await view(page, 'Desktop').getByRole('link', { name: 'Sailings' }).first().focus();
    await page.keyboard.press('Escape');
    await expect(button).toHaveText('1:1');
  },
);

const windows = [
  [1280, 800],
  [1024, 700],
  [1920, 1080],
  [2560, 1440],
] as const;

for (const [width, height] of someOf(windows, 4))
  test(`nothing of the workbench is cut at ${width} x ${height}`, async ({ page }) => {
    await page.setViewportSize({ width, height });
    await page.getByText('by fit', { exact: true }).click();
    await expect(page.getByRole('button', { name: 'Phone view at 1:1' })).toBeInViewport({ ratio: 1 });
    for (const control of ['Release…', 'Actions', 'Undo', 'Add a bar'])
      await expect(page.getByRole('button', { name: control, exact: true })).toBeInViewport();
    for (const band of ['Desktop', 'Tablet', 'Phone'])
      await expect(page.getByRole('slider', { name: `Width of the ${band} view` })).toBeInViewport({
        ratio: 1,
      });
    expect(
      await page.evaluate(() => [
        document.documentElement.scrollWidth,
        document.documentElement.scrollHeight,
      ]),
    ).toEqual([width, height]);
    // What is cut off sideways can be scrolled to.
    const cut = await page.evaluate(() =>
      [...document.querySelectorAll<HTMLElement>('main *')]
        .filter(
          (each) => each.scrollWidth > each.clientWidth + 1 && getComputedStyle(each).overflowX === 'hidden',
        )
        .filter((each) => getComputedStyle(each).textOverflow !== 'ellipsis' && each.clientWidth > 1)
        .map((each) => each.className),
    );
    expect(cut).toEqual([]);
  });

test('Headers opens the one that was used last', inAudit, async ({ page }) => {
  await page
    .getByRole('button', { name: /^Main header/ })
    .first()
    .click();
  const other = page.getByRole('menuitem').nth(1);
  const name = (await other.textContent())!;
  await other.click();
  const used = page.getByRole('navigation', { name: 'You are here' }).getByRole('button', { name });
  await expect(used).toBeVisible();
  await page.getByRole('link', { name: 'Pages' }).click();
  await expect(page.getByRole('heading', { level: 1, name: 'Pages' })).toBeVisible();
  await page.getByRole('link', { name: 'Headers' }).click();
  await expect(used).toBeVisible();
});
