import { expect, type Page } from '@playwright/test';
import { unzipSync } from 'fflate';
import { readFileSync } from 'node:fs';
import { someOf } from '../src/sample.test-data';
import { copyOfDemo, makeSite, pick, saved } from './support/site';
import { inAudit, test } from './support/test';

/** Makes a release through the interface. */
async function release(page: Page, number: number, note = '') {
  await page.getByLabel('Note of the release').fill(note);
  await page.getByRole('button', { name: `Make release ${number}` }).click();
  // The files are rendered beside the server, which goes first.
  await expect(page.getByRole('heading', { name: `Release ${number}` })).toBeVisible({ timeout: 120_000 });
}

const host = (page: Page) => page.getByRole('region', { name: 'Practice host' });
const addressOf = async (page: Page) => (await host(page).getByRole('link').textContent())!;

/** Gives an item of the first menu another label, and comes back. */
async function relabel(page: Page, from: string, label: string) {
  await page.getByRole('link', { name: 'Menus' }).click();
  await page
    .getByRole('button', { name: `Label of ${from}: ${from}` })
    .first()
    .click();
  await page.getByRole('textbox', { name: `Label of ${from}` }).fill(label);
  await page.keyboard.press('Enter');
  await saved(page);
  await page.getByRole('link', { name: 'Release', exact: true }).click();
}

/** What is released: the small one of the demo sites, in an audit the large one too, with another header on some of its pages. */
const released = someOf(
  [
    { of: 'orrery-house', item: 'Shows', other: null },
    { of: 'hollin-sound', item: 'Sailings', other: { path: 'basket', header: 'header.plain-header' } },
  ],
  2,
);

for (const { of, item, other } of released)
  test(`${of} is released, published, changed, released again, compared and rolled back, each time as the live site shows it`, async ({
    page,
    context,
  }) => {
    test.slow();
    const id = await copyOfDemo(page.request, of);
    await page.goto(`/sites/${id}/release`);
    await release(page, 1, 'For the harbour office');
    await host(page).getByRole('button', { name: 'Publish release 1' }).click();
    await expect(host(page)).toContainText('Release 1 is live at');
    const address = await addressOf(page);

    const visitor = await context.newPage();
    const problems: string[] = [];
    visitor.on('console', (message) => message.type() === 'error' && problems.push(message.text()));
    const label = async () => {
      await visitor.goto(address);
      return visitor
        .locator('header .menu-link')
        .filter({ hasText: new RegExp(item, 'i') })
        .first()
        .textContent();
    };
    expect(await label()).toContain(item);
    if (other !== null) {
      // A page with another header by a rule, by an address without its ending.
      await visitor.goto(`${address}${other.path}`);
      await expect(visitor.locator(other.header)).toBeVisible();
    }
    expect(problems).toEqual([]);
    const missing = await visitor.goto(`${address}nowhere/at/all`);
    expect(missing!.status()).toBe(404);
    await expect(visitor.getByRole('heading', { name: 'Page not found' })).toBeVisible();
    await visitor.locator('header .logo').first().click();
    await expect(visitor).toHaveURL(`${address}index.html`);

    const changed = `All ${item.toLowerCase()}`;
    await relabel(page, item, changed);
    expect(await label()).not.toContain(changed);
    await release(page, 2);
    await page.getByText('What differs', { exact: true }).click();
    await expect(page.getByRole('row', { name: new RegExp(`item “${changed}”`) })).toContainText('Label');
    await expect(page.getByRole('heading', { name: /of \d+ files differ/ })).toBeVisible();
    await host(page).getByRole('button', { name: 'Publish release 2' }).click();
    await expect(host(page)).toContainText('Release 2 is live at');
    expect(await label()).toContain(changed);

    await page
      .getByRole('list', { name: 'Releases' })
      .getByRole('button', { name: /Release 1/ })
      .click();
    await host(page).getByRole('button', { name: 'Roll back to release 1' }).click();
    await expect(host(page)).toContainText('Release 1 is live at');
    expect(await label()).not.toContain(changed);
    await page.getByRole('button', { name: 'Remove', exact: true }).click();
    await page.getByRole('dialog').getByRole('button', { name: 'Remove' }).click();
    await expect(page.getByText('Release 1 is live. Take it down')).toBeVisible();
    await host(page).getByRole('button', { name: 'Take down' }).click();
    await page.getByRole('dialog').getByRole('button', { name: 'Take down' }).click();
    await expect(host(page)).toContainText('Nothing is live');
    await expect(visitor.goto(address)).rejects.toThrow('ERR_CONNECTION_REFUSED');
  });

