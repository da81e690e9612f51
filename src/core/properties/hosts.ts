import * as v from 'valibot';

/** A name of a host as addresses have it (RFC 1123, 2.1): labels of letters, digits and hyphens with dots between them, with a port if need be. */
const HOST =
  /^(?=.{1,253}$)[a-z0-9](?:[a-z0-9-]{0,61}[a-z0-9])?(?:\.[a-z0-9](?:[a-z0-9-]{0,61}[a-z0-9])?)+(?::\d{1,5})?$/;

const hostSchema = v.pipe(
  v.string(),
  v.trim(),
  v.toLowerCase(),
  v.regex(HOST, 'A host looks like maps.example.com, without https:// and without a path.'),
);

/** The most hosts from which a site may embed pages. */
const MOST_HOSTS = 50;

/** Hosts, each once. */
export const hostsSchema = v.pipe(
  v.array(hostSchema),
  v.maxLength(MOST_HOSTS, `At most ${MOST_HOSTS} hosts.`),
  v.check((hosts) => new Set(hosts).size === hosts.length, 'Each host stands there once.'),
);

/** The host of an address, with its port where it says one; empty where the text is no address. */
export function hostOf(address: string): string {
  return URL.canParse(address) ? new URL(address).host : '';
}
