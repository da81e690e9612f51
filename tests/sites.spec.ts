import { expect } from '@playwright/test';
import { copyOfDemo } from './support/site';
import { test } from './support/test';

test('each site is drawn at two widths, with how long ago it was changed; a copy of it is made and removed', async ({
  page,
  request,
}) => {
  const id = await copyOfDemo(request);
  const name = `Drawn ${id.slice(0, 6)}`;
  const edits = [{ edit: 'renameSite', name }];
  const batch = `rename-${id}`;
  const renamed = await request.post(`/api/sites/${id}/edits`, {
    data: { base: 0, group: null, batch, edits },
  });
  expect(renamed.status()).toBe(200);
  await page.goto('/');
  const rows = page.getByRole('table', { name: 'Sites' }).getByRole('row');
  const own = rows.filter({ has: page.getByRole('link', { name, exact: true }) });
  await expect(own.locator('time')).toHaveText(/just now|minutes? ago/);
  await expect(own.locator('time')).toHaveAttribute('title', /at/);
  const widths = await own
    .locator('iframe')
    .evaluateAll((frames) => frames.map((frame) => frame.clientWidth));
  expect(widths).toEqual([1216, 375]);
  const phone = own.frameLocator('iframe').nth(1);
  await expect(phone.locator('.menu-button').first()).toBeAttached();
  // What is drawn runs nothing, and is not there for the keyboard.
  await expect(own.locator('iframe').first()).toHaveAttribute('sandbox', '');
  await own.getByRole('button', { name: `Duplicate ${name}`, exact: true }).click();
  const copy = rows.filter({ has: page.getByRole('link', { name: `${name} copy`, exact: true }) });
  await expect(copy).toHaveCount(1);
  await copy.getByRole('button', { name: /^Remove/ }).click();
  await page.getByRole('button', { name: 'Remove for good' }).click();
  await expect(copy).toHaveCount(0);
  await expect(own).toHaveCount(1);
});

test('a site that is asked for without a name, twice over, or as a copy of none is refused with the reason', async ({
  request,
}) => {
  const asked = async (data: object) => {
    const response = await request.post('/api/sites', { data });
    return [response.status(), (await response.json()).reason];
  };
  const either = expect.stringContaining('either a name or a site that it is a copy of');
  expect(await asked({})).toEqual([422, either]);
  expect(await asked({ name: 'Both', copyOf: 'hollin-sound' })).toEqual([422, either]);
  expect(await asked({ copyOf: 'gone' })).toEqual([404, expect.any(String)]);
});
