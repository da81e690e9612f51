import { readFileSync } from 'node:fs';
import path from 'node:path';
import { pathToFileURL } from 'node:url';
import AxeBuilder from '@axe-core/playwright';
import { expect, type Page } from '@playwright/test';
import { addPiece, openCell, pageList, pick, saved, view } from './support/site';
import { test } from './support/test';
import { unpack } from './support/export';

const mark =
  '<svg xmlns="http://www.w3.org/2000/svg" width="120" height="40" viewBox="0 0 120 40"><path d="M0 40 60 0l60 40z"/></svg>';

async function putIn(page: Page, bay: string, kind: string) {
  await addPiece(page, `Main bar, ${bay}`, kind);
  await expect(
    page.getByRole('region', { name: 'Plan', exact: true }).locator('[data-piece][aria-pressed="true"]'),
  ).toContainText(kind);
}

/** The whole path through the interface, from an empty site to its zip; gives the folder of the unpacked zip. */
async function compose(page: Page): Promise<string> {
  await page.goto('/');
  await page.getByLabel('A new site').fill('Larch House');
  await page.getByRole('button', { name: 'Make it' }).click();

  await expect(page).toHaveURL(/\/begin$/);
  await page.getByRole('button', { name: 'Add pages…' }).click();
  await page.getByLabel(/One page a line/).fill(pageList);
  await expect(page.getByRole('heading', { name: '6 pages understood' })).toBeVisible();
  await page.getByRole('button', { name: 'Add 6 pages' }).click();
  await expect(page.getByRole('region', { name: 'Pages' })).toContainText('6 pages');

  await page.getByRole('link', { name: 'Headers' }).click();
  await putIn(page, 'start', 'Logo');
  await openCell(page, 'Artwork of its own', 'Desktop');
  const chooser = page.waitForEvent('filechooser');
  await pick(page, 'upload a file…');
  await (await chooser).setFiles({ name: 'mark.svg', mimeType: 'image/svg+xml', buffer: Buffer.from(mark) });
  await expect(view(page, 'Desktop').locator('header img')).toBeVisible();

  await putIn(page, 'middle', 'Menu');
  await openCell(page, 'Shown as', 'Phone');
  await pick(page, 'menu button');
  await expect(page.getByRole('button', { name: /^Shown as, Phone: menu button, set here/ })).toBeVisible();
  await putIn(page, 'end', 'Button');
  await openCell(page, 'Label', 'every width');
  await page.getByRole('textbox', { name: 'Label, every width' }).fill('Book a room');
  await page.keyboard.press('Enter');
  await openCell(page, 'Leads to', 'every width');
  await pick(page, 'Visit');
  await page.getByRole('button', { name: 'Button “Book a room”, Phone < 640: shown' }).click();
  await page.getByRole('menuitem', { name: 'hidden', exact: true }).click();

  await page.getByRole('link', { name: 'Footers' }).click();
  await expect(page.getByRole('heading', { name: 'Footers', level: 1 })).toBeVisible();
  await putIn(page, 'start', 'Menu');
  await putIn(page, 'end', 'Text');
  await openCell(page, 'Text', 'every width');
  await page.getByRole('textbox', { name: 'Text, every width' }).fill('© Larch House');
  await page.keyboard.press('Enter');
  await saved(page);

  await page.getByRole('button', { name: 'Release…' }).click();
  const download = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Download the zip' }).click();
  return unpack(await (await download).path());
}

