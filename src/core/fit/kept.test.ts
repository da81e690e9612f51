import { expect, test } from '@jest/globals';
import fc from 'fast-check';
import { applyEdits } from '../edit/apply';
import type { Edit } from '../edit';
import { resolveAssembly } from '../resolve/assembly';
import { sampleSite } from '../site/sample.test-data';
import type { Site } from '../site/site';
import { placedAssembly } from './assembly-boxes';
import { evenLetters } from './even-letters.test-data';
import { longMenu } from './long-menu.test-data';
import type { Circumstances } from './piece-content';
import { surveyFit } from './survey';

const today = (site: Site, more: Partial<Circumstances>): Circumstances => ({
  site,
  advances: evenLetters,
  page: null,
  language: 'en',
  root: 16,
  ...more,
});

const fluid = { from: { at: 400, px: 14 }, to: { at: 1200, px: 22 } };
const setting = (piece: string, property: string, value: unknown): Edit => ({
  edit: 'setValue',
  place: { on: 'piece', in: 'headers', assembly: 'h', piece },
  property,
  cell: 'desktop',
  value,
});
const changes: readonly Edit[] = [
  ...longMenu,
  setting('menu', 'textSize', fluid),
  setting('menu', 'textSize', 15),
  setting('menu', 'itemGap', fluid),
  setting('logo', 'pieceWidth', 90),
  setting('logo', 'pieceWidth', null),
  setting('button', 'paddingInline', { px: 4, share: 0.01 }),
  setting('menu', 'shownAs', 'column'),
];

/** Everything of a header that is worked out from its boxes at some widths and under some circumstances. */
const workedOut = (site: Site, looks: readonly { at: number; root: number; inStandIn: boolean }[]) =>
  looks.map(({ at, ...more }) => {
    const circumstances = today(site, more);
    const settled = resolveAssembly(site, 'headers', site.headers.h!, 'desktop');
    return {
      placed: placedAssembly(circumstances, settled, 'desktop', at),
      survey: surveyFit(circumstances, 'headers', site.headers.h!),
    };
  });

test('what is kept of boxes from one width, edit and circumstance to the next is what would be worked out anew', () => {
  const look = fc.record({
    at: fc.integer({ min: 320, max: 1920 }),
    root: fc.constantFrom(16, 24),
    inStandIn: fc.boolean(),
  });
  const steps = fc.array(fc.record({ change: fc.constantFrom(...changes), looks: fc.array(look) }), {
    maxLength: 6,
  });
  fc.assert(
    fc.property(steps, (all) => {
      let site = sampleSite();
      for (const { change, looks } of all) {
        const outcome = applyEdits(site, [change]);
        if (outcome.ok) site = outcome.site;
        // A copy is known to nothing that is kept.
        expect(workedOut(site, looks)).toEqual(workedOut(structuredClone(site), looks));
      }
    }),
    { numRuns: 20, seed: 1 },
  );
});
