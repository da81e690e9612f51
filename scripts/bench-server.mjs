// Figures of the server alone: a site of 2,000 pages and 1,000 items handed over, and a history of 100,000 revisions.
// Run by `npm run bench`, or on its own.
import { createServer } from 'node:http';
import path from 'node:path';
import Database from 'better-sqlite3';
import { ensureBuild, ensurePackages } from './lib/prepare.mjs';
import { serveDemo } from './lib/server.mjs';

await ensurePackages();
await ensureBuild();

const share = (values, part) =>
  [...values].sort((a, b) => a - b)[Math.min(values.length - 1, Math.floor(values.length * part))];
const wait = (ms) => new Promise((resolve) => setTimeout(resolve, ms));

let server = await serveDemo(4397);
const json = { 'content-type': 'application/json' };
const post = async (address, body) =>
  (
    await fetch(server.origin + address, { method: 'POST', headers: json, body: JSON.stringify(body) })
  ).json();

/** A copy of the demo with 2,000 pages in two languages, and 1,000 items below the first of its main menu. */
async function largeSite() {
  const file = await (await fetch(`${server.origin}/api/sites/hollin-sound/site-file`)).json();
  const { id } = await post('/api/sites/open', file);
  const pages = Array.from({ length: 2000 - file.site.pageOrder.length }, (_, index) => ({
    id: `x${index}`,
    title: `Page number ${index}`,
    path: `/large/${index}`,
    parent: null,
    titles: { de: `Seite Nummer ${index}` },
    tags: [],
  }));
  const items = pages.slice(0, 1000).map((page, index) => ({
    id: `xi${index}`,
    label: null,
    link: { to: 'page', page: page.id },
    children: [],
    labels: {},
    values: {},
  }));
  items
    .filter((_, index) => index % 25 === 0)
    .forEach((item, group) => {
      item.children = items.slice(group * 25 + 1, group * 25 + 25).map(({ id: below }) => below);
    });
  const place = { menu: 'm-main', parent: file.site.menus['m-main'].top[0], before: null };
  const edits = [
    { edit: 'addPages', pages },
    { edit: 'addItems', items, ...place },
  ];
  const answer = await post(`/api/sites/${id}/edits`, { base: 0, group: null, batch: 'large', edits });
  if (!answer.standing) throw new Error(answer.reason);
  return id;
}

/** How long answers take while something else is done: one of the application, and of a server that does nothing, for comparison. */
async function meanwhile(work) {
  const idle = createServer((_, response) => response.end('{}'));
  await new Promise((resolve) => idle.listen(0, '127.0.0.1', resolve));
  let done = false;
  const asking = async (address) => {
    const times = [];
    while (!done) {
      const start = performance.now();
      await fetch(address).then((response) => response.text());
      times.push(performance.now() - start);
      await wait(20);
    }
    return times;
  };
  const both = [
    asking(`${server.origin}/api/sites/orrery-house/changes?since=0`),
    asking(`http://127.0.0.1:${idle.address().port}`),
  ];
  const result = await work();
  done = true;
  const [own, other] = await Promise.all(both);
  idle.close();
  return { result, own, other };
}

const timed = async (address) => {
  const start = performance.now();
  const response = await fetch(server.origin + address);
  await response.arrayBuffer();
  return { status: response.status, ms: performance.now() - start };
};

/** A hand-over to its end: how long it takes, and the memory of its process in MB. */
async function handedOver(site) {
  const start = performance.now();
  const response = await fetch(`${server.origin}/api/sites/${site}/zip`, { method: 'POST' });
  const news = (await response.text())
    .trim()
    .split('\n')
    .map((line) => JSON.parse(line));
  const { says, megabytes, reason, key } = news.at(-1);
  if (says !== 'ready') throw new Error(reason);
  const zip = await (await fetch(`${server.origin}/api/sites/${site}/zip?key=${key}`)).arrayBuffer();
  return { seconds: (performance.now() - start) / 1000, megabytes, size: zip.byteLength };
}

const others = ({ own, other }) =>
  `other answers p99 ${share(own, 0.99).toFixed(0)} ms, latest ${Math.max(...own).toFixed(0)} ms (budget 100; a server that does nothing beside it: p99 ${share(other, 0.99).toFixed(0)}, latest ${Math.max(...other).toFixed(0)})`;

