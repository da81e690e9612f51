import { expect, test } from '@jest/globals';
import { constant } from '../lengths/piecewise';
import { box, words, type Measures } from './box';
import { placeBox } from './places';
import { leastInRow } from './row-items';
import { ownSetting } from './setting';
import { evenMeasures } from './even-measures.test-data';
import { widthsOf } from './widths';

/** Measures whose boxes are kept as long as nothing moves with the viewport. */
function keeping(basis: object, fluid = 0): Measures {
  const steadiness = { basis, moved: 0 };
  return {
    ...evenMeasures,
    steadiness,
    length(length) {
      if (typeof length === 'number') return constant(length, { from: 0, to: 0 });
      steadiness.moved += 1;
      return constant(fluid, { from: 0, to: 0 });
    },
  };
}

const piece = (width: number | { px: number; share: number }) => ({
  ...box('', { inlineSize: width, whiteSpace: 'normal' }, [words('two words')]),
  kept: {},
});

test('what is kept of a box that was given a width is not taken for its content', () => {
  const given = piece(400);
  const setting = ownSetting(keeping({}));
  expect(widthsOf(given, setting.measures).least.values[0]).toBe(400);
  expect(leastInRow(given, setting).values[0]).toBeLessThan(100);
});

test('what is the same at all widths of the viewport is placed once, what moves is not', () => {
  const basis = {};
  const [still, moving] = [piece(80), piece({ px: 8, share: 0.5 })];
  const placed = (of: typeof still, width: number) => placeBox(of, width, keeping(basis, width));
  expect(placed(still, 80)).toBe(placed(still, 80));
  expect(placed(still, 90)).not.toBe(placed(still, 80));
  expect(widthsOf(moving, keeping(basis, 80)).least.values[0]).toBe(80);
  expect(widthsOf(moving, keeping(basis, 90)).least.values[0]).toBe(90);
});

test('measures that are made of something else keep nothing of the others', () => {
  const still = piece(80);
  expect(placeBox(still, 80, keeping({}))).not.toBe(placeBox(still, 80, keeping({})));
});
