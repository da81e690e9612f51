import * as v from 'valibot';
import { plainNumber } from '../../lengths/length';
import type { Kind } from './kind';

/**
 * How the bays of a bar stand: at its edges, the first at the start, the last at the end, the others truly centred between
 * them; by shares, in columns, of which there are as many as shares: more bays than that stand in further rows; or stacked, one below another.
 */
export type Division = { by: 'edges' } | { by: 'shares'; shares: number[] } | { by: 'stack' };

/** The most bays that a bar can have. */
export const MOST_BAYS = 8;

/** The smallest and the greatest share. */
export const LEAST_SHARE = 0.1;
export const MOST_SHARE = 12;

const SHARE = `A share is a number from ${LEAST_SHARE} to ${MOST_SHARE}: a bay with a share of zero would show nothing.`;
const shareSchema = v.pipe(v.number(SHARE), v.minValue(LEAST_SHARE, SHARE), v.maxValue(MOST_SHARE, SHARE));

/** A division in words, such as `1 : 3`. */
export function divisionText(division: Division): string {
  if (division.by === 'shares') return division.shares.map(plainNumber).join(' : ');
  return division.by === 'edges' ? 'edges' : 'stacked';
}

/** Reads a division as a designer types it: `edges`, `stacked`, or shares such as `1 : 3` or `2 1 1`. */
export function readDivision(text: string): { ok: true; value: Division } | { ok: false; reason: string } {
  const typed = text.trim().toLowerCase();
  if (typed === 'edges') return { ok: true, value: { by: 'edges' } };
  if (typed === 'stacked') return { ok: true, value: { by: 'stack' } };
  const shares = typed.split(/[\s:/]+/).map((share) => Number(share.replace(',', '.')));
  if (typed === '' || shares.some((share) => Number.isNaN(share)))
    return { ok: false, reason: 'Type edges, stacked, or shares such as 1 : 3.' };
  const parsed = v.safeParse(divisionKind().schema, { by: 'shares', shares });
  return parsed.success
    ? { ok: true, value: parsed.output }
    : { ok: false, reason: parsed.issues[0].message };
}

/** How the bays of a bar stand. */
export function divisionKind(): Kind<Division> {
  return {
    editor: { as: 'division' },
    schema: v.variant('by', [
      v.strictObject({ by: v.literal('edges') }),
      v.strictObject({ by: v.literal('stack') }),
      v.strictObject({
        by: v.literal('shares'),
        shares: v.pipe(
          v.array(shareSchema),
          v.minLength(1, 'At least one share.'),
          v.maxLength(MOST_BAYS, `At most ${MOST_BAYS} shares.`),
        ),
      }),
    ]),
    text: divisionText,
  };
}
