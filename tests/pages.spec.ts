import { expect, type Page } from '@playwright/test';
import { inAudit, test } from './support/test';
import { copyOfDemo, dragRow, pick, saved, storedSite } from './support/site';

let id: string;

test.beforeEach(async ({ page, request }) => {
  id = await copyOfDemo(request);
  await page.goto(`/sites/${id}/pages`);
});

const row = (page: Page, path: string) =>
  page.locator('[data-row]').filter({ has: page.getByRole('button', { name: `Title of ${path}:` }) });

test('a path is renamed: links follow, the paths below too, and that can be left', async ({
  page,
  request,
}) => {
  await page.getByRole('button', { name: 'Path of Fares & tickets: /fares' }).click();
  await expect(page.getByText('Will follow: 2 links that lead here, 4 paths below it.')).toBeVisible();
  await page.getByRole('textbox', { name: 'Path of Fares & tickets' }).fill('/prices');
  await page.keyboard.press('Enter');
  const dialog = page.getByRole('dialog');
  await expect(dialog).toContainText('The 4 pages with paths below /fares moved along');
  await dialog.getByRole('button', { name: 'Good' }).click();
  await expect(page.getByRole('button', { name: 'Path of Cars and vans: /prices/cars' })).toBeVisible();
  await saved(page);
  const served = await request.get(`/try/${id}/index.html`);
  expect(await served.text()).toContain('href="prices/cars.html"');
  await page.getByRole('button', { name: 'Path of Fares & tickets: /prices' }).click();
  await page.getByRole('textbox', { name: 'Path of Fares & tickets' }).fill('/fares');
  await page.keyboard.press('Enter');
  await page.getByRole('dialog').getByRole('button', { name: 'Leave their paths as they were' }).click();
  await expect(page.getByRole('button', { name: 'Path of Cars and vans: /prices/cars' })).toBeVisible();
  await expect(page.getByRole('button', { name: 'Path of Fares & tickets: /fares' })).toBeVisible();
});

test('a page that links lead to is not removed before one said what becomes of them', async ({
  page,
  request,
}) => {
  await page.getByRole('button', { name: 'Remove Timetable' }).click();
  const dialog = page.getByRole('dialog');
  await expect(dialog.getByRole('list', { name: 'Links that lead here' }).getByRole('listitem')).toHaveText([
    'menu “Main”, item “Timetable”',
    'menu “Footer”, item “Timetable”',
  ]);
  await dialog.getByLabel('lead to another page').check();
  await dialog.getByRole('combobox', { name: 'Page that the links lead to' }).click();
  await page.keyboard.type('today');
  await pick(page, 'Today’s sailings');
  await dialog.getByRole('button', { name: 'Remove it' }).click();
  await expect(row(page, '/sailings/timetable')).toHaveCount(0);
  await saved(page);
  const { site } = await storedSite(request, id);
  const links = JSON.stringify(site.menus);
  expect(links).not.toContain('pg-sailings-timetable');
  expect(links.split('pg-sailings-today').length - 1).toBe(4);
});

test(
  'many pages at once are tagged, found by their tag, put into a menu, and removed with what leads to them',
  inAudit,
  async ({ page, request }) => {
    await page.getByRole('checkbox', { name: 'Choose Wren Island' }).click();
    await page.getByRole('checkbox', { name: 'Choose Little Skerrow' }).click({ modifiers: ['Shift'] });
    const chosen = page.getByRole('group', { name: 'Chosen pages' });
    await expect(chosen).toContainText('3 pages chosen');
    await chosen.getByRole('textbox', { name: 'Tag' }).fill('island');
    await chosen.getByRole('button', { name: 'Put the tag on' }).click();
    await chosen.getByRole('combobox', { name: 'Add to a menu' }).click();
    await pick(page, 'Legal');
    await expect(row(page, '/islands/wren')).toContainText('Main, Legal');
    await page.getByLabel('Find pages').fill('#island');
    await expect(page.locator('[data-row]')).toHaveCount(4);
    await chosen.getByRole('button', { name: 'Remove…' }).click();
    await page.getByRole('dialog').getByRole('button', { name: 'Remove 3 pages' }).click();
    await expect(page.getByText('No page has “#island”')).toBeVisible();
    await saved(page);
    const { site } = await storedSite(request, id);
    expect(JSON.stringify(site.menus)).not.toContain('pg-islands-wren');
    await page.getByRole('button', { name: 'Undo' }).click();
    await expect(page.locator('[data-row]')).toHaveCount(4);
  },
);

test('a page is moved by keys and by dragging', inAudit, async ({ page }) => {
  await row(page, '/help').focus();
  await page.keyboard.press('Alt+ArrowRight');
  await expect(row(page, '/help')).toHaveAttribute('aria-level', '2');
  await expect(row(page, '/help/booking')).toHaveAttribute('aria-level', '3');
  await dragRow(page, row(page, '/sailings/notices'), row(page, '/sailings/today'), 0.1);
  await expect(row(page, '/sailings/notices')).toHaveAttribute('aria-posinset', '1');
});

test(
  'a language is added, and titles are given in it; one that links name is not taken away',
  inAudit,
  async ({ page }) => {
    const languages = page.getByRole('button', { name: /^Languages of the site/ });
    await languages.click();
    await page.getByRole('textbox', { name: 'Languages of the site' }).fill('en, de, fr');
    await page.keyboard.press('Enter');
    await page.getByRole('button', { name: 'Title of /help in fr: Help' }).click();
    await page.keyboard.type('Aide');
    await page.keyboard.press('Enter');
    await expect(page.getByRole('button', { name: 'Title of /help in fr: Aide' })).toBeVisible();
    await languages.click();
    await page.getByRole('textbox', { name: 'Languages of the site' }).fill('en');
    await page.keyboard.press('Enter');
    await expect(page.getByRole('alert').filter({ hasText: 'leads to “de”' })).toBeVisible();
  },
);

test(
  'before a language goes, it is said which words go with it; another first one takes none',
  inAudit,
  async ({ page }) => {
    const languages = page.getByRole('button', { name: /^Languages of the site/ });
    const set = async (text: string) => {
      await languages.click();
      await page.getByRole('textbox', { name: 'Languages of the site' }).fill(text);
      await page.keyboard.press('Enter');
    };
    await set('en, de, fr');
    await page.getByRole('button', { name: 'Title of /help in fr: Help' }).click();
    await page.keyboard.type('Aide');
    await page.keyboard.press('Enter');
    await set('en, de');
    const dialog = page.getByRole('dialog');
    await expect(dialog).toContainText('one text in Français (fr)');
    await dialog.getByRole('button', { name: 'Keep the language' }).click();
    await expect(page.getByRole('button', { name: 'Title of /help in fr: Aide' })).toBeVisible();
    await set('fr, en, de');
    await expect(page.getByRole('button', { name: 'Title of /help: Aide' })).toBeVisible();
    await expect(page.getByRole('button', { name: 'Title of /help in en: Help' })).toBeVisible();
    await set('en, de');
    await dialog.getByRole('button', { name: 'Take them away' }).click();
    await expect(page.getByRole('button', { name: 'Title of /help: Help' })).toBeVisible();
  },
);

test('pages are written as CSV', inAudit, async ({ page }) => {
  await page.getByRole('button', { name: 'Write out' }).click();
  const download = page.waitForEvent('download');
  await page.getByRole('menuitem', { name: 'as CSV' }).click();
  expect((await download).suggestedFilename()).toBe('hollin-sound-ferries-pages.csv');
});
