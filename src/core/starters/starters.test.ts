import { expect, test } from '@jest/globals';
import * as cssTree from 'css-tree';
import { HtmlValidate } from 'html-validate/node';
import { applyEdits } from '../edit/apply';
import { homePage } from '../render/files';
import { renderPage } from '../render/page/page';
import { renderStylesheet } from '../render/stylesheet/stylesheet';
import { newSite } from '../site/defaults';
import { countedIds, sampleSite } from '../site/sample.test-data';
import type { Site } from '../site/site';
import { starters } from './index';
import { startHeader } from './starter';

const validator = new HtmlValidate({
  extends: ['html-validate:recommended'],
  rules: {
    'no-unknown-attributes': 'off',
    'attribute-allowed-values': 'off',
    'doctype-style': ['error', { style: 'lowercase' }],
  },
});

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
  return { ...outcome.site, placing: { header: assembly.id, footer: null } };
}

test('there are at least twelve, told apart by their ids and names', () => {
  expect(starters.length).toBeGreaterThanOrEqual(12);
  for (const key of ['id', 'name', 'about'] as const)
    expect(new Set(starters.map((starter) => starter[key])).size).toBe(starters.length);
});

test.each(starters)('“$name” makes valid HTML and CSS of a site', async (starter) => {
  const site = withStarter(sampleSite(), starter);
  const html = renderPage(site, homePage(site));
  const report = await validator.validateString(html);
  expect(
    report.results.flatMap((result) => result.messages.map((each) => `${each.ruleId}: ${each.message}`)),
  ).toEqual([]);
  const problems: string[] = [];
  cssTree.parse(renderStylesheet(site), { onParseError: (error) => problems.push(error.message) });
  expect(problems).toEqual([]);
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
