import { expect, test } from '@jest/globals';
import fc from 'fast-check';
import { bandAt } from '../bands/band';
import { applyEdits } from '../edit/apply';
import type { Edit } from '../edit';
import { sampleSite } from '../site/sample.test-data';
import type { Site } from '../site/site';
import { unmeasured } from '../text/advances';
import type { FitStretch } from './bar-fit';
import { evenLetters } from './even-letters.test-data';
import { fitLabels, type FitStatus } from './fit-status';
import { valueAt } from '../lengths/piecewise';
import { surveyRoom } from './room-survey';
import { surveyFit, type FitSurvey } from './survey';
import { wholeFit } from './whole-fit';

const at = { in: 'headers', assembly: 'h' } as const;
const worst = Object.keys(fitLabels) as FitStatus[];

function edited(...edits: Edit[]): Site {
  const outcome = applyEdits(sampleSite(), edits);
  if (!outcome.ok) throw new Error(outcome.reason);
  return outcome.site;
}
const setOn = (piece: string, property: string, value: unknown, cell = 'desktop'): Edit => ({
  edit: 'setValue',
  place: { on: 'piece', ...at, piece },
  property,
  cell,
  value,
});
const surveyOf = (site: Site, advances = evenLetters, root = 16): FitSurvey =>
  surveyFit({ site, advances, page: null, language: 'en', root }, 'headers', site.headers.h!);
const statusAt = (stretches: readonly FitStretch[], width: number) =>
  worst.indexOf(stretches.find(({ to }) => width < to)!.status);
const only = (survey: FitSurvey) => survey.bars[0]!.stretches;

/** The sample’s bar: a name, a menu of two and a button, the middle truly centred, a row at every width. */
const NAME = 'Tern Point and its islands';
const row = [setOn('menu', 'shownAs', 'row', 'phone'), setOn('logo', 'text', NAME, 'all')];

test('a bar changes exactly where its room runs out, and says which pieces are short of how much', () => {
  const stretches = only(surveyOf(edited(...row, setOn('button', 'shown', 'hidden'))));
  const [tight, wide] = stretches.slice(-2);
  // Home, Boats and its toggle, each with a padding of 10 px on both sides, and 8 px between them.
  const menu = 4 * 8 + 20 + (5 * 8 + 20 + 24) + 8;
  const name = (NAME.length / 2) * 20;
  // Both edges are as wide as the wider of them, with 24 px on both sides of the menu and of the bar.
  expect(wide).toMatchObject({ status: 'fits', to: 1920, causes: [] });
  expect(wide!.from).toBeCloseTo(2 * name + menu + 2 * 24 + 2 * 24, 6);
  expect(tight).toMatchObject({ status: 'tight' });
  expect(tight!.causes[0]).toMatchObject({ trouble: 'off-centre', pieces: ['menu'] });
  // What is behind the menu is empty: it may stick out.
  expect(tight!.from).toBeCloseTo(name + menu + 24 + 2 * 24, 6);
  expect(tight!.causes[0]!.by).toBeCloseTo((wide!.from - tight!.from) / 2, 6);
});

test('a row that scrolls, of letters that grow, is surveyed also where it is narrower than it may get', () => {
  const grows = { from: { at: 320, px: 8 }, to: { at: 1920, px: 40 } };
  const scrolling = edited(
    setOn('menu', 'shownAs', 'scrolling', 'phone'),
    setOn('menu', 'shownAs', 'scrolling'),
    setOn('menu', 'textSize', grows),
    setOn('menu', 'itemPaddingInline', 0),
    setOn('logo', 'text', `${NAME}, ${NAME}`, 'all'),
  );
  const stretches = only(surveyOf(scrolling));
  expect([stretches[0]!.from, stretches.at(-1)!.to]).toEqual([320, 1920]);
  expect(stretches.map(({ status }) => status)).toEqual(['overflows', 'tight']);
});

