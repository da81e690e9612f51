import { database } from '@/server/db/open';
import { refusal, route } from '@/server/http';
import { siteAtPoint } from '@/server/sites/point-documents';
import { pointAt, removePoint } from '@/server/sites/points';

const noSuchPoint = () => refusal(404, 'This saved point is no longer there.');

export const { GET, POST, PUT, PATCH, DELETE } = route<{
  params: Promise<{ site: string; point: string }>;
}>({
  /** The document of a saved point, in the form of this version. */
  async GET(_, { params }) {
    const { site, point } = await params;
    const document = siteAtPoint(database(), site, point);
    return document ? Response.json({ site: document }) : noSuchPoint();
  },

  /** Removes a saved point; one of a release stays as long as the release does. */
  async DELETE(_, { params }) {
    const { site, point } = await params;
    const found = pointAt(database(), site, point);
    if (!found) return noSuchPoint();
    if (found.made === 'release')
      return refusal(422, `“${found.name}” belongs to a release, and goes with it.`);
    removePoint(database(), site, point);
    return Response.json({});
  },
});
