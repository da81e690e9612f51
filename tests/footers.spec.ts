import { expect, type Page } from '@playwright/test';
import type { Site } from '../src/core/site/site';
import { addPiece, copyOfDemo, makeSite, openCell, pick, saved, storedSite, view } from './support/site';
import { demo, demoDb } from './support/demo-sites';
import { visitHandedOver } from './support/handed-over';
import { inAudit, test } from './support/test';

/** The footer of a copy of the demo as visitors meet it. */
async function visit(page: Page, width = 1280): Promise<string> {
  const id = await copyOfDemo(page.request);
  await page.setViewportSize({ width, height: 800 });
  await page.goto(`/try/${id}/index.html`);
  await page.evaluate(() => document.fonts.ready);
  return id;
}

const footer = (page: Page) => page.locator('footer');

test('a newsletter is answered in place: sent, known already, not an address, no answer', async ({
  page,
}) => {
  await visit(page);
  const form = footer(page).locator('form');
  const [field, go, said] = [
    form.getByLabel('The tide letter, once a month'),
    form.getByRole('button', { name: 'Subscribe' }),
    form.getByRole('status'),
  ];
  await field.fill('reader@example.com');
  await go.click();
  // What has to be agreed to is asked for by the browser.
  await expect(said).toBeEmpty();
  await form.getByRole('checkbox').check();
  await go.click();
  await expect(said).toHaveText('Thank you. Please look into your mail.');
  await expect(field).toHaveValue('');
  for (const [address, answer] of [
    ['known@example.com', 'This address has the newsletter already.'],
    ['reader@harbour', 'This cannot be an e-mail address. It looks like name@example.com.'],
    ['silent@example.com', 'There was no answer. Please try again later.'],
  ] as const) {
    await field.fill(address);
    await form.getByRole('checkbox').check();
    await go.click();
    await expect(said).toHaveText(answer);
    await expect(field).toHaveValue(address);
    await expect(field).toBeFocused();
  }
});

test('with scripts off a newsletter is a plain form, and lists stand open', async ({ browser, page }) => {
  const id = await copyOfDemo(page.request);
  const context = await browser.newContext({
    javaScriptEnabled: false,
    viewport: { width: 375, height: 700 },
    baseURL: new URL((await page.request.get('/')).url()).origin,
  });
  const plain = await context.newPage();
  await plain.goto(`/try/${id}/index.html`);
  await expect(plain.locator('footer').getByRole('link', { name: 'Newsroom' })).toBeVisible();
  await plain.locator('footer').getByLabel('The tide letter, once a month').fill('known@example.com');
  await plain.locator('footer').getByRole('checkbox').check();
  await plain.locator('footer').getByRole('button', { name: 'Subscribe' }).click();
  await expect(plain.getByText('This address is known already.')).toBeVisible();
  await context.close();
});

test('on the phone headings are buttons that open their lists, one at a time; on wide windows they are headings', async ({
  page,
}) => {
  await visit(page, 375);
  const list = footer(page).getByRole('navigation', { name: 'Footer' });
  const link = list.getByRole('link', { name: 'Newsroom' });
  await expect(link).toBeHidden();
  await list.getByRole('button', { name: 'Company' }).click();
  await expect(link).toBeVisible();
  expect((await link.boundingBox())!.height).toBeGreaterThanOrEqual(44);
  await list.getByRole('button', { name: 'Help' }).click();
  await expect(link).toBeHidden();
  await expect(list.getByRole('link', { name: 'Lost property' })).toBeVisible();
  await page.setViewportSize({ width: 1280, height: 800 });
  await expect(link).toBeVisible();
  await expect(list.getByRole('button')).toHaveCount(0);
  for (const name of ['Sailings', 'Fares & tickets', 'Help', 'Company'])
    await expect(list.getByRole('heading', { level: 2, name, exact: true })).toBeVisible();
});

test(
  'an address can be called and written to, its short words are explained, and today is marked',
  inAudit,
  async ({ page }) => {
    await visit(page);
    const at = footer(page).locator('address');
    await expect(at.getByRole('link', { name: '01632 960 117' })).toHaveAttribute(
      'href',
      'tel:+441632960117',
    );
    await expect(at.getByRole('link', { name: 'crew@hollin-sound.example' })).toHaveAttribute(
      'href',
      'mailto:crew@hollin-sound.example',
    );
    await expect(at.locator('abbr').first()).toHaveAttribute('title', 'Telephone');
    const day = await page.evaluate(() => (new Date().getDay() + 6) % 7);
    const row = day < 5 ? 'Mon–Fri' : day === 5 ? 'Sat' : 'Sun';
    await expect(at.locator('dt[aria-current="date"]')).toHaveText(row);
    await expect(at.locator('[aria-current="date"]')).toHaveCount(2);
    const data = JSON.parse((await at.locator('script').first().textContent())!);
    expect(data).toMatchObject({
      '@type': 'Organization',
      name: 'Ferry House',
      address: 'Quay 2, Port Hollin',
      telephone: '+44 1632 960117',
    });
  },
);

