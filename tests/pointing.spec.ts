import { expect, type Locator, type Page } from '@playwright/test';
import type { PlacedBox } from '../src/core/boxes/placed';
import { placedAssembly } from '../src/core/fit/placed-assembly';
import { usually } from '../src/core/fit/heights';
import { settledOver } from '../src/core/fit/settled-over';
import { measured } from '../src/server/text/measured';
import { demo, demoDb } from './support/demo-sites';
import { copyOfDemo, saved, view } from './support/site';
import { inAudit, test } from './support/test';

const preview = (page: Page) => page.getByRole('region', { name: 'Preview' });
const sheet = (page: Page) => page.getByRole('region', { name: 'Sheet' });
/** What is outlined since it lies under the pointer, with its name and size. */
const outlined = (page: Page) => preview(page).locator('[data-outline="pointed"]');
/** What is outlined since it is selected, in each view where it is seen. */
const chosen = (page: Page) => preview(page).locator('[data-outline="chosen"]');

test.beforeEach(async ({ page, request }) => {
  const id = await copyOfDemo(request);
  await page.goto(`/sites/${id}/headers/h-main`);
  await expect(chosen(page).first()).toContainText('Main bar');
  // By then all that the views load is there.
  await expect(page.getByRole('button', { name: /^Change of fit/ }).first()).toBeVisible();
});

/** Where the bars and pieces of the demo’s main header stand at a width, by their ids. */
async function placedInCore(width: number): Promise<Map<string, PlacedBox>> {
  const site = demo('hollin-sound');
  const header = site.headers['h-main']!;
  return measured(demoDb, (advances) => {
    const today = { ...usually(site, advances), page: site.pageOrder[0]! };
    const [at] = settledOver(today, 'headers', header, {
      span: { from: width, to: width + 0.001 },
      tally: { complete: true },
    });
    const found = new Map<string, PlacedBox>();
    const walk = (box: PlacedBox): void => {
      if (box.id !== undefined && !found.has(box.id)) found.set(box.id, box);
      box.of.forEach(walk);
    };
    walk(placedAssembly(today, at!.phases[0]!, at!.within.band, width, 900));
    return found;
  });
}

test('what is under the pointer is outlined with its name and its size, which is that of the core', async ({
  page,
}) => {
  const placed = await placedInCore(1216);
  const site = demo('hollin-sound');
  const { bars, pieces, order } = site.headers['h-main']!;
  const sizeOf = (id: string) => {
    const { width, height } = placed.get(id)!;
    return { width, height };
  };
  const told = async (outline: Locator) => {
    const words = (await outline.textContent())!;
    const [, width, height] = / (\d+) × (\d+)$/.exec(words)!;
    return { width: Number(width), height: Number(height) };
  };
  let compared = 0;
  const agrees = async (id: string, outline = chosen(page).first()) => {
    const { width, height } = sizeOf(id);
    await expect(async () => {
      const size = await told(outline);
      expect(Math.abs(size.width - width)).toBeLessThanOrEqual(1);
      expect(Math.abs(size.height - height)).toBeLessThanOrEqual(1);
    }).toPass();
    compared += 1;
  };
  // From the whole header through its bars, bays and pieces, by keys.
  const step = (arrow: string) => page.keyboard.press(`Alt+Arrow${arrow}`);
  await step('Up');
  for (const [nth, bar] of order.entries()) {
    await step(nth === 0 ? 'Down' : 'Right');
    await expect(chosen(page).first()).toContainText(bars[bar]!.name);
    await agrees(bar);
  }
  const [first] = Object.values(bars[order.at(-1)!]!.bays).filter((bay) => bay.pieces.length > 0);
  const logo = first!.pieces[0]!;
  await view(page, 'Desktop').locator('.logo').first().hover();
  await expect(outlined(page)).toContainText('Logo');
  expect(pieces[logo]!.kind).toBe('logo');
  await agrees(logo, outlined(page));
  expect(compared).toBe(order.length + 1);
});

