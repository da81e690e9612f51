import { expect, test } from '@jest/globals';
import fc from 'fast-check';
import { box, words, type Box } from './box';
import { at, evenMeasures as even } from './even-measures.test-data';
import { layoutCss, type Layout } from './layout';
import { mirrored, type PlacedBox } from './placed';
import { placeBox } from './places';
import { widthsOf } from './widths';

const leaf = (width: number, height: number, layout: Layout = {}) =>
  box('i', { inlineSize: width, blockSize: height, ...layout }, []);
const place = (layout: Layout, of: Box[], width: number) => placeBox(box('', layout, of), width, even);
const spots = ({ of }: PlacedBox) => of.map(({ x, y, width, height }) => [x, y, width, height]);

test('a row gives what is free to what grows, and takes what is short from what may get narrower', () => {
  const row: Layout = { display: 'flex', gap: 10, alignItems: 'center' };
  expect(spots(place(row, [leaf(50, 20), leaf(50, 40, { flexGrow: 1 })], 200))).toEqual([
    [0, 10, 50, 20],
    [60, 0, 140, 40],
  ]);
  const text = box('p', {}, [words('one two three')]);
  const narrow = place(row, [text, leaf(80, 20, { flexShrink: 0 })], 160);
  expect(spots(narrow)).toEqual([
    [0, 0, 70, 40],
    [80, 10, 80, 20],
  ]);
});

test('equal cells are equal where there is room, and ask for all of them as wide as the widest', () => {
  const cell = (text: string) => box('li', { flex: '1 1 0' }, [words(text)]);
  const row = box('', { display: 'flex' }, [cell('a'), cell('abc')]);
  expect(widthsOf(row, even)).toMatchObject({ preferred: at(40), least: at(40), ideal: at(60) });
  expect(spots(placeBox(row, 100, even)).map(([x, , width]) => [x, width])).toEqual([
    [0, 50],
    [50, 50],
  ]);
});

test('shares around a middle centre it, and each column is at least as wide as its content', () => {
  const columns: Layout = { display: 'grid', gridTemplateColumns: [{ fr: 1 }, 'auto', { fr: 1 }] };
  const cells = [leaf(20, 10), leaf(40, 10), leaf(60, 10)].map((each) => box('b', {}, [each]));
  expect(spots(place(columns, cells, 200)).map(([x, , width]) => [x, width])).toEqual([
    [0, 80],
    [80, 40],
    [120, 80],
  ]);
  expect(spots(place(columns, cells, 130)).map(([, , width]) => width)).toEqual([30, 40, 60]);
  expect(widthsOf(box('', columns, cells), even)).toMatchObject({ preferred: at(160), least: at(120) });
});

test('what spans columns widens those that are as their content, and none that have shares', () => {
  const wide = box('b', { gridColumn: '1 / -1' }, [leaf(100, 10)]);
  const cells = [box('b', {}, [leaf(10, 10)]), box('b', {}, [leaf(20, 10)]), wide];
  const of = (gridTemplateColumns: Layout['gridTemplateColumns']) =>
    widthsOf(box('', { display: 'grid', gridTemplateColumns }, cells), even);
  expect(of(['auto', 'auto'])).toMatchObject({ preferred: at(100), least: at(100) });
  expect(of([{ fr: 1 }, { fr: 1 }])).toMatchObject({ preferred: at(100), least: at(30) });
});

test('what spans columns widens first those that are narrower than what is in them asks for', () => {
  const cells = [
    box('b', {}, [words('one two three four')]),
    box('b', {}, [leaf(20, 10)]),
    box('b', { gridColumn: '1 / -1' }, [leaf(120, 10)]),
  ];
  const columns: Layout = { display: 'grid', gridTemplateColumns: ['auto', 'auto'] };
  // The first column alone has room to grow to: 50 px of its widest word, 180 of all of it.
  expect(widthsOf(box('', columns, cells), even)).toMatchObject({ preferred: at(200), least: at(120) });
  expect(spots(place(columns, cells, 200)).map(([, , width]) => width)).toEqual([180, 20, 200]);
  expect(spots(place(columns, cells, 120)).map(([, , width]) => width)).toEqual([100, 20, 120]);
});

test('below each other, what stands on a common baseline begins in one line, behind the widest margin', () => {
  const column: Layout = { display: 'flex', flexDirection: 'column', alignItems: 'baseline' };
  const indented = leaf(40, 10, { marginInlineStart: 30 });
  expect(spots(place(column, [leaf(20, 10), indented], 200)).map(([x]) => x)).toEqual([30, 30]);
  const other = leaf(20, 10, { alignSelf: 'end' });
  expect(spots(place(column, [other, indented], 200)).map(([x]) => x)).toEqual([180, 30]);
});

test('texts stand on a common baseline, and what has none stands on it with its bottom', () => {
  const row: Layout = { display: 'flex', alignItems: 'baseline' };
  const small = box('s', { fontSize: { em: 0.5 }, lineHeight: 2 }, [words('b')]);
  const [text, other, picture] = place(row, [box('b', {}, [words('a')]), small, leaf(10, 8)], 100).of;
  const baseline = (each: PlacedBox) => each.y + (each.baseline ?? each.height);
  expect(baseline(other!)).toBe(baseline(text!));
  expect(baseline(picture!)).toBe(baseline(text!));
});