test('a list of pages becomes a header and footer that work on a website', async ({ page, browser }) => {
  const folder = await compose(page);
  const home = pathToFileURL(path.join(folder, 'index.html')).href;

  await test.step('what was previewed is what was handed over, byte for byte', async () => {
    await page.getByRole('link', { name: 'Headers' }).click();
    await expect(view(page, 'Phone').locator('header nav')).toBeVisible();
    const shown = (await view(page, 'Phone').locator('style').allTextContents()).join('');
    const file = (name: string) => readFileSync(path.join(folder, name), 'utf8');
    // Both begin with the order of the layers, which is said once of a view.
    const [order] = file('stand-in.css').split(/(?<=\n)/);
    expect(file('site.css').startsWith(order!)).toBe(true);
    const exported = file('stand-in.css') + file('site.css').slice(order!.length);
    expect(shown.replaceAll(/url\("\/frame\/[^/]+\/fonts\//g, 'url("fonts/')).toBe(exported);
    const site = /sites\/([^/]+)\//.exec(page.url())![1]!;
    for (const name of ['index.html', 'rooms/tower.html', 'site.js', 'site.css', 'stand-in.css']) {
      const served = await page.request.get(`/try/${site}/${name}`);
      expect(Buffer.compare(await served.body(), readFileSync(path.join(folder, name)))).toBe(0);
    }
  });

  const visitor = await browser.newPage();
  const problems: string[] = [];
  visitor.on('pageerror', (error) => problems.push(String(error)));
  // What a visitor leaves before it has come is no fault of the site.
  visitor.on('requestfailed', (request) => {
    if (request.failure()?.errorText !== 'net::ERR_ABORTED') problems.push(request.url());
  });
  const header = visitor.locator('header');
  const menuButton = header.getByRole('button', { name: 'Menu' });
  const drawer = visitor.getByRole('dialog');

  for (const width of [1280, 768]) {
    await test.step(`at ${width} px the menu stands in a row, truly centred`, async () => {
      await visitor.setViewportSize({ width, height: 800 });
      await visitor.goto(home);
      await expect(header.getByRole('link', { name: 'Rooms', exact: true })).toBeVisible();
      await expect(menuButton).toBeHidden();
      const box = (await header.locator('nav').boundingBox())!;
      expect(Math.abs(box.x + box.width / 2 - width / 2)).toBeLessThan(0.5);
      expect(await visitor.evaluate(() => document.documentElement.scrollWidth)).toBe(width);
    });
  }

  await test.step('drop-downs open by mouse and by key, and close by Escape', async () => {
    const toggle = header.getByRole('button', { name: 'Rooms: more' });
    const below = header.getByRole('link', { name: 'The tower room' });
    await expect(below).toBeHidden();
    await toggle.click();
    await expect(below).toBeVisible();
    await visitor.keyboard.press('Escape');
    await expect(below).toBeHidden();
    await toggle.focus();
    await visitor.keyboard.press('Enter');
    await visitor.keyboard.press('Tab');
    await expect(below).toBeFocused();
    await visitor.keyboard.press('Enter');
    await expect(visitor).toHaveURL(/rooms\/tower\.html$/);
    await expect(header.locator('[aria-current="page"]')).toHaveText('The tower room');
    await expect(header.getByRole('link', { name: 'Rooms', exact: true })).toHaveAttribute(
      'aria-current',
      'true',
    );
  });

  await test.step('on the phone the menu is behind a button that opens a drawer', async () => {
    await visitor.setViewportSize({ width: 375, height: 700 });
    await visitor.goto(home);
    await expect(header.getByRole('link', { name: 'Rooms', exact: true })).toBeHidden();
    expect(await visitor.evaluate(() => document.documentElement.scrollWidth)).toBe(375);
    await menuButton.click();
    await expect(drawer.getByRole('link', { name: 'The boat house' })).toBeVisible();
    await visitor.mouse.click(10, 400);
    await expect(drawer).toBeHidden();
  });

  await test.step('by keyboard too: in, round, out, and back to where one was', async () => {
    await menuButton.focus();
    await visitor.keyboard.press('Enter');
    await expect(drawer).toBeVisible();
    await expect(drawer.getByRole('button', { name: 'Close' })).toBeFocused();
    await visitor.keyboard.press('Tab');
    await expect(drawer.getByRole('link', { name: 'Home' })).toBeFocused();
    await visitor.keyboard.press('Escape');
    await expect(drawer).toBeHidden();
    await expect(menuButton).toBeFocused();
  });

  await test.step('at 320 px nothing scrolls sideways, and the footer is there', async () => {
    await visitor.setViewportSize({ width: 320, height: 700 });
    expect(await visitor.evaluate(() => document.documentElement.scrollWidth)).toBe(320);
    await expect(visitor.locator('footer').getByText('© Larch House')).toBeVisible();
  });

  await test.step('the fonts of the brand have come', async () => {
    expect(
      await visitor.evaluate(
        async () => (
          await document.fonts.ready,
          [...document.fonts].filter((font) => font.status === 'loaded').length
        ),
      ),
    ).toBeGreaterThan(0);
  });
  expect(problems).toEqual([]);
  await visitor.close();

  await test.step('nobody is kept out: no violation with the drawer shut or open', async () => {
    // The checker needs a page of a context of its own.
    const context = await browser.newContext({ viewport: { width: 375, height: 700 } });
    const reader = await context.newPage();
    await reader.goto(home);
    expect((await new AxeBuilder({ page: reader }).analyze()).violations).toEqual([]);
    await reader.locator('header').getByRole('button', { name: 'Menu' }).click();
    expect((await new AxeBuilder({ page: reader }).analyze()).violations).toEqual([]);
    // The window grows past the drawer, which takes its step out of the way back.
    await reader.setViewportSize({ width: 1280, height: 800 });
    await reader.waitForFunction(() => !document.querySelector('dialog[open]') && !history.state);
    await reader.getByRole('button', { name: 'Rooms: more' }).first().click();
    expect((await new AxeBuilder({ page: reader }).analyze()).violations).toEqual([]);
    await context.close();
  });

  await test.step('with scripts off the menu works by pointer, and the drawer where the browser opens it by itself', async () => {
    const context = await browser.newContext({
      javaScriptEnabled: false,
      viewport: { width: 1280, height: 800 },
    });
    const plain = await context.newPage();
    await plain.goto(home);
    await plain.locator('header').getByRole('link', { name: 'Rooms', exact: true }).hover();
    await expect(plain.locator('header').getByRole('link', { name: 'The tower room' })).toBeVisible();
    await plain.setViewportSize({ width: 375, height: 700 });
    await plain.locator('header').getByRole('button', { name: 'Menu' }).click();
    await expect(plain.getByRole('dialog').getByRole('link', { name: 'Table' })).toBeVisible();
    await context.close();
  });
});
