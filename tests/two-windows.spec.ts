import { expect } from '@playwright/test';
import { inAudit, test } from './support/test';
import { copyWithoutRules, openCell, saved, storedSite, view } from './support/site';

test(
  'what one window does, the other shows, and both edits are kept',
  inAudit,
  async ({ page, context, request }) => {
    const id = await copyWithoutRules(request);
    const other = await context.newPage();
    await page.goto(`/sites/${id}/headers`);
    await other.goto(`/sites/${id}/headers`);
    await openCell(page, 'Least height', 'Desktop');
    await page.getByRole('textbox', { name: 'Least height, Desktop' }).fill('99');
    await expect(other.getByRole('button', { name: 'Least height, Desktop: 99 px, set here' })).toBeVisible();
    await openCell(other, 'Between pieces', 'Phone');
    await other.getByRole('textbox', { name: 'Between pieces, Phone' }).fill('5');
    await expect(page.getByRole('button', { name: 'Between pieces, Phone: 5 px, set here' })).toBeVisible();
    await expect(page.getByRole('textbox', { name: 'Least height, Desktop' })).toHaveValue('99');
  },
);

test(
  'undo takes back what one did in the window, not what another one did',
  inAudit,
  async ({ page, context, request }) => {
    const id = await copyWithoutRules(request);
    await page.goto(`/sites/${id}/headers`);
    await saved(page);
    const other = await context.newPage();
    await other.goto(`/sites/${id}/headers`);
    await openCell(page, 'Least height', 'Desktop');
    await page.getByRole('textbox', { name: 'Least height, Desktop' }).fill('99');
    await expect(other.getByRole('button', { name: 'Least height, Desktop: 99 px, set here' })).toBeVisible();
    await expect(other.getByRole('button', { name: 'Undo' })).toBeDisabled();
    await openCell(other, 'Between pieces', 'Phone');
    await other.getByRole('textbox', { name: 'Between pieces, Phone' }).fill('5');
    await expect(page.getByRole('button', { name: 'Between pieces, Phone: 5 px, set here' })).toBeVisible();
    await page.keyboard.press('Enter');
    await page.getByRole('button', { name: 'Undo' }).click();
    await expect(page.getByRole('button', { name: 'Least height, Desktop: 88 px, set here' })).toBeVisible();
    await expect(page.getByRole('button', { name: 'Between pieces, Phone: 5 px, set here' })).toBeVisible();
    await expect(page.getByRole('button', { name: 'Undo' })).toBeDisabled();
  },
);

test('a site that was removed in another window is not called saved', inAudit, async ({ page, request }) => {
  const id = await copyWithoutRules(request);
  await page.goto(`/sites/${id}/headers`);
  await saved(page);
  expect((await request.delete(`/api/sites/${id}`)).status()).toBe(204);
  await openCell(page, 'Least height', 'Desktop');
  await page.getByRole('textbox', { name: 'Least height, Desktop' }).fill('86');
  await expect(page.locator('[data-state="gone"]')).toContainText('not saved: this site was removed');
  await expect(page.getByText('This site was removed in another window').first()).toBeVisible();
});

test(
  'a disk that is full is said on the screen, and what waits is stored when there is room',
  inAudit,
  async ({ page, request }) => {
    const id = await copyWithoutRules(request);
    await page.goto(`/sites/${id}/headers`);
    await saved(page);
    const full = { later: true, reason: 'The disk is full, so nothing can be stored. Make room on it.' };
    await page.route('**/edits', (route) => route.fulfill({ status: 503, json: full }));
    await openCell(page, 'Least height', 'Desktop');
    await page.getByRole('textbox', { name: 'Least height, Desktop' }).fill('87');
    await expect(page.getByText('The disk is full')).toBeVisible();
    await expect(page.locator('[data-state="held"]')).toContainText('not saved: the server cannot store');
    await page.unroute('**/edits');
    await saved(page);
    expect((await storedSite(request, id)).standing.revision).toBeGreaterThan(0);
  },
);

test('two windows that set the same value at once: the later one is told, and the first is kept', async ({
  page,
  request,
}) => {
  const id = await copyWithoutRules(request);
  await page.goto(`/sites/${id}/headers`);
  await saved(page);
  // Another window's edit arrives while this one knows nothing of it.
  await page.route('**/changes?*', (route) => route.abort());
  const place = { on: 'bar', in: 'headers', assembly: 'h-main', bar: 'h-main-b2' };
  const theirs = { edit: 'setValue', place, property: 'leastHeight', cell: 'desktop', value: 111 };
  expect(
    (
      await request.post(`/api/sites/${id}/edits`, {
        data: { base: 0, edits: [theirs], group: null, batch: 'theirs' },
      })
    ).ok(),
  ).toBe(true);
  await openCell(page, 'Least height', 'Desktop');
  await page.getByRole('textbox', { name: 'Least height, Desktop' }).fill('222');
  await expect(page.getByText('Another window changed the same thing meanwhile')).toBeVisible();
  await page.keyboard.press('Enter');
  await expect(page.getByRole('button', { name: 'Least height, Desktop: 111 px, set here' })).toBeVisible();
  // What was refused is gone from the views too, which showed it at once.
  await expect(view(page, 'Desktop').locator('.main-header-main-bar')).toHaveCSS('min-block-size', '111px');
  expect((await storedSite(request, id)).standing.revision).toBe(1);
});

test('without an answer from the server the mark says so, and the edit is sent when it answers again', async ({
  page,
  request,
}) => {
  const id = await copyWithoutRules(request);
  await page.goto(`/sites/${id}/headers`);
  await page.route('**/edits', (route) => route.abort());
  await openCell(page, 'Least height', 'Desktop');
  await page.getByRole('textbox', { name: 'Least height, Desktop' }).fill('77');
  await expect(page.locator('[data-state="offline"]')).toContainText('not saved');
  expect((await storedSite(request, id)).standing.revision).toBe(0);
  await page.unroute('**/edits');
  await saved(page);
  expect((await storedSite(request, id)).standing.revision).toBe(1);
});
