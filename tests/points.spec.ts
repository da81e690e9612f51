import { expect } from '@playwright/test';
import { copyOfDemo, openCell, saved, storedSite, view } from './support/site';
import { inAudit, test } from './support/test';

// What else an edit of the past moved is worked out beside the checks.
test.use({ looksOver: true });

test('a saved point tells what has changed since, in words and as pictures, and is gone back to as one edit', async ({
  page,
}) => {
  test.slow();
  const id = await copyOfDemo(page.request);
  const before = (await storedSite(page.request, id)).site;
  await page.goto(`/sites/${id}/points`);
  await expect(page.getByText('A saved point keeps the whole site')).toBeVisible();
  await page.getByLabel('Name of the saved point').fill('As agreed');
  await page.keyboard.press('Enter');
  await expect(page.getByText('Nothing differs')).toBeVisible();

  await page.getByRole('link', { name: 'Headers' }).click();
  await page
    .getByRole('region', { name: 'Plan', exact: true })
    .getByRole('button', { name: 'Main bar', exact: true })
    .click();
  await openCell(page, 'Least height', 'Desktop');
  await page.getByRole('textbox', { name: 'Least height, Desktop' }).fill('120');
  await page.keyboard.press('Enter');
  await expect
    .poll(() =>
      view(page, 'Desktop')
        .locator('.main-header-main-bar')
        .evaluate((bar) => bar.clientHeight),
    )
    .toBe(120);
  await saved(page);

  await page.getByRole('link', { name: 'Saved points' }).click();
  const row = page.getByRole('row', { name: /Main bar/ });
  await expect(row).toContainText('Least height, Desktop');
  await expect(row.getByRole('cell')).toHaveText(['Least height, Desktop', '88 px', '120 px']);
  // What is drawn is what was kept, and what is there now.
  const heightIn = (title: string) =>
    page
      .frameLocator(`iframe[title="${title}"]`)
      .locator('.main-header-main-bar')
      .evaluate((bar) => bar.clientHeight);
  await expect.poll(() => heightIn('As agreed, Desktop')).toBe(88);
  await expect.poll(() => heightIn('Now, Desktop')).toBe(120);
  // The two that lie over each other are the same two.
  await expect.poll(() => heightIn('Differing, Desktop, one')).toBe(88);
  await expect.poll(() => heightIn('Differing, Desktop, other')).toBe(120);

  await page.getByRole('button', { name: 'Go back to it…' }).click();
  await expect(page.getByRole('dialog')).toContainText('one thing');
  await page.getByRole('button', { name: 'Go back', exact: true }).click();
  await expect(page.getByText('Nothing differs')).toBeVisible();
  expect((await storedSite(page.request, id)).site).toEqual(before);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(row).toBeVisible();
});

test(
  'reading a text makes a saved point before it; a saved point is removed only when that is confirmed',
  inAudit,
  async ({ page }) => {
    const id = await copyOfDemo(page.request);
    await page.goto(`/sites/${id}/pages`);
    await page.getByRole('button', { name: 'Add pages…' }).click();
    await page.locator('#reading-text').fill('Winter boats  /winter');
    await page.getByRole('button', { name: 'Add 1 page' }).click();
    await expect(page.getByRole('dialog')).toHaveCount(0);
    await saved(page);
    await page.getByRole('link', { name: 'Saved points' }).click();
    await expect(page.getByRole('button', { name: /Before reading pages/ })).toContainText(
      'before an import',
    );
    await expect(page.getByRole('row', { name: /page “Winter boats”/ })).toContainText('added');
    await page.getByRole('button', { name: 'Remove' }).click();
    await page.getByRole('dialog').getByRole('button', { name: 'Cancel' }).click();
    await expect(page.getByRole('button', { name: /Before reading pages/ })).toBeVisible();
    await page.getByRole('button', { name: 'Remove' }).click();
    await page.getByRole('dialog').getByRole('button', { name: 'Remove' }).click();
    await expect(page.getByText('A saved point keeps the whole site')).toBeVisible();
  },
);

test(
  'every edit is listed with what it changed and what else moved with it, each leading there',
  inAudit,
  async ({ page }) => {
    test.slow();
    const id = await copyOfDemo(page.request);
    await page.goto(`/sites/${id}/points`);
    await page.getByText('Every edit').click();
    await expect(page.getByText('Nothing was edited yet')).toBeVisible();

    await page.getByRole('link', { name: 'Headers' }).click();
    await page
      .getByRole('region', { name: 'Plan', exact: true })
      .getByRole('button', { name: 'Main bar', exact: true })
      .click();
    await openCell(page, 'Between pieces', 'Desktop');
    await page.getByRole('textbox', { name: 'Between pieces, Desktop' }).fill('40');
    await page.keyboard.press('Enter');
    await saved(page);
    await page.getByRole('button', { name: 'Undo' }).click();
    await saved(page);

    await page.getByRole('link', { name: 'Saved points' }).click();
    await page.getByText('Every edit').click();
    const list = page.getByRole('region', { name: 'Every edit' });
    await expect(list.getByRole('listitem')).toHaveCount(2);
    await expect(list.getByRole('listitem').first()).toContainText('Taken back:');
    await list.getByRole('button').last().click();
    await expect(page.getByRole('row', { name: /Main bar/ })).toContainText('40 px');
    const also = page.getByRole('region', { name: 'Also moved' });
    const moved = also.getByRole('link', { name: /px further/ }).first();
    await expect(moved).toBeVisible();
    if (process.env.SHOT) await page.screenshot({ path: process.env.SHOT });
    await moved.click();
    await expect(page).toHaveURL(/\/headers/);
  },
);
