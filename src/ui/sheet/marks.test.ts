import { describe, expect, test } from '@jest/globals';
import { blockBetween, marksAfter } from './marks';

const keys = [['a1', 'a2', 'a3'], ['b'], ['c1', null, 'c3'], ['d1', 'd2', 'd3']];

describe('a block between two cells', () => {
  test('is the rows and columns from one to the other, whichever comes first', () => {
    expect(blockBetween(keys, 'a1', 'a2')).toEqual(['a1', 'a2']);
    expect(blockBetween(keys, 'd3', 'c1')).toEqual(['c1', 'c3', 'd1', 'd2', 'd3']);
  });

  test('takes a row of one cell with it, and is as wide as the other end where it ends there', () => {
    expect(blockBetween(keys, 'a2', 'd2')).toEqual(['a2', 'b', 'd2']);
    expect(blockBetween(keys, 'b', 'd2')).toEqual(['b', 'd2']);
    expect(blockBetween(keys, 'b', 'b')).toEqual(['b']);
  });

  test('is empty where an end is gone', () => {
    expect(blockBetween(keys, 'a1', 'gone')).toEqual([]);
  });
});

describe('what is marked', () => {
  const none = { marked: [], anchor: 'a1' };

  test('is nothing after a cell was gone to alone', () => {
    expect(marksAfter(keys, { marked: ['a1', 'a2'], anchor: 'a1' }, 'a3', 'alone')).toEqual([]);
  });

  test('stays where one comes back from editing one of them', () => {
    expect(marksAfter(keys, { marked: ['a1', 'a2'], anchor: 'a1' }, 'a2', 'back')).toEqual(['a1', 'a2']);
    expect(marksAfter(keys, { marked: ['a1', 'a2'], anchor: 'a1' }, 'a3', 'back')).toEqual([]);
  });

  test('is a block from the cell before, however often its other end moves', () => {
    expect(marksAfter(keys, none, 'a3', 'block')).toEqual(['a1', 'a2', 'a3']);
    expect(marksAfter(keys, { marked: ['a1', 'a2', 'a3'], anchor: 'a1' }, 'a2', 'block')).toEqual([
      'a1',
      'a2',
    ]);
  });

  test('is one cell more, or one less where it was marked', () => {
    expect(marksAfter(keys, none, 'd3', 'besides')).toEqual(['a1', 'd3']);
    expect(marksAfter(keys, { marked: ['a1', 'd3'], anchor: 'a1' }, 'a1', 'besides')).toEqual(['d3']);
    expect(marksAfter(keys, { marked: [], anchor: null }, 'a1', 'besides')).toEqual([]);
  });
});
