import { expect, type Page } from '@playwright/test';
import { copyWithoutRules, openCell, pick, saved, storedSite, view } from './support/site';
import { sample, someOf } from '../src/sample.test-data';
import { inAudit, test } from './support/test';

let id: string;

test.beforeEach(async ({ page, request }) => {
  id = await copyWithoutRules(request);
  await page.goto(`/sites/${id}/headers`);
  // The views are drawn by the browser, so the screen has come to life with them.
  await expect(view(page, 'Desktop').locator('header')).toBeVisible();
});

const select = (page: Page, piece: string) =>
  page.locator('[data-piece]').filter({ hasText: piece }).first().click();

const alert = (page: Page) => page.locator('[role=alert]:not(#__next-route-announcer__)');
const cell = (page: Page, name: string) => page.getByRole('button', { name: new RegExp(`^${name}`) });

/** For every kind of value that is typed: a cell, what stands in it, and texts that are refused although they begin with one that is not. */
const refused: {
  piece?: string;
  screen?: string;
  property: string;
  where: string;
  text: string;
  texts: string[];
}[] = [
  { property: 'Least height', where: 'Phone', text: '72 px', texts: ['5em', '50%%', '90000', '7,'] },
  {
    piece: 'Menu: Main',
    property: 'Size',
    where: 'Desktop',
    text: 'as its style',
    texts: ['15em', '14 px at 900', '14 px at 900, 18', '9000'],
  },
  { property: 'Division', where: 'Desktop', text: 'edges', texts: ['1 : 0', '1 : 3 : x', '1 : 99'] },
  {
    screen: 'brand',
    property: 'Spacing step',
    where: 'every width',
    text: '8 px',
    texts: ['1.5em', '9 9', '700'],
  },
];

for (const { piece, screen, property, where, text, texts } of someOf(refused, 4))
  test(
    `what is refused in “${property}” changes nothing, and stays with its reason`,
    inAudit,
    async ({ page }) => {
      if (screen) await page.goto(`/sites/${id}/${screen}`);
      if (piece) await select(page, piece);
      for (const typed of texts.slice(0, sample(2, 9))) {
        await openCell(page, property, where);
        const field = page.getByRole('textbox', { name: `${property}, ${where}` });
        await field.press('Control+A');
        await field.pressSequentially(typed);
        await expect(alert(page), typed).toBeVisible();
        // Leaving it keeps the text and the reason, and nothing else.
        await page
          .getByRole('heading', { level: 1 })
          .or(page.getByRole('heading', { name: 'Sheet' }))
          .first()
          .click();
        await expect(field, typed).toHaveValue(typed);
        await expect(alert(page), typed).toBeVisible();
        await saved(page);
        await field.press('Escape');
        await expect(cell(page, `${property}, ${where}: ${text}`), typed).toBeFocused();
      }
      await page.reload();
      if (piece) await select(page, piece);
      await expect(cell(page, `${property}, ${where}: ${text}`)).toBeVisible();
    },
  );

test(
  'a link that is typed is kept when it is right, and stays with the reason when it is not',
  inAudit,
  async ({ page }) => {
    await select(page, 'Button');
    await openCell(page, 'Leads to', 'every width');
    const field = page.getByRole('combobox', { name: 'Leads to, every width' });
    await field.pressSequentially('javascript:alert(1)');
    await page.getByRole('heading', { name: 'Sheet' }).click();
    await expect(alert(page)).toContainText('javascript:');
    await field.press('Escape');
    await expect(alert(page)).toBeHidden();
    await openCell(page, 'Leads to', 'every width');
    await field.pressSequentially('https://example.com/boats');
    await page.getByRole('heading', { name: 'Sheet' }).click();
    await expect(cell(page, 'Leads to, every width: https://example.com/boats, set here')).toBeVisible();
  },
);

