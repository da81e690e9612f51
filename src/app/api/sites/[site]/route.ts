import { database } from '@/server/db/open';
import { noSuchSite } from '@/server/http';
import { standingSince } from '@/server/sites/commit';
import { deleteSite, loadSite } from '@/server/sites/store';

type Context = { params: Promise<{ site: string }> };

/** A site as it stands. */
export async function GET(_request: Request, { params }: Context) {
  const { site: id } = await params;
  const stored = loadSite(database(), id);
  if (!stored) return noSuchSite();
  return Response.json({ site: stored.site, standing: standingSince(database(), id, stored.revision) });
}

/** Removes a site for good. */
export async function DELETE(_request: Request, { params }: Context) {
  return deleteSite(database(), (await params).site) ? new Response(null, { status: 204 }) : noSuchSite();
}
