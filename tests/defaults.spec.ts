import { expect } from '@playwright/test';
import { addPiece, makeSite, pick, saved, storedSite } from './support/site';
import { inAudit, test } from './support/test';

let id: string;
test.beforeEach(async ({ request }) => {
  id = await makeSite(request, 'Heron Yard');
});

const mark =
  '<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 90 30"><rect width="90" height="30"/></svg>';
const svg = (name: string, text = mark) => ({
  name,
  mimeType: 'image/svg+xml',
  buffer: Buffer.from(text),
});

test(
  'the first artwork becomes the logo, and logos take a first compact one on the phone',
  inAudit,
  async ({ page, request }) => {
    await page.goto(`/sites/${id}/headers`);
    await addPiece(page, 'Main bar, start', 'Logo');
    // Where it is missed, it can be added.
    const chooser = page.waitForEvent('filechooser');
    await page.getByRole('button', { name: 'Add a logo…' }).click();
    await (await chooser).setFiles(svg('sign.svg'));
    await expect(page.getByRole('button', { name: 'Add a logo…' })).toBeHidden();
    await expect(page.getByRole('button', { name: 'Version, Phone: compact, set here' })).toBeVisible();
    await saved(page);

    await page.goto(`/sites/${id}/brand`);
    const logo = (version: string) => page.getByRole('combobox', { name: `Logo, ${version}`, exact: true });
    await page.getByLabel('Artwork file').setInputFiles(svg('small.svg', mark.replaceAll('90', '30')));
    await logo('compact').click();
    await pick(page, 'small');
    await saved(page);
    const { site } = await storedSite(request, id);
    expect(site.brand).toMatchObject({ logo: { full: expect.any(String), compact: expect.any(String) } });
  },
);

test('an empty header begins with a ready-made one, which takes its place on the pages', async ({
  page,
  request,
}) => {
  await page.goto(`/sites/${id}/headers`);
  await page.getByRole('button', { name: 'Begin with a ready-made header…' }).click();
  await page.getByRole('button', { name: /Strip and main row/ }).click();
  await expect(page.locator('[data-piece]').filter({ hasText: 'Social links' })).toBeVisible();
  await expect(page.getByText('stands on every page')).toBeVisible();
  await expect(page.getByRole('button', { name: 'Begin with a ready-made header…' })).toBeHidden();
  await saved(page);
  const { site } = await storedSite(request, id);
  expect(Object.values(site.headers!)).toEqual([expect.objectContaining({ name: 'Strip and main row' })]);
  expect(Object.values(site.menus!).map(({ name }: { name: string }) => name)).toContain('Social links');
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect.poll(async () => Object.keys((await storedSite(request, id)).site.menus!)).toEqual([]);
});
