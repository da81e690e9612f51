import * as v from 'valibot';
import { nameSchema } from '@/core/site/name';
import { database } from '@/server/db/open';
import { readBody, route } from '@/server/http';
import { createSite } from '@/server/sites/create';

export const { GET, POST, PUT, PATCH, DELETE } = route({
  /** Makes an empty site. */
  async POST(request) {
    const body = await readBody(request, v.strictObject({ name: nameSchema }));
    if (!body.ok) return body.response;
    return Response.json({ id: createSite(database(), body.value.name, new Date()) }, { status: 201 });
  },
});
