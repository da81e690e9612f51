import { expect, type Page } from '@playwright/test';
import { copyOfDemo } from './support/site';
import { test } from './support/test';

const inside = (page: Page) => page.frameLocator('iframe[title="The tried site"]');
const here = (page: Page) => page.getByRole('complementary', { name: 'Where one is, and as whom' });
const ground = (page: Page) =>
  inside(page)
    .locator('body')
    .evaluate((body) => getComputedStyle(body).backgroundColor);

test.beforeEach(async ({ page, request }) => {
  const id = await copyOfDemo(request);
  await page.goto(`/sites/${id}/headers`);
  await page.getByRole('link', { name: 'Try it' }).click();
  await expect(here(page)).toContainText('Main header (all other pages)');
});

test('one clicks through the site and is told where one is, with the rules that have begun and the phase', async ({
  page,
}) => {
  await expect(here(page)).toContainText('Home  /');
  await inside(page).getByRole('link', { name: 'Freight & vehicles' }).first().press('Enter');
  await expect(here(page)).toContainText('Freight & vehicles  /freight');
  await expect(here(page)).toContainText('Plain header (rule 3: Freight & vehicles)');
  await inside(page).getByRole('link', { name: 'Hollin Sound Ferries' }).first().press('Enter');
  await expect(here(page)).toContainText('Home  /');
  await page.getByRole('combobox', { name: 'Size of the window' }).click({ force: true });
  await page.locator('.ant-select-item-option').filter({ hasText: 'Phone, upright  375' }).first().click();
  await expect(here(page)).toContainText('Phone');
  await expect(here(page)).toContainText('→ menu button');
  await inside(page)
    .locator('html')
    .evaluate((html) => html.ownerDocument.defaultView!.scrollTo(0, 500));
  await expect(here(page)).toContainText('scrolled');
});

test('a zoomed page is told of a smaller window, and the edge of the window is moved by keys', async ({
  page,
}) => {
  const width = () =>
    inside(page)
      .locator('html')
      .evaluate((html) => html.ownerDocument.defaultView!.innerWidth);
  await expect.poll(width).toBe(1280);
  await page.getByRole('combobox', { name: 'Zoom' }).click({ force: true });
  await page.locator('.ant-select-item-option').filter({ hasText: 'zoom 400 %' }).click();
  await expect.poll(width).toBe(320);
  await page.getByRole('slider', { name: 'Edge of the window' }).press('Shift+ArrowRight');
  await expect(page.getByLabel('Width of the window, in px')).toHaveValue('1290');
});

test('it is met by visitors who prefer dark, before fonts have come and with scripts off, from an origin of its own', async ({
  page,
}) => {
  await expect.poll(() => ground(page)).toBe('rgb(255, 254, 251)');
  await page.getByRole('checkbox', { name: 'by visitors who prefer dark' }).check();
  await expect.poll(() => ground(page)).toBe('rgb(14, 26, 33)');
  await page.getByRole('checkbox', { name: 'before its fonts have come' }).check();
  const fonts = () =>
    inside(page)
      .locator('html')
      .evaluate(async (html) => {
        const { fonts: own } = html.ownerDocument;
        await own.ready;
        return [...own]
          .filter(({ family, status }) => !family.includes('stand-in') && status !== 'unloaded')
          .map((face) => face.status);
      });
  await expect.poll(async () => new Set(await fonts())).toEqual(new Set(['error']));
  expect(
    await inside(page)
      .locator('html')
      .evaluate(() => self.origin),
  ).toBe('null');
  await page.getByRole('checkbox', { name: 'with scripts off' }).check();
  await expect(here(page)).toContainText('the page cannot tell where one is');
});
