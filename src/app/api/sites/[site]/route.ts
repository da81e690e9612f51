import { database } from '@/server/db/open';
import { noSuchSite, route } from '@/server/http';
import { stopServing } from '@/server/releases/practice-host';
import { standingSince } from '@/server/sites/commit';
import { ownerOf } from '@/server/sites/request';
import { deleteSite, loadSite } from '@/server/sites/store';

type Context = { params: Promise<{ site: string }> };

export const { GET, POST, PUT, PATCH, DELETE } = route<Context>({
  /** A site as it stands. */
  async GET(request, { params }) {
    const { site: id } = await params;
    const stored = loadSite(database(), id);
    if (!stored) return noSuchSite();
    const owner = ownerOf(new URL(request.url).searchParams);
    return Response.json({
      site: stored.site,
      standing: standingSince(database(), id, stored.revision, owner),
    });
  },

  /** Removes a site for good. */
  async DELETE(_, { params }) {
    const { site } = await params;
    stopServing(site);
    return deleteSite(database(), site) ? new Response(null, { status: 204 }) : noSuchSite();
  },
});
