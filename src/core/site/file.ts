import * as v from 'valibot';
import { idSchema } from '../ids/id';
import { hashSchema } from './hash';

/** A file of the site to be linked to, such as a timetable. Its bytes are kept beside the document. */
export const fileSchema = v.strictObject({
  id: idSchema,
  /** As it will be called in the hand-over, in the folder `files`. */
  name: v.pipe(
    v.string(),
    v.regex(
      /^[A-Za-z0-9][A-Za-z0-9._-]{0,79}$/,
      'A file’s name has letters, digits, -, _ and dots, and begins with a letter or digit.',
    ),
  ),
  bytes: v.pipe(v.number(), v.integer(), v.minValue(1)),
  hash: hashSchema,
});
export type LinkedFile = v.InferOutput<typeof fileSchema>;
