// Figures of speed and size, each beside its budget (docs/architecture.md). Prints; never fails.
import { brotliCompressSync, gzipSync } from 'node:zlib';
import { ensureBuild, ensureChromium, ensurePackages } from './lib/prepare.mjs';

await ensurePackages();
await ensureChromium();
await ensureBuild();
const { launchBrowser, serveDemo } = await import('./lib/server.mjs');

const percentile = (values, share) =>
  [...values].sort((a, b) => a - b)[Math.min(values.length - 1, Math.floor(values.length * share))];
const line = (what, values, budget) =>
  console.log(
    `${what.padEnd(52)} p50 ${percentile(values, 0.5).toFixed(1).padStart(6)} ms  p95 ${percentile(values, 0.95).toFixed(1).padStart(6)} ms  (n ${values.length}; budget p95 ${budget} ms)`,
  );

const server = await serveDemo(4396);
const browser = await launchBrowser();
const post = (path, body) =>
  fetch(server.origin + path, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify(body),
  }).then((response) => response.json());

/** A copy of the demo with many more pages and one large menu, as a site of its own. */
async function largeSite(pages, items) {
  const file = await (await fetch(`${server.origin}/api/sites/hollin-sound/site-file`)).json();
  const { id } = await post('/api/sites/open', file);
  const added = Array.from({ length: pages - file.site.pageOrder.length }, (_, index) => ({
    id: `x${index}`,
    title: `Page number ${index}`,
    path: `/large/${index}`,
    parent: null,
  }));
  const menuItems = added.slice(0, items).map((page, index) => ({
    id: `xi${index}`,
    label: null,
    link: { to: 'page', page: page.id },
    children: [],
  }));
  const menu = {
    id: 'x-menu',
    name: 'Large',
    top: menuItems.map((item) => item.id),
    items: Object.fromEntries(menuItems.map((item) => [item.id, item])),
  };
  const answer = await post(`/api/sites/${id}/edits`, {
    base: 0,
    group: null,
    batch: 'large',
    edits: [
      { edit: 'addPages', pages: added },
      { edit: 'addMenu', menu },
    ],
  });
  if (!answer.standing) throw new Error(answer.reason);
  return id;
}

/** From a keystroke in the sheet until all three views have painted it, in ms, measured in the browser. */
async function keystrokes(site, count) {
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
  const opened = Date.now();
  await page.goto(`${server.origin}/sites/${site}/headers`);
  await page.frameLocator('iframe[title="Phone view"]').locator('header').waitFor();
  const usable = Date.now() - opened;
  await page.evaluate(() => {
    window.paints = [];
    window.addEventListener('message', ({ data }) => data.says === 'painted' && window.paints.push(data.at));
    window.addEventListener(
      'keydown',
      (event) => {
        window.pressed = performance.timeOrigin + event.timeStamp;
      },
      true,
    );
  });
  await page.getByRole('button', { name: /^Least height, Desktop:/ }).click();
  const field = page.getByRole('textbox', { name: 'Least height, Desktop' });
  const times = [];
  for (let index = 0; index < count; index += 1) {
    await field.evaluate((input) => input.select());
    await page.evaluate(() => void (window.paints.length = 0));
    await page.keyboard.press(String(1 + (index % 9)));
    await page.waitForFunction(() => window.paints.length >= 3);
    times.push(await page.evaluate(() => Math.max(...window.paints.slice(0, 3)) - window.pressed));
  }
  await page.close();
  return { usable, times: times.slice(5) };
}

/** From sending an edit until its acknowledgement, in ms. */
async function acknowledgements(site, count) {
  const times = [];
  let { standing } = await (await fetch(`${server.origin}/api/sites/${site}`)).json();
  for (let index = 0; index < count; index += 1) {
    const edit = {
      edit: 'setValue',
      place: { on: 'bar', in: 'headers', assembly: 'h-main', bar: 'h-main-b2' },
      property: 'padding',
      cell: 'desktop',
      value: index % 100,
    };
    const start = performance.now();
    ({ standing } = await post(`/api/sites/${site}/edits`, {
      base: standing.revision,
      edits: [edit],
      group: null,
      batch: `bench${index}`,
    }));
    times.push(performance.now() - start);
  }
  return times.slice(5);
}

const large = await largeSite(1000, 500);
const demoKeys = await keystrokes('hollin-sound', 65);
const largeKeys = await keystrokes(large, 65);
console.log();
line('keystroke to repainted views, demo', demoKeys.times, 50);
line('keystroke to repainted views, 1,000 pages, 500 items', largeKeys.times, 100);
line('edit acknowledged, demo', await acknowledgements('hollin-sound', 205), 30);
line('edit acknowledged, 1,000 pages', await acknowledgements(large, 205), 60);
console.log(
  `workbench usable after ${demoKeys.usable} ms on the demo, ${largeKeys.usable} ms with 1,000 pages (budget 2,000 ms)`,
);
for (const [file, budget] of [
  ['site.css', 5],
  ['site.js', 2],
]) {
  const bytes = Buffer.from(await (await fetch(`${server.origin}/try/hollin-sound/${file}`)).arrayBuffer());
  const kb = (size) => `${(size / 1024).toFixed(2)} KB`;
  console.log(
    `${file}: ${kb(bytes.length)} raw, ${kb(gzipSync(bytes).length)} gzip, ${kb(brotliCompressSync(bytes).length)} brotli (budget ${budget} KB compressed)`,
  );
}
await browser.close();
server.close();
