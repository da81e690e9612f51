import { database } from '@/server/db/open';
import { noSuchSite, refusal, route } from '@/server/http';
import { standingSince } from '@/server/sites/commit';
import { ownerOf } from '@/server/sites/request';

export const { GET, POST, PUT, PATCH, DELETE } = route<{ params: Promise<{ site: string }> }>({
  /** What came after the revision `since`. */
  async GET(request, { params }) {
    const asked = new URL(request.url).searchParams;
    const since = Number(asked.get('since'));
    if (!Number.isInteger(since) || since < 0)
      return refusal(400, '“since” has to be the number of a revision.');
    const standing = standingSince(database(), (await params).site, since, ownerOf(asked));
    return standing ? Response.json({ standing }) : noSuchSite();
  },
});
