import { launchBrowser } from './lib/server.mjs';
// node scripts/tmp-shot.mjs PATH OUT 'js using page'
const [, , path, out, code = '', w = '1280', h = '800'] = process.argv;
const b = await launchBrowser();
const page = await b.newPage({ viewport: { width: +w, height: +h } });
page.on('console', (m) => m.type() === 'error' && console.log('console:', m.text().slice(0, 300)));
page.on('pageerror', (e) => console.log('pageerror:', e.message.slice(0, 300)));
await page.goto(`http://127.0.0.1:4310${path}`);
await page.waitForTimeout(1500);
const support = { openCell: async (p, band) => page.getByRole('button', { name: new RegExp(`^${p}, ${band}:`) }).first().click(), pick: async (l) => page.locator('.ant-select-dropdown:not(.ant-select-dropdown-hidden) .ant-select-item-option').filter({ hasText: l }).first().click() };
await new Function('page', 'support', `return (async()=>{${code}})()`)(page, support).then((r) => r !== undefined && console.log(r));
await page.waitForTimeout(600);
await page.screenshot({ path: out });
await b.close();
