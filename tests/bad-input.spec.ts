import { expect } from '@playwright/test';
import { SITE_VERSION } from '../src/core/site/site';
import { someOf } from '../src/sample.test-data';
import { inAudit, test } from './support/test';
import { copyOfDemo, makeSite, storedSite } from './support/site';

test.describe('a list of pages', () => {
  for (const [what, text, message] of someOf(
    [
      [
        'a path twice',
        'Home  /\nRooms  /rooms\nMore rooms  /Rooms',
        'Line 3: “/Rooms” already stands in line 2.',
      ],
      ['an impossible path', 'Home  /\nRooms  /rooms?x=1', 'Line 2: “/rooms?x=1” holds a character'],
      ['a sitemap that is not XML', '<urlset>\n<url>', 'This is not XML'],
      ['an index of sitemaps', '<sitemapindex></sitemapindex>', 'index of sitemaps'],
    ] as const,
    4,
  )) {
    test(`${what} is named with its line, and nothing is stored`, async ({ page, request }) => {
      const id = await makeSite(request, 'Wrong lists');
      await page.goto(`/sites/${id}/pages`);
      await page.getByRole('button', { name: 'Add pages…' }).click();
      await page.getByLabel(/One page a line/).fill(text);
      await expect(page.getByRole('list', { name: 'Problems' })).toContainText(message);
      await expect(page.getByRole('button', { name: /^Add \d+ pages?$/ })).toBeDisabled();
      expect((await storedSite(request, id)).standing.revision).toBe(0);
    });
  }

  test('a sitemap file is read and nested', inAudit, async ({ page, request }) => {
    const id = await makeSite(request, 'From a sitemap');
    await page.goto(`/sites/${id}/pages`);
    await page.getByRole('button', { name: 'Add pages…' }).click();
    const xml =
      '<urlset><url><loc>https://example.com/</loc></url><url><loc>https://example.com/a/b</loc></url><url><loc>https://example.com/a</loc></url></urlset>';
    await page
      .getByLabel('File to read')
      .setInputFiles({ name: 'sitemap.xml', mimeType: 'text/xml', buffer: Buffer.from(xml) });
    await page.getByRole('button', { name: 'Add 3 pages' }).click();
    await expect(page.getByRole('button', { name: 'Path of B: /a/b' })).toBeVisible();
  });

  test('the lines that were understood are kept where one says so', inAudit, async ({ page, request }) => {
    const id = await makeSite(request, 'Half a list');
    await page.goto(`/sites/${id}/pages`);
    await page.getByRole('button', { name: 'Add pages…' }).click();
    await page.getByLabel(/One page a line/).fill('Home  /\nRooms  /rooms?x=1\nVisit  /visit');
    await expect(page.getByRole('button', { name: 'Add 2 pages' })).toBeDisabled();
    await page.getByLabel(/Leave out what was not understood/).check();
    await page.getByRole('button', { name: 'Add 2 pages' }).click();
    await expect(page.getByRole('button', { name: 'Path of Visit: /visit' })).toBeVisible();
  });
});

test.describe('a site file', () => {
  for (const [what, change, message] of someOf(
    [
      [
        'a newer version',
        (json: { site: { version: number } }) => void (json.site.version = 99),
        `site.version: is 99; this application reads version ${SITE_VERSION}.`,
      ],
      [
        'a missing reference',
        (json: { site: { menus: Record<string, unknown> } }) => void delete json.site.menus['m-footer'],
        'points to a menu that is not there (m-footer)',
      ],
      [
        'a script in a link',
        (json: { site: { menus: Record<string, { items: Record<string, { link: unknown }> }> } }) =>
          void (Object.values(json.site.menus['m-main']!.items)[0]!.link = {
            to: 'address',
            address: 'javascript:alert(1)',
          }),
        'A link may not use javascript:',
      ],
    ] as const,
    3,
  )) {
    test(`with ${what} is refused with the place inside it, and nothing is stored`, async ({
      page,
      request,
    }) => {
      const json = await (await request.get('/api/sites/hollin-sound/site-file')).json();
      (change as (json: unknown) => void)(json);
      await page.goto('/');
      const before = await page
        .getByRole('table', { name: 'Sites' })
        .getByRole('row')
        .filter({ hasText: 'Refused' })
        .count();
      json.site.name = 'Refused';
      await page.getByLabel('Site file').setInputFiles({
        name: 'x.gable.json',
        mimeType: 'application/json',
        buffer: Buffer.from(JSON.stringify(json)),
      });
      await expect(page.getByRole('alert').filter({ hasText: message })).toBeVisible();
      await page.reload();
      await expect(
        page.getByRole('table', { name: 'Sites' }).getByRole('row').filter({ hasText: 'Refused' }),
      ).toHaveCount(before);
    });
  }

  test('comes back without loss', inAudit, async ({ page, request }) => {
    const id = await copyOfDemo(request);
    await page.goto('/');
    const text = await (await request.get(`/api/sites/${id}/site-file`)).text();
    await page
      .getByLabel('Site file')
      .setInputFiles({ name: 'x.gable.json', mimeType: 'application/json', buffer: Buffer.from(text) });
    await expect(page).toHaveURL(/\/sites\/[\w-]+\/pages$/);
    const opened = /sites\/([^/]+)\//.exec(page.url())![1]!;
    const again = await (await request.get(`/api/sites/${opened}/site-file`)).text();
    expect(again.replace(opened, id)).toBe(text);
  });
});

test('requests that make no sense are answered with a sentence, and change nothing', async ({ request }) => {
  const id = await copyOfDemo(request);
  const edits = `/api/sites/${id}/edits`;
  const body = { base: 0, group: null, batch: 'b' };
  const cases: [number, Parameters<typeof request.post>[1]][] = [
    [415, { data: 'x', headers: { 'content-type': 'text/plain' } }],
    [400, { data: Buffer.from('{'), headers: { 'content-type': 'application/json' } }],
    [422, { data: { ...body, edits: [] } }],
    [422, { data: { ...body, edits: [{ edit: 'explode' }] } }],
    [422, { data: { ...body, edits: [{ edit: 'renameSite', name: '' }] } }],
    [409, { data: { ...body, base: 12, edits: [{ edit: 'renameSite', name: 'Ahead' }] } }],
  ];
  for (const [status, options] of cases) {
    const response = await request.post(edits, options);
    expect(response.status()).toBe(status);
    expect((await response.json()).reason).toMatch(/\w{3}/);
  }
  expect(
    (
      await request.post('/api/sites/nobody/edits', {
        data: { ...body, edits: [{ edit: 'renameSite', name: 'X' }] },
      })
    ).status(),
  ).toBe(404);
  expect((await storedSite(request, id)).standing.revision).toBe(0);
});
