import { AxeBuilder } from '@axe-core/playwright';
import { expect, type APIRequestContext, type Page } from '@playwright/test';
import { readFileSync } from 'node:fs';
import type { Edit } from '../src/core/edit';
import { copyOfDemo, saved, storedSite } from './support/site';
import { inAudit, test } from './support/test';

test.use({ looksOver: true });

const findings = (page: Page) => page.getByRole('region', { name: 'Findings' });
const detail = (page: Page) => page.getByRole('region', { name: 'Finding', exact: true });

/** Edits of a site without the interface. */
async function edited(request: APIRequestContext, id: string, edits: Edit[]) {
  const { standing } = await storedSite(request, id);
  const data = { base: standing.revision, group: null, batch: 'tests', edits };
  expect((await request.post(`/api/sites/${id}/edits`, { data })).status()).toBe(200);
}

const at = { in: 'headers', assembly: 'h-main' } as const;
const gap = (property: string, cell: string, value: number): Edit => ({
  edit: 'setValue',
  place: { on: 'bar', ...at, bar: 'h-main-b2' },
  property,
  cell,
  value,
});

/** The first item of the main menu is shown nowhere. */
const withoutSailings: Edit = {
  edit: 'setValue',
  place: { on: 'item', menu: 'm-main', item: 'm-main-i1' },
  property: 'shown',
  cell: 'desktop',
  value: 'hidden',
};

test(
  'a finding of a state and a phase is drawn in these, without a pointer and without scrolling',
  inAudit,
  async ({ page, request }) => {
    const id = await copyOfDemo(request);
    const inkOf = (cell: string): Edit => ({
      edit: 'setValue',
      place: { on: 'piece', ...at, piece: 'h-main-p4' },
      property: 'itemInk',
      cell,
      value: 'line',
    });
    await edited(request, id, [inkOf('hover')]);
    await page.goto(`/sites/${id}/checks`);
    const read = findings(page).getByRole('region', { name: 'Visitors cannot read it' });
    await read
      .getByRole('button', { name: /Menu: Main/ })
      .first()
      .click();
    await expect(detail(page)).toContainText(/hover/i);
    const drawn = page.frameLocator('iframe[title="Finding as it is"]').locator('header');
    const link = drawn.locator('.menu-link', { hasText: 'Routes' }).first();
    await expect(link).toHaveCSS('color', 'rgb(207, 216, 216)');
    await expect(page.frameLocator('iframe[title="Finding repaired"]').locator('header')).toBeAttached();
    const caption = detail(page).locator('figcaption').first();
    await expect(caption).toContainText('hover');
    const phase = (await caption.textContent())!.includes('scrolled') ? 'scrolled' : 'top';
    await expect(drawn).toHaveAttribute('data-phase', phase);
  },
);

test('what harms visitors is found, led to, seen at its width, repaired, and repaired all at once in one step', async ({
  page,
  request,
}) => {
  const id = await copyOfDemo(request);
  await edited(request, id, [
    withoutSailings,
    gap('pieceGap', 'desktop', 20),
    gap('pieceGap', 'tablet', 20),
    gap('bayGap', 'desktop', 28),
    gap('bayGap', 'tablet', 28),
    {
      edit: 'setValue',
      place: { on: 'piece', ...at, piece: 'h-main-p5' },
      property: 'buttonInk',
      cell: 'rest',
      value: 'accent',
    },
  ]);
  await page.goto(`/sites/${id}/checks`);
  const read = findings(page).getByRole('region', { name: 'Visitors cannot read it' });
  await read
    .getByRole('button', { name: /Button “Book a crossing”/ })
    .first()
    .click();
  await expect(detail(page)).toContainText('4.5 : 1');
  await expect(detail(page)).toContainText('WCAG 2.2, 1.4.3');
  // It is drawn as it is, and as it would be once repaired.
  const ink = (state: string) =>
    page
      .frameLocator(`iframe[title="Finding ${state}"]`)
      .locator('.button:visible')
      .first()
      .evaluate((button) => getComputedStyle(button).color);
  await expect.poll(() => ink('as it is')).toBe('rgb(148, 58, 22)');
  await expect.poll(() => ink('repaired')).not.toBe('rgb(148, 58, 22)');
  await detail(page).getByRole('button', { name: 'Let its colours follow again' }).click();
  await expect(read).toHaveCount(0);

  const untidy = findings(page).getByRole('region', { name: 'It is untidy' });
  await untidy.getByRole('button', { name: 'Let it follow: all 2' }).click();
  await expect(untidy.getByText(/repeats what the Desktop says/)).toHaveCount(0);
  await saved(page);
  await page.getByRole('button', { name: /^Undo/ }).click();
  await expect(untidy.getByText(/repeats what the Desktop says/)).toHaveCount(2);

  // The way to the very cell.
  await untidy.getByText(/Between pieces on the Tablet repeats/).click();
  await detail(page).getByRole('link', { name: 'Go where it is changed' }).click();
  const sheet = page.getByRole('region', { name: 'Sheet' });
  await expect(sheet).toContainText('Main bar');
  await expect(sheet.locator('[data-cell]:focus')).toHaveAccessibleName(/^Between pieces, Tablet/);
  // What is selected says that something was found about it, and leads back.
  await expect(sheet.getByRole('link', { name: /^\d findings$/ })).toBeVisible();
  await sheet.getByRole('link', { name: /^\d findings$/ }).click();
  await expect(detail(page)).toContainText('Main header, Main bar');
});

