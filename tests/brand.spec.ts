import { readFileSync } from 'node:fs';
import { expect, type Page } from '@playwright/test';
import { inAudit, test } from './support/test';
import { copyWithoutRules, openCell, pick, saved, view, listedFiles } from './support/site';

let id: string;

test.beforeEach(async ({ page, request }) => {
  id = await copyWithoutRules(request);
  await page.goto(`/sites/${id}/brand`);
});

/** Types into a cell of a table that is edited in place. */
async function type(page: Page, label: string, text: string) {
  await page.getByRole('button', { name: new RegExp(`^${label}:`) }).click();
  await page.getByRole('textbox', { name: label }).fill(text);
  await page.keyboard.press('Enter');
}

test('a colour is changed, in any CSS syntax, and the contrast and the site follow', async ({ page }) => {
  const contrast = page.getByRole('table', { name: 'Contrast of colours against each other' });
  const onGround = (name: string) => contrast.getByTitle(new RegExp(`^${name} on Ground: `));
  await expect(onGround('Muted ink')).toContainText('● 5.7');
  await type(page, 'Value of Muted ink', 'oklch(80% 0.02 220)');
  await expect(onGround('Muted ink')).toContainText('○ 1.8');
  await type(page, 'Value of Muted ink', 'Deep water');
  await expect(onGround('Muted ink')).toContainText('● 11.1');
  await type(page, 'Value of Deep water', 'rgb(0 0 0)');
  await expect(onGround('Muted ink')).toContainText('● 20.8');
  await page.getByRole('link', { name: 'Headers' }).click();
  await expect(view(page, 'Desktop').locator('.main-header-notice-bar')).toHaveCSS(
    'background-color',
    'rgb(0, 0, 0)',
  );
});

test('what is no colour, or a ring of colours, is refused in place', inAudit, async ({ page }) => {
  await type(page, 'Value of Ink', 'bluish');
  await expect(page.getByRole('alert').filter({ hasText: '“bluish” is not a CSS colour' })).toBeVisible();
  await page.keyboard.press('Escape');
  await type(page, 'Value of Foam', 'Soft ground');
  await expect(page.getByRole('alert').filter({ hasText: 'is the same as itself in the end' })).toBeVisible();
});

test(
  'a fluid size shows its clamp, and the text of the menu has it at every width',
  inAudit,
  async ({ page }) => {
    await page.getByRole('button', { name: 'Nav label' }).click();
    await openCell(page, 'Size', 'Desktop');
    await page.getByRole('textbox', { name: 'Size, Desktop' }).fill('13 px at 900, 18 px at 1440');
    await page.keyboard.press('Enter');
    await expect(page.getByText('clamp(0.8125rem, 0.2917rem + 0.9259vw, 1.125rem)')).toBeVisible();
    await expect(
      page.getByRole('img', { name: 'Size of Nav label over the width of the viewport' }),
    ).toBeVisible();
    await saved(page);
    const visitor = await page.context().newPage();
    await visitor.goto(`/try/${id}/index.html`);
    const size = () =>
      visitor
        .getByRole('link', { name: 'Sailings', exact: true })
        .first()
        .evaluate((link) => parseFloat(getComputedStyle(link).fontSize));
    for (const [width, expected] of [
      [1440, 18],
      [1170, 15.5],
      [1024, 14.148],
    ] as const) {
      await visitor.setViewportSize({ width, height: 700 });
      expect(Math.abs((await size()) - expected)).toBeLessThan(0.02);
    }
  },
);

test('lengths are offered in steps of the spacing, and may be typed in steps', inAudit, async ({ page }) => {
  await openCell(page, 'Spacing step', 'every width');
  await page.getByRole('textbox', { name: 'Spacing step, every width' }).fill('10');
  await page.keyboard.press('Enter');
  await openCell(page, 'Side gutter', 'Phone');
  const offered = page.getByRole('group', { name: 'steps of 10 px' });
  await expect(offered.getByRole('button')).toHaveText(['0', '5', '10', '15', '20', '30', '40', '60', '80']);
  const field = page.getByRole('textbox', { name: 'Side gutter, Phone' });
  await field.fill('3 steps');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('button', { name: 'Side gutter, Phone: 30 px, set here' })).toBeVisible();
});