console.log('\n2,000 pages, 1,000 items, 2 languages');
const large = await largeSite();
const first = await timed(`/try/${large}/large/7.html`);
console.log(`first page after the start ${first.ms.toFixed(0)} ms`);
const pages = [];
const afterEdits = await meanwhile(async () => {
  for (let index = 0; index < 10; index += 1) {
    const edits = [{ edit: 'changePage', page: 'x5', title: `Page five, ${index}` }];
    await post(`/api/sites/${large}/edits`, { base: index + 1, group: null, batch: `p${index}`, edits });
    pages.push((await timed(`/try/${large}/large/${index + 8}.html`)).ms);
  }
});
console.log(
  `a page right after an edit p50 ${share(pages, 0.5).toFixed(0)} ms, latest ${Math.max(...pages).toFixed(0)} ms (n 10; budget 300 ms); ${others(afterEdits)}`,
);
const zip = await meanwhile(() => handedOver(large));
console.log(
  `zip of ${(zip.result.size / 1e6).toFixed(0)} MB made and fetched in ${zip.result.seconds.toFixed(0)} s with ${zip.result.megabytes.toFixed(0)} MB of memory (budget 60 s, 600 MB); ${others(zip)}`,
);

/** A release of a revision to its end: how long it takes, and the memory of its process in MB. */
async function released(site, revision) {
  const start = performance.now();
  const response = await fetch(`${server.origin}/api/sites/${site}/releases`, {
    method: 'POST',
    headers: json,
    body: JSON.stringify({ revision, note: '' }),
  });
  const news = (await response.text())
    .trim()
    .split('\n')
    .map((line) => JSON.parse(line));
  const { says, megabytes, reason } = news.at(-1);
  if (says !== 'ready') throw new Error(reason);
  return { seconds: (performance.now() - start) / 1000, megabytes };
}
let { standing } = await (await fetch(`${server.origin}/api/sites/${large}/changes?since=0`)).json();
for (const which of ['first release', 'release again, one label changed']) {
  const release = await meanwhile(() => released(large, standing.revision));
  const { seconds, megabytes } = release.result;
  console.log(
    `${which}: ${seconds.toFixed(0)} s with ${megabytes.toFixed(0)} MB of memory (budget 60 s, 600 MB); ${others(release)}`,
  );
  const edits = [{ edit: 'changePage', page: 'x7', title: 'Page seven, once more' }];
  const batch = which.slice(0, 30);
  ({ standing } = await post(`/api/sites/${large}/edits`, {
    base: standing.revision,
    group: null,
    batch,
    edits,
  }));
}

/** Edits of one site one after another, in ms. */
async function acknowledgements(count) {
  const times = [];
  let { standing } = await (await fetch(`${server.origin}/api/sites/orrery-house/changes?since=0`)).json();
  for (let index = 0; index < count; index += 1) {
    const batch = `h${standing.revision}`;
    const edits = [{ edit: 'renameSite', name: `Orrery House ${index}` }];
    const start = performance.now();
    const answer = await post('/api/sites/orrery-house/edits', {
      base: standing.revision,
      group: null,
      batch,
      edits,
    });
    standing = answer.standing;
    times.push(performance.now() - start);
  }
  return times.slice(20);
}

const young = await acknowledgements(220);
await server.close();
const db = new Database(path.join(server.dataDir, 'gable.db'));
const last = db
  .prepare("select * from revisions where site = 'orrery-house' order by revision desc limit 1")
  .get();
const columns = Object.keys(last);
const insert = db.prepare(
  `insert into revisions (${columns.map((each) => `"${each}"`).join()}) values (${columns.map(() => '?').join()})`,
);
db.transaction(() => {
  for (let index = 1; index <= 100_000; index += 1)
    insert.run(
      ...columns.map((column) => {
        if (column === 'revision') return last.revision + index;
        return column === 'batch' ? `old${index}` : last[column];
      }),
    );
  db.prepare("update sites set revision = ? where id = 'orrery-house'").run(last.revision + 100_000);
})();
db.close();
server = await serveDemo(4397, server.dataDir);
const old = await acknowledgements(220);
console.log(
  `edit acknowledged p95 ${share(young, 0.95).toFixed(1)} ms with 220 revisions, ${share(old, 0.95).toFixed(1)} ms with 100,000: ${(share(old, 0.95) / share(young, 0.95)).toFixed(1)} times as long (budget 1.5 times)`,
);
await server.close();