test('what is not measured yet is not complete', () => {
  expect(surveyOf(edited(...row)).complete).toBe(true);
  expect(surveyOf(edited(...row), unmeasured).complete).toBe(false);
});

test('more text never needs less room', () => {
  fc.assert(
    fc.property(
      fc.string({ minLength: 1, maxLength: 30, unit: fc.constantFrom(...'abc ') }),
      fc.string({ minLength: 1, maxLength: 12, unit: fc.constantFrom(...'abc') }),
      fc.constantFrom('button', 'logo'),
      fc.integer({ min: 320, max: 1919 }),
      (text, more, piece, width) => {
        const property = piece === 'logo' ? 'text' : 'label';
        const label = `a${text.trim()}`;
        const stretches = (words: string) =>
          only(surveyOf(edited(...row, setOn(piece, property, words, 'all'))));
        expect(statusAt(stretches(label + more), width)).toBeGreaterThanOrEqual(
          statusAt(stretches(label), width),
        );
      },
    ),
    { numRuns: 60 },
  );
});

test('more room never makes a fitting bar overflow, whatever its division, gaps and gutters', () => {
  const division = fc.constantFrom<unknown>(
    { by: 'edges' },
    { by: 'stack' },
    { by: 'shares', shares: [1, 2, 1] },
    { by: 'shares', shares: [0.1, 0.2, 0.1] },
  );
  const gap = fc.integer({ min: 0, max: 80 });
  fc.assert(
    fc.property(division, gap, gap, gap, fc.boolean(), (divided, bayGap, itemGap, least, greedy) => {
      const bar = { on: 'bar', ...at, bar: 'b' } as const;
      const site = edited(
        ...row,
        { edit: 'setValue', place: bar, property: 'division', cell: 'desktop', value: divided },
        { edit: 'setValue', place: bar, property: 'bayGap', cell: 'desktop', value: bayGap },
        setOn('menu', 'itemGap', itemGap),
        setOn('menu', 'itemGapLeast', least),
        setOn('menu', 'takesRest', greedy),
      );
      const stretches = only(surveyOf(site));
      stretches.slice(1).forEach((above, index) => {
        const below = stretches[index]!;
        const sameBand = bandAt(site.bands, below.from) === bandAt(site.bands, above.from);
        if (sameBand) expect(worst.indexOf(above.status)).toBeLessThanOrEqual(worst.indexOf(below.status));
      });
    }),
    { numRuns: 100 },
  );
});

test('the reader’s larger text needs more room, and moves the bands along', () => {
  const [usual, larger] = [16, 24].map((root) => only(surveyOf(edited(...row), evenLetters, root)));
  expect(larger!.at(-1)!.from).toBeGreaterThan(usual!.at(-1)!.from * 1.3);
});

test('gaps that may get narrower make a bar tight before it overflows', () => {
  const wide = [...row, setOn('menu', 'itemGap', 120), setOn('button', 'shown', 'hidden')];
  const troubles = (site: Site) =>
    only(surveyOf(site)).flatMap(({ causes }) => causes.map(({ trouble }) => trouble));
  const ends = (site: Site) => only(surveyOf(site)).find(({ status }) => status === 'overflows')?.to ?? 320;
  const shrinking = [...wide, setOn('menu', 'itemGapLeast', 0)];
  expect(troubles(edited(...wide))).not.toContain('narrowed');
  expect(troubles(edited(...shrinking))).toContain('narrowed');
  expect(ends(edited(...wide)) - ends(edited(...shrinking))).toBeCloseTo(120, 6);
});

