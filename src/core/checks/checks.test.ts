import { describe, expect, test } from '@jest/globals';
import { applyEdits } from '../edit/apply';
import { evenLetters } from '../fit/even-letters.test-data';
import { newBar, newItem, newPage, newPiece } from '../site/defaults';
import { countedIds, sampleSite } from '../site/sample.test-data';
import type { Site } from '../site/site';
import { startersOf } from '../starters';
import { startAssembly } from '../starters/starter';
import { leadSchema } from '../why/reason';
import * as v from 'valibot';
import { checks } from '.';
import { checkSite } from './check-site';
import { harms, type Finding } from './finding';

const copy = (site: Site) => JSON.parse(JSON.stringify(site)) as Site;

/** The sample, in which nothing is found but what its small size brings. */
function tidy(): Site {
  const site = copy(sampleSite());
  site.drawers.d!.pieces.close = newPiece('close', 'close');
  site.drawers.d!.bars.panel!.bays[2]!.pieces.push('close');
  const footer = site.footers[site.placing.footer!]!;
  const bar = footer.bars[footer.order[0]!]!;
  footer.pieces.words = newPiece('words', 'text', { text: { all: ['All rights reserved.'] } });
  bar.bays[0]!.pieces.push('words');
  return site;
}

const found = (site: Site) => checkSite({ site, advances: evenLetters });
const by = (site: Site, check: string): Finding[] => found(site).filter((each) => each.check === check);

const piece = (site: Site, id: string) => site.headers.h!.pieces[id]! as { values: Record<string, object> };
const artwork = {
  name: 'Boat',
  type: 'image/png' as const,
  width: 90,
  height: 40,
  alt: 'A boat',
  bytes: 900,
};

