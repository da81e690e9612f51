import AxeBuilder from '@axe-core/playwright';
import { expect, type Page } from '@playwright/test';
import { HtmlValidate } from 'html-validate/node';
import { renderedPages, renderFiles } from '../src/core/render/files';
import { pageStandIns, type PageStandInId } from '../src/core/site/page-stand-in';
import type { Site } from '../src/core/site/site';
import { starters } from '../src/core/starters';
import { unmeasured } from '../src/core/text/advances';
import { demo, demoDb, withStarter } from './support/demo-sites';
import { visitHandedOver } from './support/handed-over';
import { sample, someOf } from '../src/sample.test-data';
import { inAudit, test } from './support/test';

const looked = someOf(starters, 18);
const sites = [
  { name: 'the demo', site: () => demo('hollin-sound') },
  ...looked.map(({ id, name }) => ({ name: `“${name}”`, site: () => withStarter(demo('hollin-sound'), id) })),
];

/** The rules of a validator, but for what is a matter of taste. */
const validator = new HtmlValidate({
  root: true,
  extends: ['html-validate:recommended', 'html-validate:a11y', 'html-validate:document'],
  rules: {
    // Indented by tabs, with void elements as HTML writes them.
    'void-style': 'off',
    'doctype-style': 'off',
    // Hashes would have to change with every file that is handed over; all of them come from the same server.
    'require-sri': 'off',
    'tel-non-breaking': 'off',
  },
});

test('what is handed over is valid HTML, in every language and with every starter', async () => {
  const found: string[] = [];
  for (const { name, site } of sites) {
    const files = renderFiles(site(), { site: '', notices: '' }, unmeasured);
    const pages = renderedPages(site()).length;
    for (const file of files.filter(({ path }) => path.endsWith('.html')).slice(0, sample(4, pages * 2))) {
      const { results } = await validator.validateString('text' in file ? file.text : '');
      for (const { messages } of results)
        for (const { ruleId, message, line } of messages)
          found.push(`${name}, ${file.path}:${line} ${ruleId} ${message}`);
    }
  }
  expect([...new Set(found)]).toEqual([]);
});

/** What of every rule of a checker a page violates as it stands. */
async function violations(page: Page, state: string): Promise<string[]> {
  const { violations: found } = await new AxeBuilder({ page })
    .setLegacyMode()
    .options({
      resultTypes: ['violations'],
      runOnly: {
        type: 'tag',
        values: [
          'wcag2a',
          'wcag2aa',
          'wcag21a',
          'wcag21aa',
          'wcag22aa',
          'wcag2aaa',
          'best-practice',
          'experimental',
        ],
      },
    })
    .analyze();
  return found.map(
    ({ id, nodes }) => `${state}: ${id}: ${nodes.map(({ html }) => html.slice(0, 160)).join(' | ')}`,
  );
}

/** Everything that opens in a header or a footer at a width, opened one after another, and what is told of each state. */
async function everyOpenState(
  page: Page,
  width: number,
  look: (state: string) => Promise<string[]>,
): Promise<string[]> {
  await page.setViewportSize({ width, height: 800 });
  const found = await look(`at ${width}`);
  const openers = page.locator(
    ':is(header, footer) :is(.menu-toggle, .menu-button, .chooser-toggle, .links-toggle, .search-open):visible',
  );
  const count = Math.min(await openers.count(), sample(2, 99));
  for (let nth = 0; nth < count; nth += 1) {
    const opener = openers.nth(nth);
    const name = (await opener.getAttribute('aria-label')) ?? (await opener.textContent());
    await opener.click();
    found.push(...(await look(`at ${width}, ${name?.trim()} open`)));
    await page.keyboard.press('Escape');
  }
  return found;
}

for (const { name, site } of sites)
  test(`no violation of any rule in ${name}, whatever is open`, inAudit, async ({ page }) => {
    await page.emulateMedia({ reducedMotion: 'reduce' });
    await visitHandedOver(page, demoDb, site(), { strict: true });
    const look = (state: string) => violations(page, state);
    const found = [...(await everyOpenState(page, 1280, look)), ...(await everyOpenState(page, 375, look))];
    expect(found).toEqual([]);
  });

test('no violation of any rule in the demo for visitors who prefer dark', inAudit, async ({ page }) => {
  await page.emulateMedia({ reducedMotion: 'reduce', colorScheme: 'dark' });
  await visitHandedOver(page, demoDb, demo('hollin-sound'), { strict: true });
  expect(await everyOpenState(page, 1280, (state) => violations(page, state))).toEqual([]);
});

