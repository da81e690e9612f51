import * as v from 'valibot';

/** Why a text cannot be where a site stands; null when it can. */
function siteAddressProblem(text: string): string | null {
  let url: URL;
  try {
    url = new URL(text);
  } catch {
    return `“${text}” is not an address. Type one such as https://www.example.com.`;
  }
  if (url.protocol !== 'https:' && url.protocol !== 'http:')
    return 'The address of a site begins with https:// or http://.';
  if (text.endsWith('/')) return 'The address of a site stands without a slash at its end.';
  if (url.search !== '' || url.hash !== '' || url.username !== '')
    return 'The address of a site has no part behind ? or #, and no user.';
  return null;
}

/** Where a site stands: an address with a scheme, without a slash at its end (RFC 3986, 3). */
export const siteAddressSchema = v.pipe(
  v.string(),
  v.trim(),
  v.maxLength(200, 'An address has at most 200 characters.'),
  v.rawCheck(({ dataset, addIssue }) => {
    const problem = dataset.typed ? siteAddressProblem(dataset.value) : null;
    if (problem) addIssue({ message: problem });
  }),
);