test('a token is added, used, and removed with what is used instead', inAudit, async ({ page }) => {
  await page.getByRole('button', { name: 'Add a corner radius' }).click();
  await type(page, 'Value of Corner radius 1', '12');
  await saved(page);
  await page.getByRole('link', { name: 'Headers' }).click();
  await page
    .getByRole('region', { name: 'Plan', exact: true })
    .getByRole('button', { name: /^Button/ })
    .click();
  await openCell(page, 'Corners', 'Desktop');
  await pick(page, 'Corner radius 1');
  const button = view(page, 'Desktop').locator('header .button');
  await expect(button).toHaveCSS('border-radius', '12px');
  await page.getByRole('link', { name: 'Brand' }).click();
  await page.getByRole('button', { name: 'Remove Corner radius 1' }).click();
  const dialog = page.getByRole('dialog');
  await expect(dialog).toContainText('header “Main header”, Button “Book a crossing”');
  await dialog.getByRole('combobox', { name: 'What is used instead' }).click();
  await pick(page, 'Round');
  await dialog.getByRole('button', { name: 'Remove it' }).click();
  await page.getByRole('link', { name: 'Headers' }).click();
  await expect(button).toHaveCSS('border-radius', '999px');
});

test(
  'an uploaded font is read for its weight, and ships with the site; one that is none is refused',
  inAudit,
  async ({ page, request }) => {
    const field = page.getByLabel('Font file');
    await field.setInputFiles({
      name: 'fake.woff2',
      mimeType: 'font/woff2',
      buffer: Buffer.from('not a font at all'),
    });
    await expect(page.getByText('“fake.woff2” is not a font that can be read')).toBeVisible();
    await field.setInputFiles({ name: 'large.ttf', mimeType: 'font/ttf', buffer: Buffer.alloc(5 * 1048576) });
    await expect(page.getByText('“large.ttf” has 5 MB; at most 4 MB are taken here.')).toBeVisible();
    const bytes = readFileSync('node_modules/@fontsource/literata/files/literata-latin-700-italic.woff2');
    await field.setInputFiles({ name: 'own.woff2', mimeType: 'font/woff2', buffer: bytes });
    await expect(page.getByRole('table', { name: 'Fonts' })).toContainText('700 italic (WOFF2');
    await page.getByRole('button', { name: 'Nav label' }).click();
    await openCell(page, 'Family', 'every width');
    await pick(page, '(uploaded)');
    await saved(page);
    const files = await listedFiles(request, id);
    const font = files.find(({ path }) => /^fonts\/literata.*-700-italic-.*\.woff2$/.test(path))!;
    expect(font.bytes).toBe(bytes.length);
    expect(await (await request.get(`/try/${id}/site.css`)).text()).toContain(font.path);
  },
);

test(
  'artwork is uploaded, warned of where it is too small, and a version of the logo',
  inAudit,
  async ({ page }) => {
    const png = Buffer.from(
      'iVBORw0KGgoAAAANSUhEUgAAABAAAAAICAIAAAB/FOjAAAAACXBIWXMAAAPoAAAD6AG1e1JrAAAAFUlEQVQYlWMwTjtDEmIY1ZBGg1ACAGcAsoGE8gG2AAAAAElFTkSuQmCC',
      'base64',
    );
    const upload = (name: string, buffer: Buffer) =>
      page.getByLabel('Artwork file').setInputFiles({ name, mimeType: 'image/png', buffer });
    await upload(
      'wrong.svg',
      Buffer.from(
        '<svg xmlns="http://www.w3.org/2000/svg" width="9" height="9"><script>alert(1)</script></svg>',
      ),
    );
    await expect(page.getByText('This SVG holds a <script> element')).toBeVisible();
    await upload('huge.png', Buffer.alloc(3 * 1048576));
    await expect(page.getByText('“huge.png” has 3 MB; at most 2 MB are taken here.')).toBeVisible();
    await upload('tiny.png', png);
    const row = page.getByRole('table', { name: 'Artwork' }).getByRole('row').filter({ hasText: 'tiny' });
    await expect(row).toContainText('PNG 16 × 8');
    await expect(row).toContainText('8 × 4');
    await page.getByRole('combobox', { name: 'Logo, full', exact: true }).click();
    await pick(page, 'tiny');
    await expect(row).toContainText('Too small: it is shown 44 px high, and is sharp up to 4 px');
  },
);

test(
  'the brand is written as design tokens and read back; what they would change is said first',
  inAudit,
  async ({ page }) => {
    const download = page.waitForEvent('download');
    await page.getByRole('button', { name: 'Write tokens' }).click();
    const file = await (await download).path();
    await type(page, 'Value of Ink', '#ff0000');
    await page.getByRole('button', { name: 'Read tokens…' }).click();
    await page.getByLabel('File to read').setInputFiles(file);
    const found = page.getByRole('list', { name: 'tokens understood' });
    await expect(found.getByRole('listitem').filter({ hasText: 'changed' })).toHaveText([
      'Ink colour, changed',
    ]);
    await page.getByRole('button', { name: /^Add \d+ tokens$/ }).click();
    await expect(page.getByRole('button', { name: 'Value of Ink: #16303f' })).toBeVisible();
  },
);
