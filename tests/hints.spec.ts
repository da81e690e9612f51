import { AxeBuilder } from '@axe-core/playwright';
import { expect } from '@playwright/test';
import { hints, type HintId } from '../src/features/hints/hints';
import { inAudit, test } from './support/test';

test(
  'what is not seen by itself is said where one begins to work, once',
  inAudit,
  async ({ browser, baseURL }) => {
    const newcomer = await browser.newContext({ baseURL: baseURL!, viewport: { width: 1280, height: 800 } });
    const page = await newcomer.newPage();
    const said = (of: HintId) => page.getByRole('status').filter({ hasText: hints[of] });
    await page.goto('/sites/orrery-house/headers');
    await page.getByLabel('Find a row of the sheet').waitFor();
    await page.getByLabel('Find a row of the sheet').focus();
    await expect(said('sheet')).toBeVisible();
    // It lies in the lower corner of the sheet, and takes no focus.
    const [hint, sheet] = await Promise.all([
      said('sheet').boundingBox(),
      page.getByRole('region', { name: 'Sheet' }).boundingBox(),
    ]);
    expect(hint!.x).toBeGreaterThan(sheet!.x);
    expect(hint!.y + hint!.height).toBeLessThanOrEqual(sheet!.y + sheet!.height);
    await expect(page.getByLabel('Find a row of the sheet')).toBeFocused();
    expect((await new AxeBuilder({ page }).include('[role=status]').analyze()).violations).toEqual([]);

    await page.getByRole('region', { name: 'Ruler' }).hover();
    await expect(said('ruler')).toBeVisible();
    await expect(said('sheet')).toBeHidden();
    await said('ruler').getByRole('button', { name: 'Put this hint away' }).click();
    await expect(said('ruler')).toBeHidden();

    await page.reload();
    await page.getByLabel('Find a row of the sheet').waitFor();
    await page.getByRole('region', { name: 'Ruler' }).hover();
    await page.getByLabel('Find a row of the sheet').focus();
    await page.waitForTimeout(1500);
    await expect(said('ruler').or(said('sheet'))).toBeHidden();

    await page.getByRole('region', { name: 'Preview' }).hover({ position: { x: 4, y: 60 } });
    await expect(said('views')).toBeVisible();
    await said('views').getByRole('button', { name: 'no more hints' }).click();
    await expect(said('views')).toBeHidden();
    await page.goto('/sites/orrery-house/pages');
    await page.getByRole('button', { name: 'Add pages…' }).focus();
    await page.waitForTimeout(1500);
    await expect(said('pages')).toBeHidden();
    await newcomer.close();
  },
);
