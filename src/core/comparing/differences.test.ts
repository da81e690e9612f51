import { isDeepStrictEqual } from 'node:util';
import { expect, test } from '@jest/globals';
import fc from 'fast-check';
import { applyEdits } from '../edit/apply';
import type { Edit } from '../edit';
import { everyEdit, fullSample } from '../edit/every-edit.test-data';
import { newBar } from '../site/defaults';
import type { Site } from '../site/site';
import { differences, type Difference } from './differences';

function after(site: Site, edits: readonly Edit[]): Site {
  const outcome = applyEdits(site, edits);
  if (!outcome.ok) throw new Error(outcome.reason);
  return outcome.site;
}

const told = ({ change, thing, detail, was, is }: Difference) =>
  [change, thing, ...(detail === null ? [] : [`${detail}: ${was} → ${is}`])].join(' · ');
const differing = (edits: readonly Edit[]) => {
  const site = fullSample();
  return differences(site, after(site, edits)).map(told);
};

test('two documents that say the same differ in nothing', () => {
  expect(differences(fullSample(), structuredClone(fullSample()))).toEqual([]);
});

test.each(everyEdit.map((edit) => [edit.edit, edit] as const))('what %s changes is told', (_, edit) => {
  const site = fullSample();
  const changed = after(site, [edit]);
  const found = differences(site, changed);
  expect(found).not.toEqual([]);
  expect(found.every(({ was, is }) => was === null || was !== is)).toBe(true);
  expect(differences(changed, site)).toHaveLength(found.length);
});

test('a value is told by its cell, with what it came to where nothing was said', () => {
  const place = { on: 'piece', in: 'headers', assembly: 'h', piece: 'menu' } as const;
  expect(differing([{ edit: 'setValue', place, property: 'itemGap', cell: 'tablet', value: 30 }])).toEqual([
    'changed · header “Main header”, Menu: Main · Between items, Tablet: 8 px, followed → 30 px',
  ]);
});

test('what comes with something else is not told beside it', () => {
  const at = { in: 'headers', assembly: 'h' } as const;
  expect(
    differing([
      { edit: 'addBar', at, bar: newBar('own', 'Notices'), pieces: [], index: 0 },
      { edit: 'setRule', at, bar: 'own', rule: { id: 'own-rule', when: { by: 'browser' }, turns: [] } },
    ]),
  ).toEqual(['added · header “Main header”, Notices']);
});

test('an order is told where what was there before stands otherwise', () => {
  expect(differing([{ edit: 'moveItems', menu: 'm', items: ['i2'], parent: null, before: 'i1' }])).toEqual([
    'moved · menu “Main” · Order of items: Home, Boats → Boats, Home',
  ]);
});

test('any edits one after another are told from their ends alone', () => {
  fc.assert(
    fc.property(fc.subarray([...everyEdit], { minLength: 1 }), (edits) => {
      let site = fullSample();
      for (const edit of edits) {
        const outcome = applyEdits(site, [edit]);
        if (outcome.ok) site = outcome.site;
      }
      const same = isDeepStrictEqual(site, fullSample());
      expect(differences(fullSample(), site).length > 0).toBe(!same);
    }),
    { numRuns: 60 },
  );
});
