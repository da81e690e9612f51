import { expect, test } from '@jest/globals';
import fc from 'fast-check';
import { applyEdits, applyPatches } from './apply';
import { everyEdit, fullSample } from './every-edit.test-data';
import { turnedInto } from './turned-into';

test('a site turned into another state of it says what that says, and back; what is alike stays the same object', () => {
  fc.assert(
    fc.property(fc.subarray([...everyEdit], { minLength: 1 }), (edits) => {
      let other = fullSample();
      for (const edit of edits) {
        const outcome = applyEdits(other, [edit]);
        if (outcome.ok) other = outcome.site;
      }
      const site = fullSample();
      const { site: turned, patches, inverse } = turnedInto(site, structuredClone(other));
      expect(turned).toEqual(other);
      expect(applyPatches(fullSample(), patches)).toEqual(other);
      expect(applyPatches(turned, inverse)).toEqual(fullSample());
      expect(turnedInto(site, structuredClone(site)).site).toBe(site);
    }),
    { numRuns: 40 },
  );
});

test('it keeps its id', () => {
  const { site } = turnedInto(fullSample(), { ...fullSample(), id: 'other', name: 'Other' });
  expect([site.id, site.name]).toEqual([fullSample().id, 'Other']);
});
