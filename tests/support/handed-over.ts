import type { Page } from '@playwright/test';
import { renderFiles } from '../../src/core/render/files';
import type { Site } from '../../src/core/site/site';
import type { Db } from '../../src/server/db/open';
import { fileBytes, mediaType, runtimeScripts } from '../../src/server/handover/sources';
import { measured } from '../../src/server/text/measured';

const ORIGIN = 'http://visited.example';

/** Opens the home page of the files that a site hands over, served under an origin of their own. */
export async function visitHandedOver(page: Page, db: Db, site: Site): Promise<void> {
  const files = await measured(db, (advances) => renderFiles(site, runtimeScripts(site), advances));
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
