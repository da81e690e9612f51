// Takes the pictures of docs/screenshots from a fresh demo, at 1280 x 800: all of them, or those whose names are given.
import path from 'node:path';
import { ensureBuild, ensureChromium, ensurePackages } from './lib/prepare.mjs';
import { root } from './lib/run.mjs';

await ensurePackages();
await ensureChromium();
await ensureBuild();
const { launchBrowser, serveDemo } = await import('./lib/server.mjs');

const demo = '/sites/hollin-sound';
const views = [
  {
    name: 'reading',
    path: '/sites/orrery-house/begin',
    async before(page) {
      const said = async (name) => (await page.request.get(`/try/hollin-sound/${name}`)).text();
      const css = await said('site.css');
      const html = (await said('index.html')).replace('</head>', () => `<style>${css}</style></head>`);
      await page.getByRole('button', { name: 'Read a website…' }).click();
      await page
        .getByLabel('File to read')
        .setInputFiles({ name: 'index.html', mimeType: 'text/html', buffer: Buffer.from(html) });
      await page.getByRole('list', { name: 'parts understood' }).waitFor();
      await page
        .getByRole('dialog')
        .getByRole('textbox')
        .evaluate((field) => field.scrollTo(0, 0));
    },
  },
  {
    name: 'begin',
    path: '/sites/orrery-house/begin',
    async before(page) {
      await page.waitForTimeout(3000);
    },
  },
  {
    name: 'headers',
    path: `${demo}/headers`,
    async before(page) {
      await page
        .getByRole('region', { name: 'Plan', exact: true })
        .getByRole('button', { name: 'Menu: Main' })
        .click();
      await page.getByRole('button', { name: 'Drawer open in the Phone view' }).click();
    },
  },
  {
    name: 'states',
    path: `${demo}/headers`,
    async before(page) {
      const plan = page.getByRole('region', { name: 'Plan', exact: true });
      await plan.getByRole('button', { name: /^Button/ }).click();
      await page.getByText('by state', { exact: true }).click();
      await page.getByRole('button', { name: /^Ground, Hover:/ }).click();
      await page.locator('.ant-select-item-option').filter({ hasText: 'Deep water' }).click();
    },
  },
  {
    name: 'scrolling',
    path: `${demo}/headers`,
    async before(page) {
      const plan = page.getByRole('region', { name: 'Plan', exact: true });
      await plan.getByText('Main bar', { exact: true }).click();
      await page.getByText('by scroll', { exact: true }).click();
      await page.getByRole('table', { name: 'Worst contrast over pictures' }).waitFor();
      await page.getByRole('button', { name: 'scroll together' }).click();
      await page.getByRole('slider', { name: /^Desktop view scrolled/ }).fill('160');
    },
  },
  {
    name: 'starters',
    path: `${demo}/headers`,
    async before(page) {
      await page.getByRole('button', { name: 'Main header' }).first().click();
      await page.getByRole('menuitem', { name: 'New header…' }).click();
      // They are drawn one after the other.
      const last = page.getByRole('dialog').locator('iframe').nth(7);
      await last.contentFrame().locator('header').first().waitFor();
      await page.waitForTimeout(4000);
    },
  },
  {
    name: 'checks',
    path: `${demo}/checks`,
    before: (page) => page.getByRole('region', { name: 'Findings' }).getByRole('listitem').first().waitFor(),
  },
  {
    name: 'try',
    path: `${demo}/try`,
    async before(page) {
      await page.getByRole('combobox', { name: 'Size of the window' }).click({ force: true });
      await page.locator('.ant-select-item-option').filter({ hasText: 'Tablet, upright' }).first().click();
      await page.getByRole('complementary').getByText('menu button').waitFor();
    },
  },
  { name: 'drawers', path: `${demo}/drawers` },
  {
    name: 'footers',
    path: `${demo}/footers`,
    async before(page) {
      const plan = page.getByRole('region', { name: 'Plan', exact: true });
      await plan.getByRole('button', { name: /^Row of pictures/ }).click();
      await page.getByRole('button', { name: /^Shown, Phone:/ }).click();
      await page.locator('.ant-select-item-option').filter({ hasText: 'hidden' }).click();
      await plan.getByRole('button', { name: 'At home', exact: true }).click();
    },
  },
  { name: 'pages', path: `${demo}/pages` },
  {
    name: 'menus',
    path: `${demo}/menus`,
    async before(page) {
      const desktop = page.frameLocator('iframe[title="Main on Desktop"]');
      await desktop.getByRole('link', { name: 'Timetable' }).click();
    },
  },
  { name: 'brand', path: `${demo}/brand` },
  {
    name: 'pieces',
    path: `${demo}/headers`,
    async before(page) {
      await page.getByRole('button', { name: 'Add a piece: Main bar, middle' }).click();
      await page.waitForTimeout(4000);
    },
  },
  {
    name: 'why',
    path: `${demo}/headers`,
    async before(page) {
      await page
        .getByRole('region', { name: 'Plan', exact: true })
        .getByRole('button', { name: 'Menu: Main' })
        .click();
      await page.getByRole('button', { name: /^Between items, Tablet:/ }).focus();
      await page.keyboard.press('?');
    },
  },
  {
    name: 'fit',
    path: `${demo}/headers`,
    async before(page) {
      const plan = page.getByRole('region', { name: 'Plan', exact: true });
      await plan.getByText('Main bar', { exact: true }).click();
      await page.getByText('by fit', { exact: true }).click();
      await page.getByRole('button', { name: 'Add a rule for when it stops fitting' }).click();
      await page.getByRole('list', { name: 'Collapse rules' }).waitFor();
      await page.getByLabel('Menu: Main by rule 1').click();
      const choices = page.locator('.ant-select-dropdown:not(.ant-select-dropdown-hidden)');
      await choices.getByTitle('items behind “more”').click();
      await page.keyboard.press('Escape');
      await page.getByText(/^further at/).waitFor();
    },
  },
  {
    name: 'fit-page',
    path: `${demo}/headers/h-main/fit?bar=h-main-b1`,
    async before(page) {
      await page.getByRole('table', { name: 'Suggestions' }).waitFor();
    },
  },
  {
    name: 'points',
    path: `${demo}/points`,
    async before(page) {
      await page.getByLabel('Name of the saved point').fill('As agreed with the harbour office');
      await page.getByRole('button', { name: 'Save this point' }).click();
      await page.getByText('Nothing differs').waitFor();
      const place = { on: 'bar', in: 'headers', assembly: 'h-main', bar: 'h-main-b2' };
      const edits = [
        { edit: 'setValue', place, property: 'leastHeight', cell: 'desktop', value: 104 },
        { edit: 'labelItem', menu: 'm-main', item: 'm-main-i1', label: 'All sailings' },
      ];
      await page.evaluate(async (changes) => {
        const site = '/api/sites/hollin-sound';
        const { standing } = await (await fetch(site)).json();
        const request = { base: standing.revision, batch: 'points', edits: changes, group: null };
        const headers = { 'content-type': 'application/json' };
        await fetch(`${site}/edits`, { method: 'POST', headers, body: JSON.stringify(request) });
      }, edits);
      await page.reload();
      await page.getByRole('row', { name: /All sailings/ }).waitFor();
      await page.waitForTimeout(3000);
    },
  },
  {
    name: 'release',
    path: `${demo}/release`,
    async before(page) {
      await page.getByLabel('Note of the release').fill('First one, for the harbour office');
      await page.getByRole('button', { name: 'Make release 1' }).click();
      await page.getByRole('heading', { name: 'Release 1' }).waitFor({ timeout: 120_000 });
      await page.getByRole('button', { name: 'Publish release 1' }).click();
      await page.getByText('is live at').waitFor();
    },
  },
];

const server = await serveDemo(4395);
const browser = await launchBrowser();
// Nobody is new here: no hint lies over what is shown.
const kept = [{ name: 'gable-ridge-hints-seen', value: '["all"]' }];
const storageState = { cookies: [], origins: [{ origin: server.origin, localStorage: kept }] };
try {
  const wanted = process.argv.slice(2);
  for (const { name, path: address, before } of views) {
    if (wanted.length > 0 && !wanted.includes(name)) continue;
    const page = await browser.newPage({
      viewport: { width: 1280, height: 800 },
      baseURL: server.origin,
      storageState,
    });
    await page.goto(server.origin + address, { waitUntil: 'load' });
    await page.getByRole('heading').first().waitFor();
    // Frames, fonts and what workers find out come after the page itself.
    await page.waitForTimeout(4000);
    await before?.(page);
    // And of what was done there, what is surveyed and looked ahead to.
    await page.waitForTimeout(2500);
    await page.screenshot({ path: path.join(root, 'docs/screenshots', `${name}.png`) });
    await page.close();
  }
} finally {
  // A server that went on would answer in place of another one on its port.
  await browser.close();
  server.close();
}