test('a click selects in plan, sheet and views, and a second one on the same spot goes one level out', async ({
  page,
}) => {
  const item = view(page, 'Desktop').locator('.menu-link', { hasText: 'Fares & tickets' }).first();
  await item.hover();
  await expect(outlined(page).filter({ hasText: 'Fares & tickets' })).toHaveCount(1);
  const levels = [
    'Fares & tickets',
    'Menu: Main, items',
    'Menu: Main',
    'Main bar, end',
    'Main bar',
    'Main header',
    'Fares & tickets',
  ];
  for (const level of levels) {
    await item.click();
    await expect(chosen(page).first()).toContainText(level);
    await expect(sheet(page)).toContainText(level);
  }
  await expect(page).toHaveURL(/headers\/h-main$/);
  await expect(
    page.getByRole('region', { name: 'Plan' }).locator('[data-piece][aria-pressed="true"]'),
  ).toContainText('Menu: Main');
  // Where an item stands nowhere, nothing is outlined: on the phone the menu is a button.
  await expect(chosen(page)).toHaveCount(1);
  await sheet(page).getByRole('link', { name: 'In the menu “Main”' }).click();
  await expect(page.getByRole('region', { name: 'Item' })).toContainText('Fares & tickets');
});

test(
  'what opens is opened by its own button and stays open while one works in it; a link is followed with Ctrl',
  inAudit,
  async ({ page }) => {
    const desktop = view(page, 'Desktop');
    await desktop.locator('.menu-toggle').first().click();
    const below = desktop.locator('.menu-below .menu-link:visible').first();
    const label = (await below.locator('.menu-label').textContent())!.trim();
    await below.click();
    await expect(sheet(page)).toContainText(label);
    await sheet(page)
      .getByRole('link', { name: /^In the menu/ })
      .focus();
    await expect(below).toBeVisible();
    const phone = view(page, 'Phone');
    await phone.locator('.menu-button').click();
    // What the drawer covers is not outlined.
    await expect(sheet(page)).toContainText('Menu: Main');
    await expect(chosen(page)).toHaveCount(1);
    await phone.locator('dialog .profile-link:visible').first().click();
    await expect(sheet(page)).toContainText('Profile “Robin Tern”');
    await expect(phone.locator('dialog[open]')).toBeVisible();
    await sheet(page).getByText('Size of the portrait').waitFor();
    await desktop
      .getByRole('link', { name: 'Company' })
      .first()
      .click({ modifiers: ['Control'] });
    await expect(preview(page)).toContainText('company.html');
  },
);

const lengthLine = (page: Page, name: string) => page.getByRole('spinbutton', { name }).first();
const cell = (page: Page, row: string) =>
  sheet(page)
    .getByRole('row', { name: new RegExp(`^${row}`) })
    .getByRole('gridcell');

