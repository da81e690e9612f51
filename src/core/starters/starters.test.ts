import { expect, test } from '@jest/globals';
import * as cssTree from 'css-tree';
import * as v from 'valibot';
import { HtmlValidate } from 'html-validate/node';
import { applyEdits } from '../edit/apply';
import { homePage } from '../render/files';
import { placedOnPage, renderPage } from '../render/page/page';
import { renderStylesheet } from '../render/stylesheet/stylesheet';
import { newSite } from '../site/defaults';
import { someOf } from '../../sample.test-data';
import { countedIds, sampleSite } from '../site/sample.test-data';
import type { Site } from '../site/site';
import { pieceKind } from '../pieces';
import { drawerStarters } from './drawers';
import { dropDownForms } from './drop-downs';
import { footerStarters } from './footers';
import { starters } from './index';
import { startAssembly, startHeader } from './starter';

const validator = new HtmlValidate({
  extends: ['html-validate:recommended'],
  rules: {
    'no-unknown-attributes': 'off',
    'attribute-allowed-values': 'off',
    'doctype-style': ['error', { style: 'lowercase' }],
  },
});

/** That a page and the stylesheet of its site are as their standards have them. */
async function expectValid(site: Site, html: string) {
  const report = await validator.validateString(html);
  expect(
    report.results.flatMap((result) => result.messages.map((each) => `${each.ruleId}: ${each.message}`)),
  ).toEqual([]);
  const problems: string[] = [];
  cssTree.parse(renderStylesheet(site), { onParseError: (error) => problems.push(error.message) });
  expect(problems).toEqual([]);
}

/** Ids that nothing else in the site has. */
function ownIds() {
  let count = 0;
  return () => `own${(count += 1)}`;
}

function withStarter(site: Site, starter: (typeof starters)[number]): Site {
  const { header: assembly, menus } = startHeader(site, starter, 'Started', ownIds());
  const outcome = applyEdits(site, [
    ...menus.map((menu) => ({ edit: 'addMenu' as const, menu })),
    { edit: 'addAssembly', in: 'headers', assembly },
  ]);
  if (!outcome.ok) throw new Error(outcome.reason);
  return { ...outcome.site, placing: { header: assembly.id, footer: null, rules: [] } };
}

test('there are at least twelve, told apart by their ids and names', () => {
  expect(starters.length).toBeGreaterThanOrEqual(12);
  for (const key of ['id', 'name', 'about'] as const)
    expect(new Set(starters.map((starter) => starter[key])).size).toBe(starters.length);
});

