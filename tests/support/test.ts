import { test as base, type BrowserContext } from '@playwright/test';
import { SEEN_KEY } from '../../src/features/hints/hints';

/** A browser of one who wants no hints, so that none comes while something else is looked at. */
const withoutHints = (origin: string) => ({
  cookies: [],
  origins: [{ origin, localStorage: [{ name: SEEN_KEY, value: '["all"]' }] }],
});

/**
 * Tests of a worker share one browser profile, so that the application's code is fetched and compiled once; each test has
 * its own page, and its own site on the server.
 */
export const test = base.extend<object, { profile: BrowserContext }>({
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
  page: async ({ context }, provide) => {
    await provide(await context.newPage());
  },
});
