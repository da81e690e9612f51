import { expect, type Page } from '@playwright/test';
import { inAudit, test } from './support/test';
import { copyWithoutRules, dragRow, pick, saved, storedSite, view } from './support/site';

let id: string;

test.beforeEach(async ({ page, request }) => {
  id = await copyWithoutRules(request);
  await page.goto(`/sites/${id}/menus`);
  // The views are drawn by the browser, so the screen has come to life with them.
  await expect(
    page.frameLocator('iframe[title="Main on Desktop"]').locator('.menu-list:visible'),
  ).toBeVisible();
});

const tree = (page: Page, menu: string) => page.getByRole('treegrid', { name: `Items of ${menu}` });
const row = (page: Page, label: string) =>
  page.locator('[data-row]').filter({ has: page.getByRole('button', { name: `Label of ${label}:` }) });
const labels = (page: Page, menu: string) => tree(page, menu).getByRole('rowheader');
const open = (page: Page, menu: string) =>
  page
    .getByRole('region', { name: 'Menus' })
    .getByRole('button', { name: new RegExp(`^${menu} \\d`) })
    .click();

/** The labels of the first level in a view of the preview, in the order in which they are seen. */
const seen = (page: Page, menu: string, band: string) =>
  page
    .frameLocator(`iframe[title="${menu} on ${band}"]`)
    .locator('.menu-list:visible > li:visible > .menu-link')
    .allTextContents();

test('an item is added, labelled, led to an address, and moved by keys; the views show it', async ({
  page,
}) => {
  await open(page, 'Service');
  await page.getByRole('button', { name: 'Add a link or a label' }).click();
  await page.getByRole('button', { name: 'Label of New item: New item' }).click();
  await page.getByRole('textbox', { name: 'Label of New item' }).fill('Write to us');
  await page.keyboard.press('Enter');
  await page.getByRole('button', { name: 'Target of Write to us: nowhere' }).click();
  await page.keyboard.type('crew@example.com');
  await pick(page, 'crew@example.com');
  await expect(page.getByRole('button', { name: 'Target of Write to us: crew@example.com' })).toBeVisible();
  await row(page, 'Write to us').focus();
  await page.keyboard.press('Alt+ArrowUp');
  await expect(labels(page, 'Service')).toHaveText([
    /Freight/,
    /My account/,
    /Company/,
    /English/,
    /Write to us/,
    /Deutsch/,
  ]);
  await page.keyboard.press('Alt+ArrowRight');
  await expect(row(page, 'Write to us')).toHaveAttribute('aria-level', '2');
  await page.keyboard.press('Alt+ArrowLeft');
  await saved(page);
  await page.getByRole('link', { name: 'Headers' }).click();
  await expect(view(page, 'Desktop').locator('header').getByText('Write to us')).toHaveAttribute(
    'href',
    'mailto:crew@example.com',
  );
});

test(
  'a target that cannot be one is refused with its reason while it is typed',
  inAudit,
  async ({ page, request }) => {
    await open(page, 'Service');
    for (const [typed, reason] of [
      ['javascript:alert(1)', 'may not use javascript:'],
      ['tel:12', 'cannot be a telephone number'],
      ['mailto:nobody', 'cannot be an e-mail address'],
      ['/no-such-page', 'Add the page /no-such-page'],
    ] as const) {
      await page.getByRole('button', { name: 'Target of Company: /company' }).click();
      await page.keyboard.type(typed);
      await expect(page.getByText(reason).last()).toBeVisible();
      await page.keyboard.press('Escape');
    }
    expect((await storedSite(request, id)).standing.revision).toBe(0);
  },
);

