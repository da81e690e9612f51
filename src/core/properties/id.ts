import * as v from 'valibot';

/** A short stable id, unique among all ids of a site; made outside the core. */
export const idSchema = v.pipe(
  v.string(),
  v.regex(/^[A-Za-z0-9_-]{1,32}$/, 'An id is 1 to 32 letters, digits, - or _.'),
);
export type Id = v.InferOutput<typeof idSchema>;
