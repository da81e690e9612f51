import { expect, type APIRequestContext, type Page } from '@playwright/test';
import { bandAt } from '../src/core/bands/band';
import { barHeights, usually } from '../src/core/fit/heights';
import { unmeasured } from '../src/core/text/advances';
import { resolveAssembly } from '../src/core/resolve/assembly';
import type { Site } from '../src/core/site/site';
import { copyWithShortMenu, openCell, pick, saved } from './support/site';
import { someOf } from '../src/sample.test-data';
import { inAudit, test } from './support/test';

let id: string;

test.beforeEach(async ({ page, request }) => {
  id = await copyWithShortMenu(request);
  await page.goto(`/sites/${id}/headers`);
});

/** Begins a header from a starter, puts it on every page, and waits until that is on disk. */
async function begin(page: Page, starter: string) {
  await page
    .getByRole('navigation', { name: 'You are here' })
    .getByRole('button', {
      name: /header|row|middle|links|lines|cells|Notice|Publication|basket|above|side/i,
    })
    .click();
  await page.getByRole('menuitem', { name: 'New header…' }).click();
  await page
    .getByRole('dialog')
    .getByRole('button', { name: new RegExp(`^${starter} `) })
    .click();
  await page.getByRole('button', { name: /put this header on all other pages/ }).click();
  await expect(page.getByRole('link', { name: /^stands on \d+ of 44 pages$/ })).toBeVisible();
  await saved(page);
}

interface Box {
  left: number;
  right: number;
  top: number;
  bottom: number;
  width: number;
  height: number;
}
const centre = ({ left, right }: Box) => (left + right) / 2;
const line = ({ top, bottom }: Box) => (top + bottom) / 2;

/** The boxes of everything that a selector finds and that shows, in the site as it would be handed over. */
async function boxes(page: Page, selector: string): Promise<Box[]> {
  return page.locator(selector).evaluateAll((elements) =>
    elements
      .filter((element) => element.getClientRects().length > 0)
      .map((element) => {
        const { left, right, top, bottom, width, height } = element.getBoundingClientRect();
        return { left, right, top, bottom, width, height };
      }),
  );
}
async function box(page: Page, selector: string): Promise<Box> {
  const [first] = await boxes(page, selector);
  if (!first) throw new Error(`Nothing shows at ${selector}`);
  return first;
}

/** The heights of the bars of the header that is on every page, as the core works them out; null at the side, where they are spread. */
async function heightsWorkedOut(request: APIRequestContext): Promise<number[] | null> {
  const { site } = (await (await request.get(`/api/sites/${id}`)).json()) as { site: Site };
  const header = resolveAssembly(
    site,
    'headers',
    site.headers[site.placing.header!]!,
    bandAt(site.bands, 1280).id,
  );
  return header.values.stands === 'top'
    ? [...barHeights(usually(site, unmeasured), header, bandAt(site.bands, 1280).id, 1280).values()].map(half)
    : null;
}
const heightsShown = async (page: Page) =>
  (await boxes(page, 'header .bar')).map(({ height }) => half(height));
const half = (height: number) => Math.round(height * 2) / 2;

/** Half a pixel: what is aligned by construction may differ by rounding only. */
function close(one: number, other: number) {
  expect(Math.abs(one - other)).toBeLessThanOrEqual(0.5);
}

