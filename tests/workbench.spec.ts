import { expect, type Page } from '@playwright/test';
import { inAudit, test } from './support/test';
import {
  clickInside,
  copyWithoutRules,
  followInside,
  openCell,
  pick,
  saved,
  storedSite,
  view,
} from './support/site';

let id: string;

test.beforeEach(async ({ page, request }) => {
  id = await copyWithoutRules(request);
  await page.goto(`/sites/${id}/headers`);
  await expect(view(page, 'Phone').locator('header')).toBeVisible();
});

const plan = (page: Page) => page.getByRole('region', { name: 'Plan', exact: true });
const chip = (page: Page, name: string) => plan(page).locator('[data-piece]').filter({ hasText: name });
const bay = (page: Page, name: string) => plan(page).getByRole('group', { name });

/** The height of the main bar in a view, in CSS px of the page inside. */
const barHeight = (page: Page, band: string) =>
  view(page, band)
    .locator('.main-header-main-bar')
    .evaluate((bar) => bar.getBoundingClientRect().height);

test('all bands are shown at once, each as wide as its handle says', inAudit, async ({ page }) => {
  for (const [band, width] of [
    ['Desktop', 1216],
    ['Tablet', 768],
    ['Phone', 375],
  ] as const) {
    expect(
      await view(page, band)
        .locator('html')
        .evaluate(() => innerWidth),
    ).toBe(width);
  }
  await expect(
    view(page, 'Desktop').getByRole('link', { name: 'Sailings', exact: true }).first(),
  ).toBeVisible();
  await expect(view(page, 'Tablet').locator('header').getByRole('button', { name: 'Menu' })).toBeVisible();
});

test(
  'the least height is that of the bar itself, with its lines and what is above and below',
  inAudit,
  async ({ page }) => {
    await openCell(page, 'Least height', 'Desktop');
    await page.getByRole('textbox', { name: 'Least height, Desktop' }).fill('123');
    const bar = view(page, 'Desktop').locator('.main-header-main-bar');
    await expect.poll(() => bar.evaluate((each) => each.getBoundingClientRect().height)).toBe(123);
  },
);

test('a value set for the phone changes the phone, and clearing it makes it follow again', async ({
  page,
}) => {
  const before = { desktop: await barHeight(page, 'Desktop'), tablet: await barHeight(page, 'Tablet') };
  await openCell(page, 'Least height', 'Phone');
  await page.getByRole('textbox', { name: 'Least height, Phone' }).fill('120');
  await expect.poll(() => barHeight(page, 'Phone')).toBeGreaterThanOrEqual(120);
  expect({ desktop: await barHeight(page, 'Desktop'), tablet: await barHeight(page, 'Tablet') }).toEqual(
    before,
  );
  await page.keyboard.press('Enter');
  const cell = page.getByRole('button', { name: 'Least height, Phone: 120 px, set here' });
  await cell.focus();
  await page.keyboard.press('Delete');
  await expect(
    page.getByRole('button', { name: 'Least height, Phone: 88 px, follows Desktop' }),
  ).toBeVisible();
});

test('the plan says where a piece is not shown', async ({ page }) => {
  const button = chip(page, 'Button');
  await button.click();
  await openCell(page, 'Shown', 'Phone');
  await pick(page, 'hidden');
  await expect(button).toHaveAccessibleDescription(/^not on Phone/);
  await openCell(page, 'Shown', 'Desktop');
  await pick(page, 'hidden');
  await expect(button).toHaveAccessibleDescription(/^hidden/);
  await page.keyboard.press('Control+z');
  await expect(button).toHaveAccessibleDescription(/^not on Phone/);
});

