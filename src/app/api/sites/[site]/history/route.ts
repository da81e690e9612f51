import * as v from 'valibot';
import { database } from '@/server/db/open';
import { readBody } from '@/server/http';
import { commitHistory } from '@/server/sites/commit';
import { commitResponse } from '@/server/sites/commit-response';

const bodySchema = v.strictObject({
  base: v.pipe(v.number(), v.integer(), v.minValue(0)),
  step: v.picklist(['undo', 'redo']),
});

/** Takes the last gesture back, or does it again. */
export async function POST(request: Request, { params }: { params: Promise<{ site: string }> }) {
  const body = await readBody(request, bodySchema);
  if (!body.ok) return body.response;
  return commitResponse(
    commitHistory(database(), (await params).site, body.value.base, body.value.step, new Date()),
  );
}
