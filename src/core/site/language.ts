import * as v from 'valibot';

/** A language tag (BCP 47), in its usual forms. */
export const languageSchema = v.pipe(
  v.string(),
  v.regex(/^[a-z]{2,3}(-[A-Za-z0-9]{2,8})*$/, 'A language tag such as en or de-AT.'),
);

/** The languages of a site, the first one being that of its texts. */
export const languagesSchema = v.pipe(
  v.array(languageSchema),
  v.minLength(1, 'A site has at least one language.'),
  v.maxLength(12, 'A site has at most 12 languages.'),
  v.check((tags) => new Set(tags).size === tags.length, 'A language is named once.'),
);

/** A text in other languages than the site’s first. */
export function translations<S extends v.GenericSchema<unknown, string>>(text: S) {
  return v.record(languageSchema, text);
}
