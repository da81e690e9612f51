import { mkdtempSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { defineConfig } from '@playwright/test';
import { chromiumArguments, chromiumPath } from './scripts/lib/chromium.mjs';

const port = 4390;
// The configuration is read by every worker; they share the folder of the first.
process.env.GABLE_TEST_DATA ??= mkdtempSync(path.join(tmpdir(), 'gable-ridge-data-'));

export default defineConfig({
  testDir: 'tests',
  workers: 2,
  timeout: 120_000,
  // Two browsers and the server share two cores.
  expect: { timeout: 30_000 },
  // A machine that is short of memory may lose a page; what passes at a second go only is named at the end of the run.
  retries: 1,
  forbidOnly: Boolean(process.env.CI),
  // What is marked as `inAudit` (tests/support/test.ts).
  grepInvert: process.env.GABLE_AUDIT ? undefined : /@audit/,
  reporter: process.env.PLAYWRIGHT_JSON_OUTPUT_FILE ? [['list'], ['json']] : 'list',
  use: {
    baseURL: `http://127.0.0.1:${port}`,
    viewport: { width: 1280, height: 800 },
    screenshot: 'only-on-failure',
    launchOptions: { executablePath: chromiumPath() ?? undefined, args: chromiumArguments },
  },
  webServer: {
    command: `${process.execPath} node_modules/next/dist/bin/next start -H 127.0.0.1 -p ${port} --keepAliveTimeout 70000`,
    url: `http://127.0.0.1:${port}`,
    env: { DATA_DIR: process.env.GABLE_TEST_DATA },
    reuseExistingServer: false,
  },
});
