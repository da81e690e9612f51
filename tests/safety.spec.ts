import { request as plainRequest } from 'node:http';
import { expect } from '@playwright/test';
import { test } from './support/test';
import { view } from './support/site';

/** The status of a request with these headers, sent without a browser's or a library's own. */
function statusOf(
  baseURL: string,
  method: string,
  path: string,
  headers: Record<string, string>,
): Promise<number> {
  const { hostname, port } = new URL(baseURL);
  return new Promise((resolve, reject) => {
    const sent = plainRequest({ hostname, port, method, path, headers }, (response) => {
      response.resume();
      resolve(response.statusCode!);
    });
    sent.on('error', reject);
    sent.end(method === 'POST' ? '{"name":"Foreign"}' : undefined);
  });
}

test('other websites reach nothing, by another name or from another origin', async ({ baseURL }) => {
  const json = { 'content-type': 'application/json' };
  expect(await statusOf(baseURL!, 'GET', '/', { host: 'elsewhere.example' })).toBe(403);
  expect(await statusOf(baseURL!, 'GET', '/api/sites/hollin-sound', { host: 'elsewhere.example' })).toBe(403);
  expect(
    await statusOf(baseURL!, 'POST', '/api/sites', { ...json, origin: 'https://elsewhere.example' }),
  ).toBe(403);
  expect(await statusOf(baseURL!, 'POST', '/api/sites', { ...json, origin: 'null' })).toBe(403);
  expect(await statusOf(baseURL!, 'DELETE', '/api/sites/hollin-sound', { origin: 'null' })).toBe(403);
  expect(await statusOf(baseURL!, 'GET', '/', {})).toBe(200);
});

test('code of a site runs in an origin of its own, from which the application cannot be reached', async ({
  page,
}) => {
  await page.goto('/sites/hollin-sound/headers');
  await expect(view(page, 'Desktop').locator('header')).toBeVisible();
  const inside = await view(page, 'Desktop')
    .locator('html')
    .evaluate(async () => {
      const reached = (work: () => unknown) => {
        try {
          return String(work());
        } catch {
          return 'refused';
        }
      };
      return {
        origin: self.origin,
        parent: reached(() => parent.document.title),
        storage: reached(() => localStorage.length),
        cookie: reached(() => document.cookie),
        asked: await fetch('/api/sites/hollin-sound').then(
          (response) => response.text(),
          () => 'refused',
        ),
      };
    });
  expect(inside).toEqual({
    origin: 'null',
    parent: 'refused',
    storage: 'refused',
    cookie: 'refused',
    asked: 'refused',
  });
});

test('a page opened on its own is shut in as well', async ({ page }) => {
  await page.goto('/try/hollin-sound/index.html');
  expect(await page.evaluate(() => self.origin)).toBe('null');
  await page.getByRole('link', { name: 'Fares & tickets', exact: true }).first().click();
  await expect(page.getByRole('heading', { name: 'Fares & tickets', level: 1 })).toBeVisible();
  await expect(page.locator('header img')).toHaveJSProperty('naturalWidth', 212);
});

test('no answer is taken for another type, framed by others, or read by another origin', async ({
  request,
}) => {
  const seen = await request.get('/try/hollin-sound/index.html');
  const own = seen.url().replace(/index\.html$/, '');
  for (const path of [
    '/',
    '/sites/hollin-sound/headers',
    '/api/sites',
    '/frame-host.js',
    seen.url(),
    '/api/none',
  ]) {
    const headers = (await request.get(path)).headers();
    expect([path, headers['x-content-type-options']]).toEqual([path, 'nosniff']);
    expect([path, headers['access-control-allow-origin']]).toEqual([path, undefined]);
    if (path !== '/frame-host.js')
      expect([path, headers['content-security-policy']]).toEqual([
        path,
        expect.stringContaining("frame-ancestors 'self'"),
      ]);
  }
  const cross = { 'sec-fetch-site': 'cross-site', origin: 'null' };
  const font = `${own}fonts/figtree-latin-400-normal.woff2`;
  const given = await request.get(font, { headers: cross });
  expect([given.status(), given.headers()['access-control-allow-origin']]).toEqual([200, 'null']);
  for (const path of ['/api/sites/hollin-sound', '/try/hollin-sound/site.css', '/'])
    expect([path, (await request.get(path, { headers: cross })).status()]).toEqual([path, 403]);
  const elsewhere = { 'sec-fetch-site': 'cross-site', origin: 'https://elsewhere.example' };
  expect((await request.get(font, { headers: elsewhere })).headers()['access-control-allow-origin']).toBe(
    undefined,
  );
});

test('fonts to be measured with are plain bytes of fonts that are there', async ({ request }) => {
  const font = await request.get('/fonts/figtree-latin-400-normal.woff2/sfnt');
  expect([...(await font.body()).subarray(0, 4)]).toEqual([0, 1, 0, 0]);
  for (const path of ['/fonts/nothing.woff2/sfnt', `/api/sites/hollin-sound/bytes/${'f'.repeat(64)}/sfnt`])
    expect((await request.get(path)).status()).toBe(404);
});
