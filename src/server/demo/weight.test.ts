import { expect, test } from '@jest/globals';
import { mkdtempSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { brotliCompressSync } from 'node:zlib';
import { evenLetters } from '@/core/fit/even-letters.test-data';
import { renderFiles } from '@/core/render/files';
import { noScripts } from '@/core/render/scripts.test-data';
import { countedIds } from '@/core/site/sample.test-data';
import type { Site } from '@/core/site/site';
import { starters } from '@/core/starters';
import { startHeader } from '@/core/starters/starter';
import { lookHere } from '../bytes/look';
import { openDatabase } from '../db/open';
import { runtimeScripts } from '../handover/sources';
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
 * as it is. The demo’s own script is within 2.5 KB; what searches comes to it where a header has a search. Of the home page of the demo 2.7 KB are tabs, and 4 KB the second order in which its drawer lists the menu on the phone.
 */
const BUDGETS = {
  'site.css': 6.25 * 1024,
  'site.js': 2.6 * 1024,
  'notices.js': 1024,
  'index.html': 26 * 1024,
};

/**
 * The bytes of each stylesheet before compression, so that none grows unseen. Since headers on no page are left out, what was added:
 * collapse rules that begin in time for every language and text size, the focus ring, rules for forced colours, paper and low windows,
 * hovering in blocks of its own, links of 44 px; whether pages are light or dark, the room that jumps leave as high as the header is, and
 * forms for browsers without anchors and scroll timelines, the ground of an entry below the button beside it; drawers that come and go,
 * with a head and a foot, lists that unfold, drop-downs with a side, a width and a height, the cross of the menu button, languages and
 * accounts that may be buttons with drop-downs.
 */
const stylesheets: Record<string, number> = {
  'hollin-sound': 39117,
  'orrery-house': 23723,
  'plain-row': 33280,
  'centred-links': 33765,
  'split-menu': 33744,
  'two-rows': 35464,
  'centred-stack': 33705,
  'app-bar': 34836,
  shop: 40237,
  'equal-cells': 36331,
  notice: 37177,
  publication: 37038,
  'two-menus': 35161,
  'split-by-lines': 38581,
  'side-turned': 35913,
  'side-panel': 37518,
};

const weigh = (name: string, text: string) =>
  name.endsWith('.html') ? Buffer.byteLength(text) : brotliCompressSync(text).length;

test.each(Object.keys(sites))('what %s hands over keeps to its weight', (id) => {
  const site = sites[id]!();
  const files = renderFiles(site, runtimeScripts(site), evenLetters);
  const weighed = Object.keys(BUDGETS).flatMap((name) => {
    const file = files.find(({ path: at }) => at === name);
    // Only pages with notices have a script for them.
    if (!file && name === 'notices.js') return [];
    return [[name, weigh(name, file && 'text' in file ? file.text : '')] as const];
  });
  const css = files.find(({ path: at }) => at === 'site.css')!;
  expect('text' in css && css.text.length).toBeLessThanOrEqual(stylesheets[id]!);
  for (const [name, bytes] of weighed) {
    expect(bytes).toBeGreaterThan(300);
    expect([name, bytes <= BUDGETS[name as keyof typeof BUDGETS] ? 'within' : bytes]).toEqual([
      name,
      'within',
    ]);
  }
});

test('what no page shows is not in the stylesheet', () => {
  const site = demo('hollin-sound');
  const css = renderFiles(site, noScripts, evenLetters).find(({ path: at }) => at === 'site.css')!;
  expect('text' in css && css.text).toContain('.main-header');
  expect('text' in css && css.text).not.toMatch(/\.handbook-header|\.small-footer/);
});
