import { expect, test } from '@jest/globals';
import fc from 'fast-check';
import { sampleSite } from '../site/sample.test-data';
import { applyEdits } from './apply';
import type { Edit } from './index';
import { cameToNothing } from './net-effect';

const place = { on: 'piece', in: 'headers', assembly: 'h', piece: 'menu' } as const;
const size = (value: number | null, cell: string): Edit =>
  value === null
    ? { edit: 'clearValue', place, property: 'textSize', cell }
    : { edit: 'setValue', place, property: 'textSize', cell, value };

const step = fc.tuple(fc.option(fc.integer({ min: 8, max: 10 })), fc.constantFrom('desktop', 'phone'));

test('changes of values come to nothing exactly when the document is as it was', () => {
  fc.assert(
    fc.property(fc.array(step, { maxLength: 3 }), fc.array(step, { maxLength: 5 }), (first, then) => {
      const made = (site: ReturnType<typeof sampleSite>, steps: typeof first) =>
        steps.reduce(
          ({ at, changes }, [value, cell]) => {
            const change = applyEdits(at, [size(value, cell)]);
            return change.ok ? { at: change.site, changes: [...changes, change] } : { at, changes };
          },
          { at: site, changes: [] as Extract<ReturnType<typeof applyEdits>, { ok: true }>[] },
        );
      const { at: before } = made(sampleSite(), first);
      const { at: after, changes } = made(before, then);
      const same = JSON.stringify(before) === JSON.stringify(after);
      // It may not say so where cells come in another order; it never says so where something is another.
      if (cameToNothing(changes)) expect(after).toEqual(before);
      else if (then.every(([, cell]) => cell === 'desktop')) expect(same).toBe(false);
    }),
    {
      numRuns: 400,
      // Cleared, the whole value goes; it comes back, and is changed inside.
      examples: [
        [
          [[8, 'desktop']],
          [
            [null, 'desktop'],
            [9, 'desktop'],
            [8, 'desktop'],
          ],
        ],
      ],
    },
  );
});

test('changes of lists count as something', () => {
  const moved = (bay: string): Edit => ({
    edit: 'movePiece',
    at: { in: 'headers', assembly: 'h' },
    piece: 'logo',
    spot: { bar: 'b', bay, index: 0 },
  });
  const there = applyEdits(sampleSite(), [moved('end')]);
  expect(there.ok && cameToNothing([there])).toBe(false);
});