/** The controls of a page that can be had by the keyboard now, in the order of the document. */
const reachable = (page: Page, within: string) =>
  page
    .locator(`${within} :is(a[href], button, input)`)
    .evaluateAll((elements) =>
      elements
        .filter((each) => each.checkVisibility({ visibilityProperty: true }))
        .map((each) => each.textContent.trim() || each.getAttribute('aria-label') || each.className),
    );

/** What has the focus one step after another. */
async function walked(page: Page, steps: number): Promise<string[]> {
  const names: string[] = [];
  for (let step = 0; step < steps; step += 1) {
    await page.keyboard.press('Tab');
    names.push(
      await page.evaluate(() => {
        const held = document.activeElement!;
        // Out of the page, in the browser’s own controls.
        if (held === document.body) return '';
        return held.textContent.trim() || held.getAttribute('aria-label') || held.className;
      }),
    );
  }
  return names;
}

for (const { name, site } of someOf(sites, 2))
  test(`the keyboard walks through ${name} in the order in which it is read, into what opens and back`, async ({
    page,
  }) => {
    await page.emulateMedia({ reducedMotion: 'reduce' });
    for (const width of [1280, 375]) {
      await page.setViewportSize({ width, height: 800 });
      await visitHandedOver(page, demoDb, site(), { strict: true });
      const controls = await reachable(page, 'header');
      expect(controls.length).toBeGreaterThan(0);
      const [skip, ...inHeader] = await walked(page, controls.length + 1);
      expect([skip, inHeader]).toEqual(['Skip to content', controls]);
    }
    const button = page.locator('header .menu-button:visible').first();
    if ((await button.count()) === 0) return;
    await button.focus();
    await page.keyboard.press('Enter');
    const drawer = page.locator('dialog[open]');
    await expect(drawer).toBeVisible();
    const inside = await reachable(page, 'dialog[open]');
    // A walk once round stays in the drawer; the browser’s own controls come between its end and its beginning.
    for (const each of await walked(page, inside.length)) expect([...inside, '']).toContain(each);
    await page.keyboard.press('Escape');
    await expect(drawer).toBeHidden();
    await expect(button).toBeFocused();
  });

test('in forced colours, what is current, what is open and where panels end is told by lines and colours of the system', async ({
  page,
}) => {
  await page.emulateMedia({ forcedColors: 'active', reducedMotion: 'reduce' });
  await visitHandedOver(page, demoDb, demo('hollin-sound'), { path: 'sailings.html' });
  const current = page.locator('header .menu-list > li > [aria-current]:visible', { hasText: 'Sailings' });
  await expect(current).toHaveCSS('text-decoration-line', 'underline');
  const other = page.locator('header .menu-list > li > a:visible', { hasText: 'Routes' });
  await expect(other).toHaveCSS('text-decoration-line', 'none');
  await other.hover();
  await expect(other).toHaveCSS('text-decoration-line', 'underline');
  const toggle = page.locator('header .menu-toggle').first();
  const shut = await toggle.evaluate((each) => getComputedStyle(each).backgroundColor);
  await toggle.click();
  expect(await toggle.evaluate((each) => getComputedStyle(each).backgroundColor)).not.toBe(shut);
  await expect(page.locator('header .menu-below:visible').first()).toHaveCSS('border-top-style', 'solid');
  await page.setViewportSize({ width: 375, height: 800 });
  await page.locator('header .menu-button').click();
  await expect(page.locator('dialog[open]')).toHaveCSS('outline-style', 'solid');
});

test('on paper nothing stays in sight or hides what opens, and links are told by lines', async ({ page }) => {
  await visitHandedOver(page, demoDb, demo('hollin-sound'));
  await page.emulateMedia({ media: 'print' });
  await expect(page.locator('.held')).toHaveCSS('position', 'static');
  await expect(page.locator('header .menu-button')).toBeHidden();
  await expect(page.locator('header .menu-toggle').first()).toBeHidden();
  const link = page.locator('footer a').first();
  await expect(link).toHaveCSS('text-decoration-line', 'underline');
  await expect(link).toHaveCSS('color', 'rgb(0, 0, 0)');
});

/** The demo with other values of its header. */
function withHeaderValues(values: Record<string, object>): Site {
  const site = demo('hollin-sound');
  const header = site.headers['h-main']!;
  const changed = { ...header, values: { ...header.values, ...values } } as typeof header;
  return { ...site, headers: { ...site.headers, 'h-main': changed } };
}

