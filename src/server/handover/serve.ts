import { assetFiles, type SiteFile } from '@/core/render/files';
import { SCRIPT } from '@/core/render/page';
import type { Db } from '../db/open';
import { noSuchSite, refusal } from '../http';
import { renderedSite } from './rendered';
import { loadSite } from '../sites/store';
import { fileBytes, mediaType, runtimeScript } from './sources';

/**
 * Headers under which a site's own code is served: an opaque origin, from which nothing of the application can be
 * reached, and only files of the site itself. Fonts are asked for with the origin `null`, so they allow any.
 */
function sandboxHeaders(request: Request, styles?: string): Record<string, string> {
  const own = `http://${request.headers.get('host')}`;
  return {
    'content-security-policy': [
      'sandbox allow-scripts allow-popups allow-forms',
      "default-src 'none'",
      `script-src ${own}`,
      `style-src ${styles ?? own}`,
      `img-src ${own}`,
      `font-src ${own}`,
      `form-action ${own}`,
    ].join('; '),
    'x-content-type-options': 'nosniff',
    'access-control-allow-origin': '*',
    'cache-control': 'no-store',
  };
}

/** A file of a site, rendered from what is stored. */
export async function serveSiteFile(db: Db, request: Request, site: string, path: string): Promise<Response> {
  const files = await renderedSite(db, site);
  if (!files) return noSuchSite();
  return serve(db, request, path, files.get(path));
}

function serve(db: Db, request: Request, path: string, file: SiteFile | undefined): Response {
  if (!file) return refusal(404, `There is no file “${path}” in this site.`);
  const headers = { ...sandboxHeaders(request), 'content-type': mediaType(path) };
  return new Response(new Uint8Array(fileBytes(db, file)), { headers });
}

/** A font, a picture or the script for a preview frame: found without rendering the pages, of which a site may have thousands. */
export async function serveFrameFile(
  db: Db,
  request: Request,
  site: string,
  path: string,
): Promise<Response> {
  const stored = loadSite(db, site);
  if (!stored) return noSuchSite();
  const files = [{ path: SCRIPT, text: runtimeScript(stored.site) }, ...assetFiles(stored.site)];
  const asset = files.find((file) => file.path === path);
  return asset ? serve(db, request, path, asset) : serveSiteFile(db, request, site, path);
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

/** The page of a preview frame, which waits for the workbench to send what to show (public/frame-host.js). */
export function serveFrame(request: Request): Response {
  const headers = { ...sandboxHeaders(request, "'unsafe-inline'"), 'content-type': mediaType('.html') };
  return new Response(frameHost, { headers });
}
