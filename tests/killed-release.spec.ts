import { expect } from '@playwright/test';
import { ownServer } from './support/own-server';
import { sample } from '../src/sample.test-data';
import { inAudit, test } from './support/test';

const server = ownServer(4396);
const { origin } = server;
const site = `${origin}/api/sites/orrery-house`;

test.afterEach(() => server.stop('SIGKILL'));

interface Told {
  releases: { number: number; files: number }[];
  hosting: { port: number | null; release: number | null };
}
const told = async () => (await (await fetch(`${site}/releases`)).json()) as Told;
const send = (path: string, method: string, body: object) =>
  fetch(`${site}/${path}`, {
    method,
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify(body),
  });

/** Renames the site, so that the next release is another one; gives the revision. */
async function change(name: string): Promise<number> {
  const { standing } = await (await fetch(site)).json();
  const base = standing.revision as number;
  const edits = [{ edit: 'renameSite', name }];
  expect((await send('edits', 'POST', { base, batch: `c${base}`, edits, group: null })).status).toBe(200);
  return base + 1;
}

/** Makes a release and reads what is told of it to the end, or as far as the server lives. */
const release = (revision: number) =>
  send('releases', 'POST', { revision, note: '' }).then((answer) => answer.text());

test(
  'killed at any moment of a release or a publishing, the old release is live or the new one, whole',
  inAudit,
  async () => {
    const moments = sample(1, 40);
    test.setTimeout(moments * 40_000 + 60_000);
    await server.start();
    await release(await change('Orrery 0'));
    expect((await send('hosting', 'PUT', { release: 1 })).status).toBe(200);
    const files = (await told()).releases[0]!.files;
    for (let moment = 0; moment < moments; moment += 1) {
      const before = await told();
      const next = before.releases[0]!.number + 1;
      const revision = await change(`Orrery ${next}`);
      const making = release(revision)
        .then(() => send('hosting', 'PUT', { release: next }))
        .catch(() => null);
      await new Promise((resolve) => setTimeout(resolve, 150 + ((moment * 977) % 2400)));
      await server.stop('SIGKILL');
      await making;
      await server.start();
      const after = await told();
      // There is no release that holds a part of the files, and what is live is one of those that are there.
      expect(after.releases.every((each) => each.files === files)).toBe(true);
      expect([before.hosting.release, next]).toContain(after.hosting.release);
      const live = await fetch(`http://127.0.0.1:${after.hosting.port}/`).then((answer) => answer.text());
      const numbered = after.hosting.release === 1 ? 0 : after.hosting.release;
      expect(live).toContain(`<title>Orrery ${numbered}</title>`);
      // The same can be made afterwards, unless it came to its end in time.
      if (after.releases[0]!.number < next) {
        const text = await release(revision);
        expect(text).toContain('"ready"');
      }
      await send('hosting', 'PUT', { release: next });
    }
  },
);
