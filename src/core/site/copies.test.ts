import { expect, test } from '@jest/globals';
import { applyEdits } from '../edit/apply';
import { piecesInOrder } from './assembly';
import { copyBar } from './copies';
import { copyName } from './name';
import { sampleSite } from './sample.test-data';

const at = { in: 'headers', assembly: 'h' } as const;

test('a bar is copied with its pieces, under ids of their own, and the first is left as it was', () => {
  const site = sampleSite();
  const header = site.headers.h!;
  let count = 0;
  const copy = copyBar(header, header.bars.b!, () => `copy${(count += 1)}`);
  const outcome = applyEdits(site, [{ edit: 'addBar', at, ...copy, index: 0 }]);
  if (!outcome.ok) throw new Error(outcome.reason);
  const after = outcome.site.headers.h!;
  expect(after.order).toEqual([copy.bar.id, 'b']);
  expect(after.bars[copy.bar.id]!.name).toBe('Main bar copy');
  expect(piecesInOrder(after).map((id) => after.pieces[id]!.kind)).toEqual([
    'logo',
    'menu',
    'button',
    'logo',
    'menu',
    'button',
  ]);
  const changed = applyEdits(outcome.site, [
    {
      edit: 'setValue',
      place: { on: 'piece', ...at, piece: copy.pieces[1]!.id },
      property: 'itemGap',
      cell: 'desktop',
      value: 40,
    },
  ]);
  if (!changed.ok) throw new Error(changed.reason);
  expect(changed.site.headers.h!.pieces.menu!.values).toEqual(header.pieces.menu!.values);
});

test('the name of a copy says so, is counted where it is taken, and is never too long', () => {
  expect(copyName('Main bar')).toBe('Main bar copy');
  expect(copyName('Main bar', new Set(['Main bar copy', 'Main bar copy 2']))).toBe('Main bar copy 3');
  const long = copyName('n'.repeat(60));
  expect(long).toBe(`${'n'.repeat(55)} copy`);
  // Letters of two code units are left out whole.
  expect(copyName('\u{1F6A2}'.repeat(30))).toBe(`${'\u{1F6A2}'.repeat(27)} copy`);
});
