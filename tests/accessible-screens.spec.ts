import AxeBuilder from '@axe-core/playwright';
import { expect, type APIRequestContext, type Page } from '@playwright/test';
import { pieceKindsIn } from '../src/core/pieces';
import { someOf } from '../src/sample.test-data';
import { inAudit, test } from './support/test';
import { makeSite, openCell } from './support/site';

test.use({ looksOver: true });

/** Violations of a screen. The views show the designer's site, which is judged on its own where it is handed over. */
async function violations(page: Page, within = 'html') {
  const { violations: found } = await new AxeBuilder({ page })
    .include(within)
    .exclude('iframe')
    .setLegacyMode()
    // What is in order is not reported node by node, which takes most of the time.
    .options({ resultTypes: ['violations'] })
    .analyze();
  return found.map(({ id, nodes }) => `${id}: ${nodes.map((node) => node.html.slice(0, 160)).join(' | ')}`);
}

/** The demo with a header that holds a piece of every kind, in bars of four. */
async function siteOfEveryKind(request: APIRequestContext): Promise<string> {
  const file = await (await request.get('/api/sites/hollin-sound/site-file')).json();
  const own: Record<string, object> = {
    menu: { menu: { desktop: 'm-main' } },
    social: { menu: { all: 'm-service' } },
    picture: { artwork: { all: Object.keys(file.site.artwork)[0] } },
    links: { menu: { all: 'm-main' }, grouped: { all: 'columns' }, unfolds: { desktop: 'one' } },
    pictures: { menu: { all: 'm-service' } },
    address: {
      name: { all: 'Ferry House' },
      telephone: { all: '+44 1632 960117' },
      hours: { all: 'Mon-Fri 9-17; Sun closed' },
      asData: { all: true },
    },
    newsletter: { consent: { all: ['I agree.'] } },
  };
  const pieces = pieceKindsIn('headers').map(({ kind }) => ({ id: kind, kind, values: own[kind] ?? {} }));
  const bars = [0, 4, 8, 12, 16].map((from) => ({
    id: `bar${from}`,
    name: `Bar ${from}`,
    bays: pieces.slice(from, from + 4).map(({ id }) => ({ id: `bay-${id}`, pieces: [id], values: {} })),
    values: {},
  }));
  const byId = <T extends { id: string }>(things: T[]) =>
    Object.fromEntries(things.map((each) => [each.id, each]));
  const header = {
    id: 'every',
    name: 'Every kind',
    order: bars.map((each) => each.id),
    bars: byId(bars),
    pieces: byId(pieces),
    values: {},
  };
  file.site.headers = { every: header };
  file.site.placing = { ...file.site.placing, header: 'every', rules: [] };
  const response = await request.post('/api/sites/open', { data: file });
  expect(response.status()).toBe(201);
  return (await response.json()).id;
}

test('no violation on a handed-over page with a piece of every kind, its drop-down open', async ({
  page,
  request,
}) => {
  await page.goto(`/try/${await siteOfEveryKind(request)}/index.html`);
  await page.locator('header .menu-toggle').first().click();
  await page.locator('header .links-toggle').first().click();
  expect(await violations(page)).toEqual([]);
});

/** The busiest one first, which is looked at in every run. */
const screens = [
  'sites/hollin-sound/headers',
  '',
  'sites/orrery-house/begin',
  'sites/hollin-sound/pages',
  'sites/hollin-sound/menus',
  'sites/hollin-sound/texts',
  'sites/hollin-sound/headers/h-main/fit',
  'sites/hollin-sound/drawers',
  'sites/hollin-sound/footers',
  'sites/hollin-sound/brand',
  'sites/hollin-sound/placing',
  'sites/hollin-sound/checks',
  'sites/hollin-sound/try',
  'sites/hollin-sound/points',
  'sites/hollin-sound/release',
  'sites/nobody/pages',
];

for (const screen of someOf(screens, 16)) {
  test(`no violation on /${screen}, and nothing that scrolls all of it sideways or without need`, async ({
    page,
  }) => {
    await page.goto(`/${screen}`);
    await page.getByRole('heading').first().waitFor();
    expect(await violations(page)).toEqual([]);
    // Wide things scroll by themselves (WCAG 2.2, 1.4.10 Reflow).
    const beyond = (element: Element) => element.scrollWidth - element.clientWidth;
    expect(await page.locator('main').evaluate(beyond)).toBe(0);
    // Nor does anything that is not seen make it scroll.
    const unseen = (main: Element) => {
      const ends = [...main.children].map((child) => child.getBoundingClientRect().bottom);
      const end = Math.max(...ends) - main.getBoundingClientRect().top + main.scrollTop;
      const margin = 64;
      return main.scrollHeight - Math.max(main.clientHeight, end + margin);
    };
    expect(await page.locator('main').evaluate(unseen)).toBeLessThanOrEqual(0);
  });
}

test(
  'no violation with a cell being edited, and with the dialog of pages open',
  inAudit,
  async ({ page }) => {
    await page.goto('/sites/hollin-sound/headers');
    await openCell(page, 'Least height', 'Desktop');
    await page.getByRole('textbox', { name: 'Least height, Desktop' }).fill('x');
    expect(await violations(page)).toEqual([]);
    // Cells are marked, and it is asked why one is so.
    await page.keyboard.press('Escape');
    await page.locator('[data-cell]').first().focus();
    for (const key of ['Shift+ArrowDown', '?']) await page.keyboard.press(key);
    await expect(page.getByRole('region', { name: 'Why is it so' })).toBeVisible();
    expect(await violations(page)).toEqual([]);
    await page.goto('/sites/hollin-sound/pages');
    await page.getByRole('button', { name: 'Add pages…' }).click();
    await page.getByLabel(/One page a line/).fill('A  /a\nB  /a');
    await expect(page.getByRole('list', { name: 'Problems' })).toBeVisible();
    expect(await violations(page)).toEqual([]);
  },
);

test('no violation in the columns of states', inAudit, async ({ page }) => {
  await page.goto('/sites/hollin-sound/headers');
  await page.getByRole('region', { name: 'Plan', exact: true }).locator('[data-piece]').nth(3).click();
  await page.getByText('by state', { exact: true }).click();
  await expect(page.getByRole('region', { name: 'States of Items', exact: true })).toBeVisible();
  expect(await violations(page)).toEqual([]);
});

test('no violation among the pieces, and among the starters', inAudit, async ({ page }) => {
  await page.goto('/sites/hollin-sound/headers');
  await page
    .getByRole('button', { name: /^Add a piece: / })
    .first()
    .click();
  await expect(page.getByRole('dialog').getByRole('button', { name: /^Divider/ })).toBeVisible();
  expect(await violations(page, '[role="dialog"]')).toEqual([]);
  await page.keyboard.press('Escape');
  await page.getByRole('button', { name: 'Main header' }).first().click();
  await page.getByRole('menuitem', { name: 'New header…' }).click();
  await expect(page.getByRole('dialog').getByRole('button', { name: /^Side panel/ })).toBeVisible();
  expect(await violations(page, '[role="dialog"]')).toEqual([]);
});

test('empty screens say what to do, without violation', inAudit, async ({ page, request }) => {
  const id = await makeSite(request, 'Empty');
  for (const [path, words] of [
    ['pages', 'Paste the list'],
    ['menus', 'No menu yet'],
    ['drawers', 'No drawer yet'],
    ['headers', 'No piece yet'],
  ] as const) {
    await page.goto(`/sites/${id}/${path}`);
    await expect(page.getByText(words)).toBeVisible();
    expect(await violations(page)).toEqual([]);
  }
});
