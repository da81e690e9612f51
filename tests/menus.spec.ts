import { expect, test } from '@playwright/test';
import { copyOfDemo, pick, saved, view } from './support/site';

test('an item is added, labelled, led to an address, and moved by keys; the views show it', async ({
  page,
  request,
}) => {
  const id = await copyOfDemo(request);
  await page.goto(`/sites/${id}/menus`);
  await page.getByRole('button', { name: 'Service 3' }).click();
  await page.getByRole('button', { name: 'Add an item' }).click();
  await page.getByRole('button', { name: 'Label of New item: New item' }).click();
  await page.getByRole('textbox', { name: 'Label of New item' }).fill('Write to us');
  await page.keyboard.press('Enter');
  await page.getByRole('button', { name: 'Target of Write to us: nowhere' }).click();
  await page.keyboard.type('mailto:crew@example.com');
  await pick(page, 'mailto:crew@example.com');
  const target = page.getByRole('button', { name: 'Target of Write to us: mailto:crew@example.com' });
  await expect(target).toBeVisible();
  await target.focus();
  await page.keyboard.press('Alt+ArrowUp');
  const labels = page.getByRole('table', { name: 'Items of Service' }).getByRole('rowheader');
  await expect(labels).toHaveText(['Freight & vehicles', 'My account', 'Write to us', 'Company']);
  await target.focus();
  await page.keyboard.press('Alt+ArrowRight');
  await expect(page.getByRole('button', { name: 'Move Write to us a level out' })).toBeEnabled();
  await saved(page);
  await page.getByRole('link', { name: 'Headers' }).click();
  await expect(view(page, 'Desktop').locator('header').getByText('Write to us')).toHaveAttribute(
    'href',
    'mailto:crew@example.com',
  );
});

test('a label of one’s own is taken away by emptying it', async ({ page, request }) => {
  const id = await copyOfDemo(request);
  await page.goto(`/sites/${id}/menus`);
  await page.getByRole('button', { name: 'Label of Timetable: Timetable' }).click();
  await page.getByRole('textbox', { name: 'Label of Timetable' }).fill('When we sail');
  await page.keyboard.press('Enter');
  await page.getByRole('button', { name: 'Label of When we sail: When we sail' }).click();
  await page.getByRole('textbox', { name: 'Label of When we sail' }).fill('');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('button', { name: 'Label of Timetable: Timetable' })).toBeVisible();
});

test('removing an item keeps what stood below it, and undo brings it back', async ({ page, request }) => {
  const id = await copyOfDemo(request);
  await page.goto(`/sites/${id}/menus`);
  const rows = page.getByRole('table', { name: 'Items of Main' }).getByRole('row');
  const before = await rows.count();
  await page.getByRole('button', { name: 'Remove Routes' }).click();
  await expect(rows).toHaveCount(before - 1);
  await expect(page.getByRole('button', { name: 'Move Island hopper a level out' })).toBeDisabled();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(rows).toHaveCount(before);
});
