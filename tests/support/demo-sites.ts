import { mkdtempSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { starters } from '../../src/core/starters';
import { startHeader } from '../../src/core/starters/starter';
import { countedIds } from '../../src/core/site/sample.test-data';
import type { Site } from '../../src/core/site/site';
import { lookHere } from '../../src/server/bytes/look';
import { openDatabase } from '../../src/server/db/open';
import { seedDemo } from '../../src/server/demo/seed';
import { loadSite } from '../../src/server/sites/store';

/** A database with the demo sites, for tests that look at them without the application. */
export const demoDb = openDatabase(mkdtempSync(path.join(tmpdir(), 'gable-ridge-demo-')));
await seedDemo(demoDb, lookHere, new Date(0));
export const demo = (id: string) => loadSite(demoDb, id)!.site;

export const withHeader = (site: Site, header: string): Site => ({
  ...site,
  placing: { ...site.placing, header },
});
export const withStarter = (site: Site, id: string): Site => {
  const { header, menus } = startHeader(
    site,
    starters.find((each) => each.id === id)!,
    id,
    countedIds(),
  );
  const added = Object.fromEntries(menus.map((menu) => [menu.id, menu]));
  return {
    ...withHeader(site, header.id),
    menus: { ...site.menus, ...added },
    headers: { ...site.headers, [header.id]: header },
  };
};

/** A site whose placed header has no collapse rules. */
export function withoutRules(site: Site): Site {
  const header = site.headers[site.placing.header!]!;
  const bars = Object.entries(header.bars).map(([id, bar]) => [id, { ...bar, rules: [] }]);
  const bare = { ...header, bars: Object.fromEntries(bars) };
  return { ...site, headers: { ...site.headers, [header.id]: bare } };
}