test('an item is dragged below another, and a fourth level is refused', inAudit, async ({ page }) => {
  const lane = row(page, 'Port Hollin – Wren Island');
  await dragRow(page, row(page, 'Timetable'), lane, 0.5);
  await expect(row(page, 'Timetable')).toHaveAttribute('aria-level', '3');
  await dragRow(page, row(page, 'Live notices'), row(page, 'Timetable'), 0.5, 'At most 3 levels');
  await expect(page.getByRole('status').filter({ hasText: 'At most 3 levels' })).toBeAttached();
  await expect(row(page, 'Live notices')).toHaveAttribute('aria-level', '2');
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(row(page, 'Timetable')).toHaveAttribute('aria-level', '2');
});

test(
  'what is hidden and ordered on one band stays there, and what is added later shows on every band',
  inAudit,
  async ({ page, request }) => {
    await expect
      .poll(() => seen(page, 'Main', 'Desktop'))
      .toEqual(['Sailings', 'Routes', 'Fares & tickets', 'On board', 'Visit the islands', 'Help']);
    await expect
      .poll(() => seen(page, 'Main', 'Tablet'))
      .toEqual(['Sailings', 'Routes', 'Fares & tickets', 'On board', 'Help']);
    await expect
      .poll(() => seen(page, 'Main', 'Phone'))
      .toEqual(['Sailings', 'Fares & tickets', 'Help', 'Routes', 'On board', 'Visit the islands']);
    await page.getByRole('button', { name: 'Help, Tablet: shown, follows Desktop' }).click();
    await expect
      .poll(() => seen(page, 'Main', 'Tablet'))
      .toEqual(['Sailings', 'Routes', 'Fares & tickets', 'On board']);
    await expect(page.getByRole('button', { name: 'Help, Phone: hidden, follows Tablet' })).toContainText(
      '↤ Tablet',
    );
    await page.getByRole('button', { name: 'Routes, Tablet: shown, follows Desktop' }).focus();
    await page.keyboard.press('Alt+ArrowUp');
    await expect
      .poll(() => seen(page, 'Main', 'Tablet'))
      .toEqual(['Routes', 'Sailings', 'Fares & tickets', 'On board']);
    await page.getByRole('button', { name: 'Add pages…' }).click();
    await page.getByLabel(/^Privacy/).check();
    await page.getByRole('button', { name: 'Add one item' }).click();
    await expect
      .poll(() => seen(page, 'Main', 'Tablet'))
      .toEqual(['Routes', 'Sailings', 'Fares & tickets', 'On board', 'Privacy']);
    await expect
      .poll(() => seen(page, 'Main', 'Desktop'))
      .toEqual(['Sailings', 'Routes', 'Fares & tickets', 'On board', 'Visit the islands', 'Help', 'Privacy']);
    await expect
      .poll(() => seen(page, 'Main', 'Phone'))
      .toEqual(['Sailings', 'Fares & tickets', 'Privacy', 'Routes', 'On board', 'Visit the islands']);
    await page.getByRole('button', { name: 'Help, Tablet: take back its own choice' }).click();
    await expect(page.getByRole('button', { name: 'Help, Tablet: take back its own order' })).toBeVisible();
    await expect(page.getByRole('button', { name: 'Help, Tablet: shown, follows Desktop' })).toBeVisible();
    await saved(page);

    // The site that is handed over does exactly that.
    const visitor = await page.context().newPage();
    const shown = () =>
      visitor
        .locator('dialog .menu-list:visible')
        .first()
        .locator('> li:visible > .menu-link')
        .allTextContents();
    for (const [width, expected] of [
      [768, ['Routes', 'Sailings', 'Fares & tickets', 'On board', 'Help', 'Privacy']],
      [375, ['Sailings', 'Fares & tickets', 'Help', 'Privacy', 'Routes', 'On board', 'Visit the islands']],
    ] as const) {
      await visitor.setViewportSize({ width, height: 900 });
      await visitor.goto(`/try/${id}/index.html`);
      await visitor.locator('header').getByRole('button', { name: 'Menu' }).click();
      expect(await shown()).toEqual(expected);
    }
    expect((await storedSite(request, id)).standing.revision).toBeGreaterThan(3);
  },
);

