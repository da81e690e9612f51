import * as v from 'valibot';
import { idSchema } from '../ids/id';
import { translations } from './language';
import { pageStandInSchema } from './page-stand-in';

/**
 * Why a path cannot be a page's address on the site; null when it can. Segments hold unreserved characters
 * only (RFC 3986, 2.3), so that a path is also a file name on every system.
 */
export function pathProblem(path: string): string | null {
  if (!path.startsWith('/')) return `“${path}” has to begin with /.`;
  if (path === '/') return null;
  if (path.length > 200) return 'A path has at most 200 characters.';
  const segments = path.slice(1).split('/');
  if (segments.includes('')) return `“${path}” has an empty part: two / in a row, or one at the end.`;
  if (segments.some((segment) => segment === '.' || segment === '..'))
    return `“${path}” may not hold . or .. as a part.`;
  if (path.toLowerCase() === '/index') return '“/index” is the file of the home page; its path is /.';
  const wrong = segments.find((segment) => !/^[A-Za-z0-9._~-]+$/.test(segment));
  if (wrong === undefined) return null;
  return `“${path}” holds a character that a path cannot have, in “${wrong}”. Use letters a to z, digits, -, ., _ and ~.`;
}

/** What makes two paths the same: many file systems do not tell capitals apart. */
export function pathKey(path: string): string {
  return path.toLowerCase();
}

export const pathSchema = v.pipe(
  v.string(),
  v.trim(),
  v.rawCheck(({ dataset, addIssue }) => {
    const problem = dataset.typed ? pathProblem(dataset.value) : null;
    if (problem) addIssue({ message: problem });
  }),
);

export const titleSchema = v.pipe(
  v.string(),
  v.trim(),
  v.minLength(1, 'A page needs a title.'),
  v.maxLength(120, 'A title has at most 120 characters.'),
  v.regex(/^[^\p{Cc}]*$/u, 'Line breaks and control characters cannot stand in a title.'),
);

export const tagSchema = v.pipe(
  v.string(),
  v.trim(),
  v.regex(/^[^\s,#][^,\p{Cc}]{0,39}$/u, 'A tag has 1 to 40 characters, without a comma.'),
);

export const tagsSchema = v.pipe(
  v.array(tagSchema),
  v.maxLength(20, 'A page has at most 20 tags.'),
  v.check((tags) => new Set(tags).size === tags.length, 'A tag stands on a page once.'),
);

/** A header and a footer that are given: null for none; left out where nothing is said of it. */
const given = v.optional(v.nullable(idSchema));
export const givenSchema = v.strictObject({ header: given, footer: given });
export type Given = v.InferOutput<typeof givenSchema>;

/** A page of the site; its content is a stand-in that ships with the application. */
export const pageSchema = v.strictObject({
  id: idSchema,
  title: titleSchema,
  /** The title in the site’s other languages. */
  titles: translations(titleSchema),
  path: pathSchema,
  parent: v.nullable(idSchema),
  /** What the page is beside its place, in the designer’s own words. */
  tags: tagsSchema,
  /** What stands on it whatever rules say: null for nothing, left out where the rules decide. */
  stands: v.optional(givenSchema),
  /** What stands in for its content, where it is not what pages have of themselves. */
  standIn: v.optional(pageStandInSchema),
});
export type Page = v.InferOutput<typeof pageSchema>;
