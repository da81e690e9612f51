import * as v from 'valibot';
import { idSchema } from '@/core/ids/id';
import { database } from '@/server/db/open';
import { readBody, route } from '@/server/http';
import { commitHistory } from '@/server/sites/commit';
import { commitReturn } from '@/server/sites/commit-return';
import { commitResponse } from '@/server/sites/commit-response';
import { requestEntries } from '@/server/sites/request';

const bodySchema = v.variant('kind', [
  v.strictObject({ ...requestEntries, kind: v.picklist(['undo', 'redo']) }),
  v.strictObject({ ...requestEntries, kind: v.literal('return'), point: idSchema }),
]);

export const { GET, POST, PUT, PATCH, DELETE } = route<{ params: Promise<{ site: string }> }>({
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
