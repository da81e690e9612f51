import { expect, type Page } from '@playwright/test';
import { copyOfDemo } from './support/site';
import { inAudit, test } from './support/test';

const inside = (page: Page) => page.frameLocator('iframe[title="The tried site"]');
const here = (page: Page) => page.getByRole('complementary', { name: 'Where one is, and as whom' });
/** What is found out in a frame; null while a page comes in. */
const soon = <T>(found: Promise<T>): Promise<T | null> => found.catch(() => null);
const ground = (page: Page) =>
  soon(
    inside(page)
      .locator('body')
      .evaluate((body) => getComputedStyle(body).backgroundColor),
  );

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

test(
  'a zoomed page is told of a smaller window, and the edge of the window is moved by keys',
  inAudit,
  async ({ page }) => {
    const width = () =>
      inside(page)
        .locator('html')
        .evaluate((html) => html.ownerDocument.defaultView!.innerWidth);
    await expect.poll(width).toBe(1280);
    await page.getByRole('combobox', { name: 'Zoom' }).click({ force: true });
    await page.locator('.ant-select-item-option').filter({ hasText: 'zoom 400 %' }).click();
    await expect.poll(width).toBe(320);
    await page.getByRole('slider', { name: 'Side edge of the window' }).press('Shift+ArrowRight');
    await expect(page.getByLabel('Width of the window, in px')).toHaveValue('1290');
  },
);

test(
  'the ruler shows what pages are told of each window, and what their header does there',
  inAudit,
  async ({ page }) => {
    const ruler = page.getByRole('region', { name: 'Ruler' });
    const handle = ruler.getByRole('slider', { name: 'Width of the window view' });
    await expect(ruler.getByRole('list', { name: 'Collapse rules' })).toContainText('Logo gives way');
    const change = ruler.getByRole('button', { name: /^Change of fit at/ }).first();
    const at = Number(/at (\d+) px/.exec((await change.getAttribute('aria-label'))!)![1]);
    await change.click();
    await expect(page.getByLabel('Width of the window, in px')).toHaveValue(String(at - 1));
    await expect(handle).toContainText('wraps');
    await handle.press('ArrowRight');
    await expect(handle).toContainText('fits');
    await page.getByRole('slider', { name: 'Lower edge of the window' }).press('Shift+ArrowUp');
    await expect(page.getByLabel('Height of the window, in px')).toHaveValue('710');
    await page.getByRole('combobox', { name: 'Zoom' }).click({ force: true });
    await page.locator('.ant-select-item-option').filter({ hasText: 'zoom 200 %' }).click();
    await page.getByLabel('Width of the window, in px').fill('1280');
    await page.getByLabel('Width of the window, in px').press('Enter');
    await expect(handle).toHaveAttribute('aria-valuenow', '640');
    // No window gets wider than there are any, however much it is zoomed.
    await handle.press('End');
    await expect(page.getByLabel('Width of the window, in px')).toHaveValue('3840');
  },
);

test(
  'it is met by visitors who prefer dark, before fonts have come and with scripts off, from an origin of its own',
  inAudit,
  async ({ page }) => {
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
    await expect.poll(async () => new Set(await soon(fonts()))).toEqual(new Set(['error']));
    expect(
      await inside(page)
        .locator('html')
        .evaluate(() => self.origin),
    ).toBe('null');
    await page.getByRole('checkbox', { name: 'with scripts off' }).check();
    await expect(here(page)).toContainText('the page cannot tell where one is');
  },
);

test('two widths go together: from page to page, and as far down', inAudit, async ({ page }) => {
  await page.getByRole('checkbox', { name: 'a second width' }).check();
  const second = page.frameLocator('iframe[title="The tried site, second width"]');
  const insideWidth = (frame: typeof second) =>
    soon(frame.locator('html').evaluate((html) => html.ownerDocument.defaultView!.innerWidth));
  await expect.poll(() => insideWidth(second)).toBe(375);
  await expect(second.locator('h1')).toHaveText('Home');
  const scrolled = (to: number) =>
    inside(page)
      .locator('html')
      .evaluate(({ ownerDocument: { defaultView } }, top) => defaultView!.scrollTo(0, top), to);
  const down = () =>
    second.locator('html').evaluate((html) => {
      const { scrollY, innerHeight } = html.ownerDocument.defaultView!;
      return Math.abs(html.scrollHeight - innerHeight - scrollY);
    });
  // The second window follows once it is there.
  await expect(async () => {
    await scrolled(0);
    await scrolled(1e6);
    await expect.poll(down, { timeout: 3000 }).toBeLessThan(4);
  }).toPass();
  await inside(page).getByRole('link', { name: 'Freight & vehicles' }).first().press('Enter');
  await expect(second.locator('h1')).toHaveText('Freight & vehicles');
});

test(
  'the order of focus is drawn and listed, and what a reader meets, with what is open over the page',
  inAudit,
  async ({ page }) => {
    const list = async (as: string) => {
      await page.getByRole('combobox', { name: 'What is listed' }).click({ force: true });
      await page.locator('.ant-select-item-option').filter({ hasText: as }).click();
      return page.getByRole('list', { name: as });
    };
    const focus = await list('the order of focus');
    await expect(focus.getByRole('listitem').first()).toHaveText('link Skip to content');
    // It is the way that the Tab key goes.
    const pressed: string[] = [];
    await inside(page).locator('.skip').focus();
    for (let step = 0; step < 6; step += 1) {
      pressed.push(
        await inside(page)
          .locator(':focus')
          .evaluate((element) => element.getAttribute('aria-label') ?? element.textContent!.trim()),
      );
      await page.keyboard.press('Tab');
    }
    const listed = await focus.getByRole('listitem').allTextContents();
    expect(listed.slice(0, 6).map((text) => text.replace(/^\S+ /, ''))).toEqual(pressed);
    await expect(inside(page).locator('body > svg > circle')).toHaveCount(listed.length);
    const names = await list('what a reader meets');
    await expect(names.getByText('banner')).toBeVisible();
    await expect(names).toContainText('heading Home');
    await expect(inside(page).locator('body > svg > circle')).toHaveCount(0);
  },
);

test(
  'larger text reaches the layout as in a browser that is set to it; colours are forced, somebody signs in',
  inAudit,
  async ({ page }) => {
    const button = inside(page).locator('.main-header .menu-button');
    await expect(button).toBeHidden();
    await page.getByRole('checkbox', { name: 'with text at 200 %' }).check();
    await expect(button).toBeVisible();
    // The frame is loaded anew with each choice.
    const html = inside(page).locator('html');
    await expect(html).toHaveCSS('font-size', '32px');
    await page.getByRole('checkbox', { name: 'with text at 150 %' }).check();
    await expect(html).toHaveCSS('font-size', '24px');
    await expect(page.getByRole('checkbox', { name: 'with text at 200 %' })).not.toBeChecked();
    await page.getByRole('checkbox', { name: 'in forced colours' }).check();
    await expect.poll(() => ground(page)).toBe('rgb(0, 0, 0)');
    await expect(here(page)).toContainText('Forced colours are drawn as a dark choice');
    await page.getByRole('checkbox', { name: 'signed in' }).check();
    await expect(inside(page).locator('html')).toHaveAttribute('data-account', 'in');
  },
);
