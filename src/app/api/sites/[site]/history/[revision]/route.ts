import * as v from 'valibot';
import { database } from '@/server/db/open';
import { noSuchSite, refusal, route } from '@/server/http';
import { siteAround } from '@/server/sites/past';

const revisionSchema = v.pipe(v.string(), v.digits(), v.transform(Number));

export const { GET, POST, PUT, PATCH, DELETE } = route<{
  params: Promise<{ site: string; revision: string }>;
}>({
  /** The document before a gesture and after it: `?from=` its first revision, where it brought several. */
  async GET(request, { params }) {
    const { site, revision } = await params;
    const to = v.safeParse(revisionSchema, revision);
    const from = v.safeParse(revisionSchema, new URL(request.url).searchParams.get('from') ?? revision);
    if (!to.success || !from.success) return refusal(400, 'A revision is a whole number.');
    const found = await siteAround(database(), site, from.output, to.output);
    if (!found) return noSuchSite();
    return found.ok
      ? Response.json({ before: found.before, after: found.after })
      : refusal(404, found.reason);
  },
});
