import { expect, type BrowserContext, type Page } from '@playwright/test';
import { inAudit, test } from './support/test';
import { view } from './support/site';

/** A browser that was never here. */
let profile: BrowserContext;
let page: Page;
/** The fonts that were asked for to measure texts with. */
let fonts: string[];

test.beforeEach(async ({ browser, baseURL, viewport }) => {
  profile = await browser.newContext({ baseURL, viewport });
  page = await profile.newPage();
  fonts = [];
  page.on('request', (request) => {
    if (request.url().endsWith('/sfnt')) fonts.push(request.url());
  });
});
test.afterEach(() => profile.close());

/** What the views of the three bands are styled with, once all of them are drawn. */
async function styles(): Promise<string[]> {
  const bands = ['Desktop', 'Tablet', 'Phone'];
  for (const band of bands) await expect(view(page, band).locator('header')).toBeVisible();
  const read = () => [...document.querySelectorAll('style')].map(({ textContent }) => textContent).join('');
  return Promise.all(bands.map((band) => view(page, band).locator('html').evaluate(read)));
}

const changesOfFit = () => page.getByRole('group', { name: 'Changes of fit' }).first().getByRole('button');

test(
  'a workbench is opened with what the server measured, and is as it would be with what the browser measures',
  inAudit,
  async () => {
    await page.goto('/sites/hollin-sound/headers/h-main');
    const opened = await styles();
    await expect(changesOfFit()).not.toHaveCount(0);
    const changes = await changesOfFit().count();
    expect(fonts).toEqual([]);

    // The page alone, without what the server works out for it, in a browser that knows nothing.
    await page.evaluate(() => localStorage.clear());
    await page.route('**/headers/h-main', async (route) => {
      const from = new URL('/sites/hollin-sound/pages', route.request().url()).href;
      const headers = { ...route.request().headers(), 'sec-fetch-dest': 'empty', referer: from };
      await route.fulfill({ response: await route.fetch({ headers }) });
    });
    await page.reload();
    await expect.poll(styles).toEqual(opened);
    await expect(changesOfFit()).toHaveCount(changes);
    expect(fonts).not.toEqual([]);
  },
);

test('so it is from the list of sites, where a newcomer begins', inAudit, async () => {
  await page.goto('/');
  await page.locator('a[href="/sites/hollin-sound/headers"]').click();
  await styles();
  await expect(changesOfFit()).not.toHaveCount(0);
  expect(fonts).toEqual([]);
});

test('the ruler tells what the server worked out, before anything is asked here', async () => {
  await page.addInitScript(() => {
    const happened: string[] = [];
    const note = (what: string) => happened.includes(what) || happened.push(what);
    Object.assign(window, { happened });
    const Plain = window.Worker;
    window.Worker = class extends Plain {
      constructor(...from: ConstructorParameters<typeof Worker>) {
        note('asked');
        super(...from);
      }
    };
    new MutationObserver(
      () => document.querySelector('[aria-label="Changes of fit"] button') && note('told'),
    ).observe(document, { subtree: true, childList: true });
  });
  const happened = () => page.evaluate(() => (window as unknown as { happened: string[] }).happened);
  await page.goto('/sites/hollin-sound/headers/h-main');
  await expect.poll(happened).toEqual(['told', 'asked']);
  const changes = await changesOfFit().count();
  await page.waitForTimeout(1500);
  // What is worked out here is the same.
  await expect(changesOfFit()).toHaveCount(changes);
});
