import { expect, test } from '@jest/globals';
import type { Edit } from '../edit';
import { applyEdits } from '../edit/apply';
import type { RuleWhen, Turn } from '../site/collapse-rule';
import { sampleSite } from '../site/sample.test-data';
import type { Site } from '../site/site';
import { barFit } from './bar-fit';
import type { Circumstances } from './circumstances';
import { evenLetters } from './even-letters.test-data';
import { breaks } from './fit-status';
import { foreseenWay } from './foreseen-way';
import { usually } from './heights';
import { settledOver } from './settled-over';
import { surveyFit } from './survey';
import { stageAt, wayDown } from './way-down';

const at = { in: 'headers', assembly: 'h' } as const;

function edited(site: Site, ...edits: Edit[]): Site {
  const outcome = applyEdits(site, edits);
  if (!outcome.ok) throw new Error(outcome.reason);
  return outcome.site;
}

const rule = (when: RuleWhen, ...turns: Turn[]): Edit => ({
  edit: 'setRule',
  at,
  bar: 'b',
  rule: { id: 'r1', when, turns },
});
const set = (piece: string, property: string, cell: string, value: unknown): Edit => ({
  edit: 'setValue',
  place: { on: 'piece', ...at, piece },
  property,
  cell,
  value,
});
const browser: RuleWhen = { by: 'browser' };
const withoutButton: Turn = { piece: 'button', property: 'shown', value: 'hidden' };
/** A bar whose button has a long label, so that it fits neither on a desktop nor on a tablet without room to spare; on phones its menu is a button. */
const long = edited(
  sampleSite(),
  set(
    'button',
    'label',
    'all',
    'A button that says a great deal about where it leads to, and then some more',
  ),
);
const today = (site: Site): Circumstances => usually(site, evenLetters);
const way = (site: Site) => foreseenWay(today(site), 'headers', site.headers.h!);
const beginsIn = (site: Site, width: number) => stageAt(way(site), width).begun.includes('r1');

test('where nothing is measured in the browser, the way is that of the stylesheet', () => {
  const site = edited(long, rule({ by: 'fit', margin: 0 }, withoutButton));
  expect(way(site)).toBe(wayDown(site, evenLetters, 'headers', site.headers.h!));
});

test('what is measured begins only where its bar does not fit: no longer where a narrower band makes room', () => {
  const stops = way(edited(long, rule({ by: 'fit', margin: 0 }, withoutButton))).rules[0]!.below!;
  expect(stops).toBeGreaterThan(640);
  const measured = edited(long, rule(browser, withoutButton), set('button', 'shown', 'phone', 'shown'));
  const foreseen = way(measured);
  expect(foreseen.rules).toEqual([
    expect.objectContaining({ rule: 'r1', below: stops, levels: 1, reason: null }),
  ]);
  expect([stops + 1, stops - 1, 641].map((width) => beginsIn(measured, width))).toEqual([false, true, true]);
  // On the phone the button does not show, and all fits by itself.
  const short = edited(long, rule(browser, { piece: 'logo', property: 'shown', value: 'hidden' }));
  expect([700, 639, 500].map((width) => beginsIn(short, width))).toEqual([true, false, false]);
  // The stylesheet has none of it.
  expect(stageAt(wayDown(short, evenLetters, 'headers', short.headers.h!), 700).begun).not.toContain('r1');
});

test('with it a bar stands as the survey says', () => {
  const site = edited(long, rule(browser, withoutButton));
  const { bars, rules } = surveyFit(today(site), 'headers', site.headers.h!);
  expect(rules.map(({ rule: id }) => id)).toEqual(['r1']);
  expect(bars[0]!.stretches.filter(breaks)).toEqual([]);
  const plain = surveyFit(today(long), 'headers', long.headers.h!);
  expect(plain.bars[0]!.stretches.some(breaks)).toBe(true);
});

test('its levels begin one by one, no more than are enough at each width', () => {
  const smaller: Turn = { piece: 'menu', property: 'textSize', value: 12, step: -4 };
  const site = edited(
    sampleSite(),
    set('menu', 'textSize', 'desktop', 60),
    set('menu', 'shownAs', 'phone', 'row'),
    rule(browser, smaller),
  );
  const foreseen = way(site);
  const [outcome] = foreseen.rules;
  expect(outcome!.levels).toBe(12);
  expect(outcome!.further.length).toBeGreaterThan(2);
  expect(outcome!.further).toEqual(outcome!.further.toSorted((one, other) => other - one));
  // One level less, and the bar would not fit.
  const fitsWith = (width: number, begun: readonly string[]) => {
    const span = { from: width, to: width + 0.001 };
    const [there] = settledOver(today(site), 'headers', site.headers.h!, { span, tally: { complete: true } });
    expect(there!.settled.bars[0]!.id).toBe('b');
    const without = { ...site.headers.h!, bars: { b: { ...site.headers.h!.bars.b!, rules: [] } } };
    const bare = edited(
      { ...site, headers: { h: without } },
      set('menu', 'textSize', 'desktop', 60 - 4 * begun.length),
    );
    const [settled] = settledOver(today(bare), 'headers', bare.headers.h!, {
      span,
      tally: { complete: true },
    });
    const { phases, within } = settled!;
    return barFit({ circumstances: today(bare), phases, bar: 'b', within }).every((each) => !breaks(each));
  };
  let compared = 0;
  for (let width = 330; width < 900; width += 15) {
    const levels = stageAt(foreseen, width).begun.filter((id) => id.startsWith('r1'));
    if (levels.length === 0 || levels.length === 12) continue;
    compared += 1;
    expect(fitsWith(width, levels)).toBe(true);
    expect(fitsWith(width, levels.slice(1))).toBe(false);
  }
  expect(compared).toBeGreaterThan(3);
});

test('it is foreseen for the words and the fonts at hand', () => {
  const site = edited(long, rule(browser, withoutButton));
  const wide = foreseenWay(
    { ...today(site), advances: { of: (_, text) => [...text].length * 0.6 } },
    'headers',
    site.headers.h!,
  );
  expect(wide.rules[0]!.below).toBeGreaterThan(way(site).rules[0]!.below!);
  expect(way(site)).toBe(way(site));
});
