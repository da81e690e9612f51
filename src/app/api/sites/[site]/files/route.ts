import { database } from '@/server/db/open';
import { lines, noSuchSite, route } from '@/server/http';
import { listFiles } from '@/server/jobs/handover';
import { loadSite } from '@/server/sites/store';

export const { GET, POST, PUT, PATCH, DELETE } = route<{ params: Promise<{ site: string }> }>({
  /** The files of the hand-over with their sizes, told line by line while they are rendered. */
  async GET(_, { params }) {
    const { site } = await params;
    return loadSite(database(), site) ? lines(listFiles(site)) : noSuchSite();
  },
});
