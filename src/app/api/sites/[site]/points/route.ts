import { pointBodySchema } from '@/core/comparing/saved-point';
import { database } from '@/server/db/open';
import { noSuchSite, readBody, route } from '@/server/http';
import { keepPoint, listPoints } from '@/server/sites/points';
import { loadSite } from '@/server/sites/store';

export const { GET, POST, PUT, PATCH, DELETE } = route<{ params: Promise<{ site: string }> }>({
  /** The saved points of a site, the last first. */
  async GET(_, { params }) {
    const { site } = await params;
    return loadSite(database(), site)
      ? Response.json({ points: listPoints(database(), site) })
      : noSuchSite();
  },

  /** Makes a saved point of the site as it stands on disk. */
  async POST(request, { params }) {
    const body = await readBody(request, pointBodySchema);
    if (!body.ok) return body.response;
    const stored = loadSite(database(), (await params).site);
    if (!stored) return noSuchSite();
    const { site: document, revision } = stored;
    const said = { site: document.id, document, name: body.value.name, made: 'byHand' as const, revision };
    return Response.json({ point: keepPoint(database(), said, new Date()) });
  },
});
