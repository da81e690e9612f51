import { expect, test } from '@jest/globals';
import { inRow, leavingRanks, standing } from './leaving';

const entry = (id: string, leaves: 'first' | 'turn' | 'last' = 'turn', shown = true) => ({
  id,
  leaves,
  shown,
});
const row = { shownAs: 'row', around: null, turned: false, behind: 0, leftOut: 0 } as const;

test('items leave from the end on, those that leave first before and those that leave last after the others', () => {
  const ranks = leavingRanks([entry('a', 'first'), entry('b'), entry('c', 'last'), entry('d'), entry('e')]);
  expect([...ranks].sort(([, a], [, b]) => a - b).map(([id]) => id)).toEqual(['a', 'e', 'd', 'b', 'c']);
});

test('the button stands there only for items that show and are not left out altogether', () => {
  const entries = [entry('a'), entry('b'), entry('c', 'turn', false)];
  const at = (behind: number, leftOut = 0) => {
    const found = standing({ ...row, behind, leftOut }, entries);
    return [found.inRow.map(({ id }) => id).join(' '), found.more];
  };
  expect(at(0)).toEqual(['a b', false]);
  // The one that the band hides is the first to go: nothing stands behind the button yet.
  expect(at(1)).toEqual(['a b', false]);
  expect(at(2)).toEqual(['a', true]);
  expect(at(2, 2)).toEqual(['a', false]);
  expect(at(3, 2)).toEqual(['', true]);
  expect(at(40)).toEqual(['', true]);
});

test('only a row or cells lose items; the count of what stands in the row knows the button', () => {
  const entries = [entry('a'), entry('b')];
  expect(standing({ ...row, behind: 1, shownAs: 'column' }, entries).inRow).toHaveLength(2);
  expect(standing({ ...row, behind: 1, around: 'around' }, entries).inRow).toHaveLength(2);
  expect(inRow({ ...row, behind: 1 }, { top: 2, ranks: [1, 2], cards: false, nested: false })).toBe(2);
  expect(inRow({ ...row, leftOut: 1 }, { top: 2, ranks: [1, 2], cards: false, nested: false })).toBe(1);
});
