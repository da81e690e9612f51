import { expect, type Page } from '@playwright/test';
import { surveyFit } from '../src/core/fit/survey';
import { wayDown } from '../src/core/fit/way-down';
import type { Site } from '../src/core/site/site';
import { openDatabase } from '../src/server/db/open';
import { measured } from '../src/server/text/measured';
import { copyWithoutRules, openCell, pick, saved, storedSite, view } from './support/site';
import { inAudit, test } from './support/test';
import { mkdtempSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';

const db = openDatabase(mkdtempSync(path.join(tmpdir(), 'gable-ridge-collapse-')));
let id: string;

test.beforeEach(async ({ page, request }) => {
  id = await copyWithoutRules(request);
  await page.goto(`/sites/${id}/headers`);
});

const pins = (page: Page) => page.getByRole('group', { name: 'Changes of fit' }).getByRole('button');
/** The widths of the pins, once they have been worked out. */
async function pinWidths(page: Page): Promise<number[]> {
  await expect(pins(page).first()).toBeVisible();
  const names = await pins(page).evaluateAll((all) => all.map((pin) => pin.getAttribute('aria-label')!));
  return names.map((name) => Number(/at (\d+) px/.exec(name)![1]));
}

test(
  'pins stand where the fit changes; a narrower gap moves one, and handles jump to it',
  inAudit,
  async ({ page }) => {
    const before = await pinWidths(page);
    await page.locator('[data-piece]').filter({ hasText: 'Menu: Main' }).click();
    await openCell(page, 'Between items', 'Desktop');
    await page.keyboard.type('22');
    await page.keyboard.press('Enter');
    await saved(page);
    // Six items have five gaps between them, of 20 px more each: by that the change moves.
    const most = Math.max(...before);
    await expect.poll(() => pinWidths(page)).toContain(most + 100);
    await expect(pins(page).last()).toHaveAccessibleName(/Main bar.*overflows.*Menu: Main/);

    const handle = page.getByRole('slider', { name: 'Width of the Desktop view' });
    await handle.focus();
    await page.keyboard.press('PageDown');
    await expect(handle).toHaveAttribute('aria-valuenow', String(most + 100));
    await page.keyboard.press('PageDown');
    await expect(handle).toHaveAttribute('aria-valuenow', String(most + 99));
    await expect(page.getByText('Desktop').locator('..').getByText('overflows')).toBeVisible();
  },
);

test('a rule that is to begin when it stops fitting collapses the handed-over header at the very pixel', async ({
  page,
  request,
  context,
}) => {
  await page.getByText('by fit', { exact: true }).click();
  await page.getByRole('button', { name: '… below a width' }).click();
  await page.getByLabel('It begins').click();
  await pick(page, 'when it stops fitting');
  await expect(page.getByLabel('Room to spare, in px')).toHaveValue('16');
  await saved(page);
  await expect(page.getByText(/^below \d+ px$/)).toBeVisible();
  const below = Number(/\d+/.exec((await page.getByText(/^below \d+ px$/).textContent())!)![0]);
  await expect(page.getByRole('list', { name: 'Collapse rules' })).toContainText('Menu: Main → menu button');

  // The core says the same, and that the bar fits everywhere.
  const { site } = (await storedSite(request, id)) as unknown as { site: Site };
  const header = site.headers[site.placing.header!]!;
  const [way, survey] = await measured(db, (advances) => [
    wayDown(site, advances, 'headers', header),
    surveyFit({ site, advances, page: null, language: 'de', root: 16 }, 'headers', header),
  ]);
  expect(way.rules.map((rule) => rule.below)).toEqual([below]);
  expect(survey.bars[1]!.stretches.map(({ status }) => status)).toEqual(['fits']);

  const visitor = await context.newPage();
  for (const [language, file] of [
    ['en', ''],
    ['de', 'de/index.html'],
  ]) {
    await visitor.setViewportSize({ width: below, height: 700 });
    await visitor.goto(`/try/${id}/${file}`);
    await visitor.evaluate(() => document.fonts.ready);
    const button = visitor.locator('header .menu-button');
    await expect(
      visitor.locator('header nav .menu-list').filter({ visible: true }).last(),
      language,
    ).toBeVisible();
    await expect(button, language).toBeHidden();
    const overflow = () => visitor.evaluate(() => document.documentElement.scrollWidth - innerWidth);
    await expect.poll(overflow, `${language} at ${below}`).toBeLessThanOrEqual(0);
    await visitor.setViewportSize({ width: below - 1, height: 700 });
    await expect(button, language).toBeVisible();
    for (const width of [below - 1, 1024, 800, 640, 480, 320]) {
      await visitor.setViewportSize({ width, height: 700 });
      // A narrower logo is loaded a moment after the width has changed.
      await expect.poll(overflow, `${language} at ${width}`).toBeLessThanOrEqual(0);
    }
    await button.click();
    await expect(visitor.getByRole('dialog')).toBeVisible();
    await visitor.keyboard.press('Escape');
  }
});

test(
  'more room to spare moves the rule; what the preview shows follows; undo takes it back',
  inAudit,
  async ({ page }) => {
    await page.getByText('by fit', { exact: true }).click();
    await page.getByRole('button', { name: 'Add a rule for when it stops fitting' }).click();
    const head = page.getByText(/^below \d+ px$/);
    await expect(head).toBeVisible();
    const first = Number(/\d+/.exec((await head.textContent())!)![0]);
    const spare = page.getByLabel('Room to spare, in px');
    await spare.fill('66');
    await spare.press('Enter');
    await expect(page.getByText(`below ${first + 50} px`)).toBeVisible();
    await expect(view(page, 'Desktop').locator('header .menu-button')).toBeVisible();
    await saved(page);
    await page.getByRole('button', { name: /Undo/ }).click();
    await expect(page.getByText(`below ${first} px`)).toBeVisible();
    await page.getByRole('button', { name: 'remove', exact: true }).click();
    await expect(view(page, 'Desktop').locator('header .menu-button')).toBeHidden();
  },
);

/** Chooses what a piece turns to under a rule. */
async function turnTo(page: Page, piece: string, choice: string) {
  await page.getByLabel(piece).click();
  await pick(page, choice);
  await page.keyboard.press('Escape');
}

test(
  'links around the logo go below it where it is no longer truly centred, and are read in the order in which they are seen',
  inAudit,
  async ({ page, context }) => {
    await page.locator('[data-piece]').filter({ hasText: 'Menu: Main' }).click();
    await openCell(page, 'With the logo', 'Desktop');
    await pick(page, 'half before it, half after it');
    await page.getByText('by fit', { exact: true }).click();
    await page.getByRole('button', { name: '… where its middle is no longer truly centred' }).click();
    await turnTo(page, 'Menu: Main by rule 1', 'links in a row below the logo');
    await saved(page);
    const below = Number(/\d+/.exec((await page.getByText(/^below \d+ px$/).textContent())!)![0]);

    const visitor = await context.newPage();
    await visitor.setViewportSize({ width: below, height: 700 });
    await visitor.goto(`/try/${id}/index.html`);
    await visitor.evaluate(() => document.fonts.ready);
    const nav = visitor.getByRole('navigation', { name: /^(Main|Hauptmenü)$/ });
    /** The first shown logo and the links of the menu, in the order of the markup, with where they begin. */
    const stands = () =>
      nav
        .locator('.menu-logo, .menu-list > li > .menu-link')
        .evaluateAll((all) =>
          all
            .map((each) => ({ logo: each.matches('.menu-logo'), ...each.getBoundingClientRect().toJSON() }))
            .filter(({ width }) => width > 0),
        );
    const around = await stands();
    expect(around.findIndex(({ logo }) => logo)).toBe(around.length / 2 - 0.5);
    expect(new Set(around.map(({ top, height }) => Math.round(top + height / 2))).size).toBe(1);
    await visitor.setViewportSize({ width: below - 1, height: 700 });
    const [logo, ...links] = await stands();
    expect(logo!.logo).toBe(true);
    expect(links).toHaveLength(around.length - 1);
    for (const link of links) expect(link.top).toBeGreaterThanOrEqual(logo!.bottom);
    expect(await visitor.evaluate(() => document.documentElement.scrollWidth)).toBe(below - 1);
  },
);

test(
  'items go behind “more” one by one at the widths that are named, and are reached there by keys',
  inAudit,
  async ({ page, context }) => {
    await page.getByText('by fit', { exact: true }).click();
    await page.getByRole('button', { name: 'Add a rule for when it stops fitting' }).click();
    await turnTo(page, 'Menu: Main by rule 1', 'items behind “more”');
    const steps = page.getByText(/^further at/);
    await expect(steps).toContainText('3 of 5 steps needed; 2 more with larger text');
    await saved(page);
    const first = Number(/\d+/.exec((await page.getByText(/^below \d+ px$/).textContent())!)![0]);
    const [second, third] = (await steps.textContent())!.match(/\d+/g)!.map(Number) as [number, number];

    const visitor = await context.newPage();
    await visitor.emulateMedia({ reducedMotion: 'reduce' });
    await visitor.setViewportSize({ width: first, height: 700 });
    await visitor.goto(`/try/${id}/de/index.html`);
    await visitor.evaluate(() => document.fonts.ready);
    const list = visitor
      .getByRole('navigation', { name: /^(Main|Hauptmenü)$/ })
      .locator('.menu-list')
      .filter({ visible: true });
    const inRow = list.locator('> li:not(.menu-more)').filter({ visible: true });
    const more = list.getByRole('button', { name: 'Mehr', exact: true });
    for (const [width, items] of [
      [first, 6],
      [first - 1, 5],
      [second, 5],
      [second - 1, 4],
      [third, 4],
      [third - 1, 3],
    ] as const) {
      await visitor.setViewportSize({ width, height: 700 });
      await expect(inRow, `at ${width}`).toHaveCount(items);
      await expect(more).toHaveCount(items === 6 ? 0 : 1);
      const sideways = () => visitor.evaluate(() => document.documentElement.scrollWidth - innerWidth);
      await expect.poll(sideways, `at ${width}`).toBeLessThanOrEqual(0);
    }
    // Those that have left are in the list of the button, in the order of the menu.
    await more.focus();
    await visitor.keyboard.press('Enter');
    const behind = list.locator('.menu-more > .menu-below > li').filter({ visible: true });
    await expect(behind).toHaveCount(3);
    await visitor.keyboard.press('Tab');
    await expect(behind.first().getByRole('link').first()).toBeFocused();
    await visitor.keyboard.press('Escape');
    await expect(more).toBeFocused();
    await expect(behind).toHaveCount(0);
  },
);

test(
  'a menu in a row of its own below scrolls sideways where it is longer',
  inAudit,
  async ({ page, context }) => {
    await page.locator('[data-piece]').filter({ hasText: 'Menu: Main' }).click();
    await openCell(page, 'Between items', 'Desktop');
    await page.keyboard.type('70');
    await page.keyboard.press('Enter');
    await saved(page);
    await page.getByText('by fit', { exact: true }).click();
    await page.getByRole('button', { name: '… below a width' }).click();
    await page.getByLabel('Below, in px').fill('1300');
    await page.getByLabel('Below, in px').press('Enter');
    await turnTo(page, 'Menu: Main by rule 1', 'its bay in a row below');
    await turnTo(page, 'Menu: Main by rule 1', 'row that scrolls sideways');
    // What was set a moment before stands, however quickly the rest followed.
    await expect(page.getByText('below 1300 px')).toBeVisible();
    await saved(page);
    const visitor = await context.newPage();
    await visitor.emulateMedia({ reducedMotion: 'reduce' });
    await visitor.setViewportSize({ width: 1299, height: 700 });
    await visitor.goto(`/try/${id}/de/index.html`);
    await visitor.evaluate(() => document.fonts.ready);
    const logo = visitor.locator('header .logo').filter({ visible: true });
    const list = visitor
      .getByRole('navigation', { name: /^(Main|Hauptmenü)$/ })
      .locator('.menu-list')
      .filter({ visible: true });
    const box = async (of: typeof list) => (await of.boundingBox())!;
    const lower = async () => (await box(list)).y - (await box(logo)).y - (await box(logo)).height;
    await expect.poll(lower).toBeGreaterThanOrEqual(0);
    const longer = () => list.evaluate((row) => row.scrollWidth - row.clientWidth);
    const faded = () => list.evaluate((row) => getComputedStyle(row).maskImage);
    await expect.poll(longer).toBe(0);
    expect(await faded()).toBe('none');
    await visitor.setViewportSize({ width: 1024, height: 700 });
    await expect.poll(longer).toBeGreaterThan(20);
    await expect.poll(faded).toContain('linear-gradient');
    expect(
      await visitor.evaluate(() => document.documentElement.scrollWidth - innerWidth),
    ).toBeLessThanOrEqual(0);
    await visitor.setViewportSize({ width: 1300, height: 700 });
    await expect.poll(lower).toBeLessThan(0);
  },
);

test(
  'a rule that is measured in the browser collapses where the bar stops fitting there, also when its texts change',
  inAudit,
  async ({ page, context }) => {
    await page.getByText('by fit', { exact: true }).click();
    await page.getByRole('button', { name: '… measured in each visitor’s browser' }).click();
    const foreseen = page.getByText(/^below \d+ px$/);
    await expect(foreseen).toBeVisible();
    const below = Number(/\d+/.exec((await foreseen.textContent())!)![0]);
    await saved(page);

    const visitor = await context.newPage();
    await visitor.emulateMedia({ reducedMotion: 'reduce' });
    await visitor.setViewportSize({ width: below, height: 700 });
    await visitor.goto(`/try/${id}/de/index.html`);
    await visitor.evaluate(() => document.fonts.ready);
    const button = visitor.locator('header .menu-button');
    const sideways = () => visitor.evaluate(() => document.documentElement.scrollWidth - innerWidth);
    await expect(button).toBeHidden();
    await visitor.setViewportSize({ width: below - 1, height: 700 });
    await expect(button).toBeVisible();
    await expect.poll(sideways).toBeLessThanOrEqual(0);
    await visitor.setViewportSize({ width: below + 30, height: 700 });
    await expect(button).toBeHidden();
    // A label that another script makes longer.
    const first = visitor
      .getByRole('navigation', { name: /^(Main|Hauptmenü)$/ })
      .locator('.menu-list > li:first-child > .menu-link');
    const words = await first.filter({ visible: true }).textContent();
    const write = (text: string | null) =>
      first.evaluateAll((all, say) => all.forEach((link) => (link.textContent = say)), text);
    await write(`${words} und alle Zeiten der Überfahrten im Winter`);
    await expect(button).toBeVisible();
    await write(words);
    await expect(button).toBeHidden();
    await visitor.setViewportSize({ width: 1024, height: 700 });
    await expect(button).toBeVisible();
    await button.click();
    await expect(visitor.getByRole('dialog')).toBeVisible();
  },
);

test(
  'a piece that leaves for the drawer is found there, at those widths only',
  inAudit,
  async ({ page, context }) => {
    await page.getByText('by fit', { exact: true }).click();
    await page.getByRole('button', { name: '… with a band' }).click();
    await turnTo(page, 'Button “Book a crossing” by rule 1', 'in the drawer');
    await saved(page);
    const visitor = await context.newPage();
    await visitor.setViewportSize({ width: 1023, height: 700 });
    await visitor.goto(`/try/${id}/index.html`);
    const inBar = visitor.locator('header').getByRole('link', { name: 'Book a crossing' });
    await expect(inBar).toHaveCount(0);
    await visitor.locator('header .menu-button').click();
    const inDrawer = visitor
      .getByRole('dialog')
      .locator('.left-piece')
      .getByRole('link', { name: 'Book a crossing' });
    await expect(inDrawer).toBeVisible();
    await visitor.setViewportSize({ width: 1200, height: 700 });
    await expect(inDrawer).toHaveCount(0);
    await visitor.keyboard.press('Escape');
    await expect(inBar).toBeVisible();
  },
);

test('a rule that takes no effect at the usual text size says so', inAudit, async ({ page }) => {
  await page.getByText('by fit', { exact: true }).click();
  await page.getByRole('button', { name: '… below a width' }).click();
  const below = page.getByLabel('Below, in px');
  await below.fill('1900');
  await below.press('Enter');
  await expect(page.getByText('below 1900 px')).toBeVisible();
  await page.getByRole('button', { name: 'Add a rule for when it stops fitting' }).click();
  await expect(page.getByText(/^below [\d.]+em: with larger text only$/)).toBeVisible();
});

test('what may come is foreseen for the bar, and moves as one types', inAudit, async ({ page }) => {
  await page.getByText('by fit', { exact: true }).click();
  const ahead = page.getByRole('region', { name: 'Forecasts' });
  const change = (name: string) =>
    ahead
      .getByRole('row', { name: new RegExp(`^${name}`) })
      .getByRole('cell')
      .nth(1);
  await expect(change('In Deutsch')).toHaveText(/^\+\d+ px$/);
  await expect(ahead.getByText(/Items of average length .* Desktop 0,/)).toBeVisible();
  const fits = ahead
    .getByRole('row', { name: /^As it is/ })
    .getByRole('cell')
    .first();
  const before = parseInt((await fits.textContent())!, 10);
  await page.getByText('by width', { exact: true }).click();
  await openCell(page, 'Between pieces', 'Desktop');
  await page.keyboard.type('46');
  await page.keyboard.press('Enter');
  await page.getByText('by fit', { exact: true }).click();
  // One gap between the menu and the button, of 30 px more.
  await expect(fits).toHaveText(`${before + 30} px`);
});
