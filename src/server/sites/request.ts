import * as v from 'valibot';
import type { Owner } from '@/core/edit/history';

const revisionSchema = v.pipe(v.number(), v.integer(), v.minValue(0));
const batchSchema = v.pipe(v.string(), v.minLength(1), v.maxLength(40));

/** Whoever says nothing of the window: nothing that could be taken back is its own. */
export const NOBODY: Owner = { window: 'none', from: 0 };

/** Whose undo it is. */
const ownerSchema = v.optional(
  v.strictObject({ window: v.pipe(v.string(), v.minLength(1), v.maxLength(40)), from: revisionSchema }),
  NOBODY,
);

/** What every request to change a site says: on which revision it was made, which request it is, and of which window. */
export const requestEntries = { base: revisionSchema, batch: batchSchema, owner: ownerSchema };

/** The owner that an address names: `window` and `from`. */
export function ownerOf(asked: URLSearchParams): Owner {
  const window = asked.get('window');
  const named = window === null ? undefined : { window, from: Number(asked.get('from') ?? 0) };
  const parsed = v.safeParse(ownerSchema, named);
  return parsed.success ? parsed.output : NOBODY;
}
