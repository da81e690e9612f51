import { MOST_SITE_FILE } from '@/core/site/file-limits';
import { database } from '@/server/db/open';
import { jsonBytes, problemsRefusal, refusal, route } from '@/server/http';
import { lookThrough } from '@/server/jobs/looking';
import { keepSiteFile } from '@/server/sites/create';

export const { GET, POST, PUT, PATCH, DELETE } = route({
  /** Opens a site file as a new site. */
  async POST(request) {
    const bytes = await jsonBytes(request, MOST_SITE_FILE);
    if (!bytes.ok) return bytes.response;
    const looked = await lookThrough(bytes.value);
    if (looked.ok)
      return Response.json({ id: keepSiteFile(database(), looked, new Date()) }, { status: 201 });
    return looked.problems ? problemsRefusal(looked.problems) : refusal(422, looked.reason);
  },
});