test('a length is dragged in the tablet’s view: its cell alone changes, is shown in the sheet, and one undo takes it back', async ({
  page,
}) => {
  // What stands in for its font is not as wide, and is not on every machine.
  await view(page, 'Tablet')
    .locator('.button')
    .first()
    .evaluate((button) => button.ownerDocument.fonts.load(getComputedStyle(button).font.split(',')[0]!));
  await view(page, 'Tablet').locator('.button').first().click();
  const line = lengthLine(page, 'Beside, Tablet view');
  await expect(line).toHaveAttribute('aria-valuenow', '18');
  const width = () =>
    view(page, 'Tablet')
      .locator('.button')
      .first()
      .evaluate((button) => button.getBoundingClientRect().width);
  const before = await width();
  // Where it has come to rest.
  await line.hover();
  const box = (await line.boundingBox())!;
  const at = { x: box.x + box.width / 2, y: box.y + box.height / 2 };
  await page.mouse.down();
  for (const by of [3, 6, 9]) await page.mouse.move(at.x + by, at.y);
  await expect(sheet(page).locator('[data-lit]')).toContainText('px');
  const valueNow = async () => Number(await line.getAttribute('aria-valuenow'));
  // The view shows it at once, the line says it when the hand rests.
  await expect
    .poll(async () => (await valueNow()) > 18 && (await width()) === before + 2 * ((await valueNow()) - 18))
    .toBe(true);
  const now = await valueNow();
  expect(now % 4).toBe(0);
  await page.mouse.up();
  await expect(cell(page, 'Beside')).toHaveText([`18 px`, `${now} px`, new RegExp(`${now} px.*Tablet`)]);
  await page.getByRole('button', { name: /^Undo/ }).click();
  await expect.poll(width).toBe(before);
  await expect(page.getByRole('button', { name: /^Undo/ })).toBeDisabled();
  // The line follows the view.
  await expect(line).toHaveAttribute('aria-valuenow', '18');
  // Escape takes a drag back before it ends; nothing is left to be undone.
  await page.mouse.move(at.x, at.y);
  await page.mouse.down();
  for (const by of [4, 9]) await page.mouse.move(at.x + by, at.y);
  await expect.poll(width).toBeGreaterThan(before);
  await page.keyboard.press('Escape');
  await page.mouse.up();
  await expect.poll(width).toBe(before);
  // Keys that come faster than the workbench draws count all.
  await line.focus();
  for (let times = 0; times < 6; times += 1) await page.keyboard.press('ArrowRight');
  await expect(line).toHaveAttribute('aria-valuenow', '24');
  await expect.poll(width).toBe(before + 12);
});

test('figures and the name of what is selected stand on no text of its header', async ({ page }) => {
  const desktop = view(page, 'Desktop');
  const texts = desktop.locator('header').locator('.menu-label:visible, .logo img:visible, .button:visible');
  /** How many of its lengths have a figure, and which texts of the view those and the name lie over. */
  const written = async () => {
    const figures = preview(page)
      .getByRole('group', { name: 'Lengths in the Desktop view' })
      .locator('.figures:visible');
    const named = chosen(page).first().locator('span').first();
    const boxes = await Promise.all([...(await figures.all()), named].map((each) => each.boundingBox()));
    const drawn = await Promise.all((await texts.all()).map((each) => each.boundingBox()));
    // So much of the height of a line of text has no letters, at the scale of the view.
    const over = 3;
    const covered = boxes.filter((figure) =>
      drawn.some(
        (text) =>
          figure!.x < text!.x + text!.width - over &&
          text!.x + over < figure!.x + figure!.width &&
          figure!.y < text!.y + text!.height - over &&
          text!.y + over < figure!.y + figure!.height,
      ),
    );
    return { figures: boxes.length - 1, covered: covered.length };
  };
  // The bar, which is selected to begin with, and two of its pieces.
  for (const part of [null, '.button', '.logo'] as const) {
    if (part !== null) await desktop.locator(part).first().click();
    await page.mouse.move(2, 2);
    await expect(outlined(page)).toHaveCount(0);
    await expect.poll(written).toEqual({ figures: expect.any(Number), covered: 0 });
    expect((await written()).figures).toBeGreaterThan(part === '.logo' ? 0 : 2);
  }
});

test(
  'a length is typed where it stands; nonsense, too much, and what a rule has turned are refused there, and change nothing',
  inAudit,
  async ({ page }) => {
    await view(page, 'Tablet').locator('.button').first().click();
    const line = lengthLine(page, 'Beside, Tablet view');
    await line.focus();
    await page.keyboard.press('ArrowUp');
    await expect(line).toHaveAttribute('aria-valuenow', '19');
    await page.keyboard.press('Enter');
    const field = page.getByRole('textbox', { name: 'Beside, Tablet view, in px' });
    for (const [text, reason] of [
      ['wide', '“wide” is no length.'],
      ['5000', 'A length from 0 to'],
    ] as const) {
      await field.fill(text);
      await field.press('Enter');
      await expect(preview(page).getByRole('alert')).toContainText(reason);
    }
    await field.fill('24 px');
    await field.press('Enter');
    await expect(line).toHaveAttribute('aria-valuenow', '24');
    await expect(line).toBeFocused();
    await expect(cell(page, 'Beside')).toHaveText(['18 px', '24 px', /24 px.*Tablet/]);
    // In the desktop’s view the logo has given way to a rule.
    await view(page, 'Desktop').locator('.logo').first().click();
    const turned = lengthLine(page, 'Artwork height, Desktop view');
    await expect(turned).toHaveAttribute('aria-disabled', 'true');
    await turned.focus();
    await page.keyboard.press('ArrowUp');
    await expect(preview(page).getByRole('alert')).toContainText('A collapse rule has turned it');
    await expect(turned).toHaveAttribute('aria-valuenow', '36');
  },
);

