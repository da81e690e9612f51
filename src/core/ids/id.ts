import * as v from 'valibot';

/**
 * Names that every plain object answers to although nothing was put under them (ECMA-262, 20.1.3), and `prototype`, which
 * readers of records leave out. Under one of these as an id nothing could be kept, or everything would be changed.
 */
const inheritedNames = [...Object.getOwnPropertyNames(Object.prototype), 'prototype'].sort();

/** A short stable id, unique among all ids of a site; made outside the core. */
export const idSchema = v.pipe(
  v.string(),
  v.regex(
    new RegExp(`^(?!(?:${inheritedNames.join('|')})$)[A-Za-z0-9_-]{1,32}$`),
    'An id is 1 to 32 letters, digits, - or _, and no name that every object has, such as “constructor”.',
  ),
);
export type Id = v.InferOutput<typeof idSchema>;

/**
 * What stands in a record under an id that came from outside; undefined for nothing, also for names that every object answers
 * to. The one way in which an id is looked up that the document itself does not hold.
 */
export function own<T>(record: Readonly<Record<string, T>>, id: string): T | undefined {
  return Object.hasOwn(record, id) ? record[id] : undefined;
}
