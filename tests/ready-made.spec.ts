import { expect, type APIRequestContext } from '@playwright/test';
import type { Site } from '../src/core/site/site';
import { copyOfDemo, saved, view } from './support/site';
import { inAudit, test } from './support/test';

let id: string;

test.beforeEach(async ({ request }) => {
  id = await copyOfDemo(request);
});

const stored = async (request: APIRequestContext): Promise<Site> =>
  (await (await request.get(`/api/sites/${id}/site-file`)).json()).site;
const menuOf = (site: Site) =>
  Object.values(site.headers['h-main']!.pieces).find(({ values }) => values.menu?.desktop === 'm-main')!;

test('a ready-made drawer is opened in the place of another one, with one click', async ({
  page,
  request,
}) => {
  await page.goto(`/sites/${id}/drawers`);
  await page.getByRole('button', { name: 'Main drawer', exact: true }).first().click();
  await page.getByRole('menuitem', { name: 'Open a ready-made one in its place…' }).click();
  const gallery = page.getByRole('dialog', { name: 'Begin a drawer' });
  await expect(gallery.getByRole('listitem')).toHaveCount(9);
  await expect(gallery.getByRole('listitem').first().getByRole('button')).toBeFocused();
  await gallery.getByRole('button', { name: /^Unfolding list/ }).click();
  await expect(gallery).toBeHidden();
  const drawer = view(page, 'Phone').getByRole('dialog');
  await expect(drawer.getByRole('button', { name: 'Routes: more' })).toBeVisible();
  await expect(page.getByRole('region', { name: 'Before it scrolls' })).toContainText('Small phone');
  await expect(page.getByRole('region', { name: 'Before it scrolls' })).toContainText(
    /room for|scrolls|full/,
  );
  await saved(page);
  const site = await stored(request);
  const made = Object.values(site.drawers).find(({ name }) => name === 'Unfolding list')!;
  expect(menuOf(site).values.opens).toEqual({ all: made.id });
  expect(Object.keys(site.drawers)).toContain('d-main');
});

test(
  'a form of drop-downs is put in with one click, is seen in the view, and taken back by undo',
  inAudit,
  async ({ page, request }) => {
    await page.goto(`/sites/${id}/headers`);
    const ruler = page.getByRole('region', { name: 'Ruler' });
    await expect(ruler.getByRole('list', { name: 'Drop-downs' })).toContainText('6 drop-downs');
    const plan = page.getByRole('region', { name: 'Plan', exact: true });
    await plan.getByRole('button', { name: 'Menu: Main' }).click();
    const before = menuOf(await stored(request)).values;
    await page.getByRole('button', { name: 'Forms of drop-downs…' }).click();
    await page.getByRole('button', { name: /^Band below the bar/ }).click();
    await page.getByRole('combobox', { name: 'Drop-down that is shown open' }).click({ force: true });
    await page.locator('.ant-select-item-option').filter({ hasText: 'Routes' }).first().click();
    const panel = view(page, 'Desktop').locator('.header .menu-below').filter({ visible: true });
    await expect(panel).toContainText('Island hopper');
    // From edge to edge of the page in the view.
    await expect
      .poll(() => panel.evaluate((each) => [each.getBoundingClientRect().x, each.clientWidth - innerWidth]))
      .toEqual([0, 0]);
    await saved(page);
    expect(menuOf(await stored(request)).values).toMatchObject({ panelWidth: { desktop: 'bar' } });
    await page.getByRole('button', { name: /^Undo/ }).click();
    await saved(page);
    expect(menuOf(await stored(request)).values).toEqual(before);
  },
);

test(
  'what visitors would meet in a drawer is told: one that nothing opens, one that cannot be closed by touch',
  inAudit,
  async ({ page }) => {
    await page.goto(`/sites/${id}/drawers`);
    await page.getByRole('button', { name: 'Main drawer', exact: true }).first().click();
    await page.getByRole('menuitem', { name: 'New drawer…' }).click();
    await page.getByRole('dialog', { name: 'Begin a drawer' }).getByRole('button', { name: /Empty/ }).click();
    const told = page.getByRole('list', { name: 'What visitors would meet' });
    await expect(told).toHaveText('Nothing on any page opens it.');
    await page
      .getByRole('region', { name: 'Plan', exact: true })
      .getByRole('button', { name: 'Close button' })
      .click();
    await page.keyboard.press('Delete');
    await expect(told).toContainText('It has no close button');
  },
);