test(
  'where one is, is marked in the preview and in the tree, on the way to it too',
  inAudit,
  async ({ page }) => {
    const desktop = page.frameLocator('iframe[title="Main on Desktop"]');
    await desktop.getByRole('link', { name: 'Cars and vans' }).click();
    await expect(page.getByRole('region', { name: 'Preview' })).toContainText('/fares/cars');
    for (const band of ['Desktop', 'Tablet', 'Phone']) {
      const current = page
        .frameLocator(`iframe[title="Main on ${band}"]`)
        .locator('.menu-list:visible [aria-current]');
      await expect(current).toHaveText(['Fares & tickets', 'Cars and vans']);
    }
    await expect(
      row(page, 'Cars and vans').getByRole('img', { name: 'the page in the preview', exact: true }),
    ).toBeVisible();
    await expect(row(page, 'Fares & tickets').getByRole('img', { name: /on the way/ })).toBeVisible();
  },
);

test(
  'a menu is duplicated, and removing one says what shows it and what is shown instead',
  inAudit,
  async ({ page, request }) => {
    await page.getByRole('button', { name: 'Duplicate' }).click();
    await expect(tree(page, 'Main copy')).toBeVisible();
    await open(page, 'Main');
    await page.getByRole('button', { name: 'Remove…' }).click();
    const dialog = page.getByRole('dialog');
    await expect(dialog).toContainText('header “Main header”, Menu: Main');
    await expect(dialog).toContainText('drawer “Main drawer”, Menu: Main');
    await dialog.getByRole('combobox', { name: 'Menu that is shown instead' }).click();
    await pick(page, 'Main copy');
    await dialog.getByRole('button', { name: 'Remove it' }).click();
    await saved(page);
    const { site } = await storedSite(request, id);
    expect(Object.keys(site.menus ?? {})).not.toContain('m-main');
    await page.getByRole('link', { name: 'Headers' }).click();
    await expect(
      view(page, 'Desktop').locator('header').getByRole('link', { name: 'Sailings', exact: true }),
    ).toBeVisible();
  },
);

test(
  'a pasted nav becomes a menu: pages are matched or added, what cannot be is named',
  inAudit,
  async ({ page }) => {
    await page.getByRole('button', { name: 'Read a menu…' }).click();
    await page
      .getByLabel(/One item a line/)
      .fill(
        '<nav><ul>\n<li><a href="/sailings.html">Sailings</a><ul>\n<li><a href="/winter">Winter</a></li></ul></li>\n<li><a href="javascript:x()">Bad</a></li></ul></nav>',
      );
    await expect(page.getByRole('heading', { name: '2 items understood' })).toBeVisible();
    await expect(page.getByRole('list', { name: 'Problems' })).toContainText(
      'Line 4: A link may not use javascript:',
    );
    await expect(page.getByLabel(/also add the page that the site does not have yet/)).toBeChecked();
    await page.getByLabel(/Leave out what was not understood/).check();
    await page.getByRole('button', { name: 'Add 2 items' }).click();
    await expect(labels(page, 'Menu 7')).toHaveText(['Sailings', 'Winter']);
    await expect(page.getByRole('button', { name: 'Target of Winter: /winter' })).toBeVisible();
  },
);

test('a menu is written out and read back', inAudit, async ({ page }) => {
  await page.getByRole('button', { name: 'Write out' }).click();
  const download = page.waitForEvent('download');
  await page.getByRole('menuitem', { name: 'as OPML' }).click();
  const file = await (await download).path();
  await page.getByRole('button', { name: 'Read a menu…' }).click();
  await page.getByLabel('File to read').setInputFiles(file);
  await page.getByRole('button', { name: 'Add 29 items' }).click();
  await expect(
    page.getByRole('region', { name: 'Menus' }).getByRole('button', { name: 'Menu 7 29' }),
  ).toHaveAttribute('aria-pressed', 'true');
});

