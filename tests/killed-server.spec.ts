import { spawn, type ChildProcess } from 'node:child_process';
import { mkdtempSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { test } from './support/test';
import { expect } from '@playwright/test';

const port = 4391;
const origin = `http://127.0.0.1:${port}`;
const dataDir = mkdtempSync(path.join(tmpdir(), 'gable-ridge-killed-'));
let server: ChildProcess | null = null;

async function start() {
  server = spawn(
    process.execPath,
    ['node_modules/next/dist/bin/next', 'start', '-H', '127.0.0.1', '-p', String(port)],
    {
      env: { ...process.env, DATA_DIR: dataDir },
      stdio: 'ignore',
    },
  );
  await expect
    .poll(
      () =>
        fetch(origin).then(
          (response) => response.status,
          () => 0,
        ),
      { timeout: 30_000 },
    )
    .toBe(200);
}

async function kill() {
  const ended = new Promise((resolve) => server!.once('exit', resolve));
  server!.kill('SIGKILL');
  await ended;
}

test.afterEach(async () => {
  if (server && server.exitCode === null && server.signalCode === null) await kill();
});

/** Adds a page and says whether it was acknowledged. */
async function addPage(index: number): Promise<boolean> {
  const page = {
    id: `k${index}`,
    title: `Page ${index}`,
    path: `/killed/${index}`,
    parent: null,
    titles: {},
    tags: [],
  };
  const body = { base: 0, edits: [{ edit: 'addPages', pages: [page] }], group: null, batch: `k${index}` };
  // Every edit adds to the same order of pages, so each has to know of the one before it.
  const standing = await fetch(`${origin}/api/sites/orrery-house/changes?since=0`).then((response) =>
    response.json(),
  );
  const response = await fetch(`${origin}/api/sites/orrery-house/edits`, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify({ ...body, base: standing.standing.revision }),
  });
  return response.ok;
}

test('a server killed in the middle of a run of edits has kept every one that it acknowledged', async () => {
  for (let round = 0; round < 3; round += 1) {
    await start();
    const acknowledged: number[] = [];
    let running = true;
    const run = (async () => {
      for (let index = round * 10_000; running; index += 1) {
        const ok = await addPage(index).catch(() => false);
        if (ok) acknowledged.push(index);
      }
    })();
    await expect.poll(() => acknowledged.length).toBeGreaterThan(20 + round * 7);
    await kill();
    running = false;
    await run;
    await start();
    const { site, standing } = await (await fetch(`${origin}/api/sites/orrery-house`)).json();
    expect(acknowledged.filter((index) => !site.pages[`k${index}`])).toEqual([]);
    expect(site.pageOrder).toHaveLength(Object.keys(site.pages).length);
    expect(standing.revision).toBeGreaterThanOrEqual(acknowledged.length);
    await kill();
  }
});
