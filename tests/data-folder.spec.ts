import { copyFileSync, existsSync, mkdirSync, statSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { expect } from '@playwright/test';
import Database from 'better-sqlite3';
import { ownServer } from './support/own-server';
import { inAudit, test } from './support/test';

const server = ownServer(4392);
const { origin, dataDir } = server;
const file = path.join(dataDir, 'gable.db');

test.afterEach(() => server.stop('SIGKILL'));
test.describe.configure({ mode: 'serial' });

/** What stands in the main file of the database, without what was written beside it. */
function inMainFile<T>(query: string): T[] {
  const alone = path.join(dataDir, 'alone.db');
  copyFileSync(file, alone);
  const connection = new Database(alone);
  const rows = connection.prepare(query).all() as T[];
  connection.close();
  return rows;
}

async function rename(name: string) {
  const { standing } = await (await fetch(`${origin}/api/sites/orrery-house`)).json();
  const base = standing.revision as number;
  const response = await fetch(`${origin}/api/sites/orrery-house/edits`, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify({ base, edits: [{ edit: 'renameSite', name }], group: null, batch: name }),
  });
  expect(response.status).toBe(200);
}

test(
  'the main file of the database is whole after the start, and holds every edit after the end',
  inAudit,
  async () => {
    await server.start();
    expect(inMainFile<{ id: string }>('select id from sites order by id').map(({ id }) => id)).toEqual([
      'hollin-sound',
      'orrery-house',
    ]);
    await rename('At the end');
    await server.stop('SIGTERM');
    const wal = `${file}-wal`;
    expect(existsSync(wal) ? statSync(wal).size : 0).toBe(0);
    expect(inMainFile<{ name: string }>("select name from sites where id = 'orrery-house'")).toEqual([
      { name: 'At the end' },
    ]);
  },
);

test('a second server on the folder is refused with a sentence, and the first goes on', inAudit, async () => {
  await server.start();
  const second = await ownServer(4393, dataDir).refused();
  expect(second.code).toBe(1);
  expect(second.said).toContain(`Another Gable Ridge is running on the data in ${dataDir}`);
  await rename('Still here');
  await server.stop('SIGKILL');
  // The folder is free again, in whatever way the first one ended.
  await server.start();
});

test('a folder that cannot be used is said, and the server ends', async () => {
  const blocked = path.join(dataDir, 'a-file');
  writeFileSync(blocked, '');
  const refused = await ownServer(4394, path.join(blocked, 'data')).refused();
  expect(refused).toMatchObject({ code: 1, said: expect.stringContaining('cannot be used') });
});

test('a copy of the data that was made while it runs takes its place elsewhere', inAudit, async () => {
  await server.start();
  const copy = await fetch(`${origin}/api/data`);
  expect(copy.ok || (await copy.text())).toBe(true);
  expect(copy.headers.get('content-disposition')).toMatch(/gable-ridge-\d{4}-\d\d-\d\d\.db/);
  const restored = ownServer(4395);
  mkdirSync(restored.dataDir, { recursive: true });
  writeFileSync(path.join(restored.dataDir, 'gable.db'), Buffer.from(await copy.arrayBuffer()));
  try {
    await restored.start();
    const { site } = await (await fetch(`${restored.origin}/api/sites/orrery-house`)).json();
    expect(site.name).toBe('Still here');
  } finally {
    await restored.stop('SIGKILL');
  }
});

test(
  'a site that cannot be read says why on the screen; its last readable revision is opened, and others go on',
  inAudit,
  async ({ page }) => {
    await server.start();
    await rename('Last readable');
    await server.stop('SIGTERM');
    const connection = new Database(file);
    // As an older version acknowledged it: a number that its schema does not read.
    const header = JSON.parse(
      (
        connection
          .prepare("select body from parts where site = 'orrery-house' and kind = 'headers'")
          .get() as {
          body: string;
        }
      ).body,
    );
    const [bar] = Object.values<{ id: string; name: unknown }>(header.bars);
    const before = bar!.name;
    bar!.name = null;
    connection
      .prepare("update parts set body = ? where site = 'orrery-house' and kind = 'headers'")
      .run(JSON.stringify(header));
    const at = ['headers', header.id, 'bars', bar!.id, 'name'];
    const patch = (value: unknown) => JSON.stringify([{ op: 'replace', path: at, value }]);
    connection
      .prepare(
        "insert into revisions (site, revision, kind, title, patches, inverse, at) values ('orrery-house', 4, 'edit', 'Rename a bar', ?, ?, 0)",
      )
      .run(patch(null), patch(before));
    connection.prepare("update sites set revision = 4 where id = 'orrery-house'").run();
    connection.close();

    await server.start();
    await page.goto(`${origin}/sites/orrery-house/headers`);
    await expect(page.getByRole('heading', { name: '“Last readable” cannot be read' })).toBeVisible();
    await expect(page.getByRole('list', { name: 'What is wrong' })).toContainText(`${at.join('.')}: `);
    const asItStands = await (await fetch(`${origin}/api/sites/orrery-house/site-file`)).json();
    expect(asItStands.site.headers[header.id].bars[bar!.id].name).toBeNull();
    await page.getByRole('button', { name: 'Open its last readable revision' }).click();
    await expect(page.getByText('Last readable (revision 3)', { exact: true })).toBeVisible();
    await page.goto(`${origin}/sites/hollin-sound/headers`);
    await expect(page.frameLocator('iframe[title="Phone view"]').locator('header')).toBeVisible();
  },
);
