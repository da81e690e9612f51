import { expect } from '@playwright/test';
import { composeAssembly, type SaidPiece } from '../src/core/site/compose';
import { newItem, newMenu, newPage, newSite } from '../src/core/site/defaults';
import { countedIds } from '../src/core/site/sample.test-data';
import type { Turn } from '../src/core/site/collapse-rule';
import type { Site } from '../src/core/site/site';
import { sample } from '../src/sample.test-data';
import { compareBoxes } from './support/browser-boxes';
import { compareFit } from './support/browser-fit';
import { demoDb } from './support/demo-sites';
import { visitHandedOver } from './support/handed-over';
import { measuredInBrowser, siteWith, tapeOf } from './support/made-sites';
import { test } from './support/test';

const labels = ['Crossings', 'Harbours', 'Timetable', 'Opening times', 'Contact'];

/** A site with a bar of some pieces that does something where it does not fit as it is measured in the browser: in the header, or in the drawer. */
function ruledSite(
  where: 'headers' | 'drawers',
  pieces: SaidPiece[],
  turns: (ids: string[]) => Turn[],
): Site {
  const ids = countedIds();
  const site = newSite('Tern Point', ids);
  const items = labels.map((label) => newItem({ id: ids(), label, link: { to: 'page', page: 'home' } }));
  const menu = newMenu({
    id: 'main',
    name: 'Main',
    top: items.map(({ id }) => id),
    items: Object.fromEntries(items.map((item) => [item.id, item])),
  });
  const measured = composeAssembly(
    { kind: where, name: 'Measured', bars: [{ name: 'Bar', bays: { start: pieces } }] },
    (what) => (what === 'assembly' && where === 'drawers' ? 'drawer' : ids()),
    site.bands,
  );
  const [bar] = Object.values(measured.bars);
  bar!.rules = [{ id: 'r', when: { by: 'browser' }, turns: turns(Object.keys(measured.pieces)) }];
  const opener = composeAssembly(
    {
      kind: 'headers',
      name: 'Header',
      bars: [
        { name: 'Bar', bays: { start: [['menu', { menu: 'main', shownAs: 'button', opens: 'drawer' }]] } },
      ],
    },
    () => ids(),
    site.bands,
  );
  const header = where === 'headers' ? measured : opener;
  return {
    ...site,
    pageOrder: ['home'],
    pages: { home: newPage({ id: 'home', title: 'Home', path: '/', parent: null }) },
    menus: { main: menu },
    headers: { [header.id]: header },
    drawers: where === 'drawers' ? { drawer: measured } : {},
    placing: { ...site.placing, header: header.id },
  };
}

test('bars stand as is foreseen where their rules are measured in the browser, in every phase', async ({
  page,
}) => {
  test.slow();
  const wanted = sample(6, 60);
  let [seed, looked, begun] = [0, 0, 0];
  while (looked < wanted) {
    seed += 1;
    const site = measuredInBrowser(siteWith(tapeOf(seed), []));
    if (site === null) continue;
    looked += 1;
    const boxes = await compareBoxes(page, demoDb, site, [1440, 900, 620, 400]);
    // At the width that was looked at last.
    begun += await page.frameLocator('iframe').locator('[data-short]:not([data-short=""])').count();
    const fit = await compareFit(page, demoDb, site);
    expect([...boxes.disagreements, ...fit.disagreements]).toEqual([]);
  }
  expect(begun).toBeGreaterThanOrEqual(wanted / 3);
});

test('a bar of a drawer is measured when the drawer has opened', async ({ page }) => {
  const site = ruledSite('drawers', [['menu', { menu: 'main', shownAs: 'row' }]], ([menu]) => [
    { piece: menu!, property: 'shownAs', value: 'column' },
  ]);
  await visitHandedOver(page, demoDb, site);
  await page.getByRole('button', { name: 'Menu' }).click();
  const list = page.getByRole('dialog').locator('.menu-list').filter({ visible: true });
  await expect(list).toHaveCSS('flex-direction', 'column');
});

test('a text that is broken into lines, and content that is wider than its piece, make a bar collapse too', async ({
  page,
}) => {
  const hidden = ([, second]: string[]): Turn[] => [{ piece: second!, property: 'shown', value: 'hidden' }];
  const text = 'Sailings leave every hour from the old pier';
  await page.setViewportSize({ width: 900, height: 600 });
  await visitHandedOver(
    page,
    demoDb,
    ruledSite(
      'headers',
      [
        ['text', { text: [text] }],
        ['button', {}],
      ],
      hidden,
    ),
  );
  const button = page.locator('.button');
  await expect(button).toBeVisible();
  await page.setViewportSize({ width: 360, height: 600 });
  await expect(button).toBeHidden();

  await page.setViewportSize({ width: 900, height: 600 });
  const narrow: SaidPiece[] = [
    ['contact', { link: { to: 'telephone', telephone: '+44 1632 960117' }, pieceWidth: 40 }],
    ['button', {}],
  ];
  await visitHandedOver(page, demoDb, ruledSite('headers', narrow, hidden));
  await expect(button).toBeHidden();
});