test('a text is typed where it stands, in the language of the view, and all views show it as it is typed', async ({
  page,
}) => {
  const desktop = view(page, 'Desktop');
  const item = desktop.locator('.menu-link', { hasText: 'Help' }).first();
  await item.dblclick();
  const field = page.getByRole('textbox', { name: 'Label, typed in the view' });
  await expect(field).toHaveValue('Help');
  await expect(sheet(page)).toContainText('Help');
  // The tablet’s menu is behind its button, which does not give way to the row until what is typed is measured.
  const root = view(page, 'Tablet').locator('html');
  await root.evaluate(() => {
    const look = () => {
      const buttons = [...document.querySelectorAll('header .menu-button')];
      if (buttons.every((button) => button.getClientRects().length === 0)) window.name = 'flashed';
      requestAnimationFrame(look);
    };
    look();
  });
  // The menu stands in the middle: its first item moves as it grows, and what one types in with it.
  const asked = desktop.locator('.menu-link', { hasText: 'Ask us' }).first();
  const from = [await item.boundingBox(), await field.boundingBox()].map((box) => box!.x);
  // What is not typed into is left where it stands.
  const other = desktop.locator('.header .button').first();
  await other.evaluate((element) => element.setAttribute('data-left-alone', ''));
  await field.fill('Ask us');
  await expect(asked).toBeVisible();
  await expect(other).toHaveAttribute('data-left-alone');
  const by = async () =>
    [await asked.boundingBox(), await field.boundingBox()].map((box, nth) => box!.x - from[nth]!);
  await expect.poll(async () => (await by()).every((px) => px < -4)).toBe(true);
  const [itemBy, fieldBy] = await by();
  expect(fieldBy).toBeCloseTo(itemBy!, 0);
  await field.press('Escape');
  await expect(desktop.locator('.menu-link', { hasText: 'Ask us' })).toHaveCount(0);
  await item.dblclick();
  await field.fill('Ask us');
  await field.press('Enter');
  await expect(field).toHaveCount(0);
  await page.getByRole('combobox', { name: 'Language of the views' }).click({ force: true });
  await page.locator('.ant-select-item-option').filter({ hasText: 'Deutsch' }).click();
  const button = view(page, 'Tablet').locator('.button').first();
  await expect(button).toHaveText('Jetzt buchen');
  await button.dblclick();
  const label = page.getByRole('textbox', { name: 'Label, typed in the view' });
  await expect(label).toHaveValue('Jetzt buchen');
  await label.fill('Buchen');
  await label.press('Enter');
  await expect(view(page, 'Phone').locator('.button').first()).toHaveText('Buchen');
  await expect(view(page, 'Phone').locator('html')).toHaveAttribute('lang', 'de');
  expect(await root.evaluate(() => window.name)).toBe('');
  // Each was one gesture.
  const undo = page.getByRole('button', { name: /^Undo/ });
  await undo.click();
  await expect(button).toHaveText('Jetzt buchen');
  await undo.click();
  await expect(undo).toBeDisabled();
});

