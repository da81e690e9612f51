import { request as plainRequest, type OutgoingHttpHeaders } from 'node:http';
import { expect, type APIRequestContext } from '@playwright/test';
import { readText } from '../../src/core/formats/read-text';
import { copyOfDemo, listedFiles, makeSite, storedSite } from '../support/site';
import { test } from '../support/test';
import { damagedFont, hostileFonts } from './fonts';
import { hostilePictures } from './pictures';
import { hostilePaths, hostileRequests, hostileScreens } from './requests';
import { hostileTexts } from './texts';

interface Answer {
  status: number;
  headers: OutgoingHttpHeaders;
  text: string;
}

/** Sends a request letter by letter: a library would put its address in order first. */
function send(
  baseURL: string,
  method: string,
  path: string,
  headers: Record<string, string> = {},
  body?: string,
): Promise<Answer> {
  const { hostname, port } = new URL(baseURL);
  return new Promise((resolve, reject) => {
    const sent = plainRequest({ hostname, port, method, path, headers }, (response) => {
      let text = '';
      response.setEncoding('utf8').on('data', (chunk) => (text += chunk));
      response.on('end', () => resolve({ status: response.statusCode!, headers: response.headers, text }));
    });
    sent.on('error', reject);
    sent.end(body);
  });
}

/** Sends a file to be kept, and gives `taken` or the reason why it was not. */
async function upload(request: APIRequestContext, site: string, kind: string, name: string, bytes: Buffer) {
  const response = await request.post(`/api/sites/${site}/uploads/${kind}?name=${name}`, {
    data: bytes,
    headers: { 'content-type': 'application/octet-stream' },
  });
  const answer = (await response.json()) as {
    reason?: string;
    hash?: string;
    about?: Record<string, unknown>;
  };
  return { ...answer, said: response.status() === 201 ? 'taken' : (answer.reason ?? '') };
}

/** The server still answers, and at once: nothing that came before holds it up. */
async function stillAnswers(request: APIRequestContext) {
  expect((await request.get('/api/sites/hollin-sound/changes?since=0')).status()).toBe(200);
}

for (const { what, name = 'a.svg', bytes, answer } of hostilePictures)
  test(`a picture with ${what}`, async ({ request }) => {
    const site = await makeSite(request, 'Hostile pictures');
    const { said } = await upload(request, site, 'artwork', name, Buffer.from(bytes()));
    expect(said).toMatch(answer);
    await stillAnswers(request);
  });

for (const { what, name, bytes, answer } of hostileFonts)
  test(`a font with ${what}`, async ({ request }) => {
    const site = await makeSite(request, 'Hostile fonts');
    const { said } = await upload(request, site, 'fonts', name, await bytes());
    expect(said).toMatch(answer);
    await stillAnswers(request);
  });

test('of fonts that were damaged anywhere, each one that is taken can be handed over', async ({
  request,
}) => {
  const id = await makeSite(request, 'Damaged fonts');
  const before = await listedFiles(request, id);
  const taken: string[] = [];
  for (let seed = 0; seed < 50; seed += 1) {
    const { said, about, hash } = await upload(request, id, 'fonts', 'a.woff', damagedFont(seed));
    if (said !== 'taken') expect(said).toContain('cannot be read to its end');
    else {
      const family = { id: `f${seed}`, name: `Damaged ${seed}` };
      const { standing } = await storedSite(request, id);
      const edits = [
        { edit: 'addFontFile', family, file: { hash, ...(about!.file as object) } },
        {
          edit: 'setValue',
          place: { on: 'typeStyle', style: 'type-body' },
          property: 'family',
          cell: 'all',
          value: family.id,
        },
      ];
      const data = { base: standing.revision, edits, group: null, batch: `b${seed}` };
      expect((await request.post(`/api/sites/${id}/edits`, { data })).status()).toBe(200);
      taken.push(family.id);
    }
    // Each is handed over while the site is set in it.
    if (taken.at(-1) === `f${seed}`)
      expect((await listedFiles(request, id)).length).toBeGreaterThanOrEqual(before.length);
  }
  expect((await request.get(`/api/sites/${id}/zip`)).status()).toBe(200);
});

