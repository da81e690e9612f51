import { expect, test } from '@jest/globals';
import fc from 'fast-check';
import { applyEdits } from '../../edit/apply';
import type { Edit } from '../../edit';
import { evenLetters } from '../../fit/even-letters.test-data';
import { isWrittenBlock, stylesheetText, type Stylesheet } from '../../markup/stylesheet';
import { settleNames } from '../names';
import { sampleSite } from '../../site/sample.test-data';
import type { Site } from '../../site/site';
import { stylesheetAhead } from './ahead';
import { viewStylesheet } from './stylesheet';

const site = sampleSite();
const at = { in: 'headers', assembly: 'h' } as const;

function edited(of: Site, ...edits: Edit[]): Site {
  const outcome = applyEdits(of, edits);
  if (!outcome.ok) throw new Error(outcome.reason);
  return outcome.site;
}

/** What the values layer says at each width, by width, rule and property, once narrower widths follow wider ones. */
function inEffect(stylesheet: Stylesheet, name: string): Map<string, string> {
  const layer = stylesheet.findLast(
    (each) => typeof each === 'object' && 'at' in each && each.at === '@layer values',
  );
  if (!layer || typeof layer === 'string' || !isWrittenBlock(layer)) throw new Error('It has no values.');
  const found = new Map<string, string>();
  let before = new Map<string, string>();
  const take = (inside: Stylesheet, width: string): void => {
    for (const each of inside) {
      if (typeof each === 'string') continue;
      if (isWrittenBlock(each)) {
        if (each.at.includes('hover')) take(each.inside, width);
        continue;
      }
      for (const selector of each.selectors.filter((one) => one.startsWith(`.${name}`)))
        for (const [property, value] of Object.entries(each.declarations))
          before.set(`${selector} ${property}`, value);
    }
  };
  const widths = layer.inside.filter(
    (each) => typeof each === 'object' && 'at' in each && each.at.startsWith('@media (width <'),
  );
  take(
    layer.inside.filter((each) => !widths.includes(each)),
    '',
  );
  for (const [what, value] of before) found.set(` ${what}`, value);
  for (const each of widths) {
    if (typeof each === 'string' || !isWrittenBlock(each)) continue;
    before = new Map(before);
    take(each.inside, each.at);
    for (const [what, value] of before) found.set(`${each.at} ${what}`, value);
  }
  // What is as it comes is written or not.
  return new Map([...found].filter(([, value]) => value !== 'revert-layer').sort());
}

const setBar = (property: string, cell: string, value: unknown): Edit => ({
  edit: 'setValue',
  place: { on: 'bar', ...at, bar: 'b' },
  property,
  cell,
  value,
});

const bands = ['desktop', 'tablet', 'phone'];
const lengths = ['leastHeight', 'padding', 'pieceGap', 'bayGap'];
/** The sample with a length of its own in each band, so that all of them are written. */
const said = edited(
  site,
  ...lengths.flatMap((property) => bands.map((cell, index) => setBar(property, cell, 90 + index))),
);
const band = fc.constantFrom(...bands);
const px = fc.integer({ min: 0, max: 120 });
const edit = fc.oneof(
  fc.tuple(fc.constantFrom(...lengths), band, px),
  fc.tuple(fc.constant('across'), band, fc.constantFrom('start', 'center', 'end')),
);

test('values that are set one after another are in effect as the stylesheet says that is written anew', () => {
  const name = settleNames(site).get('b')!;
  let told = 0;
  fc.assert(
    fc.property(fc.array(edit, { minLength: 1, maxLength: 4 }), (edits) => {
      let now = said;
      let made = now;
      let shown = viewStylesheet(now, evenLetters);
      for (const [property, cell, value] of edits) {
        const next = edited(now, setBar(property, cell, value));
        const ahead = stylesheetAhead(shown, { made, before: now, after: next }, evenLetters);
        told += ahead ? 1 : 0;
        made = ahead ? made : next;
        shown = ahead ?? viewStylesheet(next, evenLetters);
        now = next;
        expect(inEffect(shown, name)).toEqual(inEffect(viewStylesheet(now, evenLetters), name));
      }
    }),
    { numRuns: 40 },
  );
  expect(told).toBeGreaterThan(30);
});

test('nothing but the declarations that were set is other', () => {
  const before = edited(site, setBar('leastHeight', 'desktop', 90));
  const shown = viewStylesheet(before, evenLetters);
  const after = edited(before, setBar('leastHeight', 'desktop', 91));
  const ahead = stylesheetAhead(shown, { made: before, before, after }, evenLetters)!;
  const [old, now] = [shown, ahead].map((each) => stylesheetText(each).split('\n'));
  const other = now!.filter((line, index) => line !== old![index]);
  expect(other).toHaveLength(1);
  expect(other[0]).toMatch(/min-block-size: 91px;/);
  expect(now).toHaveLength(old!.length);
});

test('what is written once for several bays is not told ahead', () => {
  const first = edited(said, setBar('across', 'phone', 'start'));
  const second = edited(first, setBar('across', 'phone', 'center'));
  const steps = { made: first, before: first, after: second };
  expect(stylesheetAhead(viewStylesheet(first, evenLetters), steps, evenLetters)).toBeNull();
});

test('what changes more than declarations is not told ahead', () => {
  const shown = viewStylesheet(site, evenLetters);
  const ahead = (...edits: Edit[]) =>
    stylesheetAhead(shown, { made: site, before: site, after: edited(site, ...edits) }, evenLetters);
  const [piece] = Object.keys(site.headers.h!.pieces);
  expect(ahead({ edit: 'renameAssembly', at, name: 'Other' } as Edit)).toBeNull();
  expect(ahead({ edit: 'removePiece', at, piece: piece! } as Edit)).toBeNull();
  expect(
    ahead({
      edit: 'setValue',
      place: { on: 'piece', ...at, piece: piece! },
      property: 'shown',
      cell: 'desktop',
      value: 'hidden',
    }),
  ).toBeNull();
  expect(ahead()).toBeNull();
});
