import * as v from 'valibot';

/** The name of a part of the site as the designer gives it. */
export const nameSchema = v.pipe(
  v.string(),
  v.trim(),
  v.minLength(1, 'A name needs at least one letter.'),
  v.maxLength(60, 'A name has at most 60 characters.'),
  v.regex(/^[^\p{Cc}]*$/u, 'Line breaks and control characters cannot stand in a name.'),
);
