import { database } from '@/server/db/open';
import { answerAt, serveAt } from '@/server/handover/serve';
import { route } from '@/server/http';

type Context = { params: Promise<{ site: string; path: string[] }> };

export const { GET, POST, PUT, PATCH, DELETE } = route<Context>({
  /** A preview frame: its pages are sent by the workbench, everything else comes from what is stored. */
  async GET(request, { params }) {
    const { site, path } = await params;
    return serveAt(database(), request, 'frame', site, path);
  },
  /** What a page of the site sends: a newsletter, which is answered as a service would. */
  async POST(request, { params }) {
    const { site, path } = await params;
    return answerAt(request, site, path);
  },
});