test(
  'a finding is left as it is for a reason, which stays, and a report tells of all',
  inAudit,
  async ({ page, request }) => {
    const id = await copyOfDemo(request);
    await page.goto(`/sites/${id}/checks`);
    const heading = findings(page).getByRole('heading', { level: 2 });
    await expect(heading).toHaveText(/^\d+ findings$/);
    const count = Number(/\d+/.exec((await heading.textContent())!)![0]);
    await findings(page)
      .getByRole('button', { name: /^Brand, Buoy/ })
      .click();
    await detail(page).getByLabel('Why it is left as it is').fill('For the summer timetable');
    await page.keyboard.press('Enter');
    const left = findings(page).getByRole('region', { name: 'Left as they are' });
    await expect(left).toContainText('Left, since: For the summer timetable');
    await expect(heading).toHaveText(`${count - 1} findings`);
    await saved(page);
    expect(Object.values((await storedSite(request, id)).site.accepted!)).toEqual([
      'For the summer timetable',
    ]);
    await page.reload();
    await expect(left).toContainText('For the summer timetable');

    const download = page.waitForEvent('download');
    await page.getByLabel('Write a report').click();
    await page.getByTitle('as data (JSON)').click();
    const report = JSON.parse(readFileSync(await (await download).path(), 'utf8')) as {
      findings: { accepted: string | null }[];
    };
    expect(report.findings).toHaveLength(count);
    expect(report.findings.filter(({ accepted }) => accepted !== null)).toHaveLength(1);

    await left.getByRole('button', { name: /^Brand, Buoy/ }).click();
    await detail(page).getByRole('button', { name: 'Look at it again' }).click();
    await expect(left).toHaveCount(0);
    expect((await new AxeBuilder({ page }).analyze()).violations).toEqual([]);
  },
);

test(
  'what harms visitors is counted on the rail while one works elsewhere',
  inAudit,
  async ({ page, request }) => {
    const id = await copyOfDemo(request);
    await edited(request, id, [withoutSailings, { edit: 'placeOnOthers', placing: { header: null } }]);
    await page.goto(`/sites/${id}/pages`);
    const rail = page.getByRole('navigation', { name: 'Screens' });
    await expect(rail.getByRole('link', { name: /^Checks ?\d+ findings$/ })).toBeVisible();
  },
);

test('what else an edit moved is said beside the save mark, each with the way to it; what moved nothing says that', async ({
  page,
  request,
}) => {
  const id = await copyOfDemo(request);
  await page.goto(`/sites/${id}/headers/h-main`);
  const sheet = page.getByRole('region', { name: 'Sheet' });
  await sheet.getByRole('button', { name: /^Above and below, Desktop/ }).waitFor();
  const view = page.frameLocator('iframe[title="Desktop view"]');
  await view.locator('.header .button').first().dblclick();
  const words = page.getByRole('textbox', { name: 'Label, typed in the view' });
  await words.fill('Book a crossing to isles');
  await words.press('Enter');
  const also = page.getByRole('button', { name: /^also: / });
  await expect(also).toBeVisible();
  await also.click();
  const list = page.getByRole('list', { name: 'What else moved' });
  const menu = list.getByRole('link', { name: /^Menu: Main stands [\d.]+ px further left on the Desktop$/ });
  await expect(menu).toBeVisible();
  // The button itself was meant.
  await expect(list.getByRole('link', { name: /^Button.* px (wider|narrower|further)/ })).toHaveCount(0);
  await menu.click();
  await expect(sheet).toContainText('Menu: Main');
  const status = page.getByRole('status').filter({ hasText: 'nothing else moved' });
  await page.getByRole('link', { name: 'Pages', exact: true }).click();
  await page.getByRole('button', { name: /^Tags of Home/ }).click();
  await page.getByRole('textbox', { name: 'Tags of Home' }).fill('small');
  await page.keyboard.press('Enter');
  await expect(status).toBeVisible();
});

test(
  'a finding about a language leads to its column, one about a rule to the rules',
  inAudit,
  async ({ page }) => {
    await page.goto('/sites/hollin-sound/checks');
    const choose = async (name: RegExp) => {
      await findings(page).getByRole('button', { name }).first().click();
      await detail(page).getByRole('link', { name: 'Go where it is changed' }).click();
    };
    await choose(/In Deutsch readers hear/);
    const sheet = page.getByRole('region', { name: 'Sheet' });
    await expect(sheet.locator('[data-cell]:focus')).toHaveAccessibleName(/^Said to readers as, Deutsch/);
    await page.getByRole('link', { name: 'Checks' }).click();
    await choose(/“Strong wind on Thursday…” breaks its line/);
    await expect(sheet.getByRole('radio', { name: 'by fit' })).toBeChecked();
  },
);
