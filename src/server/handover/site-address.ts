import { createHmac, randomBytes, timingSafeEqual } from 'node:crypto';

/**
 * A site’s files are served under addresses that other websites cannot guess: a page of an opaque origin asks for its fonts with the
 * origin `null`, and so can a page of anyone. Each site has a key of its own, so that its code cannot ask for the files of another.
 */

const shared = globalThis as { gableSecret?: Buffer };

function keyOf(site: string): string {
  shared.gableSecret ??= randomBytes(32);
  return createHmac('sha256', shared.gableSecret).update(site).digest('base64url').slice(0, 22);
}

/** A site in an address, with its key: `hollin-sound.Xk3…`. */
export function keyedSite(site: string): string {
  return `${site}.${keyOf(site)}`;
}

/** The site that a part of an address names, and whether the key is there and right. Ids hold no dot. */
export function siteAt(part: string): { site: string; keyed: boolean } {
  const [site = '', key] = part.split('.', 2);
  const right = Buffer.from(keyOf(site));
  const given = Buffer.from(key ?? '');
  return { site, keyed: given.length === right.length && timingSafeEqual(given, right) };
}
