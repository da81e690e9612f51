import { database } from '@/server/db/open';
import { answerAt, serveAt } from '@/server/handover/serve';
import { route } from '@/server/http';

type Context = { params: Promise<{ site: string; path: string[] }> };

export const { GET, POST, PUT, PATCH, DELETE } = route<Context>({
  /** The site as it will be handed over, met in other circumstances, in a frame that is told where one is. */
  async GET(request, { params }) {
    const { site, path } = await params;
    return serveAt(database(), request, 'tried', site, path);
  },
  /** What a page of the site sends: a newsletter, which is answered as a service would. */
  async POST(request, { params }) {
    const { site, path } = await params;
    return answerAt(request, site, path);
  },
});
