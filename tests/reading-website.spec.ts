import { readFileSync } from 'node:fs';
import path from 'node:path';
import type { Site } from '../src/core/site/site';
import { expect, type Page } from '@playwright/test';
import { strToU8, zipSync } from 'fflate';
import { makeSite, saved } from './support/site';
import { inAudit, test } from './support/test';

const html = (title: string, body: string, head = '') =>
  `<!doctype html><html lang="en"><head><title>${title}</title>${head}</head><body>${body}</body></html>`;
const home = html(
  'Home – Alder Quay',
  `<header><a href="/"><img src="art/quay.svg" alt="Alder Quay"></a>
<nav aria-label="Main"><ul><li><a href="boats.html">Boats</a></li><li><a href="prices.html">Prices</a></li></ul></nav></header>
<footer><form action="/news"></form><h3>Visit</h3><ul><li><a href="way.html">The way here</a></li></ul>
<h3>Legal</h3><ul><li><a href="imprint.html">Imprint</a></li></ul><p>© Alder Quay</p></footer>`,
  '<style>body { background: #fbf6ea; color: #1d2b33 } a { color: #0b5d5a }</style>',
);

const opened = async (page: Page, name: string) => {
  const id = await makeSite(page.request, name);
  await page.goto(`/sites/${id}/begin`);
  await page.getByRole('button', { name: 'Read a website…' }).click();
  return id;
};
const document = async (page: Page, id: string) =>
  ((await (await page.request.get(`/api/sites/${id}/site-file`)).json()) as { site: Site }).site;

test('a page is pasted, what is ticked of it becomes a header and a footer, and undo takes it back', async ({
  page,
}) => {
  const id = await opened(page, 'Alder Quay');
  const before = await document(page, id);
  await page.getByRole('dialog').getByRole('textbox').fill(home);
  const understood = page.getByRole('list', { name: 'parts understood' });
  await expect(understood.getByRole('listitem')).toHaveText([
    /Name: Alder Quay/,
    /Languages: English/,
    /Logo “Alder Quay”/,
    /Menu “Main” of the header, 2 items/,
    /Menu “Visit” of the footer, one item/,
    /Menu “Legal” of the footer, one item/,
    /Rights: © Alder Quay/,
    /Ground: #fbf6ea/,
    /Ink: #1d2b33/,
    /Accent: #0b5d5a/,
  ]);
  await expect(page.getByRole('list', { name: 'Not understood' })).toContainText('A form is not read.');
  await expect(page.getByRole('list', { name: 'Not as it says' })).toContainText('quay.svg');
  await understood.getByRole('checkbox', { name: /Legal/ }).uncheck();
  await understood.getByRole('checkbox', { name: /Ink/ }).uncheck();
  await page.getByRole('button', { name: 'Take in 8 parts' }).click();
  await expect(page).toHaveURL(new RegExp(`/sites/${id}/headers`));
  await saved(page);

  const after = await document(page, id);
  const paths = after.pageOrder.map((each) => after.pages[each]!.path);
  expect(paths).toEqual(['/', '/boats', '/prices', '/way']);
  expect(after.brand.colours.ground!.value).toEqual({ css: '#fbf6ea' });
  expect(after.brand.colours.ink).toEqual(before.brand.colours.ink);
  // The header and the footer stand on the pages of the site.
  const index = await (await page.request.get(`/try/${id}/index.html`)).text();
  for (const said of ['boats.html', 'prices.html', 'way.html', '© Alder Quay']) expect(index).toContain(said);

  await page.getByRole('button', { name: 'Undo' }).click();
  await expect.poll(async () => (await document(page, id)).pageOrder).toEqual([]);
  expect(await document(page, id)).toEqual(before);
});

test('a folder of pages comes as a zip, with its titles and its logo', inAudit, async ({ page }) => {
  const id = await opened(page, 'Alder Quay');
  const picture = readFileSync(path.join(import.meta.dirname, '../src/app/icon.svg'), 'utf8');
  const files = {
    'quay/index.html': home,
    'quay/boats.html': html('Boats for everybody – Alder Quay', ''),
    'quay/art/quay.svg': picture,
  };
  const zip = zipSync(Object.fromEntries(Object.entries(files).map(([name, text]) => [name, strToU8(text)])));
  await page.getByLabel('File to read').setInputFiles({
    name: 'quay.zip',
    mimeType: 'application/zip',
    buffer: Buffer.from(zip),
  });
  await expect(page.getByRole('list', { name: 'parts understood' })).toContainText('one page of the folder');
  await expect(page.getByRole('list', { name: 'Not as it says' })).toBeHidden();
  await page.getByRole('button', { name: /^Take in/ }).click();
  await expect
    .poll(async () => (await document(page, id)).brand.logo.full, { timeout: 20_000 })
    .not.toBeNull();
  const after = await document(page, id);
  expect(Object.values(after.pages)).toContainEqual(
    expect.objectContaining({ title: 'Boats for everybody' }),
  );
  expect(Object.values(after.artwork)).toContainEqual(expect.objectContaining({ alt: 'Alder Quay' }));

  // A site that has pages reads on from there.
  await page.goto(`/sites/${id}/pages`);
  await page.getByRole('button', { name: 'Read a website…' }).click();
  await page.getByLabel('File to read').setInputFiles({
    name: 'torn.zip',
    mimeType: 'application/zip',
    buffer: Buffer.from(zip.slice(0, 200)),
  });
  await expect(page.getByRole('list', { name: 'Not understood' })).toContainText(
    'It is no zip that can be read',
  );
  await expect(page.getByRole('button', { name: /^Take in/ })).toBeDisabled();
});
