import * as v from 'valibot';
import { nameSchema } from '@/core/site/name';
import { database } from '@/server/db/open';
import { readBody } from '@/server/http';
import { createSite } from '@/server/sites/create';

/** Makes an empty site. */
export async function POST(request: Request) {
  const body = await readBody(request, v.strictObject({ name: nameSchema }));
  if (!body.ok) return body.response;
  return Response.json({ id: createSite(database(), body.value.name, new Date()) }, { status: 201 });
}