test('what stands in a row is no narrower than its padding, whatever least width is said, and keeps its margins', () => {
  const narrow = box('a', { minInlineSize: 4, padding: [0, 14], marginInlineStart: 3 }, [words('abcdef')]);
  const placed = place({ display: 'flex' }, [narrow, leaf(10, 10, { flexShrink: 0 })], 20);
  expect(spots(placed).map(([x, , width]) => [x, width])).toEqual([
    [3, 28],
    [31, 10],
  ]);
});

test('what is no wider than its row is no narrower than its padding', () => {
  const wide = box('a', { inlineSize: 90, maxInlineSize: '100%', padding: [0, 14] }, [words('abcdef')]);
  const placed = place({ display: 'flex' }, [wide, leaf(10, 10, { flexShrink: 0 })], 20);
  expect(spots(placed).map(([x, , width]) => [x, width])).toEqual([
    [0, 28],
    [28, 10],
  ]);
});

test('a text that is higher than its box sticks out at both ends where it is centred', () => {
  const field = box('input', { blockSize: 12, alignContent: 'center' }, [words('a')]);
  const [text] = place({}, [field], 40).of[0]!.of;
  expect([text!.y, text!.height]).toEqual([-4, 20]);
});

test('a first line that sticks out above its box makes no room above the row', () => {
  const lowWith = (more: Layout) =>
    box('a', { display: 'grid', alignContent: 'center', inlineSize: 40, blockSize: 10, ...more }, [
      box('p', {}, [words('one two three')]),
    ]);
  const row: Layout = { display: 'flex', alignItems: 'baseline' };
  const placed = place(row, [lowWith({})], 100);
  expect(placed.of[0]!.baseline).toBeLessThan(0);
  expect([placed.height, spots(placed)]).toEqual([10, [[0, 0, 40, 10]]]);
  const [cut, beside] = place(row, [lowWith({ overflow: 'hidden' }), leaf(10, 8)], 100).of;
  expect([cut!.baseline, cut!.y, beside!.y]).toEqual([0, 8, 0]);
});

test('a box whose lines run from top to bottom is as wide as its lines are high', () => {
  const upright = box('li', { padding: [3, 5] }, [words('abc')], { turned: true });
  expect(widthsOf(upright, even).preferred).toEqual(at(26));
  const [placed] = place({ display: 'flex', alignItems: 'start' }, [upright], 100).of;
  expect([placed!.width, placed!.height]).toEqual([26, 40]);
});

test('a layout says in CSS what it measures; what it names without a value is as it comes', () => {
  expect(
    layoutCss({
      display: 'inline-flex',
      padding: [{ em: 0.1 }, 4],
      gap: { rem: 16 },
      maxInlineSize: { ch: 32 },
      gridTemplateColumns: [{ least: 0, most: { fr: 2 } }, 'auto'],
      border: { width: 2, look: 'solid red' },
      order: undefined,
    }),
  ).toEqual({
    display: 'inline-flex',
    padding: '0.1em 4px',
    gap: '1rem',
    'max-inline-size': '32ch',
    'grid-template-columns': 'minmax(0, 2fr) auto',
    border: '2px solid red',
    order: 'revert-layer',
  });
});

/** Any tree of rows, columns and grids of texts and leaves. */
const trees = fc.letrec<{ tree: Box }>((tie) => ({
  tree: fc.oneof(
    { maxDepth: 3 },
    fc.constantFrom('a', 'ab cd', 'abcdefg hij').map((text) => box('p', {}, [words(text)])),
    fc.tuple(fc.integer({ min: 0, max: 60 }), fc.integer({ min: 0, max: 60 })).map(([w, h]) => leaf(w, h)),
    fc
      .tuple(
        fc.constantFrom<Layout>(
          { display: 'flex' },
          { display: 'flex', flexWrap: 'wrap' },
          { display: 'flex', flexDirection: 'column' },
          { display: 'grid', gridTemplateColumns: ['auto', { fr: 1 }] },
          {},
        ),
        fc.integer({ min: 0, max: 12 }),
        fc.array(tie('tree'), { maxLength: 4 }),
      )
      .map(([layout, gap, of]) => box('d', { ...layout, gap, padding: 2 }, of)),
  ),
})).tree;

test('with as much room as it prefers nothing sticks out of a box, and twice mirrored it stands as before', () => {
  const inside = (placed: PlacedBox): boolean =>
    placed.of.every(
      (each) =>
        each.x >= -1e-6 && each.x + each.width <= placed.width + 1e-6 && each.y >= -1e-6 && inside(each),
    );
  fc.assert(
    fc.property(trees, (tree) => {
      const { preferred, least } = widthsOf(tree, even);
      expect(least.values[0]).toBeLessThanOrEqual(preferred.values[0]! + 1e-6);
      const placed = placeBox(tree, preferred.values[0]!, even);
      expect(inside(placed)).toBe(true);
      const back = mirrored(mirrored(placed));
      expect(spots(back).flat()).toEqual(
        spots(placed)
          .flat()
          .map((value) => expect.closeTo(value, 6)),
      );
    }),
  );
});
