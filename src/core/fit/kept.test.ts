import { expect, test } from '@jest/globals';
import fc from 'fast-check';
import { applyEdits } from '../edit/apply';
import type { Edit } from '../edit';
import { sample } from '../../sample.test-data';
import { resolveAssembly } from '../resolve/assembly';
import { sampleSite } from '../site/sample.test-data';
import type { Site } from '../site/site';
import { placedAssembly } from './placed-assembly';
import { dropDownsAlong, dropDownsAt } from './drop-downs';
import { evenLetters } from './even-letters.test-data';
import { longMenu } from './long-menu.test-data';
import type { Circumstances } from './circumstances';
import { surveyFit } from './survey';

const today = (site: Site, more: Partial<Circumstances>): Circumstances => ({
  site,
  advances: evenLetters,
  page: null,
  language: 'en',
  root: 16,
  ...more,
});

const fluid = { from: { at: 400, px: 14 }, to: { at: 1200, px: 22 } };
const setting = (piece: string, property: string, value: unknown, cell = 'desktop'): Edit => ({
  edit: 'setValue',
  place: { on: 'piece', in: 'headers', assembly: 'h', piece },
  property,
  cell,
  value,
});
const typeSize = (style: string, value: number, cell: string): Edit => ({
  edit: 'setValue',
  place: { on: 'typeStyle', style },
  property: 'size',
  cell,
  value,
});
const changes: readonly Edit[] = [
  ...longMenu,
  setting('menu', 'textSize', fluid),
  setting('menu', 'textSize', 15),
  setting('menu', 'itemGap', fluid),
  setting('logo', 'pieceWidth', 90),
  setting('logo', 'pieceWidth', null),
  setting('button', 'paddingInline', { px: 4, share: 0.01 }),
  setting('menu', 'shownAs', 'column'),
  setting('menu', 'belowItemsLeast', 260, 'tablet'),
  setting('menu', 'shownAs', 'row', 'phone'),
  typeSize('type-nav', 13, 'tablet'),
  typeSize('type-nav', 21, 'desktop'),
  { edit: 'labelItem', menu: 'm', item: 'i3', label: 'Quite little ones' },
  { edit: 'labelItem', menu: 'm', item: 'i2', label: 'Boats of ours' },
];

interface Look {
  at: number;
  root: number;
  inStandIn: boolean;
}

/** Everything of a header that is worked out from its boxes at some widths and under some circumstances; `of` gives the site for each question. */
const workedOut = (of: () => Site, looks: readonly Look[]) =>
  looks.map(({ at, ...more }) => ({
    survey: [of()].map((site) => surveyFit(today(site, more), 'headers', site.headers.h!)),
    inBands: of().bands.map(({ id: band }) => {
      const site = of();
      const circumstances = today(site, more);
      const settled = resolveAssembly(site, 'headers', site.headers.h!, band);
      const hanging = dropDownsAt(circumstances, settled, band, at).map(({ placedAt, ...each }) => ({
        ...each,
        placed: placedAt(each.width),
      }));
      return { placed: placedAssembly(circumstances, settled, band, at), hanging };
    }),
  }));

test('what hangs out of a menu follows what its items are called, also where nothing that stands in its bar does', () => {
  const hanging = (site: Site, band: string) =>
    [dropDownsAt, dropDownsAlong].map((find) => {
      const settled = resolveAssembly(site, 'headers', site.headers.h!, band);
      const found = find(today(site, {}), settled, band, band === 'tablet' ? 800 : 1200);
      return found.map(({ placedAt, ...each }) => ({ ...each, placed: placedAt(each.width) }));
    });
  for (const band of ['desktop', 'tablet']) {
    const before = hanging(sampleSite(), band);
    expect(before.map(({ length }) => length)).toEqual([1, 1]);
    let site = sampleSite();
    for (const label of ['A name of some length', 'Short', 'One that is longer than the others were']) {
      hanging(site, band);
      const outcome = applyEdits(site, [{ edit: 'labelItem', menu: 'm', item: 'i3', label }]);
      if (!outcome.ok) throw new Error(JSON.stringify(outcome));
      site = outcome.site;
      expect(hanging(site, band)).toEqual(hanging(structuredClone(site), band));
      expect(hanging(site, band)).not.toEqual(before);
    }
  }
});

test('an item that is named by what it leads to is as wide as that is called now', () => {
  const at = { in: 'drawers', assembly: 'd' } as const;
  const steps: readonly Edit[] = [
    { edit: 'linkItem', menu: 'm', item: 'i1', link: { to: 'drawer', drawer: 'd' } },
    { edit: 'renameAssembly', at, name: 'All that there is to sail on, and to eat on the way' },
    { edit: 'linkItem', menu: 'm', item: 'i1', link: { to: 'page', page: 'home' } },
    { edit: 'changePage', page: 'home', title: 'Where it all begins' },
  ];
  let site = sampleSite();
  for (const step of steps) {
    const outcome = applyEdits(site, [step]);
    if (!outcome.ok) throw new Error(JSON.stringify(outcome));
    site = outcome.site;
    const looks = [{ at: 900, root: 16, inStandIn: false }];
    expect(workedOut(() => outcome.site, looks)).toEqual(
      workedOut(() => structuredClone(outcome.site), looks),
    );
  }
});

test('letters that stand in for what a family lacks are as wide as other labels make them', () => {
  const lineage = { missed: 0 };
  const advances: Circumstances['advances'] = {
    lineage,
    of: ({ name }, text) =>
      [...text].reduce((sum, letter) => sum + (name.startsWith('arimo') && letter === 'e' ? 1 : 0.5), 0),
  };
  const look = (site: Site) => {
    const settled = resolveAssembly(site, 'headers', site.headers.h!, 'desktop');
    return placedAssembly({ ...today(site, {}), advances }, settled, 'desktop', 1200);
  };
  let site = sampleSite();
  const seen = ['Ελληνικά', 'eeeee', 'abcde'].map((label, index) => {
    const item = index === 0 ? 'i1' : 'i2';
    const outcome = applyEdits(site, [{ edit: 'labelItem', menu: 'm', item, label }]);
    if (!outcome.ok) throw new Error(JSON.stringify(outcome));
    site = outcome.site;
    expect(look(site)).toEqual(look(structuredClone(site)));
    return look(site);
  });
  // Both labels have as many letters.
  expect(seen[2]).not.toEqual(seen[1]);
});

test('what is kept of boxes from one width, edit and circumstance to the next is what would be worked out anew', () => {
  const look = fc.record({
    at: fc.integer({ min: 320, max: 1920 }),
    root: fc.constantFrom(16, 24),
    inStandIn: fc.boolean(),
  });
  const steps = fc.array(
    fc.record({ change: fc.constantFrom(...changes), looks: fc.array(look, { maxLength: 4 }) }),
    {
      maxLength: 6,
    },
  );
  fc.assert(
    fc.property(steps, (all) => {
      let site = sampleSite();
      for (const { change, looks } of all) {
        const outcome = applyEdits(site, [change]);
        if (outcome.ok) site = outcome.site;
        const now = site;
        // A copy is known to nothing that is kept.
        expect(workedOut(() => now, looks)).toEqual(workedOut(() => structuredClone(now), looks));
      }
    }),
    { numRuns: sample(8, 100), seed: 1 },
  );
});
