import * as v from 'valibot';
import { idSchema } from '@/core/ids/id';
import { database } from '@/server/db/open';
import { noSuchSite, readBody, refusal, route } from '@/server/http';
import { commitHistory } from '@/server/sites/commit';
import { commitReturn } from '@/server/sites/commit-return';
import { commitResponse } from '@/server/sites/commit-response';
import { pastEdits } from '@/server/sites/past';
import { loadSite } from '@/server/sites/store';
import { requestEntries } from '@/server/sites/request';

const bodySchema = v.variant('kind', [
  v.strictObject({ ...requestEntries, kind: v.picklist(['undo', 'redo']) }),
  v.strictObject({ ...requestEntries, kind: v.literal('return'), point: idSchema }),
]);

/** The revision before which something is asked for: all of them where none is said. */
const beforeSchema = v.nullish(
  v.pipe(v.string(), v.digits(), v.transform(Number)),
  String(Number.MAX_SAFE_INTEGER),
);

export const { GET, POST, PUT, PATCH, DELETE } = route<{ params: Promise<{ site: string }> }>({
  /** What was done to the site, the last first; `?before=` a revision. */
  async GET(request, { params }) {
    const { site } = await params;
    const before = v.safeParse(beforeSchema, new URL(request.url).searchParams.get('before'));
    if (!before.success) return refusal(400, '“before” is a revision: a whole number.');
    return loadSite(database(), site)
      ? Response.json(pastEdits(database(), site, before.output))
      : noSuchSite();
  },

  /** Takes the last gesture of a window back, does it again, or goes back to a saved point. */
  async POST(request, { params }) {
    const body = await readBody(request, bodySchema);
    if (!body.ok) return body.response;
    const { site } = await params;
    const { value } = body;
    return commitResponse(
      value.kind === 'return'
        ? commitReturn(database(), site, value, new Date())
        : commitHistory(database(), site, value, new Date()),
    );
  },
});
