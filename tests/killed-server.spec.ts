import { expect } from '@playwright/test';
import { ownServer } from './support/own-server';
import { sample } from '../src/sample.test-data';
import { test } from './support/test';

const server = ownServer(4391);
const { origin } = server;

test.afterEach(() => server.stop('SIGKILL'));

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
  const rounds = sample(1, 40);
  // It starts a server twice in each: on a machine that has much else to do, that takes its time.
  test.setTimeout(60_000 + rounds * 45_000);
  for (let round = 0; round < rounds; round += 1) {
    await server.start();
    const acknowledged: number[] = [];
    let running = true;
    const run = (async () => {
      for (let index = round * 10_000; running; index += 1) {
        const ok = await addPage(index).catch(() => false);
        if (ok) acknowledged.push(index);
      }
    })();
    await expect.poll(() => acknowledged.length).toBeGreaterThan(20 + round * 7);
    await server.stop('SIGKILL');
    running = false;
    await run;
    await server.start();
    const { site, standing } = await (await fetch(`${origin}/api/sites/orrery-house`)).json();
    expect(acknowledged.filter((index) => !site.pages[`k${index}`])).toEqual([]);
    expect(site.pageOrder).toHaveLength(Object.keys(site.pages).length);
    expect(standing.revision).toBeGreaterThanOrEqual(acknowledged.length);
    await server.stop('SIGKILL');
  }
});