test('columns of a footer line up with each other and with the edges of the header, width by width', async ({
  page,
}) => {
  await visit(page);
  for (let width = 320; width <= 1920; width += 80) {
    await page.setViewportSize({ width, height: 800 });
    const seen = () =>
      page.evaluate(() => {
        const left = (at: string) => document.querySelector(at)!.getBoundingClientRect().left;
        const logo = left('header .logo');
        const away = (at: string) => Math.round(2 * (left(at) - logo)) / 2;
        return {
          away: ['footer .links', 'footer .address', 'footer .language'].map(away),
          scrolls: document.documentElement.scrollWidth > innerWidth,
        };
      });
    // The logo of a width has to come first.
    await expect.poll(seen, `at ${width} px`).toEqual({ away: [0, 0, 0], scrolls: false });
  }
});

test(
  'a footer begins with a ready-made one, what stands on it follows another ground, and undo takes it back',
  inAudit,
  async ({ page }) => {
    const id = await makeSite(page.request, 'Bare');
    await page.goto(`/sites/${id}/footers`);
    await page.getByRole('button', { name: 'Begin with a ready-made footer…' }).click();
    const gallery = page.getByRole('dialog', { name: 'Begin a footer' });
    await expect(gallery.getByRole('button')).toHaveCount(14);
    await gallery.getByRole('button', { name: /^One line/ }).click();
    await expect(view(page, 'Desktop').locator('footer')).toContainText('© Bare');
    await saved(page);
    const { site } = (await storedSite(page.request, id)) as unknown as { site: Site };
    expect(Object.values(site.footers).map(({ name }) => name)).toEqual(['One line']);
    expect(site.placing.footer).toBe(Object.keys(site.footers)[0]);
    const seen = () =>
      view(page, 'Desktop')
        .locator('footer .text')
        .evaluate((text) => getComputedStyle(text).color);
    expect(await seen()).toBe('rgb(31, 38, 44)');
    await page
      .getByRole('region', { name: 'Plan', exact: true })
      .getByRole('button', { name: 'Line', exact: true })
      .click();
    await page.getByRole('button', { name: /^Ground, Desktop/ }).click();
    await page.getByRole('option', { name: /Deep ground/ }).click();
    await expect.poll(seen).toBe('rgb(244, 245, 242)');
    await page.keyboard.press('Control+z');
    await expect.poll(seen).toBe('rgb(31, 38, 44)');
  },
);

test(
  'it is told where a footer is not in line with the header, and what is not legible on its ground is mended with one click',
  inAudit,
  async ({ page }) => {
    const id = await copyOfDemo(page.request);
    await page.goto(`/sites/${id}/footers`);
    const plan = page.getByRole('region', { name: 'Plan', exact: true });
    await plan.getByRole('button', { name: 'Links and news', exact: true }).click();
    const told = page.getByRole('region', { name: 'In line with the header' });
    const row = told.getByRole('row', { name: /^Links and news/ });
    await expect(row.getByRole('cell')).toHaveText(['in line', 'in line', 'in line', 'in line']);
    await openCell(page, 'Side gutter', 'Phone');
    await page.getByRole('textbox', { name: 'Side gutter, Phone' }).fill('44');
    await page.keyboard.press('Enter');
    await expect(row.getByRole('cell').first()).toHaveText('24 px further in');

    await plan.getByRole('button', { name: 'Link list: Footer' }).click();
    await page.getByText('by state', { exact: true }).click();
    await openCell(page, 'Text', 'Rest');
    await pick(page, 'Deep ground');
    await plan.getByRole('button', { name: 'Links and news', exact: true }).click();
    const failing = page.getByRole('region', { name: 'Not legible on this ground' });
    // In either scheme.
    await expect(failing.getByRole('listitem')).toHaveText([
      /^Link list.*links rest [^,]/,
      /^Link list.*, in dark/,
    ]);
    await failing.getByRole('button', { name: 'Let it follow the ground' }).first().click();
    await expect(failing).toBeHidden();
  },
);

