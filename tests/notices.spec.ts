import { expect, type Page } from '@playwright/test';
import { mkdtempSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { renderFiles } from '../src/core/render/files';
import { composeAssembly } from '../src/core/site/compose';
import { newPage, newSite } from '../src/core/site/defaults';
import { countedIds } from '../src/core/site/sample.test-data';
import type { Site } from '../src/core/site/site';
import { openDatabase } from '../src/server/db/open';
import { fileBytes, mediaType, runtimeScript } from '../src/server/handover/sources';
import { measured } from '../src/server/text/measured';
import { test } from './support/test';

const db = openDatabase(mkdtempSync(path.join(tmpdir(), 'gable-ridge-notices-')));
const ORIGIN = 'http://notices.example';

/** A site whose header says these things, each in a notice of its own. */
function siteWith(...notices: readonly string[]): Site {
  const ids = countedIds();
  const site = newSite('Tern Point', ids);
  const header = composeAssembly(
    {
      kind: 'headers',
      name: 'Header',
      bars: notices.map((text, index) => ({ name: `Bar ${index}`, bays: [[['notice', { text: [text] }]]] })),
    },
    () => ids(),
    site.bands,
  );
  return {
    ...site,
    pageOrder: ['home'],
    pages: { home: newPage({ id: 'home', title: 'Home', path: '/', parent: null }) },
    headers: { [header.id]: header },
    placing: { ...site.placing, header: header.id },
  };
}

async function visit(page: Page, site: Site) {
  const files = await measured(db, (advances) => renderFiles(site, runtimeScript(site), advances));
  await page.unroute(`${ORIGIN}/**`);
  await page.route(`${ORIGIN}/**`, (route) => {
    const name = new URL(route.request().url()).pathname.slice(1) || 'index.html';
    const file = files.find((each) => each.path === name);
    return file
      ? route.fulfill({ contentType: mediaType(name), body: fileBytes(db, file) })
      : route.fulfill({ status: 404 });
  });
  await page.goto(ORIGIN);
}

test('each of several notices is dismissed by itself, and stays away until its own words change', async ({
  page,
}) => {
  const seen = (words: string) => expect(page.getByText(words)).toBeVisible();
  const gone = (words: string) => expect(page.getByText(words)).toBeHidden();
  const dismiss = (nth: number) => page.getByRole('button', { name: 'Dismiss this notice' }).nth(nth).click();
  await visit(page, siteWith('Strong wind', 'New timetable'));
  await dismiss(1);
  await gone('New timetable');
  await seen('Strong wind');
  await dismiss(0);
  await page.reload();
  await gone('Strong wind');
  await gone('New timetable');
  await visit(page, siteWith('Strong wind', 'Winter timetable'));
  await gone('Strong wind');
  await seen('Winter timetable');
});
