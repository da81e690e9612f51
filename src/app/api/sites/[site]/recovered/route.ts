import { database } from '@/server/db/open';
import { refusal, route } from '@/server/http';
import { recoverSite } from '@/server/sites/recovery';

export const { GET, POST, PUT, PATCH, DELETE } = route<{ params: Promise<{ site: string }> }>({
  /** Puts the last readable revision of a site that cannot be read beside it, as a site of its own. */
  async POST(_, { params }) {
    const recovered = await recoverSite(database(), (await params).site, new Date());
    return recovered.ok
      ? Response.json({ id: recovered.id, revision: recovered.revision }, { status: 201 })
      : refusal(409, recovered.reason);
  },
});
