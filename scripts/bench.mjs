// Figures of speed and size, each beside its budget (docs/budgets.md). Prints; never fails. All of them, or those of the sections that are
// named: `npm run bench -- keystrokes survey`.
import { brotliCompressSync, gzipSync } from 'node:zlib';
import { ensureBuild, ensureChromium, ensurePackages } from './lib/prepare.mjs';

await ensurePackages();
await ensureChromium();
await ensureBuild();
const { withProcesses } = await import('./lib/chromium.mjs');
const { launchBrowser, serveDemo } = await import('./lib/server.mjs');
const { figures, fullSite } = await import('./lib/fit-bench.mjs');

const percentile = (values, share) =>
  [...values].sort((a, b) => a - b)[Math.min(values.length - 1, Math.floor(values.length * share))];
const line = (what, values, budget) =>
  console.log(
    `${what.padEnd(52)} p50 ${percentile(values, 0.5).toFixed(1).padStart(6)} ms  p95 ${percentile(values, 0.95).toFixed(1).padStart(6)} ms  (n ${values.length}; budget p95 ${budget} ms)`,
  );

const server = await serveDemo(4396);
const browser = await launchBrowser();
// What is on a desk: for what is done to the workbench, and not, by scripts, to what is in its views.
const onDesk = await launchBrowser(withProcesses);
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
    titles: {},
    tags: [],
  }));
  const menuItems = added.slice(0, items).map((page, index) => ({
    id: `xi${index}`,
    label: null,
    link: { to: 'page', page: page.id },
    children: [],
    labels: {},
    values: {},
  }));
  const menu = {
    id: 'x-menu',
    name: 'Large',
    top: menuItems.map((item) => item.id),
    values: {},
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

/** The demo with a header of three bars with eight pieces each, as a site of its own; with rules in some of them where they are asked for. */
async function fullHeaderSite(withRules = false) {
  const file = await (await fetch(`${server.origin}/api/sites/hollin-sound/site-file`)).json();
  const answer = await post('/api/sites/open', { ...file, site: fullSite(withRules) });
  if (!answer.id) throw new Error(JSON.stringify(answer));
  return answer.id;
}

/** Has a workbench tell when its three views have painted what an event of this name made, and when all that follows was drawn. */
async function listening(page, event) {
  await page.evaluate((name) => {
    window.paints = [];
    window.painted = () => {};
    new PerformanceObserver((list) => {
      for (const entry of list.getEntries())
        if (entry.name === 'gable-ridge-painted' && window.paints.push(entry.detail) === 3) window.painted();
    }).observe({ type: 'mark' });
    window.followed = 0;
    new MutationObserver(() => (window.followed = performance.timeOrigin + performance.now())).observe(
      document.body,
      { subtree: true, childList: true, attributes: true, characterData: true },
    );
    window.addEventListener(
      name,
      ({ timeStamp }) => {
        window.acted = performance.timeOrigin + timeStamp;
      },
      true,
    );
  }, event);
}

/** From what a hand does until all three views have painted it, and until all that follows was drawn, in ms. It is done at a screen that is at rest, and nothing asks the page how far it is. */
async function acted(page, act) {
  const rest = () =>
    page.waitForFunction(
      () => performance.timeOrigin + performance.now() - Math.max(window.followed, ...window.paints) > 250,
      undefined,
      { polling: 100 },
    );
  await rest();
  await page.evaluate(() => {
    window.paints.length = 0;
    window.allPainted = new Promise((resolve) => (window.painted = resolve));
  });
  await act();
  await page.evaluate(() => window.allPainted);
  const painted = await page.evaluate(() => Math.max(...window.paints.slice(0, 3)) - window.acted);
  await rest();
  const followed = await page.evaluate(() => Math.max(window.followed, ...window.paints) - window.acted);
  return { painted, followed };
}

/** From going to a workbench until all three of its views are painted, in ms, measured in the browser; not the first time, when nothing is kept yet. */
async function openings(site) {
  const context = await onDesk.newContext({ viewport: { width: 1280, height: 800 } });
  const times = [];
  for (let round = 0; round < 6; round += 1) {
    const page = await context.newPage();
    await page.addInitScript(() => {
      window.paints = [];
      window.allPainted = new Promise((resolve) =>
        new PerformanceObserver((list) => {
          for (const { name, detail } of list.getEntries())
            if (name === 'gable-ridge-painted' && window.paints.push(detail - performance.timeOrigin) === 3)
              resolve(Math.max(...window.paints));
        }).observe({ type: 'mark' }),
      );
    });
    await page.goto(`${server.origin}/sites/${site}/headers`, { waitUntil: 'commit' });
    times.push(await page.evaluate(() => window.allPainted));
    await page.close();
  }
  await context.close();
  return times.slice(1);
}

/** From a keystroke in the sheet until all three views have painted it, in ms, measured in the browser. */
async function keystrokes(site, count) {
  const page = await onDesk.newPage({ viewport: { width: 1280, height: 800 } });
  await page.goto(`${server.origin}/sites/${site}/headers`);
  await page.frameLocator('iframe[title="Phone view"]').locator('header').waitFor();
  await listening(page, 'keydown');
  await page.getByRole('button', { name: /^Least height, Desktop:/ }).click();
  const field = page.getByRole('textbox', { name: 'Least height, Desktop' });
  const times = [];
  for (let index = 0; index < count; index += 1) {
    await field.evaluate((input) => input.select());
    times.push(await acted(page, () => page.keyboard.press(String(1 + (index % 9)))));
  }
  const floor = await repaints(page, count);
  const bare = await bareKeys(page, count);
  await page.close();
  return { times: times.slice(5), floor: floor.slice(5), bare: bare.slice(5) };
}

/** The same from each of some keys that come as from a hand that types: what follows from one is worked out when the next one comes. */
async function typed(site, count) {
  const page = await onDesk.newPage({ viewport: { width: 1280, height: 800 } });
  await page.goto(`${server.origin}/sites/${site}/headers`);
  await page.frameLocator('iframe[title="Phone view"]').locator('header').waitFor();
  await page.getByRole('button', { name: /^Least height, Desktop:/ }).click();
  await page.getByRole('textbox', { name: 'Least height, Desktop' }).fill('3');
  await page.evaluate(() => {
    Object.assign(window, { pressed: [], paints: [] });
    window.addEventListener(
      'keydown',
      ({ timeStamp }) => window.pressed.push(performance.timeOrigin + timeStamp),
      true,
    );
    new PerformanceObserver((list) => {
      for (const { name, detail } of list.getEntries())
        if (name === 'gable-ridge-painted') window.paints.push(detail);
    }).observe({ type: 'mark' });
  });
  for (let index = 0; index < count; index += 1) {
    await page.keyboard.press(index % 2 === 0 ? String(index % 10) : 'Backspace');
    await page.waitForTimeout(70 + ((index * 37) % 90));
  }
  await page.waitForTimeout(1000);
  const times = await page.evaluate(() =>
    window.pressed.map((key) => window.paints.filter((at) => at > key).sort((a, b) => a - b)[2] - key),
  );
  await page.close();
  return times.slice(20);
}

/** From a letter that is typed into the label of a button until all three views have painted it, and until all that follows was drawn, in ms. */
async function letters(site, count) {
  const page = await onDesk.newPage({ viewport: { width: 1280, height: 800 } });
  await page.goto(`${server.origin}/sites/${site}/headers`);
  await page.frameLocator('iframe[title="Phone view"]').locator('header').waitFor();
  await listening(page, 'keydown');
  await page
    .getByRole('region', { name: 'Plan', exact: true })
    .getByText(/^Button/)
    .first()
    .click();
  await page
    .getByRole('button', { name: /^Label, / })
    .first()
    .click();
  await page.keyboard.press('End');
  const times = [];
  for (let index = 0; index < count; index += 1)
    times.push(await acted(page, () => page.keyboard.press(index % 2 === 0 ? 'r' : 'Backspace')));
  await page.close();
  return times.slice(5);
}

/** From a move of the hand that drags a length in a view until all three views have painted it, in ms, measured in the browser. */
async function drags(site, count) {
  const page = await onDesk.newPage({ viewport: { width: 1280, height: 800 } });
  await page.goto(`${server.origin}/sites/${site}/headers`);
  await page
    .getByRole('region', { name: 'Plan', exact: true })
    .getByText(/^Button/)
    .first()
    .click();
  const box = await page.getByRole('spinbutton', { name: 'Beside, Tablet view' }).first().boundingBox();
  const at = { x: box.x + box.width / 2, y: box.y + box.height / 2 };
  await listening(page, 'pointermove');
  await page.mouse.move(at.x, at.y);
  await page.mouse.down();
  const times = [];
  // Below the views: what is sent by scripts does not know that the pointer is captured, and would reach what is in them.
  for (let index = 0; index < count; index += 1)
    times.push(await acted(page, () => page.mouse.move(at.x + (index % 2 === 0 ? 9 : 5), 400)));
  await page.mouse.up();
  const floor = await repaints(page, count);
  await page.close();
  return { times: times.slice(5), floor: floor.slice(5) };
}

/** From hearing in which element of a view the pointer is until its outline stands in the page, and until it is painted, in ms, measured in the browser. */
async function outlines(site, count) {
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
  // What a view says comes through a port.
  await page.addInitScript(() => {
    const { get, set } = Object.getOwnPropertyDescriptor(MessagePort.prototype, 'onmessage');
    Object.defineProperty(MessagePort.prototype, 'onmessage', {
      get,
      set(hear) {
        set.call(this, (event) => {
          if (event.data?.says === 'pointed')
            window.dispatchEvent(new CustomEvent('told', { detail: event.data }));
          hear(event);
        });
      },
    });
  });
  await page.goto(`${server.origin}/sites/${site}/headers`);
  const items = page.frameLocator('iframe[title="Desktop view"]').locator('.header .bay > :visible');
  await items.first().waitFor();
  await page
    .getByRole('button', { name: /^Change of fit/ })
    .first()
    .waitFor();
  await page.evaluate(() => {
    window.outlined = [];
    let heard = null;
    window.addEventListener('told', ({ detail }) => {
      if (detail.chain !== null) heard = performance.now();
    });
    new MutationObserver(() => {
      if (heard === null || !document.querySelector('[data-outline="pointed"]')) return;
      const since = heard;
      const own = performance.now() - since;
      heard = null;
      requestAnimationFrame(() =>
        setTimeout(() => window.outlined.push({ own, painted: performance.now() - since })),
      );
    }).observe(document.body, { subtree: true, childList: true, attributes: true, characterData: true });
  });
  // What an opening leaves to be worked out is done.
  await page.waitForTimeout(3000);
  const all = await items.count();
  for (let index = 0; index < count; index += 1) {
    await items.nth(index % all).hover({ force: true });
    await page.waitForTimeout(60);
  }
  const times = await page.evaluate(() => window.outlined);
  await page.close();
  return times;
}

/** Has the three views of a page wait to be told to change one declaration where it stands: `toldViews` tells them, and gives how long it was from a moment until all of them had painted it, in ms. */
async function waitingViews(page) {
  const views = page.frames().filter((frame) => frame.url().includes('/frame/'));
  for (const view of views)
    await view.evaluate(() => {
      const rulesIn = (rules) =>
        [...rules].flatMap((rule) => (rule.selectorText ? [rule] : rulesIn(rule.cssRules ?? [])));
      const rule = [...document.styleSheets]
        .flatMap(({ cssRules }) => rulesIn(cssRules))
        .find(({ style }) => style.minBlockSize.endsWith('px'));
      addEventListener('message', ({ data, ports: [port] }) => {
        if (data !== 'floor') return;
        port.onmessage = ({ data: size }) =>
          requestAnimationFrame(() => {
            rule.style.minBlockSize = `${size}px`;
            setTimeout(() => port.postMessage(performance.timeOrigin + performance.now()));
          });
      });
    });
  await page.evaluate(() => {
    const ports = [...document.querySelectorAll('iframe')].map(({ contentWindow }) => {
      const { port1, port2 } = new MessageChannel();
      contentWindow.postMessage('floor', '*', [port2]);
      return port1;
    });
    window.toldViews = (size, since) =>
      new Promise((resolve) => {
        const at = [];
        for (const port of ports) {
          port.onmessage = ({ data }) => at.push(data) === ports.length && resolve(Math.max(...at) - since);
          port.postMessage(size);
        }
      });
  });
}

/** How long the views of a page take that are told to change one declaration, in ms: what no keystroke can be faster than. */
async function repaints(page, count) {
  await waitingViews(page);
  const times = [];
  for (let index = 0; index < count; index += 1) {
    times.push(
      await page.evaluate(
        (size) => window.toldViews(size, performance.timeOrigin + performance.now()),
        40 + (index % 9),
      ),
    );
    // It comes to views that are at rest, as a key does.
    await page.waitForTimeout(300);
  }
  return times;
}

/** The same from a key that is pressed in a bare field, to which nothing of the application listens: what of a keystroke is the browser's own. */
async function bareKeys(page, count) {
  await page.evaluate(() => {
    const field = document.createElement('input');
    field.style = 'position: fixed; inset: auto auto 0 0; z-index: 9999; inline-size: 60px';
    document.body.append(field);
    let pressed = 0;
    const alone = (type, hear) =>
      field.addEventListener(type, (event) => {
        event.stopPropagation();
        hear(event);
      });
    alone('keydown', ({ timeStamp }) => (pressed = performance.timeOrigin + timeStamp));
    alone('input', () => (window.bareKey = window.toldViews(40 + (Number(field.value) % 9), pressed)));
    window.bareField = field;
    field.focus();
  });
  const times = [];
  for (let index = 0; index < count; index += 1) {
    await page.evaluate(() => window.bareField.select());
    await page.waitForTimeout(300);
    await page.keyboard.press(String(1 + (index % 9)));
    times.push(await page.evaluate(() => window.bareKey));
  }
  return times;
}

/** From a click on the rail until the first row of a screen is painted, in ms, measured in the browser. */
async function goingTo(site, screen) {
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
  const times = [];
  for (let round = 0; round < 4; round += 1) {
    await page.goto(`${server.origin}/sites/${site}/headers`);
    await page.frameLocator('iframe[title="Phone view"]').locator('header').waitFor();
    await page.waitForTimeout(500);
    times.push(
      await page.evaluate(
        (label) =>
          new Promise((resolve) => {
            const start = performance.now();
            [...document.querySelectorAll('nav a')].find((link) => link.textContent === label).click();
            const look = () => {
              if (!document.querySelector('[data-row]')) requestAnimationFrame(look);
              else requestAnimationFrame(() => setTimeout(() => resolve(performance.now() - start)));
            };
            look();
          }),
        screen,
      ),
    );
  }
  await page.close();
  return times.slice(1);
}

/** From opening a screen by its address until its first row can be used, in ms; the browser knows the application already. */
async function opening(site, screen, wanted) {
  const times = [];
  const context = await browser.newContext({ viewport: { width: 1280, height: 800 } });
  for (let round = 0; round < 4; round += 1) {
    const page = await context.newPage();
    const start = Date.now();
    await page.goto(`${server.origin}/sites/${site}/${screen}`, { waitUntil: 'commit' });
    await wanted(page).first().waitFor();
    // What can be used takes a key: the page has come to life by then.
    await wanted(page).first().focus();
    await page.waitForFunction(() => document.activeElement?.matches('[data-row]'));
    times.push(Date.now() - start);
    await page.close();
  }
  await context.close();
  return times.slice(1);
}

/** From a key that moves a row of a tree until the row is painted in its new place, in ms, measured in the browser. */
async function rowMoves(site, screen, menu, count) {
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
  await page.goto(`${server.origin}/sites/${site}/${screen}`);
  if (menu) await page.getByRole('button', { name: new RegExp(`^${menu} \\d`) }).click();
  if (menu) await page.getByRole('treegrid', { name: `Items of ${menu}` }).waitFor();
  // One that has siblings before and behind it.
  const row = page.locator('[data-row]').nth(1);
  const id = await row.getAttribute('data-row');
  await page.locator(`[data-row="${id}"]`).focus();
  await page.waitForTimeout(1500);
  const times = [];
  for (let index = 0; index < count; index += 1) {
    // The page listens before the key is pressed: the two come to it by different ways.
    await page.evaluate((moved) => {
      window.moved = new Promise((resolve) => {
        const place = () => document.querySelector(`[data-row="${moved}"]`)?.getAttribute('aria-posinset');
        const before = place();
        let pressed = 0;
        const look = () => {
          if (place() === before) requestAnimationFrame(look);
          else requestAnimationFrame(() => setTimeout(() => resolve(performance.now() - pressed)));
        };
        const press = (event) => {
          if (event.key === 'Alt') return;
          window.removeEventListener('keydown', press, true);
          pressed = event.timeStamp;
          look();
        };
        window.addEventListener('keydown', press, true);
      });
    }, id);
    await page.keyboard.press(index % 2 === 0 ? 'Alt+ArrowDown' : 'Alt+ArrowUp');
    times.push(await page.evaluate(() => window.moved));
    // The next key comes when the page has nothing left to do, as from a hand.
    await page.evaluate(() => new Promise((resolve) => requestIdleCallback(resolve, { timeout: 300 })));
  }
  await page.close();
  return times.slice(3);
}

/** From pasting a text into a dialog until all of it is understood and shown, in ms, measured in the browser. */
async function reading(site, screen, button, label, text, heading) {
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
  await page.goto(`${server.origin}/sites/${site}/${screen}`);
  await page.getByRole('button', { name: button }).click();
  const field = page.getByLabel(label);
  const times = [];
  for (let round = 0; round < 4; round += 1) {
    await field.fill('');
    times.push(
      await field.evaluate(
        (area, [pasted, wanted]) =>
          new Promise((resolve) => {
            const start = performance.now();
            const set = Object.getOwnPropertyDescriptor(HTMLTextAreaElement.prototype, 'value').set;
            set.call(area, pasted);
            area.dispatchEvent(new Event('input', { bubbles: true }));
            const look = () => {
              const found = [...document.querySelectorAll('h2')].some((each) => each.textContent === wanted);
              if (found) requestAnimationFrame(() => setTimeout(() => resolve(performance.now() - start)));
              else requestAnimationFrame(look);
            };
            look();
          }),
        [text, heading],
      ),
    );
  }
  await page.close();
  return times.slice(1);
}

const lines = (count, line) => Array.from({ length: count }, (_, index) => line(index)).join('\n');

/** Figures of the screens of pages and menus, with 2,000 pages and 1,000 items. */
async function screens() {
  const site = await largeSite(2000, 1000);
  const rows = (page) => page.locator('[data-row]');
  line('Pages opened from the rail, 2,000 pages', await goingTo(site, 'Pages'), 1000);
  line('Menus opened from the rail, 1,000 items', await goingTo(site, 'Menus'), 1000);
  // By address the application itself has to start; the demo’s 44 pages show how much of the time that is.
  line('Pages opened by address, 44 pages', await opening('hollin-sound', 'pages', rows), 2000);
  line('Pages opened by address, 2,000 pages', await opening(site, 'pages', rows), 2000);
  line('Menus opened by address, 1,000 items', await opening(site, 'menus', rows), 2000);
  line('page moved by a key, repainted, 2,000 pages', await rowMoves(site, 'pages', null, 33), 100);
  line('item moved by a key, repainted, 1,000 items', await rowMoves(site, 'menus', 'Large', 33), 100);
  const empty = (await post('/api/sites', { name: 'Empty' })).id;
  line(
    '2,000 lines of pages read',
    await reading(
      empty,
      'pages',
      'Add pages…',
      /One page a line/,
      lines(2000, (index) => `${index % 5 === 0 ? '' : '  '}Page ${index}  /p/${index}`),
      '2000 pages understood',
    ),
    1000,
  );
  for (const [form, text] of [
    ['a list', lines(2000, (index) => `Item ${index}  https://example.com/${index}`)],
    ['Markdown', lines(2000, (index) => `- [Item ${index}](https://example.com/${index})`)],
    [
      'HTML',
      `<nav><ul>\n${lines(2000, (index) => `<li><a href="https://example.com/${index}">Item ${index}</a></li>`)}</ul></nav>`,
    ],
    [
      'OPML',
      `<opml version="2.0"><body>\n${lines(2000, (index) => `<outline text="Item ${index}" url="https://example.com/${index}"/>`)}</body></opml>`,
    ],
    ['CSV', `label,target\n${lines(2000, (index) => `Item ${index},https://example.com/${index}`)}`],
  ])
    line(
      `2,000 items read as ${form}`,
      await reading(empty, 'menus', 'Read a menu…', /One item a line/, text, '2000 items understood'),
      1000,
    );
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

/** How long the worker takes to judge every pixel of 1920 x 200 px of each picture, in ms. */
async function overPictures() {
  const site = 'hollin-sound';
  const { standing, site: known } = await (await fetch(`${server.origin}/api/sites/${site}`)).json();
  const header = known.headers['h-main'];
  const value = (property, cell, value) => ({
    edit: 'setValue',
    place: { on: 'bar', in: 'headers', assembly: header.id, bar: header.order[1] },
    property,
    cell,
    value,
  });
  const edits = [value('leastHeight', 'desktop', 200), value('padding', 'desktop', 8)];
  await post(`/api/sites/${site}/edits`, { base: standing.revision, group: null, batch: 'pictures', edits });
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
  const times = [];
  for (let round = 0; round < 4; round += 1) {
    await page.goto(`${server.origin}/sites/${site}/headers`);
    await page
      .getByRole('region', { name: 'Plan', exact: true })
      .getByText('Main bar', { exact: true })
      .first()
      .click();
    await page.getByText('by scroll', { exact: true }).click();
    await page.getByRole('table', { name: 'Worst contrast over pictures' }).waitFor();
    for (const worker of page.workers()) {
      const taken = await worker.evaluate(() =>
        performance.getEntriesByName('contrast').map(({ duration, detail }) => ({ duration, detail })),
      );
      times.push(...taken.filter(({ detail }) => detail === '1920 x 200').map(({ duration }) => duration));
    }
  }
  await page.close();
  return times;
}

/** How long the worker takes to survey a header of which nothing has changed that decides widths, in ms; each keystroke asks for a survey. */
async function surveys(site, header) {
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
  await page.goto(`${server.origin}/sites/${site}/headers`);
  await page.getByRole('region', { name: 'Ruler' }).getByRole('status').filter({ hasText: / px/ }).waitFor();
  await page.getByRole('button', { name: /^Least height, Desktop:/ }).click();
  const field = page.getByRole('textbox', { name: 'Least height, Desktop' });
  for (let index = 0; index < 25; index += 1) {
    await field.evaluate((input) => input.select());
    await page.keyboard.press(String(1 + (index % 9)));
    await page.waitForTimeout(120);
  }
  const found = [];
  for (const worker of page.workers())
    found.push(
      ...(await worker.evaluate(
        (of) =>
          performance
            .getEntriesByName('fit')
            .filter(({ detail }) => detail === of)
            .map(({ duration }) => duration),
        header,
      )),
    );
  await page.close();
  // The first ones find fonts missing.
  return found.slice(-20);
}

/** Asks a worker of a page over the DevTools protocol. */
function workerAsker(devtools) {
  const open = new Map();
  let number = 0;
  devtools.on('Target.receivedMessageFromTarget', ({ message }) => {
    const { id, result } = JSON.parse(message);
    open.get(id)?.(result);
  });
  return (sessionId, method, params = {}) =>
    new Promise((answered) => {
      const id = (number += 1);
      open.set(id, answered);
      void devtools.send('Target.sendMessageToTarget', {
        sessionId,
        message: JSON.stringify({ id, method, params }),
      });
    });
}

/** How much memory HarfBuzz takes with these fonts open and a text shaped with each, in bytes, as in a worker. */
async function shaperMemory(site, addresses) {
  const memories = [];
  const { instantiate } = WebAssembly;
  WebAssembly.instantiate = async (...args) => {
    const made = await instantiate(...args);
    const { exports } = made.instance ?? made;
    memories.push(...Object.values(exports).filter((each) => each instanceof WebAssembly.Memory));
    return made;
  };
  const hb = await import(`${import.meta.resolve('harfbuzzjs')}?${site}`);
  const kept = [];
  for (const address of addresses) {
    const face = new hb.Face(new hb.Blob(new Uint8Array(await (await fetch(address)).arrayBuffer())));
    const font = new hb.Font(face);
    const buffer = new hb.Buffer();
    buffer.addText('Sailings and fares');
    buffer.guessSegmentProperties();
    hb.shape(font, buffer, []);
    kept.push(font);
  }
  WebAssembly.instantiate = instantiate;
  return memories.reduce((sum, { buffer }) => sum + buffer.byteLength, 0);
}

/** How much memory the larger of the workers holds after headers were surveyed and looked ahead, in MB: its objects, and HarfBuzz with the fonts that were fetched. */
async function workerMemory(site) {
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
  const fonts = new Set();
  page.context().on('request', (request) => request.url().endsWith('/sfnt') && fonts.add(request.url()));
  await page.goto(`${server.origin}/sites/${site}/headers`);
  await page.getByRole('region', { name: 'Ruler' }).getByRole('status').filter({ hasText: / px/ }).waitFor();
  await page.getByText('by fit', { exact: true }).click();
  await page.getByRole('heading', { name: 'Looking ahead' }).waitFor();
  const devtools = await page.context().newCDPSession(page);
  const ask = workerAsker(devtools);
  const sessions = [];
  devtools.on('Target.attachedToTarget', ({ sessionId }) => sessions.push(sessionId));
  await devtools.send('Target.setAutoAttach', {
    autoAttach: true,
    waitForDebuggerOnStart: false,
    flatten: false,
  });
  const objects = [];
  for (const session of sessions) {
    await ask(session, 'HeapProfiler.collectGarbage');
    const { usedSize, embedderHeapUsedSize } = await ask(session, 'Runtime.getHeapUsage');
    objects.push(usedSize + embedderHeapUsedSize);
  }
  await page.close();
  return {
    objects: Math.max(...objects) / 1e6,
    shaper: (await shaperMemory(site, [...fonts])) / 1e6,
    fonts: fonts.size,
  };
}

/** How long Chromium takes to lay the same header out at every width from 320 to 1920 px and to read where its pieces are, in ms, in the page. */
async function chromiumAtEveryWidth(site) {
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
  const origin = 'http://site.example.test';
  await page.route(`${origin}/**`, async (route) => {
    const path = new URL(route.request().url()).pathname;
    if (path === '/frames')
      return route.fulfill({
        contentType: 'text/html',
        body: '<!doctype html><iframe src="/index.html" style="border:0;inline-size:1920px;block-size:900px"></iframe>',
      });
    const response = await fetch(`${server.origin}/try/${site}${path}`);
    return route.fulfill({
      contentType: response.headers.get('content-type') ?? undefined,
      body: Buffer.from(await response.arrayBuffer()),
    });
  });
  await page.goto(`${origin}/frames`);
  const times = [];
  for (let round = 0; round < 4; round += 1)
    times.push(
      await page.evaluate(async () => {
        const frame = document.querySelector('iframe');
        await frame.contentDocument.fonts.ready;
        const start = performance.now();
        for (let width = 320; width <= 1920; width += 1) {
          frame.style.inlineSize = `${width}px`;
          for (const bays of frame.contentDocument.querySelectorAll('.header .bays')) {
            if (bays.scrollWidth < 0) return 0;
            for (const piece of bays.querySelectorAll('.bay > *')) piece.getBoundingClientRect();
          }
        }
        return performance.now() - start;
      }),
    );
  await page.close();
  return times.slice(1);
}

/** The sites whose workbench is measured, by what they are. */
const workbenches = async () => ({
  demo: 'hollin-sound',
  '1,000 pages, 500 items': await largeSite(1000, 500),
  '3 bars, 24 pieces': await fullHeaderSite(),
});

/** The sections by their names. */
const sections = {
  async opened() {
    for (const [name, site] of Object.entries(await workbenches()))
      line(`workbench opened, views painted, ${name}`, await openings(site), 2000);
  },
  async keystrokes() {
    for (const [name, site] of Object.entries(await workbenches())) {
      const { times, floor, bare } = await keystrokes(site, 65);
      const painted = times.map((each) => each.painted);
      line(`keystroke to repainted views, ${name}`, painted, 50);
      line(
        'until all that follows from it is drawn',
        times.map(({ followed }) => followed),
        '-',
      );
      line('its floor: three views told to repaint', floor, '-');
      line('the same by a key in a bare field', bare, '-');
      const ratio = (of, share) => (percentile(of, share) / percentile(floor, share)).toFixed(2);
      console.log(
        `keystroke ${ratio(painted, 0.5)} times its floor at p50, ${ratio(painted, 0.95)} at p95 (budget 1.25 times at p95); the browser alone ${ratio(bare, 0.5)} and ${ratio(bare, 0.95)}`,
      );
    }
    line('keys typed one after another, demo', await typed('hollin-sound', 120), 50);
    const label = await letters('hollin-sound', 25);
    line(
      'letter of a label to repainted views, demo',
      label.map(({ painted }) => painted),
      100,
    );
    line(
      'until rules begin elsewhere by it and all that follows is drawn',
      label.map(({ followed }) => followed),
      500,
    );
  },
  async pointing() {
    const outlined = await outlines('hollin-sound', 60);
    line(
      'pointing to the outline, demo, our own part',
      outlined.map(({ own }) => own),
      16,
    );
    line(
      'until the browser has painted it',
      outlined.map((each) => each.painted),
      '-',
    );
    const { times, floor } = await drags('hollin-sound', 65);
    const painted = times.map((each) => each.painted);
    line('drag to repainted views, demo', painted, '-');
    line('its floor: three views told to repaint', floor, '-');
    const own = percentile(painted, 0.95) - percentile(floor, 0.95);
    console.log(`drag: our own part ${own.toFixed(1)} ms at p95 (budget 16 ms)`);
  },
  async edits() {
    line('edit acknowledged, demo', await acknowledgements('hollin-sound', 205), 30);
    line('edit acknowledged, 1,000 pages', await acknowledgements(await largeSite(1000, 500), 205), 60);
  },
  screens,
  async pictures() {
    line('1920 x 200 px judged over a picture', await overPictures(), 50);
  },
  async survey() {
    const core = await figures();
    for (const [name, withRules, budget] of [
      ['3 bars, 24 pieces', false, 300],
      ['the same with rules', true, 150],
    ]) {
      const site = await fullHeaderSite(withRules);
      const { anew, label } = core[name];
      const theirs = await chromiumAtEveryWidth(site);
      line('laid out by Chromium at each of 1,601 widths', theirs, '-');
      const told = (what, ours, more) => {
        line(`fit surveyed ${what}, ${name}`, ours, '-');
        const faster = (percentile(theirs, 0.5) / percentile(ours, 0.5)).toFixed(0);
        console.log(`  ${faster} times faster than Chromium at every width${more}`);
      };
      told('anew', anew, ` (budget ${budget} times)`);
      told('after one label', label, '');
      told('in the worker, after a height', await surveys(site, 'full'), '');
    }
  },
  async files() {
    for (const [file, budget] of [
      ['site.css', 5],
      ['site.js', 2],
    ]) {
      const bytes = Buffer.from(
        await (await fetch(`${server.origin}/try/hollin-sound/${file}`)).arrayBuffer(),
      );
      const kb = (size) => `${(size / 1024).toFixed(2)} KB`;
      console.log(
        `${file}: ${kb(bytes.length)} raw, ${kb(gzipSync(bytes).length)} gzip, ${kb(brotliCompressSync(bytes).length)} brotli (budget ${budget} KB compressed)`,
      );
    }
  },
  async memory() {
    for (const [name, site] of [
      ['demo', 'hollin-sound'],
      ['3 bars, 24 pieces', await fullHeaderSite()],
    ]) {
      const { objects, shaper, fonts } = await workerMemory(site);
      console.log(
        `memory of the fit worker, ${name}: ${objects.toFixed(1)} MB of objects, ${shaper.toFixed(1)} MB of HarfBuzz with ${fonts} fonts (budget 64 MB together)`,
      );
    }
  },
  core: () => import('./bench-fit.mjs'),
  server: () => import('./bench-server.mjs'),
};

const named = process.argv.slice(2);
const unknown = named.filter((name) => !Object.hasOwn(sections, name));
if (unknown.length > 0)
  console.log(`No section is called ${unknown.join(', ')}: there are ${Object.keys(sections).join(', ')}.`);
for (const [name, print] of Object.entries(sections))
  if (named.length === 0 || named.includes(name)) {
    console.log(`\n${name}`);
    await print();
  }
await Promise.all([browser.close(), onDesk.close()]);
await server.close();
