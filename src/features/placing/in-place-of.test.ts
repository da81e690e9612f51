import { expect, test } from '@jest/globals';
import { applyEdits } from '@/core/edit/apply';
import { newAssembly } from '@/core/site/defaults';
import { countedIds, sampleSite } from '@/core/site/sample.test-data';
import { inPlaceOf } from './in-place-of';

const count = countedIds();
const added = { ...newAssembly('headers', 'Added', 'desktop', () => `own-${count()}`), id: 'added' };

test('what takes the place of a header stands wherever that did, and it can go then', () => {
  const before = applyEdits(sampleSite(), [
    { edit: 'addAssembly', in: 'headers', assembly: added },
    {
      edit: 'setPlacingRule',
      rule: { id: 'r', where: { by: 'below', page: 'boats' }, gives: { header: 'h', footer: null } },
    },
    { edit: 'placeOnPage', page: 'home', stands: { header: 'h' } },
  ]);
  if (!before.ok) throw new Error(before.reason);
  const edits = inPlaceOf(before.site, 'h', 'added');
  const after = applyEdits(before.site, [
    ...edits,
    { edit: 'removeAssembly', at: { in: 'headers', assembly: 'h' } },
  ]);
  if (!after.ok) throw new Error(after.reason);
  expect(after.site.placing.header).toBe('added');
  expect(after.site.placing.rules).toMatchObject([{ id: 'r', gives: { header: 'added', footer: null } }]);
  expect(after.site.pages.home!.stands).toEqual({ header: 'added' });
  expect(after.site.placing.footer).toBe(before.site.placing.footer);
  expect(inPlaceOf(after.site, 'h', 'added')).toEqual([]);
});