test(
  'a number beside a rule that is refused changes nothing, and stays with its reason',
  inAudit,
  async ({ page }) => {
    await page.getByText('by fit', { exact: true }).click();
    await page.getByRole('button', { name: '… below a width' }).click();
    const below = page.getByLabel('Below, in px');
    for (const text of ['50%', '9000', '12.5', '-1']) {
      await below.fill(text);
      await page.getByRole('heading', { name: 'Sheet' }).click();
      await expect(alert(page), text).toContainText('whole number from 321 to 4000');
      await expect(below).toHaveValue(text);
      await below.press('Escape');
      await expect(below).toHaveValue('1024');
    }
  },
);

test('arrows go from cell to cell, typing edits, Enter goes on below, Escape leaves it as it was', async ({
  page,
}) => {
  const desktop = cell(page, 'Least height, Desktop');
  await desktop.focus();
  await page.keyboard.press('ArrowRight');
  await expect(cell(page, 'Least height, Tablet')).toBeFocused();
  await page.keyboard.press('End');
  await expect(cell(page, 'Least height, Phone')).toBeFocused();
  await page.keyboard.press('ArrowDown');
  await page.keyboard.press('ArrowUp');
  await expect(cell(page, 'Least height, Phone')).toBeFocused();
  await page.keyboard.type('90');
  await expect(page.getByRole('textbox', { name: 'Least height, Phone' })).toHaveValue('90');
  await page.keyboard.press('ArrowUp');
  await page.keyboard.press('Shift+ArrowUp');
  await expect(page.getByRole('textbox', { name: 'Least height, Phone' })).toHaveValue('101');
  await page.keyboard.press('Enter');
  await expect(cell(page, 'Least height, Phone: 101 px, set here')).toBeVisible();
  await expect(cell(page, 'Least height, Phone')).not.toBeFocused();
  await page.keyboard.press('ArrowUp');
  await page.keyboard.type('7');
  await page.keyboard.press('Escape');
  await expect(cell(page, 'Least height, Phone: 101 px, set here')).toBeFocused();
  await page.keyboard.type('80');
  await page.keyboard.press('Shift+Tab');
  await expect(cell(page, 'Least height, Tablet')).toBeFocused();
  await expect(cell(page, 'Least height, Phone: 80 px, set here')).toBeVisible();
  await page.keyboard.press('Home');
  await expect(desktop).toBeFocused();
  // The whole sheet is one stop of the Tab key.
  await page.keyboard.press('Tab');
  expect(await page.evaluate(() => document.activeElement?.closest('table[role=grid]') ?? null)).toBeNull();
});

test(
  'a length is typed in any form, and the views and the files do it',
  inAudit,
  async ({ page, request }) => {
    await page.goto(`/sites/${id}/brand`);
    await openCell(page, 'Content width', 'Desktop');
    await page.keyboard.type('min(1200px, 88%)');
    await page.keyboard.press('Enter');
    await expect(cell(page, 'Content width, Desktop: min\\(1200 px, 88 %\\), set here')).toBeVisible();
    await page.getByRole('link', { name: 'Headers' }).click();
    await select(page, 'Menu: Main');
    await openCell(page, 'Between items', 'Desktop');
    await page.keyboard.type('24');
    await page.keyboard.press('Enter');
    await expect(cell(page, 'Between items, Desktop: 24 px, \\d+ px between words, set here')).toBeVisible();
    await saved(page);
    const css = await (await request.get(`/try/${id}/site.css`)).text();
    expect(css).toContain('--content-width: min(75rem, 88vw)');
  },
);

test(
  'a colour that is typed where it is needed comes into the brand in the same step',
  inAudit,
  async ({ page, request }) => {
    await openCell(page, 'Ground', 'Desktop');
    await page.keyboard.type('#102030');
    await page.getByText('#102030, into the brand').click();
    await expect(cell(page, 'Ground, Desktop: Colour #102030, set here')).toBeVisible();
    await saved(page);
    const { site } = await storedSite(request, id);
    expect(JSON.stringify(site.brand)).toContain('#102030');
    await page.getByRole('button', { name: 'Undo' }).click();
    await expect(cell(page, 'Ground, Desktop: Colour #102030')).toBeHidden();
    await expect
      .poll(async () => JSON.stringify((await storedSite(request, id)).site.brand))
      .not.toContain('#102030');
  },
);

