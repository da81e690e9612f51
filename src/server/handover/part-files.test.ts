import { expect, test } from '@jest/globals';
import { writeHtml, type Node } from '@/core/markup/html';
import { circumstancesOf, fileOf } from '@/core/render/merged/merged-site';
import { pageParts, STAND_IN_STYLESHEET } from '@/core/render/page/page';
import { filled, partFiles, PLACES, type PageOfParts } from '@/core/render/places/part-files';
import { someOf } from '@/sample.test-data';
import type { Site } from '@/core/site/site';
import { seededDemo, sitesToHandOver } from '../demo/demo-sites.test-data';
import { outline } from './outline.test-data';
import { runtimeScripts } from './sources';

const { demo } = await seededDemo();

const sites = sitesToHandOver(demo);

function expectPages(site: Site): void {
  const files = new Map(
    partFiles(site, runtimeScripts(site)).flatMap((file) => ('text' in file ? [[file.path, file.text]] : [])),
  );
  const { pages } = JSON.parse(files.get(PLACES)!) as { pages: Record<string, PageOfParts> };
  const written = (nodes: readonly Node[], page: string) => outline(nodes.map(writeHtml).join(''), page);
  for (const circumstance of someOf(circumstancesOf(site), 3)) {
    const own = fileOf(site, circumstance);
    const { parts } = pages[own]!;
    const [signs] = parts.filter((path) => path.endsWith('/signs.html'));
    const made = parts.filter((path) => path !== signs).map((path) => filled(files.get(path)!, pages[own]!));
    const { head, skip, header, footer, opened, icons } = pageParts(
      site,
      circumstance.page,
      undefined,
      circumstance.language,
    );
    const designed = head.filter((node) => !node || !writeHtml(node).includes(STAND_IN_STYLESHEET));
    const expected = written([...designed, skip, ...header, ...footer, ...opened], own);
    expect([own, ...outline(made.join(''), own)]).toEqual([own, ...expected]);
    if (signs)
      expect(outline(files.get(signs)!)).toEqual(expect.arrayContaining(written([icons], 'index.html')));
  }
}

test.each(someOf(sites, 5))('parts of %s, put together, are the pages that are handed over', (_, siteOf) =>
  expectPages(siteOf()),
);

test('a text that is written like a place stays what it is', () => {
  const site = structuredClone(demo('orrery-house'));
  for (const menu of Object.values(site.menus))
    for (const item of Object.values(menu.items)) item.label = `{{root}} ${item.id}`;
  for (const { pieces } of Object.values(site.headers))
    for (const { values } of Object.values(pieces)) Object.assign(values, { landmark: { all: '{{root}}' } });
  expectPages(site);
});

test('each part stands once, and only what differs has a place', () => {
  const site = demo('hollin-sound');
  const files = partFiles(site, runtimeScripts(site)).flatMap((file) => ('text' in file ? [file] : []));
  const parts = files.filter(({ path }) => path.startsWith('parts/en/'));
  expect(parts.map(({ path }) => path.split('/').at(-1))).toEqual([
    'head.html',
    'skip.html',
    'header-main-header.html',
    'header-plain-header.html',
    'header-handbook-header.html',
    'footer-big-footer.html',
    'footer-small-footer.html',
    'drawer-dialog-terms.html',
    'drawer-main-drawer.html',
    'signs.html',
  ]);
  const { pages } = JSON.parse(files.find(({ path }) => path === PLACES)!.text) as {
    pages: Record<string, PageOfParts>;
  };
  const english = Object.values(pages).filter(({ language }) => language === 'en');
  const said = new Set(english.flatMap(({ places }) => Object.keys(places)));
  const used = new Set(
    parts.flatMap(({ text }) => [...text.matchAll(/\{\{([a-z0-9-]+)\}\}/g)].map(([, name]) => name!)),
  );
  expect([...used].sort()).toEqual([...said].sort());
  expect(pages['sailings/today.html']!.places).toMatchObject({ root: '../' });
  const example = files.find(({ path }) => path === 'page.html')!.text;
  expect(example).not.toContain('{{');
  expect(example).toContain('<main id="content">');
});
