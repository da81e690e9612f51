import { expect, type Page } from '@playwright/test';
import { copyOfDemo, saved, view } from './support/site';
import { inAudit, test } from './support/test';

let id: string;
test.beforeEach(async ({ page, request }) => {
  id = await copyOfDemo(request);
  await page.goto(`/sites/${id}/placing`);
});

const pick = async (page: Page, select: string, option: string | RegExp) => {
  await page.getByRole('combobox', { name: select, exact: true }).click({ force: true });
  await page
    .locator('.ant-select-dropdown:not(.ant-select-dropdown-hidden) .ant-select-item-option')
    .filter({ hasText: option })
    .first()
    .click();
};
const rowOf = (page: Page, title: string) =>
  page
    .getByRole('table', { name: 'What stands on each page' })
    .getByRole('row', { name: new RegExp(`^${title} /`) });
const headerAt = async (page: Page, path: string) =>
  /<header class="header ([\w-]+)"/.exec(await (await page.request.get(`/try/${id}/${path}`)).text())?.[1];

test('a rule gives some pages another header; its place decides, by keys too, and undo takes it back', async ({
  page,
}) => {
  await expect(rowOf(page, 'Book')).toContainText('Plain header');
  await expect(rowOf(page, 'Book')).toContainText('rule 2: Tagged “shop”');
  await page.getByRole('button', { name: 'Add a rule' }).click();
  await pick(page, 'Pages by, rule 1', 'a tag');
  await expect(page.getByLabel('Pages of the rule')).toHaveText('Tagged “shop”: Book, Basket, My account');
  await pick(page, 'Header, rule 1', 'Handbook header');
  await expect(rowOf(page, 'Basket')).toContainText('Handbook header');
  await saved(page);
  expect(await headerAt(page, 'basket.html')).toBe('handbook-header');
  expect(await headerAt(page, 'help.html')).toBe('main-header');
  const first = page.getByRole('treegrid', { name: 'Rules of placing' }).locator('[data-row]').first();
  await first.focus();
  await page.keyboard.press('Alt+ArrowDown');
  await page.keyboard.press('Alt+ArrowDown');
  await expect(rowOf(page, 'Basket')).toContainText('Plain header');
  await expect(page.getByRole('list', { name: 'Rules without effect' })).toContainText(
    'Rule 3 never takes effect',
  );
  await page.getByRole('button', { name: /^Undo/ }).click();
  await page.getByRole('button', { name: /^Undo/ }).click();
  await expect(rowOf(page, 'Basket')).toContainText('Handbook header');
});

test(
  'a page’s own choice comes before all rules, and the views stand on pages that have the header',
  inAudit,
  async ({ page }) => {
    await pick(page, 'Header of Book', 'Main header');
    await expect(rowOf(page, 'Book')).toContainText('the page itself; rule 2: Tagged “shop”');
    await saved(page);
    expect(await headerAt(page, 'book.html')).toBe('main-header');
    await pick(page, 'Header of Book', 'Plain header');
    await page.getByRole('link', { name: 'Headers' }).click();
    await page.getByRole('button', { name: 'Main header' }).first().click();
    await page.getByRole('menuitem', { name: 'Plain header' }).click();
    await expect(page.getByRole('link', { name: 'stands on 4 of 44 pages' })).toBeVisible();
    await expect(view(page, 'Desktop').locator('header.plain-header')).toBeVisible();
    await expect(view(page, 'Desktop').locator('h1')).toHaveText('Freight & vehicles');
  },
);

test(
  'before pages are left bare that is said with their names; nothing is changed unless it is wanted',
  inAudit,
  async ({ page }) => {
    await pick(page, 'Header of all other pages', 'no header');
    const dialog = page.getByRole('dialog');
    await expect(dialog).toContainText('38 pages would show no header: Home, Sailings');
    await dialog.getByRole('button', { name: 'Keep what stands there' }).click();
    await expect(rowOf(page, 'Help')).toContainText('Main header');
    await pick(page, 'Header of all other pages', 'no header');
    await dialog.getByRole('button', { name: 'Leave them bare' }).click();
    await expect(page.getByText('On no page, and so not handed over: Main header.')).toBeVisible();
    await saved(page);
    expect(await headerAt(page, 'help.html')).toBeUndefined();
    expect(await (await page.request.get(`/try/${id}/site.css`)).text()).not.toContain('.main-header');
  },
);
