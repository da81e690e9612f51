import * as v from 'valibot';
import { idSchema, type Id } from '../ids/id';
import type { Reference } from './reference';

/** The schemes that an address may have; every other, such as `javascript:` or `data:`, is refused. */
const addressSchemes = ['https:', 'http:'] as const;

/** Why an address cannot be a link's target; null when it can. The scheme is read as browsers do (WHATWG URL, 4.4). */
export function addressProblem(address: string): string | null {
  let url: URL;
  try {
    url = new URL(address);
  } catch {
    return `“${address}” is not a full address. Begin with https://.`;
  }
  if (!(addressSchemes as readonly string[]).includes(url.protocol))
    return `A link may not use ${url.protocol} – only ${addressSchemes.join(', ')}.`;
  return url.hostname === '' ? `“${address}” names no host.` : null;
}

/** The same of an address that has to begin with https; `otherwise` is why another one cannot be taken. */
export const secureAddressProblem =
  (otherwise: string) =>
  (address: string): string | null =>
    addressProblem(address) ?? (address.startsWith('https://') ? null : otherwise);

/**
 * Why a text cannot be an e-mail address; null when it can: the form that HTML gives a valid one (HTML, 4.10.5.1.5), and
 * a dot in its domain, since an address on a website has to be reached from elsewhere.
 */
export function emailProblem(email: string): string | null {
  const label = '[a-zA-Z0-9](?:[a-zA-Z0-9-]{0,61}[a-zA-Z0-9])?';
  const form = new RegExp(`^[a-zA-Z0-9.!#$%&'*+/=?^_\`{|}~-]+@${label}(?:\\.${label})+$`);
  return form.test(email) && email.length <= 254
    ? null
    : `“${email}” cannot be an e-mail address. It looks like name@example.com.`;
}

/** The digits of a telephone number as a link dials them (RFC 3966, 3): visual separators taken out. */
export function telephoneDigits(telephone: string): string {
  return telephone.replace(/[\s().\-–/]/g, '');
}

/** Why a text cannot be a telephone number; null when it can: 3 to 15 digits (ITU-T E.164, 6), with or without a leading +. */
export function telephoneProblem(telephone: string): string | null {
  return /^\+?\d{3,15}$/.test(telephoneDigits(telephone))
    ? null
    : `“${telephone}” cannot be a telephone number. It has 3 to 15 digits, and may begin with +.`;
}

/** A place inside a page can be named like an id without white space. */
const SECTION = /^[^\s#]{1,80}$/;

function checkedText(problem: (text: string) => string | null, most: number) {
  return v.pipe(
    v.string(),
    v.trim(),
    v.maxLength(most, `At most ${most} characters.`),
    v.rawCheck(({ dataset, addIssue }) => {
      const found = dataset.typed ? problem(dataset.value) : null;
      if (found) addIssue({ message: found });
    }),
  );
}

/**
 * Where a link leads. `nothing` is a label that only opens its children; a drawer and a dialog open on the page; a dialog
 * shows the content of a page, and leads to that page where scripts are off.
 */
export const linkSchema = v.variant('to', [
  v.strictObject({ to: v.literal('nothing') }),
  v.strictObject({ to: v.literal('page'), page: idSchema }),
  v.strictObject({
    to: v.literal('section'),
    page: idSchema,
    section: v.pipe(v.string(), v.regex(SECTION, 'A section’s name has no blank and no #.')),
  }),
  v.strictObject({ to: v.literal('address'), address: checkedText(addressProblem, 2000) }),
  v.strictObject({ to: v.literal('email'), email: checkedText(emailProblem, 254) }),
  v.strictObject({ to: v.literal('telephone'), telephone: checkedText(telephoneProblem, 40) }),
  v.strictObject({ to: v.literal('file'), file: idSchema }),
  v.strictObject({ to: v.literal('drawer'), drawer: idSchema }),
  v.strictObject({ to: v.literal('dialog'), page: idSchema }),
  v.strictObject({ to: v.literal('language'), language: v.string() }),
]);
export type Link = v.InferOutput<typeof linkSchema>;

/** A link that leads nowhere. */
export const NOWHERE: Link = { to: 'nothing' };

/** The page that a link leads to, whole or to a section of it; null for every other link. */
export function linkedPage(link: Link): Id | null {
  return link.to === 'page' || link.to === 'section' ? link.page : null;
}

/** What a link points at inside the site. */
export function linkReferences(link: Link): Reference[] {
  if (link.to === 'page' || link.to === 'section' || link.to === 'dialog')
    return [{ to: 'pages', id: link.page }];
  if (link.to === 'file') return [{ to: 'files', id: link.file }];
  return link.to === 'drawer' ? [{ to: 'drawers', id: link.drawer }] : [];
}