test('a label of one’s own is taken away by emptying it', inAudit, async ({ page }) => {
  await page.getByRole('button', { name: 'Label of Timetable: Timetable' }).click();
  await page.getByRole('textbox', { name: 'Label of Timetable' }).fill('When we sail');
  await page.keyboard.press('Enter');
  await page.getByRole('button', { name: 'Label of When we sail: When we sail' }).click();
  await page.getByRole('textbox', { name: 'Label of When we sail' }).fill('');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('button', { name: 'Label of Timetable: Timetable' })).toBeVisible();
});

test('an item gets an icon, a badge and a label in the other language', inAudit, async ({ page }) => {
  await row(page, 'Routes').focus();
  const details = page.getByRole('region', { name: 'Item' });
  await details.getByRole('button', { name: /^Icon, / }).click();
  await page.keyboard.type('compass');
  await pick(page, 'compass');
  await details.getByRole('button', { name: /^Badge, / }).click();
  await page.keyboard.type('new');
  await page.keyboard.press('Enter');
  await details.getByRole('button', { name: 'Label of Routes in de: Verbindungen' }).click();
  await page.keyboard.press('Control+A');
  await page.keyboard.type('Strecken');
  await page.keyboard.press('Enter');
  const link = page.frameLocator('iframe[title="Main on Desktop"]').getByRole('link', { name: 'Routes new' });
  await expect(link.locator('svg')).toBeVisible();
  await saved(page);
  const visitor = await page.context().newPage();
  await visitor.goto(`/try/${id}/de/index.html`);
  await expect(visitor.locator('header').getByRole('link', { name: /Strecken/ })).toBeVisible();
  await expect(visitor.locator('header').getByRole('link', { name: 'English' })).toHaveAttribute(
    'href',
    '../index.html',
  );
});

test('removing an item keeps what stood below it, and undo brings it back', inAudit, async ({ page }) => {
  const count = await labels(page, 'Main').count();
  await row(page, 'Routes').focus();
  await page.keyboard.press('Delete');
  await expect(row(page, 'Island hopper')).toHaveAttribute('aria-level', '1');
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(row(page, 'Island hopper')).toHaveAttribute('aria-level', '2');
  await expect(labels(page, 'Main')).toHaveCount(count);
});

test(
  'items that are chosen are hidden in a band and given an icon together, each in one step',
  inAudit,
  async ({ page }) => {
    for (const label of ['Routes', 'Sailings'])
      await page.getByRole('checkbox', { name: `Choose ${label}` }).click();
    const frame = page.frameLocator('iframe[title="Main on Tablet"]');
    await expect(frame.getByRole('link', { name: 'Routes' })).toBeVisible();
    await page.getByRole('button', { name: /^Routes, Tablet: shown/ }).click();
    await expect(page.getByRole('button', { name: /^Sailings, Tablet: hidden/ })).toBeVisible();
    await expect(page.getByRole('button', { name: /^Sailings, Desktop: shown/ })).toBeVisible();
    await expect(frame.getByRole('link', { name: 'Routes' })).toBeHidden();

    const details = page.getByRole('region', { name: 'Item' });
    await expect(details.getByRole('heading', { name: '2 items' })).toBeVisible();
    await details.getByRole('button', { name: /^Icon, / }).click();
    await page.keyboard.type('compass');
    await pick(page, 'compass');
    const icons = async () => {
      const { items } = (await storedSite(page.request, id)).site.menus['m-main']!;
      return Object.values(items).filter(({ values }) => values.icon?.all === 'compass').length;
    };
    await saved(page);
    expect(await icons()).toBe(2);
    await page.getByRole('button', { name: 'Undo' }).click();
    await saved(page);
    expect(await icons()).toBe(0);
    await expect(page.getByRole('button', { name: /^Sailings, Tablet: hidden/ })).toBeVisible();
  },
);
