import * as v from 'valibot';
import { database } from '@/server/db/open';
import { readBody, route } from '@/server/http';
import { commitHistory } from '@/server/sites/commit';
import { commitResponse } from '@/server/sites/commit-response';
import { requestEntries } from '@/server/sites/request';

const bodySchema = v.strictObject({ ...requestEntries, kind: v.picklist(['undo', 'redo']) });

export const { GET, POST, PUT, PATCH, DELETE } = route<{ params: Promise<{ site: string }> }>({
  /** Takes the last gesture of a window back, or does it again. */
  async POST(request, { params }) {
    const body = await readBody(request, bodySchema);
    if (!body.ok) return body.response;
    return commitResponse(commitHistory(database(), (await params).site, body.value, new Date()));
  },
});