test('what is typed is never taken back in a view, whatever is measured meanwhile', async ({ page }) => {
  const label = view(page, 'Tablet').locator('.header .button').first();
  await view(page, 'Desktop').locator('.header .button').first().dblclick();
  const field = page.getByRole('textbox', { name: 'Label, typed in the view' });
  await field.press('End');
  await label.evaluate((element) => {
    const header = element.closest('header')!;
    const seen = [element.textContent];
    const look = () => {
      const text = header.querySelector('.button')!.textContent;
      if (text !== seen.at(-1)) seen.push(text);
      window.name = JSON.stringify(seen);
    };
    new MutationObserver(look).observe(document, { subtree: true, childList: true, characterData: true });
  });
  // Words that were never measured, with a rest now and then in which what follows is worked out.
  await field.pressSequentially(' for qu', { delay: 60 });
  await field.pressSequentially('xyz vw', { delay: 170 });
  await field.pressSequentially('jkbrdg', { delay: 110 });
  await expect(label).toHaveText('Book a crossing for quxyz vwjkbrdg');
  await saved(page);
  // As long as it has got, all of what is typed is seen in the view.
  const [around, at] = [await page.getByTitle('Desktop view').boundingBox(), await field.boundingBox()];
  expect(at!.x).toBeGreaterThanOrEqual(around!.x);
  expect(at!.x + at!.width).toBeLessThanOrEqual(around!.x + around!.width + 0.5);
  expect(await field.evaluate(({ scrollWidth, clientWidth }) => scrollWidth - clientWidth)).toBeLessThan(2);
  const seen: string[] = JSON.parse(await label.evaluate(() => window.name));
  expect(seen.length).toBeGreaterThan(12);
  expect(seen.filter((text, nth) => nth > 0 && !text.startsWith(seen[nth - 1]!))).toEqual([]);
});

test('what views were told edit by edit is what they are told anew', async ({ page }) => {
  const held = () =>
    Promise.all(
      ['Desktop', 'Tablet', 'Phone'].map((name) =>
        view(page, name)
          .locator('body')
          .evaluate((body) => ({
            rules: [...document.styleSheets].flatMap(({ cssRules }) =>
              [...cssRules].map(({ cssText }) => cssText),
            ),
            html: body.innerHTML,
          })),
      ),
    );
  const before = await held();
  const label = view(page, 'Desktop').locator('.header .button').first();
  await label.dblclick();
  const field = page.getByRole('textbox', { name: 'Label, typed in the view' });
  for (const text of ['Book a crossing now', 'Book now', 'Book a crossing today']) {
    await field.fill(text);
    await expect(view(page, 'Phone').locator('.header .button').first()).toHaveText(text);
  }
  await field.press('Enter');
  await saved(page);
  // Until nothing follows any more.
  let told = before;
  await expect
    .poll(
      async () => {
        const [last, now] = [told, await held()];
        told = now;
        return JSON.stringify(now) === JSON.stringify(last);
      },
      { intervals: [600] },
    )
    .toBe(true);
  expect(told.filter(({ rules }, nth) => rules.join() === before[nth]!.rules.join())).toEqual([]);
  await page.reload();
  await expect(chosen(page).first()).toBeVisible();
  await expect.poll(held, { timeout: 15_000 }).toEqual(told);
});

test(
  'in a view that is scrolled, lengths are those of the scrolled header and are set for it alone',
  inAudit,
  async ({ page }) => {
    const line = lengthLine(page, 'Least height, Desktop view');
    await expect(line).toHaveAttribute('aria-valuenow', '88');
    await page.getByRole('slider', { name: /^Desktop view scrolled/ }).fill('300');
    await expect(line).toHaveAttribute('aria-valuenow', '64');
    await line.focus();
    await expect(preview(page).getByText(/Least height · Desktop, scrolled/)).toBeVisible();
    await page.keyboard.press('Shift+ArrowUp');
    await expect(line).toHaveAttribute('aria-valuenow', '74');
    await page.getByRole('slider', { name: /^Desktop view scrolled/ }).fill('0');
    await expect(line).toHaveAttribute('aria-valuenow', '88');
  },
);

