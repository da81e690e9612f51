import { bytesIn } from '../bytes/blobs';
import { setTimeout } from 'node:timers/promises';
import { NEWSLETTER_PATH } from '@/core/render/page/paths';
import { readTried, slowly, triedCss, type TriedAs } from '@/core/render/tried';
import { inScheme } from '@/core/site/scheme';
import type { Db } from '../db/open';
import { noSuchSite, refusal } from '../http';
import { addressedSite } from '../sites/point-documents';
import { answerNewsletter } from './newsletter';
import { renderedFile } from './rendered';
import { keyedSite, siteAt } from './site-address';
import { fileBytes, mediaType } from './sources';

/**
 * Headers under which a site's own code is served: an opaque origin, from which nothing of the application can be
 * reached, and only files of the site itself. Fonts are asked for with the origin `null`.
 */
function sandboxHeaders(
  request: Request,
  { styles, frames = [] }: { styles?: string; frames?: readonly string[] } = {},
): Record<string, string> {
  const own = `http://${request.headers.get('host')}`;
  const [, below, part, first] = new URL(request.url).pathname.split('/');
  const root = below === 'tried' ? `${below}/${part}/${first}` : `${below}/${part}`;
  return {
    'content-security-policy': [
      'sandbox allow-scripts allow-popups allow-forms',
      "default-src 'none'",
      `script-src ${own}`,
      `style-src ${styles ?? own}`,
      `img-src ${own}`,
      `font-src ${own}`,
      // Nothing else of the application is asked by a script.
      `connect-src ${own}/${root}/${NEWSLETTER_PATH}`,
      ...(frames.length > 0 ? [`frame-src ${frames.map((host) => `https://${host}`).join(' ')}`] : []),
      `form-action ${own}`,
      "frame-ancestors 'self'",
    ].join('; '),
    'x-content-type-options': 'nosniff',
    'referrer-policy': 'no-referrer',
    ...(request.headers.get('origin') === 'null' ? { 'access-control-allow-origin': 'null' } : {}),
    'cache-control': 'no-store',
  };
}

/** The script that tells a frame’s screen what is met (src/teller), in a page. */
const withTeller = (html: string): string =>
  html.replace('</head>', '\t<script src="/tried.js" defer></script>\n\t</head>');

/** A file as it is met in circumstances; as it is where it is not tried. */
function metBytes(bytes: Buffer, path: string, tried: readonly TriedAs[] | null): Buffer {
  if (tried === null) return bytes;
  if (path.endsWith('.html')) return Buffer.from(withTeller(bytes.toString('utf8')));
  return path.endsWith('.css') ? Buffer.from(triedCss(bytes.toString('utf8'), tried)) : bytes;
}

interface Served {
  ofViews?: boolean;
  /** The circumstances in which it is tried; null where it is not. */
  tried?: readonly TriedAs[] | null;
}

/** A file of a site, rendered from what is stored: that one, and no other. */
async function serveSiteFile(
  db: Db,
  request: Request,
  id: string,
  path: string,
  { ofViews = false, tried = null }: Served,
): Promise<Response> {
  const found = addressedSite(db, id);
  if (!found) return noSuchSite();
  const missing = () => refusal(404, `There is no file “${path}” in this site.`);
  if (tried?.includes('fontless') && path.startsWith('fonts/')) return missing();
  const site = inScheme(found, tried?.includes('dark') ? 'dark' : 'light');
  const file = await renderedFile(db, site, path, { ofViews });
  if (!file) return missing();
  const frames = ofViews ? [] : site.embeds;
  const headers = { ...sandboxHeaders(request, { frames }), 'content-type': mediaType(path) };
  const body = new Uint8Array(metBytes(fileBytes(bytesIn(db), file), path, tried));
  if (tried?.includes('slow')) await setTimeout(slowly(body.length));
  return new Response(body, { headers });
}

const frameHost = `<!doctype html>
<html lang="en">
  <head>
    <meta charset="utf-8">
    <title>Preview</title>
    <script src="/frame-host.js" defer></script>
  </head>
  <body></body>
</html>
`;

/** The page of a preview frame, which waits for the workbench to send what to show (src/frame). */
function serveFrame(request: Request): Response {
  const headers = {
    ...sandboxHeaders(request, { styles: "'unsafe-inline'" }),
    'content-type': mediaType('.html'),
  };
  return new Response(frameHost, { headers });
}

/** An answer to what a page of a site sends: a newsletter is the only thing that is answered, where the page came with its key. */
export function answerAt(
  request: Request,
  part: string,
  path: readonly string[],
): Response | Promise<Response> {
  if (!siteAt(part).keyed || path.at(-1) !== NEWSLETTER_PATH) return refusal(405, 'Nothing is sent here.');
  return answerNewsletter(request, sandboxHeaders(request));
}

/** Where a site’s files are served: as they are handed over, as views load them, and as they are met in a frame that is told where one is. */
type Below = 'try' | 'frame' | 'tried';

/**
 * What stands at an address of a site’s files: below `try` the files that are handed over, below `frame` frames in the place of its
 * pages, below `tried` the files again, in the circumstances that the first part of their path names. Whoever comes without the site’s key
 * is sent to the address with it; the guard lets only the application’s own pages come so.
 */
export function serveAt(
  db: Db,
  request: Request,
  below: Below,
  part: string,
  path: readonly string[],
): Response | Promise<Response> {
  const { site, keyed } = siteAt(part);
  const parts = path.length === 0 ? ['index.html'] : path;
  if (!keyed) {
    const location = `/${below}/${keyedSite(site)}/${parts.map(encodeURIComponent).join('/')}`;
    return new Response(null, { status: 307, headers: { location } });
  }
  const [first = '', ...rest] = parts;
  if (below === 'tried') return serveSiteFile(db, request, site, rest.join('/'), { tried: readTried(first) });
  const file = parts.join('/');
  return below === 'frame' && file.endsWith('.html')
    ? serveFrame(request)
    : serveSiteFile(db, request, site, file, { ofViews: below === 'frame' });
}
