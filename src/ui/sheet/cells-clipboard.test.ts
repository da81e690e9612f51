import { expect, test } from '@jest/globals';
import { readCells, writeCells } from './cells-clipboard';
import type { SheetCell, SheetRow } from './model';

const cell = (value: unknown, own = true): SheetCell => ({
  key: 'desktop',
  value,
  text: `${String(value)} px`,
  aside: null,
  swatch: null,
  own,
  follows: own ? null : 'Desktop',
});
const row: SheetRow = { name: 'gap', label: 'Gap', editor: { as: 'length', least: 0, most: 9 }, cells: [] };

test('what is copied is read again: values that are set, and that others follow', () => {
  const { cells, words } = writeCells([
    [
      { row, cell: cell(4) },
      { row, cell: cell(4, false) },
    ],
    [{ row, cell: cell(0) }, null],
  ]);
  expect(words).toBe('4 px\t4 px\n0 px\t');
  expect(readCells(cells)).toEqual([
    [{ as: 'length', value: 4 }, { as: 'length' }],
    [{ as: 'length', value: 0 }, null],
  ]);
});

test.each([
  ['', 'nothing'],
  ['12 px', 'words'],
  ['{"form":"gable-ridge-pieces","bands":[],"pieces":[]}', 'pieces'],
  ['{"form":"gable-ridge-cells","rows":[]}', 'no rows'],
  ['{"form":"gable-ridge-cells","rows":[[{"as":4}]]}', 'a form that is none'],
])('%s is no cells: %s', (text) => {
  expect(readCells(text)).toBeNull();
});