/** For each check a change that brings the fault, and part of what is then said. A check without one does not compile. */
const faults: Record<string, readonly (readonly [change: (site: Site) => void, says: string])[]> = {
  'bare-pages': [
    [(site) => Object.assign(site.placing, { header: null }), 'No header with anything in it'],
    [(site) => Object.assign(site.placing, { footer: null }), 'No footer with anything in it'],
  ],
  reach: [
    [
      (site) => {
        site.pages.far = newPage({ id: 'far', title: 'Far', path: '/far', parent: null });
        site.pageOrder.push('far');
      },
      'on any width',
    ],
    [
      (site) => {
        Object.assign(site.menus.m!.items.i2!.values, { shown: { phone: 'hidden' } });
        delete (piece(site, 'button').values as Record<string, unknown>).link;
      },
      'On the Phone no header',
    ],
  ],
  contrast: [
    [
      (site) => Object.assign(piece(site, 'menu').values, { itemInk: { rest: 'line', hover: 'line' } }),
      'the text has 1.',
    ],
  ],
  'text-size': [
    [
      (site) => Object.assign(piece(site, 'menu').values, { textSize: { desktop: 15, phone: 9 } }),
      'On the Phone its text is 9 px',
    ],
  ],
  'focus-ring': [
    [
      (site) => Object.assign(site.brand.values, { ringFar: { all: 'accent' }, ring: { all: 'accent' } }),
      'the ring around what has the focus',
    ],
  ],
  'dead-links': [
    [
      (site) => {
        site.menus.m!.items.i4 = newItem({ id: 'i4', label: 'Boats', link: { to: 'nothing' } });
        site.menus.m!.top.push('i4');
      },
      'leads nowhere',
    ],
  ],
  drawers: [
    [
      (site) => Object.assign(piece(site, 'menu').values, { opens: { all: null } }),
      'Nothing on any page opens it',
    ],
    [
      (site) => {
        delete site.drawers.d!.pieces.close;
        site.drawers.d!.bars.panel!.bays[2]!.pieces.pop();
      },
      'no close button',
    ],
  ],
  footers: [
    [
      (site) => {
        const footer = site.footers[site.placing.footer!]!;
        footer.pieces.news = newPiece('news', 'newsletter');
        footer.bars[footer.order[0]!]!.bays[0]!.pieces.push('news');
      },
      'nobody answers',
    ],
  ],
  sticky: [
    [
      (site) => {
        Object.assign(site.headers.h!.values, { scrolling: { desktop: 'stays' } });
        Object.assign(site.headers.h!.bars.b!.values, { leastHeight: { desktop: 220 } });
      },
      'of the height',
    ],
  ],
  fit: [
    [
      (site) => Object.assign(piece(site, 'button').values, { label: { all: 'w'.repeat(70) }, shown: {} }),
      'need up to',
    ],
  ],
  labels: [
    [
      (site) =>
        Object.assign(site.menus.m!.items.i2!, { label: 'Everything that floats and carries people' }),
      'has 41 letters',
    ],
    [(site) => Object.assign(site.menus.m!.items.i3!, { label: 'Boats' }), 'Two items are called'],
    [
      (site) => Object.assign(site.menus.m!.items.i3!, { link: { to: 'page', page: 'boats' } }),
      'in the same menu',
    ],
  ],
  translations: [[(site) => site.languages.push('de'), 'not said in Deutsch']],
  artwork: [
    [
      (site) => {
        site.artwork.boat = { id: 'boat', hash: 'a'.repeat(64), ...artwork };
      },
      'used nowhere',
    ],
    [
      (site) => {
        site.artwork.boat = { id: 'boat', hash: 'a'.repeat(64), ...artwork, alt: '', bytes: 300_000 };
        Object.assign(site.brand.logo, { full: 'boat' });
      },
      'which every visitor waits for',
    ],
  ],
  rules: [
    [
      (site) => {
        const header = site.headers.h!;
        header.pieces.short = newPiece('short', 'text', { text: { all: ['Hi'] } });
        header.bars.wide = {
          ...newBar('wide', 'Wide bar', {}, { start: ['short'] }),
          rules: [
            {
              id: 'r',
              when: { by: 'fit', margin: 0 },
              turns: [{ piece: 'short', property: 'shown', value: 'hidden' }],
            },
          ],
        };
        header.order.push('wide');
      },
      'never begins',
    ],
  ],
  'placing-rules': [
    [
      (site) =>
        site.placing.rules.push({ id: 'p', where: { by: 'tag', tag: 'none' }, gives: { header: null } }),
      'it is for no page',
    ],
  ],
  unused: [
    [
      (site) => {
        site.headers.draft = { ...copy(site).headers.h!, id: 'draft', name: 'Draft' };
      },
      'stands on no page',
    ],
    [
      (site) => {
        site.headers.h!.bars.empty = newBar('empty', 'Empty bar');
        site.headers.h!.order.push('empty');
      },
      'Nothing stands in this bar',
    ],
  ],
  hidden: [
    [
      (site) => Object.assign(piece(site, 'button').values, { shown: { desktop: 'hidden' } }),
      'hidden at every width',
    ],
  ],
  repeated: [
    [
      (site) => Object.assign(site.headers.h!.bars.b!.values, { pieceGap: { desktop: 20, tablet: 20 } }),
      'Between pieces on the Tablet repeats what the Desktop says',
    ],
  ],
  tokens: [
    [
      (site) => {
        site.brand.colours.sea = { id: 'sea', name: 'Sea', value: { css: 'teal' } };
      },
      'Nothing uses it',
    ],
  ],
};

/** Shown with real fonts and drop-downs elsewhere: letters have one width here. */
const elsewhere = ['glyphs', 'drop-downs'];

test('the tidy sample has no finding above untidy, and every check has a fault to be tried with', () => {
  expect(found(tidy()).filter(({ harm }) => harm !== 'untidy')).toEqual([]);
  const tried = [...Object.keys(faults), ...elsewhere];
  expect(checks.map(({ id }) => id).filter((id) => !tried.includes(id))).toEqual([]);
  expect(new Set(checks.map(({ id }) => id)).size).toBe(checks.length);
});

