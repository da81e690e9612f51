import { expect, test } from '@jest/globals';
import { renderFiles } from '../render/files';
import { newPage } from './defaults';
import { integrityProblems } from './integrity';
import { sampleSite } from './sample.test-data';
import { noScripts } from '../render/scripts.test-data';
import type { Site } from './site';

function withPages(...paths: string[]): Site {
  const site = structuredClone(sampleSite());
  paths.forEach((path, index) => {
    site.pages[`p${index}`] = newPage({ id: `p${index}`, title: `Page ${index}`, path, parent: null });
    site.pageOrder.push(`p${index}`);
  });
  return site;
}

test.each([
  ['the file of another page', ['/rooms', '/rooms.html/x'], 'also the file of “Page 0”'],
  ['it with other capitals', ['/rooms', '/ROOMS.HTML/x'], 'also the file of “Page 0”'],
  [
    'it with a dot at the end, which some systems leave out',
    ['/rooms', '/rooms.html./x'],
    'also the file of',
  ],
  ['the stylesheet', ['/site.css/y'], '“site.css” of every site'],
  ['the script', ['/site.js/y/z'], '“site.js” of every site'],
  ['the file of the home page', ['/index.html/x'], '“Home”'],
  ['a font', ['/fonts/figtree-latin-400-normal.woff2/x'], 'a dot below “fonts”'],
])('a page whose folder would be %s is refused', (_, paths, reason) => {
  expect(integrityProblems(withPages(...paths)).map((problem) => problem.reason)).toEqual([
    expect.stringContaining(reason),
  ]);
});

test('a page may not have the file of a file to be linked to, nor lie in it', () => {
  const site = withPages('/files/times', '/files/plan.pdf/x');
  const bytes = { bytes: 1, hash: 'a'.repeat(64) };
  site.files = {
    a: { id: 'a', name: 'times.html', ...bytes },
    b: { id: 'b', name: 'plan.pdf', ...bytes },
  };
  expect(integrityProblems(site).map(({ path }) => path)).toEqual(['pages.p0.path', 'pages.p1.path']);
});

test('where nothing is said to meet, no file is the folder of another', () => {
  const site = withPages('/rooms', '/rooms/tower', '/v1.2/notes', '/search', '/index/old');
  expect(integrityProblems(site)).toEqual([]);
  const files = renderFiles(site, noScripts).map(({ path }) => path.toLowerCase());
  expect(new Set(files).size).toBe(files.length);
  for (const file of files) expect(files.filter((other) => other.startsWith(`${file}/`))).toEqual([]);
});
