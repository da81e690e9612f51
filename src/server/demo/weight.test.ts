import { expect, test } from '@jest/globals';
import { mkdtempSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { brotliCompressSync } from 'node:zlib';
import { evenLetters } from '@/core/fit/even-letters.test-data';
import { renderFiles } from '@/core/render/files';
import { countedIds } from '@/core/site/sample.test-data';
import type { Site } from '@/core/site/site';
import { starters } from '@/core/starters';
import { startHeader } from '@/core/starters/starter';
import { lookHere } from '../bytes/look';
import { openDatabase } from '../db/open';
import { runtimeScript } from '../handover/sources';
import { loadSite } from '../sites/store';
import { seedDemo } from './seed';

const db = openDatabase(mkdtempSync(path.join(tmpdir(), 'gable-ridge-weight-')));
await seedDemo(db, lookHere, new Date(0));
const demo = (id: string) => loadSite(db, id)!.site;

/** The demo with a header that was made of a starter on its pages. */
function withStarter(id: string): Site {
  const site = demo('hollin-sound');
  const starter = starters.find((each) => each.id === id)!;
  const { header, menus } = startHeader(site, starter, id, countedIds());
  const added = Object.fromEntries(menus.map((menu) => [menu.id, menu]));
  return {
    ...site,
    menus: { ...site.menus, ...added },
    headers: { ...site.headers, [header.id]: header },
    placing: { ...site.placing, header: header.id },
  };
}

const sites: Record<string, () => Site> = {
  'hollin-sound': () => demo('hollin-sound'),
  'orrery-house': () => demo('orrery-house'),
  ...Object.fromEntries(starters.map(({ id }) => [id, () => withStarter(id)])),
};

/**
 * The most that what is handed over may come to, in bytes: the stylesheet and the script as servers send them (Brotli), the home page
 * as it is.
 */
const BUDGETS = { 'site.css': 5 * 1024, 'site.js': 2 * 1024, 'index.html': 22.5 * 1024 };

/**
 * The bytes of each stylesheet before compression, so that none grows unseen. Since headers on no page are left out, what was added:
 * collapse rules that begin in time for every language and text size, the focus ring, rules for forced colours, paper and low windows,
 * hovering in blocks of its own, links of 44 px.
 */
const stylesheets: Record<string, number> = {
  'hollin-sound': 28979,
  'orrery-house': 18756,
  'plain-row': 24773,
  'centred-links': 25246,
  'split-menu': 24936,
  'two-rows': 26904,
  'centred-stack': 24921,
  'app-bar': 26293,
  shop: 31113,
  'equal-cells': 27243,
  notice: 28245,
  publication: 28431,
  'two-menus': 26447,
  'split-by-lines': 29601,
  'side-turned': 27320,
  'side-panel': 28979,
};

const weigh = (name: string, text: string) =>
  name.endsWith('.html') ? Buffer.byteLength(text) : brotliCompressSync(text).length;

test.each(Object.keys(sites))('what %s hands over keeps to its weight', (id) => {
  const site = sites[id]!();
  const files = renderFiles(site, runtimeScript(site), evenLetters);
  const weighed = Object.keys(BUDGETS).map((name) => {
    const file = files.find(({ path: at }) => at === name)!;
    return [name, weigh(name, 'text' in file ? file.text : '')] as const;
  });
  const css = files.find(({ path: at }) => at === 'site.css')!;
  expect('text' in css && css.text.length).toBeLessThanOrEqual(stylesheets[id]!);
  for (const [name, bytes] of weighed) {
    expect(bytes).toBeGreaterThan(500);
    expect([name, bytes <= BUDGETS[name as keyof typeof BUDGETS] ? 'within' : bytes]).toEqual([
      name,
      'within',
    ]);
  }
});

test('what no page shows is not in the stylesheet', () => {
  const site = demo('hollin-sound');
  const css = renderFiles(site, '', evenLetters).find(({ path: at }) => at === 'site.css')!;
  expect('text' in css && css.text).toContain('.main-header');
  expect('text' in css && css.text).not.toMatch(/\.handbook-header|\.small-footer/);
});