describe.each(Object.entries(faults))('%s', (check, all) => {
  test.each(all.map(([change, says]) => ({ change, says })))(
    'finds “$says”, and only where it is',
    ({ change, says }) => {
      const site = tidy();
      expect(by(site, check).filter(({ words }) => words.includes(says))).toEqual([]);
      const faulty = copy(site);
      change(faulty);
      const told = by(faulty, check).filter(({ words }) => words.includes(says));
      expect(told.length).toBeGreaterThan(0);
      for (const { lead, key, at, harm } of told) {
        expect(v.is(leadSchema, lead)).toBe(true);
        expect([key.startsWith(`${check} `), at !== '', harm in harms]).toEqual([true, true, true]);
      }
    },
  );
});

/** The faults that can be repaired, with the findings that there are then. */
const repaired = Object.entries(faults).flatMap(([check, all]) =>
  all.flatMap(([change]) => {
    const site = tidy();
    change(site);
    return by(site, check)
      .filter(({ repair }) => repair !== null)
      .map((finding) => ({ check, site, finding }));
  }),
);

test('some findings of many checks can be repaired', () => {
  expect(new Set(repaired.map(({ check }) => check)).size).toBeGreaterThanOrEqual(8);
});

test.each(repaired)('a repair of $check takes the finding away, and brings no other', ({ site, finding }) => {
  const before = new Set(found(site).map(({ key }) => key));
  const outcome = applyEdits(site, finding.repair!.edits);
  expect(outcome.ok ? null : outcome.reason).toBeNull();
  if (!outcome.ok) return;
  const after = found(outcome.site).map(({ key }) => key);
  expect(after).not.toContain(finding.key);
  expect(after.filter((key) => !before.has(key))).toEqual([]);
});

test.each(startersOf.headers.map((starter) => ({ name: starter.name, starter })))(
  'repairs of what is found in “$name” take it away, and bring no other',
  ({ starter }) => {
    const site = tidy();
    const { assembly, menus } = startAssembly(site, 'headers', starter, 'Started', countedIds());
    const started: Site = {
      ...site,
      headers: { [assembly.id]: assembly },
      menus: { ...site.menus, ...Object.fromEntries(menus.map((menu) => [menu.id, menu])) },
      placing: { ...site.placing, header: assembly.id },
    };
    const before = found(started);
    for (const { key, repair } of before) {
      if (repair === null) continue;
      const outcome = applyEdits(started, repair.edits);
      expect(outcome.ok ? null : outcome.reason).toBeNull();
      if (!outcome.ok) continue;
      const after = found(outcome.site).map((each) => each.key);
      expect(after).not.toContain(key);
      expect(after.filter((each) => !before.some((one) => one.key === each))).toEqual([]);
    }
  },
);

test('what is accepted is told all the same, under the same key, and can be looked at again', () => {
  const site = tidy();
  faults.hidden![0]![0](site);
  const [finding] = by(site, 'hidden');
  const accept = (of: Site, reason: string | null) => {
    const outcome = applyEdits(of, [{ edit: 'acceptFinding', finding: finding!.key, reason }]);
    if (!outcome.ok) throw new Error(outcome.reason);
    return outcome.site;
  };
  const left = accept(site, 'It comes in spring');
  expect(left.accepted).toEqual({ [finding!.key]: 'It comes in spring' });
  expect(by(left, 'hidden').map(({ key }) => key)).toEqual([finding!.key]);
  expect('accepted' in accept(left, null)).toBe(false);
  expect(applyEdits(site, [{ edit: 'acceptFinding', finding: finding!.key, reason: ' ' }]).ok).toBe(false);
});

test('what an edit does not touch is not looked at again', () => {
  const site = tidy();
  const [first] = [found(site)];
  const outcome = applyEdits(site, [
    {
      edit: 'setValue',
      place: { on: 'bar', in: 'headers', assembly: 'h', bar: 'b' },
      property: 'pieceGap',
      cell: 'desktop',
      value: 22,
    },
  ]);
  if (!outcome.ok) throw new Error(outcome.reason);
  // The very same findings of the drawer: they were not made anew.
  const of = (all: Finding[]) => all.filter(({ at }) => at.startsWith('Side drawer')).map(({ lead }) => lead);
  expect(of(found(outcome.site))).toEqual(of(first));
});
