import * as v from 'valibot';
import { idSchema } from '@/core/ids/id';
import { nameSchema } from '@/core/site/name';
import { database } from '@/server/db/open';
import { noSuchSite, readBody, route } from '@/server/http';
import { copySite, createSite } from '@/server/sites/create';

const askedSchema = v.pipe(
  v.strictObject({ name: v.optional(nameSchema), copyOf: v.optional(idSchema) }),
  v.check(
    ({ name, copyOf }) => (name === undefined) !== (copyOf === undefined),
    'A new site has either a name or a site that it is a copy of.',
  ),
);

export const { GET, POST, PUT, PATCH, DELETE } = route({
  /** Makes an empty site, or one that is as another one stands. */
  async POST(request) {
    const body = await readBody(request, askedSchema);
    if (!body.ok) return body.response;
    const now = new Date();
    const { name, copyOf } = body.value;
    const id = copyOf === undefined ? createSite(database(), name!, now) : copySite(database(), copyOf, now);
    return id === null ? noSuchSite() : Response.json({ id }, { status: 201 });
  },
});
