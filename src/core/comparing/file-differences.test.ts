import { expect, test } from '@jest/globals';
import { fileDifferences } from './file-differences';

const file = (path: string, hash: string) => ({ path, hash, bytes: 1, compressed: 1, readable: true });

test('files differ by their bytes; what came and what went is told', () => {
  const [was, is] = [
    [file('a', '1'), file('b', '1'), file('gone', '1')],
    [file('a', '1'), file('b', '2'), file('new', '1')],
  ];
  expect(fileDifferences(was, is).map((each) => [each.path, each.was?.hash, each.is?.hash])).toEqual([
    ['b', '1', '2'],
    ['gone', '1', undefined],
    ['new', undefined, '1'],
  ]);
  expect(fileDifferences(is, is)).toEqual([]);
});
