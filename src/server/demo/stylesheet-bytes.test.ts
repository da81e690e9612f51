import { expect, test } from '@jest/globals';
import { mkdtempSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { evenLetters } from '@/core/fit/even-letters.test-data';
import { renderStylesheet } from '@/core/render/stylesheet/stylesheet';
import { countedIds } from '@/core/site/sample.test-data';
import type { Site } from '@/core/site/site';
import { starters } from '@/core/starters';
import { startHeader } from '@/core/starters/starter';
import { lookHere } from '../bytes/look';
import { openDatabase } from '../db/open';
import { loadSite } from '../sites/store';
import { seedDemo } from './seed';
import { stylesheetBytes } from './stylesheet-bytes.test-data';

const db = openDatabase(mkdtempSync(path.join(tmpdir(), 'gable-ridge-bytes-')));
await seedDemo(db, lookHere, new Date(0));
const demo = (id: string) => loadSite(db, id)!.site;

/** A demo site with no header but one that was made of a starter. */
function withStarter(id: string): Site {
  const site = demo('hollin-sound');
  const starter = starters.find((each) => each.id === id)!;
  const { header, menus } = startHeader(site, starter, id, countedIds());
  const added = Object.fromEntries(menus.map((menu) => [menu.id, menu]));
  return {
    ...site,
    menus: { ...site.menus, ...added },
    headers: { [header.id]: header },
    placing: { ...site.placing, header: header.id },
  };
}

const sites: Record<string, () => Site> = {
  'hollin-sound': () => demo('hollin-sound'),
  'orrery-house': () => demo('orrery-house'),
  ...Object.fromEntries(starters.map(({ id }) => [id, () => withStarter(id)])),
};

test.each(Object.keys(sites))('the stylesheet of %s keeps to its bytes', (id) => {
  expect(renderStylesheet(sites[id]!(), evenLetters).length).toBeLessThanOrEqual(stylesheetBytes[id]!);
});