test('the archive of a release holds what it froze, whatever is changed since', inAudit, async ({ page }) => {
  const id = await makeSite(page.request, 'Harbour Office');
  const index = async () => (await page.request.get(`/try/${id}/index.html`)).text();
  const before = await index();
  await page.goto(`/sites/${id}/release`);
  await release(page, 1);
  const edits = [{ edit: 'renameSite', name: 'Pilot Office' }];
  const request = { base: 0, batch: 'renamed', edits, group: null };
  expect((await page.request.post(`/api/sites/${id}/edits`, { data: request })).ok()).toBe(true);
  const download = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Download the zip' }).click();
  const archive = unzipSync(readFileSync(await (await download).path()));
  expect((await download).suggestedFilename()).toBe('pilot-office-release-1.zip');
  expect(Buffer.from(archive['index.html']!).toString()).toBe(before);
  expect(await index()).not.toBe(before);
});

test('a page is handed over in parts, which are the very code of its file', async ({ page }) => {
  const id = await copyOfDemo(page.request);
  await page.goto(`/sites/${id}/release`);
  await page.getByText('Parts', { exact: true }).click();
  const code = (part: string) => page.getByRole('region', { name: `Code of ${part}` });
  const lines = (text: string) =>
    text
      .split('\n')
      .map((line) => line.trim())
      .filter(Boolean);
  const file = lines(await (await page.request.get(`/try/${id}/index.html`)).text());
  for (const part of ['Head', 'Header', 'Footer', 'Drawers and signs']) {
    await page.getByRole('button', { name: part, exact: true }).click();
    await expect(code(part)).toBeVisible();
    const own = lines((await code(part).textContent())!);
    expect(own.length).toBeGreaterThan(3);
    const first = file.indexOf(own[0]!);
    // The sheet of what stands in for the content is left out of the head.
    const there = file.slice(first, first + own.length + 1).filter((line) => !line.includes('stand-in.css'));
    expect(there.slice(0, own.length)).toEqual(own);
  }
  await page.getByRole('button', { name: 'Stylesheet', exact: true }).click();
  expect(await code('Stylesheet').textContent()).toBe(
    await (await page.request.get(`/try/${id}/site.css`)).text(),
  );
});

test('a port that is taken is said, and another one is taken instead', inAudit, async ({ page }) => {
  const id = await makeSite(page.request, 'Pilot Office');
  await page.goto(`/sites/${id}/release`);
  await release(page, 1);
  // The application itself listens there.
  await host(page).getByLabel('Port').fill(new URL(page.url()).port);
  await host(page).getByRole('button', { name: 'Publish release 1' }).click();
  await expect(host(page).getByRole('alert')).toContainText('is taken by another program');
  await expect(host(page)).toContainText('Nothing is live');
  await host(page).getByLabel('Port').fill('');
  await host(page).getByRole('button', { name: 'Publish release 1' }).click();
  await expect(host(page)).toContainText('Release 1 is live at');
  await page.request.put(`/api/sites/${id}/hosting`, { data: { release: null } });
});

test(
  'a site is handed over in every form, each with what says what stands where',
  inAudit,
  async ({ page }) => {
    const id = await copyOfDemo(page.request);
    const archive = async (query: string) => {
      const answer = await page.request.get(`/api/sites/${id}/zip${query}`);
      const name = /filename="?([^";]+)/.exec(answer.headers()['content-disposition'] ?? '')?.[1];
      return { name, files: unzipSync(await answer.body()) };
    };
    const expected = [
      ['', 'hollin-sound-ferries.zip', ['index.html', 'de/index.html', 'site.css']],
      [
        '?form=parts',
        'hollin-sound-ferries-parts.zip',
        ['parts/en/head.html', 'places.json', 'page.html', 'site.css'],
      ],
      [
        '?form=react',
        'hollin-sound-ferries-react.zip',
        ['components/index.ts', 'components/main-header.tsx', 'public/site.css'],
      ],
    ] as const;
    for (const [query, called, paths] of expected) {
      const { name, files } = await archive(query);
      expect(name).toBe(called);
      expect(Object.keys(files)).toEqual(expect.arrayContaining(['README.md', ...paths]));
      expect(Buffer.from(files['README.md']!).toString()).toContain('Hollin Sound Ferries');
    }
    expect((await page.request.get(`/api/sites/${id}/zip?form=painting`)).status()).toBe(404);

    await page.goto(`/sites/${id}/release`);
    await page.getByLabel('Form of the zip').click();
    await pick(page, 'React components');
    const download = page.waitForEvent('download');
    await page.getByRole('button', { name: 'Download the zip' }).click();
    expect((await download).suggestedFilename()).toBe('hollin-sound-ferries-react.zip');
  },
);
