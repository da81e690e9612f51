import { gzipSync } from 'node:zlib';
import { outsideOf } from '@/core/render/outside';
import { NEWSLETTER_PATH, notFoundFile, pageFile } from '@/core/render/page/paths';
import type { Site } from '@/core/site/site';
import type { Db } from '../db/open';
import { answerNewsletter } from '../handover/newsletter';
import { mediaType } from '../handover/sources';
import { objectAt, unpacked, type KeptObject } from '../objects/objects';
import { siteAtPoint } from '../sites/point-documents';
import { hashInRelease, pointOfRelease } from './releases';

/**
 * How long files may be kept without asking again (RFC 9111, 5.2.2). Fonts do not change under their names; everything else is asked for each
 * time, and answered with 304 where it is the same, so that no page is ever met with the stylesheet of another release.
 */
const cacheControl = (file: string): string =>
  file.startsWith('fonts/') ? 'max-age=31536000, immutable' : 'no-cache';

/** The Content-Security-Policy of a site (CSP 3): files of its own, and what its document names beside them. */
function policyOf(site: Site): string {
  const { sentTo, framed } = outsideOf(site);
  const also = (own: string, others: readonly string[]) => [own, ...others].join(' ');
  return [
    "default-src 'none'",
    "script-src 'self'",
    "style-src 'self'",
    "img-src 'self'",
    "font-src 'self'",
    `connect-src ${also("'self'", sentTo)}`,
    `form-action ${also("'self'", sentTo)}`,
    ...(framed.length > 0 ? [`frame-src ${framed.join(' ')}`] : []),
    "base-uri 'none'",
    "frame-ancestors 'none'",
  ].join('; ');
}

/** The body of an object as a browser that accepts some encodings gets it (RFC 9110, 8.4). */
function encoded(object: KeptObject, accepts: string): { body: Buffer; encoding: string | null } {
  const accepted = accepts.split(',').map((each) => each.trim().split(';')[0]);
  if (object.packing === 'none') return { body: object.bytes, encoding: null };
  if (accepted.includes('br')) return { body: object.bytes, encoding: 'br' };
  const plain = unpacked(object);
  return accepted.includes('gzip')
    ? { body: gzipSync(plain), encoding: 'gzip' }
    : { body: plain, encoding: null };
}

/** The file that an address means, without the slash at its beginning: a folder is its home page, what has no ending a page. */
function fileAt(pathname: string): string {
  const path = decodeURIComponent(pathname).slice(1);
  if (path === '' || path.endsWith('/')) return `${path}${pageFile('/')}`;
  return /\.[^/]+$/.test(path) ? path : `${path}.html`;
}

/** Which release of a site is live. */
export interface Live {
  site: string;
  release: number;
}

/**
 * Answers a request of a visitor from the frozen files of a release, as a host of static files does: with what may be kept and for how
 * long, packed as the browser accepts it, under a Content-Security-Policy, with the site’s own page where there is none, and with
 * newsletters answered by the service with which they are tried.
 */
export async function respond(db: Db, { site, release }: Live, request: Request): Promise<Response> {
  const { pathname } = new URL(request.url);
  const document = siteAtPoint(db, site, pointOfRelease(db, site, release)!)!;
  const headers: Record<string, string> = {
    'content-security-policy': policyOf(document),
    'x-content-type-options': 'nosniff',
    'referrer-policy': 'strict-origin-when-cross-origin',
  };
  const plain = (status: number, text: string, more: Record<string, string> = {}) =>
    new Response(text, { status, headers: { ...headers, ...more, 'content-type': mediaType('.txt') } });
  if (request.method === 'POST' && pathname.split('/').at(-1) === NEWSLETTER_PATH)
    return answerNewsletter(request, headers);
  if (request.method !== 'GET' && request.method !== 'HEAD')
    return plain(405, 'Only GET and HEAD are answered here.', { allow: 'GET, HEAD' });
  let path: string;
  try {
    path = fileAt(pathname);
  } catch {
    return plain(400, 'This address cannot be read.');
  }
  const sent = (file: string, hash: string, status: number): Response => {
    const tagged = {
      ...headers,
      etag: `"${hash.slice(0, 32)}"`,
      vary: 'accept-encoding',
      'content-type': mediaType(file),
      'cache-control': cacheControl(file),
    };
    if (status === 200 && request.headers.get('if-none-match') === tagged.etag)
      return new Response(null, { status: 304, headers: tagged });
    const { body, encoding } = encoded(objectAt(db, hash), request.headers.get('accept-encoding') ?? '');
    return new Response(request.method === 'HEAD' ? null : new Uint8Array(body), {
      status,
      headers: {
        ...tagged,
        'content-length': String(body.length),
        ...(encoding === null ? {} : { 'content-encoding': encoding }),
      },
    });
  };
  const hash = hashInRelease(db, site, release, path);
  if (hash !== null) return sent(path, hash, 200);
  const language = document.languages.find((each) => path.startsWith(`${each.toLowerCase()}/`));
  const missing = notFoundFile(document, language ?? document.languages[0]!);
  const instead = hashInRelease(db, site, release, missing);
  return instead === null ? plain(404, 'There is no page at this address.') : sent(missing, instead, 404);
}