test(
  'a colour is picked with the picker of the platform where it is needed',
  inAudit,
  async ({ page, request }) => {
    await openCell(page, 'Ground', 'Desktop');
    const field = page.getByLabel('pick another');
    await field.click();
    await field.fill('#304050');
    await expect(cell(page, 'Ground, Desktop: Colour #304050, set here')).toBeFocused();
    await saved(page);
    const { site } = await storedSite(request, id);
    expect(JSON.stringify(site.brand).match(/"#304050"/g)).toHaveLength(1);
    // It begins at the colour that stands there.
    await openCell(page, 'Ground', 'Desktop');
    await expect(field).toHaveValue('#304050');
  },
);

test('a refused text leaves nothing to undo', inAudit, async ({ page }) => {
  const undo = page.getByRole('button', { name: 'Undo' });
  await openCell(page, 'Above and below', 'Desktop');
  await page.keyboard.type('11');
  await page.keyboard.press('Enter');
  await expect(cell(page, 'Above and below, Desktop: 11 px')).toBeVisible();
  await openCell(page, 'Least height', 'Desktop');
  await page.keyboard.type('12em');
  await page.keyboard.press('Escape');
  await saved(page);
  await undo.click();
  await expect(cell(page, 'Above and below, Desktop: 11 px')).toBeHidden();
});

test('a target that is no page yet offers to add it', inAudit, async ({ page, request }) => {
  await select(page, 'Button');
  await openCell(page, 'Leads to', 'every width');
  await page.getByRole('combobox', { name: 'Leads to, every width' }).pressSequentially('/gallery');
  await pick(page, 'Add the page /gallery');
  await expect(cell(page, 'Leads to, every width: /gallery, set here')).toBeVisible();
  await saved(page);
  const { site } = await storedSite(request, id);
  expect(Object.values(site.pages!)).toContainEqual(
    expect.objectContaining({ title: 'Gallery', path: '/gallery', parent: null }),
  );
});

test(
  'rows of the sheet are found by “/” and typing, groups are folded, and only what is set is shown',
  inAudit,
  async ({ page }) => {
    const sheet = page.getByRole('region', { name: 'Sheet' });
    const rows = sheet.getByRole('row');
    await select(page, 'Menu: Main');
    await expect(sheet.getByRole('row', { name: /^Between items/ })).toBeVisible();
    const all = await rows.count();
    await page.getByRole('region', { name: 'Plan', exact: true }).locator('[data-piece]').first().focus();
    await page.keyboard.press('/');
    const field = sheet
      .getByRole('searchbox', { name: 'Find a row of the sheet' })
      .or(sheet.getByRole('textbox', { name: 'Find a row of the sheet' }));
    await expect(field).toBeFocused();
    await page.keyboard.type('between items');
    await expect(sheet.getByRole('row', { name: /^Between items/ })).toBeVisible();
    expect(await rows.count()).toBeLessThan(8);
    await field.fill('no such thing');
    await expect(sheet.getByText('No row is called “no such thing”.')).toBeVisible();
    await page.keyboard.press('Escape');
    await expect(rows).toHaveCount(all);
    await sheet.getByRole('checkbox', { name: 'only what is set' }).check();
    await expect.poll(() => rows.count()).toBeLessThan(all);
    await expect(sheet.getByRole('row', { name: /^Between items/ })).toBeVisible();
    await sheet.getByRole('checkbox', { name: 'only what is set' }).uncheck();
    const group = sheet.getByRole('button', { name: 'Space', exact: true });
    await group.click();
    await expect(group).toHaveAttribute('aria-expanded', 'false');
    await expect(sheet.getByRole('row', { name: /^Between items/ })).toHaveCount(0);
    // By keys, the names of groups stand before the first column.
    await group.press('Enter');
    await sheet
      .getByRole('row', { name: /^Between items/ })
      .getByRole('button')
      .first()
      .focus();
    await page.keyboard.press('ArrowLeft');
    await expect(group).toBeFocused();
    await page.keyboard.press('ArrowDown');
    await expect(group).not.toBeFocused();
    // A cell takes the sign as text.
    await cell(page, 'Leads to|Label of the button').first().focus();
    await page.keyboard.press('/');
    await expect(field).not.toBeFocused();
  },
);