test(
  'a piece is dragged in a view to where the bays are shown, also into an empty one; Escape leaves it, one undo takes it back',
  inAudit,
  async ({ page }) => {
    const stands = (bay: string) =>
      page.getByRole('group', { name: bay, exact: true }).locator('[data-piece]').allTextContents();
    const before = await stands('Main bar, end');
    expect(before.at(-1)).toContain('Book a crossing');
    const button = (await view(page, 'Desktop').locator('.button').first().boundingBox())!;
    const from = { x: button.x + button.width / 2, y: button.y + button.height / 2 };
    /** Takes the button and goes to the middle of the notice bar above, in which nothing stands. */
    const drag = async () => {
      await page.mouse.move(from.x, from.y);
      await page.mouse.down();
      for (const by of [4, 12]) await page.mouse.move(from.x - by, from.y);
      const empty = preview(page).locator('[data-bay="Notice bar, middle"]');
      const { x, y, width, height } = (await empty.boundingBox())!;
      await page.mouse.move(x + width / 2, y + height / 2, { steps: 3 });
      await expect(empty).toHaveAttribute('data-over', 'true');
    };
    await drag();
    await page.keyboard.press('Escape');
    await expect(preview(page).locator('[data-bay]')).toHaveCount(0);
    await page.mouse.up();
    expect(await stands('Main bar, end')).toEqual(before);
    await expect(page.getByRole('button', { name: /^Undo/ })).toBeDisabled();

    await drag();
    await page.mouse.up();
    await expect.poll(() => stands('Notice bar, middle')).toEqual([before.at(-1)]);
    await expect(chosen(page).first()).toContainText('Book a crossing');
    // By keys it goes on from bay to bay.
    await page.keyboard.press('Alt+Shift+ArrowDown');
    await expect.poll(() => stands('Main bar, middle')).toEqual([before.at(-1)]);
    const undo = page.getByRole('button', { name: /^Undo/ });
    await undo.click();
    await expect.poll(() => stands('Notice bar, middle')).toEqual([before.at(-1)]);
    await undo.click();
    await expect.poll(() => stands('Main bar, end')).toEqual(before);
  },
);

test(
  'why something is so is asked over a view and in a cell; each link leads to where it is said',
  inAudit,
  async ({ page }) => {
    const why = page.getByRole('region', { name: 'Why is it so' });
    await view(page, 'Tablet').locator('.button').first().hover();
    await expect(outlined(page)).toContainText('Book a crossing');
    await page.keyboard.press('?');
    await expect(why).toContainText('at 768 px');
    await expect(why).toContainText('Tablet, 640–1023 px');
    await page.keyboard.press('Escape');
    await expect(why).toBeHidden();

    // In a cell: a rule turns it, the tablet follows the desktop.
    await page.locator('[data-piece]').filter({ hasText: 'Menu: Main' }).click();
    const cellOf = (band: string) =>
      page.getByRole('button', { name: new RegExp(`^Between items, ${band}:`) });
    await cellOf('Tablet').focus();
    await page.keyboard.press('?');
    await expect(why.getByRole('listitem')).toContainText([
      /Collapse rule 1 of “Main bar” turns it below \d+ px ?0 px/,
      'Tablet follows Desktop',
      'Set for Desktop',
    ]);
    await why.getByRole('button', { name: 'Set for Desktop' }).click();
    await expect(cellOf('Desktop')).toBeFocused();
    await why.getByRole('button', { name: /^Collapse rule/ }).click();
    await expect(sheet(page).getByRole('region', { name: 'Collapse rules of “Main bar”' })).toBeVisible();
  },
);

