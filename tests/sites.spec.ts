import { expect } from '@playwright/test';
import type { AssemblyKind } from '../src/core/properties/assembly-kind';
import { copyOfDemo, pageList, saved, storedSite, view } from './support/site';
import { inAudit, test } from './support/test';

test(
  'each site is drawn at two widths, with how long ago it was changed; a copy of it is made and removed',
  inAudit,
  async ({ page, request }) => {
    const id = await copyOfDemo(request);
    const name = `Drawn ${id.slice(0, 6)}`;
    const edits = [{ edit: 'renameSite', name }];
    const batch = `rename-${id}`;
    const renamed = await request.post(`/api/sites/${id}/edits`, {
      data: { base: 0, group: null, batch, edits },
    });
    expect(renamed.status()).toBe(200);
    await page.goto('/');
    const rows = page.getByRole('table', { name: 'Sites' }).getByRole('row');
    const own = rows.filter({ has: page.getByRole('link', { name, exact: true }) });
    await expect(own.locator('time')).toHaveText(/just now|minutes? ago/);
    await expect(own.locator('time')).toHaveAttribute('title', /at/);
    // It is drawn once it is in sight.
    await own.scrollIntoViewIfNeeded();
    const widths = () =>
      own.locator('iframe').evaluateAll((frames) => frames.map((frame) => frame.clientWidth));
    await expect.poll(widths).toEqual([1216, 375]);
    const phone = own.frameLocator('iframe').nth(1);
    await expect(phone.locator('.menu-button').first()).toBeAttached();
    // What is drawn runs nothing, and is not there for the keyboard.
    await expect(own.locator('iframe').first()).toHaveAttribute('sandbox', '');
    await own.getByRole('button', { name: `Duplicate ${name}`, exact: true }).click();
    const copy = rows.filter({ has: page.getByRole('link', { name: `${name} copy`, exact: true }) });
    await expect(copy).toHaveCount(1);
    await copy.getByRole('button', { name: /^Remove/ }).click();
    await page.getByRole('button', { name: 'Remove for good' }).click();
    await expect(copy).toHaveCount(0);
    await expect(own).toHaveCount(1);
  },
);

test('a site that is asked for without a name, twice over, or as a copy of none is refused with the reason', async ({
  request,
}) => {
  const asked = async (data: object) => {
    const response = await request.post('/api/sites', { data });
    return [response.status(), (await response.json()).reason];
  };
  const either = expect.stringContaining('either a name or a site that it is a copy of');
  expect(await asked({})).toEqual([422, either]);
  expect(await asked({ name: 'Both', copyOf: 'hollin-sound' })).toEqual([422, either]);
  expect(await asked({ copyOf: 'gone' })).toEqual([404, expect.any(String)]);
});

test('a new site begins with its pages, a colour and a header, drawer and footer from what is ready-made, all drawn with what there is by then', async ({
  page,
}) => {
  await page.goto('/');
  await page.getByLabel('A new site').fill('Larch House');
  await page.getByRole('button', { name: 'Make it' }).click();
  const strip = (kind: string) => page.getByRole('region', { name: `Begin with a ${kind}` });
  await page.getByRole('button', { name: 'Add pages…' }).click();
  await page.getByLabel(/One page a line/).fill(pageList);
  await page.getByRole('button', { name: 'Add 6 pages' }).click();
  const drawn = strip('header').frameLocator('iframe').first();
  await expect(drawn.getByText('Rooms').first()).toBeAttached();
  await page.getByRole('button', { name: /^Value of Accent/ }).click();
  await page.keyboard.press('Control+A');
  await page.keyboard.type('#8a3a1e');
  await page.keyboard.press('Enter');
  const accent = () =>
    drawn.locator('html').evaluate((root) => getComputedStyle(root).getPropertyValue('--accent'));
  await expect.poll(accent).toBe('#8a3a1e');
  await expect(page.getByRole('table', { name: 'First colours' })).toContainText('7.8');

  const header = strip('header').getByRole('button', { name: /^Links in the middle/ });
  await header.click();
  await expect(header).toHaveAttribute('aria-pressed', 'true');
  // Another one takes its place, and another drawer that of the one that the header brought.
  await strip('header')
    .getByRole('button', { name: /^Plain row/ })
    .click();
  await expect(header).toHaveAttribute('aria-pressed', 'false');
  await strip('drawer')
    .getByRole('button', { name: /^Unfolding list/ })
    .click();
  await strip('footer')
    .getByRole('button', { name: /^One line/ })
    .click();
  await saved(page);
  await page.getByRole('button', { name: 'To the workbench' }).click();
  await expect(view(page, 'Desktop').getByRole('link', { name: 'Table' }).first()).toBeVisible();
  const id = /sites\/([^/]+)/.exec(page.url())![1]!;
  const { site } = await storedSite(page.request, id);
  const named = (kind: AssemblyKind) => Object.values(site[kind]).map(({ name }) => name);
  expect([named('headers'), named('drawers'), named('footers')]).toEqual([
    ['Plain row'],
    ['Unfolding list'],
    ['One line'],
  ]);
  // What was picked works together: on the phone the menu button opens that drawer.
  await page.goto(`/try/${id}/`);
  await page.setViewportSize({ width: 375, height: 700 });
  await page.locator('header').getByRole('button', { name: 'Menu' }).click();
  await expect(page.getByRole('dialog').getByRole('link', { name: 'Table' })).toBeVisible();
  await page.setViewportSize({ width: 1280, height: 800 });
});