test(
  'several cells are marked and set, copied, pasted and cleared at once, each in one step',
  inAudit,
  async ({ page }) => {
    await select(page, 'Menu: Main');
    const texts = async (property: string) =>
      (await cell(page, `${property}, (Desktop|Tablet|Phone):`).allTextContents()).map((text) =>
        text.split('↤')[0]!.trim(),
      );
    await expect.poll(() => texts('Inside, beside')).toHaveLength(3);
    const [above, beside] = [await texts('Inside, above and below'), await texts('Inside, beside')];
    const at = (property: string, band: string) => cell(page, `${property}, ${band}:`);
    await at('Inside, above and below', 'Desktop').focus();
    for (const key of ['Shift+ArrowRight', 'Shift+ArrowDown']) await page.keyboard.press(key);
    const sheet = page.getByRole('grid', { name: /^Properties of/ });
    await expect(sheet.getByRole('status')).toHaveText('4 cells marked');
    await expect(sheet.locator('td[aria-selected="true"]')).toHaveCount(4);
    await page.keyboard.type('13');
    await page.keyboard.press('Enter');
    await expect.poll(() => texts('Inside, above and below')).toEqual(['13 px', '13 px', '13 px']);
    await expect.poll(() => texts('Inside, beside')).toEqual(['13 px', '13 px', '13 px']);
    await page.getByRole('button', { name: /^Undo/ }).click();
    await expect.poll(() => texts('Inside, above and below')).toEqual(above);
    await expect.poll(() => texts('Inside, beside')).toEqual(beside);

    // Copied from one row, and pasted over another: what follows is pasted too, so that it follows there.
    await at('Inside, beside', 'Tablet').focus();
    await page.keyboard.type('21');
    await page.keyboard.press('Enter');
    // What is copied is what is seen.
    await expect.poll(() => texts('Inside, beside')).toEqual([beside[0], '21 px', '21 px']);
    await at('Inside, beside', 'Desktop').focus();
    for (const key of ['Shift+ArrowRight', 'Shift+ArrowRight', 'Control+c']) await page.keyboard.press(key);
    await at('Inside, above and below', 'Desktop').focus();
    await page.keyboard.press('Control+v');
    await expect(sheet.getByRole('status')).toHaveText('3 cells pasted');
    await expect.poll(() => texts('Inside, above and below')).toEqual([beside[0], '21 px', '21 px']);
    // What takes other values is left, and that is said.
    await at('Shown as', 'Desktop').focus();
    await page.keyboard.press('Control+v');
    await expect(sheet.getByRole('status')).toHaveText(/^0 cells pasted; 3 cells left/);

    await at('Inside, above and below', 'Desktop').focus();
    for (const key of ['Shift+ArrowRight', 'Delete']) await page.keyboard.press(key);
    await expect.poll(() => texts('Inside, above and below')).toEqual(above);
  },
);

test(
  'a colour is picked with the contrast of the texts that it has to do with',
  inAudit,
  async ({ page }) => {
    // The bar below it lies over a picture, of which no single ratio tells.
    await page.getByRole('button', { name: 'Notice bar', exact: true }).click();
    await openCell(page, 'Ink', 'Desktop');
    const options = page.locator('.ant-select-item-option');
    const ratio = async (name: string) =>
      Number(
        (await options
          .filter({ hasText: new RegExp(`^${name}`) })
          .first()
          .textContent())!.match(/([\d.]+)$/)![1],
      );
    expect(await ratio('Ground')).toBeGreaterThan(7);
    expect(await ratio('Ink')).toBeLessThan(2);
    await expect(options.getByTitle(/Contrast [\d.]+ : 1, too little to be read/).first()).toBeAttached();
  },
);
