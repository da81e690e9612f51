import { expect } from '@playwright/test';
import { copyWithoutRules, saved } from './support/site';
import { inAudit, test } from './support/test';

let id: string;

test.beforeEach(async ({ page, request, context }) => {
  await context.grantPermissions(['clipboard-read', 'clipboard-write']);
  id = await copyWithoutRules(request);
  await page.goto(`/sites/${id}/headers`);
  await page.getByText('by fit', { exact: true }).click();
  const link = page.getByRole('link', { name: /^Room over the width/ });
  await expect(async () => {
    if (!page.url().includes('/fit?bar=')) await link.click({ timeout: 2000 });
    await page.waitForURL(/\/fit\?bar=/, { timeout: 3000 });
  }).toPass();
});

test(
  'what a bar needs and has is read out at a width, and its changes are copied as a table',
  inAudit,
  async ({ page }) => {
    const readOut = page.getByRole('region', { name: 'Read out' });
    const at = readOut.getByLabel('Width that is read out, in px');
    await expect(readOut).toContainText('it overflows');
    const readAt = async (width: string) => {
      await at.fill(width);
      await at.press('Enter');
    };
    await readAt('1024');
    // 64 px of gutter, and 1049.1 px for what stands in it.
    await expect(readOut.getByRole('row', { name: /^Has/ })).toContainText('960.0 px');
    await expect(readOut.getByRole('row', { name: /^Needs at least/ })).toContainText('89.1 px short');
    await readAt('1200');
    await expect(readOut).toContainText('it fits');
    await expect(readOut.getByRole('row', { name: /^Needs at least/ })).toContainText('86.9 px left');

    // The pointer reads out too.
    const chart = page.getByRole('img', { name: /^Room that/ });
    const box = (await chart.boundingBox())!;
    await page.mouse.move(box.x + box.width / 3, box.y + box.height / 2);
    await expect(at).not.toHaveValue('1200');

    await page.getByRole('button', { name: 'Copy the table' }).click();
    await expect(page.getByText('The table is on the clipboard.')).toBeVisible();
    const copied = await page.evaluate(() => navigator.clipboard.readText());
    const lines = copied.split('\n').map((line) => line.split('\t'));
    expect(lines[0]).toEqual(['From, px', 'To, px', 'Stands', 'Why']);
    expect(lines.slice(1).map(([from, to, stands]) => [from, to, stands])).toEqual([
      ['320', '1023', 'fits'],
      ['1024', '1113', 'overflows'],
      ['1114', '1920', 'fits'],
    ]);

    // Beyond the ruler on request.
    await page.getByText('320 to 3840 px').click();
    await readAt('3000');
    await expect(readOut.getByRole('row', { name: /^Has/ })).toContainText('1200.0 px');
  },
);

test('a suggestion is done with one click, the bar then fits as far as it said, and undo takes it back', async ({
  page,
}) => {
  const suggest = page.getByRole('region', { name: 'Suggest' });
  const table = suggest.getByRole('table', { name: 'Suggestions' });
  await expect(table).toBeVisible();
  const wish = suggest.getByLabel('Down to, in px');
  await expect(wish).toHaveValue('1024');
  await wish.fill('1240');
  await wish.press('Enter');
  const first = table.getByRole('row').nth(1);
  await expect(first).not.toContainText('not enough');
  await expect(first.getByRole('rowheader')).toContainText('→');
  const from = Number(/(\d+) px/.exec((await first.getByRole('cell').first().textContent())!)![1]);
  expect(from).toBeLessThanOrEqual(1240);
  await first.getByRole('button', { name: /^Do:/ }).click();
  await saved(page);
  await expect(suggest).toContainText(`It fits down to ${from} px already.`);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(table).toBeVisible();
});
