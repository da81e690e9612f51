import { bytesIn } from '../../src/server/bytes/blobs';
import type { Page } from '@playwright/test';
import { renderFiles } from '../../src/core/render/files';
import type { Site } from '../../src/core/site/site';
import type { Db } from '../../src/server/db/open';
import { fileBytes, mediaType, runtimeScripts } from '../../src/server/handover/sources';
import { measured } from '../../src/server/text/measured';

const ORIGIN = 'http://visited.example';

/** What servers are told to say of handed-over files: nothing comes from anywhere else, and nothing stands inline. */
const POLICY = "default-src 'self'; base-uri 'none'; form-action 'self'";

/** How handed-over files are met: in which language, with what changed in their texts, such as what a browser does not know. */
interface Visit {
  path?: string;
  /** Whether the server says a strict policy, under which tests cannot add styles either. */
  strict?: boolean;
  changed?(text: string): string;
}

/** Opens the home page of the files that a site hands over, served under an origin of their own. */
export async function visitHandedOver(
  page: Page,
  db: Db,
  site: Site,
  { path = '', strict = false, changed = (text) => text }: Visit = {},
): Promise<void> {
  const files = await measured(db, (advances) => renderFiles(site, runtimeScripts(site), advances));
  await page.unroute(`${ORIGIN}/**`);
  await page.route(`${ORIGIN}/**`, (route) => {
    const name = new URL(route.request().url()).pathname.slice(1) || 'index.html';
    const file = files.find((each) => each.path === name);
    if (!file) return route.fulfill({ status: 404 });
    const bytes = fileBytes(bytesIn(db), file);
    return route.fulfill({
      contentType: mediaType(name),
      headers: strict ? { 'content-security-policy': POLICY } : {},
      body: 'text' in file ? changed(bytes.toString()) : bytes,
    });
  });
  await page.goto(`${ORIGIN}/${path}`);
}