test.describe('with scripts off', () => {
  test.use({ javaScriptEnabled: false });

  test('a header that stays in sight does, drop-downs open under the pointer, and the drawer opens', async ({
    browser,
  }) => {
    const context = await browser.newContext({
      javaScriptEnabled: false,
      viewport: { width: 1280, height: 800 },
    });
    const page = await context.newPage();
    await visitHandedOver(
      page,
      demoDb,
      withHeaderValues({ scrolling: { desktop: 'stays' }, lies: { desktop: 'room' } }),
    );
    await expect(page.locator('.held')).toHaveCSS('position', 'sticky');
    // One that lies over a picture would be unreadable over anything else.
    await visitHandedOver(
      page,
      demoDb,
      withHeaderValues({ scrolling: { desktop: 'stays' }, lies: { desktop: 'over' } }),
    );
    await expect(page.locator('.held')).toHaveCSS('position', 'relative');
    await page.locator('header .menu-link', { hasText: 'Routes' }).first().hover();
    await expect(page.locator('header .menu-below', { hasText: 'Island hopper' }).first()).toBeVisible();
    await page.setViewportSize({ width: 375, height: 800 });
    await page.locator('header .menu-button').click();
    await expect(page.locator('dialog.drawer')).toBeVisible();
    await page.locator('dialog.drawer').getByRole('button', { name: 'Close' }).click();
    await expect(page.locator('dialog.drawer')).toBeHidden();
    await context.close();
  });
});

/** A stylesheet as a browser has it that does not know a feature: what it stands behind does not hold, and what says it is dropped. */
const lacking = (feature: string) => (text: string) => text.replaceAll(feature, `unknown-${feature}`);

for (const known of someOf([true, false], 2))
  test(`a search opens below the bar of its icon, within the window, ${known ? 'where the browser knows anchors' : 'and without anchors too'}`, async ({
    page,
  }) => {
    const site = withStarter(demo('hollin-sound'), 'shop');
    const search = Object.values(site.headers[site.placing.header!]!.pieces).find(
      ({ kind }) => kind === 'search',
    );
    Object.assign(search!, { values: { ...search!.values, form: { desktop: 'icon' } } });
    if (!known)
      await page.addInitScript(() => {
        const knows = CSS.supports.bind(CSS) as (...asked: string[]) => boolean;
        CSS.supports = ((...asked: string[]) =>
          !asked.join().includes('anchor') && knows(...asked)) as typeof CSS.supports;
      });
    await visitHandedOver(page, demoDb, site, known ? {} : { changed: lacking('anchor(') });
    let looked = 0;
    for (const width of [1280, 375, 320]) {
      await page.setViewportSize({ width, height: 800 });
      const icon = page.locator('header .search-open:visible').first();
      if ((await icon.count()) === 0) continue;
      looked += 1;
      await icon.click();
      const form = page.locator('.search-form:popover-open');
      await expect(form.locator('input')).toBeFocused();
      const bar = page.locator('header .bar', { has: page.locator('.search-open:visible') });
      const [at, around] = [(await form.boundingBox())!, (await bar.boundingBox())!];
      expect(Math.abs(at.y - (around.y + around.height))).toBeLessThan(1.5);
      expect(at.x).toBeGreaterThanOrEqual(0);
      expect(at.x + at.width).toBeLessThanOrEqual(width);
      await page.keyboard.press('Escape');
    }
    expect(looked).toBeGreaterThan(0);
  });

test('without scroll timelines no item of a scrolling row is faded', async ({ page }) => {
  const site = demo('hollin-sound');
  const header = site.headers['h-main']!;
  const menu = Object.values(header.pieces).find(({ values }) => values.menu?.desktop === 'm-main')!;
  const scrolling = { ...menu, values: { ...menu.values, shownAs: { desktop: 'scrolling' } } };
  const bars = Object.fromEntries(
    Object.entries(header.bars).map(([id, bar]) => [id, { ...bar, rules: [] }]),
  );
  const changed = { ...header, bars, pieces: { ...header.pieces, [menu.id]: scrolling } };
  const other = { ...site, headers: { ...site.headers, [header.id]: changed } };
  await page.setViewportSize({ width: 800, height: 800 });
  const list = page.locator('header .menu-list:visible').last();
  await visitHandedOver(page, demoDb, other);
  await expect(list).not.toHaveCSS('mask-image', 'none');
  await visitHandedOver(page, demoDb, other, { changed: lacking('animation-timeline') });
  await expect(list).toHaveCSS('mask-image', 'none');
});