test(
  'hours that overlap, a number that cannot be one and a service that is no https address are refused where they are typed',
  inAudit,
  async ({ page }) => {
    const id = await copyOfDemo(page.request);
    await page.goto(`/sites/${id}/footers`);
    const plan = page.getByRole('region', { name: 'Plan', exact: true });
    for (const [piece, cell, typed, reason] of [
      ['Address “Ticket office”', 'Open', 'Mon-Wed 9-12; Tue 11-14', 'The hours of Tue overlap.'],
      ['Address “Ferry House”', 'Telephone', 'twelve', '“twelve” cannot be a telephone number.'],
      ['Newsletter: sent to nobody yet', 'Sent to', 'http://news.example', 'begins with https://'],
    ] as const) {
      await plan.getByRole('button', { name: piece }).click();
      const before = await storedSite(page.request, id);
      await openCell(page, cell, 'every width');
      const field = page.getByRole('textbox', { name: `${cell}, every width` });
      await field.fill(typed);
      await page.keyboard.press('Enter');
      await expect(page.getByText(reason, { exact: false }).first()).toBeVisible();
      await page.keyboard.press('Escape');
      expect((await storedSite(page.request, id)).standing.revision).toBe(before.standing.revision);
    }
  },
);

test(
  'on paper lists that unfold on narrow windows stand open, and the year is that of the calendar',
  inAudit,
  async ({ browser }) => {
    // A clock is that of the whole profile, which other tests go on with.
    const page = await browser.newPage({ viewport: { width: 375, height: 800 } });
    await page.clock.setFixedTime(new Date('2031-03-01T10:00:00'));
    await visitHandedOver(page, demoDb, demo('hollin-sound'));
    await expect(page.locator('footer .text-year')).toHaveText('2031');
    const link = page.locator('footer').getByRole('link', { name: 'Lost property' });
    await expect(link).toBeHidden();
    await page.emulateMedia({ media: 'print' });
    await expect(link).toBeVisible();
    await expect(page.locator('footer .links-toggle').first()).toBeHidden();
    await page.close();
  },
);

test(
  'it is told where a footer breaks, what it takes of screens, and lists beside each other get fewer with one click',
  inAudit,
  async ({ page, request }) => {
    const file = await (await request.get('/api/sites/hollin-sound/site-file')).json();
    const links = Object.values<{ kind: string; values: Record<string, unknown> }>(
      file.site.footers['f-big'].pieces,
    ).find(({ kind, values }) => kind === 'links' && values.columns)!;
    links.values.columns = { desktop: 4, phone: 1 };
    // German has a link that breaks on wider windows too.
    for (const page of Object.values<{ titles: object }>(file.site.pages)) page.titles = {};
    const { id } = await (await request.post('/api/sites/open', { data: file })).json();
    await page.goto(`/sites/${id}/footers`);
    const standing = page.getByRole('region', { name: 'At every width' });
    await expect(standing).toContainText('into two lines from 640 to');
    await expect(standing.getByRole('row', { name: /^Phone 375 × 667/ })).toContainText('%');
    await standing.getByRole('button', { name: 'One list less beside each other on Tablet' }).click();
    await expect(standing).toContainText('No link breaks or stands alone');
    await page.keyboard.press('ControlOrMeta+z');
    await expect(standing).toContainText('into two lines from 640 to');
  },
);

test(
  'a page from elsewhere is led to, allowed with one click, and comes into its frame once it is asked for',
  inAudit,
  async ({ page }) => {
    const id = await makeSite(page.request, 'Tern Point');
    await page.goto(`/sites/${id}/footers`);
    await page.getByRole('button', { name: 'Begin with a ready-made footer…' }).click();
    await page
      .getByRole('dialog', { name: 'Begin a footer' })
      .getByRole('button', { name: /^One line/ })
      .click();
    await expect(view(page, 'Desktop').locator('footer')).toContainText('© Tern Point');
    await addPiece(page, /^Add a piece: /, 'Page from elsewhere');
    const say = async (name: string, text: string) => {
      await openCell(page, name, 'every width');
      await page.keyboard.type(text);
      await page.keyboard.press('Enter');
    };
    await say('Page', 'https://maps.example.com/harbour');
    const told = page.getByRole('region', { name: 'Embedded pages' });
    await expect(told).toContainText('It has no title yet');
    await say('Its title', 'Map of the harbour');
    await expect(view(page, 'Desktop').locator('footer')).toContainText('Loads from maps.example.com');
    await told.getByRole('button', { name: 'Embed from maps.example.com' }).click();
    await expect(told).toContainText('Pages are embedded from');
    await saved(page);
    const visitor = await page.context().newPage();
    await visitor.route('https://maps.example.com/**', (route) =>
      route.fulfill({ contentType: 'text/html', body: '<p>The harbour</p>' }),
    );
    await visitor.goto(`/try/${id}/index.html`);
    const ask = visitor.getByRole('link', { name: /Map of the harbour/ });
    await ask.scrollIntoViewIfNeeded();
    const before = await ask.boundingBox();
    await ask.click();
    const frame = visitor.frameLocator('iframe[title="Map of the harbour"]');
    await expect(frame.getByText('The harbour')).toBeVisible();
    await expect(visitor.locator('.embed-frame')).toBeFocused();
    // Nothing moves when it comes.
    expect(await visitor.locator('.embed-frame').boundingBox()).toEqual(before);
    await visitor.close();
  },
);