test(
  'what views change in place is what the stylesheet says, rule by rule',
  inAudit,
  async ({ page, request }) => {
    const values = [
      ['Least height', 'Desktop', '91'],
      ['Above and below', 'Tablet', '13'],
      ['Between bays', 'Phone', '7'],
      ['Least height', 'Desktop', '84'],
    ] as const;
    for (const [property, band, value] of values) {
      await openCell(page, property, band);
      await page.getByRole('textbox', { name: `${property}, ${band}` }).fill(value);
      await page.keyboard.press('Enter');
    }
    await expect.poll(() => barHeight(page, 'Desktop')).toBe(84);
    await saved(page);
    const file = async (name: string) => (await request.get(`/try/${id}/${name}`)).text();
    const css = (await file('stand-in.css')) + (await file('site.css'));
    const [shown, said] = await view(page, 'Tablet')
      .locator('html')
      .evaluate((_, text) => {
        const texts = (sheets: CSSStyleSheet[]) =>
          sheets.flatMap((sheet) => [...sheet.cssRules].map((rule) => rule.cssText));
        const fresh = new CSSStyleSheet();
        fresh.replaceSync(text);
        return [texts([...document.styleSheets]), texts([fresh])];
      }, css);
    expect(shown.map((rule) => rule.replaceAll(/\/frame\/[^/]+\//g, ''))).toEqual(said);
  },
);

test(
  'a view that holds other rules than were written is told all of them again',
  inAudit,
  async ({ page }) => {
    const set = async (text: string) => {
      await openCell(page, 'Least height', 'Desktop');
      await page.getByRole('textbox', { name: 'Least height, Desktop' }).fill(text);
      await page.keyboard.press('Enter');
      await expect.poll(() => barHeight(page, 'Desktop')).toBe(Number(text));
    };
    await set('91');
    await saved(page);
    // As if the browser had left one out.
    const left = await view(page, 'Desktop')
      .locator('html')
      .evaluate(() => {
        const layers = [...document.styleSheets].flatMap(({ cssRules }) => [...cssRules]);
        const values = layers.findLast((rule) => rule instanceof CSSLayerBlockRule && rule.name === 'values');
        (values as CSSLayerBlockRule).deleteRule(0);
        return (values as CSSLayerBlockRule).cssRules.length;
      });
    expect(left).toBeGreaterThan(0);
    await set('120');
  },
);

test('what is typed wrongly is said in place and not stored', inAudit, async ({ page, request }) => {
  await openCell(page, 'Least height', 'Tablet');
  await page.getByRole('textbox', { name: 'Least height, Tablet' }).fill('tall');
  await expect(page.getByRole('alert').filter({ hasText: '“tall” is not a length' })).toBeVisible();
  await page.getByRole('textbox', { name: 'Least height, Tablet' }).fill('9000');
  await expect(page.getByRole('alert').filter({ hasText: 'from 0 to 800 px' })).toBeVisible();
  await page.keyboard.press('Escape');
  await saved(page);
  expect((await storedSite(request, id)).standing.revision).toBe(0);
});

test('Escape brings back what stood in the cell', inAudit, async ({ page }) => {
  await openCell(page, 'Least height', 'Phone');
  await page.getByRole('textbox', { name: 'Least height, Phone' }).fill('200');
  await page.keyboard.press('Escape');
  await expect(page.getByRole('button', { name: 'Least height, Phone: 72 px, set here' })).toBeVisible();
});

test('undo takes a whole stretch of typing back, also after the browser was closed', async ({
  page,
  context,
}) => {
  await openCell(page, 'Least height', 'Desktop');
  await page.getByRole('textbox', { name: 'Least height, Desktop' }).pressSequentially('150');
  await page.keyboard.press('Enter');
  await saved(page);
  await page.close();
  const again = await context.newPage();
  await again.goto(`/sites/${id}/headers`);
  await expect(again.getByRole('button', { name: 'Least height, Desktop: 150 px, set here' })).toBeVisible();
  await again.getByRole('button', { name: 'Undo' }).click();
  await expect(again.getByRole('button', { name: 'Least height, Desktop: 88 px, set here' })).toBeVisible();
  await expect(again.getByRole('button', { name: 'Undo' })).toBeDisabled();
  await again.keyboard.press('Control+Shift+Z');
  await expect(again.getByRole('button', { name: 'Least height, Desktop: 150 px, set here' })).toBeVisible();
});

test('a piece is dragged from bay to bay', async ({ page }) => {
  const from = (await chip(page, 'Logo').boundingBox())!;
  const to = (await bay(page, 'Main bar, middle').boundingBox())!;
  await page.mouse.move(from.x + 10, from.y + 10);
  await page.mouse.down();
  await page.mouse.move(to.x + 30, to.y + 30, { steps: 8 });
  await page.mouse.up();
  await expect(bay(page, 'Main bar, middle').locator('[data-piece]')).toHaveText(['Logo']);
  await expect(view(page, 'Desktop').locator('header .bay-2 .logo')).toBeVisible();
});

test('a piece is moved by keys and keeps the focus', inAudit, async ({ page }) => {
  await chip(page, 'Logo').focus();
  await page.keyboard.press('Alt+ArrowRight');
  await expect(bay(page, 'Main bar, middle').locator('[data-piece]')).toBeFocused();
  await page.keyboard.press('Alt+ArrowUp');
  await expect(bay(page, 'Notice bar, middle').locator('[data-piece]')).toBeFocused();
  await expect(bay(page, 'Notice bar, middle').locator('[data-piece]')).toHaveText(['Logo']);
});

test('pieces are hidden in one band and not in the others', inAudit, async ({ page }) => {
  const table = page.getByRole('region', { name: 'Which piece shows where' });
  const logo = (stage: string) => table.getByRole('button', { name: `Logo, ${stage}` });
  const choose = async (stage: string, form: string) => {
    await logo(stage).click();
    await page
      .locator('.ant-dropdown:not(.ant-dropdown-hidden)')
      .getByRole('menuitem', { name: form, exact: true })
      .click();
  };
  await choose('Tablet 640–1023: full', 'hidden');
  await expect(view(page, 'Tablet').locator('header .logo')).toBeHidden();
  await expect(view(page, 'Desktop').locator('header .logo')).toBeVisible();
  await expect(logo('Phone < 640: hidden')).toBeVisible();
  await choose('Phone < 640: hidden', 'compact');
  await expect(logo('Phone < 640: compact')).toBeVisible();
  await expect(view(page, 'Phone').locator('header .logo')).toBeVisible();
  await expect(view(page, 'Tablet').locator('header .logo')).toBeHidden();
});

test('a breakpoint is dragged, in one stretch of undo, and moved by keys', async ({ page }) => {
  const edge = page.getByRole('slider', { name: 'Breakpoint between Tablet and Desktop' });
  const box = (await edge.boundingBox())!;
  await page.mouse.move(box.x + box.width / 2, box.y + 10);
  await page.mouse.down();
  await page.mouse.move(box.x + 90, box.y + 10, { steps: 10 });
  await page.mouse.up();
  const dragged = Number(await edge.getAttribute('aria-valuenow'));
  expect(dragged).toBeGreaterThan(1100);
  await expect
    .poll(() =>
      view(page, 'Desktop')
        .locator('html')
        .evaluate(() =>
          [...document.styleSheets]
            .flatMap(({ cssRules }) => [...cssRules].map(({ cssText }) => cssText))
            .join(''),
        ),
    )
    .toContain(`@media (width < ${dragged / 16}em)`);
  await edge.focus();
  await page.keyboard.press('ArrowRight');
  await page.keyboard.press('Shift+ArrowRight');
  await expect(edge).toHaveAttribute('aria-valuenow', String(dragged + 11));
  for (const expected of [dragged + 1, dragged, 1024]) {
    await page.getByRole('button', { name: 'Undo' }).click();
    await expect(edge).toHaveAttribute('aria-valuenow', String(expected));
  }
});

test(
  'a view’s handle is moved by keys and by dragging, and stays within its band',
  inAudit,
  async ({ page }) => {
    const handle = page.getByRole('slider', { name: 'Width of the Tablet view' });
    await handle.focus();
    await page.keyboard.press('ArrowRight');
    await page.keyboard.press('Shift+ArrowRight');
    await expect
      .poll(() =>
        view(page, 'Tablet')
          .locator('html')
          .evaluate(() => innerWidth),
      )
      .toBe(779);
    await page.keyboard.press('End');
    await expect(handle).toHaveAttribute('aria-valuenow', '1023');
    await page.keyboard.press('ArrowRight');
    await expect(handle).toHaveAttribute('aria-valuenow', '1023');
    await page.reload();
    await expect(handle).toHaveAttribute('aria-valuenow', '1023');
  },
);

test('a link that is followed in one view leads all views to that page', inAudit, async ({ page }) => {
  await followInside(
    page,
    'Desktop',
    view(page, 'Desktop').getByRole('link', { name: 'Fares & tickets', exact: true }).first(),
  );
  for (const band of ['Desktop', 'Tablet', 'Phone'])
    await expect(view(page, band).getByRole('heading', { name: 'Fares & tickets', level: 1 })).toBeVisible();
  const below = view(page, 'Desktop').locator('header').getByRole('link', { name: 'Cars and vans' });
  await clickInside(
    page,
    'Desktop',
    view(page, 'Desktop').getByRole('button', { name: 'Fares & tickets: more' }),
  );
  await followInside(page, 'Desktop', below);
  await expect(view(page, 'Phone').getByRole('heading', { name: 'Cars and vans', level: 1 })).toBeVisible();
  await expect(view(page, 'Tablet').locator('header img').first()).toHaveJSProperty('complete', true);
});

test(
  'the drawer is opened from the view’s head, from inside, and stays open while one edits',
  inAudit,
  async ({ page }) => {
    await page.getByRole('button', { name: 'Drawer open in the Phone view' }).click();
    const drawer = view(page, 'Phone').getByRole('dialog');
    await expect(drawer).toBeVisible();
    await chip(page, 'Menu: Main').click();
    await openCell(page, 'Label of the button', 'every width');
    const field = page.getByRole('textbox', { name: 'Label of the button, every width' });
    await field.fill('All pages');
    await expect(view(page, 'Phone').locator('.menu-button', { hasText: 'All pages' })).toBeAttached();
    await expect(drawer).toBeVisible();
    await expect(field).toBeFocused();
    await clickInside(page, 'Phone', drawer.getByRole('button', { name: 'Close' }));
    await expect(page.getByRole('button', { name: 'Drawer open in the Phone view' })).toHaveAttribute(
      'aria-pressed',
      'false',
    );
  },
);

test('a view is blown up to 1:1 and put back', inAudit, async ({ page }) => {
  await page.getByRole('button', { name: 'Tablet view at 1:1' }).click();
  await expect(page.locator('iframe')).toHaveCount(1);
  expect(Math.round((await page.locator('iframe').boundingBox())!.width)).toBe(768);
  await page.getByRole('button', { name: 'Tablet view at 1:1' }).click();
  await expect(page.locator('iframe')).toHaveCount(3);
});

test(
  'bars are added, renamed, moved, duplicated and removed; the last one stays',
  inAudit,
  async ({ page }) => {
    await page.getByRole('button', { name: 'Add a bar' }).click();
    await expect(plan(page).getByRole('button', { name: 'Bar 3', exact: true })).toHaveAttribute(
      'aria-pressed',
      'true',
    );
    const act = async (bar: string, action: string) => {
      await page.getByRole('button', { name: `Actions: ${bar}`, exact: true }).click();
      await page.getByRole('menuitem', { name: action, exact: true }).click();
    };
    await page.getByRole('button', { name: 'Name of the bar: Bar 3' }).click();
    await page.getByRole('textbox', { name: 'Name of the bar' }).fill('Search bar');
    await page.keyboard.press('Enter');
    await act('Search bar', 'Move up');
    const names = plan(page).getByRole('button', { name: /^(Notice|Main|Search) bar( copy)?$/ });
    await expect(names).toHaveText(['Notice bar', 'Search bar', 'Main bar']);
    await act('Main bar', 'Duplicate');
    await expect(names).toHaveText(['Notice bar', 'Search bar', 'Main bar', 'Main bar copy']);
    await expect(view(page, 'Desktop').locator('header .button')).toHaveCount(2);
    await act('Main bar copy', 'Remove');
    await act('Search bar', 'Remove');
    await act('Notice bar', 'Remove');
    await expect(names).toHaveText(['Main bar']);
    await page.getByRole('button', { name: 'Actions: Main bar' }).click();
    await expect(page.getByRole('menuitem', { name: 'Remove (the last bar stays)' })).toHaveAttribute(
      'aria-disabled',
      'true',
    );
  },
);

test('a footer on no page is a draft, until it is put on every page', inAudit, async ({ page }) => {
  await page.goto(`/sites/${id}/footers/f-small`);
  await page.getByRole('button', { name: 'a draft, on no page – put this footer on every page' }).click();
  await expect(page.getByRole('link', { name: 'stands on every page' })).toBeVisible();
  await saved(page);
  expect(await (await page.request.get(`/try/${id}/help/contact.html`)).text()).toContain(
    '<footer class="footer small-footer">',
  );
});

test('a drawer that a button opens cannot be removed from under it', inAudit, async ({ page }) => {
  await page.goto(`/sites/${id}/drawers`);
  await page.getByRole('button', { name: 'Main drawer', exact: true }).first().click();
  await page.getByRole('menuitem', { name: 'Remove' }).click();
  await expect(page.getByText('“Main drawer” cannot be removed yet')).toBeVisible();
});

test(
  'a link to an address with a script in it is refused in the cell',
  inAudit,
  async ({ page, request }) => {
    await chip(page, 'Button').click();
    await openCell(page, 'Leads to', 'every width');
    await page.keyboard.type('javascript:alert(1)');
    await expect(page.getByText('A link may not use javascript:')).toBeVisible();
    await page.keyboard.press('Enter');
    expect((await storedSite(request, id)).standing.revision).toBe(0);
  },
);

test(
  'what is selected is in sight in the plan: a bar that was added, also where views grow',
  inAudit,
  async ({ page }) => {
    await page.getByRole('link', { name: 'Drawers' }).click();
    await expect(page.getByRole('heading', { name: 'Drawers', level: 1 })).toBeVisible();
    const add = page.getByRole('button', { name: 'Add a bar' });
    await add.click();
    const bar = page.locator('[aria-label="Plan"] button[aria-pressed="true"]');
    await expect(bar).toHaveText(/^Bar \d$/);
    const clear = async () => {
      const [own, over] = [await bar.boundingBox(), await add.boundingBox()];
      return own!.y + own!.height <= over!.y + 1;
    };
    await expect.poll(clear).toBe(true);
    // A lower window leaves the plan less room.
    await page.setViewportSize({ width: 1280, height: 720 });
    await expect.poll(clear).toBe(true);
    await expect(bar).toBeInViewport({ ratio: 1 });
  },
);

test(
  'a bar is divided by shares on the desktop only, bays are added, and a share of zero is refused',
  inAudit,
  async ({ page }) => {
    await openCell(page, 'Division', 'Desktop');
    const field = page.getByRole('textbox', { name: 'Division, Desktop' });
    await field.fill('1 : 0 : 3');
    await expect(page.getByText('a bay with a share of zero would show nothing')).toBeVisible();
    await field.fill('1 : 1 : 2');
    await page.keyboard.press('Enter');
    // A hand begins to type where it sees what the cell follows by now.
    await expect(
      page.getByRole('button', { name: 'Division, Tablet: 1 : 1 : 2, follows Desktop' }),
    ).toBeVisible();
    await openCell(page, 'Division', 'Tablet');
    await page.getByRole('textbox', { name: 'Division, Tablet' }).fill('edges');
    await page.keyboard.press('Enter');
    const columns = (band: string) =>
      view(page, band)
        .locator('.main-header-main-bar > .bays')
        .evaluate((bays) => getComputedStyle(bays).gridTemplateColumns.split(' ').map(parseFloat));
    await expect.poll(async () => (await columns('Desktop')).length).toBe(3);
    const [first, second, third] = await columns('Desktop');
    expect(Math.abs(first! - second!)).toBeLessThan(0.5);
    expect(Math.abs(2 * first! - third!)).toBeLessThan(0.5);
    await expect.poll(async () => (await columns('Tablet')).length).toBe(2);
    await page.getByRole('button', { name: 'Actions: Main bar' }).click();
    await page.getByRole('menuitem', { name: 'Add a bay at the end' }).click();
    await expect(page.getByRole('group', { name: 'Main bar, end' })).toBeVisible();
    await expect.poll(async () => (await columns('Desktop')).length).toBe(4);
  },
);

test(
  'states are set in their own columns, shown side by side with their contrast, and drawn on the page',
  inAudit,
  async ({ page }) => {
    await chip(page, 'Menu: Main').click();
    await page.getByText('by state', { exact: true }).click();
    const states = page.getByRole('region', { name: 'States of Items', exact: true });
    await expect(states).toContainText('● 13.6');
    await page.getByRole('button', { name: 'Ground, Hover: none, follows the bar' }).first().click();
    await pick(page, 'Deep water');
    await expect(states.getByTitle(/Contrast 1\.\d+ : 1, too little to be read/)).toHaveCount(3);
    await page
      .getByRole('button', { name: /^Text, Hover: .*, follows the bar$/ })
      .first()
      .click();
    // In either scheme.
    await pick(page, 'Ink on deep');
    await expect(states.getByTitle(/too little to be read/)).toHaveCount(0);
    await saved(page);
    await page.goto(`/try/${id}/index.html`);
    const link = page
      .getByRole('navigation', { name: 'Main' })
      .getByRole('link', { name: 'Sailings' })
      .first();
    await link.hover();
    await expect(link).toHaveCSS('background-color', 'rgb(18, 63, 89)');
  },
);

test(
  'pieces are copied to another header, and take over a look, several of them at once',
  inAudit,
  async ({ page }) => {
    await chip(page, 'Button').click();
    await openCell(page, 'Rank', 'Desktop');
    await pick(page, 'second');
    // Escape before the cell is closed would bring back what stood there.
    await expect(page.getByRole('button', { name: 'Rank, Desktop: second, set here' })).toBeVisible();
    await chip(page, 'Button').focus();
    await page.keyboard.press('Control+c');
    await expect(page.getByText('Copied.')).toBeVisible();
    await page.goto(`/sites/${id}/headers/h-handbook`);
    await chip(page, 'Contact link').click();
    await page.keyboard.press('Control+v');
    const pasted = chip(page, 'Button “Book a crossing”');
    await expect(pasted).toHaveAttribute('aria-pressed', 'true');
    await expect(page.getByRole('button', { name: 'Rank, Desktop: second, set here' })).toBeVisible();
    await page.keyboard.press('Control+v');
    await expect(pasted).toHaveCount(2);
    await pasted.first().click({ modifiers: ['Shift'] });
    await expect(page.getByRole('region', { name: 'Sheet' })).toContainText('2 pieces');
    await openCell(page, 'Rank', 'Desktop');
    await pick(page, 'third');
    await pasted.first().click();
    await expect(page.getByRole('button', { name: 'Rank, Desktop: third, set here' })).toBeVisible();
    await page.keyboard.press('Alt+a');
    await page.getByRole('combobox', { name: 'Action' }).fill('look');
    await page.keyboard.press('Enter');
    await expect(page.getByRole('button', { name: 'Rank, Desktop: second, set here' })).toBeVisible();
  },
);

test('every action is found by its name', inAudit, async ({ page }) => {
  const find = async (text: string) => {
    await page.keyboard.press('Alt+a');
    await page.getByRole('combobox', { name: 'Action' }).fill(text);
    await page.keyboard.press('Enter');
  };
  await find('add a piece basket');
  await expect(chip(page, 'Basket')).toHaveAttribute('aria-pressed', 'true');
  await expect(view(page, 'Desktop').locator('header .basket')).toBeVisible();
  await find('select notice bar');
  await expect(page.getByRole('button', { name: 'Name of the bar: Notice bar' })).toBeVisible();
  await find('undo');
  await expect(chip(page, 'Basket')).toHaveCount(0);
  await find('menus');
  await expect(page).toHaveURL(/\/menus$/);
});

test(
  'in the views of a site with a notice, that is dismissed and drop-downs open',
  inAudit,
  async ({ page, request }) => {
    const { standing } = await storedSite(request, id);
    const piece = { id: 'told', kind: 'notice', values: { text: { all: ['Low water'] } } };
    const at = { in: 'headers', assembly: 'h-main' };
    const edits = [{ edit: 'addPiece', at, spot: { bar: 'h-main-b1', bay: 'middle', index: 0 }, piece }];
    const response = await request.post(`/api/sites/${id}/edits`, {
      data: { base: standing.revision, edits, group: null, batch: 'told' },
    });
    expect(response.ok(), await response.text()).toBe(true);
    await page.goto(`/sites/${id}/headers/h-main`);
    const desktop = view(page, 'Desktop');
    await expect(desktop.getByText('Low water')).toBeVisible();
    await clickInside(page, 'Desktop', desktop.locator('header .menu-toggle').first());
    await expect(desktop.locator('header .menu-toggle').first()).toHaveAttribute('aria-expanded', 'true');
    await clickInside(page, 'Desktop', desktop.locator('.notice > button'));
    await expect(desktop.getByText('Low water')).toBeHidden();
  },
);

test('what was set stays in the views when a text is changed after it', inAudit, async ({ page }) => {
  await page.locator('[data-piece]').filter({ hasText: 'Book a crossing' }).click();
  const button = view(page, 'Desktop').locator('.button').first();
  const inside = () => button.evaluate((element) => getComputedStyle(element).paddingInlineStart);
  // The second time it is changed where it stands.
  for (const px of ['31', '33']) {
    await openCell(page, 'Beside', 'Desktop');
    await page.keyboard.type(px);
    await page.keyboard.press('Enter');
    await expect.poll(inside).toBe(`${px}px`);
  }
  await openCell(page, 'Label', 'every width');
  await page.keyboard.type('Book now');
  await page.keyboard.press('Enter');
  await expect(button).toHaveText('Book now');
  expect(await inside()).toBe('33px');
});

test('a view that answers no more says so, and is drawn again', inAudit, async ({ page }) => {
  const phone = page.locator('iframe[title="Phone view"]');
  const inside = (await phone.elementHandle())!;
  const frame = (await inside.contentFrame())!;
  // What hears in it is gone.
  await frame.goto('data:text/html,<p>Elsewhere</p>');
  await openCell(page, 'Least height', 'Desktop');
  await page.getByRole('textbox', { name: 'Least height, Desktop' }).fill('131');
  await expect(page.getByText('This view did not answer, so it was drawn again.')).toBeVisible();
  await expect.poll(() => barHeight(page, 'Phone')).toBeGreaterThan(40);
  await expect.poll(() => barHeight(page, 'Desktop')).toBe(131);
});