for (const { what, asked, answer } of hostileTexts)
  test(`a text of ${what}`, () => {
    let count = 0;
    const { found, problems } = readText(asked, () => `n${(count += 1)}`);
    expect([
      `${found.length} found, ${problems.length} problems`,
      ...problems.map(({ reason }) => reason),
    ]).toContainEqual(expect.stringMatching(answer));
  });

test('requests that should change nothing are answered with a sentence, and change nothing', async ({
  request,
  baseURL,
}) => {
  const id = await copyOfDemo(request);
  for (const { what, method, path, headers, body, status, answer } of hostileRequests(id)) {
    const given = await send(baseURL!, method, path, headers, body);
    expect([what, given.status, given.headers['content-type']]).toEqual([what, status, 'application/json']);
    expect([what, JSON.parse(given.text).reason]).toEqual([what, expect.stringMatching(answer)]);
  }
  expect((await storedSite(request, id)).standing.revision).toBe(0);
});

test('nothing but the files of a site is served below its address', async ({ baseURL }) => {
  for (const below of ['try', 'frame']) {
    const { headers } = await send(baseURL!, 'GET', `/${below}/hollin-sound/site.css`);
    const own = String(headers.location).replace(/site\.css$/, '');
    expect((await send(baseURL!, 'GET', `${own}site.css`)).status).toBe(200);
    for (const path of hostilePaths) {
      const answer = await send(baseURL!, 'GET', own + path);
      expect([below, path, answer.status >= 300 && answer.status < 500]).toEqual([below, path, true]);
      expect(answer.text).not.toMatch(/gable-ridge"|root:|@layer/);
    }
  }
});

test('screens are shown for ids that every object answers to, or are not there', async ({ request }) => {
  for (const path of hostileScreens) {
    const status = (await request.get(path)).status();
    expect([path, [200, 404].includes(status)]).toEqual([path, true]);
  }
});

test('bytes that came as a file cannot be claimed as artwork', async ({ request }) => {
  const id = await makeSite(request, 'Claimed');
  const svg = Buffer.from('<svg xmlns="http://www.w3.org/2000/svg" onload="1"/>');
  const { hash } = await upload(request, id, 'files', 'plan.bin', svg);
  const about = { type: 'image/svg+xml', width: 9, height: 9, bytes: svg.length };
  const edits = [{ edit: 'addArtwork', artwork: { id: 'a', name: 'A', alt: '', hash, ...about } }];
  const data = { base: 0, edits, group: null, batch: 'claim' };
  const response = await request.post(`/api/sites/${id}/edits`, { data });
  expect([response.status(), (await response.json()).reason]).toEqual([
    422,
    expect.stringContaining('never looked at as what they are to be'),
  ]);
});

test('files of 3 to 8 MB are kept, and come back in a site file larger than the framework would take', async ({
  request,
}) => {
  test.slow();
  const id = await makeSite(request, 'Large files');
  const sizes = [3.2, 8].map((megabytes) => Math.floor(megabytes * 1048576));
  for (const [index, size] of sizes.entries()) {
    const bytes = Buffer.alloc(size, `timetable ${index} `);
    const { said, about, hash } = await upload(request, id, 'files', `times-${index}.pdf`, bytes);
    expect(said).toBe('taken');
    const edits = [{ edit: 'addFile', file: { id: `f${index}`, hash, ...about } }];
    const data = { base: index, edits, group: null, batch: `f${index}` };
    expect((await request.post(`/api/sites/${id}/edits`, { data })).status()).toBe(200);
  }
  const file = await (await request.get(`/api/sites/${id}/site-file`)).body();
  expect(file.length).toBeGreaterThan(14 * 1048576);
  const response = await request.post('/api/sites/open', {
    data: file,
    headers: { 'content-type': 'application/json' },
  });
  expect(response.status()).toBe(201);
  const { site } = await storedSite(request, (await response.json()).id);
  expect(Object.values(site.files as Record<string, { bytes: number }>).map(({ bytes }) => bytes)).toEqual(
    sizes,
  );
});

test('a site file that is too large is refused with its reason', async ({ request }) => {
  const response = await request.post('/api/sites/open', {
    data: Buffer.alloc(65 * 1048576, ' '),
    headers: { 'content-type': 'application/json' },
  });
  expect([response.status(), (await response.json()).reason]).toEqual([
    413,
    expect.stringContaining('64 MB'),
  ]);
});
