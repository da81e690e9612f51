import { test as base, type BrowserContext } from '@playwright/test';
import { SEEN_KEY } from '../../src/features/hints/hints';

/** What is tried in an audit only (`npm run audit`), so that `npm test` is done in a quarter of an hour. */
export const inAudit = { tag: '@audit' };

/** A browser of one who wants no hints, so that none comes while something else is looked at. */
const withoutHints = (origin: string) => ({
  cookies: [],
  origins: [{ origin, localStorage: [{ name: SEEN_KEY, value: '["all"]' }] }],
});

/** A page whose worker of checks hears nothing: a look at the demo takes as long as most tests. */
function withoutChecks() {
  window.Worker = class extends Worker {
    constructor(url: string | URL, options?: WorkerOptions) {
      super(url, options);
      if (options?.name === 'checks') this.postMessage = () => {};
    }
  };
}

/**
 * Tests of a worker share one browser profile, so that the application's code is fetched and compiled once; each test has
 * its own page, and its own site on the server. Sites are looked over by checks only where a test says so (`looksOver`).
 */
export const test = base.extend<{ looksOver: boolean }, { profile: BrowserContext }>({
  looksOver: [false, { option: true }],
  profile: [
    async ({ browser }, provide, { project }) => {
      const { baseURL, viewport } = project.use;
      const profile = await browser.newContext({ baseURL, viewport, storageState: withoutHints(baseURL!) });
      await provide(profile);
      await profile.close();
    },
    { scope: 'worker' },
  ],
  context: async ({ profile }, provide) => {
    await provide(profile);
    await Promise.all(profile.pages().map((page) => page.close()));
  },
  page: async ({ context, looksOver }, provide) => {
    const page = await context.newPage();
    if (!looksOver) await page.addInitScript(withoutChecks);
    await provide(page);
  },
});