test('a jump within the page leaves as much room as the header really takes, also where its texts have grown', async ({
  page,
}) => {
  await visitHandedOver(
    page,
    demoDb,
    withHeaderValues({ scrolling: { desktop: 'stays' }, lies: { desktop: 'room' } }),
  );
  await page.setViewportSize({ width: 1280, height: 800 });
  const covered = () => page.locator('.held-bars').evaluate((bars) => (bars as HTMLElement).offsetHeight);
  const room = () =>
    page.evaluate(() => parseFloat(getComputedStyle(document.documentElement).scrollPaddingTop));
  await page.evaluate(() => scrollTo(0, 600));
  await expect(page.locator('header[data-phase="scrolled"]')).toBeAttached();
  await expect.poll(async () => Math.abs((await room()) - (await covered()))).toBeLessThan(1);
  await page
    .locator('.held-bars .bar')
    .first()
    .evaluate((bar) => (bar as HTMLElement).style.setProperty('padding-block', '40px'));
  await expect.poll(async () => Math.abs((await room()) - (await covered()))).toBeLessThan(1);
});

test('a header at the side that stays and is higher than the window is scrolled, not pressed together', async ({
  page,
}) => {
  const site = withStarter(demo('hollin-sound'), 'side-panel');
  const header = site.headers[site.placing.header!]!;
  const bars = Object.fromEntries(
    Object.entries(header.bars).map(([id, bar]) => [
      id,
      // A least height that is said takes the place of what is in the bar.
      { ...bar, values: { ...bar.values, leastHeight: { desktop: 40 } } },
    ]),
  );
  const stays = { ...header, bars, values: { ...header.values, scrolling: { desktop: 'stays' } } };
  await page.setViewportSize({ width: 1280, height: 330 });
  await visitHandedOver(page, demoDb, { ...site, headers: { ...site.headers, [header.id]: stays } });
  const heights = await page.locator('.header').evaluate((at) => ({
    all: at.scrollHeight,
    own: at.clientHeight,
    bars: [...at.querySelectorAll('.bar')].map((bar) => [bar.scrollHeight, bar.clientHeight] as const),
  }));
  expect(heights.all).toBeGreaterThan(heights.own);
  for (const [needed, has] of heights.bars) expect(needed).toBeLessThanOrEqual(has);
});

test(
  'what stands in for pages is no wider than a narrow window, however large a brand sets its text',
  inAudit,
  async ({ page }) => {
    const site = demo('hollin-sound');
    const body = site.brand.typeStyles['type-body']!;
    const large = { ...body, values: { ...body.values, size: { desktop: 30 } } };
    const brand = { ...site.brand, typeStyles: { ...site.brand.typeStyles, 'type-body': large } };
    await page.setViewportSize({ width: 320, height: 800 });
    for (const standIn of Object.keys(pageStandIns) as PageStandInId[]) {
      const home = Object.values(site.pages).find(({ path }) => path === '/')!;
      const pages = { ...site.pages, [home.id]: { ...home, standIn } };
      await visitHandedOver(page, demoDb, { ...site, brand, pages });
      const wider = await page.locator('main').evaluate((main) => main.scrollWidth - main.clientWidth);
      expect(wider, standIn).toBe(0);
    }
  },
);

test('in a column what opens a drawer is as wide as its row, as links are', async ({ page }) => {
  const site = withStarter(demo('hollin-sound'), 'side-panel');
  const menu = site.menus['m-main']!;
  const help = menu.top.at(-1)!;
  const items = {
    ...menu.items,
    [help]: {
      ...menu.items[help]!,
      label: 'All of it',
      children: [],
      link: { to: 'drawer', drawer: 'd-main' } as const,
    },
  };
  await page.setViewportSize({ width: 1280, height: 800 });
  await visitHandedOver(page, demoDb, { ...site, menus: { ...site.menus, 'm-main': { ...menu, items } } });
  const opener = page.locator('.header button.menu-link', { hasText: 'All of it' });
  const [own, row] = await Promise.all([opener.boundingBox(), opener.locator('xpath=..').boundingBox()]);
  expect(own!.width).toBeCloseTo(row!.width, 0);
  expect(own!.height).toBeGreaterThanOrEqual(44);
});
