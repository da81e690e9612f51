import * as v from 'valibot';
import { pointNameSchema } from '@/core/comparing/saved-point';
import { editSchema } from '@/core/edit';
import { database } from '@/server/db/open';
import { readBody, route } from '@/server/http';
import { commitEdits } from '@/server/sites/commit';
import { commitResponse } from '@/server/sites/commit-response';
import { requestEntries } from '@/server/sites/request';

const bodySchema = v.strictObject({
  ...requestEntries,
  edits: v.pipe(v.array(editSchema), v.minLength(1, 'There is no edit in this request.'), v.maxLength(5000)),
  group: v.nullable(v.pipe(v.string(), v.maxLength(40))),
  point: v.optional(v.nullable(pointNameSchema), null),
});

export const { GET, POST, PUT, PATCH, DELETE } = route<{ params: Promise<{ site: string }> }>({
  /** Applies edits, all or none. */
  async POST(request, { params }) {
    const body = await readBody(request, bodySchema);
    if (!body.ok) return body.response;
    return commitResponse(commitEdits(database(), (await params).site, body.value, new Date()));
  },
});
