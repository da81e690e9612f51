import * as v from 'valibot';
import { idSchema } from './id';
import type { Reference } from './reference';

/** The schemes that a link may have; every other, such as `javascript:` or `data:`, is refused. */
const linkSchemes = ['https:', 'http:', 'mailto:', 'tel:'] as const;

/** Why an address cannot be a link's target; null when it can. The scheme is read as browsers do (WHATWG URL, 4.4). */
export function addressProblem(address: string): string | null {
  let protocol: string;
  try {
    protocol = new URL(address).protocol;
  } catch {
    return `“${address}” is not a full address. Begin with https://, mailto: or tel:.`;
  }
  if ((linkSchemes as readonly string[]).includes(protocol)) return null;
  return `A link may not use ${protocol} – only ${linkSchemes.join(', ')}.`;
}

const addressSchema = v.pipe(
  v.string(),
  v.trim(),
  v.maxLength(2000, 'An address has at most 2,000 characters.'),
  v.rawCheck(({ dataset, addIssue }) => {
    const problem = dataset.typed ? addressProblem(dataset.value) : null;
    if (problem) addIssue({ message: problem });
  }),
);

/** Where a link leads: to a page of the site, to an address outside, or nowhere (a label that only opens its children). */
export const linkSchema = v.variant('to', [
  v.strictObject({ to: v.literal('nothing') }),
  v.strictObject({ to: v.literal('page'), page: idSchema }),
  v.strictObject({ to: v.literal('address'), address: addressSchema }),
]);
export type Link = v.InferOutput<typeof linkSchema>;

/** What a link points at inside the site. */
export function linkReferences(link: Link): Reference[] {
  return link.to === 'page' ? [{ to: 'pages', id: link.page }] : [];
}
