import { expect, test } from '@jest/globals';
import { applyEdits } from '../edit/apply';
import type { Edit } from '../edit';
import { sampleSite } from '../site/sample.test-data';
import type { Site } from '../site/site';
import { evenLetters } from './even-letters.test-data';
import { longMenu } from './long-menu.test-data';
import { breaks } from './fit-status';
import { suggestFit } from './suggestions';
import { surveyFit } from './survey';

const place = { kind: 'headers', assembly: 'h', bar: 'b' } as const;
const today = (site: Site) => ({ site, advances: evenLetters, page: null, language: 'en', root: 16 });

function edited(site: Site, edits: readonly Edit[]): Site {
  const outcome = applyEdits(site, edits);
  if (!outcome.ok) throw new Error(outcome.reason);
  return outcome.site;
}

/** A row at every width that is too long for the narrower desktops. */
const long = edited(sampleSite(), longMenu);

/** Down to which width the bar fits. */
const fitsFrom = (site: Site) =>
  Math.max(
    320,
    ...surveyFit(today(site), 'headers', site.headers.h!, { only: ['b'] })
      .bars[0]!.stretches.filter(breaks)
      .map(({ to }) => to),
  );

test('each suggestion does what it says: with it the bar fits down to where it is said to', () => {
  const now = fitsFrom(long);
  const { all, fitsFrom: said } = suggestFit(today(long), place, Math.floor(now) - 12);
  expect(said).toBe(now);
  expect(all.length).toBeGreaterThan(4);
  for (const { edits, fitsFrom: after, gain } of all.filter(({ edits: does }) => does !== null)) {
    expect(fitsFrom(edited(long, edits!))).toBeCloseTo(after, 6);
    expect(gain).toBeCloseTo(now - after, 6);
    expect(gain).toBeGreaterThan(0);
  }
});

test('what is enough comes first and is as small as it may be; what is not gains the most first', () => {
  const down = Math.floor(fitsFrom(long)) - 12;
  const { all } = suggestFit(today(long), place, down);
  const enough = all.filter((each) => each.enough);
  expect(all.slice(0, enough.length)).toEqual(enough);
  for (const { fitsFrom: after } of enough) expect(after).toBeLessThanOrEqual(down);
  const gains = all.slice(enough.length).map(({ gain }) => gain);
  expect(gains).toEqual([...gains].sort((a, b) => b - a));

  const padding = enough.find(({ change }) => change.as === 'value' && change.label === 'Inside, beside')!;
  expect(padding.change).toMatchObject({ from: 10, piece: 'menu' });
  // One px less would not do.
  const { to } = padding.change as { to: number };
  const [edit] = padding.edits!;
  expect(fitsFrom(edited(long, [{ ...edit, value: to + 1 } as Edit]))).toBeGreaterThan(down);
});

test('words are for the designer to find; a bar that fits needs nothing', () => {
  const { all } = suggestFit(today(long), place, Math.floor(fitsFrom(long)) - 12);
  const words = all.find(({ change }) => change.as === 'shorter')!;
  expect(words.edits).toBeNull();
  expect(words.change).toMatchObject({ label: 'A label that is very, very long and goes on for a while' });
  expect(suggestFit(today(long), place, 1900)).toEqual({
    fitsFrom: fitsFrom(long),
    language: 'en',
    all: [],
  });
});

test('another division is tried: shares as the bays need them where the middle takes too much at the edges', () => {
  const halves = edited(long, [
    {
      edit: 'setValue',
      place: { on: 'bar', in: 'headers', assembly: 'h', bar: 'b' },
      property: 'division',
      cell: 'desktop',
      value: { by: 'shares', shares: [1, 1, 1] },
    },
  ]);
  const now = fitsFrom(halves);
  const { all } = suggestFit(today(halves), place, Math.floor(now) - 12);
  const divided = all.filter(({ change }) => change.as === 'divided');
  expect(divided.map(({ change }) => change)).toContainEqual({
    as: 'divided',
    from: { by: 'shares', shares: [1, 1, 1] },
    to: { by: 'edges' },
  });
  for (const { edits, fitsFrom: after } of divided)
    expect(fitsFrom(edited(halves, edits!))).toBeCloseTo(after, 6);
});
