import * as v from 'valibot';
import { editSchema } from '@/core/edit';
import { database } from '@/server/db/open';
import { readBody } from '@/server/http';
import { commitEdits } from '@/server/sites/commit';
import { commitResponse } from '@/server/sites/commit-response';

const bodySchema = v.strictObject({
  base: v.pipe(v.number(), v.integer(), v.minValue(0)),
  edits: v.pipe(v.array(editSchema), v.minLength(1, 'There is no edit in this request.'), v.maxLength(5000)),
  group: v.nullable(v.pipe(v.string(), v.maxLength(40))),
  batch: v.pipe(v.string(), v.minLength(1), v.maxLength(40)),
});

/** Applies edits, all or none. */
export async function POST(request: Request, { params }: { params: Promise<{ site: string }> }) {
  const body = await readBody(request, bodySchema);
  if (!body.ok) return body.response;
  return commitResponse(commitEdits(database(), (await params).site, body.value, new Date()));
}