test(
  'a piece is found by typing among all kinds, drawn in the brand, and put in by a click, or dropped on a bay of the plan or of a view',
  inAudit,
  async ({ page }) => {
    const bay = (name: string) => page.getByRole('group', { name, exact: true }).locator('[data-piece]');
    const gallery = page.getByRole('dialog', { name: /^Add a piece/ });
    const offers = gallery.getByRole('listitem');
    const open = () => page.getByRole('button', { name: 'Add a piece: Main bar, middle' }).click();
    await open();
    const all = await offers.count();
    expect(all).toBeGreaterThan(18);
    await expect(gallery.frameLocator('iframe[title="Basket, drawn"]').locator('.basket')).toBeVisible();
    await page.getByRole('textbox', { name: 'Find a piece' }).fill('no such piece');
    await expect(gallery.getByText('None of them is called “no such piece”.')).toBeVisible();
    // What one types goes to it by itself, also once it was emptied.
    await page.keyboard.press('Escape');
    await expect(gallery).toBeHidden();
    await open();
    await expect(page.getByRole('textbox', { name: 'Find a piece' })).toBeFocused();
    await page.keyboard.type('how many things');
    await expect(offers).toHaveCount(1);
    await page.keyboard.press('Enter');
    await expect(gallery).toBeHidden();
    await expect(bay('Main bar, middle')).toHaveText(['Basket']);

    // Carried from the gallery to a view: the bays are shown, and it is put where it is let go of.
    const carry = async (to: { x: number; y: number }) => {
      await open();
      const tile = (await gallery.getByRole('button', { name: /^Search/ }).boundingBox())!;
      await page.mouse.move(tile.x + 40, tile.y + 20);
      await page.mouse.down();
      await page.mouse.move(tile.x + 60, tile.y + 30, { steps: 3 });
      await expect(page.locator('.ant-modal-root')).toHaveCSS('opacity', '0');
      // A hand is never quite still.
      for (const by of [-1, 0]) await page.mouse.move(to.x + by, to.y, { steps: 3 });
    };
    const logo = (await view(page, 'Tablet').locator('.logo').first().boundingBox())!;
    await carry({ x: logo.x + 2, y: logo.y + 4 });
    await expect(preview(page).locator('[data-over]')).toHaveAttribute('data-bay', 'Main bar, start');
    await page.mouse.up();
    await expect(bay('Main bar, start')).toHaveText(['Search', 'Logo']);
    await expect(gallery).toBeHidden();
    const end = (await page.getByRole('group', { name: 'Notice bar, middle', exact: true }).boundingBox())!;
    await carry({ x: end.x + end.width / 2, y: end.y + end.height / 2 });
    await page.mouse.up();
    await expect(bay('Notice bar, middle')).toHaveText(['Search']);
  },
);

test(
  'a view that is drawn anew while the button is held down takes no click away',
  inAudit,
  async ({ page }) => {
    const label = view(page, 'Desktop').locator('.menu-link').first();
    const before = await label.textContent();
    await label.dblclick();
    await preview(page).getByRole('textbox').fill('Boats');
    await page.keyboard.press('Enter');
    await expect(label).toHaveText('Boats');
    await saved(page);
    await view(page, 'Desktop').locator('.logo').first().hover();
    await page.mouse.down();
    await page.getByRole('button', { name: /^Undo/ }).dispatchEvent('click');
    await expect(view(page, 'Tablet').locator('.menu-link').first()).toHaveText(before!);
    await page.mouse.up();
    await expect(sheet(page)).toContainText('Logo');
    await expect(label).toHaveText(before!);
  },
);

