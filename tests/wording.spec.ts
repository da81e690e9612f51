import { expect } from '@playwright/test';
import { readFile } from 'node:fs/promises';
import { composeAssembly } from '../src/core/site/compose';
import type { Site } from '../src/core/site/site';
import { makeSite, openCell, saved, storedSite, view } from './support/site';
import { inAudit, test } from './support/test';

/** A site with a header of a search and a button on its one page. */
async function siteWithButton(request: Parameters<typeof makeSite>[0]): Promise<string> {
  const id = await makeSite(request, 'Tern Point');
  const { site } = (await storedSite(request, id)) as unknown as { site: Site };
  const header = composeAssembly(
    { kind: 'headers', name: 'Front', bars: [{ name: 'Row', bays: [[['button', { label: 'Book now' }]]] }] },
    (what) => `front-${what}`,
    site.bands,
  );
  const edits = [
    {
      edit: 'addPages',
      pages: [{ id: 'home', title: 'Home', titles: {}, path: '/', parent: null, tags: [] }],
    },
    { edit: 'addAssembly', in: 'headers', assembly: header },
    { edit: 'placeOnOthers', placing: { header: header.id } },
  ];
  const response = await request.post(`/api/sites/${id}/edits`, {
    data: { base: (await storedSite(request, id)).standing.revision, edits, group: null, batch: 'made' },
  });
  expect(response.ok(), await response.text()).toBe(true);
  return id;
}

test('a site gets a second language, its texts are said in it, and stand on its pages', async ({
  page,
  request,
}) => {
  const id = await siteWithButton(request);
  await page.goto(`/sites/${id}/texts`);
  await expect(page.getByText('The site has one language, English.')).toBeVisible();

  await page.getByRole('link', { name: 'Pages' }).click();
  await page.getByRole('button', { name: /^Languages of the site/ }).click();
  await page.getByRole('textbox', { name: 'Languages of the site' }).fill('en, de');
  await page.keyboard.press('Enter');
  await page.getByRole('button', { name: /^Address of the site/ }).click();
  const address = page.getByRole('textbox', { name: 'Address of the site' });
  await address.fill('tern.example');
  await address.press('Enter');
  await expect(page.getByRole('alert').filter({ hasText: 'is not an address' })).toBeVisible();
  await address.fill('https://tern.example/');
  await address.press('Enter');

  await page.getByRole('link', { name: 'Texts' }).click();
  await expect(
    page.getByRole('status').filter({ hasText: 'Not said yet: 2 texts in Deutsch.' }),
  ).toBeVisible();
  await page.getByText('Not said yet', { exact: true }).click();
  await page.getByRole('button', { name: /Button “Book now”, Label, in Deutsch: Book now/ }).click();
  await page.keyboard.type('Jetzt buchen');
  await page.keyboard.press('Enter');
  await page.getByText('All', { exact: true }).click();
  await page
    .getByRole('button', { name: 'Every page, Close a drawer or a dialog, in Deutsch: Schließen' })
    .click();
  await page.keyboard.type('Zuklappen');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('status').filter({ hasText: 'one text in Deutsch' })).toBeVisible();
  await saved(page);

  const german = await (await request.get(`/try/${id}/de/index.html`)).text();
  expect(german).toContain('Jetzt buchen');
  expect(german).toContain('hreflang="x-default" href="https://tern.example/"');
  expect(await (await request.get(`/try/${id}/index.html`)).text()).toContain('Book now');

  // In the sheet of the piece, beside each other.
  await page.goto(`/sites/${id}/headers/front-assembly`);
  await page.locator('[data-piece]').first().click();
  await page.getByText('by language', { exact: true }).click();
  await openCell(page, 'Label', 'English');
  await page.keyboard.press('Control+A');
  await page.keyboard.type('Book a boat');
  await page.keyboard.press('Enter');
  await expect(view(page, 'Desktop').getByText('Book a boat')).toBeVisible();
  await expect(page.getByRole('button', { name: /^Label, Deutsch: Jetzt buchen/ })).toBeVisible();
  await page.getByRole('button', { name: /^Label, Deutsch/ }).focus();
  await page.keyboard.press('Delete');
  await expect(page.getByRole('button', { name: /^Label, Deutsch: Book a boat/ })).toBeVisible();
});

test(
  'texts are written out, translated elsewhere and read back; what cannot be read is said before anything changes',
  inAudit,
  async ({ page, request }) => {
    const id = await siteWithButton(request);
    const base = (await storedSite(request, id)).standing.revision;
    await request.post(`/api/sites/${id}/edits`, {
      data: { base, edits: [{ edit: 'setLanguages', languages: ['en', 'de'] }], group: null, batch: 'two' },
    });
    await page.goto(`/sites/${id}/texts`);
    const download = page.waitForEvent('download');
    await page.getByRole('button', { name: 'Write out as CSV' }).click();
    const written = await readFile(await (await download).path(), 'utf8');
    const translated = written
      .replace(/^(pages\.home\.title,.*),$/m, '$1,Anfang')
      .replace(/^(headers\..*\.label,.*),$/m, '$1,Buchen');
    expect(translated).not.toBe(written);

    await page.getByRole('button', { name: 'Read texts…' }).click();
    const dialog = page.getByRole('dialog', { name: 'Read texts' });
    await dialog.getByRole('textbox').fill(`${translated}gone.key,Page,Title,A,B\n`);
    await expect(dialog.getByText('The site has no text “gone.key”.')).toBeVisible();
    await expect(dialog.getByRole('button', { name: 'Change 2 texts' })).toBeDisabled();
    await dialog.getByRole('textbox').fill(translated);
    await dialog.getByRole('button', { name: 'Change 2 texts' }).click();
    await expect(dialog).toBeHidden();
    await expect(page.getByText('Every text stands in every language.')).toBeVisible();
    await saved(page);
    const pages = (await storedSite(request, id)).site.pages as Record<string, { titles: object }>;
    expect(pages.home!.titles).toEqual({ de: 'Anfang' });
    // All of it is one step back.
    await page.getByRole('button', { name: 'Undo' }).click();
    await expect(page.getByRole('status').filter({ hasText: 'Not said yet: 2 texts' })).toBeVisible();
  },
);