test.each(someOf(starters, 6))('“$name” makes valid HTML and CSS of a site', async (starter) => {
  const site = withStarter(sampleSite(), starter);
  const html = renderPage(site, homePage(site));
  await expectValid(site, html);
  expect(html).toMatch(/<(nav|div) class="menu started-menu/);
});

test.each(starters)('“$name” stands on a site that has nothing yet', (starter) => {
  const site = withStarter(newSite('Empty', countedIds()), starter);
  expect(renderPage(site, homePage(site))).toContain('<header class="header');
});

test('social links of a starter are the site’s own, or come with it; they lead elsewhere and have signs', () => {
  const strip = starters.find(({ id }) => id === 'two-rows')!;
  const first = withStarter(sampleSite(), strip);
  const socialOf = (site: Site) =>
    Object.values(site.headers[site.placing.header!]!.pieces).find(({ kind }) => kind === 'social')!.values
      .menu!.all as string;
  const menu = first.menus[socialOf(first)]!;
  for (const item of Object.values(menu.items)) {
    expect(item.link.to).toBe('address');
    expect(item.values.icon).toBeDefined();
  }
  // The next one takes the menu that is there by now.
  expect(startHeader(first, strip, 'Again', countedIds()).menus).toEqual([]);
});

test('starters are of clearly different build', () => {
  const site = sampleSite();
  const builds = starters.map((starter) => {
    const { order, bars, pieces, values } = startHeader(site, starter, 'x', countedIds()).header;
    const kinds = order.map((bar) => bars[bar]!.bays.map((bay) => bay.pieces.map((id) => pieces[id]!.kind)));
    return JSON.stringify([kinds, Object.keys(values)]);
  });
  expect(new Set(builds).size).toBe(starters.length);
});

/** A site with a drawer that was made of a starter, which its header opens. */
function withDrawer(site: Site, starter: (typeof drawerStarters)[number]): Site {
  const { assembly, menus } = startAssembly(site, 'drawers', starter, 'Started', ownIds());
  const outcome = applyEdits(site, [
    ...menus.map((menu) => ({ edit: 'addMenu' as const, menu })),
    { edit: 'addAssembly', in: 'drawers', assembly },
  ]);
  if (!outcome.ok) throw new Error(outcome.reason);
  return outcome.site;
}

test('there are eight drawers, told apart by their ids and names', () => {
  expect(drawerStarters.length).toBeGreaterThanOrEqual(8);
  for (const key of ['id', 'name', 'about'] as const)
    expect(new Set(drawerStarters.map((starter) => starter[key])).size).toBe(drawerStarters.length);
});

test.each(drawerStarters)('“$name” makes valid HTML and CSS, and closes', async (starter) => {
  const site = withDrawer(sampleSite(), starter);
  const drawer = Object.values(site.drawers).find(({ name }) => name === 'Started')!;
  const html = renderPage(site, homePage(site), {
    ...placedOnPage(site, homePage(site)),
    drawers: [drawer.id],
  });
  await expectValid(site, html);
  expect(html).toMatch(/<button class="close started-close/);
});

test.each(drawerStarters)('“$name” stands on a site that has nothing yet', (starter) => {
  const site = withDrawer(newSite('Empty', countedIds()), starter);
  const [drawer] = Object.keys(site.drawers);
  expect(renderPage(site, homePage(site), { header: null, footer: null, drawers: [drawer!] })).toContain(
    '<dialog class="drawer',
  );
});

/** A site with a footer that was made of a starter, on all of its pages. */
function withFooter(site: Site, starter: (typeof footerStarters)[number]): Site {
  const { assembly, menus } = startAssembly(site, 'footers', starter, 'Started', ownIds());
  const outcome = applyEdits(site, [
    ...menus.map((menu) => ({ edit: 'addMenu' as const, menu })),
    { edit: 'addAssembly', in: 'footers', assembly },
  ]);
  if (!outcome.ok) throw new Error(outcome.reason);
  return { ...outcome.site, placing: { header: null, footer: assembly.id, rules: [] } };
}

test('there are twelve footers, told apart by their ids, names and build', () => {
  expect(footerStarters.length).toBeGreaterThanOrEqual(12);
  for (const key of ['id', 'name', 'about'] as const)
    expect(new Set(footerStarters.map((starter) => starter[key])).size).toBe(footerStarters.length);
  const builds = footerStarters.map((starter) => {
    const { order, bars, pieces } = startAssembly(
      sampleSite(),
      'footers',
      starter,
      'x',
      countedIds(),
    ).assembly;
    return JSON.stringify(
      order.map((bar) => bars[bar]!.bays.map((bay) => bay.pieces.map((id) => pieces[id]!.kind))),
    );
  });
  expect(new Set(builds).size).toBe(footerStarters.length);
});

test.each(footerStarters)(
  '“$name” makes valid HTML and CSS, also on a site that has nothing yet',
  async (starter) => {
    for (const own of [sampleSite(), newSite('Empty', countedIds())]) {
      const site = withFooter(own, starter);
      const html = renderPage(site, homePage(site));
      await expectValid(site, html);
      expect(html).toContain('<footer class="footer');
    }
  },
);

test.each(dropDownForms)(
  'the form “$name” can be said of a menu, and is told apart from the others',
  (form) => {
    const { properties } = pieceKind('menu');
    for (const [name, value] of Object.entries(form.values)) {
      const property = properties.find((each) => each.name === name)!;
      expect([name, v.is(property.kind.schema, value)]).toEqual([name, true]);
    }
    expect(Object.keys(form.values).sort()).toEqual(Object.keys(dropDownForms[0]!.values).sort());
    expect(
      dropDownForms.filter((each) => JSON.stringify(each.values) === JSON.stringify(form.values)),
    ).toEqual([form]);
  },
);