test('below others a piece is as narrow as the room, but its margins are kept: they push it out', () => {
  const bar = { on: 'bar', ...at, bar: 'b' } as const;
  const stacked = (gapBefore: number) =>
    only(
      surveyOf(
        edited(
          { edit: 'setValue', place: bar, property: 'division', cell: 'desktop', value: { by: 'stack' } },
          setOn('menu', 'shown', 'hidden'),
          setOn('logo', 'pieceWidth', 400),
          setOn('logo', 'gapBefore', gapBefore),
        ),
      ),
    ).filter(({ status }) => status !== 'fits');
  const [narrowed, ...others] = stacked(0);
  expect([narrowed!.status, others]).toEqual(['tight', []]);
  const [pushed, ...more] = stacked(30);
  expect([pushed!.status, more]).toEqual(['overflows', []]);
  // It begins where the margin is no longer had beside it.
  expect(pushed!.to - narrowed!.to).toBeCloseTo(30, 6);
  const [cause] = pushed!.causes.filter(({ status }) => status === 'overflows');
  expect([cause!.pieces, cause!.by]).toEqual([['logo'], 30]);
});

test('a header as a whole stands as its worst bar does', () => {
  const stretch = (from: number, to: number, status: FitStatus): FitStretch => ({
    from,
    to,
    status,
    causes: [],
  });
  const whole = wholeFit({
    bars: [
      { bar: 'a', stretches: [stretch(320, 600, 'wraps'), stretch(600, 1920, 'fits')] },
      {
        bar: 'b',
        stretches: [stretch(320, 500, 'tight'), stretch(500, 800, 'overflows'), stretch(800, 1920, 'fits')],
      },
    ],
    rules: [],
    complete: true,
    lacking: [],
  });
  expect(whole.map(({ from, status, bar }) => [from, status, bar])).toEqual([
    [320, 'wraps', 'a'],
    [500, 'overflows', 'b'],
    [800, 'fits', null],
  ]);
});

test('a footer beside a header at the side has so much less room', () => {
  const site = sampleSite();
  const header = site.headers.h!;
  // The same bars once more as a footer.
  const footers = { f: { ...header, id: 'f' } };
  const side = { ...header, values: { stands: { desktop: 'side' }, sideWidth: { desktop: 240 } } };
  const has = (of: typeof site) =>
    surveyRoom(
      { site: of, advances: evenLetters, page: null, language: 'en', root: 16 },
      { kind: 'footers', assembly: 'f', bar: 'b' },
      { from: 320, to: 1400 },
    ).map(({ available, span }) => [span.from, valueAt(available, 1000)]);
  const [plain, beside] = [has({ ...site, footers }), has({ ...site, footers, headers: { h: side } })];
  expect(plain.length).toBeGreaterThan(0);
  expect(beside).toEqual(plain.map(([from, width]) => [from, width! - 240]));
});

const staying: Edit = {
  edit: 'setValue',
  place: { on: 'assembly', ...at },
  property: 'scrolling',
  cell: 'desktop',
  value: 'stays',
};

test('every phase of scrolling is looked at: what shows only while the page is scrolled is said to be short then', () => {
  const scrolled = [
    setOn('button', 'label', 'Everything that there is to be had', 'all'),
    setOn('button', 'shown', 'hidden'),
    setOn('button', 'shown', 'shown', 'desktop:scrolled'),
  ];
  const always = only(surveyOf(edited(...row, staying, ...scrolled.slice(0, 1))));
  const later = only(surveyOf(edited(...row, staying, ...scrolled)));
  const never = only(surveyOf(edited(...row, staying, ...scrolled.slice(0, 2))));
  // The worst of the phases counts, and says which it is.
  expect(later.at(-1)!.from).toBeCloseTo(always.at(-1)!.from, 6);
  expect(later.at(-1)!.from).toBeGreaterThan(never.at(-1)!.from);
  expect(later.at(-2)!.causes[0]!.phase).toBe('scrolled');
  expect(never.at(-2)!.causes[0]!.phase).toBe('top');
  // A header that scrolls away is never scrolled.
  expect(only(surveyOf(edited(...row, ...scrolled))).at(-1)!.from).toBeCloseTo(never.at(-1)!.from, 6);
});
