import fc from 'fast-check';
import type { Site } from '../../src/core/site/site';
import { demo } from './demo-sites';
import { generatedSite } from './generated-header';

const ONE = 2 ** 20;

/** Numbers that decide what a header holds; where they come to an end, the rest of it is the first of everything. */
export const tapes = fc.noBias(fc.array(fc.nat(ONE - 1), { minLength: 600, maxLength: 700 }));

/** A site with a header of whatever a header can hold, as numbers decide it. */
export function siteOf(tape: readonly number[]): Site {
  let at = 0;
  const next = () => (tape[at++] ?? 0) / ONE;
  const { artwork } = demo('hollin-sound');
  return generatedSite(next, { name: 'Made', third: Math.floor(next() * 3), artwork });
}