test(
  'with Shift a piece is selected besides; what they share, and in what they differ, is set together',
  inAudit,
  async ({ page }) => {
    const tablet = view(page, 'Tablet');
    await tablet.locator('.logo').first().click();
    await expect(sheet(page)).toContainText('Logo');
    await tablet
      .locator('.button')
      .first()
      .click({ modifiers: ['Shift'] });
    await expect(sheet(page)).toContainText('2 pieces');
    await expect(
      page.getByRole('region', { name: 'Plan' }).locator('[data-piece][aria-pressed="true"]'),
    ).toHaveCount(2);
    const gap = cell(page, 'More gap after');
    const before = await gap.allTextContents();
    await page.getByRole('button', { name: /^More gap after, Desktop:/ }).focus();
    await page.keyboard.type('7');
    await page.keyboard.press('Enter');
    await expect(gap.first()).toHaveText(/^7 px/);
    await tablet.locator('.logo').first().click();
    // What is typed is of what is selected by then.
    await expect(sheet(page)).not.toContainText('2 pieces');
    await page.getByRole('button', { name: /^More gap after, Desktop:/ }).focus();
    await page.keyboard.type('9');
    await page.keyboard.press('Enter');
    // The views are drawn anew before anything in them is clicked.
    await expect(gap.first()).toHaveText(/^9 px/);
    await saved(page);
    await tablet
      .locator('.button')
      .first()
      .click({ modifiers: ['Shift'] });
    await expect(gap.first()).toHaveText(/differs.*9 px, 7 px|differs.*7 px, 9 px/);
    expect(before[0]).not.toContain('differs');
  },
);

test(
  'a footer’s column is dragged until the next begins where a list above does; the line says by how much they miss',
  inAudit,
  async ({ page }) => {
    await page.goto(page.url().replace(/headers\/.*$/, 'footers/f-big'));
    await page.getByRole('button', { name: 'At home', exact: true }).first().click();
    const line = lengthLine(page, 'Column 1, Desktop view');
    await expect(line).toHaveAttribute('aria-valuetext', '352 px');
    const footer = view(page, 'Desktop').locator('footer');
    /** Where the second column of the bar begins, and the lists above it. */
    const begins = () =>
      footer.evaluate((all) => ({
        column: all.querySelectorAll('.bar')[1]!.querySelector('.bay-2')!.getBoundingClientRect().left,
        lists: [...all.querySelectorAll('.links > *')].map((list) => list.getBoundingClientRect().left),
      }));
    const { column, lists } = await begins();
    const target = lists.find((list) => list < column - 4)!;
    const nearestBefore = lists.filter((list) => list < column).at(-1)!;
    expect(target).toBeDefined();
    const box = (await line.boundingBox())!;
    const scale = box.width / 352;
    const at = { x: box.x + box.width / 2, y: box.y + box.height / 2 };
    const drag = async (px: number) => {
      for (const part of [0.5, 1]) await page.mouse.move(at.x + px * scale * part, at.y);
    };
    await page.mouse.move(at.x, at.y);
    await page.mouse.down();
    // Some px past the list: close, but further than what a drag goes by itself.
    await page.keyboard.down('Alt');
    await drag(nearestBefore + 9 - column);
    await page.keyboard.up('Alt');
    await expect(line).toHaveAttribute('aria-valuetext', /px, [89](\.\d)? px past the start of .*column \d$/);
    await drag(nearestBefore + 4 - column);
    await expect(line).toHaveAttribute('aria-valuetext', /in line with the start of .*column \d$/);
    await page.mouse.up();
    await expect.poll(async () => Math.abs((await begins()).column - nearestBefore)).toBeLessThan(0.5);
    // The cell of the desktop alone was set, in one step.
    await expect(cell(page, 'Division')).toHaveText([/^[\d.]+ : [\d.]+ : 1$/, 'stacked', /^stacked/]);
    await page.getByRole('button', { name: /^Undo/ }).click();
    await expect(cell(page, 'Division').first()).toHaveText('1 : 1 : 1');
    // By keys and by typing, as every length.
    await line.press('ArrowRight');
    await expect(line).toHaveAttribute('aria-valuetext', /^353(\.\d)? px/);
    await line.press('Enter');
    await page.getByRole('textbox', { name: 'Column 1, Desktop view, in px' }).fill('9999');
    await page.keyboard.press('Enter');
    await expect(preview(page).getByRole('alert')).toContainText('A share is a number from 0.1 to 12');
    await page.keyboard.press('Escape');
    await expect(line).toHaveAttribute('aria-valuetext', /^353(\.\d)? px/);
  },
);
