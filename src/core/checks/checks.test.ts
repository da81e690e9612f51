import { expect, test } from '@jest/globals';
import { applyEdits } from '../edit/apply';
import { evenLetters } from '../fit/even-letters.test-data';
import { someOf } from '../../sample.test-data';
import { newSite } from '../site/defaults';
import { countedIds } from '../site/sample.test-data';
import type { Site } from '../site/site';
import type { Advances } from '../text/advances';
import { startersOf } from '../starters';
import { startAssembly } from '../starters/starter';
import { leadSchema } from '../why/reason';
import * as v from 'valibot';
import { checkOf, checks } from '.';
import { checkSite } from './check-site';
import { copy, faults, tidy } from './faults.test-data';
import { asFinding, harms, type Finding } from './finding';

const found = (site: Site, advances: Advances = evenLetters) => checkSite({ site, advances });
const by = (site: Site, check: string, advances: Advances = evenLetters): Finding[] =>
  checkOf(check)
    .find({ site, advances })
    .map((each) => asFinding(check, checkOf(check).harm, each));

test('the tidy sample has no finding above untidy, and every check has a fault to be tried with', () => {
  expect(found(tidy()).filter(({ harm }) => harm !== 'untidy')).toEqual([]);
  expect(checks.map(({ id }) => id).filter((id) => !(id in faults))).toEqual([]);
  expect(new Set(checks.map(({ id }) => id)).size).toBe(checks.length);
});

/** What is told of it is kept. */
const clean = tidy();

/** Each fault of each check, with a site that has it and what the check tells of that. */
const faulty = Object.entries(faults).flatMap(([check, all]) =>
  all.map(([change, says, advances]) => {
    const site = copy(clean);
    change(site);
    return { check, says, advances, site, told: by(site, check, advances) };
  }),
);

test.each(faulty)('$check finds “$says”, and only where it is', ({ check, says, advances, told }) => {
  expect(by(clean, check, advances).filter(({ words }) => words.includes(says))).toEqual([]);
  const own = told.filter(({ words }) => words.includes(says));
  expect(own.length).toBeGreaterThan(0);
  for (const { lead, key, at, harm } of own) {
    expect(v.is(leadSchema, lead)).toBe(true);
    expect([key.startsWith(`${check} `), at !== '', harm in harms]).toEqual([true, true, true]);
  }
});

/** What is found and can be repaired. */
const repaired = faulty.flatMap(({ told, ...each }) =>
  told.filter(({ repair }) => repair !== null).map((finding) => ({ ...each, finding })),
);

test('some findings of many checks can be repaired', () => {
  expect(new Set(repaired.map(({ check }) => check)).size).toBeGreaterThanOrEqual(8);
});

test.each(repaired)(
  'a repair of $check takes the finding away, and brings no other',
  ({ site, finding, advances }) => {
    const before = new Set(found(site, advances).map(({ key }) => key));
    const outcome = applyEdits(site, finding.repair!.edits);
    expect(outcome.ok ? null : outcome.reason).toBeNull();
    if (!outcome.ok) return;
    const after = found(outcome.site, advances).map(({ key }) => key);
    expect(after).not.toContain(finding.key);
    expect(after.filter((key) => !before.has(key))).toEqual([]);
  },
);

test.each(someOf(startersOf.headers, 3).map((starter) => ({ name: starter.name, starter })))(
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

test('a site that was begun just now is looked over as any other', () => {
  const all = found(newSite('New', countedIds()));
  expect(all.filter(({ check }) => check === 'weight')).toEqual([]);
  expect(new Set(all.map(({ key }) => key)).size).toBe(all.length);
});

test('what shows only while the page is scrolled is not hidden', () => {
  const site = tidy();
  const { h } = site.headers;
  Object.assign(h!.values, { scrolling: { desktop: 'stays' } });
  Object.assign(h!.pieces.button!.values, { shown: { desktop: 'hidden' } });
  expect(by(site, 'hidden')).toHaveLength(1);
  const scrolled = copy(site);
  Object.assign(scrolled.headers.h!.pieces.button!.values, {
    shown: { desktop: 'hidden', 'desktop:scrolled': 'shown' },
  });
  expect(by(scrolled, 'hidden')).toEqual([]);
});

test('what is hidden everywhere is found whatever rules turn of it, unless one of them shows it', () => {
  const ruled = (property: string, value: unknown) => {
    const site = tidy();
    const { h } = site.headers;
    Object.assign(h!.pieces.button!.values, { shown: { desktop: 'hidden' } });
    const turns = [{ piece: 'button', property, value }];
    h!.bars[h!.order[0]!]!.rules = [{ id: 'r', when: { by: 'fit', margin: 0 }, turns }];
    return by(site, 'hidden');
  };
  expect(ruled('shown', 'hidden')).toHaveLength(1);
  expect(ruled('textSize', 12)).toHaveLength(1);
  expect(ruled('shown', 'shown')).toEqual([]);
});

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