/** What has to hold of each header on a window of 1280 px, by its starter. */
const wide: Record<string, (page: Page) => Promise<void>> = {
  'Plain row': async (page) => {
    const [content, logo, button, menu] = [
      await box(page, 'header .bays'),
      await box(page, 'header .logo img'),
      await box(page, 'header .button'),
      await box(page, 'header .menu-list'),
    ];
    close(logo.left, content.left);
    close(button.right, content.right);
    for (const piece of [logo, button, menu]) close(line(piece), line(content));
  },
  'Links in the middle': async (page) => {
    close(centre(await box(page, 'header .menu-list')), centre(await box(page, 'header .bays')));
  },
  'Logo between links': async (page) => {
    const logo = await box(page, 'header .menu-logo');
    close(centre(logo), centre(await box(page, 'header .bays')));
    const [before, after] = await boxes(page, 'header .menu-list');
    const last = (await boxes(page, 'header .menu-list:first-of-type > li')).at(-1)!;
    close(last.right, before!.right);
    expect(after!.left).toBeGreaterThanOrEqual(logo.right);
    // No other item to split after would make both sides more alike in width.
    const widths = (await boxes(page, 'header .menu-list > li')).map(({ width }) => width);
    const side = (items: number[]) => items.reduce((sum, width) => sum + width + 16, -16);
    const unevenness = widths
      .slice(1)
      .map((_, at) => Math.abs(side(widths.slice(0, at + 1)) - side(widths.slice(at + 1))));
    expect(Math.abs(before!.width - after!.width)).toBeLessThanOrEqual(Math.min(...unevenness) + 0.5);
  },
  'Strip and main row': async (page) => {
    const bar = 'header .bar:nth-child(2) > .bays';
    const [first, second] = await boxes(page, `${bar} > .bay`);
    const columns = await page
      .locator(bar)
      .evaluate((bays) => getComputedStyle(bays).gridTemplateColumns.split(' ').map(parseFloat));
    close(columns[0]! * 3, columns[1]!);
    expect(second!.left).toBeGreaterThan(first!.left);
    close((await box(page, `${bar} .menu-list`)).bottom, (await box(page, bar)).bottom);
    close((await box(page, `${bar} .logo`)).bottom, (await box(page, bar)).bottom);
  },
  'Logo over links': async (page) => {
    const [logo, menu] = [await box(page, 'header .logo img'), await box(page, 'header .menu-list')];
    const middle = centre(await box(page, 'header .bays'));
    for (const piece of [logo, menu]) close(centre(piece), middle);
    expect(menu.top).toBeGreaterThanOrEqual(logo.bottom);
  },
  'Menu button, logo, basket': async (page) => {
    const content = await box(page, 'header .bays');
    close((await box(page, 'header .menu-button')).left, content.left);
    close(centre(await box(page, 'header .logo img')), centre(content));
    close((await box(page, 'header .basket')).right, content.right);
  },
  'Search in the middle': async (page) => {
    close(centre(await box(page, 'header input')), centre(await box(page, 'header .bays')));
    close((await box(page, 'header .basket')).right, (await box(page, 'header .bays')).right);
  },
  'Equal cells': async (page) => {
    const cells = await boxes(page, 'header .menu-list > li');
    for (const cell of cells) close(cell.width, cells[0]!.width);
    const content = await box(page, 'header .bar:nth-child(2) > .bays');
    close(cells[0]!.left, content.left);
    close(cells.at(-1)!.right, content.right);
    for (const link of await boxes(page, 'header .menu-list > li > .menu-link'))
      close(link.height, content.height);
  },
  'Notice on top': async (page) => {
    const button = await box(page, 'header .notice button');
    close(button.right, (await box(page, 'header .bays')).right);
    await page.getByRole('button', { name: 'Dismiss this notice' }).click();
    expect(await boxes(page, 'header .bar')).toHaveLength(1);
  },
  'Parts set apart by lines': async (page) => {
    const content = await box(page, 'header .bays');
    const lines = await boxes(page, 'header .divider');
    expect(lines).toHaveLength(3);
    for (const each of lines) close(each.height, content.height);
    close(line(await box(page, 'header .logo img')), line(content));
  },
  'Along the side, turned': async (page) => {
    const header = await box(page, 'header');
    close(header.width, 128);
    expect(header.height).toBeGreaterThanOrEqual(800);
    close((await box(page, 'main')).left, header.right);
    close(centre(await box(page, 'header .menu-list')), centre(header));
    for (const link of await boxes(page, 'header .menu-list > li > .menu-link'))
      expect(link.height).toBeGreaterThan(link.width);
  },
};

test(
  'starters of different build stand where they should, to half a pixel, and never scroll sideways on a phone',
  inAudit,
  async ({ page }) => {
    test.setTimeout(240_000);
    const looked = someOf(Object.entries(wide), 8);
    for (const [starter, check] of looked) {
      await test.step(starter, async () => {
        await begin(page, starter);
        const visitor = await page.context().newPage();
        await visitor.setViewportSize({ width: 1280, height: 800 });
        await visitor.goto(`/try/${id}/index.html`);
        await visitor.evaluate(() => document.fonts.ready);
        const worked = await heightsWorkedOut(page.request);
        if (worked) expect(await heightsShown(visitor)).toEqual(worked);
        await check(visitor);
        await visitor.setViewportSize({ width: 320, height: 700 });
        // The logo for narrow windows has to come first.
        await expect.poll(() => visitor.evaluate(() => document.documentElement.scrollWidth)).toBe(320);
        const header = await box(visitor, 'header');
        expect([header.left, header.right]).toEqual([0, 320]);
        await visitor.close();
      });
    }
  },
);

test('texts of different sizes stand on one baseline', inAudit, async ({ page }) => {
  await begin(page, 'Publication');
  await page
    .getByRole('region', { name: 'Plan', exact: true })
    .getByRole('button', { name: 'Strip', exact: true })
    .click();
  await openCell(page, 'Across the bar', 'Desktop');
  await pick(page, 'on a common text baseline');
  await page
    .getByRole('button', { name: /^Contact link/ })
    .first()
    .click();
  await openCell(page, 'Size', 'Desktop');
  await page.getByRole('textbox', { name: 'Size, Desktop' }).fill('27');
  await page.keyboard.press('Enter');
  await saved(page);
  await page.goto(`/try/${id}/index.html`);
  const baselines = await page.locator('header :is(.language-link, .contact)').evaluateAll((elements) =>
    elements.map((element) => {
      const mark = document.createElement('span');
      mark.style.display = 'inline-block';
      element.append(mark);
      return mark.getBoundingClientRect().bottom;
    }),
  );
  expect(baselines).toHaveLength(3);
  for (const each of baselines) close(each, baselines[0]!);
});

test('what is searched for is answered from the pages of the site', inAudit, async ({ page }) => {
  await begin(page, 'Notice on top');
  await page.goto(`/try/${id}/index.html`);
  await page.getByRole('button', { name: 'Search', exact: true }).click();
  const field = page.getByRole('searchbox', { name: 'Search' });
  await expect(field).toBeFocused();
  await field.fill('skerrow');
  await field.press('Enter');
  await expect(page.locator('main').getByRole('status')).toHaveText('4 found');
  await expect(
    page.getByRole('region', { name: 'Pages found' }).getByRole('link', { name: /Skerrow/ }),
  ).toHaveCount(4);
});
