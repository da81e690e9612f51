import * as v from 'valibot';
import { noteSchema } from '@/core/render/release-news';
import { database } from '@/server/db/open';
import { lines, noSuchSite, readBody, route } from '@/server/http';
import { makeRelease } from '@/server/jobs/handover';
import { hostingOf } from '@/server/releases/publishing';
import { listReleases } from '@/server/releases/releases';
import { loadSite } from '@/server/sites/store';

const bodySchema = v.strictObject({
  revision: v.pipe(v.number(), v.integer(), v.minValue(0)),
  note: noteSchema,
});

export const { GET, POST, PUT, PATCH, DELETE } = route<{ params: Promise<{ site: string }> }>({
  /** The releases of a site, the last first, and where it stands on the practice host. */
  async GET(_, { params }) {
    const { site } = await params;
    const db = database();
    return loadSite(db, site)
      ? Response.json({ releases: listReleases(db, site), hosting: hostingOf(db, site) })
      : noSuchSite();
  },

  /** Makes a release of a site as it stands at a revision, and tells line by line how far it is. */
  async POST(request, { params }) {
    const body = await readBody(request, bodySchema);
    if (!body.ok) return body.response;
    const { site } = await params;
    const { revision, note } = body.value;
    return loadSite(database(), site) ? lines(makeRelease(site, revision, note)) : noSuchSite();
  },
});
