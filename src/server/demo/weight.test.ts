import { expect, test } from '@jest/globals';
import { brotliCompressSync } from 'node:zlib';
import { evenLetters } from '@/core/fit/even-letters.test-data';
import { textFiles } from '@/core/render/files';
import { noScripts } from '@/core/render/scripts.test-data';
import type { Site } from '@/core/site/site';
import { starters } from '@/core/starters';
import { runtimeScripts } from '../handover/sources';
import { seededDemo, withStarter } from './demo-sites.test-data';

const { demo } = await seededDemo();

const sites: Record<string, () => Site> = {
  'hollin-sound': () => demo('hollin-sound'),
  'orrery-house': () => demo('orrery-house'),
  ...Object.fromEntries(
    starters.map((starter) => [starter.id, () => withStarter(demo('hollin-sound'), 'headers', starter)]),
  ),
};

const KB = 1024;

/**
 * The most that what is handed over may come to, in bytes: stylesheet and script as servers send them (Brotli), the home page as it is, without what stands in for its content.
 * The first figure of each is what the demo’s headers may weigh; what came to them since stands beside it.
 */
const BUDGETS = {
  'site.css': [
    // A header with its drawer, in light and dark.
    5 * KB,
    // The big footer: link lists, addresses, a newsletter, pictures, grounds; none of it stands elsewhere in the demo.
    1.2 * KB,
    // Two more headers and the small footer, on the pages of the demo that rules give them to.
    0.7 * KB,
  ],
  'site.js': [
    2 * KB,
    // Swipes, the way back, growing windows, keys in drop-downs, lists that unfold one at a time.
    0.5 * KB,
    // The newsletter and the hours of today.
    0.4 * KB,
    // What searches, in the ready-made headers that do.
    0.15 * KB,
  ],
  'notices.js': [KB],
  'index.html': [
    18 * KB,
    // The second order in which the drawer lists the menu on the phone.
    4.5 * KB,
    // The big footer with its signs.
    8 * KB,
    // Logos for visitors who prefer dark.
    0.5 * KB,
    // What some ready-made headers hold beyond the demo’s own: a search, a basket, accounts.
    0.5 * KB,
  ],
};
const budgetOf = (name: string) =>
  BUDGETS[name as keyof typeof BUDGETS].reduce((sum, bytes) => sum + bytes, 0);

/**
 * The bytes of each stylesheet before compression, so that none grows unseen. Since headers on no page are left out, what was added:
 * collapse rules that begin in time for every language and text size, the focus ring, rules for forced colours, paper and low windows,
 * hovering in blocks of its own, links of 44 px; whether pages are light or dark, the room that jumps leave as high as the header is, and
 * forms for browsers without anchors and scroll timelines, the ground of an entry below the button beside it; drawers that come and go,
 * with a head and a foot, lists that unfold, drop-downs with a side, a width and a height, the cross of the menu button, languages and
 * accounts that may be buttons with drop-downs; link lists, addresses, a newsletter and a row of pictures in the demo’s footer; the
 * demo’s colours for visitors who prefer dark, and what of its bars is worked out of these; the headers
 * and the footer that some of the demo’s pages have; a link more in the demo’s legal bar; a search and a
 * logo between links that keep to the middle of their bars.
 */
const stylesheets: Record<string, number> = {
  'hollin-sound': 52313,
  'orrery-house': 20072,
  'plain-row': 40106,
  'centred-links': 40576,
  'split-menu': 40825,
  'two-rows': 41375,
  'centred-stack': 40408,
  'app-bar': 41076,
  shop: 47158,
  'equal-cells': 42854,
  notice: 43643,
  publication: 42952,
  'two-menus': 41164,
  'split-by-lines': 45309,
  'side-turned': 43043,
  'side-panel': 44794,
};

/** What is designed here of a page: what stands in for its content goes when the site is built. */
const designed = (html: string) => html.replace(/<main[\s\S]*<\/main>/, '');

const weigh = (name: string, text: string) =>
  name.endsWith('.html') ? Buffer.byteLength(designed(text)) : brotliCompressSync(text).length;

/** The text of a file that a site hands over; null for one that it does not. */
const textOf = (site: Site, path: string, scripts = runtimeScripts(site)) =>
  textFiles(site, scripts, evenLetters, [path])[0]?.text ?? null;

test.each(Object.keys(sites))('what %s hands over keeps to its weight', (id) => {
  const site = sites[id]!();
  expect(textOf(site, 'site.css')!.length).toBeLessThanOrEqual(stylesheets[id]!);
  for (const name of Object.keys(BUDGETS)) {
    const text = textOf(site, name);
    // Only pages with notices have a script for them.
    if (text === null && name === 'notices.js') continue;
    const bytes = weigh(name, text!);
    expect(bytes).toBeGreaterThan(300);
    expect([name, bytes <= budgetOf(name) ? 'within' : bytes]).toEqual([name, 'within']);
  }
});

test('one header with its drawer, in light and dark, has a stylesheet of 5 KB and a script of 2.5 KB', () => {
  const whole = demo('hollin-sound');
  const site = { ...whole, footers: {}, placing: { ...whole.placing, rules: [], footer: null } };
  const css = textOf(site, 'site.css')!;
  expect(css).toContain('.main-drawer-menu');
  expect(weigh('site.css', css)).toBeLessThanOrEqual(5 * KB);
  expect(weigh('site.js', textOf(site, 'site.js')!)).toBeLessThanOrEqual(2.5 * KB);
});

test('what no page shows is not in the stylesheet', () => {
  const whole = demo('hollin-sound');
  const site = { ...whole, placing: { ...whole.placing, rules: [] } };
  const css = textOf(site, 'site.css', noScripts)!;
  expect(css).toContain('.main-header');
  expect(css).not.toMatch(/\.handbook-header|\.small-footer/);
});
