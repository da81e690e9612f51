import { database } from '@/server/db/open';
import { serveSiteFile } from '@/server/handover/serve';

/** The site as it will be handed over, to click through in a window of its own. */
export async function GET(
  request: Request,
  { params }: { params: Promise<{ site: string; path?: string[] }> },
) {
  const { site, path } = await params;
  if (!path)
    return Response.redirect(new URL(`/try/${site}/index.html`, `http://${request.headers.get('host')}`));
  return serveSiteFile(database(), request, site, path.join('/'));
}
