import { execFileSync } from 'node:child_process';
import { mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import AxeBuilder from '@axe-core/playwright';
import { expect, type Page } from '@playwright/test';
import { build } from 'esbuild';
import { mediaType } from '../src/server/handover/sources';
import { inAudit, test } from './support/test';

const root = path.resolve(import.meta.dirname, '..');
const HOST = 'http://react.example';

/** An application with the least of routers: its links change the page without loading another. */
const application = `
import { startTransition, useEffect, useState, type MouseEvent } from 'react';
import { createRoot } from 'react-dom/client';
import { SiteDrawers, SiteFooter, SiteHeader, useSite, type LinkProps } from './components';

function Application() {
  const [page, setPage] = useState(location.pathname);
  useEffect(() => {
    const back = () => setPage(location.pathname);
    addEventListener('popstate', back);
    return () => removeEventListener('popstate', back);
  }, []);
  useSite(page);
  const [link] = useState(() => function Link({ onClick: _, ...props }: LinkProps) {
    const go = (event: MouseEvent) => {
      event.preventDefault();
      history.pushState(null, '', props.href);
      startTransition(() => setPage(location.pathname));
    };
    return <a {...props} onClick={go} />;
  });
  const site = { page, link };
  return (
    <>
      <SiteHeader {...site} />
      <main id="content"><section><h1>{page}</h1><p style={{ height: 2000 }}>Here.</p></section></main>
      <SiteFooter {...site} />
      <SiteDrawers {...site} />
    </>
  );
}

createRoot(document.getElementById('root')!).render(<Application />);
`;

const folder = mkdtempSync(path.join(tmpdir(), 'gable-ridge-react-'));
test.afterAll(() => rmSync(folder, { recursive: true }));

/** Serves an application that was put together of the demo’s components. */
async function serve(page: Page): Promise<void> {
  await page.route(`${HOST}/**`, (route) => {
    const { pathname } = new URL(route.request().url());
    if (pathname === '/application.js')
      return route.fulfill({
        contentType: mediaType('x.js'),
        body: readFileSync(path.join(folder, 'out.js')),
      });
    if (/\.\w+$/.test(pathname))
      return route.fulfill({
        contentType: mediaType(pathname),
        body: readFileSync(path.join(folder, 'made/public', pathname)),
      });
    return route.fulfill({
      contentType: 'text/html; charset=utf-8',
      body: `<!doctype html><html lang="en"><head><title>Hollin Sound</title><meta name="viewport" content="width=device-width"><link rel="stylesheet" href="/site.css"></head><body><div id="root"></div><script src="/application.js"></script></body></html>`,
    });
  });
}

test.beforeAll(async ({ playwright }, { project }) => {
  const request = await playwright.request.newContext({ baseURL: project.use.baseURL });
  const site = await (await request.get('/api/sites/hollin-sound/site-file')).body();
  await request.dispose();
  writeFileSync(path.join(folder, 'hollin.gable.json'), site);
  const made = path.join(folder, 'made');
  const command = path.join(root, 'bin/gable-ridge.mjs');
  execFileSync(process.execPath, [command, 'react', 'hollin.gable.json', 'made'], { cwd: folder });
  writeFileSync(path.join(made, 'application.tsx'), application);
  await build({
    entryPoints: [path.join(made, 'application.tsx')],
    outfile: path.join(folder, 'out.js'),
    bundle: true,
    format: 'iife',
    jsx: 'automatic',
    nodePaths: [path.join(root, 'node_modules')],
    define: { 'process.env.NODE_ENV': '"development"' },
  });
});

const violations = async (page: Page) => {
  const { violations: found } = await new AxeBuilder({ page })
    .withTags(['wcag2a', 'wcag2aa', 'wcag21aa', 'wcag22aa', 'best-practice'])
    .analyze();
  return found.map(({ id, nodes }) => [id, ...nodes.map(({ html }) => html)]);
};

test(
  'the components of a site work in an application with a router, and no violation is found',
  inAudit,
  async ({ page }) => {
    const complaints: string[] = [];
    page.on('console', (message) => message.type() === 'error' && complaints.push(message.text()));
    page.on('pageerror', ({ message }) => complaints.push(message));
    await serve(page);
    await page.goto(`${HOST}/`);
    expect(await violations(page)).toEqual([]);

    // What drops down opens by its button, and is shut once the page is another one.
    const header = page.getByRole('banner');
    await header.getByRole('button', { name: 'Routes: more' }).click();
    const below = header.getByRole('link', { name: 'Hollin – Great Skerrow' }).first();
    await expect(below).toBeVisible();
    await below.click();
    await expect(below).toBeHidden();
    await expect(page).not.toHaveURL(`${HOST}/`);
    await expect(header.getByRole('link', { name: 'Routes', exact: true })).toHaveAttribute(
      'aria-current',
      'true',
    );
    expect(await violations(page)).toEqual([]);

    // From a page with another header the router leads to one whose header tells its phase of scrolling.
    await page.goto(`${HOST}/freight`);
    await header.getByRole('link').first().click();
    await expect(page).toHaveURL(`${HOST}/`);
    await page.evaluate(() => scrollTo(0, 1200));
    await expect(page.locator('header[data-phase]')).not.toHaveAttribute('data-phase', 'top');
    expect(complaints).toEqual([]);
  },
);

test(
  'a drawer of the components opens, and a link in it leads to its page without loading another',
  inAudit,
  async ({ page }) => {
    await page.setViewportSize({ width: 390, height: 780 });
    await serve(page);
    await page.goto(`${HOST}/`);
    await page.evaluate(() => ((window as { stays?: boolean }).stays = true));
    await page.getByRole('banner').getByRole('button', { name: 'Menu' }).click();
    const drawer = page.getByRole('dialog');
    expect(await violations(page)).toEqual([]);
    await drawer.getByRole('link', { name: 'Fares' }).first().click();
    await expect(drawer).toBeHidden();
    await expect(page).not.toHaveURL(`${HOST}/`);
    expect(await page.evaluate(() => (window as { stays?: boolean }).stays)).toBe(true);
  },
);
